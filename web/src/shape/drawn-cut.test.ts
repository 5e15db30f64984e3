import { describe, expect, test } from '@jest/globals';
import { elevationsOf, pieceFromTemplate, templateById, type Point } from '@eveningtide/core/subjects';
import { cutOf, linesOf, nextWords, waysOn, withPoint, type DrawnCut, type Way } from './drawn-cut.js';

const at = (xMm: number, yMm: number): Point => ({ xMm, yMm });
const pressed = (way: Way, ...points: Point[]): DrawnCut => points.reduce<DrawnCut>(withPoint, { way, view: 'side', points: [] });
const [side] = elevationsOf(pieceFromTemplate(templateById('wall'), { id: 'p', name: 'p', scaleRatio: 76 }));

describe('a cut that is drawn', () => {
  test('there is none while points are missing', () => {
    for (const cut of [pressed('level'), pressed('line', at(1, 1)), pressed('rectangle', at(1, 1)), pressed('outline', at(0, 0), at(1, 0))])
      expect(cutOf(cut)).toBeNull();
    // a line to where it began is none
    expect(cutOf(pressed('line', at(1, 1), at(1, 1)))).toBeNull();
  });

  test('by one point or two it is a height, an upright, a line, a rectangle', () => {
    expect(cutOf(pressed('level', at(5, 12)))).toEqual({ by: 'level', fromTopMm: 12 });
    expect(cutOf(pressed('upright', at(5, 12)))).toEqual({ by: 'upright', view: 'side', fromLeftMm: 5 });
    expect(cutOf(pressed('rectangle', at(10, 20), at(4, 2)))).toEqual({
      by: 'outline',
      view: 'side',
      outline: [at(10, 20), at(4, 20), at(4, 2), at(10, 2)],
    });
    expect(cutOf(pressed('line', at(0, 0), at(10, 10)))).toMatchObject({ by: 'outline', view: 'side' });
  });

  test('one press too many begins anew; an outline goes on', () => {
    expect(pressed('rectangle', at(1, 1), at(2, 2), at(3, 3)).points).toEqual([at(3, 3)]);
    expect(pressed('level', at(1, 1), at(2, 2)).points).toEqual([at(2, 2)]);
    expect(pressed('outline', at(0, 0), at(1, 0), at(1, 1), at(0, 1)).points).toHaveLength(4);
  });

  test('what comes next is said, and what is there is drawn', () => {
    expect(nextWords(pressed('rectangle'))).toContain('one corner');
    expect(nextWords(pressed('rectangle', at(1, 1)))).toContain('across');
    expect(linesOf(pressed('level', at(5, 12)), side!)).toEqual([[at(0, 12), at(180, 12)]]);
    expect(linesOf(pressed('rectangle', at(1, 2), at(3, 4)), side!)[0]).toHaveLength(5);
    expect(linesOf(pressed('outline', at(0, 0), at(1, 0), at(1, 1)), side!)[0]).toHaveLength(4);
    expect(linesOf(pressed('line'), side!)).toEqual([]);
  });

  test('from above nothing is cut at a height', () => {
    expect(waysOn('top')).not.toContain('level');
    expect(waysOn('end')).toContain('level');
  });
});
