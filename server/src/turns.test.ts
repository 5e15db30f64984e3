import { describe, expect, test } from '@jest/globals';
import { Turns } from './turns.js';

const later = (): Promise<void> => new Promise((resolve) => setImmediate(resolve));

describe('turns', () => {
  test('work follows in order and never overlaps', async () => {
    const turns = new Turns();
    const seen: string[] = [];
    const work = (name: string) => async () => {
      seen.push(`${name} begins`);
      await later();
      seen.push(`${name} ends`);
      return name;
    };
    expect(await Promise.all(['a', 'b', 'c'].map((name) => turns.take(work(name))))).toEqual(['a', 'b', 'c']);
    expect(seen).toEqual(['a begins', 'a ends', 'b begins', 'b ends', 'c begins', 'c ends']);
  });

  test('what fails tells whoever asked, and the next goes on', async () => {
    const turns = new Turns();
    const failed = turns.take(() => Promise.reject(new Error('no')));
    const after = turns.take(() => Promise.resolve(1));
    await expect(failed).rejects.toThrow('no');
    await expect(after).resolves.toBe(1);
    await turns.ended();
  });
});
