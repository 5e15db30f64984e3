import { Injectable } from '@nestjs/common';
import { suppliesOf } from '@eveningtide/core/materials';
import { pieceFaults } from '@eveningtide/core/plan-file';
import type { Piece } from '@eveningtide/core/subjects';
import type { Transaction } from 'sequelize';
import { Writes } from '../database/writes.js';
import { BottlesStore } from '../bottles/bottles.store.js';
import { isoNow } from '../clock.js';
import { StaleWriteException, notFound } from '../http/errors.js';
import { cameThrough } from '../http/repeat.js';
import { MaterialsStore } from '../materials/materials.store.js';
import { MixesStore } from '../mixes/mixes.store.js';
import { FaultsException } from '../validation/faults.js';
import { WorkshopStore } from '../workshop/workshop.store.js';
import { PiecesStore, type StoredPiece } from './pieces.store.js';

@Injectable()
export class PiecesService {
  constructor(
    private readonly writes: Writes,
    private readonly store: PiecesStore,
    private readonly bottles: BottlesStore,
    private readonly materials: MaterialsStore,
    private readonly workshop: WorkshopStore,
    private readonly mixes: MixesStore,
  ) {}

  /** As JSON: `StoredPiece[]`. */
  all(): Promise<string> {
    return this.store.allAsJson();
  }

  async one(id: string): Promise<StoredPiece> {
    const found = await this.store.byId(id);
    if (!found || found.deletedAt !== null) throw notFound('piece', id);
    return found;
  }

  /** Saves a piece: a new one with version 0, a known one from the version it was read at. */
  async save(id: string, sentVersion: number, piece: Piece): Promise<StoredPiece> {
    if (piece.id !== id) throw new FaultsException([{ path: 'piece.id', value: piece.id, allowed: `the id in the address, ${id}` }]);
    return this.writes.transaction(async (transaction) => {
      await this.checkReferences(piece, transaction);
      const stored = await this.store.byId(id, transaction);
      // what was put aside comes back by `restore` only, not by a late save
      if (stored ? stored.deletedAt !== null : sentVersion > 0) throw notFound('piece', id);
      if (stored && cameThrough({ version: stored.version, thing: stored.piece }, sentVersion, piece)) return stored;
      if (stored && stored.version !== sentVersion) throw new StaleWriteException(`Piece '${stored.piece.name}'`, sentVersion, stored);
      await this.store.write(piece, sentVersion + 1, transaction);
      return { version: sentVersion + 1, deletedAt: null, piece };
    });
  }

  /** Puts a piece aside; `restore` brings it back. */
  async remove(id: string): Promise<void> {
    await this.mark(id, isoNow());
  }

  async restore(id: string): Promise<StoredPiece> {
    await this.mark(id, null);
    return this.one(id);
  }

  private async mark(id: string, deletedAt: string | null): Promise<void> {
    const found = await this.writes.transaction((transaction) => this.store.setDeleted(id, deletedAt, transaction));
    if (!found) throw notFound('piece', id);
  }

  private async checkReferences(piece: Piece, transaction: Transaction): Promise<void> {
    const bottles = (await this.bottles.all(transaction)).map(({ bottle }) => bottle);
    const materials = (await this.materials.all(transaction)).map(({ material }) => material);
    const places = new Set((await this.workshop.read(transaction)).workshop.climate.places.map((place) => place.id));
    const mixes = new Set((await this.mixes.all(transaction)).map(({ mix }) => mix.id));
    const faults = [...pieceFaults('piece', piece, { supplies: suppliesOf({ bottles, materials }), places, mixes })];
    if (faults.length > 0) throw new FaultsException(faults);
  }
}
