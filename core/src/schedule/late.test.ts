import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { latePieces, operationId } from './index.js';
import { MONDAY, vanWith } from './testing.js';

const DAY = 1440;
const COAT = [['brush-coat', 'acrylic-matt']] as const;
const due = (id: string, doneBy: string | null) => vanWith(id, [[...COAT[0]]], { doneBy });
const placed = (id: string, startMin: number, stepIndex = 0) => ({
  ...{ id: operationId({ id }, stepIndex, 0), startMin, endMin: startMin + 20 },
});
const planOf = (...all: ReturnType<typeof placed>[]) => ({
  originDate: MONDAY,
  plan: { placed: all, cleanings: [], unplaced: [], dropped: [], chosen: {}, finishMin: null, eveningsUsed: 0 },
});

describe('pieces that will be late', () => {
  test('are told with both days; what is done on its day is in time', () => {
    const pieces = [due('a', '2026-11-24'), due('b', '2026-11-25'), due('c', null), due('d', '2026-11-23')];
    const outlook = planOf(placed('a', 2 * DAY + 1170), placed('b', 2 * DAY + 1170), placed('c', 9 * DAY));
    expect(latePieces(pieces, outlook)).toEqual([{ piece: pieces[0], doneBy: '2026-11-24', doneOn: '2026-11-25' }]);
  });

  test('go by the last of their steps, in whatever order the plan names them', () => {
    fc.assert(
      fc.property(fc.array(fc.nat(20 * DAY), { minLength: 1, maxLength: 8 }), fc.nat(20), (starts, dueDay) => {
        const date = new Date(Date.UTC(2026, 10, 23 + dueDay)).toISOString().slice(0, 10);
        const piece = due('a', date);
        const late = latePieces([piece, due('other', date)], planOf(...starts.map((start, i) => placed('a', start, i))));
        const lastDay = Math.floor((Math.max(...starts) + 20) / DAY);
        expect(late.map(({ piece: one }) => one.id)).toEqual(lastDay > dueDay ? ['a'] : []);
      }),
    );
  });
});
