import { Injectable } from '@nestjs/common';
import { KEPT_ONES, LIST_KEYS } from '@eveningtide/core/kept';
import { PLAN_VERSION, anchoredOn, planFaults, upgraded, type PlanFile } from '@eveningtide/core/plan-file';
import type { Model, Transaction } from 'sequelize';
import { BackupsService } from '../backups/backups.service.js';
import { openRows } from '../database/rows.js';
import { VERSIONED } from '../tables/tables.js';
import { Writes } from '../database/writes.js';
import { servedOf } from '../kept/registry.js';
import { writeWorkshop } from '../kept/workshop.row.js';
import { FaultsException, checkPlain, checkShape, refuseFaults } from '../validation/faults.js';
import { planOfRows } from '../plan-file/plan-of-rows.js';
import { PlanFileDto } from '../plan-file/plan-file.dto.js';

export interface ImportReport {
  pieces: number;
  bottles: number;
}

@Injectable()
export class ExchangeService {
  constructor(
    private readonly writes: Writes,
    private readonly backups: BackupsService,
  ) {}

  /** Everything that is kept, as one plan file. What was put aside stays out. */
  export(): Promise<PlanFile> {
    return planOfRows(openRows());
  }

  /**
   * Replaces everything by a plan file, in one transaction; a file with any fault changes nothing. What is there is backed up first: what lies among the
   * recently deleted goes too, and no plan file holds it.
   * `today` (YYYY-MM-DD) places files whose dates hang on an anchor.
   * @throws FaultsException naming every fault's place, value and what is allowed.
   */
  async import(sent: unknown, today: string): Promise<ImportReport> {
    checkPlain(sent);
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
    // dates that were moved may have been moved out of reach
    if (plan !== file) checkShape(PlanFileDto, plan);
    refuseFaults(KEPT_ONES.workshop.faults('workshop', plan.workshop));
    refuseFaults(planFaults(plan));
    if (!(await this.isEmpty())) await this.backups.beforeReplacing();
    await this.writes.transaction(async (transaction) => {
      // an open tab must notice that all has changed under it
      const version = 1 + (await this.newestVersion(transaction));
      for (const key of [...LIST_KEYS].reverse()) await servedOf(key).table.models[0].destroy({ where: {}, transaction });
      await writeWorkshop(plan.workshop, version, transaction);
      for (const key of LIST_KEYS) await servedOf(key).table.writeAll(plan[key], version, transaction);
    });
    return { pieces: plan.pieces.length, bottles: plan.bottles.length };
  }

  /** The highest version of anything that is kept, what was put aside included. */
  private async newestVersion(transaction: Transaction): Promise<number> {
    const newest = VERSIONED.map((model) => model.max<number, Model>('version', { transaction }));
    return Math.max(0, ...(await Promise.all(newest)).map((version) => version || 0));
  }

  /** Nothing was ever kept here. */
  async isEmpty(): Promise<boolean> {
    for (const model of VERSIONED) if ((await model.count()) > 0) return false;
    return true;
  }
}
