import { loadFacts } from '@eveningtide/core/loads';
import type { LogEntry } from '@eveningtide/core/log';
import { plantingFacts } from '@eveningtide/core/planting';
import { amountsOfLoad, amountsOfPlanting, dossierHtml, type DossierSheet } from '@eveningtide/core/records';
import type { Piece } from '@eveningtide/core/subjects';
import { useLazyLoadsQuery, useLazyPlantingsQuery, useWorkshopQuery } from '../store/api.js';
import { download } from '../ui/download.js';
import { useDays } from '../ui/days.js';
import { notifyFailure } from '../ui/notify.js';
import { useSupplies } from '../workers/outlook-context.js';

/** A stored picture as an address that holds it whole; null where it is not on this machine. */
async function asData(fileName: string): Promise<string | null> {
  const answer = await fetch(`/api/pictures/${fileName}`);
  if (!answer.ok) return null;
  const blob = await answer.blob();
  return new Promise((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => {
      resolve(reader.result as string);
    };
    reader.onerror = () => {
      reject(new Error(`picture ${fileName} could not be read`));
    };
    reader.readAsDataURL(blob);
  });
}

/** Hands over the history of a piece as one file that needs nothing else. */
export function useDossier(): (piece: Piece, log: readonly LogEntry[]) => Promise<void> {
  const supplies = useSupplies();
  const days = useDays();
  const { data: workshop } = useWorkshopQuery();
  const [loads] = useLazyLoadsQuery();
  const [plantings] = useLazyPlantingsQuery();
  /** What is made for a piece, with what it takes. */
  const sheetsOf = async (pieceId: string): Promise<DossierSheet[]> => {
    const night = workshop?.workshop.climate.night;
    const [ofLoads, ofGrounds] = await Promise.all([loads(undefined, true).unwrap(), plantings(undefined, true).unwrap()]);
    return [
      ...ofLoads.flatMap(({ load }) =>
        night && load.wagonId === pieceId ? [{ name: load.name, amounts: amountsOfLoad(load, loadFacts(load, night)) }] : [],
      ),
      ...ofGrounds.flatMap(({ planting }) =>
        planting.pieceId === pieceId ? [{ name: planting.name, amounts: amountsOfPlanting(planting, plantingFacts(planting)) }] : [],
      ),
    ];
  };
  return async (piece, log) => {
    try {
      const names = [...piece.pictures, ...log.filter(({ pieceId }) => pieceId === piece.id).flatMap(({ pictures }) => pictures)].map(
        ({ fileName }) => fileName,
      );
      const pictures = new Map<string, string>();
      for (const name of new Set(names)) {
        const data = await asData(name);
        if (data !== null) pictures.set(name, data);
      }
      const html = dossierHtml({ piece, log, supplies, pictures, sheets: await sheetsOf(piece.id), day: days.day });
      download(`${piece.name.replaceAll(/[^\p{L}\p{N}]+/gu, '-')}.html`, 'text/html', html);
    } catch (error) {
      notifyFailure('The dossier was not made', error);
    }
  };
}
