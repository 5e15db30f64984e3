import { takenStraight } from '@eveningtide/core/coverage';
import { suppliesName } from '@eveningtide/core/materials';
import { measuredOf, readableMl, takenWords } from '@eveningtide/core/mixing';
import type { Piece, Step } from '@eveningtide/core/subjects';
import type { Shown } from '../ui/shown.js';
import type { useBench } from './use-bench.js';

/** The least that is read off a syringe or poured by eye, mL (our number). */
const LEAST_ML = 0.5;

/** What a step takes straight from jar, can or bottle, each as a person takes it: a pinch of powder, so many spoons or ml, a brush tip. */
export function directWords(
  step: Step,
  piece: Piece,
  { supplies, mixes, droppers, measuring }: ReturnType<typeof useBench>,
  shown: Pick<Shown, 'text'>,
): { amount: string; name: string }[] {
  return takenStraight(step, piece, { supplies, mixes, droppers }).map((portion) => {
    const volume = (ml: number): string => shown.text(Math.max(LEAST_ML, readableMl(ml)), 'volume');
    const amount = takenWords(portion.ml, measuredOf(portion, supplies, droppers), measuring, volume);
    return { amount, name: suppliesName(portion, supplies) };
  });
}
