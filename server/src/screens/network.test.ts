import { describe, expect, test } from '@jest/globals';
import { NetworkError, networkFrom, pairingAddress } from './network.js';

const own = () => ['192.168.1.20', '10.0.0.3'];

describe('the network', () => {
  test('is left alone until it is asked for', () => {
    expect(networkFrom(['--demo'], 4170, own)).toBeNull();
    expect(networkFrom(['--lantern'], 4170, own)).toBeNull();
  });

  test('--lan offers the addresses of this machine', () => {
    const network = networkFrom(['--demo', '--lan'], 4170, own)!;
    expect(network.addresses).toEqual(own());
    expect(pairingAddress(network)).toBe('http://192.168.1.20:4170/pair');
    expect(pairingAddress(network, '123456')).toBe('http://192.168.1.20:4170/pair?code=123456');
  });

  test('--lan=ADDRESS offers that one', () => {
    expect(networkFrom(['--lan=10.0.0.3'], 4170, own)!.addresses).toEqual(['10.0.0.3']);
  });

  test.each(['--lan=', '--lan=bench.example', '--lan=300.1.1.1'])('%p is refused with what is allowed', (arg) => {
    expect(() => networkFrom([arg], 4170, own)).toThrow(NetworkError);
    expect(() => networkFrom([arg], 4170, own)).toThrow('allowed: an address of this machine');
  });

  test('no network at all is told', () => {
    expect(() => networkFrom(['--lan'], 4170, () => [])).toThrow('in no network');
  });
});
