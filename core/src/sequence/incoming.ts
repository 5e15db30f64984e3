import type { Airflow, Film } from '../drying/index.js';
import { CATALOGUE, slowed, type Dose, type Material, type MaterialRole, type SolventClass, type Supplies } from '../materials/index.js';
import { ARRANGED, type Step } from '../subjects/index.js';
import { dilutionShares } from '../mixing/index.js';
import { techniqueById, type Need, type Technique, type Touch } from '../techniques/index.js';
import { buildOf, type Build } from './build.js';
import { hidesOf, type Hides } from './look.js';

/** What a step brings to the surface. */
export interface Incoming {
  technique: Technique;
  material: Material | null;
  need: Need;
  /** How hard it presses on what lies below: what is sprayed does not. */
  touch: Touch;
  /** Liquids that arrive, with what brings each. */
  solvents: { solvent: SolventClass; from: string }[];
  dose: Dose;
  sprayed: boolean;
  tool: string;
  bottleId: string | null;
  /** Into what is wet on purpose; null: as is usual for the technique. */
  intoWet: boolean | null;
  /** What tells that two steps are for the same place: the word the painter gave it, what it runs from, the wish it was arranged for. */
  places: ReadonlySet<string>;
  /** Dry film of one coat, µm. */
  dryUm: number;
  /** What of one coat stays there, µm: its dry film, or how deep dry matter lies. */
  laidUm: number;
  /** How much of whatever is in the cup a brush lays at one coat, µm wet; null where coats are laid until they cover. */
  wetUm: number | null;
  /** What of one coat lies there and dries; null where nothing does. */
  film: Film | null;
  coverPct: number;
  /** #rrggbb: the step's own, else the bottle's, else the kind's; null where nothing is laid. */
  colour: string | null;
  /** The colour is the step's own or its bottle's, not the catalogue's. */
  colourTold: boolean;
  /** Film that all its coats add; null where it leaves none. */
  build: Build | null;
  /** What of it gives off vapour that burns: its material, else its thinner; null where nothing does. */
  burns: Material | null;
  /** How the air moves over what it leaves, or over what it dries. */
  airflow: Airflow;
  /** How much of what is seen it hides; null where it leaves nothing to be seen. */
  hides: Hides | null;
}

const SPRAY_TOOLS = new Set(['airbrush', 'aerosol']);
export const isSprayTool = (tool: string): boolean => SPRAY_TOOLS.has(tool);
/** More than half of what an airbrush sends has gone before it lies (from memory): its coats are tack-free in five to ten minutes. */
const AIRBRUSHED_LIQUID = 0.49;
/** Dry film of an airbrushed coat against a brushed one, by what it is: colour is misted on until it covers, clears are laid wet (from memory). */
const AIRBRUSHED_FILM: Partial<Record<MaterialRole, number>> = { paint: 0.65, primer: 0.65, clear: 0.8, soluble: 0.8 };
/** A light hand lays half as much as the usual one, a heavy hand half as much again (our numbers). */
const HAND = { light: 0.5, heavy: 1.5 } as const;
/** A coat on less than this of a zone is picked out in patches (our number). */
const WHOLE_COAT_PCT = 50;
/** What the hand lays on by feel: coats are laid until they cover. */
const BY_FEEL: ReadonlySet<Technique['effect']> = new Set<Technique['effect']>(['tint', 'accent', 'slurry']);

/** The tool a step is done with, unless the step names one: the first that is there and takes the material. */
export function usualTool(technique: Technique, material: Material | null, { sprayers }: Pick<Supplies, 'sprayers'>): string {
  if (material?.aerosol && technique.tools.includes('aerosol')) return 'aerosol';
  const fits = technique.tools.filter((tool) => tool !== 'aerosol' || material === null);
  return fits.find((tool) => tool !== 'airbrush' || sprayers.airbrush) ?? fits[0] ?? 'hand';
}

/** Dry film of a step's earlier coats that is still soft when the last comes, µm: each hardens evenly until it is dry-hard (our simplification). */
function softUnder({ coats }: Step, { drying }: Material, dryUm: number): number {
  if (!drying) return 0;
  let soft = 0;
  for (let earlier = 1; earlier < coats; earlier++) soft += Math.max(0, 1 - (earlier * drying.betweenCoatsMin) / drying.ages.dryHardMin);
  return soft * dryUm;
}

/**
 * What of one coat lies there and dries. A brush lays so much wet whatever it is dipped into: thinned, less stays. What is
 * sprayed is laid until it covers, in passes that half dry on their way.
 */
function filmLaid(step: Step, technique: Technique, material: Material, { sprayed, tool, dryUm }: FilmGiven): FilmLaid {
  const hand = step.strength === null || !BY_FEEL.has(technique.effect) ? 1 : HAND.light + step.strength * (HAND.heavy - HAND.light);
  const neatUm = dryUm * hand;
  const share = material.aerosol ? 1 : tool === 'airbrush' ? AIRBRUSHED_LIQUID : technique.liquidShare;
  const solidsPct = material.volumeSolidsPct;
  if (solidsPct === 0) return { wetUm: null, film: { dryUm: neatUm, liquidUm: neatUm * share, airflow: step.drying } };
  const { paint } = dilutionShares(step.dilution);
  const wetUm = (neatUm * 100) / solidsPct;
  const keepsFilm = sprayed || step.dryUm !== null;
  const laidUm = keepsFilm ? neatUm : neatUm * paint;
  const softUm = softUnder(step, material, laidUm);
  return {
    wetUm: keepsFilm ? null : wetUm,
    film: {
      dryUm: laidUm,
      ...(softUm > 0 ? { softUm } : {}),
      liquidUm: wetUm * (1 - (paint * solidsPct) / 100) * share,
      airflow: step.drying,
    },
  };
}

