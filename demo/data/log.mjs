// What was done last spring on the first length of the quay: a piece that lies in the archive, and its log. All invented.
const [{ expandRounds, sittings }, { plainEntry }, { momentOf }] = await Promise.all(
  ['sequence', 'log', 'units'].map((room) => import(`../../core/dist/${room}/index.js`)),
);

const FIRST_EVENING = '2026-04-14';
const DAY_MIN = 1440;
const HALF_PAST_SEVEN = 19 * 60 + 30;

/** The wall of last spring: as this one, with a little less at its foot. */
export const springWall = (wall) => ({
  ...wall,
  id: 'spring-wall',
  name: 'Quay wall of last spring',
  archivedOn: '2026-05-02',
  note: 'First length of the fish quay. The second must match it.',
  doneBy: null,
  steps: wall.steps.map((step) => (step.technique === 'drybrush' ? { ...step, coverPct: 8 } : step)),
});

/** Evening, minutes against the usual, and what was noted, by step. */
const DONE = [
  { evening: 0, times: 1.1 },
  { evening: 0, times: 1.4, marks: ['one thin coat more'] },
  { evening: 2, times: 1.3, dryTimes: 1.35 },
  { evening: 3, times: 1.2, dryTimes: 1.25 },
  { evening: 4, times: 1.0, note: 'Joints a little too dark: 1 : 5 next time', thinned: [1, 5] },
  { evening: 4, times: 0.9 },
  { evening: 6, times: 1.2 },
  { evening: 6, times: 1.1 },
  { evening: 7, times: 3.4, setAside: 'the telephone rang' },
  { evening: 7, times: 1.2, note: 'Looked at in daylight next morning' },
];

/** The spring wall's evenings, step after step. Label times of drying are those of a mild room. */
export function springLog(piece, supplies, pictures) {
  let at = HALF_PAST_SEVEN;
  let evening = -1;
  const entries = expandRounds(piece.steps, piece.groups).flatMap((step, i) => {
    const { evening: on, times, marks = [], note = '', dryTimes = null, setAside = null, thinned = null } = DONE[i];
    if (on !== evening) [evening, at] = [on, HALF_PAST_SEVEN];
    const all = sittings(step, piece, { supplies, boothModels: 4, brushesMm: [3, 6, 12, 25] });
    return all.map((usualMin, sitting) => {
      // coats laid apart wait for each other
      if (sitting > 0) at += 45;
      const [fromMin, toMin] = [on * DAY_MIN + at, on * DAY_MIN + at + usualMin * times];
      at += usualMin * times + 4;
      const isLast = sitting === all.length - 1;
      return plainEntry({
        id: `spring-${String(i + 1)}-${String(sitting + 1)}`,
        kind: 'work',
        pieceId: piece.id,
        stepId: step.id,
        sitting,
        step: thinned ? { ...step, dilution: { ...step.dilution, parts: thinned } } : step,
        startedAt: momentOf(FIRST_EVENING, fromMin),
        endedAt: momentOf(FIRST_EVENING, toMin),
        plannedMin: usualMin,
        air: { tempC: 19, rhPct: 55 },
        marks: isLast ? marks : [],
        note: isLast ? note : '',
        dryTest: dryTimes === null || !isLast ? null : { at: momentOf(FIRST_EVENING, toMin + 60 * dryTimes), labelMin: 60 },
        setAside,
        pictures: i === 0 ? [pictures.castingBare] : i === DONE.length - 1 ? [pictures.castingDone] : [],
      });
    });
  });
  const trouble = plainEntry({
    id: 'spring-trouble',
    kind: 'trouble',
    pieceId: piece.id,
    stepId: piece.steps[4].id,
    step: piece.steps[4],
    startedAt: momentOf(FIRST_EVENING, 4 * DAY_MIN + HALF_PAST_SEVEN + 25),
    air: { tempC: 19, rhPct: 55 },
    met: { trouble: 'tide-mark', remedy: 'blend-out' },
    note: 'Under the drain mouth',
  });
  return [...entries, trouble].sort((a, b) => a.startedAt.localeCompare(b.startedAt));
}
