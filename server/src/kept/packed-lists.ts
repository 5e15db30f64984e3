import { promisify } from 'node:util';
import { constants, gzip } from 'node:zlib';
import { Injectable } from '@nestjs/common';
import { keptListOf, type ListKey } from '@eveningtide/core/kept';
import { Reader } from '../database/reader.js';
import { Writes } from '../database/writes.js';
import { servedOf } from './registry.js';

const pack = promisify(gzip);

interface Known {
  /** How much had been written when it was read. */
  written: number;
  packed: Promise<Buffer>;
}

/** Whole lists as they are sent. Every screen reads them at its start: they are put together and packed anew only when something was written since. */
@Injectable()
export class PackedLists {
  private readonly known = new Map<ListKey, Known>();

  constructor(
    private readonly reader: Reader,
    private readonly writes: Writes,
  ) {}

  /** A list as JSON. */
  plain(key: ListKey): Promise<string> {
    return this.reader.read((connection) => servedOf(key).table.asJson(connection, keptListOf(key).one));
  }

  /** The same as gzip. */
  packed(key: ListKey): Promise<Buffer> {
    const { written } = this.writes;
    const before = this.known.get(key);
    if (before?.written === written) return before.packed;
    // on the same machine or in the same house time counts, not the last byte
    const packed = this.plain(key).then((text) => pack(text, { level: constants.Z_BEST_SPEED }));
    this.known.set(key, { written, packed });
    packed.catch(() => this.known.delete(key));
    return packed;
  }
}