interface FilmLaid {
  film: Film;
  wetUm: number | null;
}

interface FilmGiven {
  sprayed: boolean;
  tool: string;
  /** One coat as it comes out of the bottle, µm dry. */
  dryUm: number;
}

/** So long after it was used there may be enough of a solvent in the air to burn (common practice: half an hour). */
export const VAPOUR_STAYS_MIN = 30;

/** A millilitre on a square decimetre lies a tenth of a millimetre deep. */
const UM_PER_ML_ON_DM2 = 100;

const NO_FILM = { film: null, wetUm: null } as const;

const NOWHERE: ReadonlySet<string> = new Set();

function placesOf({ place, source, fromWish }: Step): ReadonlySet<string> {
  const out = [
    ...(place === null ? [] : [`place ${place}`]),
    ...(source === null ? [] : [`source ${source}`]),
    ...(fromWish === null || fromWish === ARRANGED ? [] : [`wish ${fromWish}`]),
  ];
  return out.length === 0 ? NOWHERE : new Set(out);
}

/** Steps are never changed in place, so what one brings is worked out once. */
const known = new WeakMap<Supplies, WeakMap<Step, Incoming>>();

/** @throws RangeError when the technique, the material or the thinner is not known. */
export function incomingOf(step: Step, supplies: Supplies = CATALOGUE): Incoming {
  let ofSupplies = known.get(supplies);
  if (!ofSupplies) known.set(supplies, (ofSupplies = new WeakMap()));
  const before = ofSupplies.get(step);
  if (before) return before;
  const incoming = workOut(step, supplies);
  ofSupplies.set(step, incoming);
  return incoming;
}

function burnsIn(material: Material | null, { dilution }: Step, supplies: Supplies): Material | null {
  const thinner = dilution ? supplies.material(dilution.thinner) : null;
  return [material, thinner].find((one) => one?.hazards.includes('flammable-vapour')) ?? null;
}

/** More than so many times its usual share a retarder does no more: then the paint hardly dries at all (from memory). */
const MOST_RETARDER = 2;

/** How many times as slowly a step dries for the retarder in it. */
function retardedBy({ dilution }: Step, supplies: Supplies): number {
  const retards = dilution && supplies.material(dilution.thinner).retards;
  if (!retards) return 1;
  const share = dilutionShares(dilution).thinner / retards.usualShare;
  return retards.factor ** Math.min(share, MOST_RETARDER);
}

// eslint-disable-next-line complexity -- one field after the other, each with what stands in for it
function workOut(step: Step, supplies: Supplies): Incoming {
  const technique = techniqueById(step.technique);
  const asLabelled = step.material === null ? null : supplies.material(step.material);
  const material = asLabelled && slowed(asLabelled, (supplies.pace?.dryingFactorOf(step) ?? 1) * retardedBy(step, supplies));
  const tool = step.tool ?? usualTool(technique, material, supplies);
  const sprayed = isSprayTool(tool);
  const solvents = new Map<SolventClass, string>();
  if (technique.dose && material && material.carrier !== 'none') solvents.set(material.carrier, material.name.toLowerCase());
  if (step.dilution && technique.dose) {
    const thinner = supplies.material(step.dilution.thinner);
    if (thinner.carrier !== 'none') solvents.set(thinner.carrier, thinner.name.toLowerCase());
  }
  const airbrushed = material && tool === 'airbrush' && technique.effect === 'film' ? (AIRBRUSHED_FILM[material.role] ?? 1) : 1;
  const brushedUm = material?.drying ? material.drying.referenceDryUm * technique.filmFactor : 0;
  const dryUm = step.dryUm ?? brushedUm * airbrushed;
  const coverPct = step.coverPct ?? technique.usualCoverPct;
  // stones, doors and patches are picked out with little on the brush
  const picksOut = technique.effect === 'film' && technique.dose === 'thin' && coverPct < WHOLE_COAT_PCT;
  const { film, wetUm } = material?.drying ? filmLaid(step, technique, material, { sprayed, tool, dryUm }) : NO_FILM;
  const laidUm = film?.dryUm ?? (material?.scatteredMlPerDm2 ?? 0) * UM_PER_ML_ON_DM2;
  const ownColour = step.colour ?? supplies.bottle(step.bottleId)?.colour ?? null;
  const colour = ownColour ?? material?.colour ?? null;
  return {
    technique,
    material,
    need: technique.need,
    touch: sprayed || picksOut ? 'light' : technique.touch,
    solvents: [...solvents].map(([solvent, from]) => ({ solvent, from })),
    dose: sprayed || picksOut ? 'mist' : (technique.dose ?? 'mist'),
    sprayed,
    tool,
    bottleId: step.bottleId,
    intoWet: step.intoWet,
    places: placesOf(step),
    dryUm,
    laidUm,
    wetUm,
    film,
    coverPct,
    colour,
    colourTold: ownColour !== null,
    build:
      material && technique.effect !== 'none'
        ? buildOf({ technique, material, dryUm: laidUm, coverPct, sprayed, coats: step.coats })
        : null,
    burns: burnsIn(asLabelled, step, supplies),
    airflow: technique.blows && step.drying === 'still' ? 'warm-dryer' : step.drying,
    hides: material && colour !== null ? hidesOf(step, technique, material, { dryUm: step.dryUm ?? brushedUm, coverPct, colour }) : null,
  };
}
