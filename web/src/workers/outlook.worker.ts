import { OutlookMemory, benchSupplies, planPieces, type Given, type Outlook, type PieceOutlook } from '@eveningtide/core/schedule';
import { needsOf, stockOf, type Needs, type PlannedMix, type Stock } from '@eveningtide/core/needs';
import type { LogEntry } from '@eveningtide/core/log';
import type { Supplies } from '@eveningtide/core/materials';
import type { Mix } from '@eveningtide/core/mixing';
import type { Piece } from '@eveningtide/core/subjects';
import { expose } from 'comlink';
import { Receiver, Sender, type Delta } from './delta.js';

/** What is given, told by what has changed in it; what is left out is as before. */
export interface GivenDelta {
  pieces: Delta<Piece>;
  log: Delta<LogEntry>;
  workshop?: Given['workshop'];
  shelf?: Given['shelf'];
  originDate: string;
  nowMin: number;
}

/** An outlook told by the pieces that look otherwise than before. */
export type OutlookDelta = Omit<Outlook, 'pieces'> & { pieces: Delta<PieceOutlook> };

const pieces = new Receiver<Piece>(({ id }) => id);
const log = new Receiver<LogEntry>(({ id }) => id);
const outlooks = new Sender<PieceOutlook>(({ pieceId }) => pieceId);
const memory = new OutlookMemory();
let around: Pick<Given, 'workshop' | 'shelf'> | null = null;

/** The plan that was made last, and what it was made from: what it needs is reckoned from the same, and only when somebody asks. */
let last: { given: Given & { supplies: Supplies }; outlook: Outlook } | null = null;

/** What pieces are to the log that is learnt from: not their steps, which entries have of their own. */
const shapesOf = (list: readonly Piece[]): unknown[] => list.flatMap(({ id, zones, members, groups }) => [id, zones, members, groups]);

let learnt: { from: readonly unknown[]; supplies: Supplies } | null = null;

/** The shelf at the pace of the bench; reading a long log takes time, so it is read anew only when something in it is another. */
function suppliesFor(given: Given): Supplies {
  const from = [given.log, given.shelf, given.workshop, ...shapesOf(given.pieces)];
  if (learnt?.from.length !== from.length || !learnt.from.every((one, i) => one === from[i]))
    learnt = { from, supplies: benchSupplies(given) };
  return learnt.supplies;
}

function plan(delta: GivenDelta): OutlookDelta {
  const { workshop = around?.workshop, shelf = around?.shelf, originDate, nowMin } = delta;
  if (!workshop || !shelf) throw new Error('nothing is known of the workshop yet');
  around = { workshop, shelf };
  const plain = { pieces: pieces.take(delta.pieces), log: log.take(delta.log), workshop, shelf, originDate, nowMin };
  const given = { ...plain, supplies: suppliesFor(plain) };
  const outlook = planPieces(given, memory);
  last = { given, outlook };
  return { ...outlook, pieces: outlooks.deltaTo(outlook.pieces) };
}

/** What the plan that was made last takes from the shelf; null before there is one. */
function needs(mixes: readonly Mix[]): (Needs & { stock: Stock }) | null {
  if (!last) return null;
  const { given, outlook } = last;
  const found = needsOf(given.pieces, outlook, { supplies: given.supplies, mixes, droppers: given.workshop.dropsPerMl });
  return { ...found, stock: stockOf(found.uses, given.supplies) };
}

/** The core in a thread of its own: plans and checks while the page stays quick. */
const service = {
  plan,
  needs,
  /** The cups alone. */
  cups: (mixes: readonly Mix[]): PlannedMix[] => needs(mixes)?.mixes ?? [],
};
export type OutlookService = typeof service;
expose(service);
