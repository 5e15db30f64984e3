import { get as httpGet } from 'node:http';
import type { AddressInfo } from 'node:net';
import { describe, expect, test } from '@jest/globals';
import request from 'supertest';
import { testApp } from '../testing.js';

describe('the network, switched on at the bench', () => {
  test('is answered from then on until it is switched off, and only what is paired', async () => {
    process.env['EVENINGTIDE_ADDRESS'] = '127.0.0.2';
    const own = await testApp();
    try {
      await own.app.listen(0, '127.0.0.1');
      const { port } = own.app.getHttpServer().address() as AddressInfo;
      const bench = () => request(own.app.getHttpServer());
      const outside = (): Promise<number | null> =>
        new Promise((resolve) => {
          httpGet({ host: '127.0.0.2', port, path: '/api/pieces' }, (answer) => {
            answer.resume();
            resolve(answer.statusCode ?? null);
          }).once('error', () => {
            resolve(null);
          });
        });
      expect((await bench().get('/api/screens').expect(200)).body).toMatchObject({ pairing: null, isFixed: false });
      expect(await outside()).toBeNull();
      const { body } = await bench().post('/api/screens/network').expect(200);
      expect(body.pairing).toMatchObject({ address: `http://127.0.0.2:${String(port)}/pair`, openUntil: expect.any(String) });
      expect(await outside()).toBe(401);
      // asked again, nothing is opened twice
      await bench().post('/api/screens/network').expect(200);
      expect((await bench().delete('/api/screens/network').expect(200)).body.pairing).toBeNull();
      expect(await outside()).toBeNull();
      await bench().post('/api/screens/network').expect(200);
    } finally {
      delete process.env['EVENINGTIDE_ADDRESS'];
      // open lines of the network do not hold up the end
      await own.end();
    }
  });

  test('that was asked for at the start is not switched off here; a machine in no network says so', async () => {
    const fixed = await testApp(undefined, { addresses: ['192.168.1.20'], port: 4170 });
    const { body: state } = await request(fixed.app.getHttpServer()).delete('/api/screens/network').expect(200);
    expect(state).toMatchObject({ isFixed: true, pairing: { address: expect.stringContaining('192.168.1.20') } });
    await fixed.end();
    process.env['EVENINGTIDE_ADDRESS'] = 'kitchen';
    const own = await testApp();
    try {
      await own.app.listen(0, '127.0.0.1');
      const { body } = await request(own.app.getHttpServer()).post('/api/screens/network').expect(409);
      expect(body.message).toContain('EVENINGTIDE_ADDRESS is kitchen');
    } finally {
      delete process.env['EVENINGTIDE_ADDRESS'];
      await own.end();
    }
  });
});
