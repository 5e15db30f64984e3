import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { existsSync, readdirSync } from 'node:fs';
import type { NestExpressApplication } from '@nestjs/platform-express';
import exifr from 'exifr';
import sharp from 'sharp';
import request from 'supertest';
import { DataPlaces } from '../data/data-places.js';
import { testApp } from '../testing.js';

let app: NestExpressApplication;
let end: () => Promise<void>;
beforeAll(async () => ({ app, end } = await testApp()));
afterAll(() => end());

const http = () => request(app.getHttpServer());
const picture = (width: number, height: number) => sharp({ create: { width, height, channels: 3, background: '#5f6f47' } });
const send = (body: Buffer, type = 'image/jpeg') => http().post('/api/pictures').set('content-type', type).send(body);

describe('pictures', () => {
  test('a large one is made smaller, keeps its proportions, and is served for ever', async () => {
    const { body } = await send(await picture(3200, 1800).jpeg().toBuffer()).expect(201);
    expect(body).toMatchObject({ widthPx: 1600, heightPx: 900, takenOn: null });
    const answer = await http()
      .get(`/api/pictures/${String(body.fileName)}`)
      .expect(200);
    expect(answer.headers['content-type']).toBe('image/jpeg');
    expect(answer.headers['cache-control']).toContain('immutable');
    expect(await sharp(answer.body as Buffer).metadata()).toMatchObject({ width: 1600, height: 900, format: 'jpeg' });
  });

  test('one that lies on its side is turned upright; its date is read, its place is not kept', async () => {
    const sideways = await picture(400, 300)
      .jpeg()
      .withExif({
        IFD0: { Copyright: 'somebody' },
        IFD2: { DateTimeOriginal: '2026:05:03 14:22:10' },
        IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '51/1 30/1 3230/100' },
      })
      .withMetadata({ orientation: 6 })
      .toBuffer();
    const { body } = await send(sideways).expect(201);
    expect(body).toMatchObject({ widthPx: 300, heightPx: 400 });
    const kept = (await http().get(`/api/pictures/${String(body.fileName)}`)).body as Buffer;
    expect(await exifr.gps(kept)).toBeUndefined();
    const dated = await picture(40, 30)
      .jpeg()
      .withExif({ IFD2: { DateTimeOriginal: '2026:05:03 14:22:10' } })
      .toBuffer();
    expect((await send(dated).expect(201)).body.takenOn).toBe('2026-05-03');
  });

  test('the same picture is kept once', async () => {
    const places = app.get(DataPlaces);
    const sent = await picture(50, 50).png().toBuffer();
    const first = await send(sent, 'image/png').expect(201);
    const before = readdirSync(places.pictures).length;
    const second = await send(sent, 'image/png').expect(201);
    expect(second.body).toEqual(first.body);
    expect(readdirSync(places.pictures)).toHaveLength(before);
  });

  test.each([
    ['text', Buffer.from('not a picture')],
    ['nothing', Buffer.alloc(0)],
    ['half a picture', Buffer.from([0xff, 0xd8, 0xff, 0xe0, 0, 16])],
    ['a drawing that can carry scripts', Buffer.from('<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"/>')],
  ])('%s is refused, and what is allowed is told', async (_what, sent) => {
    const { body } = await send(sent).expect(400);
    expect(body.faults[0]).toMatchObject({ path: 'picture', allowed: expect.stringContaining('JPEG, PNG or WebP') });
  });

  test('one that is too large is refused', async () => {
    const { body } = await send(Buffer.alloc(25_000_001)).expect(413);
    expect(body.message).toBe('The picture is too large; allowed: up to 25 MB');
  });

  test('a name leads to stored pictures only', async () => {
    expect(existsSync(app.get(DataPlaces).databaseFile)).toBe(true);
    for (const name of ['nothing.jpg', '..%2Fworkshop.sqlite', '%2e%2e%2fworkshop.sqlite', 'a.txt'])
      await http().get(`/api/pictures/${name}`).expect(404);
  });
});
