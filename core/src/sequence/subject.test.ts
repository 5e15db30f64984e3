import { describe, expect, test } from '@jest/globals';
import { pieceFromTemplate, plainStep, templateById, type Piece } from '../subjects/index.js';
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
