import { get as httpGet } from 'node:http';
import type { AddressInfo } from 'node:net';
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { NestExpressApplication } from '@nestjs/platform-express';
import request from 'supertest';
import { testApp } from '../testing.js';
import type { ScreensState } from './screens.controller.js';

const LAN = '192.168.1.20:4170';

let app: NestExpressApplication;
let file: string;
let end: () => Promise<void>;
let stop: () => Promise<void>;
beforeAll(async () => {
  ({ app, file, stop, end } = await testApp(undefined, { addresses: ['192.168.1.20'], port: 4170 }));
  await app.listen(0, '127.0.0.1');
});
afterAll(() => end());

const http = () => request(app.getHttpServer());
const state = async (): Promise<ScreensState> => (await http().get('/api/screens').expect(200)).body as ScreensState;
const from = (path: string, cookie = '') => http().get(path).set('Host', LAN).set('Accept', 'text/html').set('Cookie', cookie);
const tryCode = (code: string, name = 'Tablet') =>
  http().post('/pair').set('Host', LAN).set('Origin', `http://${LAN}`).type('form').send({ code, name });

/** Pairs a screen as it would; its cookie. */
async function pair(name = 'Tablet'): Promise<string> {
  const answer = await tryCode((await state()).pairing!.code, name).expect(303);
  return (answer.headers['set-cookie'] as unknown as string[])[0]!.split(';')[0]!;
}

describe('what is not paired', () => {
  test.each(['/', '/tonight', '/pieces/salt-van-14', '/assets/index.js', '/mark.svg'])('asking for %p it is sent to pair', async (path) => {
    expect((await from(path).expect(303)).headers['location']).toBe('/pair');
  });

  test.each(['/api/pieces', '/api/log', '/api/live', '/api/screens', '/api/docs', '/api/backups', '/api/nothing'])(
    'is refused %p',
    async (path) => {
      const { body } = await from(path).expect(401);
      expect(body).toEqual({ error: 'not-paired', message: 'this screen is not paired' });
    },
  );

  test('cannot write', async () => {
    await http().put('/api/pieces/x').set('Host', LAN).send({}).expect(401);
    await http().delete('/api/pieces/x').set('Host', LAN).set('Cookie', 'eveningtide_screen=guess').expect(401);
    await http().post('/tonight').set('Host', LAN).expect(401);
  });

  test('sees only the form, with the code of the QR in it, made harmless', async () => {
    const { text } = await from('/pair?code=123456').expect(200);
    expect(text).toContain('value="123456"');
    expect(text).not.toContain('<script');
    expect((await from('/pair?code="><script>alert(1)</script>')).text).not.toContain('<script');
    expect((await from('/pair?code[]=1').expect(200)).text).toContain('value=""');
  });

  test.each(['10.0.0.9:4170', 'bench.example', '192.168.1.20.evil.example'])('host %p is no address of this machine', async (host) => {
    expect((await http().get('/pair').set('Host', host).expect(403)).body.error).toBe('foreign-host');
  });

  test('a page from elsewhere may not even try a code', async () => {
    const { pairing } = await state();
    const answer = await http()
      .post('/pair')
      .set('Host', LAN)
      .set('Origin', 'http://evil.example')
      .type('form')
      .send({ code: pairing!.code, name: 'x' })
      .expect(403);
    expect(answer.body.error).toBe('foreign-origin');
    expect((await state()).screens).toEqual([]);
  });
});

