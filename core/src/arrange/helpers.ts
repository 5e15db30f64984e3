import type { Fitting } from '../effects/index.js';
import { CARD_GROUNDS, METAL_GROUNDS, thoseThereAre } from '../materials/index.js';
import { incomingOf, ruleById, wrongSheens, type Cure, type SequenceState } from '../sequence/index.js';
import { substrateById, type PieceKind, type Step, type SubstrateKind } from '../subjects/index.js';
import { groundTechnique } from '../techniques/index.js';
import type { Block } from './blocks.js';
import { coat } from './coat.js';

/** A coat that nobody wished for, put in because the next step needs it. */
export interface Helper {
  step: Step;
  /** What it does, for the reason. */
  does: string;
  /** What it can cure. */
  cures: ReadonlySet<Cure>;
}

const MATT_CURES = new Set<Cure>(['seal', 'tooth', 'binder']);
const SMOOTH_CURES = new Set<Cure>(['seal', 'smooth']);
const FIX_CURES = new Set<Cure>(['binder']);
const GROUND_CURES = new Set<Cure>(['ground']);
const END_CURES = new Set<Cure>(['sheen', 'binder']);

/** A seal between two layers is misted on thinly, µm: it is not the coat that is seen in the end (from memory). */
const BETWEEN_UM = 8;
const THIN = { dryUm: BETWEEN_UM } as const;

const seal = (
  material: string,
  zones: string[],
  does: string,
  cures: ReadonlySet<Cure>,
  fitting: Fitting,
  more: Partial<Step> = {},
): Helper => ({
  step: coat('clear-coat', material, zones, fitting, more),
  does,
  cures,
});

/** One of its coats cures what a rule found. */
export const curesIt = ({ cures }: Helper, rule: string): boolean => ruleById(rule).curedBy?.some((cure) => cures.has(cure)) ?? false;

/** Zones on which powder lies loose. */
const looseZones = (state: SequenceState): string[] =>
  [...state.zones.values()]
    .filter((zone) => zone.layers.some((layer) => layer.loose && layer.material.role === 'powder'))
    .map(({ zone }) => zone.id);

/** Zones that are painted and seen. */
const paintable = (fitting: Fitting): string[] =>
  fitting.piece.zones.filter(({ keepClean, seen }) => keepClean === null && seen !== 'never').map(({ id }) => id);

function binders(zones: string[], fitting: Fitting): Helper[] {
  const how = fitting.supplies.sprayers.airbrush ? { tool: 'airbrush', airPressureBar: 0.6 } : {};
  const fixers = ['fixer-alcohol', 'fixer-spirit'].map((material) => ({
    step: coat('fix', material, zones, fitting, how),
    does: 'Binds the loose powder',
    cures: FIX_CURES,
  }));
  const clears = thoseThereAre(['clear-matt-acrylic', 'clear-matt-lacquer-aerosol'], fitting.supplies).map((material) =>
    seal(material, zones, 'Binds the loose powder', FIX_CURES, fitting),
  );
  return fitting.schools.fixingPowders === 'clear' ? [...clears, ...fixers] : [...fixers, ...clears];
}

/** Every coat that may be put in before a block. */
export function helpersBefore(block: Block, state: SequenceState, fitting: Fitting): Helper[] {
  const own = block.zones.size > 0 ? [...block.zones] : paintable(fitting);
  const all = paintable(fitting);
  const wider = all.length > own.length ? [own, all] : [own];
  const loose = looseZones(state);
  const looseHere = loose.filter((zone) => block.zones.has(zone));
  const grounds = groundsFor(block, state, fitting);
  return [
    ...wider.flatMap((zones) => sealsFor(block, zones, fitting)),
    // what gleams comes after the last flat coat: that is laid now
    ...(block.phase === 'bright' ? helpersAtEnd(state, wrongIn(block, state), fitting) : []),
    ...(looseHere.length > 0 ? binders(looseHere, fitting) : []),
    ...(loose.length > looseHere.length && looseHere.length > 0 ? binders(loose, fitting) : []),
    ...grounds,
  ];
}

const wrongIn = ({ zones }: Block, state: SequenceState): string[] =>
  wrongSheens(state).flatMap(({ zone }) => (zones.has(zone) ? [zone] : []));

