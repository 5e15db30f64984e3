import { deltaE00OfHex, lightened } from '../colour/index.js';
import { DAYS_PER_MONTH, hasSome, type Bottle, type Material, type MaterialRole, type Supplies } from '../materials/index.js';
import { usualDilution } from '../mixing/index.js';
import { daysBetween } from '../units/index.js';
import { usualTool } from '../sequence/index.js';
import { plainStep, type Piece, type Story, type Step, type Wish } from '../subjects/index.js';
import { SCHOOL_IDS, techniqueById, type Schools } from '../techniques/index.js';
import { effectById } from './catalogue/index.js';
import { zonesOfWish } from './places.js';
import { DUST, SOIL, madeColour } from './tones.js';
import type { Effect, EffectStep, Grows, Hue, Way } from './types.js';

/** What a wish is fitted to. */
export interface Fitting {
  piece: Piece;
  story: Story;
  supplies: Supplies;
  schools: Schools;
  /** `YYYY-MM-DD`: bottles past their life by then are not proposed. */
  today: string;
}

/** All its steps can be done with what there is to spray with. */
const canBeDone = ({ steps }: Way, { sprayers, isMaterial, material }: Supplies): boolean =>
  steps.every(({ technique, tool, material: kind, clear }) => {
    const isCan = clear === 'lacquer-aerosol' || (kind !== null && isMaterial(kind) && material(kind).aerosol);
    if (isCan) return sprayers.cans;
    const tools = tool === undefined ? techniqueById(technique).tools : [tool];
    return sprayers.airbrush || tools.some((one) => one !== 'airbrush' && one !== 'aerosol');
  });

/** The way a wish is done: the one it names, or what stands in for that where it cannot be done here, else the first of the painter's school, else the first, of those that can be done with what there is. */
export function wayOf(wish: Wish, effect: Effect, { schools, supplies }: Pick<Fitting, 'schools' | 'supplies'>): Way {
  const named = effect.ways.find(({ id }) => id === wish.way);
  if (named && canBeDone(named, supplies)) return named;
  if (named) return effect.ways.find(({ id }) => id === named.standIn) ?? named;
  const possible = effect.ways.filter((way) => canBeDone(way, supplies));
  const ofSchool = possible.find(({ school }) => school && SCHOOL_IDS.some((id) => school[id] !== undefined && school[id] === schools[id]));
  return ofSchool ?? possible[0] ?? effect.ways[0];
}

const between = (from: number, to: number, share: number): number => from + (to - from) * share;

function grown(grows: Grows, intensity: number): number {
  if (grows.length === 2) return between(grows[0], grows[1], intensity);
  const [least, half, most] = grows;
  return intensity < 0.5 ? between(least, half, 2 * intensity) : between(half, most, 2 * intensity - 1);
}

/** What a hue is mixed from: the main colour where it leans on that. */
function hexOfHue(hue: Hue, main: string, on: Pick<Fitting, 'piece' | 'story'>): string {
  if (typeof hue === 'object') return lightened(hexOfHue(hue.of, main, on), hue.shiftL);
  if (hue === 'main') return main;
  if (hue === 'soil') return SOIL[on.story.region];
  if (hue === 'dust') return DUST[on.story.region];
  return hue === 'made' ? madeColour(on.piece, on.story) : hue;
}

/** A grey that nobody asked for, where neither wish nor effect says a colour. */
const UNTOLD = '#8b8a88';

/** The colour a hue means on this piece. */
export const colourOf = (hue: Hue, wish: Wish, effect: Effect, on: Pick<Fitting, 'piece' | 'story'>): string =>
  hexOfHue(hue, wish.colour ?? hexOfHue(effect.main, UNTOLD, on), on);

/** A bottle stands in for a colour it misses by at most this (our number: side by side, but not by itself). */
const NEAR_DE00 = 6;
/** What nobody mixes to a colour is taken as it stands on the shelf, if it is anywhere near (our number). */
const AS_IT_COMES_DE00 = 20;
const AS_IT_COMES: ReadonlySet<MaterialRole> = new Set<MaterialRole>(['paste', 'filler', 'slurry', 'aggregate']);

