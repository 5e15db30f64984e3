import { LONGEST_TEXT } from '@eveningtide/core/limits';
import { completionOf } from '@eveningtide/core/step-line';
import type { InputHTMLAttributes } from 'react';

interface LineInputProps extends Omit<InputHTMLAttributes<HTMLInputElement>, 'value' | 'onChange'> {
  text: string;
  /** What may be meant, the likeliest first. */
  names: readonly string[];
  onText: (text: string) => void;
}

/** A line that is typed; what is missing of a name stands behind it in grey, and the right arrow takes it. */
export function LineInput({ text, names, onText, id, ...rest }: LineInputProps) {
  const missing = completionOf(text, names);
  return (
    <span className="relative min-w-0 flex-1">
      <input
        {...rest}
        id={id}
        className="field w-full"
        autoComplete="off"
        maxLength={LONGEST_TEXT}
        value={text}
        onChange={(event) => {
          onText(event.target.value);
        }}
        onKeyDown={(event) => {
          const { selectionStart, selectionEnd, value } = event.currentTarget;
          if (event.key !== 'ArrowRight' || missing === '' || selectionStart !== value.length || selectionEnd !== value.length) return;
          event.preventDefault();
          onText(`${text}${missing} `);
        }}
      />
      {missing !== '' && (
        <span
          aria-hidden="true"
          className="pointer-events-none absolute inset-0 flex items-center overflow-hidden border border-transparent px-2 whitespace-pre"
        >
          <span className="invisible">{text}</span>
          <span className="text-ink-3">{missing}</span>
          <kbd className="ml-2 border border-line px-1 text-[0.8125rem] text-ink-3">→</kbd>
        </span>
      )}
      {missing !== '' && <span className="sr-only">Right arrow completes: {`${text.split(/\s+/).at(-1) ?? ''}${missing}`}</span>}
    </span>
  );
}
