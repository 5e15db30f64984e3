import type { LogEntry } from '@eveningtide/core/log';
import { dossierHtml } from '@eveningtide/core/records';
import type { Piece } from '@eveningtide/core/subjects';
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
      const html = dossierHtml({ piece, log, supplies, pictures, day: days.day });
      download(`${piece.name.replaceAll(/[^\p{L}\p{N}]+/gu, '-')}.html`, 'text/html', html);
    } catch (error) {
      notifyFailure('The dossier was not made', error);
    }
  };
}
