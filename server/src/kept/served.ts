import type { ListKey, PlanFault } from '@eveningtide/core/kept';
import type { Transaction } from 'sequelize';
import type { Shape } from '../validation/nested.js';
import type { Kept, KeptTable } from './table.js';

/** A step that used what was deleted. */
export interface UsingStep {
  pieceId: string;
  stepId: string;
}

/** What lost a thing when it was deleted, and has it again when it comes back. */
export interface Losers {
  steps: UsingStep[];
  /** Ids of mixes that were made with it. */
  mixes: string[];
}

export const NOBODY: Losers = { steps: [], mixes: [] };

/** What things of one kind have to do with others. Callers give the transaction. */
export interface Ties<T> {
  /** What stands against it beside the core's faults: another one has what there can be only once. */
  clashes?: (path: string, thing: T, transaction: Transaction) => Promise<PlanFault[]>;
  /** Another one that has been written in its place: whoever writes a second is told of it. */
  twin?: (thing: T, transaction: Transaction) => Promise<{ called: string; kept: Kept<T> } | null>;
  /** Who still needs it, in words: while there is anybody, it stays. */
  users?: (id: string, transaction: Transaction) => Promise<string[]>;
  /** What uses it loses it, and is told in the answer. */
  letGo?: (id: string, transaction: Transaction) => Promise<Losers>;
  /** As it can come back to what is there now. @throws ConflictException where it cannot. */
  comingBack?: (thing: T, transaction: Transaction) => Promise<T>;
  /** What lost it has it again, where nothing else stands in its place. */
  giveBack?: (thing: T, losers: Losers, transaction: Transaction) => Promise<void>;
  /** Of what it is a part: it stays out of the plan file as long as that is put aside. */
  partOf?: { list: ListKey; id: (thing: T) => string };
}

/** How things of one kind are served. */
export interface Served<T extends { id: string }> {
  /** The shape of one. */
  dto: Shape;
  table: KeptTable<T>;
  /** Other lists in which something may change with it, besides those that lose it. */
  touches: readonly ListKey[];
  /** What is deleted is copied among the recently deleted, is only marked in its own table, or is gone. */
  deleted: 'copied' | 'marked' | 'gone';
  /** Written from the bench, again and again until an answer comes: the same once more is answered as it stands, whatever version it was sent from. */
  sentAgain?: boolean;
  /** What messages call this one. */
  called: (thing: T) => string;
  ties?: Ties<T>;
}
