import { describe, expect, test } from '@jest/globals';
import { NewestOnly } from './newest-only.js';

/** Work that ends when it is told to. */
function asked(name: string, done: string[]) {
  let end = (): void => undefined;
  const ended = new Promise<void>((resolve) => (end = resolve));
  const work = async (): Promise<void> => {
    done.push(`${name} begun`);
    await ended;
    done.push(`${name} done`);
  };
  return { work, end };
}
const soon = () => new Promise((resolve) => setTimeout(resolve, 0));

describe('only the newest waits', () => {
  test('what comes while one is under way is done after it, and of several the last alone', async () => {
    const [queue, done] = [new NewestOnly(), [] as string[]];
    const [a, b, c, d] = ['a', 'b', 'c', 'd'].map((name) => asked(name, done)) as [ReturnType<typeof asked>, ...ReturnType<typeof asked>[]];
    queue.run(a.work);
    queue.run(b!.work);
    queue.run(c!.work);
    await soon();
    expect(done).toEqual(['a begun']);
    a.end();
    await soon();
    expect(done).toEqual(['a begun', 'a done', 'c begun']);
    c!.end();
    await soon();
    // and it goes on afterwards
    queue.run(d!.work);
    d!.end();
    await soon();
    expect(done.slice(3)).toEqual(['c done', 'd begun', 'd done']);
  });
});
