import 'reflect-metadata';
import { cpSync, existsSync, readFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { homedir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { createApp } from './app.js';
import { today } from './clock.js';
import { BackupsService } from './backups/backups.service.js';
import { DataPlaces } from './data/data-places.js';
import { whatIsWrong } from './http/trouble.js';
import { recoveryFrom, RescuedNotice } from './recovery/recover.js';
import { StartError } from './start-error.js';
import { announcement, codeLine } from './screens/announce.js';
import { networkFrom, type Network } from './screens/network.js';
import { ScreensService } from './screens/screens.service.js';
import { ExchangeService } from './exchange/exchange.service.js';

const HOST = '127.0.0.1';
/** Every address of this machine: asked for by `--lan` only. */
const ANY_HOST = '0.0.0.0';
const DEFAULT_PORT = 4170;
const ROOT = fileURLToPath(new URL('../../', import.meta.url));

class PortTakenError extends StartError {}

const settings = {
  demo: process.argv.includes('--demo'),
  port: Number(process.env['EVENINGTIDE_PORT'] ?? DEFAULT_PORT),
  folder: process.env['EVENINGTIDE_DATA'] ?? join(homedir(), '.eveningtide'),
  web: process.env['EVENINGTIDE_WEB'] ?? join(ROOT, 'web', 'dist'),
};

/** Asked before the database is touched, so that a second start damages nothing. */
function portIsFree(port: number, host: string): Promise<void> {
  return new Promise((resolve, reject) => {
    const probe = createServer();
    probe.once('error', () => {
      reject(
        new PortTakenError(
          `Port ${String(port)} on ${host} is taken: is Eveningtide running already? Choose another with EVENINGTIDE_PORT.`,
        ),
      );
    });
    probe.listen(port, host, () => probe.close(() => resolve()));
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
  const network = networkFrom(process.argv, settings.port);
  const recovery = recoveryFrom(process.argv);
  const host = network ? ANY_HOST : HOST;
  await portIsFree(settings.port, host);
  // the demo lives in a database of its own, next to the painter's
  const databaseFile = join(settings.folder, settings.demo ? 'demo.sqlite' : 'workshop.sqlite');
  const app = await createApp({ databaseFile, webFolder: settings.web === 'none' ? null : settings.web, network, recovery });
  if (settings.demo) await loadDemo(app);
  await app.listen(settings.port, host);
  if (process.env['EVENINGTIDE_BACKUPS'] !== 'none') app.get(BackupsService).startAutomatic();
  console.log(`Eveningtide${settings.demo ? ' with the demo data' : ''}: http://${HOST}:${String(settings.port)}`);
  if (network) await openToScreens(app, network);
}

/** Says how a second screen is paired, and each new code. */
async function openToScreens(app: NestExpressApplication, network: Network): Promise<void> {
  const screens = app.get(ScreensService);
  let shown = screens.code;
  console.log(await announcement(network, shown));
  screens.onNewCode = (code) => {
    if (code !== shown) console.log(codeLine(code));
    shown = code;
  };
  // Enter opens pairing again
  if (process.stdin.isTTY) process.stdin.on('data', () => screens.renewCode()).unref();
}

/** Why it does not start; a stack only where nobody thought of it. */
function told(error: unknown): unknown {
  if (error instanceof StartError) return error.message;
  const trouble = whatIsWrong(error);
  return trouble === null || trouble.kind === 'internal' ? error : `Eveningtide cannot start on ${settings.folder}. ${trouble.message}`;
}

start().catch((error: unknown) => {
  if (error instanceof RescuedNotice) {
    console.log(error.message);
    process.exit(0);
  }
  console.error(told(error));
  process.exit(1);
});
