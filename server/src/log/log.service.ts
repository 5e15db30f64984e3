import { Injectable } from '@nestjs/common';
import type { LogEntry } from '@eveningtide/core/log';
import { suppliesOf } from '@eveningtide/core/materials';
import { entryFaults } from '@eveningtide/core/plan-file';
import { Writes } from '../database/writes.js';
import { StaleWriteException, notFound } from '../http/errors.js';
import { isSame } from '../http/repeat.js';
import { MaterialsStore } from '../materials/materials.store.js';
import { PiecesStore } from '../pieces/pieces.store.js';
import { FaultsException } from '../validation/faults.js';
import { LogStore, type StoredEntry } from './log.store.js';

@Injectable()
export class LogService {
  constructor(
    private readonly writes: Writes,
    private readonly store: LogStore,
    private readonly pieces: PiecesStore,
    private readonly materials: MaterialsStore,
  ) {}

  /** As JSON: `StoredEntry[]`. */
  all(): Promise<string> {
    return this.store.allAsJson();
  }

  /**
   * Saves an entry: a new one with version 0, a known one from the version it was read at. What is stored already is answered as it stands, so that it
   * may be sent again when no answer came.
   */
  async save(id: string, sentVersion: number, entry: LogEntry): Promise<StoredEntry> {
    if (entry.id !== id) throw new FaultsException([{ path: 'entry.id', value: entry.id, allowed: `the id in the address, ${id}` }]);
    return this.writes.transaction(async (transaction) => {
      const before = await this.store.byId(id, transaction);
      if (before && isSame(before.entry, entry)) return before;
      const materials = (await this.materials.all(transaction)).map(({ material }) => material);
      // one look-up, so that a press at the bench costs the same however many pieces there are
      const pieces = new Set((await this.pieces.isThere(entry.pieceId, transaction)) ? [entry.pieceId] : []);
      const faults = [...entryFaults('entry', entry, { supplies: suppliesOf({ bottles: [], materials }), pieces })];
      if (faults.length > 0) throw new FaultsException(faults);
      if (!before && sentVersion > 0) throw notFound('log entry', id);
      if (before && before.version !== sentVersion) throw new StaleWriteException('The entry', sentVersion, before);
      const twin = entry.kind === 'work' ? await this.store.workOn(entry, transaction) : null;
      if (twin && twin.entry.id !== id) throw new StaleWriteException('This step', sentVersion, twin);
      await this.store.write(entry, sentVersion + 1, transaction);
      return { version: sentVersion + 1, entry };
    });
  }

  async remove(id: string): Promise<void> {
    const found = await this.writes.transaction((transaction) => this.store.remove(id, transaction));
    if (!found) throw notFound('log entry', id);
  }
}