/** The bottle to use for a kind: of all that are still good the nearest in colour; null where none is near. */
export function bottleFor(
  material: Material,
  colour: string | null,
  { supplies, today }: Pick<Fitting, 'supplies' | 'today'>,
): Bottle | null {
  const good = supplies.bottles.filter(
    (bottle) =>
      (bottle.material === material.id || supplies.like(bottle.material) === material.id) &&
      hasSome(bottle) &&
      !isOld(bottle, supplies.material(bottle.material), today) &&
      (supplies.material(bottle.material).testFirst !== true || bottle.triedOn !== null),
  );
  if (colour === null) return good[0] ?? null;
  const near = good.map((bottle) => ({ bottle, off: deltaE00OfHex(bottle.colour, colour) })).sort((a, b) => a.off - b.off)[0];
  return near && near.off <= (AS_IT_COMES.has(material.role) ? AS_IT_COMES_DE00 : NEAR_DE00) ? near.bottle : null;
}

const isOld = ({ openedOn }: Bottle, { lifeMonths }: Material, today: string): boolean =>
  openedOn !== null && lifeMonths !== null && daysBetween(openedOn, today) > lifeMonths * DAYS_PER_MONTH;

/** Grey shows faults, black keeps shade in recesses, white keeps colours bright (common practice; tones from memory). */
const GROUNDS: Record<Schools['ground'], string> = { grey: '#8b8a88', black: '#2a2a2b', white: '#e8e6e0' };

/** The undercoat has the colour of the painter's school, where the wish says none. */
const groundWish = (wish: Wish, effect: Effect, schools: Schools): Wish =>
  effect.phase === 'undercoat' && wish.colour === null ? { ...wish, colour: GROUNDS[schools.ground] } : wish;

// eslint-disable-next-line complexity -- one field after the other, each with what stands in for it
function stepOf(plan: EffectStep, wish: Wish, effect: Effect, zones: string[], n: number, fitting: Fitting): Step {
  const { supplies, piece } = fitting;
  const technique = techniqueById(plan.technique);
  const kind = plan.clear === undefined ? plan.material : `clear-${piece.sheenWanted}-${plan.clear}`;
  const material = kind === null ? null : supplies.material(kind);
  const wanted = plan.hue === undefined ? null : colourOf(plan.hue, groundWish(wish, effect, fitting.schools), effect, fitting);
  const bottle = material && bottleFor(material, wanted, fitting);
  const used = bottle ? supplies.material(bottle.material) : material;
  const feature = piece.features.find(({ id }) => id === wish.featureId);
  return plainStep({
    id: `${wish.id}-${String(n + 1)}`,
    technique: technique.id,
    material: bottle?.material ?? kind,
    bottleId: bottle?.id ?? null,
    colour: bottle ? null : wanted,
    zones,
    dilution:
      used && technique.roles.length > 0 ? usualDilution(technique.id, plan.tool ?? usualTool(technique, used, supplies), used) : null,
    coats: plan.coats ?? 1,
    coverPct: plan.coverPct ? Math.max(1, Math.round(grown(plan.coverPct, wish.intensity))) : null,
    strength: plan.strength ? Math.round(grown(plan.strength, wish.intensity) * 20) / 20 : null,
    tool: plan.tool ?? null,
    dryUm: plan.dryUm ?? null,
    direction: plan.direction ?? null,
    source: plan.runs ? (feature?.label ?? null) : (plan.source ?? null),
    gate: plan.gate ?? null,
    priority: wish.priority,
    fromWish: wish.id,
    note: plan.note ?? '',
  });
}

/** A wish as steps of this piece, in the order of its way; none where no zone is left for it. @throws RangeError when the effect is not known. */
export function stepsOf(wish: Wish, fitting: Fitting): Step[] {
  const effect = effectById(wish.effect);
  const zones = zonesOfWish(wish, effect, fitting.piece);
  if (zones.length === 0) return [];
  return wayOf(wish, effect, fitting).steps.map((plan, n) => stepOf(plan, wish, effect, zones, n, fitting));
}
