import { TERMS, type TermId } from '@eveningtide/core/words';
import { Popover } from 'radix-ui';
import { Link } from 'react-router';
import { TermDrawing } from './term-drawing.js';

interface TermShownProps {
  id: TermId;
  look: string;
  children: string;
  onClose: () => void;
}

/** The word with what it means beside it, until it is pressed again or left. */
export function TermShown({ id, look, children, onClose }: TermShownProps) {
  const { name, says, drawing } = TERMS[id];
  return (
    <Popover.Root
      open
      onOpenChange={(open) => {
        if (!open) onClose();
      }}
    >
      <Popover.Trigger className={look}>{children}</Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="start"
          sideOffset={4}
          aria-label={name}
          className="z-40 max-w-72 rounded-sm border border-line-strong bg-paper p-3"
        >
          <TermDrawing drawing={drawing} />
          <p className="mt-2">
            <b className="first-letter:uppercase">{name}</b>: {says}
          </p>
          <Link to="/handbook?part=words" className="mt-1 inline-block text-[0.8125rem] underline">
            All words
          </Link>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
