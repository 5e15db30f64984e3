import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { cutOff, type Shape } from '@eveningtide/core/subjects';
import fc from 'fast-check';
import request from 'supertest';
import { testApp, testPiece } from '../testing.js';

let app: NestExpressApplication;
let end: () => Promise<void>;
beforeAll(async () => ({ app, end } = await testApp()));
afterAll(() => end());

const http = () => request(app.getHttpServer());
const put = (id: string, body: object) => http().put(`/api/pieces/${id}`).send(body);

describe('pieces', () => {
  test('a piece is made, read, changed and comes back the same', async () => {
    const piece = testPiece('round-trip', {
      members: [{ id: 'm1', label: '22', differences: ['number', 'patched door'] }],
      features: [{ id: 'f1', zoneId: 'ends', kind: 'hatch', label: 'Hatch', xMm: 3, yMm: -1.5 }],
      pictures: [
        {
          id: 'p1',
          fileName: 'quay.jpg',
          caption: '',
          takenOn: '2026-05-03',
          widthPx: 1600,
          heightPx: 1067,
          pins: [{ id: 'x', xShare: 0.5, yShare: 0.25, zoneId: 'ends', featureId: 'f1', note: 'rust' }],
        },
      ],
      groups: [{ id: 'g', name: 'Mud', rounds: 2, gate: 'Enough?' }],
    });
    piece.steps[1]!.groupId = 'g';
    expect((await put(piece.id, { version: 0, piece })).body).toEqual({ version: 1, deletedAt: null, piece });
    expect((await http().get('/api/pieces/round-trip')).body).toEqual({ version: 1, deletedAt: null, piece });
    const shorter = { ...piece, steps: piece.steps.slice(1) };
    await put(piece.id, { version: 1, piece: shorter }).expect(200);
    expect((await http().get('/api/pieces/round-trip')).body).toEqual({ version: 2, deletedAt: null, piece: shorter });
  });

  test('a drawing of its own comes back to the point', async () => {
    const piece = cutOff(
      testPiece('cut'),
      ['side-lower'],
      { by: 'level', fromTopMm: 20 },
      { id: 'foot', name: 'Foot', count: 3, of: 'rock' },
    );
    await put('cut', { version: 0, piece }).expect(200);
    expect((await http().get('/api/pieces/cut')).body.piece).toEqual(piece);
  });

  const corner = { xMm: 1, yMm: 2 };
  test.each([
    ['an outline of two corners', [corner, corner], 'outline', '3 to 400 points'],
    ['a corner that says more', [corner, corner, { ...corner, zMm: 1 }], 'outline', 'points { xMm, yMm }'],
    ['a corner that is no number', [corner, corner, { xMm: '1', yMm: 2 }], 'outline', 'points { xMm, yMm }'],
    ['a corner beyond reach', [corner, corner, { xMm: 1e6, yMm: 2 }], 'outline', '20000'],
  ])('%s is refused by name', async (_what, outline, field, allowed) => {
    const patches = [{ zoneId: 'roof', outline, holes: [], count: 1, stretch: 1 }];
    const shape = { views: [{ id: 'side', name: 'Side', widthMm: 10, heightMm: 10, patches, lines: [] }], hidden: [] };
    const { body } = await put('bad-shape', { version: 0, piece: testPiece('bad-shape', { shape: shape as never }) }).expect(400);
    expect(JSON.stringify(body)).toContain(`shape.views[0].patches[0].${field}`);
    expect(JSON.stringify(body)).toContain(allowed);
  });

  test('a drawing of a zone that the piece has not is refused by name', async () => {
    const outline = [corner, { xMm: 5, yMm: 2 }, { xMm: 5, yMm: 9 }];
    const patches = [{ zoneId: 'spire', outline, holes: [], count: 1, stretch: 1 }];
    const shape: Shape = { views: [{ id: 'side', name: 'Side', widthMm: 10, heightMm: 10, patches, lines: [] }], hidden: [] };
    const { body } = await put('bad-shape', { version: 0, piece: testPiece('bad-shape', { shape }) }).expect(400);
    expect(JSON.stringify(body)).toContain('shape.views[0].patches[0].zoneId');
  });

  test('the list gives back every number, mark and word to the last bit', async () => {
    const texts = fc.string({ unit: 'grapheme', maxLength: 40 }).filter((text) => !text.includes('\0') && text.isWellFormed());
    const shares = fc.double({ min: 1, max: 100, noNaN: true });
    // from what is hardly there to the largest that is taken
    const areas = fc.double({ min: 0, max: 10_000_000, noNaN: true }).map((area) => area + 0);
    let version = 0;
    await fc.assert(
      fc.asyncProperty(texts, shares, areas, fc.boolean(), async (note, coverPct, areaMm2, daylight) => {
        const piece = testPiece('to-the-bit', { note });
        piece.zones[0] = { ...piece.zones[0]!, areaMm2 };
        piece.steps[0] = { ...piece.steps[0]!, coverPct, daylight, note };
        const saved = await put(piece.id, { version, piece });
        expect(saved.status).toBe(200);
        version = saved.body.version;
        const list = (await http().get('/api/pieces')).body as { piece: { id: string } }[];
        expect(list.find(({ piece: { id } }) => id === piece.id)).toEqual({ version, deletedAt: null, piece });
      }),
      { numRuns: 40 },
    );
  });

  test('a stale write is refused with both versions and changes nothing', async () => {
    const piece = testPiece('stale');
    await put('stale', { version: 0, piece }).expect(200);
    await put('stale', { version: 1, piece: { ...piece, name: 'First tab' } }).expect(200);
    const refused = await put('stale', { version: 1, piece: { ...piece, name: 'Second tab' } }).expect(409);
    expect(refused.body).toMatchObject({ error: 'stale', sentVersion: 1, stored: { version: 2, piece: { name: 'First tab' } } });
    expect((await http().get('/api/pieces/stale')).body.piece.name).toBe('First tab');
  });

  test('writes at the same time: one wins, the others are told', async () => {
    const piece = testPiece('race');
    await put('race', { version: 0, piece }).expect(200);
    const answers = await Promise.all(
      Array.from({ length: 6 }, (_, i) => put('race', { version: 1, piece: { ...piece, name: `Tab ${String(i)}` } })),
    );
    expect(answers.map((a) => a.status).sort()).toEqual([200, 409, 409, 409, 409, 409]);
  });

  test('put aside and brought back', async () => {
    await put('gone', { version: 0, piece: testPiece('gone') }).expect(200);
    await http().delete('/api/pieces/gone').expect(204);
    await http().get('/api/pieces/gone').expect(404);
    // a save that was still on its way does not bring it back
    await put('gone', { version: 1, piece: testPiece('gone') }).expect(404);
    await http().get('/api/pieces/gone').expect(404);
    expect((await http().get('/api/pieces')).body.map((p: { piece: { id: string } }) => p.piece.id)).not.toContain('gone');
    await http().post('/api/pieces/gone/restore').expect(200);
    await http().get('/api/pieces/gone').expect(200);
  });

  test.each<[string, (piece: ReturnType<typeof testPiece>) => object, string, string]>([
    ['an unknown field', (piece) => ({ ...piece, owner: 'me' }), 'piece.owner', 'no such field'],
    [
      'an unknown field of a step',
      (piece) => ({ ...piece, steps: [{ ...piece.steps[0], speed: 9 }] }),
      'piece.steps[0].speed',
      'no such field',
    ],
    ['a name of blanks', (piece) => ({ ...piece, name: '   ' }), 'piece.name', 'at least one letter'],
    [
      'cover over 100 %',
      (piece) => ({ ...piece, steps: [{ ...piece.steps[0], coverPct: 140 }] }),
      'piece.steps[0].coverPct',
      '100 or less',
    ],
    [
      'half a coat',
      (piece) => ({ ...piece, steps: [{ ...piece.steps[0], coats: 1.5 }] }),
      'piece.steps[0].coats',
      'a whole number from 1 to 10',
    ],
    [
      'a dilution of both kinds',
      (piece) => ({ ...piece, steps: [{ ...piece.steps[0], dilution: { thinner: 'water', parts: [1, 1], drops: 3 } }] }),
      'piece.steps[0].dilution',
      '{ thinner, parts',
    ],
    [
      'a thinner that is none',
      (piece) => ({ ...piece, steps: [{ ...piece.steps[0], dilution: { thinner: 'enamel-matt', parts: [1, 1] } }] }),
      'piece.steps[0].dilution',
      'one of: ',
    ],
    [
      'a technique nobody knows',
      (piece) => ({ ...piece, steps: [{ ...piece.steps[0], technique: 'sneeze' }] }),
      'piece.steps[0].technique',
      'a technique of the catalogue',
    ],
    [
      'a zone that is not there',
      (piece) => ({ ...piece, steps: [{ ...piece.steps[0], zones: ['attic'] }] }),
      'piece.steps[0].zones[0]',
      'all, or the id of a zone',
    ],
    [
      'a bottle that is not there',
      (piece) => ({ ...piece, steps: [{ ...piece.steps[0], bottleId: 'nix' }] }),
      'piece.steps[0].bottleId',
      'a bottle on the shelf',
    ],
    [
      'a zone on no part',
      (piece) => ({ ...piece, zones: [{ ...piece.zones[0], partId: 'wing' }] }),
      'piece.zones[0].partId',
      'a part of this piece',
    ],
    [
      'two steps of one id',
      (piece) => ({ ...piece, steps: [piece.steps[0], piece.steps[0]] }),
      'piece.steps[1].id',
      'an id that occurs once',
    ],
    ['the thirtieth of February', (piece) => ({ ...piece, doneBy: '2026-02-30' }), 'piece.doneBy', 'a day as YYYY-MM-DD'],
  ])('%s is refused, naming field, value and what is allowed; nothing is half-saved', async (_name, spoil, path, allowed) => {
    const answer = await put('bad', { version: 0, piece: spoil(testPiece('bad')) }).expect(400);
    const fault = answer.body.faults.find((f: { path: string }) => f.path === path);
    expect(fault).toBeDefined();
    expect(fault.allowed).toContain(allowed);
    expect(fault.value).not.toBe('');
    await http().get('/api/pieces/bad').expect(404);
  });

  test('the id in the address counts', async () => {
    const answer = await put('other', { version: 0, piece: testPiece('mine') }).expect(400);
    expect(answer.body.faults[0]).toEqual({ path: 'piece.id', value: 'mine', allowed: 'the id in the address, other' });
  });

  test('a body far too large is refused', async () => {
    await put('fat', { version: 0, piece: testPiece('fat', { note: 'x'.repeat(9_000_000) }) }).expect(413);
  });
});
