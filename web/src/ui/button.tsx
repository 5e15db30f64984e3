import type { ButtonHTMLAttributes, Ref } from 'react';

type Look = 'plain' | 'ink' | 'brick' | 'quiet';

const LOOKS: Record<Look, string> = {
  plain: 'border border-line-strong bg-transparent hover:bg-paper',
  ink: 'border border-ink bg-ink text-paper hover:bg-ink-2',
  brick: 'border border-brick bg-brick text-paper hover:bg-ink',
  quiet: 'border border-transparent hover:bg-ground',
};

/** How a button of a look and a size is drawn: also for what opens something. */
export const buttonClass = ({ look = 'plain', small = false }: { look?: Look; small?: boolean } = {}): string =>
  `inline-flex items-center gap-1.5 rounded-sm font-semibold whitespace-nowrap disabled:opacity-50 ${small ? 'min-h-[1.625rem] px-2 text-[0.8125rem]' : 'min-h-[2rem] px-3'} ${LOOKS[look]}`;

/** The one button. `small` stands in rows. */
export function Button({
  look = 'plain',
  small = false,
  className = '',
  ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & { look?: Look; small?: boolean; ref?: Ref<HTMLButtonElement> }) {
  return <button type="button" {...rest} className={`${buttonClass({ look, small })} ${className}`} />;
}
