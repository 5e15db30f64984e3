import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { plainEntry, type LogEntry } from '../log/index.js';
import { worked } from '../log/testing.js';
import { planPieces } from '../schedule/index.js';
import { MONDAY, givenAt, vanWith, type Short } from '../schedule/testing.js';
import type { Piece } from '../subjects/index.js';
import { asLogged, jobNow, tonightOf, type Evening } from './index.js';

const SEVEN = 19 * 60;
const PAINT: Short[] = [
  ['brush-coat', 'acrylic-matt'],
  ['brush-coat', 'acrylic-satin'],
];
const pieces = ['van', 'lorry', 'wall'].map((id) => vanWith(id, PAINT));
const planned = (log: LogEntry[], nowMin = SEVEN): Evening => tonightOf(planPieces(givenAt(pieces, log, nowMin)), nowMin)!;
const done = (piece: Piece, index: number, from: number, to: number | null) => worked(piece, index, [from, to], { date: MONDAY });
const begunOf = ({ jobs }: Evening) => jobs.filter(({ state }) => state !== 'planned').map(({ id, state }) => `${id} ${state}`);

describe('a press, before the plan was made anew', () => {
  const before = planned([]);
  const [first, second] = before.jobs;
  const pieceOf = (id: string): Piece => pieces.find((piece) => piece.id === id)!;

  test('begun, it goes on; done, the next stands there; taken back, it is to be done again', () => {
    const going = asLogged(before, [done(pieceOf(first!.pieceId), 0, SEVEN, null)], MONDAY);
    expect(jobNow(going)).toMatchObject({ id: first!.id, state: 'running', startMin: SEVEN });
    const over = asLogged(before, [done(pieceOf(first!.pieceId), 0, SEVEN, SEVEN + 10)], MONDAY);
    expect(jobNow(over)).toMatchObject({ id: second!.id, state: 'planned' });
    expect(over.jobs[0]).toMatchObject({ state: 'done', endMin: SEVEN + 10 });
    const knows = planned([done(pieceOf(first!.pieceId), 0, SEVEN, SEVEN + 10)], SEVEN + 10);
    expect(jobNow(asLogged(knows, [], MONDAY))).toMatchObject({ id: first!.id, state: 'planned' });
  });

  test('left out, it is gone', () => {
    const entry = plainEntry({
      id: 'out',
      kind: 'left-out',
      pieceId: first!.pieceId,
      stepId: first!.step.id,
      startedAt: `${MONDAY}T19:00:00`,
    });
    expect(asLogged(before, [entry], MONDAY).jobs.map(({ id }) => id)).not.toContain(first!.id);
  });

  test('a remark or a trouble changes nothing, nor does a log that the plan knows', () => {
    const note = plainEntry({ id: 'n', kind: 'note', pieceId: 'van', startedAt: `${MONDAY}T19:00:00`, note: 'Cold tonight' });
    expect(asLogged(before, [note], MONDAY)).toBe(before);
    const log = [done(pieceOf(first!.pieceId), 0, SEVEN, null)];
    const knows = planned(log);
    expect(asLogged(knows, log, MONDAY)).toBe(knows);
  });

  test('whatever was pressed, what has begun stands as in the plan that follows', () => {
    const presses = fc.uniqueArray(fc.constantFrom('van', 'lorry', 'wall'), { maxLength: 3 });
    fc.assert(
      fc.property(presses, fc.boolean(), (ids, lastGoesOn) => {
        const log = ids.map((id, i) => {
          const from = SEVEN + 12 * i;
          return done(pieceOf(id), 0, from, lastGoesOn && i === ids.length - 1 ? null : from + 10);
        });
        const nowMin = SEVEN + 12 * Math.max(0, ids.length - 1) + (lastGoesOn ? 1 : 11);
        expect(begunOf(asLogged(before, log, MONDAY))).toEqual(begunOf(planned(log, nowMin)));
      }),
      { numRuns: 30 },
    );
  });
});
