import { constantAir, type Air } from '../climate/index.js';
import { plainStep, type Step, type SubstrateId } from '../subjects/index.js';
import type { Subject } from './subject.js';
import type { SequenceProblem } from './walker.js';

/** What differs from a plain piece of matt polystyrene. */
export type SubjectGiven = Partial<Subject['zones'][number]> & { zones?: string[]; glazing?: boolean; handled?: boolean };

/** A step in short; it starts as soon as it may unless it says when. */
export type Short = [technique: string, material: string | null, more?: Partial<Step> & { startMin?: number }];

/** A sequence that shows something. */
export interface Example {
  steps: readonly Short[];
  on?: SubjectGiven;
  air?: Air;
}

/** What a rule says of itself by example: where it fires, where it is silent. */
export interface Examples {
  fires: Example;
  silent: Example;
}

export const exampleProblem = ({ steps, on, air }: Example): SequenceProblem => problem(steps, subject(on), air);

/** A plain subject: two zones of one substrate, with windows where they matter. */
export function subject(given: SubjectGiven = {}): Subject {
  const { zones = ['side-lower', 'roof'], glazing = false, handled = false, ...zone } = given;
  const plain = {
    substrate: 'polystyrene' as SubstrateId,
    startSheen: 'matt' as const,
    relief: { grooveDepthUm: 300, grooveWidthUm: 300, crestHeightUm: 300 },
    keepClean: null,
    partId: 'body',
  };
  return {
    kind: 'rolling-stock',
    handled,
    sheenWanted: 'matt',
    keepClean: glazing ? ['glazing'] : [],
    zones: [
      ...zones.map((id) => ({ ...plain, ...zone, id, name: id })),
      ...(glazing
        ? [{ ...plain, id: 'glazing', name: 'glazing', substrate: 'clear-plastic' as const, keepClean: 'glazing' as const }]
        : []),
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