describe('pairing', () => {
  test('with the code a screen comes in, and the code is used up', async () => {
    const { pairing } = await state();
    expect(pairing).toMatchObject({ address: 'http://192.168.1.20:4170/pair', code: expect.stringMatching(/^\d{6}$/), lockedUntil: null });
    expect(pairing!.qr).toContain('<svg');
    const answer = await tryCode(`${pairing!.code.slice(0, 3)} ${pairing!.code.slice(3)}`, 'Tablet by the booth').expect(303);
    const cookie = (answer.headers['set-cookie'] as unknown as string[])[0]!;
    expect(cookie).toMatch(/HttpOnly/);
    expect(cookie).toMatch(/SameSite=Strict/);
    const token = cookie.split(';')[0]!;
    await from('/api/pieces', token).expect(200);
    expect((await from('/api/log', token)).headers['cache-control']).toBe('no-store');
    expect((await from('/pair', token).expect(303)).headers['location']).toBe('/tonight');
    const after = await state();
    expect(after.screens.map(({ name }) => name)).toEqual(['Tablet by the booth']);
    expect(after.pairing!.code).not.toBe(pairing!.code);
    // only a hash is kept, and nothing of it is told
    expect(JSON.stringify(after)).not.toContain(token.split('=')[1]);
  });

  test('a paired screen neither sees the code nor sends others away', async () => {
    const cookie = await pair();
    const [first] = (await state()).screens;
    expect((await from('/api/screens', cookie).expect(403)).body.error).toBe('not-here');
    await http().delete(`/api/screens/${first!.id}`).set('Host', LAN).set('Cookie', cookie).expect(403);
    await http().post('/api/screens/code').set('Host', LAN).set('Cookie', cookie).expect(403);
  });

  test('sent away, it is refused at once and its open line is cut', async () => {
    const cookie = await pair('Phone');
    const { port } = app.getHttpServer().address() as AddressInfo;
    const heard: string[] = [];
    const cut = new Promise<void>((resolve) => {
      httpGet({ host: '127.0.0.1', port, path: '/api/live', headers: { host: LAN, cookie } }, (response) => {
        response.setEncoding('utf8').on('data', (text: string) => heard.push(text));
        response.on('close', resolve);
      });
    });
    for (let i = 0; i < 100 && !heard.join('').includes('hello'); i++) await new Promise((resolve) => setTimeout(resolve, 20));
    expect(heard.join('')).toContain('hello');
    const phone = (await state()).screens.find(({ name }) => name === 'Phone')!;
    await http().delete(`/api/screens/${phone.id}`).expect(204);
    await cut;
    await from('/api/log', cookie).expect(401);
    expect((await from('/tonight', cookie).expect(303)).headers['location']).toBe('/pair');
    await http().delete(`/api/screens/${phone.id}`).expect(404);
  });

  test('putting back a backup neither brings back one that was sent away nor loses one that came since', async () => {
    const gone = await pair('Sent away');
    const { name } = (await http().post('/api/backups').expect(201)).body as { name: string };
    const { id } = (await state()).screens.find((screen) => screen.name === 'Sent away')!;
    await http().delete(`/api/screens/${id}`).expect(204);
    const since = await pair('Came since');
    await http().post(`/api/backups/${name}/restore`).expect(204);
    await from('/api/log', gone).expect(401);
    await from('/api/log', since).expect(200);
  });

  test('stays paired when the server starts anew; off the network nothing of it is answered', async () => {
    const cookie = await pair('Old tablet');
    await stop();
    const again = await testApp(file, { addresses: ['192.168.1.20'], port: 4170 });
    await request(again.app.getHttpServer()).get('/api/log').set('Host', LAN).set('Cookie', cookie).expect(200);
    await again.stop();
    const alone = await testApp(file);
    await request(alone.app.getHttpServer()).get('/api/log').set('Host', LAN).set('Cookie', cookie).expect(403);
    expect((await request(alone.app.getHttpServer()).get('/api/screens')).body.pairing).toBeNull();
    await alone.stop();
  });
});

describe('guessing', () => {
  test('is slow, and the fifth wrong code locks everyone out', async () => {
    const guessed = await testApp(undefined, { addresses: ['192.168.1.20'], port: 4170 });
    const guess = (code: string) =>
      request(guessed.app.getHttpServer()).post('/pair').set('Host', LAN).type('form').send({ code, name: 'Guesser' });
    const began = performance.now();
    const first = await guess('no').expect(403);
    expect(performance.now() - began).toBeGreaterThan(900);
    expect(first.text).toContain('That is not the code. 4 more tries');
    // sent together each counts: none slips in while another waits
    const rest = await Promise.all(['1', '2', '3', '4'].map((code) => guess(code)));
    expect(rest.map(({ status }) => status).sort()).toEqual([403, 403, 403, 429]);
    const { pairing } = (await request(guessed.app.getHttpServer()).get('/api/screens')).body as ScreensState;
    expect(pairing!.lockedUntil).not.toBeNull();
    expect((await guess(pairing!.code).expect(429)).text).toContain('pairing is locked for 15 more minutes');
    await guessed.end();
  }, 30_000);
});
