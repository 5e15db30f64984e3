import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { CATALOGUE } from '../materials/index.js';
import { readLine } from '../step-line/index.js';
import { USUAL_SCHOOLS } from '../techniques/index.js';
import { cutOff, joined, ownSets, pieceFromTemplate, templateById, withSet, zoneSets, type Piece } from './index.js';

const van = pieceFromTemplate(templateById('van'), { id: 'van', name: 'Van', scaleRatio: 76 });
const ids = van.zones.map(({ id }) => id);
const withWeatherSide = (piece: Piece): Piece => ({ ...piece, zones: withSet(piece.zones, 'weather side', ['roof', 'side-upper']) });

describe('groups of zones', () => {
  test('zones that begin with the same word are one; the painter’s own come first', () => {
    expect(zoneSets(van)).toEqual([{ name: 'sides', ids: ['side-upper', 'side-lower'] }]);
    expect(zoneSets(withWeatherSide(van)).map(({ name }) => name)).toEqual(['weather side', 'sides']);
    // an own group called like it takes its place
    expect(zoneSets({ zones: withSet(van.zones, 'sides', ['side-lower', 'ends']) })).toEqual([
      { name: 'sides', ids: ['side-lower', 'ends'] },
    ]);
  });

  test('a group has just the zones it was given last, and is gone with the last of them', () => {
    const some = fc.uniqueArray(fc.constantFrom(...ids));
    fc.assert(
      fc.property(some, some, (first, then) => {
        const zones = withSet(withSet(van.zones, 'mine', first), 'mine', then);
        expect(new Set(ownSets({ zones }).flatMap((set) => set.ids))).toEqual(new Set(then));
        expect(withSet(zones, 'mine', [])).toEqual(van.zones);
      }),
    );
  });

  test('one that is joined to another brings its groups along', () => {
    expect(ownSets(joined(withWeatherSide(van), 'side-upper', 'side-lower'))).toEqual([
      { name: 'weather side', ids: ['roof', 'side-lower'] },
    ]);
  });

  test('what is cut off a zone stays in its groups', () => {
    const wall = pieceFromTemplate(templateById('wall'), { id: 'w', name: 'Wall', scaleRatio: 76 });
    const zones = withSet(wall.zones, 'damp', ['face']);
    const cut = cutOff({ ...wall, zones }, ['face'], { by: 'level', fromTopMm: 40 }, { id: 'low', name: 'Face, lower' });
    expect(ownSets(cut)).toEqual([{ name: 'damp', ids: ['face', 'low'] }]);
  });

  test('a typed line means a group by its name, all of it', () => {
    const given = { piece: withWeatherSide(van), supplies: CATALOGUE, schools: USUAL_SCHOOLS, before: null };
    const { step, unknown } = readLine('wash umber weather side 20 %', given, 'new');
    expect(step).toMatchObject({ technique: 'wash', zones: ['roof', 'side-upper'], coverPct: 20 });
    expect(unknown).toEqual([]);
    expect(readLine('wash umber all but weather side', given, 'new').step!.zones).not.toContain('roof');
  });
});
