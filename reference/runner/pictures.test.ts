import { describe, expect, test } from '@jest/globals';
import { readdirSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import sharp from 'sharp';
import { CARDS, type Painted } from './pictures.js';

// Twenty cards as they were when somebody looked at them. Where a change is meant, look at the new ones and keep them:
// EVENINGTIDE_KEEP_PICTURES=1 npm run jest -- --selectProjects reference --testPathPatterns pictures
const KEEPS = process.env['EVENINGTIDE_KEEP_PICTURES'] === '1';
const folder = fileURLToPath(new URL('../pictures/', import.meta.url));
const fileOf = (name: string): string => `${folder}${name}.png`;

/** A picture may be off by so much of a channel on the mean, and on so small a share of its pixels by more than is seen. */
const [MEAN_OFF, SEEN_OFF, SEEN_SHARE] = [1, 10, 0.005];

async function keep(name: string, { rgba, widthPx, heightPx }: Painted): Promise<void> {
  await sharp(rgba, { raw: { width: widthPx, height: heightPx, channels: 4 } })
    .removeAlpha()
    .png({ palette: true, quality: 100, effort: 10 })
    .toFile(fileOf(name));
}

describe('cards look as they did', () => {
  test('each picture that is kept is one of a card, and the other way round', () => {
    if (KEEPS) return;
    expect(readdirSync(folder).sort()).toEqual([...CARDS.keys()].map((name) => `${name}.png`).sort());
  });

  test.each([...CARDS])('%s', async (name, paint) => {
    const now = paint();
    if (KEEPS) await keep(name, now);
    const { data, info } = await sharp(fileOf(name)).ensureAlpha().raw().toBuffer({ resolveWithObject: true });
    expect([info.width, info.height]).toEqual([now.widthPx, now.heightPx]);
    let [sum, seen] = [0, 0];
    for (let i = 0; i < data.length; i++) {
      const off = Math.abs((data[i] ?? 0) - (now.rgba[i] ?? 0));
      sum += off;
      if (off > SEEN_OFF) seen++;
    }
    expect({ meanOff: sum / data.length > MEAN_OFF, seenOff: seen / data.length > SEEN_SHARE }).toEqual({ meanOff: false, seenOff: false });
  });

  test('the comparison tells one card from another', () => {
    const [a, b] = ['wash-on-planks', 'drybrush-on-planks'].map((name) => CARDS.get(name)!().rgba);
    const off = a!.reduce((sum, value, i) => sum + Math.abs(value - (b![i] ?? 0)), 0) / a!.length;
    expect(off).toBeGreaterThan(5 * MEAN_OFF);
  });
});
