import { ConflictException, Injectable, Logger, type OnApplicationBootstrap, type BeforeApplicationShutdown } from '@nestjs/common';
import { suppliesOf, type Bottle, type OwnMaterial } from '@eveningtide/core/materials';
import type { Finish } from '@eveningtide/core/finishes';
import type { Mix } from '@eveningtide/core/mixing';
import { bottleFaults, finishFaults, mixFaults } from '@eveningtide/core/plan-file';
import type { Transaction } from 'sequelize';
import { BottlesStore } from '../bottles/bottles.store.js';
import { isoNow } from '../clock.js';
import { PieceRow, StepRow } from '../database/models.js';
import { Writes } from '../database/writes.js';
import { FinishesStore } from '../finishes/finishes.store.js';
import { notFound } from '../http/errors.js';
import { MaterialsStore } from '../materials/materials.store.js';
import { MixesStore } from '../mixes/mixes.store.js';
import { PiecesStore } from '../pieces/pieces.store.js';
import { refuseFaults } from '../validation/faults.js';
import { BinStore, type BinContent, type Binned, type UsingStep } from './bin.store.js';

const DAY_MS = 86_400_000;
/** So long what was deleted can be brought back. */
const KEPT_DAYS = 30;
/** What has lain there too long is looked for so often. */
const LOOK_EVERY_MS = DAY_MS / 4;

export interface Deleted extends Binned {
  /** Days until it goes for good, begun ones counted. */
  daysLeft: number;
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
    private readonly pieces: PiecesStore,
    private readonly bottles: BottlesStore,
    private readonly materials: MaterialsStore,
    private readonly mixes: MixesStore,
    private readonly finishes: FinishesStore,
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
    const pieces = (await this.pieces.deleted()).map((one): Binned => ({ kind: 'piece', ...one }));
    const nowMs = Date.parse(isoNow());
    return [...pieces, ...(await this.bin.all())]
      .sort((a, b) => b.deletedAt.localeCompare(a.deletedAt))
      .map((one) => ({ ...one, daysLeft: Math.max(0, Math.ceil(KEPT_DAYS - (nowMs - Date.parse(one.deletedAt)) / DAY_MS)) }));
  }

  /** Brings a thing back, and gives it back to the steps that used it and use nothing else now. */
  async restore(kind: string, id: string): Promise<void> {
    await this.writes.transaction(async (transaction) => {
      if (kind === 'piece') {
        if (!(await this.pieces.setDeleted(id, null, transaction))) throw notFound('deleted piece', id);
        return;
      }
      const content = await this.bin.content(kind, id, transaction);
      if (!content) throw notFound(`deleted ${kind}`, id);
      await this.materialsFirst(content, transaction);
      await this.putBack(kind, content, transaction);
      await this.bin.forget(kind, id, transaction);
    });
  }

  /** A thing can only be there together with the own materials it is of: those that were deleted after it come back before it. */
  private async materialsFirst({ thing }: BinContent, transaction: Transaction): Promise<void> {
    for (const id of materialsIn(thing)) {
      const content = await this.bin.content('material', id, transaction);
      if (!content) continue;
      await this.putBack('material', content, transaction);
      await this.bin.forget('material', id, transaction);
    }
  }

  /** Lets a deleted thing go for good; a piece with its log. */
  async forget(kind: string, id: string): Promise<void> {
    const found = await this.writes.transaction((transaction) =>
      kind === 'piece' ? this.pieces.removeDeleted(id, transaction) : this.bin.forget(kind, id, transaction),
    );
    if (!found) throw notFound(`deleted ${kind}`, id);
  }

  private async forgetOld(): Promise<void> {
    const before = new Date(Date.parse(isoNow()) - KEPT_DAYS * DAY_MS).toISOString();
    await this.writes.transaction(async (transaction) => {
      await this.bin.forgetBefore(before, transaction);
      await this.pieces.removeDeletedBefore(before, transaction);
    });
  }

  private async putBack(kind: string, { thing, steps, mixes }: BinContent, transaction: Transaction): Promise<void> {
    const supplies = async () =>
      suppliesOf({
        bottles: (await this.bottles.all(transaction)).map(({ bottle }) => bottle),
        materials: (await this.materials.all(transaction)).map(({ material }) => material),
      });
    if (kind === 'material') {
      const material = thing as OwnMaterial;
      if (!(await this.materials.byId(material.id, transaction))) await this.materials.write(material, 1, transaction);
    } else if (kind === 'finish') {
      const finish = thing as Finish;
      refuseFaults(finishFaults('finish', finish, await supplies()));
      if (!(await this.finishes.byId(finish.id, transaction))) await this.finishes.write(finish, 1, transaction);
    } else if (kind === 'bottle') {
      const bottle = thing as Bottle;
      refuseFaults(bottleFaults('bottle', bottle, await supplies()));
      if (!(await this.bottles.byId(bottle.id, transaction))) await this.bottles.write(bottle, 1, transaction);
      await this.mixes.rememberBottle(bottle, mixes, transaction);
      await giveBack(steps, { bottleId: bottle.id }, { bottleId: null, material: bottle.material }, transaction);
    } else {
      const mix = await this.numbered(thing as Mix, transaction);
      refuseFaults(mixFaults('mix', mix, await supplies()));
      if (!(await this.mixes.byId(mix.id, transaction))) await this.mixes.write(mix, 1, transaction);
      await giveBack(steps, { mixId: mix.id }, { mixId: null }, transaction);
    }
  }

  /** A mix under its number, which another may have by now; made with bottles that are still there. */
  private async numbered(mix: Mix, transaction: Transaction): Promise<Mix> {
    const all = await this.mixes.all(transaction);
    const twin = all.find(({ mix: other }) => other.number === mix.number && other.id !== mix.id);
    if (twin)
      throw new ConflictException({
        error: 'in-use',
        message: `“${twin.mix.name}” has number ${String(mix.number)} by now: give it another one first`,
      });
    const known = new Set((await this.bottles.all(transaction)).map(({ bottle }) => bottle.id));
    const components = mix.components.map((one) => (one.bottleId !== null && !known.has(one.bottleId) ? { ...one, bottleId: null } : one));
    return { ...mix, components };
  }
}

/** Materials that a thing names, however deep in it. */
function materialsIn(thing: unknown): Set<string> {
  if (typeof thing !== 'object' || thing === null) return new Set();
  const inner = Object.values(thing).flatMap((one) => [...materialsIn(one)]);
  return new Set('material' in thing && typeof thing.material === 'string' ? [thing.material, ...inner] : inner);
}

/** Steps that used a thing have it again, only where they still are what they were; their pieces get a new version, so that an open tab notices. */
async function giveBack(steps: readonly UsingStep[], back: object, where: object, transaction: Transaction): Promise<void> {
  for (const { pieceId, stepId } of steps) {
    const [changed] = await StepRow.update(back, { where: { pieceId, id: stepId, ...where }, transaction });
    if (changed > 0) await PieceRow.increment('version', { where: { id: pieceId }, transaction });
  }
}
