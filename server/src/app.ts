import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { constants } from 'node:zlib';
import { HttpAdapterHost, NestFactory } from '@nestjs/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { DocumentBuilder, SwaggerModule, type OpenAPIObject } from '@nestjs/swagger';
import { static as serveStatic, type NextFunction, type Request, type Response } from 'express';
import compression from 'compression';
import helmet from 'helmet';
import { AppModule } from './app.module.js';
import { DataLock } from './database/data-lock.js';
import { DataPlaces } from './data/data-places.js';
import { sweep } from './data/sweep.js';
import { prepareDatabase, prepareFolder } from './database/prepare.js';
import { mustBeSound } from './database/soundness.js';
import { recover, type Recovery } from './recovery/recover.js';
import { jsonBody, refusedBody } from './http/json-body.js';
import { TroubleFilter } from './http/errors-filter.js';
import { Gate } from './screens/gate.js';
import type { Network } from './screens/network.js';
import { ScreensService } from './screens/screens.service.js';
import { BodyPipe } from './validation/faults.js';

export interface AppOptions {
  databaseFile: string;
  /** Folder of the built web app; null serves the interface only. */
  webFolder: string | null;
  /** Null: reached from this machine only. */
  network?: Network | null;
  /** What is done first with a damaged database. */
  recovery?: Recovery | null;
}

/** A piece with hundreds of steps is far below this. */
const BODY_LIMIT_BYTES = 8_000_000;
/** A plan file of a life of painting, with its log, must come back in. */
const PLAN_LIMIT_BYTES = 64_000_000;
const YEAR_MS = 365 * 24 * 60 * 60 * 1000;

export const openApi = (app: NestExpressApplication): OpenAPIObject =>
  SwaggerModule.createDocument(
    app,
    new DocumentBuilder()
      .setTitle('Eveningtide')
      .setDescription('The interface the web app uses, on this machine only.')
      .setVersion('1')
      .build(),
  );

/** The whole server, ready to listen. @throws StartError before anything was changed. */
export async function createApp(options: AppOptions): Promise<NestExpressApplication> {
  const places = new DataPlaces(options.databaseFile);
  prepareFolder(places.databaseFile);
  const lock = await DataLock.take(places);
  try {
    sweep(places);
    if (options.recovery) await recover(places, options.recovery);
    await mustBeSound(places);
    await prepareDatabase(places.databaseFile);
    return await assembled(places, lock, options);
  } catch (error) {
    await lock.release();
    throw error;
  }
}

async function assembled(places: DataPlaces, lock: DataLock, { webFolder, network = null }: AppOptions): Promise<NestExpressApplication> {
  const app = await NestFactory.create<NestExpressApplication>(AppModule.at(places, lock, network), {
    logger: ['error', 'warn'],
    bodyParser: false,
    abortOnError: false,
    // a browser keeps silent connections open: stopping must not wait for them
    forceCloseConnections: true,
  });
  app.disable('x-powered-by');
  // own scripts and styles only; `unsafe-inline` styles are for positions that the drawings compute
  app.use(
    helmet({
      contentSecurityPolicy: {
        directives: {
          defaultSrc: ["'self'"],
          styleSrc: ["'self'", "'unsafe-inline'"],
          fontSrc: ["'self'"],
          imgSrc: ["'self'", 'data:'],
          workerSrc: ["'self'"],
          upgradeInsecureRequests: null,
        },
      },
      strictTransportSecurity: false,
    }),
  );
  app.use((request: Request, response: Response, next: NextFunction) => {
    if (request.path.includes('%00')) response.status(400).json({ error: 'unreadable', message: 'The address holds the character U+0000' });
    else next();
  });
  const gate = new Gate(app.get(ScreensService));
  app.use((request: Request, response: Response, next: NextFunction) => {
    gate.enter(request, response, next).catch(next);
  });
  // lists are read on the same machine or in the same house: time counts, not the last byte
  app.use(
    '/api',
    compression({ filter: isWorthIt, level: constants.Z_BEST_SPEED, brotli: { params: { [constants.BROTLI_PARAM_QUALITY]: 1 } } }),
  );
  app.use(compression({ filter: isWorthIt }));
  app.use('/api/plan-file', jsonBody(PLAN_LIMIT_BYTES));
  app.use(jsonBody(BODY_LIMIT_BYTES), refusedBody);
  app.useGlobalPipes(new BodyPipe());
  app.useGlobalFilters(new TroubleFilter(app.get(HttpAdapterHost).httpAdapter));
  SwaggerModule.setup('api/docs', app, openApi(app), { customSiteTitle: 'Eveningtide interface' });
  if (webFolder) serveWeb(app, webFolder);
  app.enableShutdownHooks();
  return app;
}

/** An open line says each thing as it comes. */
const isWorthIt = (request: Request, response: Response): boolean =>
  !String(response.getHeader('Content-Type')).includes('event-stream') && compression.filter(request, response);

/** Built files are named by their content and kept for ever; every other address that is not the interface's is the app's page. */
function serveWeb(app: NestExpressApplication, folder: string): void {
  const page = join(folder, 'index.html');
  if (!existsSync(page)) throw new Error(`The web app is not built: ${page} is missing.`);
  app.use('/assets', serveStatic(join(folder, 'assets'), { immutable: true, maxAge: YEAR_MS, fallthrough: false }));
  app.use(serveStatic(folder, { index: false }));
  app.use((request: Request, response: Response, next: NextFunction) => {
    if (request.method !== 'GET' || request.path.startsWith('/api')) {
      next();
      return;
    }
    response.setHeader('Cache-Control', 'no-cache');
    response.sendFile(page);
  });
}
