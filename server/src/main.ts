import 'reflect-metadata';
import { cpSync, existsSync, readFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { homedir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { createApp } from './app.js';
import { BackupsService } from './backups/backups.service.js';
import { DataPlaces } from './data/data-places.js';
import { FolderError } from './database/prepare.js';
import { NewerDatabaseError } from './database/migrate.js';
import { ExchangeService } from './exchange/exchange.service.js';

const HOST = '127.0.0.1';
const DEFAULT_PORT = 4170;
const ROOT = fileURLToPath(new URL('../../', import.meta.url));

class PortTakenError extends Error {}

const settings = {
  demo: process.argv.includes('--demo'),
  port: Number(process.env['EVENINGTIDE_PORT'] ?? DEFAULT_PORT),
  folder: process.env['EVENINGTIDE_DATA'] ?? join(homedir(), '.eveningtide'),
  web: process.env['EVENINGTIDE_WEB'] ?? join(ROOT, 'web', 'dist'),
};

/** Today on the wall clock, YYYY-MM-DD; tests set a day of their own. */
function today(): string {
  const given = process.env['EVENINGTIDE_TODAY'];
  if (given) return given;
  const now = new Date();
  return `${String(now.getFullYear())}-${String(now.getMonth() + 1).padStart(2, '0')}-${String(now.getDate()).padStart(2, '0')}`;
}

/** Asked before the database is touched, so that a second start damages nothing. */
function portIsFree(port: number): Promise<void> {
  return new Promise((resolve, reject) => {
    const probe = createServer();
    probe.once('error', () => {
      reject(
        new PortTakenError(
          `Port ${String(port)} on ${HOST} is taken: is Eveningtide running already? Choose another with EVENINGTIDE_PORT.`,
        ),
      );
    });
    probe.listen(port, HOST, () => probe.close(() => resolve()));
  });
}

/** The demo goes into an empty database only. */
async function loadDemo(app: NestExpressApplication): Promise<void> {
  const exchange = app.get(ExchangeService);
  if (!(await exchange.isEmpty())) return;
  const folder = join(ROOT, 'demo');
  if (existsSync(join(folder, 'pictures'))) cpSync(join(folder, 'pictures'), app.get(DataPlaces).pictures, { recursive: true });
  await exchange.import(JSON.parse(readFileSync(join(folder, 'marram-and-holm.eveningtide.json'), 'utf8')), today());
}

async function start(): Promise<void> {
  if (!Number.isInteger(settings.port) || settings.port < 1 || settings.port > 65535)
    throw new PortTakenError(`EVENINGTIDE_PORT is ${String(process.env['EVENINGTIDE_PORT'])}; allowed: a whole number from 1 to 65535.`);
  await portIsFree(settings.port);
  // the demo lives in a database of its own, next to the painter's
  const databaseFile = join(settings.folder, settings.demo ? 'demo.sqlite' : 'workshop.sqlite');
  const app = await createApp({ databaseFile, webFolder: settings.web === 'none' ? null : settings.web });
  if (settings.demo) await loadDemo(app);
  await app.listen(settings.port, HOST);
  if (process.env['EVENINGTIDE_BACKUPS'] !== 'none') app.get(BackupsService).startAutomatic();
  console.log(`Eveningtide${settings.demo ? ' with the demo data' : ''}: http://${HOST}:${String(settings.port)}`);
}

start().catch((error: unknown) => {
  const known = error instanceof PortTakenError || error instanceof FolderError || error instanceof NewerDatabaseError;
  console.error(known ? error.message : error);
  process.exit(1);
});
