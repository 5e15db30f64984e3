import { describe, expect, test } from '@jest/globals';
import type { Binding } from '@eveningtide/core/solver';
import { whyWords } from './why-words.js';

const words = (binding: Binding): string =>
  whyWords(
    binding,
    (id) => `step ${id}`,
    (minute) => `minute ${String(minute)}`,
  );

describe('why a block is not earlier, in words', () => {
  test('each reason names what holds it up and until when', () => {
    expect(words({ kind: 'dries', by: 'a', untilMin: 1230 })).toBe('What lies below, step a, is ready at minute 1230.');
    expect(words({ kind: 'busy', by: 'b', untilMin: 1200 })).toBe('Your hands are busy with step b until minute 1200.');
    expect(words({ kind: 'busy', by: null, untilMin: 1206 })).toBe('The airbrush is being cleaned until minute 1206.');
    expect(words({ kind: 'follows', by: 'a', untilMin: 1190, waitMin: 0 })).toBe('It follows step a, which is done at minute 1190.');
    expect(words({ kind: 'follows', by: 'a', untilMin: 1190, waitMin: 30 })).toContain('after the wait of 30 min');
    expect(words({ kind: 'closes', by: 'c', couldMin: 1265 })).toContain('the window for step c would be closed');
    expect(words({ kind: 'evening', untilMin: 1300 })).toContain('no evening before this one has room');
    expect(words({ kind: 'daylight', untilMin: 540 })).toContain('daylight');
    expect(words({ kind: 'chosen', couldMin: 1170 })).toContain('It could begin at minute 1170');
  });

  test('what needs no figure has none', () => {
    for (const kind of ['now', 'pinned'] as const) expect(words({ kind })).not.toMatch(/\d/);
    expect(words({ kind: 'room', place: 'stand/bench' })).toBe('Where it dries there is no room before.');
  });
});
