import { constantAir, type Air } from '../climate/index.js';
import { plainStep, type KeepClean, type Relief, type Step, type SubstrateId } from '../subjects/index.js';
import { ALONE, type Subject } from './subject.js';
import type { SequenceProblem } from './problem.js';

/** What differs from a plain piece of matt polystyrene. */
export type SubjectGiven = Partial<Omit<Subject['zones'][number], 'keepClean'>> &
  Partial<Pick<Subject, 'handled' | 'features' | 'sheenWanted' | 'keepClean' | 'company'>> & { zones?: string[] };

/** A step in short; it starts as soon as it may unless it says when. */
export type Short = [technique: string, material: string | null, more?: Partial<Step> & { startMin?: number }];

/** A sequence that shows something. */
export interface Example {
  steps: readonly Short[];
  on?: SubjectGiven;
  air?: Air;
  bottleAgesDays?: number[];
}

/** What a rule says of itself by example: where it fires, where it is silent. */
export interface Examples {
  fires: Example;
  silent: Example;
}

export const exampleProblem = ({ steps, on, air, bottleAgesDays = [] }: Example): SequenceProblem => ({
  ...problem(steps, subject(on), air),
  bottleAgesDays,
});

/** Of what examples are done on: boards or plates of a kit (from memory). */
export const EXAMPLE_RELIEF: Relief = { grooveDepthUm: 300, grooveWidthUm: 300, crestHeightUm: 300 };

const MATERIAL_OF: Record<KeepClean, SubstrateId> = {
  glazing: 'clear-plastic',
  'wheel-treads': 'brass',
  bearings: 'brass',
  'pick-ups': 'brass',
  couplers: 'polystyrene',
};

/** A plain subject: two zones of one substrate, with places to keep clean where they matter. */
export function subject(given: SubjectGiven = {}): Subject {
  const {
    zones = ['side-lower', 'roof'],
    keepClean = [],
    handled = false,
    features = [],
    sheenWanted = 'matt',
    company = ALONE,
    ...zone
  } = given;
  const plain = {
    substrate: 'polystyrene' as SubstrateId,
    startSheen: 'matt' as const,
    relief: EXAMPLE_RELIEF,
    keepClean: null,
    partId: 'body',
    seen: 'yes' as const,
    startColour: null,
  };
  return {
    kind: 'rolling-stock',
    handled,
    sheenWanted,
    keepClean,
    features,
    cleaned: true,
    company,
    zones: [
      ...zones.map((id) => ({ ...plain, ...zone, id, name: id, role: id })),
      ...keepClean.map((id) => ({ ...plain, id, name: id, role: id, substrate: MATERIAL_OF[id], keepClean: id })),
    ],
  };
}

/** Steps in short, in unchanging air; they take no time. */
export function problem(steps: readonly Short[], on: Subject = subject(), air: Air = { tempC: 20, rhPct: 50 }): SequenceProblem {
  return {
    subject: on,
    steps: steps.map(([technique, material, more], i) => {
      const { startMin: _start, ...rest } = more ?? {};
      return plainStep({ id: `s${String(i + 1)}`, technique, material, zones: ['all'], ...rest });
    }),
    startsMin: steps.map(([, , more]) => more?.startMin ?? null),
    durationsMin: steps.map(() => 0),
    bench: constantAir(air),
  };
}
