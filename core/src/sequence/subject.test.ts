import { describe, expect, test } from '@jest/globals';
import { constantAir } from '../climate/index.js';
import { asItComes, pieceFromTemplate, plainStep, templateById, type Piece } from '../subjects/index.js';
import { checkSequence } from './walker.js';
import { subjectOf } from './subject.js';

const van = pieceFromTemplate(templateById('van'), { id: 'van', name: 'Van', scaleRatio: 76 });
const without = (piece: Piece, zoneId: string): Piece => ({
  ...piece,
  zones: piece.zones.map((zone) => (zone.id === zoneId ? { ...zone, areaMm2: 0, keepClean: 'bearings' } : zone)),
});
const ids = (piece: Piece): string[] => subjectOf(piece).zones.map(({ id }) => id);

describe('the zones that a check knows', () => {
  test('one of no area is not there, nor what would have to be kept clean on it', () => {
    expect(ids(without(van, 'roof'))).not.toContain('roof');
    expect(subjectOf(without(van, 'roof')).keepClean).not.toContain('bearings');
  });

  test('but where a step is done on it, it is', () => {
    const worked = { ...without(van, 'roof'), steps: [plainStep({ id: 'a', technique: 'clean', zones: ['roof'] })] };
    expect(ids(worked)).toContain('roof');
  });

  test('a piece that was never measured has them all', () => {
    const unmeasured = { ...van, zones: van.zones.map((zone) => ({ ...zone, areaMm2: 0 })) };
    expect(ids(unmeasured)).toEqual(van.zones.map(({ id }) => id));
  });
});

describe('a piece that came washed', () => {
  test('needs no washing before its first coat; any other of resin does', () => {
    const first = (cleaned: boolean): string[] => {
      const steps = [plainStep({ id: 'a', technique: 'brush-coat', material: 'acrylic-matt', zones: ['all'] })];
      const resin = pieceFromTemplate(templateById('van'), { id: 'r', name: 'R', scaleRatio: 76, substrate: 'resin-pu' });
      const piece = { ...asItComes(resin, { comes: 'bare', colour: '#888888', sheen: 'matt', cleaned }), steps };
      const { findings } = checkSequence({
        subject: subjectOf(piece),
        steps,
        startsMin: [0],
        durationsMin: [5],
        bench: constantAir({ tempC: 20, rhPct: 50 }),
      });
      return findings.filter(({ rule }) => rule === 'prime-first').map(({ message }) => message);
    };
    expect(first(false).join()).toContain('needs washing');
    expect(first(true)).toEqual([]);
  });
});
