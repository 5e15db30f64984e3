import { setTimeout as wait } from 'node:timers/promises';
import { expect, test } from '@jest/globals';
import { testApp } from '../testing.js';
import { Connection } from './connection.js';
import { Writes } from './writes.js';
import { ScreenRow } from '../screens/screen.row.js';

test('what nobody waits for is still written when the server ends, however many wait before it', async () => {
  const { app, file, stop, end } = await testApp();
  const writes = app.get(Writes);
  const before = [writes.alone(() => wait(50)), writes.alone(() => wait(50))];
  const at = new Date().toISOString();
  const row = { name: 'Tablet', tokenHash: 'x', pairedAt: at, seenAt: at };
  const mine = ['a', 'b'].map((id) =>
    writes.transaction((transaction) => ScreenRow.create({ ...row, id, tokenHash: id }, { transaction })).then(() => 'written', String),
  );
  await stop();
  expect(await Promise.all(mine)).toEqual(['written', 'written']);
  await Promise.all(before);
  const connection = await Connection.open(file);
  expect(await connection.all('SELECT id FROM screens ORDER BY id')).toEqual([{ id: 'a' }, { id: 'b' }]);
  await connection.close();
  await end();
});
