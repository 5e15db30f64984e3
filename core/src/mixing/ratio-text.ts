import { formatNumber } from '../units/index.js';
import type { Parsed } from './dilution.js';

/** So many components at most. */
export const MOST_COMPONENTS = 5;
const SEPARATOR = /\s*[:/]\s*/;
const NUMBER = /^\d+(?:[.,]\d+)?$/;

/** Reads `3 : 2 : 1` or `3/2/1`: parts by volume, two to five of them. */
export function parseRatio(text: string): Parsed<number[]> {
  const typed = text.trim();
  const words = typed.split(SEPARATOR);
  const parts = words.map((word) => (NUMBER.test(word) ? Number(word.replace(',', '.')) : NaN));
  const good =
    words.length >= 2 &&
    words.length <= MOST_COMPONENTS &&
    parts.every((part) => part >= 0 && part <= 1000) &&
    parts.some((part) => part > 0);
  if (good) return { ok: true, value: parts };
  return {
    ok: false,
    problem: { field: 'ratio', value: typed, allowed: 'two to five numbers of 0–1000 with colons between, such as 3 : 2 : 1' },
  };
}

export const formatRatio = (parts: readonly number[]): string => parts.map((part) => formatNumber(part, 2)).join(' : ');
