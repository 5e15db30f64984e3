import { BANDS_NM, bandsOf, ksFromReflectance, reflectanceFromKs, type Bands } from '../colour/index.js';
import type { Bottle, Material, Supplies, WhiteSwatch } from '../materials/index.js';

/**
 * What a paint does to light, band by band, per volume: absorption and scattering, on a scale where the white paint of the
 * trade scatters 1. `sigmaLn` says how surely the scattering is known: the spread of its logarithm.
 */
export interface Optics {
  k: Bands;
  s: Bands;
  sigmaLn: number;
}

/** The white that swatches are mixed with, as a screen colour (from memory). */
const WHITE_COLOUR = '#f4f3ef';
const whiteKs: Bands = bandsOf(WHITE_COLOUR).map(ksFromReflectance);

/** Spread of ln(scattering): assumed from the kind of paint; told by a swatch (from memory: swatches are read by eye or off a screen). */
const SIGMA_ASSUMED = 0.4;
const SIGMA_TOLD = 0.15;

/** A paint's hiding power per volume against matt acrylic's: what its film hides, over the wet film that takes. From memory as far as hiding is. */
const strengthOf = ({ hidingPct, drying, volumeSolidsPct }: Pick<Material, 'hidingPct' | 'drying' | 'volumeSolidsPct'>): number =>
  (-Math.log(1 - Math.min(0.99, hidingPct / 100)) * volumeSolidsPct) / 100 / (drying?.referenceDryUm ?? 10);
const ACRYLIC = { hidingPct: 92, volumeSolidsPct: 35, drying: { referenceDryUm: 10 } as Material['drying'] };
const LEAST_SCATTERING = 0.02;

/** Scattering assumed from the kind alone. */
export const assumedScattering = (material: Material): number => Math.max(LEAST_SCATTERING, strengthOf(material) / strengthOf(ACRYLIC));

/** Optics of a paint of which only the colour is known. @throws RangeError for what is no colour. */
export function opticsOfColour(colour: string, scattering = 1, sigmaLn = SIGMA_ASSUMED): Optics {
  const ks = bandsOf(colour).map(ksFromReflectance);
  return { k: ks.map((ratio) => ratio * scattering), s: BANDS_NM.map(() => scattering), sigmaLn };
}

/** Limits of what a swatch may tell: beyond, it was misread. */
const SCATTERING_RANGE = [0.02, 20] as const;

/**
 * Optics from the paint's own colour and from a mix of it with white. In each band
 * K/S of the mix = (c·K + (1 − c)·Kw) / (c·S + (1 − c)) gives S; bands in which paint and mix hardly differ say nothing and
 * follow the others.
 */
export function opticsOfSwatch(colour: string, { parts: [own, white], colour: mixColour }: WhiteSwatch): Optics {
  if (!(own > 0 && white > 0)) throw new RangeError(`parts must be above 0, got ${String(own)} : ${String(white)}`);
  const share = own / (own + white);
  const ks = bandsOf(colour).map(ksFromReflectance);
  const mixKs = bandsOf(mixColour).map(ksFromReflectance);
  const told = ks.map((ratio, i) => {
    const [m, w] = [mixKs[i] ?? 0, whiteKs[i] ?? 0];
    const scattering = ((1 - share) * (m - w)) / (share * (ratio - m));
    const usable = scattering > 0 && Number.isFinite(scattering);
    // the farther paint, mix and white lie apart, the better the band tells
    return { ln: usable ? Math.log(clampTo(scattering, SCATTERING_RANGE)) : 0, weight: usable ? Math.abs(ratio - w) : 0 };
  });
  const weight = told.reduce((sum, band) => sum + band.weight, 0);
  if (weight < 0.02) return opticsOfColour(colour);
  const mean = told.reduce((sum, band) => sum + band.ln * band.weight, 0) / weight;
  const s = told.map((band) => {
    const trust = band.weight / (band.weight + weight / BANDS_NM.length);
    return Math.exp(mean + trust * (band.ln - mean));
  });
  return { k: ks.map((ratio, i) => ratio * (s[i] ?? 1)), s, sigmaLn: SIGMA_TOLD };
}

const clampTo = (value: number, [low, high]: readonly [number, number]): number => Math.min(high, Math.max(low, value));

/** Optics of a bottle: by its swatch with white, else assumed from its kind. */
export function opticsOfBottle(bottle: Pick<Bottle, 'colour' | 'material' | 'whiteSwatch'>, supplies: Supplies): Optics {
  if (bottle.whiteSwatch) return opticsOfSwatch(bottle.colour, bottle.whiteSwatch);
  return opticsOfColour(bottle.colour, assumedScattering(supplies.material(bottle.material)));
}

/** Reflectances of a mix: K and S add up by volume. Shares need not sum to 1. @throws RangeError when nothing is mixed. */
export function bandsOfMix(parts: readonly { optics: Optics; share: number }[]): Bands {
  if (!parts.some(({ share }) => share > 0)) throw new RangeError('shares must not all be 0');
  return BANDS_NM.map((_, i) => {
    let [k, s] = [0, 0];
    for (const { optics, share } of parts) {
      k += share * (optics.k[i] ?? 0);
      s += share * (optics.s[i] ?? 0);
    }
    return reflectanceFromKs(k / s);
  });
}
