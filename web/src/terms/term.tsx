import type { TermId } from '@eveningtide/core/words';
import { useState } from 'react';
import { useFetchedAhead } from '../ui/when-idle.js';

const load = () => import('./term-shown.js');

/** A word of the trade: pressed, it says and draws what it means. */
export function Term({ id, children }: { id: TermId; children: string }) {
  const [open, setOpen] = useState(false);
  const code = useFetchedAhead(load, open);
  const look = 'cursor-help text-left underline decoration-dotted decoration-line-strong underline-offset-4 hover:decoration-ink';
  const plain = (
    <button
      type="button"
      aria-haspopup="dialog"
      aria-expanded={false}
      className={look}
      onClick={(event) => {
        // a word in a heading that folds must not fold it
        event.preventDefault();
        setOpen(true);
      }}
    >
      {children}
    </button>
  );
  return open && code ? (
    <code.TermShown
      id={id}
      look={look}
      onClose={() => {
        setOpen(false);
      }}
    >
      {children}
    </code.TermShown>
  ) : (
    plain
  );
}
