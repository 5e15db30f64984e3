import { expect, test } from '@jest/globals';
import { parsing, wantText } from './raw-text.js';

test('the next answer of a list is given as it came, once, and parsed as ever; what is refused is not given', async () => {
  const told: string[] = [];
  wantText('pieces', (text) => told.push(text));
  const answer = (body: string, status = 200) => parsing('pieces')(new Response(body, { status }));
  expect(await answer('{"error":"away"}', 503)).toEqual({ error: 'away' });
  expect(told).toEqual([]);
  expect(await answer('[{"version":1}]')).toEqual([{ version: 1 }]);
  expect(await answer('[]')).toEqual([]);
  expect(told).toEqual(['[{"version":1}]']);
  expect(await answer('', 502)).toBeNull();
});
