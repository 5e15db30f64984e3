import { Injectable } from '@nestjs/common';
import { PLAN_FORMAT, PLAN_VERSION, anchoredOn, planFaults, upgraded, type PlanFile } from '@eveningtide/core/plan-file';
import type { Transaction } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { BottlesStore } from '../bottles/bottles.store.js';
import { FinishesStore } from '../finishes/finishes.store.js';
import { LogStore } from '../log/log.store.js';
import { MaterialsStore } from '../materials/materials.store.js';
import { MixesStore } from '../mixes/mixes.store.js';
import { PiecesStore } from '../pieces/pieces.store.js';
import { FaultsException, checkShape } from '../validation/faults.js';
import { WorkshopStore } from '../workshop/workshop.store.js';
import { PlanFileDto } from './plan-file.dto.js';

export interface ImportReport {
  pieces: number;
  bottles: number;
}

@Injectable()
export class ExchangeService {
  constructor(
    private readonly sequelize: Sequelize,
    private readonly pieces: PiecesStore,
    private readonly bottles: BottlesStore,
    private readonly materials: MaterialsStore,
    private readonly finishes: FinishesStore,
    private readonly mixes: MixesStore,
    private readonly workshop: WorkshopStore,
    private readonly log: LogStore,
  ) {}

  /** Everything that is kept, as one plan file. What was put aside stays out. */
  async export(): Promise<PlanFile> {
    const [pieces, bottles, materials, finishes, mixes, { workshop }, log] = [
      await this.pieces.all(),
      await this.bottles.all(),
      await this.materials.all(),
      await this.finishes.all(),
      await this.mixes.all(),
      await this.workshop.read(),
      await this.log.all(),
    ];
    const kept = new Set(pieces.map(({ piece }) => piece.id));
    return {
      format: PLAN_FORMAT,
      version: PLAN_VERSION,
      anchorDate: null,
      workshop,
      materials: materials.map(({ material }) => material),
      bottles: bottles.map(({ bottle }) => bottle),
      mixes: mixes.map(({ mix }) => mix),
      finishes: finishes.map(({ finish }) => finish),
      pieces: pieces.map(({ piece }) => piece),
      log: log.map(({ entry }) => entry).filter(({ pieceId }) => kept.has(pieceId)),
    };
  }

  /**
   * Replaces everything by a plan file, in one transaction; a file with any fault changes nothing.
   * `today` (YYYY-MM-DD) places files whose dates hang on an anchor.
   * @throws FaultsException naming every fault's place, value and what is allowed.
   */
  async import(sent: unknown, today: string): Promise<ImportReport> {
    const file = upgraded(sent);
    const version = typeof file === 'object' && file !== null && 'version' in file ? file.version : undefined;
    if (typeof version === 'number' && version > PLAN_VERSION)
      throw new FaultsException([
        {
          path: 'version',
          value: String(version),
          allowed: `${String(PLAN_VERSION)} or less: the file is from a newer version of Eveningtide`,
        },
      ]);
    // the checked file is taken as it came: an instance would carry the prototype of its class into the database layer
    checkShape(PlanFileDto, file);
    const plan = anchoredOn(file as PlanFile, today);
    const faults = planFaults(plan);
    if (faults.length > 0) throw new FaultsException(faults);
    await this.sequelize.transaction(async (transaction) => {
      // an open tab must notice that all has changed under it
      const version = 1 + (await this.newestVersion(transaction));
      await this.log.removeAll(transaction);
      await this.pieces.removeAll(transaction);
      await this.bottles.removeAll(transaction);
      await this.materials.removeAll(transaction);
      await this.finishes.removeAll(transaction);
      await this.mixes.removeAll(transaction);
      await this.workshop.write(plan.workshop, version, transaction);
      for (const material of plan.materials) await this.materials.write(material, version, transaction);
      for (const bottle of plan.bottles) await this.bottles.write(bottle, version, transaction);
      for (const mix of plan.mixes) await this.mixes.write(mix, version, transaction);
      for (const finish of plan.finishes) await this.finishes.write(finish, version, transaction);
      for (const piece of plan.pieces) await this.pieces.write(piece, version, transaction);
      for (const entry of plan.log) await this.log.write(entry, version, transaction);
    });
    return { pieces: plan.pieces.length, bottles: plan.bottles.length };
  }

  /** The highest version of anything that is kept, what was put aside included. */
  private async newestVersion(transaction: Transaction): Promise<number> {
    const kept = [
      ...(await this.pieces.all(true, transaction)),
      ...(await this.bottles.all(transaction)),
      ...(await this.materials.all(transaction)),
      ...(await this.finishes.all(transaction)),
      ...(await this.mixes.all(transaction)),
      ...(await this.log.all(transaction)),
      await this.workshop.read(transaction),
    ];
    return Math.max(0, ...kept.map(({ version }) => version));
  }

  /** Nothing was ever kept here. */
  async isEmpty(): Promise<boolean> {
    return (
      (await this.pieces.all(true)).length === 0 && (await this.bottles.all()).length === 0 && (await this.workshop.read()).version === 0
    );
  }
}
