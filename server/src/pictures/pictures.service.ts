import { readFile, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { Injectable } from '@nestjs/common';
import { isDate } from '@eveningtide/core/units';
import type { Picture } from '@eveningtide/core/subjects';
import exifr from 'exifr';
import sharp, { type OutputInfo } from 'sharp';
import { DataPlaces } from '../data/data-places.js';
import { wholeFile } from '../data/whole-file.js';
import { Turns } from '../turns.js';
import { FaultsException } from '../validation/faults.js';
import { bearsItsName, nameOfPicture } from './picture-name.js';

/** What is known of a picture once it is stored. */
export type StoredPicture = Pick<Picture, 'fileName' | 'takenOn' | 'widthPx' | 'heightPx'>;

/** Large enough to see a rivet, small enough to keep hundreds. */
const LONGEST_PX = 1600;
/** A guard against files that unpack to gigabytes. */
const MOST_PIXELS = 100_000_000;
const QUALITY = 82;
const FORMATS = new Set(['jpeg', 'png', 'webp']);

// leaves the other threads to the database
sharp.concurrency(1);

/**
 * Prototype photographs: turned upright, made smaller, stored beside the database under a name made of their content. What
 * a camera writes into a file besides the picture (place, owner) does not stay; the date does, with the piece.
 */
@Injectable()
export class PicturesService {
  /** One picture at a time: a large one takes all the threads that the database needs too. */
  private readonly turns = new Turns();

  constructor(private readonly places: DataPlaces) {}

  /** @throws FaultsException when it is no picture of a kind that is read here. */
  async store(sent: Buffer): Promise<StoredPicture> {
    const { data, info } = await this.turns.take(() => this.prepared(sent));
    const fileName = nameOfPicture(data);
    const file = this.pathOf(fileName);
    const there = await readFile(file).catch(() => null);
    // one that was damaged on the disk heals when it comes again
    if (!there || !bearsItsName(file, there)) await wholeFile(file, (part) => writeFile(part, data));
    return { fileName, takenOn: await takenOn(sent), widthPx: info.width, heightPx: info.height };
  }

  get folder(): string {
    return this.places.pictures;
  }

  pathOf(fileName: string): string {
    return join(this.folder, fileName);
  }

  private async prepared(sent: Buffer): Promise<{ data: Buffer; info: OutputInfo }> {
    try {
      const image = sharp(sent, { limitInputPixels: MOST_PIXELS, failOn: 'error' });
      const { format } = await image.metadata();
      if (!FORMATS.has(format)) throw new Error(`format ${format}`);
      return await image
        .autoOrient()
        .flatten({ background: '#ffffff' })
        .resize({ width: LONGEST_PX, height: LONGEST_PX, fit: 'inside', withoutEnlargement: true })
        .jpeg({ quality: QUALITY })
        .toBuffer({ resolveWithObject: true });
    } catch (error) {
      throw new FaultsException([
        {
          path: 'picture',
          value: error instanceof Error ? error.message : 'something unreadable',
          allowed: 'a JPEG, PNG or WebP picture of up to 100 million pixels',
        },
      ]);
    }
  }
}

/** `YYYY-MM-DD` from the date a camera wrote, `YYYY:MM:DD HH:mm:ss`; null where there is none. */
async function takenOn(sent: Buffer): Promise<string | null> {
  try {
    const tags = (await exifr.parse(sent, { pick: ['DateTimeOriginal', 'CreateDate'], reviveValues: false })) as
      Record<string, unknown> | undefined;
    const written = tags?.['DateTimeOriginal'] ?? tags?.['CreateDate'];
    const day = typeof written === 'string' ? written.slice(0, 10).replaceAll(':', '-') : '';
    return isDate(day) ? day : null;
  } catch {
    return null;
  }
}
