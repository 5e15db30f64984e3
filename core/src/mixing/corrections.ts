/**
 * A cup that is not as it should be: what goes in cannot be taken out, so whatever is too little is added until
 * the ratio is right. The component there is most of, against its part, stays as it is.
 */
export function addToReach(haveMl: readonly number[], wantedParts: readonly number[]): number[] {
  if (haveMl.length !== wantedParts.length)
    throw new RangeError(`haveMl and wantedParts must be of one length, got ${String(haveMl.length)} and ${String(wantedParts.length)}`);
  if (haveMl.some((ml) => !(ml >= 0))) throw new RangeError(`haveMl must be at least 0, got ${haveMl.join(', ')}`);
  const stranger = wantedParts.findIndex((part, i) => !(part > 0) && (haveMl[i] ?? 0) > 0);
  if (stranger >= 0) throw new RangeError(`component ${String(stranger + 1)} is in the cup and cannot be removed`);
  const scale = Math.max(0, ...haveMl.map((ml, i) => ((wantedParts[i] ?? 0) > 0 ? ml / (wantedParts[i] ?? 1) : 0)));
  return haveMl.map((ml, i) => Math.max(0, (wantedParts[i] ?? 0) * scale - ml));
}

/** How a slurry of powder in a liquid is to be. */
export const CONSISTENCIES = ['thin', 'milk', 'cream', 'paste'] as const;
export type Consistency = (typeof CONSISTENCIES)[number];

/** Loose powder to liquid, by volume (from memory: powders differ; correct as you go). */
export const SLURRY_PARTS: Record<Consistency, readonly [powder: number, liquid: number]> = {
  thin: [1, 6],
  milk: [1, 3],
  cream: [1, 1.5],
  paste: [1, 0.7],
};

/** Behaviour of each consistency (common practice). */
export const CONSISTENCY_WORDS: Record<Consistency, string> = {
  thin: 'runs like a wash and settles in the recesses',
  milk: 'flows off the brush, stains what it runs over',
  cream: 'stays where it is put, levels a little',
  paste: 'stands up in lumps and takes texture',
};

/** Powder and liquid, mL, for so much slurry. The powder's grains sink into the liquid: only their own volume adds (40 % of it is air). */
export function slurryFor(totalMl: number, consistency: Consistency): { powderMl: number; liquidMl: number } {
  if (!(totalMl > 0)) throw new RangeError(`totalMl must be above 0, got ${String(totalMl)}`);
  const [powder, liquid] = SLURRY_PARTS[consistency];
  const scale = totalMl / (powder * SOLID_SHARE + liquid);
  return { powderMl: powder * scale, liquidMl: liquid * scale };
}

/** Share of a loose powder that is grain; the rest is air (voids of about 40 %, common practice). */
const SOLID_SHARE = 0.6;

/** Volumes of a cup brought to a consistency: so much slurry in all, powders and liquids each in the ratio they stood in. */
export function atConsistency(
  volumesMl: readonly number[],
  isPowder: readonly boolean[],
  consistency: Consistency,
  totalMl: number,
): number[] {
  const made = slurryFor(totalMl, consistency);
  const sum = (powder: boolean): number => volumesMl.reduce((total, ml, i) => (isPowder[i] === powder ? total + ml : total), 0);
  const [powderMl, liquidMl] = [sum(true), sum(false)];
  if (!(powderMl > 0 && liquidMl > 0)) throw new RangeError('a slurry needs a powder and a liquid');
  return volumesMl.map((ml, i) => (isPowder[i] ? (ml / powderMl) * made.powderMl : (ml / liquidMl) * made.liquidMl));
}

/** What to add to a slurry to bring it to a consistency. */
export function slurryCorrection(
  have: { powderMl: number; liquidMl: number },
  wanted: Consistency,
): { powderMl: number; liquidMl: number } {
  const [powderMl = 0, liquidMl = 0] = addToReach([have.powderMl, have.liquidMl], SLURRY_PARTS[wanted]);
  return { powderMl, liquidMl };
}

/** The consistency that a slurry comes nearest to. */
export function consistencyOf(powderMl: number, liquidMl: number): Consistency {
  const ratio = Math.log(liquidMl / powderMl);
  const off = (consistency: Consistency): number => {
    const [powder, liquid] = SLURRY_PARTS[consistency];
    return Math.abs(Math.log(liquid / powder) - ratio);
  };
  return CONSISTENCIES.reduce((best, one) => (off(one) < off(best) ? one : best));
}
