import {
  MadePlan,
  OutlookMemory,
  benchSupplies,
  type BarePlan,
  type PlanInput,
  type Outlook,
  type Overfull,
  type PieceOutlook,
} from '@eveningtide/core/schedule';
import { needsOf, stockOf, type Needs, type PlannedMix, type Stock } from '@eveningtide/core/needs';
import type { LogEntry } from '@eveningtide/core/log';
import type { Supplies } from '@eveningtide/core/materials';
import type { Mix } from '@eveningtide/core/mixing';
import type { Fix } from '@eveningtide/core/sequence';
import type { Bounds } from '@eveningtide/core/solver';
import type { Piece } from '@eveningtide/core/subjects';
import { delayOf, type Delay } from '@eveningtide/core/tonight';
import { expose } from 'comlink';
import type { StoredEntry, StoredPiece } from '../store/api.js';
import { Receiver, Sender, type Delta } from './delta.js';

/** What is given besides pieces and log; what is left out is as before. */
export interface PlanQuestion {
  workshop?: PlanInput['workshop'];
  shelf?: PlanInput['shelf'];
  originDate: string;
  nowMin: number;
  /** The piece that is looked at; it is told first. */
  openId: string | null;
}

/** A plan as it is told first: with those of its pieces that the evening at hand is about. Further parts follow. */
export interface FirstTold {
  plan: BarePlan;
  /** Which plan it is; what is asked about one is not answered from another. */
  revision: number;
  nearIds: string[];
  changed: PieceOutlook[];
  /** What helps against each finding of the piece that is looked at: told with the plan, so that nothing moves under the painter's hands. */
  opened: { pieceId: string; fixes: Fix[][] } | null;
}

/** Some more of its pieces; with the last of them the order of all, and what only the whole tells. */
export interface MoreTold {
  changed: PieceOutlook[];
  whole: { order: string[] | null; overfull: Overfull[] } | null;
}

/** So many pieces are told at a time. */
const PIECES_AT_ONCE = 20;

const pieces = new Receiver<Piece>(({ id }) => id);
const log = new Receiver<LogEntry>(({ id }) => id);
const outlooks = new Sender<PieceOutlook>(({ pieceId }) => pieceId);
const memory = new OutlookMemory();
let given: { pieces: Piece[]; log: LogEntry[] } & Partial<Pick<PlanInput, 'workshop' | 'shelf'>> = { pieces: [], log: [] };

/** The plan in hand: what it is made from, and its pieces as far as they were looked at. */
let inHand: { revision: number; made: MadePlan; given: PlanInput & { supplies: Supplies }; looked: Map<string, PieceOutlook> } | null =
  null;

/** The plan that was told last as a whole: what it needs is reckoned from it, and only when somebody asks. */
let last: { given: PlanInput & { supplies: Supplies }; outlook: Outlook } | null = null;

/** What pieces are to the log that is learnt from: not their steps, which entries have of their own. */
const shapesOf = (list: readonly Piece[]): unknown[] => list.flatMap(({ id, zones, members, groups }) => [id, zones, members, groups]);

let learnt: { from: readonly unknown[]; supplies: Supplies } | null = null;

/** The shelf at the pace of the bench; reading a long log takes time, so it is read anew only when something in it is another. */
function suppliesFor(all: PlanInput): Supplies {
  const from = [all.log, all.shelf, all.workshop, ...shapesOf(all.pieces)];
  if (learnt?.from.length !== from.length || !learnt.from.every((one, i) => one === from[i]))
    learnt = { from, supplies: benchSupplies(all) };
  return learnt.supplies;
}

const lookAt = (ids: readonly string[], { made, looked }: NonNullable<typeof inHand>): PieceOutlook[] => {
  for (const id of ids) looked.set(id, made.look(id));
  return outlooks.changedIn(ids.flatMap((id) => looked.get(id) ?? []));
};

const fixesOf = (pieceId: string, made: MadePlan): Fix[][] => made.cured(pieceId).map((finding) => finding.fixes);

/** Makes the plan of what was told. */
function begin({ originDate, nowMin, openId, ...around }: PlanQuestion): FirstTold {
  given = { ...given, ...around };
  const { workshop, shelf } = given;
  if (!workshop || !shelf) throw new Error('nothing is known of the workshop yet');
  const plain = { ...given, workshop, shelf, originDate, nowMin };
  const all = { ...plain, supplies: suppliesFor(plain) };
  const made = new MadePlan(all, memory);
  inHand = { revision: (inHand?.revision ?? 0) + 1, made, given: all, looked: new Map() };
  const near = made.nearIds;
  const nearIds = made.pieceIds.filter((id) => near.has(id) || id === openId);
  const isOpen = openId !== null && made.pieceIds.includes(openId);
  return {
    plan: made.plan,
    revision: inHand.revision,
    nearIds,
    changed: lookAt(nearIds, inHand),
    opened: isOpen ? { pieceId: openId, fixes: fixesOf(openId, made) } : null,
  };
}

/** Goes on with the plan in hand. */
function more(): MoreTold {
  if (!inHand) throw new Error('no plan has been begun');
  const { made, looked } = inHand;
  const left = made.pieceIds.filter((id) => !looked.has(id));
  const changed = lookAt(left.slice(0, PIECES_AT_ONCE), inHand);
  if (left.length > PIECES_AT_ONCE) return { changed, whole: null };
  const list = made.pieceIds.flatMap((id) => looked.get(id) ?? []);
  const overfull = made.overfull(list);
  last = { given: inHand.given, outlook: { ...made.plan, pieces: list, overfull } };
  return { changed, whole: { order: outlooks.deltaTo(list).order, overfull } };
}

/** What no plan can beat; null: another plan has been begun since. */
const bounds = (revision: number): Bounds | null => (inHand?.revision === revision ? inHand.made.bounds : null);

/** What the evening has become since it began; null: outside evenings, or another plan has been begun since. */
const delay = (revision: number): Delay | null => (inHand?.revision === revision ? delayOf(inHand.given, inHand.made.solved) : null);

/** What helps against each of a piece's findings; null: another plan has been begun since. */
const fixes = (revision: number, pieceId: string): Fix[][] | null => (inHand?.revision === revision ? fixesOf(pieceId, inHand.made) : null);

/** What the plan that was told last takes from the shelf; null before there is one. */
function needs(mixes: readonly Mix[]): (Needs & { stock: Stock }) | null {
  if (!last) return null;
  const { given: all, outlook } = last;
  const found = needsOf(all.pieces, outlook, { supplies: all.supplies, mixes, droppers: all.workshop.dropsPerMl });
  return { ...found, stock: stockOf(found.uses, all.supplies) };
}

/** The core in a thread of its own: plans and checks while the page stays quick. */
const service = {
  /** The list as the server sent it, its order still to come. */
  readPieces(text: string): void {
    pieces.keep((JSON.parse(text) as StoredPiece[]).map(({ piece }) => piece));
  },
  readLog(text: string): void {
    log.keep((JSON.parse(text) as StoredEntry[]).map(({ entry }) => entry));
  },
  tellPieces(part: Delta<Piece>): void {
    given = { ...given, pieces: pieces.take(part) };
  },
  tellLog(part: Delta<LogEntry>): void {
    given = { ...given, log: log.take(part) };
  },
  begin,
  more,
  bounds,
  delay,
  fixes,
  needs,
  /** The cups alone. */
  cups: (mixes: readonly Mix[]): PlannedMix[] => needs(mixes)?.mixes ?? [],
};
export type OutlookService = typeof service;
expose(service);
