import { describe, expect, test } from '@jest/globals';
import { exampleAddresses } from './view-examples.js';
import { VIEWS, inRail, listedForPiece, listedViews, pathAt, viewOfDigit, viewsByDigit, type View } from './views.js';

const all: readonly View[] = VIEWS;

describe('the list of views', () => {
  test('each has an address of its own, and an example where its address alone shows nothing', () => {
    expect(new Set(all.map(({ path }) => path)).size).toBe(all.length);
    for (const address of exampleAddresses()) expect(address).not.toContain('/:');
    expect(new Set(exampleAddresses()).size).toBe(exampleAddresses().length);
  });

  test('each can be come to from the rail, the command box, a piece, or is of one thing that a view before it lists', () => {
    const listed = new Set(listedViews().map(({ to }) => to));
    const unlisted = all.filter(({ path, rail, ofPiece }) => !rail && !ofPiece && !listed.has(path)).map(({ path }) => path);
    expect(unlisted).toEqual([
      '/finishes/compare',
      '/handbook/rules/:ruleId',
      '/handbook/techniques/:techniqueId',
      '/handbook/materials/:materialId',
    ]);
    for (const { path, rail } of all) if (rail) expect(listed).toContain(path);
  });

  test('an address shows the view whose path it fits, and the first view where it fits none', () => {
    expect(exampleAddresses().map((address) => pathAt(new URL(address, 'http://x').pathname))).toEqual(
      expect.arrayContaining(all.map(({ path }) => path)),
    );
    expect(pathAt('/pieces/van-1/film')).toBe('/pieces/:pieceId/film');
    expect(pathAt('/finishes/compare')).toBe('/finishes/compare');
    expect(pathAt('/')).toBe('/pieces');
  });

  test('the rail goes by the order of the work, and digits by that of the rail', () => {
    expect(inRail('work').map(({ name }) => name)).toEqual([
      'Tonight',
      'Pieces',
      'Evenings',
      'Shelf',
      'Mixing',
      'Loads',
      'Planting',
      'Cutting',
      'Finishes',
      'Log',
    ]);
    expect(inRail('foot').map(({ name }) => name)).toEqual(['Handbook', 'Print', 'Workshop']);
    expect(viewsByDigit().map(({ altDigit }) => altDigit)).toEqual([1, 2, 3, 4, 5]);
    expect(viewOfDigit(5)?.path).toBe('/workshop');
    expect(viewOfDigit(6)).toBeNull();
  });

  test('the command box lists parts behind their view, and the views of each piece', () => {
    expect(listedViews()).toContainEqual({ to: '/evenings?part=if', name: 'Evenings: what if' });
    expect(listedViews().map(({ name }) => name)).toContain('Log');
    expect(listedForPiece({ id: 'van', name: 'Van 14' })).toContainEqual({
      group: 'Print',
      to: '/pieces/van/card',
      name: 'Card of Van 14',
    });
  });
});
