import { operationOf, type PieceOutlook } from '@eveningtide/core/schedule';
import { techniqueById } from '@eveningtide/core/techniques';
import { partWords } from '../ui/part-words.js';
import { shareOf } from '@eveningtide/core/tonight';
import { usePlan } from '../workers/outlook-context.js';

/** Which coat and part of its step an operation is, in words; empty where it is all of it. */
export function partWordsOf(own: PieceOutlook, id: string): string {
  const { stepIndex, sitting } = operationOf(id);
  return partWords(shareOf(own.sittings[stepIndex] ?? [], sitting));
}

/** A step of the plan in words: `Salt van 14: wash`, with coat and part where there are several. */
export function useStepWords(): (id: string, numbered?: boolean) => string {
  const { outlook, given } = usePlan();
  return (id, numbered = false) => {
    const { pieceId, stepIndex } = operationOf(id);
    const piece = given?.pieces.find((one) => one.id === pieceId);
    const own = outlook?.pieces.find((one) => one.pieceId === pieceId);
    const step = own?.steps[stepIndex];
    const part = own ? partWordsOf(own, id) : '';
    const what = step ? techniqueById(step.technique).name.toLowerCase() : `step ${String(stepIndex + 1)}`;
    return `${piece?.name ?? pieceId}${numbered ? `, step ${String(stepIndex + 1)}` : ''}: ${what}${part === '' ? '' : `, ${part}`}`;
  };
}
