import { SUBSTITUTES, materialById, type Supplies, thoseThereAre } from '../materials/index.js';
import { formatMinutes } from '../units/index.js';
import { KEEP_CLEAN, plainStep, type KeepClean, type Step } from '../subjects/index.js';
import { groundTechnique, techniqueById, type Schools } from '../techniques/index.js';
import type { Edit, Fix } from './finding.js';
import { openPlaces, sprays } from './keep-clean.js';
import type { Layer } from './layer.js';
import type { Moment } from './moment.js';
import { allowanceFor } from './muting.js';
import { meets } from './later.js';
import type { SequenceState } from './state.js';
import type { Subject } from './subject.js';

/**
 * Changes that a rule can propose. They are only proposals: `curingFixes` walks each changed sequence and keeps those
 * that really help, so a proposal need not know the whole piece.
 */

const step = (given: Partial<Step> & Pick<Step, 'technique' | 'zones'>): Omit<Step, 'id'> => {
  const { id: _unused, ...rest } = plainStep({ id: '', ...given });
  return rest;
};

/** Seals to try, the most forgiving first: waterborne, then lacquer; matt first because it gives tooth. */
const SEALS = ['clear-matt-acrylic', 'clear-matt-lacquer-aerosol', 'clear-satin-acrylic', 'clear-gloss-acrylic'] as const;

/** What a clear coat must know of the piece at the place it is put in. */
interface Place {
  at: number;
  subject: Subject;
  state: SequenceState;
  supplies: Supplies;
}

/** A coat put in; what its spray would spoil, windows first of all, is masked for it and opened again. */
export function maskedCoat(place: Place, coat: Omit<Step, 'id'>, label: string, keepClean: readonly KeepClean[] = KEEP_CLEAN): Fix {
  const open = keepClean.flatMap((kind) =>
    sprays({ id: '', ...coat }, place.subject, kind, place.supplies) ? openPlaces(place.state, kind).map((zone) => zone.zone) : [],
  );
  const zones = open.map(({ id }) => id);
  const added =
    zones.length > 0 ? [step({ technique: 'mask', material: 'masking-tape', zones }), coat, step({ technique: 'unmask', zones })] : [coat];
  const windows = open.some(({ keepClean: kind }) => kind === 'glazing');
  return {
    way: 'insert',
    label: zones.length > 0 ? `${label}, ${windows ? 'windows' : 'what stays clean'} masked` : label,
    edits: added.map((made): Edit => ({ kind: 'insert', at: place.at, step: made })),
  };
}

/** A clear coat; windows that it would fog are masked for it and opened again. Treads are left to a cleaning. */
export const clearCoats = (place: Place, zones: readonly string[], materials: readonly string[], words: string): Fix[] =>
  thoseThereAre(materials, place.supplies).map((material) =>
    maskedCoat(
      place,
      step({ technique: 'clear-coat', material, zones: [...zones] }),
      `${words}: ${materialById(material).name.toLowerCase()}`,
      ['glazing'],
    ),
  );

/** A clear coat right before the step. */
export const insertSeals = (moment: Moment, seals: readonly string[] = SEALS, words = 'Add a seal first'): Fix[] =>
  clearCoats({ ...moment, at: moment.stepIndex }, moment.step.zones, seals, words);

/** A gloss coat for a decal to lie on; where nothing covers the decal later, a coat of the sheen wanted seals it. */
export function insertGlossCoat(moment: Moment): Fix[] {
  const { subject, steps, stepIndex } = moment;
  const later = steps.slice(stepIndex + 1);
  const sealed = later.some((s) => techniqueById(s.technique).effect === 'film' && meets(s, moment.step.zones));
  const over =
    sealed || subject.sheenWanted === 'gloss'
      ? []
      : clearCoats({ ...moment, at: stepIndex + 1 }, moment.step.zones, [`clear-${subject.sheenWanted}-acrylic`], '');
  return insertSeals(moment, ['clear-gloss-acrylic', 'clear-gloss-lacquer-aerosol'], 'Add a smooth coat first').map((fix) => ({
    ...fix,
    label: over.length > 0 ? `${fix.label}, and a ${subject.sheenWanted} clear over the decal` : fix.label,
    edits: [...fix.edits, ...over.flatMap((clear) => clear.edits)],
  }));
}

/** What binds loose powder, by school: the painter's own way first, the other behind it. */
const BINDERS: Record<Schools['fixingPowders'], readonly { technique: string; material: string }[]> = (() => {
  const fixers = ['fixer-alcohol', 'fixer-spirit'].map((material) => ({ technique: 'fix', material }));
  const clears = ['clear-matt-acrylic', 'clear-matt-lacquer-aerosol'].map((material) => ({ technique: 'clear-coat', material }));
  return { fixer: [...fixers, ...clears], clear: [...clears, ...fixers], none: [...fixers, ...clears] };
})();

