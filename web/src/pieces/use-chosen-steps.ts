import type { Step } from '@eveningtide/core/subjects';
import { useState, type MouseEvent } from 'react';

/** Which steps are chosen for something that is done to several; null: none is to be chosen now. */
export function useChosenSteps(steps: readonly Step[]) {
  const [ids, setIds] = useState<readonly string[] | null>(null);
  const [lastId, setLast] = useState<string | null>(null);
  const toggle = (id: string) => {
    const now = ids ?? [];
    setIds(now.includes(id) ? now.filter((one) => one !== id) : [...now, id]);
    setLast(id);
  };
  return {
    isChoosing: ids !== null,
    isChosen: (id: string): boolean => ids?.includes(id) ?? false,
    /** In the order of the sequence. */
    chosen: steps.filter(({ id }) => ids?.includes(id)),
    choose: setIds,
    toggle,
    /** A press with Control chooses one more, with Shift all from the last one on; true where the press was one of these. */
    pressed: (id: string, event: Pick<MouseEvent, 'ctrlKey' | 'metaKey' | 'shiftKey'>): boolean => {
      if (event.ctrlKey || event.metaKey) toggle(id);
      else if (event.shiftKey) {
        const at = (of: string | null) => steps.findIndex((step) => step.id === of);
        const [from, to] = [at(lastId ?? id), at(id)].sort((a, b) => a - b) as [number, number];
        setIds([...new Set([...(ids ?? []), ...steps.slice(Math.max(0, from), to + 1).map((step) => step.id)])]);
        setLast(id);
      } else return false;
      return true;
    },
  };
}
