import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { NestFactory } from '@nestjs/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { DocumentBuilder, SwaggerModule, type OpenAPIObject } from '@nestjs/swagger';
import { static as serveStatic, type NextFunction, type Request, type Response } from 'express';
import helmet from 'helmet';
import { AppModule } from './app.module.js';
import { prepareDatabase } from './database/prepare.js';
import { Gate } from './http/gate.js';
import type { Network } from './screens/network.js';
import { ScreensService } from './screens/screens.service.js';
import { requestPipe } from './validation/faults.js';

export interface AppOptions {
  databaseFile: string;
  /** Folder of the built web app; null serves the interface only. */
  webFolder: string | null;
  /** Null: reached from this machine only. */
  network?: Network | null;
}

/** A piece with hundreds of steps is far below this; a whole plan file of many pieces may come near. */
const BODY_LIMIT = '8mb';
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

/** The whole server, ready to listen. @throws FolderError, NewerDatabaseError before anything was changed. */
export async function createApp({ databaseFile, webFolder, network = null }: AppOptions): Promise<NestExpressApplication> {
  await prepareDatabase(databaseFile);
  const app = await NestFactory.create<NestExpressApplication>(AppModule.at(databaseFile, network), {
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
          imgSrc: ["'self'", 'data:'],
          workerSrc: ["'self'"],
          upgradeInsecureRequests: null,
        },
      },
      strictTransportSecurity: false,
    }),
  );
  const gate = new Gate(app.get(ScreensService));
  app.use((request: Request, response: Response, next: NextFunction) => {
    gate.enter(request, response, next).catch(next);
  });
  app.useBodyParser('json', { limit: BODY_LIMIT });
  app.useGlobalPipes(requestPipe());
  SwaggerModule.setup('api/docs', app, openApi(app), { customSiteTitle: 'Eveningtide interface' });
  if (webFolder) serveWeb(app, webFolder);
  app.enableShutdownHooks();
  return app;
}

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
