import { CATALOGUE, type Material, type Supplies } from '../materials/index.js';
import {
  DROPS_PER_ML,
  dilutionShares,
  measuredOf,
  sharesOf,
  solidsOfPct,
  type DropLiquid,
  type Mix,
  type MixComponent,
} from '../mixing/index.js';
import { incomingOf, subjectOf, zonesNamed } from '../sequence/index.js';
import { modelsOf, type Piece, type Step } from '../subjects/index.js';
import { wetNeededMl } from './coverage.js';
import { wetLaidUm } from './laid.js';
import { CLEANED_WITH, lossOf, POWDER_G_PER_DM2 } from './dry-use.js';

/** So much of one thing. A powder's volume is as it lies loose. */
export interface Portion {
  material: string;
  bottleId: string | null;
  /** Colour that is wanted where no bottle is named, #rrggbb; null: any. */
  colour: string | null;
  ml: number;
}

/** What a step takes on the whole batch. */
export interface StepUse {
  /** What is stirred or poured into a cup; null where nothing is: cans, powders, thinner by itself. */
  cup: { key: string; components: MixComponent[]; colour: string | null; laidMl: number; residueMl: number } | null;
  /** What goes straight from can, jar or bottle. */
  direct: Portion[];
  cleaning: Portion[];
}

/** What uses are reckoned with. */
export interface Stores {
  supplies?: Supplies;
  mixes?: readonly Mix[];
  droppers?: Readonly<Record<DropLiquid, number>>;
}

const MM2_PER_DM2 = 10_000;
const NOTHING: StepUse = { cup: null, direct: [], cleaning: [] };

/** Area that a step lays something on, on all models it is done on, mm². Areas carry their relief already. */
export function areaLaidMm2(step: Step, piece: Piece, coverPct: number): number {
  const named = new Set(zonesNamed(subjectOf(piece), step.zones).map((zone) => zone.id));
  const area = piece.zones.reduce((sum, zone) => (named.has(zone.id) ? sum + zone.areaMm2 : sum), 0);
  return area * (coverPct / 100) * modelsOf(step, piece);
}

/** What goes into the cup for a step: the mix it names, else its paint and thinner. Parts sum to 1. */
function componentsOf(
  step: Step,
  { supplies = CATALOGUE, mixes = [], droppers = DROPS_PER_ML }: Stores,
): { components: MixComponent[]; key: string } {
  const mix = step.mixId === null ? undefined : mixes.find(({ id }) => id === step.mixId);
  if (mix) {
    const shares = sharesOf(mix);
    return { key: `mix ${mix.id}`, components: mix.components.map((component, i) => ({ ...component, parts: shares[i] ?? 0 })) };
  }
  const paint = { material: step.material ?? '', bottleId: step.bottleId };
  const { paint: share, thinner } = dilutionShares(step.dilution, measuredOf(paint, supplies, droppers).dropsPerMl);
  const thinned = step.dilution && thinner > 0 ? [{ material: step.dilution.thinner, bottleId: null, parts: thinner }] : [];
  return {
    key: JSON.stringify([step.bottleId ?? step.material, step.bottleId === null ? step.colour : null, step.dilution]),
    components: [{ ...paint, parts: share }, ...thinned],
  };
}

/** What cleaning a tool after a liquid takes; nothing where water does it. */
function cleaningOf(carrier: Material['carrier'], tool: string): Portion[] {
  const cleaner = CLEANED_WITH[carrier];
  const ml = tool === 'airbrush' ? (cleaner?.airbrushMl ?? 0) : tool.includes('brush') ? (cleaner?.brushMl ?? 0) : 0;
  return cleaner && ml > 0 ? [{ material: cleaner.material, bottleId: null, colour: null, ml }] : [];
}

/**
 * What a step takes: area × cover × coats × film ÷ (solids × what lands) for films; grams or millilitres per area for powders and
 * what is scattered; a little thinner where only thinner is used; so much as the step itself says, where it does. Sheets, tape, pens and tap water are not counted.
 */
// eslint-disable-next-line complexity -- one kind of matter after the other, each a line or two
export function useOf(step: Step, piece: Piece, stores: Stores = {}): StepUse {
  const { supplies = CATALOGUE } = stores;
  const incoming = incomingOf(step, supplies);
  const { technique, material, tool, coverPct, colour, colourTold } = incoming;
  if (!material || technique.effect === 'mask' || material.role === 'masking' || material.role === 'decal' || material.role === 'drawing')
    return NOTHING;
  const areaMm2 = areaLaidMm2(step, piece, coverPct);
  const areaDm2 = areaMm2 / MM2_PER_DM2;
  // what was measured out is not reckoned by area
  const toldMl = step.amountMl === null ? null : step.amountMl * modelsOf(step, piece);
  const own = (byAreaMl: number): Portion[] => {
    const ml = toldMl ?? byAreaMl;
    return ml <= 0 ? [] : [{ material: material.id, bottleId: step.bottleId, colour: colourTold ? colour : null, ml }];
  };
  if (material.role === 'thinner') return { ...NOTHING, direct: own(areaDm2 * technique.wetsMlPerDm2) };
  // stirred into a liquid, powder is a slurry and comes from a cup
  const stirred = material.role === 'powder' && step.mixId !== null && technique.effect === 'slurry';
  if (material.role === 'powder' && !stirred) {
    const grams = areaDm2 * POWDER_G_PER_DM2 * Math.max(0.2, step.strength ?? 1) * (step.allowance ?? 1) * step.coats;
    return { ...NOTHING, direct: own(grams / material.densityGPerMl) };
  }
  if (material.role === 'aggregate') return { ...NOTHING, direct: own(areaDm2 * (material.scatteredMlPerDm2 ?? 0)) };
  if (material.volumeSolidsPct <= 0) return NOTHING;
  const loss = lossOf(technique, tool);
  const cup = componentsOf(step, stores);
  const volumeSolidsPct = solidsOfPct(cup, supplies);
  const coatUm = wetLaidUm({ ...incoming, stirred }, volumeSolidsPct);
  const passes = modelsOf(step, piece) * step.coats;
  const laidMl =
    areaMm2 > 0 && coatUm > 0
      ? wetNeededMl({ areaMm2, wetFilmUm: coatUm, coats: step.coats, lossPct: loss.lostPct }) + (loss.perPassMl ?? 0) * passes
      : 0;
  if (material.aerosol) return { ...NOTHING, direct: own(laidMl) };
  return {
    cup: { ...cup, colour: colourTold ? colour : null, laidMl: toldMl ?? laidMl, residueMl: loss.residueMl },
    direct: [],
    cleaning: cleaningOf(material.carrier, tool),
  };
}

/** What a step takes straight from jar, can or bottle, not from a cup. */
export const takenStraight = (step: Step, piece: Piece, stores: Stores = {}): Portion[] => useOf(step, piece, stores).direct;