/**
 * Binds loose powder, before the step at `at`. A misted fixer darkens pale powders, a clear coat mutes them; the powder is
 * put on stronger, because either takes some of it away.
 */
export function fixPowder(zones: readonly string[], at: number, powders: readonly Layer[], school: Schools['fixingPowders']): Fix[] {
  const stronger = powders.flatMap((powder): Edit[] => {
    const allowance = allowanceFor(powder);
    return allowance === null ? [] : [{ kind: 'patch', at: powder.stepIndex, patch: { allowance } }];
  });
  const edits = stronger.filter((edit, i) => stronger.findIndex((other) => other.at === edit.at) === i);
  return BINDERS[school].map(({ technique, material }) => ({
    way: 'insert',
    label: `Fix it: ${materialById(material).name.toLowerCase()}${edits.length > 0 ? ', powder put on stronger' : ''}`,
    edits: [...edits, { kind: 'insert', at, step: step({ technique, material, zones: [...zones] }) }],
  }));
}

/** The step, moved before an earlier one. */
export function moveBefore(moment: Moment, to: number): Fix {
  const { id: _id, ...moved } = moment.step;
  return {
    way: 'move',
    label: `Move it before step ${String(to + 1)}`,
    edits: [
      { kind: 'insert', at: to, step: moved },
      { kind: 'remove', at: moment.stepIndex },
    ],
  };
}

export const insertMattCoat = (moment: Moment): Fix[] =>
  insertSeals(moment, ['clear-matt-acrylic', 'clear-matt-lacquer-aerosol'], 'Add tooth first');

/** The step, moved behind a later one. */
export function moveAfter(moment: Moment, to: number): Fix {
  const { id: _id, ...moved } = moment.step;
  return {
    way: 'move',
    label: `Move it behind step ${String(to + 1)}`,
    edits: [
      { kind: 'insert', at: to + 1, step: moved },
      { kind: 'remove', at: moment.stepIndex },
    ],
  };
}

export function insertSealerForSubstrate(moment: Moment): Fix[] {
  const material = 'primer-acrylic-brush';
  return [
    {
      way: 'insert',
      label: `Seal it first: two brush coats of ${materialById(material).name.toLowerCase()}`,
      edits: [
        { kind: 'insert', at: moment.stepIndex, step: step({ technique: 'brush-coat', material, zones: moment.step.zones, coats: 2 }) },
      ],
    },
  ];
}

/** The same job with another carrier. */
export function swaps(moment: Moment): Fix[] {
  const { material } = moment.step;
  if (material === null) return [];
  return (SUBSTITUTES.get(moment.supplies.like(material)) ?? []).map((other) => {
    const technique = other.technique ?? moment.step.technique;
    const keepsTool =
      moment.step.tool !== null &&
      techniqueById(technique).tools.some((tool) => tool === moment.step.tool) &&
      moment.step.tool !== 'aerosol';
    const dilution = moment.step.dilution && other.thinner ? { ...moment.step.dilution, thinner: other.thinner } : null;
    return {
      way: 'swap',
      label: `Use ${materialById(other.material).name.toLowerCase()} instead`,
      edits: [
        {
          kind: 'patch',
          at: moment.stepIndex,
          patch: { material: other.material, bottleId: null, technique, dilution, tool: keepsTool ? moment.step.tool : null },
        },
      ],
    };
  });
}

/** Waits longer after the step before; in the plan that is a later evening where it does not fit tonight. */
export function waitUntil(moment: Moment, readyMin: number, what: string): Fix[] {
  if (!Number.isFinite(readyMin)) return [];
  const waitMin = Math.ceil(readyMin - moment.startMin + (moment.step.waitMin ?? 0) + moment.sinceLastMin);
  return [
    {
      way: 'wait',
      label: `Wait until it is ${what}: ${formatMinutes(readyMin - moment.startMin)} more`,
      edits: [{ kind: 'patch', at: moment.stepIndex, patch: { waitMin, pinnedAt: null } }],
    },
  ];
}

/** Takes the pin off: the plan then puts the step into the window. */
export function letPlanChoose(moment: Moment): Fix[] {
  if (moment.step.pinnedAt === null && moment.steps.every((s) => s.pinnedAt === null)) return [];
  const edits = moment.steps.flatMap((s, at): Edit[] =>
    s.pinnedAt !== null && at <= moment.stepIndex ? [{ kind: 'patch', at, patch: { pinnedAt: null } }] : [],
  );
  return [{ way: 'release', label: 'Let the plan choose the evening', edits }];
}

