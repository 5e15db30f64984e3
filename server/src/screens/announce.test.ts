import { describe, expect, test } from '@jest/globals';
import { announcement, codeLine } from './announce.js';

describe('what the terminal shows', () => {
  test('address, QR code, code in two groups, and that it is not encrypted', async () => {
    const words = await announcement({ addresses: ['192.168.1.20', '10.0.0.3'], port: 4170 }, '012345');
    expect(words.split('\n')[0]).toBe('Second screen: http://192.168.1.20:4170/pair');
    expect(words).toContain('also under 10.0.0.3');
    expect(words).toContain('Pairing code: 012 345 (pairs one screen, for ten minutes;');
    expect(words).toMatch(/[▀▄█]{7}/);
    expect(words).toContain('Not encrypted');
    expect(await announcement({ addresses: ['10.0.0.3'], port: 1 }, '012345')).not.toContain('also under');
  });

  test('the same code is drawn as the same picture, another as another', async () => {
    const network = { addresses: ['10.0.0.3'], port: 4170 };
    expect(await announcement(network, '111111')).toBe(await announcement(network, '111111'));
    expect(await announcement(network, '111111')).not.toBe(await announcement(network, '111112'));
    expect(codeLine('987654')).toContain('987 654');
  });
});
