import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { Receiver, Sender, partsOf } from './delta.js';

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

  test('what the other end has read by itself is not sent, but for its order; what has changed since is', () => {
    const [sender, receiver] = [new Sender(idOf), new Receiver(idOf)];
    const [a, b] = ['a', 'b'].map((id) => ({ id, n: 1 })) as [One, One];
    receiver.keep([{ ...a }, { ...b }]);
    sender.has([a, b]);
    const changed = { ...b, n: 2 };
    const told = sender.deltaTo([changed, a]);
    expect(told).toEqual({ order: ['b', 'a'], changed: [changed] });
    expect(receiver.take(told)).toEqual([changed, a]);
  });

  test('in parts it holds each change once, and the order last', () => {
    fc.assert(
      fc.property(fc.uniqueArray(fc.nat(), { maxLength: 20 }), fc.integer({ min: 1, max: 6 }), (changed, most) => {
        const parts = [...partsOf({ order: ['x'], changed }, most)];
        expect(parts.flatMap((part) => part.changed)).toEqual(changed);
        expect(parts.map(({ order }) => order)).toEqual([...parts.slice(1).map(() => null), ['x']]);
        for (const part of parts) expect(part.changed.length).toBeLessThanOrEqual(most);
      }),
    );
  });

  test('some can come before the order that they stand in is known', () => {
    const [sender, receiver] = [new Sender(idOf), new Receiver(idOf)];
    const [a, b, c] = ['a', 'b', 'c'].map((id) => ({ id, n: 1 })) as [One, One, One];
    receiver.take(sender.deltaTo([a]));
    receiver.keep(sender.changedIn([c]));
    expect(receiver.those(['c', 'b', 'a'])).toEqual([c, a]);
    expect(sender.changedIn([a, c])).toEqual([]);
    receiver.keep(sender.changedIn([b]));
    expect(receiver.take(sender.deltaTo([c, b, a]))).toEqual([c, b, a]);
    // and also where the order is the same as before
    const other = { ...b, n: 2 };
    receiver.keep(sender.changedIn([other]));
    expect(receiver.take(sender.deltaTo([c, other, a]))).toEqual([c, other, a]);
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
          let got: One[] = [];
          for (const part of partsOf(sender.deltaTo(list), 2)) got = receiver.take(part);
          expect(got).toHaveLength(list.length);
          got.forEach((one, i) => expect(one).toBe(list[i]));
        }
      }),
    );
  });
});
