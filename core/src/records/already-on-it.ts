import { plainEntry, type LogEntry } from '../log/index.js';
import { planPieces, type PlanInput } from '../schedule/index.js';
import { RULES } from '../sequence/index.js';
import { plainStep, type Piece, type Step, type Waiver } from '../subjects/index.js';
import { addDays } from '../units/index.js';

/** A layer that a finished piece may bring along, as one knows it again: by its looks, and by a damp bud in a place that nobody sees. */
export interface OldLayer {
  id: string;
  name: string;
  looks: string;
  bud: string;
  technique: string;
  material: string;
}

/**
 * From the bottom up, as they usually lie; the mildest liquid is tried first. Common practice. Which binder gives way to what is the catalogue's (docs/sources.md): here
 * stands only what a painter sees of it. Nobody knows how a coat was put on: as brushed it has spoilt nothing beside it.
 */
export const OLD_LAYERS: readonly OldLayer[] = [
  {
    id: 'enamel-coat',
    name: 'Enamel paint',
    looks: 'A coat with body, edges softened; older work and repaints by hand.',
    bud: 'Water and white spirit leave it alone; it stays glassy under alcohol.',
    ...{ technique: 'brush-coat', material: 'enamel-matt' },
  },
  {
    id: 'acrylic-coat',
    name: 'Acrylic paint',
    looks: 'A thin even coat, often dull.',
    bud: 'Alcohol makes it sticky and colours the bud; white spirit does not.',
    ...{ technique: 'brush-coat', material: 'acrylic-matt' },
  },
  {
    id: 'decal',
    name: 'Lettering as decals',
    looks: 'An edge of clear film round the letters when light falls along the side.',
    bud: 'Do not rub: setting liquid or alcohol may move it.',
    ...{ technique: 'decal', material: 'decal-waterslide' },
  },
  {
    id: 'drybrushing',
    name: 'Drybrushed edges',
    looks: 'Lighter along edges and rivets, nothing in the grooves.',
    bud: 'As the acrylic paint.',
    ...{ technique: 'drybrush', material: 'acrylic-matt' },
  },
  {
    id: 'acrylic-wash',
    name: 'A wash of acrylic or ink',
    looks: 'Dark in the grooves, thin over the rest.',
    bud: 'Water and white spirit do nothing, alcohol takes it off.',
    ...{ technique: 'wash', material: 'wash-acrylic' },
  },
  {
    id: 'enamel-wash',
    name: 'A wash of enamel or oil',
    looks: 'Dark in the grooves, soft streaks down the sides.',
    bud: 'White spirit colours the bud, in the first weeks at once, later only where it is rubbed.',
    ...{ technique: 'wash', material: 'wash-enamel' },
  },
  {
    id: 'clear-acrylic',
    name: 'A clear coat, acrylic',
    looks: 'One sheen over paint, lettering and dirt alike.',
    bud: 'Nothing comes off on water or white spirit; alcohol turns it sticky or white.',
    ...{ technique: 'brush-coat', material: 'clear-matt-acrylic' },
  },
  {
    id: 'clear-enamel',
    name: 'A clear coat, enamel or oil',
    looks: 'One sheen over all, yellowed on white lettering.',
    bud: 'Nothing comes off on water, white spirit or a short touch of alcohol.',
    ...{ technique: 'brush-coat', material: 'clear-matt-enamel' },
  },
  {
    id: 'powder',
    name: 'Powder that was never sealed',
    looks: 'Quite dull, deepest in corners; a finger leaves a mark.',
    bud: 'A dry finger takes it.',
    ...{ technique: 'powder-dry', material: 'pigment-dry' },
  },
];

/** How long ago it was finished, days. What is older is no different. */
export const OLD_AGES = [
  { id: 'long', name: 'a year or longer', days: 365 },
  { id: 'weeks', name: 'some weeks', days: 30 },
  { id: 'days', name: 'some days', days: 7 },
] as const;
export type OldAge = (typeof OLD_AGES)[number]['id'];

/** Why nothing is learnt of it, and why its findings are let stand. */
const AS_FOUND = 'It was on the piece when it came.';

/** What came with a piece, to be put before its steps. */
export interface AlreadyOnIt {
  steps: Step[];
  /** They say that the steps were done. */
  entries: LogEntry[];
  /** How it was done is past mending. What still follows from it, dust that nothing holds, is told as ever. */
  waivers: Waiver[];
}

/**
 * What is on a finished piece, as steps before all others and the entries that say they were done: so everything that asks what lies below finds it as if it
 * had been done here. `ids` makes ids that are in no use.
 * @throws RangeError when one of `layerIds` or `age` is not known.
 */
export function alreadyOnIt(
  piece: Piece,
  layerIds: readonly string[],
  { age, ids, ...bench }: { age: OldAge; ids: () => string } & Pick<PlanInput, 'workshop' | 'shelf' | 'originDate'>,
): AlreadyOnIt {
  const unknown = layerIds.find((id) => OLD_LAYERS.every((layer) => layer.id !== id));
  if (unknown !== undefined) throw new RangeError(`layerIds must name old layers, got '${unknown}'`);
  const found = OLD_AGES.find(({ id }) => id === age);
  if (!found) throw new RangeError(`age must be one of ${OLD_AGES.map(({ id }) => id).join(', ')}, got '${age}'`);
  const chosen = OLD_LAYERS.filter(({ id }) => layerIds.includes(id));
  const steps = chosen.map(({ technique, material, bud }) =>
    plainStep({ id: ids(), technique, material, zones: ['all'], note: `${AS_FOUND} ${bud}` }),
  );
  // a day apart, so that each has come onto something dry
  const entries = steps.map((step, i) => {
    const at = `${addDays(bench.originDate, -found.days - (steps.length - i))}T20:00:00`;
    return plainEntry({
      ...{ id: ids(), kind: 'work', pieceId: piece.id, stepId: step.id, step },
      ...{ startedAt: at, endedAt: at, setAside: AS_FOUND },
    });
  });
  const alone = planPieces({ ...bench, pieces: [{ ...piece, archivedOn: null, groups: [], waivers: [], steps }], log: entries, nowMin: 0 });
  const told = alone.pieces.flatMap(({ findings }) => findings).filter(({ rule }) => !LOOKING_BACK.has(rule));
  const waivers = told.map(({ rule, stepId }) => ({ rule, stepId, reason: AS_FOUND }));
  return { steps, entries, waivers };
}

/** Rules that look at how a piece is left: what they tell can still be mended. */
const LOOKING_BACK = new Set(RULES.filter((rule) => 'checkEnd' in rule).map(({ id }) => id));
