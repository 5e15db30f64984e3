import { suppliesName } from '@eveningtide/core/materials';
import { truerAmount, volumesOfCup, type Counted } from '@eveningtide/core/mixing';
import { cupFor, cupsToMix, type PlannedMix } from '@eveningtide/core/needs';
import { useMemo } from 'react';
import { useShown } from '../ui/shown.js';
import { useCups } from '../workers/use-of-plan.js';
import { useBench } from './use-bench.js';
import { amountWords } from './words.js';

/** A cup of the plan as it is counted out, the same wherever it is told. */
export interface CountedCup {
  mix: PlannedMix;
  /** On its label: A, B … Z, AA, AB … */
  letter: string;
  counted: Counted;
  /** `5 drops Umber wash`, one for each component. */
  words: string[];
}

const letterOf = (i: number): string => (i >= 26 ? letterOf(Math.floor(i / 26) - 1) : '') + String.fromCharCode(65 + (i % 26));

/** The cups of the plan, soonest first, as the painter counts them out; null until they are known. */
export function useCountedCups(): readonly CountedCup[] | null {
  const mixes = useCups();
  const { supplies, measured, measuring } = useBench();
  const shown = useShown();
  return useMemo(() => {
    if (!mixes) return null;
    return cupsToMix(mixes).map((mix, i) => {
      const counted = truerAmount(volumesOfCup(mix), measuring.countBy, measured(mix.components), measuring);
      const words = mix.components.map((component, k) => amountWords(counted.components[k], suppliesName(component, supplies), shown));
      return { mix, letter: letterOf(i), counted, words };
    });
  }, [mixes, measured, measuring, supplies, shown]);
}

/** The cup that a step is laid from; null where none is mixed for it. */
export function cupOf(cups: readonly CountedCup[] | null, pieceId: string, stepIndex: number): CountedCup | null {
  const mix =
    cups &&
    cupFor(
      cups.map((cup) => cup.mix),
      pieceId,
      stepIndex,
    );
  return cups?.find((cup) => cup.mix === mix) ?? null;
}

/** `5 drops Umber wash + 2 drops White spirit`, and for how many steps where it is for several. */
export const cupWords = ({ words, mix }: CountedCup): string =>
  words.join(' + ') + (mix.for.length > 1 ? `, one cup for ${String(mix.for.length)} steps` : '');
