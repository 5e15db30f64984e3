import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { applyFinish, finishOf } from '../finishes/index.js';
import { plainEntry, type LogEntry } from '../log/index.js';
import { worked } from '../log/testing.js';
import { CATALOGUE, EMPTY_SHELF } from '../materials/index.js';
import { planPieces } from '../schedule/index.js';
import { MONDAY, everyEvening, vanWith, type Short } from '../schedule/testing.js';
import { expandRounds } from '../sequence/index.js';
import type { Piece } from '../subjects/index.js';
import { USUAL_SCHOOLS } from '../techniques/index.js';
import { dossierHtml, pieceAsDone, recordRows } from './index.js';

const SEVEN = 19 * 60;
const STEPS: Short[] = [
  ['clean', 'water-detergent'],
  ['brush-coat', 'acrylic-matt', { coats: 2 }],
  ['wash', 'wash-enamel', { dilution: { thinner: 'white-spirit', parts: [1, 2] }, groupId: 'g' }],
  ['inspect', null, { groupId: 'g' }],
];
const van = vanWith('van', STEPS, { groups: [{ id: 'g', name: 'Wash', rounds: 2, gate: 'Enough?' }] });

/** All of it done as planned, ten minutes each, half a day apart. */
const allDone = (piece: Piece): LogEntry[] =>
  expandRounds(piece.steps, piece.groups).map((_, i) => worked(piece, i, [SEVEN + i * 720, SEVEN + i * 720 + 10], { date: MONDAY }));

describe('as done', () => {
  test('done as planned, nothing is otherwise, and rounds are steps of their own', () => {
    const { piece, differences } = pieceAsDone(van, allDone(van));
    expect(differences).toEqual([]);
    expect(piece.steps.map(({ technique }) => technique)).toEqual(['clean', 'brush-coat', 'wash', 'inspect', 'wash', 'inspect']);
    expect(new Set(piece.steps.map(({ id }) => id)).size).toBe(6);
    expect(piece.groups).toEqual([]);
  });

  test('what was changed, left out, added, swapped or went wrong is told', () => {
    const log = allDone(van).slice(0, 4);
    const thinner = {
      ...log[2]!,
      step: { ...log[2]!.step!, dilution: { thinner: 'white-spirit', parts: [1, 4] as [number, number] } },
      marks: ['thinned more'],
    };
    const leftOut = { ...worked(van, 4, [SEVEN, SEVEN], { date: MONDAY }), kind: 'left-out' as const };
    const added = { ...worked(van, 0, [SEVEN + 5000, SEVEN + 5010], { date: MONDAY }), id: 'extra', stepId: 'extra' };
    const early = { ...log[1]!, startedAt: `${MONDAY}T18:00:00`, endedAt: `${MONDAY}T18:10:00` };
    const trouble = plainEntry({
      id: 't',
      kind: 'trouble',
      pieceId: 'van',
      startedAt: `${MONDAY}T20:00:00`,
      met: { trouble: 'tide-mark', remedy: null },
      note: 'At the foot',
    });
    const { piece, differences } = pieceAsDone(van, [log[0]!, early, thinner, log[3]!, leftOut, added, trouble]);
    expect(differences).toEqual([
      { kind: 'order', text: 'step 2, brush coat: before clean' },
      { kind: 'changed', text: 'step 3, wash: thinning' },
      { kind: 'left out', text: 'step 3, wash' },
      { kind: 'not done', text: 'step 4, look' },
      { kind: 'added', text: 'clean' },
      { kind: 'trouble', text: 'tide mark: At the foot' },
    ]);
    expect(piece.steps.map(({ technique }) => technique)).toEqual(['brush-coat', 'clean', 'wash', 'inspect', 'clean']);
    expect(piece.steps[2]!.note).toBe('thinned more');
  });

  test('two coats in two sittings are one step, what goes on is not done yet', () => {
    const coats = [0, 1].map((sitting) => worked(van, 1, [SEVEN + sitting * 60, SEVEN + sitting * 60 + 9], { date: MONDAY, sitting }));
    const going = worked(van, 2, [SEVEN + 200, null], { date: MONDAY });
    expect(pieceAsDone(van, [...coats, going]).piece.steps).toMatchObject([{ technique: 'brush-coat', coats: 2 }]);
  });

  test('what was put down and not gone on with was not done as planned; what was gone on with was', () => {
    const part = (sitting: number, from: number, to: number) =>
      worked(van, 1, [SEVEN + sitting * 60, SEVEN + sitting * 60 + 9], { date: MONDAY, sitting, part: { from, to } });
    const told = (log: LogEntry[]) => pieceAsDone(van, log).differences.filter(({ text }) => text.includes('put down'));
    expect(told([part(0, 0, 0.25)])).toEqual([{ kind: 'not done', text: 'step 2, brush coat: put down at 25 %' }]);
    expect(told([part(0, 0, 0.25), part(1, 0.25, 1)])).toEqual([]);
    // what was left in the middle is left, though the end of it is done
    expect(told([part(0, 0, 0.25), part(1, 0.5, 1)])).toMatchObject([{ text: 'step 2, brush coat: put down at 75 %' }]);
  });

  test('from log to finish to plan: the next piece gets the steps that were done, in their order', () => {
    const pool: Short[] = [
      ['clean', 'water-detergent'],
      ['brush-coat', 'acrylic-matt'],
      ['airbrush-coat', 'acrylic-satin'],
      ['clear-coat', 'clear-matt-acrylic'],
      ['filter', 'filter-enamel'],
    ];
    fc.assert(
      fc.property(fc.array(fc.nat({ max: pool.length - 1 }), { minLength: 1, maxLength: 6 }), fc.nat({ max: 6 }), (picks, doneCount) => {
        const first = vanWith(
          'first',
          picks.map((i) => pool[i]!),
        );
        const log = allDone(first).slice(0, Math.max(1, doneCount));
        const { piece, differences } = pieceAsDone(first, log);
        expect(differences.every(({ kind }) => kind === 'not done')).toBe(true);
        expect(differences).toHaveLength(first.steps.length - piece.steps.length);
        const finish = finishOf(piece, CATALOGUE, { version: 1, savedOn: MONDAY, note: '' });
        const target = vanWith('next', []);
        const { steps, groups, adapted } = applyFinish(finish, target, {
          supplies: CATALOGUE,
          schools: USUAL_SCHOOLS,
          air: { tempC: 20, rhPct: 50 },
          today: MONDAY,
        });
        const kept = steps.filter(({ id }) => piece.steps.some((one) => one.id === id));
        expect(kept.map(({ id }) => id)).toEqual(piece.steps.map(({ id }) => id));
        // what would go wrong is changed, and each change is told
        const changed = kept.filter(
          ({ technique, material }, i) => technique !== piece.steps[i]!.technique || material !== piece.steps[i]!.material,
        );
        expect(changed.length).toBeLessThanOrEqual(adapted.filter(({ kind }) => kind === 'added').length);
        const { plan, pieces } = planPieces({
          pieces: [{ ...target, steps, groups }],
          workshop: everyEvening(),
          shelf: EMPTY_SHELF,
          log: [],
          originDate: MONDAY,
          nowMin: SEVEN,
        });
        expect(plan.unplaced).toEqual([]);
        expect(pieces[0]!.steps.map(({ id }) => id)).toEqual(steps.map(({ id }) => id));
      }),
      { numRuns: 40 },
    );
  });
});

