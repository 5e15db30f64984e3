import { Injectable } from '@nestjs/common';
import { keptListOf, wordsOf, type ListKey, type PlanFault } from '@eveningtide/core/kept';
import type { Transaction } from 'sequelize';
import { isoNow } from '../clock.js';
import { Writes } from '../database/writes.js';
import { InUseException, StaleWriteException, notFound } from '../http/errors.js';
import { cameThrough, isSame } from '../http/repeat.js';
import { FaultsException, refuseFaults } from '../validation/faults.js';
import { BinStore } from './bin.store.js';
import { setDeleted } from './marked.js';
import { servedOf } from './registry.js';
import { NOBODY } from './served.js';
import { surroundingsOf } from './surroundings.js';
import { removeFrom, type Kept } from './table.js';

type Thing = { id: string };

/** A thing as answers have it: `{ version, bottle }`. */
export type Answer = Record<string, unknown> & { version: number };

/** One thing that is sent, and the version it was read at. */
export interface Sent {
  version: number;
  thing: Thing;
  /** Names it in messages. */
  path: string;
}

/** Keeps whatever is in the register: reads, saves and deletes it, each kind by its own declaration. */
@Injectable()
export class KeptService {
  constructor(
    private readonly writes: Writes,
    private readonly bin: BinStore,
  ) {}

  async one(key: ListKey, id: string): Promise<Answer> {
    const found = await servedOf(key).table.byId(id);
    if (!found || found.deletedAt !== null) throw notFound(wordsOf(key), id);
    return answerOf(key, found);
  }

  /** Saves a thing: a new one with version 0, a known one from the version it was read at. */
  async save(key: ListKey, id: string, version: number, thing: Thing): Promise<Answer> {
    const path = keptListOf(key).one;
    if (thing.id !== id) throw new FaultsException([{ path: `${path}.id`, value: thing.id, allowed: `the id in the address, ${id}` }]);
    return this.writes.transaction(async (transaction) => {
      const [saved] = await this.saveIn(transaction, key, [{ version, thing, path }]);
      if (!saved) throw notFound(wordsOf(key), id);
      return saved;
    });
  }

  /** Saves things of one list: all of them, or none. Faults and stale versions name the thing. */
  async saveIn(transaction: Transaction, key: ListKey, sent: readonly Sent[]): Promise<Answer[]> {
    const { table, sentAgain = false } = servedOf(key);
    if (sentAgain) {
      const before = await Promise.all(sent.map(({ thing }) => table.byId(thing.id, transaction)));
      if (before.every((kept, i) => kept !== null && isSame(kept.thing, sent[i]?.thing ?? {})))
        return before.flatMap((kept) => (kept ? [answerOf(key, kept)] : []));
    }
    refuseFaults(await faultsOf(key, sent, transaction));
    const saved: Answer[] = [];
    for (const { version, thing } of sent) saved.push(answerOf(key, await savedOne(key, version, thing, transaction)));
    return saved;
  }

  /** Takes a thing away; what used it loses it. For a while it can be brought back, if its kind is kept among the recently deleted. */
  async remove(key: ListKey, id: string): Promise<void> {
    const { table, deleted, called, ties } = servedOf(key);
    await this.writes.transaction(async (transaction) => {
      const missing = notFound(wordsOf(key), id);
      if (deleted === 'marked') {
        if (!(await setDeleted(table, id, isoNow(), transaction))) throw missing;
        return;
      }
      const found = await table.byId(id, transaction);
      if (!found) throw missing;
      const users = (await ties?.users?.(id, transaction)) ?? [];
      if (users.length > 0) throw new InUseException(called(found.thing), users);
      const losers = (await ties?.letGo?.(id, transaction)) ?? NOBODY;
      if (deleted === 'copied') await this.bin.keep(keptListOf(key).one, { thing: found.thing, ...losers }, transaction);
      await removeFrom(table, id, transaction);
    });
  }
}

const answerOf = (key: ListKey, { version, deletedAt, thing }: Kept<Thing>): Answer => ({
  version,
  ...(servedOf(key).deleted === 'marked' ? { deletedAt } : {}),
  [keptListOf(key).one]: thing,
});

async function faultsOf(key: ListKey, sent: readonly Sent[], transaction: Transaction): Promise<PlanFault[]> {
  const around = await surroundingsOf(key, transaction);
  const faults: PlanFault[] = [];
  for (const [i, { thing, path }] of sent.entries()) {
    faults.push(...keptListOf(key).faults(path, thing, around));
    faults.push(...((await servedOf(key).ties?.clashes?.(path, thing, transaction)) ?? []));
    if (sent.findIndex((other) => other.thing.id === thing.id) < i)
      faults.push({ path: `${path}.id`, value: thing.id, allowed: 'an id that occurs once' });
  }
  return faults;
}

/** Saves one that has no fault, from the version it was read at. @throws StaleWriteException, NotFoundException */
async function savedOne(key: ListKey, version: number, thing: Thing, transaction: Transaction): Promise<Kept<Thing>> {
  const { table, called, ties } = servedOf(key);
  const before = await table.byId(thing.id, transaction);
  // what was put aside comes back by its own word only, not by a late save
  if (before ? before.deletedAt !== null : version > 0) throw notFound(wordsOf(key), thing.id);
  if (before && cameThrough({ version: before.version, thing: before.thing }, version, thing)) return before;
  if (before && before.version !== version) throw new StaleWriteException(called(before.thing), version, answerOf(key, before));
  const twin = await ties?.twin?.(thing, transaction);
  if (twin && twin.kept.thing.id !== thing.id) throw new StaleWriteException(twin.called, version, answerOf(key, twin.kept));
  await table.write(thing, version + 1, transaction);
  return { version: version + 1, deletedAt: null, thing };
}
