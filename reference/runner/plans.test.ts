import { describe, expect, test } from '@jest/globals';
import { EMPTY_SHELF } from '@eveningtide/core/materials';
import { DEFAULT_WORKSHOP, ownChoices, type PlanInput } from '@eveningtide/core/schedule';
import { pieceFromTemplate, templateById, type Piece, type Zone } from '@eveningtide/core/subjects';
import { readFileSync } from 'node:fs';
import { caseProblem, type SequenceCase } from './kinds/sequence-case.js';

const read = (path: string): unknown => JSON.parse(readFileSync(new URL(`../../${path}`, import.meta.url), 'utf8'));

/** A row as a piece that can be planned: its zones are those of a van, one after the other. */
function pieceOf(row: SequenceCase, id: string): Piece {
  const { subject, steps } = caseProblem(row);
  const van = pieceFromTemplate(templateById('van'), { id, name: row.name, scaleRatio: 76 });
  const zones = subject.zones.map((zone, i): Zone => ({ ...(van.zones[i % van.zones.length] as Zone), ...zone }));
  // what another step is for, and by when, is left to the plan
  return { ...van, zones, steps: steps.map((step) => ({ ...step, waitMin: null })) };
}

/** The evenings that people keep: every day, some days, short ones. */
const BENCHES = [
  [0, 1, 2, 3, 4, 5, 6].map((weekday) => ({ weekday, start: '19:00', end: '21:00' })),
  DEFAULT_WORKSHOP.weekly,
  [0, 1, 2, 3, 4, 5, 6].map((weekday) => ({ weekday, start: '20:00', end: '21:00' })),
];

describe('the plan never chooses times that its own rules object to', () => {
  const rows = ['practice-cases.json', 'own-practice-cases.json'].flatMap(
    (name) => (read(`reference/${name}`) as { rows: SequenceCase[] }).rows,
  );
  const planned = (pieces: Piece[], weekly: PlanInput['workshop']['weekly']): string[] =>
    ownChoices({
      ...{ pieces, log: [], nowMin: 0, originDate: '2026-11-23' },
      workshop: { ...DEFAULT_WORKSHOP, weekly },
      shelf: EMPTY_SHELF,
    });

  test.each(BENCHES)('on the sequences of practice, each by itself and four at a time (%#)', (...weekly) => {
    const pieces = rows.map((row, i) => pieceOf(row, `p${String(i)}`));
    for (const piece of pieces) expect(planned([piece], weekly)).toEqual([]);
    for (let i = 0; i + 4 <= pieces.length; i += 4) expect(planned(pieces.slice(i, i + 4), weekly)).toEqual([]);
  });

  test('on the demo', () => {
    const demo = read('demo/marram-and-holm.eveningtide.json') as PlanInput['shelf'] & Pick<PlanInput, 'pieces' | 'workshop'>;
    const pieces = demo.pieces.filter(({ archivedOn }) => archivedOn === null);
    expect(ownChoices({ pieces, workshop: demo.workshop, shelf: demo, log: [], nowMin: 0, originDate: '2026-11-24' })).toEqual([]);
  });
});