describe('records', () => {
  test('each entry is a line with units in its head', () => {
    const [first] = allDone(van);
    const wet = {
      ...first!,
      plannedMin: 8.04,
      air: { tempC: 18.5, rhPct: 58 },
      dryTest: { at: '2026-11-23T19:40:00', labelMin: 20 },
      mix: '1 ml, neat',
    };
    const [row] = recordRows([wet], [van], CATALOGUE);
    expect(row).toMatchObject({
      date: MONDAY,
      start: '19:00:00',
      piece: 'van',
      what: 'done',
      step: 1,
      technique: 'Clean',
      'planned min': 8,
      'took min': 10,
      'temperature °C': 18.5,
      'dry after min': 30,
    });
    expect(recordRows([{ ...wet, endedAt: null, pieceId: 'gone' }], [van], CATALOGUE)[0]).toMatchObject({
      what: 'going on',
      piece: 'gone',
      'took min': '',
      step: '',
    });
  });

  test('the dossier is one file that needs nothing else, and what is typed stays text', () => {
    const evil = '<script>alert("1")</script>';
    const picture = { id: 'p', fileName: 'after.jpg', caption: `After & before ${evil}`, takenOn: null, widthPx: 4, heightPx: 3, pins: [] };
    const log = [
      ...allDone(van),
      plainEntry({ id: 'n', kind: 'note', pieceId: 'van', startedAt: `${MONDAY}T22:00:00`, note: evil, pictures: [picture] }),
    ];
    const html = dossierHtml({
      piece: { ...van, name: `Van ${evil}`, note: evil },
      log,
      supplies: CATALOGUE,
      pictures: new Map([['after.jpg', 'data:image/jpeg;base64,AAAA']]),
      sheets: [{ name: `Coal ${evil}`, amounts: [{ sheet: 'Coal', what: evil, 'size mm': 1, number: '', mL: 12.3, g: 9 }] }],
      day: (date) => date,
    });
    expect(html).not.toContain('<script');
    expect(html.match(/https?:|url\(|<link|<iframe/g)).toBeNull();
    expect(html).toContain('data:image/jpeg;base64,AAAA');
    expect(html).toContain('6 steps on 4 days, 1 h of work');
    // the work with its head, and the load with its own
    expect(html.match(/<tr>/g)).toHaveLength(7 + 2);
    expect(html).toContain('<td>12.3</td>');
    expect(html).toContain('safety data sheet');
    const empty = dossierHtml({ piece: van, log: [], supplies: CATALOGUE, pictures: new Map(), sheets: [], day: (date) => date });
    expect(empty).toContain('Nothing is logged yet');
  });
});
