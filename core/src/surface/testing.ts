import { constantAir } from '../climate/index.js';
import { strokesAlong, subjectOf, type ZoneStrokes } from '../sequence/index.js';
import { pieceFromTemplate, plainStep, templateById, type Piece, type Step } from '../subjects/index.js';

/** A van whose sides are painted: for cards. */
export const van: Piece = (() => {
  const piece = pieceFromTemplate(templateById('van'), { id: 'v', name: 'Van', scaleRatio: 76 });
  return { ...piece, zones: piece.zones.map((zone) => ({ ...zone, startColour: '#7d4a38', startSheen: 'satin' as const })) };
})();

/** What steps do to one of its zones, in a room. */
export function strokesOf(steps: readonly (Partial<Step> & Pick<Step, 'technique'>)[], zoneId = 'side-upper', piece = van): ZoneStrokes {
  return strokesAlong(
    {
      subject: subjectOf(piece),
      steps: steps.map((step, i) => plainStep({ zones: [zoneId], ...step, id: `s${String(i)}` })),
      startsMin: steps.map((_, i) => i * 3000),
      durationsMin: steps.map(() => 5),
      bench: constantAir({ tempC: 20, rhPct: 50 }),
    },
    zoneId,
  );
}
