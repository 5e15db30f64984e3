import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { EMPTY_SHELF } from '../materials/index.js';
import { TEMPLATES, cutOff, elevationsOf, pieceFromTemplate, plainStep, type Piece } from '../subjects/index.js';
import { DEFAULT_WORKSHOP, planPieces } from './index.js';

const planned = (piece: Piece) => {
  const { plan, pieces } = planPieces({
    pieces: [piece],
    workshop: DEFAULT_WORKSHOP,
    shelf: EMPTY_SHELF,
    log: [],
    originDate: '2026-11-24',
    nowMin: 0,
  });
  return {
    placed: plan.placed,
    minutes: pieces[0]!.handsOnMin,
    findings: pieces[0]!.findings.map(({ rule, stepId, severity }) => `${severity} ${rule} ${stepId}`),
  };
};

/** Work on all of a piece, on one zone of it, and on all but that. */
function worked(piece: Piece, zoneId: string): Piece {
  const others = piece.zones.filter(({ id, keepClean }) => id !== zoneId && keepClean === null).map(({ id }) => id);
  const steps = [
    plainStep({ id: 's1', technique: 'clean', material: 'water-detergent', zones: ['all'] }),
    plainStep({ id: 's2', technique: 'brush-coat', material: 'enamel-matt', zones: ['all'] }),
    plainStep({ id: 's3', technique: 'wash', material: 'wash-enamel', zones: [zoneId], coverPct: 60 }),
    plainStep({ id: 's4', technique: 'drybrush', material: 'acrylic-matt', zones: [zoneId] }),
    ...(others.length > 0 ? [plainStep({ id: 's5', technique: 'powder-dry', material: 'pigment-dry', zones: others })] : []),
    plainStep({ id: 's6', technique: 'clear-coat', material: 'clear-matt-acrylic', zones: ['all'] }),
  ];
  return { ...piece, steps };
}

test('a zone that is cut changes no minute, no date and no finding of what is planned', () => {
  const share = fc.double({ min: 0.05, max: 0.95, noNaN: true });
  let cuts = 0;
  fc.assert(
    fc.property(fc.constantFrom(...TEMPLATES), fc.nat(), share, fc.boolean(), (template, at, where, isLevel) => {
      const bare = pieceFromTemplate(template, { id: 'p', name: 'P', scaleRatio: 76 });
      const open = bare.zones.filter(({ keepClean }) => keepClean === null);
      const zoneId = open[at % open.length]!.id;
      const piece = worked(bare, zoneId);
      const view = elevationsOf(piece)[0]!;
      const cut = isLevel
        ? ({ by: 'level', fromTopMm: where * view.heightMm } as const)
        : ({ by: 'upright', view: view.id, fromLeftMm: where * view.widthMm } as const);
      let parted: Piece;
      try {
        parted = cutOff(piece, [zoneId], cut, { id: 'part', name: 'Part' });
      } catch (error) {
        expect(String(error)).toContain('lies there');
        return;
      }
      cuts++;
      expect(planned(parted)).toEqual(planned(piece));
    }),
    { numRuns: 60 },
  );
  expect(cuts).toBeGreaterThan(10);
});
