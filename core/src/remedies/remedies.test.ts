import { describe, expect, test } from '@jest/globals';
import { worked } from '../log/testing.js';
import { CATALOGUE, EMPTY_SHELF, MATERIALS } from '../materials/index.js';
import { planPieces, type PlanInput } from '../schedule/index.js';
import { MONDAY, everyEvening, vanWith, type Short } from '../schedule/testing.js';
import type { LogEntry } from '../log/index.js';
import { incomingOf, ruleById, type Finding } from '../sequence/index.js';
import { plainStep, type Piece, type Step } from '../subjects/index.js';
import { TECHNIQUES } from '../techniques/index.js';
import { SOMETHING_ELSE, TROUBLES, adviceFor, isTroubleId, troubleById, troublesOf, withRemedy, type Advice } from './index.js';

const SEVEN = 19 * 60;
const DAY = 1440;
const WASH: Short = ['wash', 'wash-enamel', { dilution: { thinner: 'white-spirit', parts: [1, 2] } }];
const SEALED: Short[] = [['brush-coat', 'acrylic-matt'], ['clear-coat', 'clear-matt-acrylic'], WASH];

/** The steps are done, the last one so many minutes ago, those before it a day before each. */
function given(piece: Piece, agoMin: number): PlanInput {
  const count = piece.steps.length;
  const log = piece.steps.map((_, i) => {
    const endMin = SEVEN - agoMin - (count - 1 - i) * 3 * DAY;
    return worked(piece, i, [endMin - 8, endMin], { date: MONDAY });
  });
  return { pieces: [piece], log, nowMin: SEVEN, workshop: everyEvening(), shelf: EMPTY_SHELF, originDate: MONDAY };
}
const advice = (steps: Short[], agoMin: number, trouble: string): Advice => {
  const piece = vanWith('van', steps);
  return adviceFor(given(piece, agoMin), 'van', piece.steps.at(-1)!.id, trouble);
};
/** Troubles as they are offered where nothing was said of the step and nothing has been met before. */
const metOn = (step: Step) => troublesOf({ step, open: [], report: { ripening: null } }, { supplies: CATALOGUE, log: [], nowMin: SEVEN });
const verdictOf = ({ remedies }: Advice, id: string) => remedies.find((one) => one.id === id)?.verdict;

