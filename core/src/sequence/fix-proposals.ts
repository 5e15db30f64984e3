import { ALTERNATIVES, materialById } from '../materials/index.js';
import { formatMinutes } from '../units/index.js';
import { plainStep, type Step } from '../subjects/index.js';
import { techniqueById } from '../techniques/index.js';
import type { Edit, Fix } from './finding.js';
import { fogsGlazing, openGlazing } from './glazing.js';
import type { Moment } from './moment.js';

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

/** A clear coat right before the step; windows that it would fog are masked for it and opened again. */
export function insertSeals(moment: Moment, seals: readonly string[] = SEALS): Fix[] {
  return seals.map((material) => {
    const seal = step({ technique: 'clear-coat', material, zones: moment.step.zones });
    const glass = openGlazing(moment.state).map((zone) => zone.zone.id);
    const masked = glass.length > 0 && fogsGlazing({ id: '', ...seal }, moment.subject);
    const added = masked
      ? [step({ technique: 'mask', material: 'masking-tape', zones: glass }), seal, step({ technique: 'unmask', zones: glass })]
      : [seal];
    return {
      way: 'insert',
      label: `Add a seal first: ${materialById(material).name.toLowerCase()}${masked ? ', windows masked' : ''}`,
      edits: added.map((made): Edit => ({ kind: 'insert', at: moment.stepIndex, step: made })),
    };
  });
}

/** The same with a gloss coat, for a decal to lie on. */
export const insertGlossCoat = (moment: Moment): Fix[] =>
  insertSeals(moment, ['clear-gloss-acrylic', 'clear-gloss-lacquer-aerosol']).map((fix) => ({
    ...fix,
    label: fix.label.replace('Add a seal first', 'Add a smooth coat first'),
  }));

/** Binds loose powder, before the step at `at`. A misted fixer first: it darkens pale powders, a clear coat mutes them. */
export function fixPowder(zones: readonly string[], at: number): Fix[] {
  return (['fixer-alcohol', 'fixer-spirit'] as const).map((material) => ({
    way: 'insert',
    label: `Fix it: ${materialById(material).name.toLowerCase()}`,
    edits: [{ kind: 'insert', at, step: step({ technique: 'fix', material, zones: [...zones] }) }],
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

export function insertMattCoat(moment: Moment): Fix[] {
  return insertSeals(moment)
    .slice(0, 2)
    .map((fix) => ({ ...fix, label: fix.label.replace('Add a seal first', 'Add tooth first') }));
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
  return (ALTERNATIVES[material] ?? []).map((other) => {
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
