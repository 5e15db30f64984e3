import { Injectable, Logger, type BeforeApplicationShutdown, type OnApplicationBootstrap } from '@nestjs/common';
import { LIST_KEYS, keptListOf, type ListKey } from '@eveningtide/core/kept';
import type { Transaction } from 'sequelize';
import { isoNow } from '../clock.js';
import { Writes } from '../database/writes.js';
import { notFound } from '../http/errors.js';
import { BinStore, type BinContent, type Binned } from '../kept/bin.store.js';
import { markedIn, removeMarked, removeMarkedBefore, setDeleted } from '../kept/marked.js';
import { servedOf } from '../kept/registry.js';
import { surroundingsOf } from '../kept/surroundings.js';
import { refuseFaults } from '../validation/faults.js';

const DAY_MS = 86_400_000;
/** So long what was deleted can be brought back. */
const KEPT_DAYS = 30;
/** What has lain there too long is looked for so often. */
const LOOK_EVERY_MS = DAY_MS / 4;

export interface Deleted extends Binned {
  /** Days until it goes for good, begun ones counted. */
  daysLeft: number;
}

const MARKED = LIST_KEYS.filter((key) => servedOf(key).deleted === 'marked');

/** The list of a kind that can be brought back. @throws NotFoundException for another word */
function listOf(kind: string, id: string): ListKey {
  const key = LIST_KEYS.find((one) => keptListOf(one).one === kind && servedOf(one).deleted !== 'gone');
  if (key === undefined) throw notFound(`deleted ${kind}`, id);
  return key;
}

/** Brings back what was deleted, or lets it go for good. */
@Injectable()
export class BinService implements OnApplicationBootstrap, BeforeApplicationShutdown {
  private readonly logger = new Logger('Bin');
  private timer: NodeJS.Timeout | null = null;
  private looking: Promise<void> = Promise.resolve();

  constructor(
    private readonly writes: Writes,
    private readonly bin: BinStore,
  ) {}

  onApplicationBootstrap(): void {
    const look = (): void => {
      this.looking = this.forgetOld().catch((error: unknown) =>
        this.logger.warn(`What was deleted long ago stays for now: ${String(error)}`),
      );
    };
    look();
    this.timer = setInterval(look, LOOK_EVERY_MS);
    this.timer.unref();
  }

  /** Before the database is closed. */
  async beforeApplicationShutdown(): Promise<void> {
    if (this.timer) clearInterval(this.timer);
    await this.looking;
  }

  /** What can be brought back, the newest first. */
  async all(): Promise<Deleted[]> {
    const marked = await Promise.all(
      MARKED.map(async (key) => (await markedIn(servedOf(key).table)).map((one): Binned => ({ kind: keptListOf(key).one, ...one }))),
    );
    const nowMs = Date.parse(isoNow());
    return [...marked.flat(), ...(await this.bin.all())]
      .sort((a, b) => b.deletedAt.localeCompare(a.deletedAt))
      .map((one) => ({ ...one, daysLeft: Math.max(0, Math.ceil(KEPT_DAYS - (nowMs - Date.parse(one.deletedAt)) / DAY_MS)) }));
  }

  /** Brings a thing back, and gives it back to what used it and uses nothing else now. */
  async restore(kind: string, id: string): Promise<void> {
    const key = listOf(kind, id);
    const missing = notFound(`deleted ${kind}`, id);
    await this.writes.transaction(async (transaction) => {
      if (servedOf(key).deleted === 'marked') {
        if (!(await setDeleted(servedOf(key).table, id, null, transaction))) throw missing;
        return;
      }
      const content = await this.bin.content(kind, id, transaction);
      if (!content) throw missing;
      await this.materialsFirst(content, transaction);
      await this.putBack(key, content, transaction);
    });
  }

  /** A thing can only be there together with the own materials it is of: those that were deleted after it come back before it. */
  private async materialsFirst({ thing }: BinContent, transaction: Transaction): Promise<void> {
    for (const id of materialsIn(thing)) {
      const content = await this.bin.content(keptListOf('materials').one, id, transaction);
      if (content) await this.putBack('materials', content, transaction);
    }
  }

  /** Lets a deleted thing go for good; a piece with its log. */
  async forget(kind: string, id: string): Promise<void> {
    const key = listOf(kind, id);
    const { deleted, table } = servedOf(key);
    const found = await this.writes.transaction((transaction) =>
      deleted === 'marked' ? removeMarked(table, id, transaction) : this.bin.forget(kind, id, transaction),
    );
    if (!found) throw notFound(`deleted ${kind}`, id);
  }

  private async forgetOld(): Promise<void> {
    const before = new Date(Date.parse(isoNow()) - KEPT_DAYS * DAY_MS).toISOString();
    await this.writes.transaction(async (transaction) => {
      await this.bin.forgetBefore(before, transaction);
      for (const key of MARKED) await removeMarkedBefore(servedOf(key).table, before, transaction);
    });
  }

  private async putBack(key: ListKey, content: BinContent, transaction: Transaction): Promise<void> {
    const { table, ties } = servedOf(key);
    const { one, faults } = keptListOf(key);
    const thing = (await ties?.comingBack?.(content.thing, transaction)) ?? content.thing;
    refuseFaults(faults(one, thing, await surroundingsOf(key, transaction)));
    if (!(await table.byId(thing.id, transaction))) await table.write(thing, 1, transaction);
    await ties?.giveBack?.(thing, content, transaction);
    await this.bin.forget(one, thing.id, transaction);
  }
}

/** Materials that a thing names, however deep in it. */
function materialsIn(thing: unknown): Set<string> {
  if (typeof thing !== 'object' || thing === null) return new Set();
  const inner = Object.values(thing).flatMap((one) => [...materialsIn(one)]);
  return new Set('material' in thing && typeof thing.material === 'string' ? [thing.material, ...inner] : inner);
}
