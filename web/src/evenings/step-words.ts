import { operationOf } from '@eveningtide/core/schedule';
import { techniqueById } from '@eveningtide/core/techniques';
import { usePlan } from '../workers/outlook-context.js';

/** A step of the plan in words: `Salt van 14: wash`, with the coat where there are several. */
export function useStepWords(): (id: string, numbered?: boolean) => string {
  const { outlook, given } = usePlan();
  return (id, numbered = false) => {
    const { pieceId, stepIndex, sitting } = operationOf(id);
    const piece = given?.pieces.find((one) => one.id === pieceId);
    const step = outlook?.pieces.find((one) => one.pieceId === pieceId)?.steps[stepIndex];
    const what = step ? techniqueById(step.technique).name.toLowerCase() : `step ${String(stepIndex + 1)}`;
    return `${piece?.name ?? pieceId}${numbered ? `, step ${String(stepIndex + 1)}` : ''}: ${what}${sitting > 0 ? `, coat ${String(sitting + 1)}` : ''}`;
  };
}
