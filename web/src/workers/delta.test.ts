import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { Receiver, Sender } from './delta.js';

interface One {
  id: string;
  n: number;
}
const idOf = ({ id }: One): string => id;

describe('a list told by its changes', () => {
  test('only what changed is sent, and the order only when it is another', () => {
    const sender = new Sender(idOf);
    const [a, b] = [
      { id: 'a', n: 1 },
      { id: 'b', n: 1 },
    ];
    expect(sender.deltaTo([a, b])).toEqual({ order: ['a', 'b'], changed: [a, b] });
    expect(sender.deltaTo([a, b])).toEqual({ order: null, changed: [] });
    const changed = { ...b, n: 2 };
    expect(sender.deltaTo([a, changed])).toEqual({ order: null, changed: [changed] });
    expect(sender.deltaTo([changed])).toEqual({ order: ['b'], changed: [] });
  });

  test('whatever is added, changed, moved or taken out, it arrives the same, and what did not change is the same object', () => {
    const lists = fc.array(
      fc.uniqueArray(fc.record({ id: fc.constantFrom('a', 'b', 'c', 'd', 'e', 'f'), n: fc.nat(2) }), { selector: idOf }),
      {
        maxLength: 8,
      },
    );
    fc.assert(
      fc.property(lists, (states) => {
        const [sender, receiver] = [new Sender(idOf), new Receiver(idOf)];
        const objects = new Map<string, One>();
        for (const state of states) {
          // the same content is the same object, as in a store
          const list = state.map((one) => {
            const before = objects.get(one.id);
            const now = before?.n === one.n ? before : one;
            objects.set(one.id, now);
            return now;
          });
          const got = receiver.take(sender.deltaTo(list));
          expect(got).toHaveLength(list.length);
          got.forEach((one, i) => expect(one).toBe(list[i]));
        }
      }),
    );
  });
});
