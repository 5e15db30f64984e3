import { describe, expect, test } from '@jest/globals';
import { PairingCode } from './pairing-code.js';

const MINUTE_MS = 60_000;

/** Codes in a known order. */
function coded(...codes: string[]): PairingCode {
  let at = 0;
  return new PairingCode(() => codes[at++ % codes.length]!);
}

describe('the pairing code', () => {
  test('is six digits, drawn anew each time', () => {
    const codes = Array.from({ length: 40 }, () => new PairingCode().code);
    for (const code of codes) expect(code).toMatch(/^\d{6}$/);
    expect(new Set(codes).size).toBeGreaterThan(35);
  });

  test('pairs once: then there is another', () => {
    const pairing = coded('123456', '654321');
    expect(pairing.attempt('123 456', 0)).toEqual({ kind: 'right' });
    expect(pairing.attempt('123456', 0).kind).toBe('wrong');
    expect(pairing.attempt('654321', 0)).toEqual({ kind: 'right' });
  });

  test.each(['', '12345', '1234567', 'abcdef', '12345é', '123457'])('%p does not pair', (typed) => {
    expect(coded('123456').attempt(typed, 0).kind).toBe('wrong');
  });

  test('wrong codes are answered ever more slowly, and the fifth locks for a quarter of an hour', () => {
    const pairing = coded('123456', '222222');
    const waits = [1, 2, 3, 4].map(() => pairing.attempt('000000', 0));
    expect(waits).toEqual([
      { kind: 'wrong', waitMs: 1000, left: 4 },
      { kind: 'wrong', waitMs: 2000, left: 3 },
      { kind: 'wrong', waitMs: 4000, left: 2 },
      { kind: 'wrong', waitMs: 8000, left: 1 },
    ]);
    expect(pairing.attempt('000000', 0)).toEqual({ kind: 'locked', untilMs: 15 * MINUTE_MS });
    // the right one is not let in either, and it is another by now
    expect(pairing.attempt('222222', 14 * MINUTE_MS).kind).toBe('locked');
    expect(pairing.attempt('123456', 15 * MINUTE_MS).kind).toBe('wrong');
    expect(pairing.attempt('222222', 15 * MINUTE_MS)).toEqual({ kind: 'right' });
  });

  test('a code drawn anew does not forgive what was wrong', () => {
    const pairing = coded('123456', '222222', '333333');
    for (let i = 0; i < 4; i++) pairing.attempt('000000', 0);
    pairing.renew();
    expect(pairing.attempt('000000', 0).kind).toBe('locked');
    expect(pairing.lockedUntil(MINUTE_MS)).toBe(15 * MINUTE_MS);
    expect(pairing.lockedUntil(15 * MINUTE_MS)).toBeNull();
  });

  test('a right code forgives what was mistyped before', () => {
    const pairing = coded('123456', '222222');
    for (let i = 0; i < 4; i++) pairing.attempt('000000', 0);
    expect(pairing.attempt('123456', 0).kind).toBe('right');
    expect(pairing.attempt('000000', 0)).toMatchObject({ kind: 'wrong', left: 4 });
  });
});
