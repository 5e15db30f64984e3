import { hexOfLab, labOf } from '../colour/index.js';
import { LONGEST_NAME, MOST_ML } from '../limits/index.js';
import type { Supplies } from '../materials/index.js';
import { US_FL_OZ_ML } from '../units/index.js';
import { meantBy, stems, thingsOf } from './things.js';
import { COLOUR_WORDS, SHADE_WORDS } from './words.js';

/** A bottle as a line of a list tells it. */
export interface ReadPaint {
  name: string;
  /** Id of a kind; null where no word of the line names one. */
  material: string | null;
  /** #rrggbb; null where neither a figure nor a word tells it. */
  colour: string | null;
  sizeMl: number | null;
  leftMl: number | null;
}

const HEX = /#[0-9a-f]{6}\b/i;
/** Millilitres to one of each unit. */
const UNIT_ML = { ml: 1, cl: 10, dl: 100, l: 1000, oz: US_FL_OZ_ML } as const;
const isUnit = (unit: string): unit is keyof typeof UNIT_ML => Object.hasOwn(UNIT_ML, unit);
const SIZE = /(\d+(?:[.,]\d+)?)\s*(ml|cl|dl|l|oz)\b\.?/i;
const BARE_FIGURE = /^\d+(?:[.,]\d+)?$/;
const SHARE_LEFT = /(\d{1,3})\s*%\s*(?:(?:left|full)\b|$)/i;
/** How full, in words that end a cell: “Brass, new”, but not “New leather”. Figures ours. */
const LEFT_WORDS: readonly (readonly [RegExp, number])[] = [
  [/\bhalf(?:[\s-]*(?:full|empty|left))?\s*$/i, 0.5],
  [/\b(?:nearly|almost)\s+empty\s*$/i, 0.1],
  [/\bempty\s*$/i, 0],
  [/\b(?:new|full|unopened)\s*$/i, 1],
];

const number = (text: string): number => Number(text.replace(',', '.'));

/** Takes what a pattern finds out of the words, so that it is not read a second time. */
function taken(words: string[], pattern: RegExp): RegExpExecArray | null {
  for (const [i, text] of words.entries()) {
    const match = pattern.exec(text);
    if (!match) continue;
    words[i] = (text.slice(0, match.index) + text.slice(match.index + match[0].length)).replace(/\s{2,}/g, ' ').trim();
    return match;
  }
  return null;
}

/** A colour by its word, darker or lighter where that is said: `dark grey`. The last one counts: `rust red` is a red. */
function colourOf(words: readonly string[]): string | null {
  const named = words.findLast((word) => COLOUR_WORDS[word] !== undefined);
  const colour = named === undefined ? undefined : COLOUR_WORDS[named];
  if (colour === undefined) return null;
  const shift = words.reduce((sum, word) => sum + (SHADE_WORDS[word] ?? 0), 0);
  if (shift === 0) return colour;
  const lab = labOf(colour);
  return hexOfLab({ ...lab, l: Math.max(5, Math.min(97, lab.l + shift)) });
}

function sizeOf(cells: string[]): number | null {
  const told = taken(cells, SIZE);
  const bare = told ? null : taken(cells, BARE_FIGURE);
  const unit = told?.[2]?.toLowerCase() ?? '';
  const ml = told ? number(told[1] ?? '') * (isUnit(unit) ? UNIT_ML[unit] : 1) : bare ? number(bare[0]) : NaN;
  return Number.isFinite(ml) && ml > 0 && ml <= MOST_ML ? Math.round(ml * 10) / 10 : null;
}

function shareLeft(cells: string[]): number | null {
  const share = taken(cells, SHARE_LEFT);
  if (share) return Math.min(1, number(share[1] ?? '') / 100);
  return LEFT_WORDS.find(([pattern]) => taken(cells, pattern) !== null)?.[1] ?? null;
}

/**
 * Reads a line of a paint list, its cells apart where it came from a table: `Dark rust wash, enamel, 35 ml, half full`. Its first words are the name; kind and
 * colour are guessed from all of them and are to be looked at. Null where nothing is left that could be a name. Never throws.
 */
export function readPaint(cells: readonly string[], supplies: Supplies): ReadPaint | null {
  const left = cells.map((cell) => cell.trim());
  const hex = taken(left, HEX);
  const sizeMl = sizeOf(left);
  const share = shareLeft(left);
  // a second figure beside the size is what is left of it
  const second = sizeMl === null || share !== null ? null : taken(left, BARE_FIGURE);
  const leftMl = sizeMl === null ? null : second ? Math.min(number(second[0]), sizeMl) : Math.round(sizeMl * (share ?? 1) * 10) / 10;
  const texts = left.map((text) => text.replace(/^[\s,;:.–-]+|[\s,;:–-]+$/g, '')).filter((text) => /\p{L}/u.test(text));
  const name = (texts[0] ?? '').slice(0, LONGEST_NAME).trim();
  if (name === '') return null;
  const words = stems(texts.join(' '));
  const kinds = thingsOf(supplies).filter(({ bottleId }) => bottleId === null);
  return {
    name,
    material: meantBy(words, kinds)?.thing.material ?? null,
    colour: hex ? hex[0].toLowerCase() : colourOf(words),
    sizeMl,
    leftMl,
  };
}

/** Words that head the columns of a table rather than stand in one of its lines. */
const HEADS: ReadonlySet<string> = new Set([
  'name',
  'paint',
  'kind',
  'type',
  'colour',
  'color',
  'size',
  'ml',
  'left',
  'amount',
  'note',
  'price',
  'hold',
  'stand',
  'opened',
  'tried',
  'on',
]);

/** Whether a line names columns: all that stands in it are such words. */
export const isHeading = (cells: readonly string[]): boolean => {
  const words = stems(cells.join(' '));
  return words.length > 1 && words.every((word) => HEADS.has(word));
};