/** Pieces of smooth sides on which a wash runs along lines; a wall drinks it. */
const SMOOTH_SIDED: ReadonlySet<PieceKind> = new Set<PieceKind>(['rolling-stock', 'vehicle']);

/** It is to run into lines and recesses, which on a dead matt side makes stains. */
const runsIn = ({ steps }: Block, fitting: Fitting): boolean =>
  SMOOTH_SIDED.has(fitting.piece.kind) &&
  steps.some((step) => {
    const { technique, sprayed } = incomingOf(step, fitting.supplies);
    return technique.effect === 'tint' && technique.deposit.recess > technique.deposit.face && !sprayed;
  });

/** Clear coats before a block: matt ones give tooth, smooth ones let decals lie and washes run. */
function sealsFor(block: Block, zones: string[], fitting: Fitting): Helper[] {
  const smooth = (sheen: string): Helper => seal(`clear-${sheen}-acrylic`, zones, 'Makes it smooth', SMOOTH_CURES, fitting, THIN);
  const smoothOnes = fitting.piece.sheenWanted === 'satin' ? [smooth('satin'), smooth('gloss')] : [smooth('gloss')];
  if (runsIn(block, fitting)) return smoothOnes;
  const does = 'Seals what lies below, and gives tooth';
  const matt = thoseThereAre(['clear-matt-acrylic', 'clear-matt-lacquer-aerosol'], fitting.supplies).map((material) =>
    // from a can nobody lays it thinner than it comes
    seal(material, zones, does, MATT_CURES, fitting, fitting.supplies.material(material).aerosol ? {} : THIN),
  );
  return [...matt, ...smoothOnes];
}

/** The first of some grounds that there is something to lay with. */
function ground(materials: readonly string[], zones: string[], does: string, fitting: Fitting): Helper[] {
  const [material] = thoseThereAre(materials, fitting.supplies);
  if (material === undefined || zones.length === 0) return [];
  return [{ step: coat(groundTechnique(fitting.supplies.material(material)), material, zones, fitting), does, cures: GROUND_CURES }];
}

/** Undercoats for substrates that colour does not hold on, or that its liquid attacks. */
function groundsFor(block: Block, state: SequenceState, fitting: Fitting): Helper[] {
  // over colour nobody primes
  const isBare = (id: string): boolean => state.zones.get(id)?.layers.every(({ technique }) => technique.effect === 'wet') ?? false;
  const zones = fitting.piece.zones.filter(({ id }) => block.zones.has(id) && isBare(id));
  const of = (...kinds: SubstrateKind[]): string[] =>
    zones.filter(({ substrate }) => kinds.includes(substrateById(substrate).kind)).map(({ id }) => id);
  const metal = of('metal');
  const card = of('card');
  const soft = zones.filter(({ substrate }) => substrateById(substrate).attackedBy.hot === 'mist').map(({ id }) => id);
  return [
    ...ground(METAL_GROUNDS, metal, 'Lets paint grip the metal', fitting),
    ...ground(CARD_GROUNDS, card, 'Keeps water out of the card', fitting),
    ...(soft.length > 0
      ? [
          {
            step: coat('brush-coat', 'primer-acrylic-brush', soft, fitting, { coats: 2, dilution: null }),
            does: 'Keeps the solvent from the foam',
            cures: GROUND_CURES,
          },
        ]
      : []),
  ];
}

/** Coats that may end a sequence: loose powder bound, the sheen as it was wanted. */
export function helpersAtEnd(state: SequenceState, wrongSheen: string[], fitting: Fitting): Helper[] {
  const loose = looseZones(state);
  const { sheenWanted } = fitting.piece;
  const sheen = (zones: string[]): Helper[] =>
    thoseThereAre([`clear-${sheenWanted}-acrylic`, `clear-${sheenWanted}-lacquer-aerosol`], fitting.supplies).map((material) =>
      seal(material, zones, `Ends ${sheenWanted}, as wanted`, END_CURES, fitting),
    );
  const both = [...new Set([...wrongSheen, ...loose])];
  return [
    ...(loose.length > 0 ? binders(loose, fitting) : []),
    ...(wrongSheen.length > 0 ? sheen(wrongSheen) : []),
    ...(wrongSheen.length > 0 && both.length > wrongSheen.length ? sheen(both) : []),
  ];
}
