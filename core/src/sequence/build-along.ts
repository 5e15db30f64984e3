import { grooveLost, grooveSeverity } from './build.js';
import { Walk } from './walker.js';
import type { SequenceProblem } from './problem.js';

/** The film on a zone after a step, and what of its groove is left. The same figures that the rule build-over-detail reads. */
export interface BuildAt {
  recessUm: number;
  faceUm: number;
  crestUm: number;
  /** Width and depth of the groove that are left, µm; null on a smooth zone. */
  widthLeftUm: number | null;
  depthLeftUm: number | null;
  /** Share of the groove that is gone, 0–1, by width or depth, whichever lost more. */
  lost: number;
  by: 'width' | 'depth';
}

export interface ZoneBuild {
  zoneId: string;
  /** Before the first step and after each: as many entries as steps, and one. */
  along: BuildAt[];
  /** Index of the step that takes the groove over the limit; null: none does. */
  cautionAt: number | null;
  snagAt: number | null;
}

/** The film build of every zone along a sequence. */
export function buildsAlong(problem: SequenceProblem): ZoneBuild[] {
  const { steps, startsMin, durationsMin } = problem;
  const walk = Walk.begin(problem);
  const builds = new Map([...walk.state.zones.keys()].map((id): [string, BuildAt[]] => [id, []]));
  const note = (): void => {
    for (const [id, { build, zone }] of walk.state.zones) {
      const { grooveDepthUm, grooveWidthUm } = zone.relief;
      const { share, by } = grooveLost(build, zone.relief);
      builds.get(id)?.push({
        recessUm: build.recessUm,
        faceUm: build.faceUm,
        crestUm: build.crestUm,
        widthLeftUm: grooveWidthUm > 0 ? Math.max(0, grooveWidthUm - build.widthLostUm) : null,
        depthLeftUm: grooveDepthUm > 0 ? Math.max(0, grooveDepthUm - build.depthLostUm) : null,
        lost: share,
        by,
      });
    }
  };
  note();
  for (let i = 0; i < steps.length; i++) {
    walk.take(steps, i, { startMin: startsMin[i] ?? null, durationMin: durationsMin[i] ?? 0 }, { before: () => undefined });
    note();
  }
  const crosses = (along: readonly BuildAt[], isGone: (severity: ReturnType<typeof grooveSeverity>) => boolean): number | null => {
    const at = along.findIndex(({ lost }) => isGone(grooveSeverity(lost)));
    return at < 0 ? null : Math.max(0, at - 1);
  };
  return [...builds].map(([zoneId, along]) => ({
    zoneId,
    along,
    cautionAt: crosses(along, (severity) => severity !== null),
    snagAt: crosses(along, (severity) => severity === 'snag'),
  }));
}

/** What a film on the model would be on the prototype, mm. */
export const readsAsMm = (filmUm: number, scaleRatio: number): number => (filmUm * scaleRatio) / 1000;
