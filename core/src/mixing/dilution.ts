import { MATERIALS, isMaterialId, materialById } from '../materials/index.js';
import { formatNumber } from '../units/index.js';

/** Paint and thinner by volume (`parts`: paint first), or drops of paint in a volume of thinner. */
export type Dilution = { thinner: string; parts: [number, number] } | { thinner: string; drops: number; inMl: number };

/** Liquids whose drops differ in size. */
export const DROP_LIQUIDS = ['water', 'alcohol', 'spirit', 'hot'] as const;
export type DropLiquid = (typeof DROP_LIQUIDS)[number];

/** Water's drop from a common dropper: about 20 to the mL (common practice). Alcohol's is smaller. */
export const DROPS_PER_ML: Readonly<Record<DropLiquid, number>> = { water: 20, alcohol: 40, spirit: 35, hot: 40 };

/** A problem in what was typed: which field, what it holds, what is allowed. */
export interface Problem {
  field: string;
  value: string;
  allowed: string;
}

export type Parsed<T> = { ok: true; value: T } | { ok: false; problem: Problem };

const fail = (value: string, allowed: string, field = 'dilution'): { ok: false; problem: Problem } => ({
  ok: false,
  problem: { field, value, allowed },
});

const NUMBER = String.raw`\d+(?:[.,]\d+)?`;
const RATIO = new RegExp(String.raw`^(${NUMBER})\s*:\s*(${NUMBER})\s+(.+)$`);
const PERCENT = new RegExp(String.raw`^(${NUMBER})\s*%\s+(.+)$`);
const DROPS = new RegExp(String.raw`^(${NUMBER})\s+drops?\s+in\s+(${NUMBER})\s*ml\s+(.+)$`, 'i');

const number = (text: string): number => Number(text.replace(',', '.'));

const fold = (text: string): string => text.toLowerCase().replace(/[^a-z0-9]/g, '');

/** Thinners by folded name and id, so that `isopropanol 70 %` and `isopropanol-70` are the same. */
const THINNERS = new Map(
  MATERIALS.filter((m) => m.role === 'thinner').flatMap((m) => [[fold(m.id), m.id] as const, [fold(m.name), m.id] as const]),
);

const THINNER_NAMES =
  'one of: ' +
  MATERIALS.filter((m) => m.role === 'thinner')
    .map((m) => m.name.toLowerCase())
    .join(', ');

/**
 * Reads `1 : 2 white spirit` (paint : thinner), `25 % water` (thinner's share of the mix), `9 drops in 20 ml isopropanol 70 %`,
 * or `neat` (null). The unit of drops is a drop of the paint.
 */
// eslint-disable-next-line complexity -- three ways to write it, told apart once
export function parseDilution(text: string): Parsed<Dilution | null> {
  const typed = text.trim();
  if (typed === '' || typed.toLowerCase() === 'neat') return { ok: true, value: null };
  const ratio = RATIO.exec(typed);
  const percent = PERCENT.exec(typed);
  const drops = DROPS.exec(typed);
  const thinnerText = ratio?.[3] ?? percent?.[2] ?? drops?.[3];
  if (thinnerText === undefined) return fail(typed, 'neat, “1 : 2 white spirit”, “25 % water” or “9 drops in 20 ml isopropanol 70 %”');
  const thinner = THINNERS.get(fold(thinnerText));
  if (!thinner) return fail(thinnerText.trim(), THINNER_NAMES, 'thinner');
  if (ratio) return checked({ thinner, parts: [number(ratio[1] ?? ''), number(ratio[2] ?? '')] }, typed);
  if (percent) {
    const share = number(percent[1] ?? '');
    return share >= 100 ? fail(typed, 'thinner below 100 %') : checked({ thinner, parts: [100 - share, share] }, typed);
  }
  return checked({ thinner, drops: number(drops?.[1] ?? ''), inMl: number(drops?.[2] ?? '') }, typed);
}

function checked(dilution: Dilution, typed: string): Parsed<Dilution> {
  const problem = dilutionProblem(dilution);
  return problem ? fail(typed, problem.allowed, problem.field) : { ok: true, value: dilution };
}

/** What is wrong with a dilution that did not come through the parser; null when it is sound. */
export function dilutionProblem(dilution: Dilution): Problem | null {
  if (!isMaterialId(dilution.thinner) || materialById(dilution.thinner).role !== 'thinner')
    return { field: 'thinner', value: dilution.thinner, allowed: THINNER_NAMES };
  const amounts = 'parts' in dilution ? dilution.parts : [dilution.drops, dilution.inMl];
  const good =
    amounts.every((n) => Number.isFinite(n) && n >= 0 && n <= 1000) && (amounts[0] ?? 0) > 0 && ('parts' in dilution || dilution.inMl > 0);
  return good ? null : { field: 'dilution', value: amounts.join(' : '), allowed: 'numbers above 0 (thinner may be 0) and up to 1000' };
}

/** The words for a dilution; `parseDilution` reads them back to the same. */
export function formatDilution(dilution: Dilution | null): string {
  if (!dilution) return 'neat';
  const thinner = materialById(dilution.thinner).name.toLowerCase();
  if ('parts' in dilution) return `${formatNumber(dilution.parts[0], 4)} : ${formatNumber(dilution.parts[1], 4)} ${thinner}`;
  return `${formatNumber(dilution.drops, 4)} ${dilution.drops === 1 ? 'drop' : 'drops'} in ${formatNumber(dilution.inMl, 4)} ml ${thinner}`;
}

/** The dilution as parts that sum to 1: paint, thinner. `dropsPerMl` is the paint's. */
export function dilutionShares(dilution: Dilution | null, dropsPerMl = DROPS_PER_ML.water): { paint: number; thinner: number } {
  if (!dilution) return { paint: 1, thinner: 0 };
  const [paint, thinner] = 'parts' in dilution ? dilution.parts : [dilution.drops / dropsPerMl, dilution.inMl];
  return { paint: paint / (paint + thinner), thinner: thinner / (paint + thinner) };
}