describe('remedies', () => {
  test('a tide mark is drawn out while the wash is young, and not any more when it is hard', () => {
    const young = advice(SEALED, 12, 'tide-mark');
    expect(young.age).toBe('wet');
    expect(young.remedies[0]).toMatchObject({ id: 'blend-out', verdict: 'helps' });
    expect(verdictOf(advice(SEALED, 1, 'tide-mark'), 'blend-out')).toBe('not now');
    const old = advice(SEALED, 5 * DAY, 'tide-mark');
    expect(verdictOf(old, 'blend-out')).toBe('not now');
    expect(old.remedies.find(({ id }) => id === 'blend-out')?.why).toContain('too dry');
    expect(verdictOf(old, 'dust-over')).not.toBe('not now');
  });

  test('what goes into a wash that is still wet goes there on purpose; into a hard one it does not', () => {
    const { steps } = advice(SEALED, 12, 'tide-mark').remedies.find(({ id }) => id === 'blend-out')!;
    expect(steps[0]).toMatchObject({ technique: 'blend', intoWet: true });
    const old = advice(SEALED, 5 * DAY, 'tide-mark').remedies.find(({ id }) => id === 'dust-over')!;
    expect(old.steps[0]).not.toHaveProperty('intoWet');
  });

  test('ink in alcohol, too, is drawn out with its thinner as long as that moves it', () => {
    const inked: Short[] = [
      ['spray-coat', 'primer-lacquer-aerosol'],
      ['wash', 'ink-in-alcohol', { dilution: { thinner: 'isopropanol-70', parts: [1, 40] } }],
    ];
    expect(advice(inked, 1, 'tide-mark').remedies[0]).toMatchObject({ id: 'blend-out', verdict: 'helps' });
    expect(verdictOf(advice(inked, 5 * DAY, 'tide-mark'), 'blend-out')).toBe('not now');
  });

  test('what lies under it decides: over enamel that its thinner still lifts, the same remedy makes it worse', () => {
    const bare: Short[] = [['brush-coat', 'enamel-matt'], WASH];
    const piece = vanWith('van', bare);
    const done = given(piece, 3);
    // the enamel is of the same evening
    const log = [worked(piece, 0, [SEVEN - 200, SEVEN - 190], { date: MONDAY }), done.log[1]!];
    const told = adviceFor({ ...done, log }, 'van', 's2', 'tide-mark');
    const blend = told.remedies.find(({ id }) => id === 'blend-out')!;
    expect(blend.verdict).toBe('worse');
    expect(blend.why).toMatch(/spirit|lift/i);
    expect(told.remedies.at(-1)!.verdict).toBe('worse');
  });

  test('taken back only while it comes off without what lies below', () => {
    expect(verdictOf(advice(SEALED, 12, 'tide-mark'), 'wipe-back')).toBe('helps');
    expect(verdictOf(advice(SEALED, 20 * DAY, 'tide-mark'), 'wipe-back')).toBe('not now');
  });

  test('rubbing down waits until the coat is hard', () => {
    const coat: Short[] = [['brush-coat', 'acrylic-matt']];
    expect(verdictOf(advice(coat, 5, 'orange-peel'), 'abrade')).toBe('not now');
    expect(verdictOf(advice(coat, 5, 'orange-peel'), 'flow-mist')).not.toBe('not now');
    expect(['helps', 'with care']).toContain(verdictOf(advice(coat, 10 * DAY, 'orange-peel'), 'abrade'));
  });

  test('loose powder comes off with a brush, fixed powder does not', () => {
    const loose: Short[] = [
      ['brush-coat', 'acrylic-matt'],
      ['powder-dry', 'pigment-dry'],
    ];
    expect(verdictOf(advice(loose, 10, 'too-much-powder'), 'brush-off')).toBe('helps');
    const slurry: Short[] = [
      ['brush-coat', 'acrylic-matt'],
      ['powder-slurry', 'pigment-in-fixer'],
    ];
    expect(verdictOf(advice(slurry, 10 * DAY, 'too-much-powder'), 'brush-off')).toBe('not now');
  });

  test('only what can be met on a step is asked about', () => {
    const named = (technique: string, material: string | null) =>
      metOn(plainStep({ id: 's', technique, material, zones: ['all'] })).map(({ id }) => id);
    expect(named('wash', 'wash-enamel')).toEqual(expect.arrayContaining(['tide-mark', 'lifted-paint', 'fingerprint']));
    expect(named('wash', 'wash-enamel')).not.toContain('silvered-decal');
    expect(named('chip', 'water')).toContain('will-not-chip');
    expect(named('clear-coat', 'clear-matt-acrylic')).toEqual(expect.arrayContaining(['fogged-clear', 'orange-peel', 'wrinkling']));
    expect(named('inspect', null)).toEqual([]);
    expect(named('clean', 'water')).not.toContain('fingerprint');
    expect(named('powder-dry', 'pigment-dry')).toContain('fingerprint');
  });

  test('the likeliest stands first: what a rule warned of, what was met here before, what shows at this age', () => {
    const wash: Short[] = [['brush-coat', 'enamel-matt'], WASH];
    const piece = vanWith('van', wash);
    const outlook = planPieces({ ...given(piece, 3), log: [] }).pieces[0]!;
    const [, step] = piece.steps;
    const report = outlook.reports[1]!;
    const named = (open: readonly Pick<Finding, 'rule'>[], log: LogEntry[], nowMin: number): string[] =>
      troublesOf({ step: step!, open: open as Finding[], report }, { supplies: CATALOGUE, log, nowMin }).map(({ id }) => id);
    const young = named([], [], report.endMin + 1);
    expect(young[0]).toBe('tide-mark');
    expect(named([{ rule: 'too-soon' }], [], report.endMin + 1)[0]).toBe('lifted-paint');
    const met = { ...worked(piece, 1, [SEVEN - 200, SEVEN - 190], { date: MONDAY }), met: { trouble: 'fingerprint', remedy: null } };
    expect(named([], [met], report.endMin + 1)[0]).toBe('fingerprint');
    // what was met with another technique says nothing of this one
    expect(named([], [{ ...met, step: piece.steps[0]! }], report.endMin + 1)).toEqual(young);
    expect(new Set(named([{ rule: 'too-soon' }], [met], report.endMin + 9 * DAY))).toEqual(new Set(young));
    const coat = plainStep({ id: 's', technique: 'brush-coat', material: 'acrylic-matt', zones: ['all'] });
    const ripening = { touchMin: 10, recoatFromMin: 30, dryHardMin: 300, solventProofMin: 600 };
    const at = (nowMin: number): string[] =>
      troublesOf({ step: coat, open: [], report: { ripening } }, { supplies: CATALOGUE, log: [], nowMin }).map(({ id }) => id);
    const laterOnes = (ids: readonly string[]): boolean[] => ids.map((id) => troubleById(id).showsLater === true);
    expect(laterOnes(at(5))).toEqual(laterOnes(at(5)).toSorted((a, b) => Number(a) - Number(b)));
    expect(laterOnes(at(400))).toEqual(laterOnes(at(400)).toSorted((a, b) => Number(b) - Number(a)));
  });

  test('troubles are warned of by rules that there are', () => {
    for (const rule of TROUBLES.flatMap(({ warnedBy = [] }) => warnedBy)) expect(() => ruleById(rule)).not.toThrow();
  });

  test('each trouble can befall some step, but what has no name; none is offered where it cannot', () => {
    const anyStep = TECHNIQUES.flatMap((technique) =>
      [null, ...MATERIALS.filter(({ role }) => technique.roles.includes(role)).map(({ id }) => id)].map((material) =>
        metOn(plainStep({ id: 's', technique: technique.id, material, zones: ['all'] })).map(({ id }) => id),
      ),
    );
    const offered = new Set(anyStep.flat());
    expect(TROUBLES.filter(({ id }) => !offered.has(id))).toEqual([SOMETHING_ELSE]);
    expect(offered.size).toBeGreaterThanOrEqual(26);
    const on = (technique: string, material: string | null) =>
      metOn(plainStep({ id: 's', technique, material, zones: ['all'] })).map(({ id }) => id);
    expect(on('scatter', 'static-grass')).toContain('grass-flat');
    expect(on('scatter', 'sand')).not.toContain('grass-flat');
    expect(on('brush-coat', 'acrylic-matt')).not.toContain('melted-foam');
    expect(on('spray-coat', 'primer-lacquer-aerosol')).toContain('melted-foam');
    expect(on('unmask', null)).toEqual(expect.arrayContaining(['bleed-under-tape', 'pulled-by-tape']));
    expect(on('brush-coat', 'acrylic-matt')).not.toContain('spatter');
    const brushed = plainStep({ id: 's', technique: 'clear-coat', material: 'clear-matt-acrylic', tool: 'flat brush', zones: ['all'] });
    expect(metOn(brushed).map(({ id }) => id)).not.toContain('spatter');
  });

  test('what is scattered does not dry: its glue tells how long it can be raised, and when more may come', () => {
    const grass: Short[] = [
      ['glue', 'white-glue'],
      ['scatter', 'static-grass'],
    ];
    expect(verdictOf(advice(grass, 5, 'grass-flat'), 'raise')).toBe('helps');
    expect(verdictOf(advice(grass, 5, 'grass-flat'), 'second-layer')).toBe('not now');
    expect(verdictOf(advice(grass, 2 * DAY, 'grass-flat'), 'raise')).toBe('not now');
    expect(verdictOf(advice(grass, 2 * DAY, 'grass-flat'), 'second-layer')).not.toBe('not now');
    const [soon, late] = [5, 2 * DAY].map((ago) => verdictOf(advice(grass, ago, 'floating-grains'), 'soak-up'));
    expect([soon, late]).toEqual(['helps', 'not now']);
  });

  test('colour under tape is scraped off when the tape comes off, whatever the tape itself is', () => {
    const pulled: Short[] = [
      ['mask', 'masking-tape', { zones: ['roof'] }],
      ['brush-coat', 'acrylic-matt', { zones: ['ends'] }],
      ['unmask', null, { zones: ['roof'] }],
    ];
    expect(verdictOf(advice(pulled, 2, 'bleed-under-tape'), 'scrape-edge')).toBe('helps');
  });

  test('no water mist on a fogged acrylic clear; powder comes off with a dry bud', () => {
    const clear: Short[] = [
      ['brush-coat', 'acrylic-matt'],
      ['clear-coat', 'clear-matt-acrylic'],
    ];
    expect(advice(clear, 40, 'fogged-clear').remedies.find(({ id }) => id === 'mist-own-thinner')).toMatchObject({
      verdict: 'not now',
      why: 'water only shuts more damp in',
    });
    expect(troubleById('too-much-powder').remedies.find(({ id }) => id === 'dry-bud')!.steps).toBeUndefined();
    expect(troubleById('orange-peel').nextTime.join(' ')).toContain('more pressure');
  });

  test('the sequence is adapted: the remedy follows what it mends, on the same zones, and is planned next', () => {
    const piece = vanWith('van', [...SEALED, ['inspect', null]]);
    const washed = given({ ...piece, steps: piece.steps.slice(0, 3) }, 12);
    const [best] = adviceFor(washed, 'van', 's3', 'tide-mark').remedies;
    const mended = withRemedy(piece, 's3', best!.steps, (n) => `mend${String(n)}`);
    expect(mended.steps.map(({ id }) => id)).toEqual(['s1', 's2', 's3', 'mend1', 's4']);
    expect(mended.steps[3]).toMatchObject({ technique: 'blend', material: 'white-spirit', zones: mended.steps[2]!.zones, groupId: null });
    const { plan } = planPieces({
      pieces: [mended],
      workshop: everyEvening(),
      shelf: EMPTY_SHELF,
      log: washed.log,
      originDate: MONDAY,
      nowMin: SEVEN,
    });
    expect(plan.placed[0]!.id).toBe('van/3/0');
  });

  test('in a repeat group it follows the last round', () => {
    const group = { id: 'g', name: 'Mud', rounds: 2, gate: '' };
    const piece = vanWith(
      'van',
      [WASH, ['inspect', null, {}]].map((one) => [one[0], one[1], { ...(one[2] as object), groupId: 'g' }] as Short),
      { groups: [group] },
    );
    expect(withRemedy(piece, 's1~2', [{ technique: 'inspect' }], String).steps.map(({ id }) => id)).toEqual(['s1', 's2', '1']);
  });

  test('names that are not known are told', () => {
    expect(() => troubleById('gremlins')).toThrow("'gremlins'");
    expect(isTroubleId('wrinkling')).toBe(true);
    const one = given(vanWith('van', SEALED), 3);
    expect(() => adviceFor(one, 'lorry', 's1', 'wrinkling')).toThrow("pieceId must be one of the pieces, got 'lorry'");
    expect(() => adviceFor(one, 'van', 's9', 'wrinkling')).toThrow("got 's9'");
    expect(() => withRemedy(one.pieces[0]!, 's9', [], String)).toThrow("got 's9'");
  });

  test.each(TROUBLES.flatMap(({ id, remedies }) => remedies.map((remedy) => [id, remedy.id] as const)))(
    '%s, %s: whatever it is met on and however old it is, it is judged, and its steps can be done',
    (troubleId, remedyId) => {
      const kinds: Short[] = [
        WASH,
        ['clear-coat', 'clear-matt-acrylic'],
        ['powder-slurry', 'pigment-in-fixer'],
        ['decal', 'decal-waterslide'],
        ['brush-coat', 'enamel-matt'],
      ];
      for (const kind of kinds)
        for (const agoMin of [2, 300, 9 * DAY]) {
          const piece = vanWith('van', [['brush-coat', 'acrylic-matt'], kind]);
          const one = adviceFor(given(piece, agoMin), 'van', 's2', troubleId).remedies.find(({ id }) => id === remedyId)!;
          expect(one.verdict === 'helps').toBe(one.why === null);
          for (const draft of one.steps)
            expect(() => incomingOf(plainStep({ id: 'x', zones: ['all'], ...draft }), CATALOGUE)).not.toThrow();
        }
    },
  );
});
