import { describe, expect, test } from '@jest/globals';
import { plainBottle } from '../materials/index.js';
import { plainStep } from '../subjects/index.js';
import { plainEntry } from './entry.js';
import { openedByUse } from './opened.js';

const bottle = (id: string, openedOn: string | null) =>
  plainBottle({ id, name: id, material: 'acrylic-matt', colour: '#8b8a88', openedOn });
const step = plainStep({ id: 's', technique: 'wash', material: 'acrylic-matt', bottleId: 'umber', zones: ['all'] });
const used = (startedAt: string, kind: 'work' | 'left-out' = 'work') =>
  plainEntry({ id: startedAt, kind, pieceId: 'van', stepId: 's', step, startedAt });

describe('a bottle that work was done from', () => {
  test('is open since the first time; what was left out, or written down, stays as it is', () => {
    const [umber, other, written] = [bottle('umber', null), bottle('other', null), bottle('umber', '2026-01-02')];
    const log = [used('2026-11-25T19:30:00'), used('2026-11-24T20:10:00'), used('2026-11-20T19:30:00', 'left-out')];
    expect(openedByUse([umber], log)[0]?.openedOn).toBe('2026-11-24');
    expect(openedByUse([other, written], log)).toEqual([other, written]);
    expect(openedByUse([other], log)[0]).toBe(other);
  });
});
