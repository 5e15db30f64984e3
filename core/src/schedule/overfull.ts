import { modelsOf, type Piece } from '../subjects/index.js';
import type { Overfull, PieceOutlook } from './outlook.js';
import type { Workshop } from './workshop.js';

interface Stay {
  pieceId: string;
  placeId: string | null;
  models: number;
  fromMin: number;
  toMin: number;
}

/** From the end of a coat until it may be touched, or until the next work on the piece begins. */
function staysOf(piece: Piece, { steps, reports, placed }: PieceOutlook): Stay[] {
  return reports.flatMap((report, i) => {
    const step = steps[i];
    // what finds no evening stands nowhere
    if (!step || !report.ripening || !placed[i]) return [];
    const next = reports[i + 1]?.startMin ?? Infinity;
    const toMin = Math.min(report.ripening.dryHardMin, next);
    return [{ pieceId: piece.id, placeId: step.dryingPlace, models: modelsOf(step, piece), fromMin: report.endMin, toMin }];
  });
}

/** The fullest moment of each place that is fuller than it may be, in the order of the places. */
export function overfull(pieces: readonly Piece[], outlooks: readonly PieceOutlook[], workshop: Workshop): Overfull[] {
  const stays = pieces.flatMap((piece) => {
    const own = outlooks.find((outlook) => outlook.pieceId === piece.id);
    return own ? staysOf(piece, own) : [];
  });
  const places = [
    { id: null, name: 'the bench', room: workshop.equipment.benchModels },
    ...workshop.climate.places.map(({ id, name, models }) => ({ id, name, room: models })),
  ];
  return places.flatMap(({ id, name, room }) => {
    const here = stays.filter((stay) => stay.placeId === id);
    let worst: Overfull | null = null;
    for (const { fromMin } of here) {
      const together = here.filter((stay) => stay.fromMin <= fromMin && stay.toMin > fromMin);
      const models = together.reduce((sum, stay) => sum + stay.models, 0);
      if (models > room && models > (worst?.models ?? 0))
        worst = { place: name, fromMin, models, room, pieceIds: [...new Set(together.map((stay) => stay.pieceId))] };
    }
    return worst ? [worst] : [];
  });
}
