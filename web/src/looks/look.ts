import { constantAir } from '@eveningtide/core/climate';
import { sectionOf, type Section } from '@eveningtide/core/section';
import {
  buildsAlong,
  expandRounds,
  looksAlong,
  stepIdOf,
  subjectOf,
  type Looks,
  type SequenceProblem,
  type ZoneBuild,
} from '@eveningtide/core/sequence';
import type { Supplies } from '@eveningtide/core/materials';
import type { Piece } from '@eveningtide/core/subjects';

/** How a surface ends does not hang on the hour: any air that dries will do. */
const DRY_AIR = constantAir({ tempC: 20, rhPct: 50 });

/** The sequence of a piece up to a step, that one included; all of it where none is given. */
export function sequenceOf(piece: Piece, supplies: Supplies, untilStepId: string | null): SequenceProblem {
  const steps = expandRounds(piece.steps, piece.groups);
  const last = untilStepId === null ? -1 : steps.findLastIndex((step) => stepIdOf(step.id) === untilStepId);
  return {
    subject: subjectOf(piece),
    steps: last < 0 ? steps : steps.slice(0, last + 1),
    startsMin: [],
    durationsMin: [],
    bench: DRY_AIR,
    supplies,
  };
}

/** So many steps of a sequence, rounds counted, are done when so many of the planned ones are. */
export function doneAfter(piece: Piece, problem: SequenceProblem, planned: number): number {
  const step = piece.steps[planned - 1];
  return step ? problem.steps.findLastIndex(({ id }) => stepIdOf(id) === step.id) + 1 : 0;
}

/** The cut through a zone, and the ids of the steps its bands came from. */
export function pieceSection(
  piece: Piece,
  supplies: Supplies,
  zoneId: string,
  untilStepId: string | null,
): { section: Section; stepIds: string[] } {
  const problem = sequenceOf(piece, supplies, untilStepId);
  const section = sectionOf(problem, zoneId);
  return { section, stepIds: section.bands.map((band) => stepIdOf(problem.steps[band.stepIndex]?.id ?? '')) };
}

/** The predicted look of every zone: as it came, and after each planned step, all rounds of its group done. */
export function plannedLooks(piece: Piece, supplies: Supplies): Record<string, Looks>[] {
  const problem = sequenceOf(piece, supplies, null);
  const looks = looksAlong(problem);
  const lastOf = new Map(problem.steps.map((step, i) => [stepIdOf(step.id), i]));
  const bare = looks[0] ?? {};
  return [bare, ...piece.steps.map((step) => looks[(lastOf.get(step.id) ?? -1) + 1] ?? bare)];
}

/** The film build of every zone: as it came, and after each planned step, all rounds of its group done. Limits name planned steps. */
export function plannedBuilds(piece: Piece, supplies: Supplies): ZoneBuild[] {
  const problem = sequenceOf(piece, supplies, null);
  const lastOf = new Map(problem.steps.map((step, i) => [stepIdOf(step.id), i]));
  const planned = (at: number | null): number | null => {
    const id = at === null ? undefined : problem.steps[at]?.id;
    return id === undefined ? null : piece.steps.findIndex((step) => step.id === stepIdOf(id));
  };
  return buildsAlong(problem).map(({ zoneId, along, cautionAt, snagAt }) => {
    const [bare] = along;
    const kept = bare ? [bare, ...piece.steps.map((step) => along[(lastOf.get(step.id) ?? -1) + 1] ?? bare)] : [];
    return { zoneId, along: kept, cautionAt: planned(cautionAt), snagAt: planned(snagAt) };
  });
}
