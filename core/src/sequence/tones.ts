import { JUST_NOTICEABLE_DE00, covered, deltaE00, lightnessOfLight, type Linear } from '../colour/index.js';

/** A patch of one tone on a zone, as it looks by now. Only what can still be told from its surroundings is kept. */
export interface TonePatch {
  stepIndex: number;
  light: Linear;
  /** The face beside it, which the tone left bare. */
  beside: Linear;
  /** It lies loose: a clear coat takes from it. */
  loose: boolean;
}

/** A tone stands out clearly from here on: twice what can just be told apart (our number). */
const STOOD_FROM_DE00 = 2 * JUST_NOTICEABLE_DE00;
/** On less than this it is an accent, seen by itself and lost without harm (our number). */
const TONE_FROM_PCT = 10;
/** Lightness so far apart is told apart whatever the hue: ΔE₀₀ counts it at least by half. */
export const PLAINLY_APART_L = 5;

/** The light of two places can be told apart; the exact ΔE₀₀ is asked only where lightness alone does not settle it. */
export function apart(a: Linear, b: Linear, limit: number): boolean {
  if (a === b) return false;
  if (Math.abs(lightnessOfLight(a) - lightnessOfLight(b)) >= PLAINLY_APART_L) return true;
  return deltaE00(a, b) >= limit;
}

/** A new tone on a face; null where it is a mere dot, or does not stand out. */
export function newTone(stepIndex: number, face: Linear, light: Linear, coverPct: number, loose: boolean): TonePatch | null {
  if (coverPct < TONE_FROM_PCT || !apart(face, light, STOOD_FROM_DE00)) return null;
  return { stepIndex, light, beside: face, loose };
}

const stillApart = (tone: TonePatch): boolean => apart(tone.light, tone.beside, JUST_NOTICEABLE_DE00);

/** The tones under something that hides `share` of them and of what lies beside them. */
export const veiled = (tones: readonly TonePatch[], veil: Linear, share: number): readonly TonePatch[] =>
  tones.length === 0 || share === 0
    ? tones
    : tones
        .map((tone) => ({ ...tone, light: covered(tone.light, veil, share), beside: covered(tone.beside, veil, share) }))
        .filter(stillApart);

/** The tones when a clear coat has wetted what lay loose: `left` of it is still seen over `face`, the face below. */
export const wetted = (tones: readonly TonePatch[], face: Linear, left: number): readonly TonePatch[] =>
  tones
    .map((tone) =>
      tone.loose ? { ...tone, light: covered(face, tone.light, left), beside: covered(face, tone.beside, left), loose: false } : tone,
    )
    .filter(stillApart);
