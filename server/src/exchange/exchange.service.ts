import { Injectable } from '@nestjs/common';
import { KEPT_ONES, LIST_KEYS } from '@eveningtide/core/kept';
import {
  PART_KEYS,
  PLAN_VERSION,
  additions,
  anchoredOn,
  choiceKey,
  planFaults,
  upgraded,
  upgradedPart,
  type Choice,
  type PartFile,
  type PartKey,
  type PlanFile,
} from '@eveningtide/core/plan-file';
import { randomUUID } from 'node:crypto';
import type { Model, Transaction } from 'sequelize';
import { BackupsService } from '../backups/backups.service.js';
import { openRows } from '../database/rows.js';
import { VERSIONED } from '../tables/tables.js';
import { Writes } from '../database/writes.js';
import { KeptService } from '../kept/kept.service.js';
import { servedOf } from '../kept/registry.js';
import { writeWorkshop } from '../kept/workshop.row.js';
import { FaultsException, checkPlain, checkShape, refuseFaults } from '../validation/faults.js';
import { planOfRows } from '../plan-file/plan-of-rows.js';
import { PlanFileDto } from '../plan-file/plan-file.dto.js';
import { ChoicesDto, PartFileDto } from './part.dto.js';

export interface ImportReport {
  pieces: number;
  bottles: number;
}

export interface AddReport {
  /** What was written, and the version it has now; 1: it is new. */
  written: { list: PartKey; id: string; version: number }[];
}

/** A file as one of this version. @throws FaultsException where it is of a newer one. */
function ofThisVersion(sent: unknown, upgrade: (file: unknown) => unknown): unknown {
  checkPlain(sent);
  const file = upgrade(sent);
  const version = typeof file === 'object' && file !== null && 'version' in file ? file.version : undefined;
  if (typeof version === 'number' && version > PLAN_VERSION)
    throw new FaultsException([
      {
        path: 'version',
        value: String(version),
        allowed: `${String(PLAN_VERSION)} or less: the file is from a newer version of Eveningtide`,
      },
    ]);
  return file;
}

@Injectable()
export class ExchangeService {
  constructor(
    private readonly writes: Writes,
    private readonly backups: BackupsService,
    private readonly kept: KeptService,
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
    const file = ofThisVersion(sent, upgraded);
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

  /**
   * Adds one thing with all that it points to, in one transaction: what is new, and what is here and otherwise as it was chosen. A file with any fault changes
   * nothing.
   * @throws FaultsException naming every fault's place, value and what is allowed.
   */
  async add(sent: unknown, sentChoices: unknown): Promise<AddReport> {
    const file = ofThisVersion(sent, upgradedPart);
    checkShape(PartFileDto, file);
    checkShape(ChoicesDto, { choices: sentChoices });
    const choices = (sentChoices as ChoicesDto['choices']).map(({ list, id, choice }): [string, Choice] => [
      choiceKey({ key: list, id }),
      choice,
    ]);
    return this.writes.transaction(async (transaction) => {
      const plan = await planOfRows(openRows(transaction));
      const lists = additions(plan, file as PartFile, Object.fromEntries(choices), () => randomUUID());
      const written: AddReport['written'] = [];
      for (const key of PART_KEYS) {
        const things = lists[key] as { id: string }[];
        const { table } = servedOf(key);
        const before = await Promise.all(things.map(({ id }) => table.byId(id, transaction)));
        const all = things.map((thing, i) => ({ version: before[i]?.version ?? 0, thing, path: `${key}[${String(i)}]` }));
        await this.kept.saveIn(transaction, key, all);
        written.push(...all.map(({ version, thing }) => ({ list: key, id: thing.id, version: version + 1 })));
      }
      return { written };
    });
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
