import type { Bottle } from '../materials/index.js';
import type { Parsed } from '../mixing/index.js';

const NUMBER = /^\d+(?:[.,]\d+)?$/;
const PERCENT = /^(\d+(?:[.,]\d+)?)\s*%$/;
const FRACTION = /^(\d{1,2})\s*\/\s*(\d{1,2})$/;
const ALLOWED = 'an amount, a share such as 40 % or 1/2, “full” or “empty”';

const number = (text: string): number => Number(text.replace(',', '.'));

/**
 * What a painter types who looks at a bottle: `12.5`, `40 %`, `1/2`, `full`, `empty`. Amounts are in the unit that `toMl` turns into
 * millilitres. Shares need to know how much it holds.
 */
export function readCount(text: string, { sizeMl }: Pick<Bottle, 'sizeMl'>, toMl: (amount: number) => number = (ml) => ml): Parsed<number> {
  const typed = text.trim().toLowerCase();
  const refused = (allowed: string): Parsed<number> => ({ ok: false, problem: { field: 'left', value: text.trim(), allowed } });
  if (typed === 'empty') return { ok: true, value: 0 };
  if (NUMBER.test(typed)) {
    const ml = toMl(number(typed));
    return sizeMl !== null && ml > sizeMl + 1e-9 ? refused('not more than it holds') : { ok: true, value: ml };
  }
  const share = shareOf(typed);
  if (share === null) return refused(ALLOWED);
  if (share > 1) return refused('not more than all of it');
  return sizeMl === null ? refused('an amount: it is not known how much it holds') : { ok: true, value: share * sizeMl };
}

function shareOf(typed: string): number | null {
  if (typed === 'full') return 1;
  const percent = PERCENT.exec(typed);
  if (percent) return number(percent[1] ?? '') / 100;
  const fraction = FRACTION.exec(typed);
  const [above, below] = [Number(fraction?.[1]), Number(fraction?.[2])];
  return fraction && below > 0 ? above / below : null;
}