/** Mask before and unmask after each run of steps that would reach the place. */
export function maskPairs(moment: Moment, zones: string[], reaches: (s: Step) => boolean): Fix[] {
  const hits = moment.steps.map((s, at) => at >= moment.stepIndex && reaches(s));
  const mask = step({ technique: 'mask', material: 'masking-tape', zones });
  const unmask = step({ technique: 'unmask', zones });
  const edits = [...hits, false].flatMap((hit, at): Edit[] => {
    const before = hits[at - 1] ?? false;
    return hit === before ? [] : [{ kind: 'insert', at, step: hit ? mask : unmask }];
  });
  const pairs = edits.length / 2;
  return [{ way: 'mask', label: pairs > 1 ? `Mask before and unmask after (${String(pairs)} times)` : 'Mask before, unmask after', edits }];
}

/** The step done on less of the zone, or with a lighter hand. */
export function gentler(moment: Moment, coverPct: number): Fix[] {
  const { stepIndex } = moment;
  const less = Math.max(1, Math.round(coverPct / 2));
  return [
    { way: 'adjust', label: `On half as much: ${String(less)} %`, edits: [{ kind: 'patch', at: stepIndex, patch: { coverPct: less } }] },
    {
      way: 'adjust',
      label: 'With half the strength',
      edits: [{ kind: 'patch', at: stepIndex, patch: { strength: (moment.step.strength ?? 1) / 2, allowance: null } }],
    },
    {
      way: 'adjust',
      label: 'A third, lightly',
      edits: [{ kind: 'patch', at: stepIndex, patch: { coverPct: Math.max(1, Math.round(coverPct / 3)), strength: 0.3, allowance: null } }],
    },
  ];
}

/** A look before the step: what follows cannot be taken back. */
export const lookFirst = (moment: Moment): Fix[] => [
  {
    way: 'insert',
    label: 'Look first, from where it will be seen',
    edits: [
      {
        kind: 'insert',
        at: moment.stepIndex,
        step: step({ technique: 'inspect', zones: [...moment.step.zones], gate: 'Right as it is? What follows cannot be taken back' }),
      },
    ],
  },
];

const before = ({ stepIndex }: Moment, label: string, ...steps: Omit<Step, 'id'>[]): Fix => ({
  way: 'insert',
  label,
  edits: steps.map((one): Edit => ({ kind: 'insert', at: stepIndex, step: one })),
});

/** What was laid too long ago, laid once more right before. */
export function layAgain(moment: Moment, { stepIndex, material }: Pick<Layer, 'stepIndex' | 'material'>): Fix[] {
  const laid = moment.steps[stepIndex];
  if (!laid) return [];
  const { id: _unused, ...again } = laid;
  return [before(moment, `Lay ${material.name.toLowerCase()} again first`, { ...again, waitMin: null, pinnedAt: null, groupId: null })];
}

/** The soluble layer that water opens, right before the coat that is to chip. */
export const solubleUnder = (moment: Moment, topIndex: number): Fix[] => [
  {
    way: 'insert',
    label: 'Chipping medium under the top coat',
    edits: [
      {
        kind: 'insert',
        at: topIndex,
        step: step({ technique: 'airbrush-coat', material: 'chipping-medium', zones: [...moment.step.zones], coats: 2 }),
      },
    ],
  },
];

/** What lets glue soak into dry matter. */
const WETTING = ['isopropanol-70', 'water-detergent'] as const;

/** Alcohol or soapy water right before. */
export const wetFirst = (moment: Moment): Fix[] =>
  WETTING.map((material) =>
    before(
      moment,
      `Wet it first: ${materialById(material).name.toLowerCase()}`,
      step({ technique: 'wet', material, zones: [...moment.step.zones] }),
    ),
  );

/** Glue on the same share of the zones, right before. */
export const glueFirst = (moment: Moment): Fix[] => [
  before(
    moment,
    'Glue first: white glue',
    step({ technique: 'glue', material: 'white-glue', zones: [...moment.step.zones], coverPct: moment.incoming.coverPct }),
  ),
];

/** The first of some primers that there is something to lay with, on the same zones, what must be kept clean masked. */
export const insertPrimer = (moment: Moment, materials: readonly string[], words: string): Fix[] =>
  thoseThereAre(materials, moment.supplies)
    .slice(0, 1)
    .map((id) => {
      const material = materialById(id);
      const laid = step({ technique: groundTechnique(material), material: id, zones: [...moment.step.zones] });
      return maskedCoat({ ...moment, at: moment.stepIndex }, laid, `${words}: ${material.name.toLowerCase()}`);
    });

/** What lies loose, wetted and flooded with thinned glue. */
export const bindLoad = (zones: string[], at: number): Fix[] =>
  WETTING.map((material) => ({
    way: 'insert',
    label: `Flood it with glue, after ${materialById(material).name.toLowerCase()}`,
    edits: [
      { kind: 'insert', at, step: step({ technique: 'wet', material, zones }) },
      { kind: 'insert', at, step: step({ technique: 'flood-glue', material: 'white-glue-dilute', zones }) },
    ],
  }));
