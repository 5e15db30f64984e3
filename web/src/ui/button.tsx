import type { ButtonHTMLAttributes, Ref } from 'react';

type Look = 'plain' | 'ink' | 'brick' | 'quiet';

const LOOKS: Record<Look, string> = {
  plain: 'border border-line-strong bg-transparent hover:bg-paper',
  ink: 'border border-ink bg-ink text-paper hover:bg-ink-2',
  brick: 'border border-brick bg-brick text-paper hover:bg-ink',
  quiet: 'border border-transparent hover:bg-ground',
};

/** The one button. `small` stands in rows. */
export function Button({
  look = 'plain',
  small = false,
  className = '',
  ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & { look?: Look; small?: boolean; ref?: Ref<HTMLButtonElement> }) {
  const size = small ? 'min-h-[1.625rem] px-2 text-[0.8125rem]' : 'min-h-[2rem] px-3';
  return (
    <button
      type="button"
      {...rest}
      className={`inline-flex items-center gap-1.5 rounded-sm font-semibold whitespace-nowrap disabled:opacity-50 ${size} ${LOOKS[look]} ${className}`}
    />
  );
}
