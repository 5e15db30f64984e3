import { afterAll, beforeAll, expect, jest, test } from '@jest/globals';
import type { NestExpressApplication } from '@nestjs/platform-express';
import request from 'supertest';
import { Reader } from '../database/reader.js';
import { Writes } from '../database/writes.js';
import { testApp } from '../testing.js';

let app: NestExpressApplication;
let end: () => Promise<void>;
beforeAll(async () => ({ app, end } = await testApp()));
afterAll(() => end());

const http = () => request(app.getHttpServer());
const materials = (packing: string) => http().get('/api/materials').set('accept-encoding', packing).expect(200);

test('a list is read again only when something was written since, and says the same packed and plain', async () => {
  // what the start has to write is written
  await app.get(Writes).alone(() => Promise.resolve());
  const reads = jest.spyOn(app.get(Reader), 'read');
  const empty = await materials('gzip');
  expect(empty.headers).toMatchObject({ 'content-encoding': 'gzip', 'content-type': 'application/json; charset=utf-8' });
  reads.mockClear();
  await materials('gzip');
  expect(reads).not.toHaveBeenCalled();

  const { body: bottles } = await http().get('/api/bottles').expect(200);
  const { workshop, version } = (await http().get('/api/workshop')).body;
  reads.mockClear();
  await http().put('/api/workshop').send({ workshop, version }).expect(200);
  const [packed, plain] = [await materials('gzip'), await materials('identity')];
  expect(reads).toHaveBeenCalledTimes(2);
  expect(plain.headers['content-encoding']).toBeUndefined();
  expect(packed.body).toEqual(plain.body);
  expect((await http().get('/api/bottles').expect(200)).body).toEqual(bottles);
});

test('a list that could not be read is read again', async () => {
  jest.spyOn(app.get(Reader), 'read').mockRejectedValueOnce(new Error('the disk is gone'));
  await http().get('/api/mixes').set('accept-encoding', 'gzip').expect(500);
  expect((await http().get('/api/mixes').set('accept-encoding', 'gzip').expect(200)).body).toEqual([]);
});
