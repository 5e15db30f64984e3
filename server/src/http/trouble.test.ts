import type { AddressInfo } from 'node:net';
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { NestExpressApplication } from '@nestjs/platform-express';
import request from 'supertest';
import { PicturesService } from '../pictures/pictures.service.js';
import { testApp } from '../testing.js';
import { whatIsWrong } from './trouble.js';

const coded = (code: string, message = code): Error => Object.assign(new Error(message), { code });
const wrapped = (original: Error): Error => Object.assign(new Error('in the models'), { original });

describe('what is wrong', () => {
  test.each([
    [coded('ENOSPC'), 507, 'disk-full'],
    [wrapped(coded('SQLITE_FULL')), 507, 'disk-full'],
    [new Error('SQLITE_FULL: database or disk is full'), 507, 'disk-full'],
    [wrapped(coded('SQLITE_CORRUPT')), 500, 'damaged'],
    [new SyntaxError('Unexpected token'), 500, 'damaged'],
    [wrapped(coded('SQLITE_BUSY')), 503, 'busy'],
    [coded('EACCES'), 507, 'read-only'],
    [new URIError('malformed'), 400, 'unreadable'],
    [new TypeError('x is undefined'), 500, 'internal'],
  ])('%s is answered with %p, %s', (error, status, kind) => {
    expect(whatIsWrong(error)).toMatchObject({ status, kind, message: expect.stringMatching(/\w{4}/) });
  });

  test('what the parsers refuse says so itself', () => {
    expect(whatIsWrong(Object.assign(new Error('no'), { statusCode: 415 }))).toBeNull();
  });
});

describe('an answer that cannot be given', () => {
  let app: NestExpressApplication;
  let end: () => Promise<void>;
  beforeAll(async () => ({ app, end } = await testApp()));
  afterAll(() => end());
  const http = () => request(app.getHttpServer());

  test('says what is the matter, in words and by a name', async () => {
    app.get(PicturesService).store = () => Promise.reject(coded('ENOSPC', 'no space left'));
    app.useLogger(false);
    const { body } = await http().post('/api/pictures').set('content-type', 'image/jpeg').send(Buffer.from('x')).expect(507);
    expect(body).toEqual({ error: 'disk-full', message: expect.stringContaining('The disk is full') });
  });

  test('an address that cannot be read is refused', async () => {
    await http().get('/api/pieces/a%00b').expect(400);
    await http().get('/api/pieces/%E0%A4%A').expect(400);
  });
});

describe('a body that is no JSON', () => {
  let app: NestExpressApplication;
  let end: () => Promise<void>;
  beforeAll(async () => {
    ({ app, end } = await testApp());
    await app.listen(0, '127.0.0.1');
  });
  afterAll(() => end());
  // as it is: the test client would write it as JSON
  const put = async (body: Buffer, type = 'application/json') => {
    const { port } = app.getHttpServer().address() as AddressInfo;
    const answer = await fetch(`http://127.0.0.1:${String(port)}/api/workshop`, {
      method: 'PUT',
      headers: { 'content-type': type },
      body: new Uint8Array(body),
    });
    return { status: answer.status, body: (await answer.json()) as { message: string; faults?: object[] } };
  };

  test.each([
    ['cut', Buffer.from('{"version":'), 'application/json'],
    ['with a byte order mark', Buffer.from('\uFEFF{}'), 'application/json'],
    ['in UTF-16', Buffer.from('{"a":1}', 'utf16le'), 'application/json; charset=utf-16le'],
    ['in UTF-16 that says nothing of it', Buffer.from('{"a":1}', 'utf16le'), 'application/json'],
  ])('%s is refused with its place and what is allowed', async (_how, body, type) => {
    const answer = await put(body, type);
    expect(answer.status).toBe(400);
    expect(answer.body.faults).toEqual([{ path: '(body)', value: expect.any(String), allowed: expect.stringContaining('UTF-8') }]);
  });

  test('far too long is told', async () => {
    const answer = await put(Buffer.alloc(8_000_001, 0x20));
    expect([answer.status, answer.body.message]).toEqual([413, expect.stringContaining('up to 8 MB')]);
  });
});
