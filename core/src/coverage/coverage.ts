/**
 * Spreading rate and film. Mass balance over the definition of volume solids (ISO 23811, ASTM D2697 determine it).
 */

function assertPositive(name: string, value: number): void {
  if (!(value > 0) || !Number.isFinite(value)) throw new RangeError(`${name} must be above 0, got ${String(value)}`);
}

function assertLoss(lossPct: number): void {
  if (!(lossPct >= 0 && lossPct < 100)) throw new RangeError(`lossPct must be at least 0 and below 100, got ${String(lossPct)}`);
}

/** m² that a litre covers at a dry film: theoretical, 10·VS/DFT, and after losses. */
export function spreadingRate(
  volumeSolidsPct: number,
  dryFilmUm: number,
  lossPct = 0,
): { theoreticalM2PerL: number; practicalM2PerL: number } {
  assertPositive('volumeSolidsPct', volumeSolidsPct);
  assertPositive('dryFilmUm', dryFilmUm);
  assertLoss(lossPct);
  const theoreticalM2PerL = (10 * volumeSolidsPct) / dryFilmUm;
  return { theoreticalM2PerL, practicalM2PerL: theoreticalM2PerL * (1 - lossPct / 100) };
}

/** Paint, mL, for an area in mm². */
export function paintNeededMl(given: {
  areaMm2: number;
  dryFilmUm: number;
  volumeSolidsPct: number;
  lossPct: number;
  coats: number;
}): number {
  const { practicalM2PerL } = spreadingRate(given.volumeSolidsPct, given.dryFilmUm, given.lossPct);
  return ((given.areaMm2 * 1e-6 * given.coats) / practicalM2PerL) * 1000;
}

/** What a wet film on an area in mm² takes, mL. */
export function wetNeededMl(given: { areaMm2: number; wetFilmUm: number; lossPct: number; coats: number }): number {
  assertLoss(given.lossPct);
  return (given.areaMm2 * given.coats * given.wetFilmUm * 1e-6) / (1 - given.lossPct / 100);
}

/** Wet film, µm, that leaves a dry film, when the paint is thinned by a share of its own volume. */
export function wetFilm(
  dryFilmUm: number,
  volumeSolidsPct: number,
  thinnerPctOfPaintVolume = 0,
): { wetFilmUm: number; volumeSolidsPct: number } {
  assertPositive('volumeSolidsPct', volumeSolidsPct);
  const thinned = volumeSolidsPct / (1 + thinnerPctOfPaintVolume / 100);
  return { wetFilmUm: (100 * dryFilmUm) / thinned, volumeSolidsPct: thinned };
}
