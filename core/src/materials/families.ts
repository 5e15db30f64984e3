import type { BinderFamily, DryingStage, SolventClass } from './types.js';

/** Until when a film gives way. The order is the order of a film's life. */
export type Until = 'never' | 'while-wet' | 'while-fresh' | 'until-dry-hard' | 'until-solvent-proof' | 'always';

/** How much liquid arrives: a touch of a brush that is almost dry, a mist that has half dried on its way, a thin brushed pass, or flooding and scrubbing. */
export type Dose = 'touch' | 'mist' | 'thin' | 'flood';

export interface Answer {
  /** A mist lifts it. */
  mist: Until;
  /** A thin brushed pass lifts it. */
  lifts: Until;
  /** A thin pass softens it; flooding or scrubbing then lifts it. */
  softens: Until;
}

const holds: Answer = { mist: 'never', lifts: 'never', softens: 'never' };
const whileWet: Answer = { mist: 'never', lifts: 'while-wet', softens: 'while-wet' };
const whileFresh: Answer = { mist: 'never', lifts: 'while-fresh', softens: 'while-fresh' };
const untilHard: Answer = { mist: 'while-fresh', lifts: 'until-dry-hard', softens: 'until-dry-hard' };
const untilProof: Answer = { mist: 'until-dry-hard', lifts: 'until-solvent-proof', softens: 'until-solvent-proof' };
/** Thin and oily films take a second wash, brushed on gently, once they are hard; scrubbed they open for days more. */
const gentlyAgain: Answer = { mist: 'while-fresh', lifts: 'until-dry-hard', softens: 'until-solvent-proof' };
const opensAgain: Answer = { mist: 'until-dry-hard', lifts: 'always', softens: 'always' };
const softensAlways: Answer = { mist: 'while-fresh', lifts: 'until-dry-hard', softens: 'always' };

type Answers = Record<Exclude<SolventClass, 'cyano' | 'heat'>, Answer>;

/**
 * What each family of dry film does under each liquid. Common practice; the strengths are from memory.
 * Waterborne acrylic: isopropanol softens it even when dry. Enamel: dry-hard overnight takes water-based coats,
 * its own thinner only days later. Lacquer opens again under its own thinner, but a mist of it bonds.
 */
export const FAMILIES: Record<BinderFamily, Answers> = {
  acrylic: { water: whileFresh, alcohol: softensAlways, spirit: whileWet, hot: opensAgain },
  emulsion: { water: whileFresh, alcohol: softensAlways, spirit: { ...softensAlways, lifts: 'while-fresh' }, hot: opensAgain },
  enamel: { water: whileFresh, alcohol: untilHard, spirit: untilProof, hot: { ...opensAgain, mist: 'until-solvent-proof' } },
  'enamel-thin': { water: whileFresh, alcohol: untilHard, spirit: gentlyAgain, hot: opensAgain },
  lacquer: { water: holds, alcohol: untilHard, spirit: whileFresh, hot: { ...opensAgain, mist: 'never' } },
  hardware: { water: whileFresh, alcohol: untilHard, spirit: untilProof, hot: { ...untilProof, mist: 'until-solvent-proof' } },
  oil: { water: whileFresh, alcohol: untilHard, spirit: gentlyAgain, hot: opensAgain },
  'oil-water-mixable': { water: untilHard, alcohol: untilHard, spirit: untilProof, hot: opensAgain },
  ink: {
    water: whileFresh,
    alcohol: { mist: 'until-dry-hard', lifts: 'until-dry-hard', softens: 'always' },
    spirit: holds,
    hot: opensAgain,
  },
  soluble: { water: { mist: 'while-fresh', lifts: 'until-dry-hard', softens: 'always' }, alcohol: untilHard, spirit: holds, hot: holds },
  glue: { water: whileFresh, alcohol: whileFresh, spirit: holds, hot: whileFresh },
  'fixer-spirit': { water: holds, alcohol: whileFresh, spirit: softensAlways, hot: softensAlways },
  'fixer-alcohol': { water: holds, alcohol: softensAlways, spirit: holds, hot: softensAlways },
  pen: { water: whileFresh, alcohol: opensAgain, spirit: holds, hot: opensAgain },
  inert: { water: holds, alcohol: holds, spirit: holds, hot: holds },
};

export type Resistance = 'holds' | 'softens' | 'lifts';

export interface FilmState {
  /** Not tack-free yet. */
  wet: boolean;
  /** Takes no further coat yet. */
  fresh: boolean;
  dryHard: boolean;
  solventProof: boolean;
}

const gives = (until: Until, film: FilmState): boolean => {
  switch (until) {
    case 'never':
      return false;
    case 'while-wet':
      return film.wet;
    case 'while-fresh':
      return film.fresh;
    case 'until-dry-hard':
      return !film.dryHard;
    case 'until-solvent-proof':
      return !film.solventProof;
    case 'always':
      return true;
  }
};

/** What a film of this family does, in this state, under this liquid in this dose. */
export function resistance(family: BinderFamily, solvent: SolventClass, dose: Dose, film: FilmState): Resistance {
  if (solvent === 'cyano' || solvent === 'heat') return 'holds';
  const answer = FAMILIES[family][solvent];
  // what a brush wiped almost dry leaves has gone before it can work; on what is still wet it comes too soon
  if (dose === 'touch') return 'holds';
  if (dose === 'mist') return gives(answer.mist, film) ? 'lifts' : 'holds';
  if (gives(answer.lifts, film)) return 'lifts';
  if (!gives(answer.softens, film)) return 'holds';
  return dose === 'flood' ? 'lifts' : 'softens';
}

const STAGE_OF: Partial<Record<Until, DryingStage>> = { 'while-wet': 'tackFree', 'while-fresh': 'recoatFrom', 'until-dry-hard': 'dryHard' };

/**
 * The stage from which a liquid in this dose no longer lifts it; null where it never does, or where waiting an evening is no
 * help: that is a matter of what is laid on what, not of time.
 */
export function liftsUntil(family: BinderFamily, solvent: SolventClass, dose: Dose): DryingStage | null {
  if (solvent === 'cyano' || solvent === 'heat') return null;
  const answer = FAMILIES[family][solvent];
  if (dose === 'touch') return null;
  return STAGE_OF[dose === 'mist' ? answer.mist : answer.lifts] ?? null;
}
