import type { LogEntry } from '@eveningtide/core/log';
import type { Piece } from '@eveningtide/core/subjects';
import { Sender, partsOf, type Delta } from './delta.js';
import { outlookService } from './threads.js';

/** So many are told at a time, so that the page stays quick; a piece is about as long as twenty entries. */
const PIECES_AT_ONCE = 25;
const ENTRIES_AT_ONCE = 500;

const pieces = new Sender<Piece>(({ id }) => id);
const log = new Sender<LogEntry>(({ id }) => id);
let telling: Promise<void> = Promise.resolve();

interface Lists {
  pieces?: readonly Piece[];
  log?: readonly LogEntry[];
}

/** While the thread takes one part the next is packed. */
async function inParts<T>(parts: Iterable<Delta<T>>, take: (part: Delta<T>) => Promise<void>): Promise<void> {
  let before: Promise<void> = Promise.resolve();
  for (const part of parts) {
    const taken = take(part);
    await before;
    before = taken;
  }
  await before;
}

async function tell(lists: Lists): Promise<void> {
  const { tellPieces, tellLog } = outlookService();
  if (lists.pieces) await inParts(partsOf(pieces.deltaTo(lists.pieces), PIECES_AT_ONCE), tellPieces);
  if (lists.log) await inParts(partsOf(log.deltaTo(lists.log), ENTRIES_AT_ONCE), tellLog);
}

function inTurn(work: () => Promise<void>): Promise<void> {
  const told = telling.then(work);
  telling = told.catch(() => undefined);
  return told;
}

/** The thread that plans keeps these lists: it is told what has changed in them, one telling after the other. */
export const tellThread = (lists: Lists): Promise<void> => inTurn(() => tell(lists));

/** Gives it the list as it came from the server; what was parsed of that here needs not be told then. */
export const giveText = {
  pieces: (text: string, parsed: Promise<readonly Piece[]>): Promise<void> =>
    inTurn(async () => {
      await outlookService().readPieces(text);
      pieces.has(await parsed);
    }),
  log: (text: string, parsed: Promise<readonly LogEntry[]>): Promise<void> =>
    inTurn(async () => {
      await outlookService().readLog(text);
      log.has(await parsed);
    }),
};
