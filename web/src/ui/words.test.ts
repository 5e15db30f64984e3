import { describe, expect, test } from '@jest/globals';
import { pieceFromTemplate, plainStep, templateById } from '@eveningtide/core/subjects';
import { dryingWedgePath } from './drying-wedge.js';
import { daysIn } from './days.js';
import { countWords } from './words.js';
import { zoneWords } from '../pieces/zone-words.js';

const van = pieceFromTemplate(templateById('van'), { id: 'van', name: 'Van', scaleRatio: 76 });
const on = (...zones: string[]) => zoneWords(van, plainStep({ id: 's', technique: 'inspect', zones }));

describe('zones in words', () => {
  test.each([
    [['all'], 'all'],
    [['roof'], 'roof'],
    [['side-lower', 'ends'], 'side, lower; ends'],
    [['roof', 'side-upper', 'side-lower', 'ends', 'underframe'], 'all but wheels'],
    [['roof', 'side-upper', 'side-lower', 'ends'], 'all but underframe, wheels'],
    [['glazing'], 'lookout glazing'],
  ])('%p', (zones, words) => {
    expect(on(...zones)).toBe(words);
  });
});

test('counts', () => {
  expect([0, 1, 2].map((n) => countWords(n, 'snag'))).toEqual(['0 snags', '1 snag', '2 snags']);
});

test('days and times', () => {
  const now = (): Date => new Date(2026, 10, 24);
  const words = daysIn({ dates: 'words', clock: '24' }, now);
  expect(words.day('2026-11-26')).toBe('Thu 26 Nov');
  expect(words.when('2026-11-24', 2 * 1440 + 1170)).toBe('Thu 26 Nov 19:30');
  expect(daysIn({ dates: 'month-first', clock: '12' }, now).when('2026-11-24', 2 * 1440 + 1170)).toBe('Thu Nov 26 7:30 pm');
  expect(words.day('2025-11-24')).toBe('Mon 24 Nov 2025');
  expect(daysIn({ dates: 'month-first', clock: '24' }, now).day('2027-06-01')).toBe('Tue Jun 1, 2027');
  expect([0, 719, 720, 1439].map(daysIn({ dates: 'words', clock: '12' }).clock)).toEqual(['12:00 am', '11:59 am', '12:00 pm', '11:59 pm']);
  expect(daysIn({ dates: 'numbers', clock: '24' }).when('2026-11-24', 2 * 1440 + 1170)).toBe('2026-11-26 19:30');
});

describe('the drying wedge', () => {
  const heights = (path: string) => [...path.matchAll(/L[\d.]+ ([\d.]+)/g)].map((m) => Number(m[1]));

  test('falls from wet to ready and never rises', () => {
    const ys = heights(dryingWedgePath(0, 100, 13, 10));
    expect(ys[0]).toBe(3);
    expect(ys.at(-1)).toBe(13);
    expect(ys).toEqual([...ys].sort((a, b) => a - b));
  });

  test('has no width when there is nothing to wait for', () => {
    expect(dryingWedgePath(5, 5, 13, 10)).not.toContain('NaN');
    expect(dryingWedgePath(8, 5, 13, 10)).toMatch(/^M8\.0 13/);
  });
});
