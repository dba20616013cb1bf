import 'reflect-metadata';
import { NestFactory } from '@nestjs/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import type { Response as ExpressResponse } from 'express';
import { constants } from 'node:zlib';
import compression from 'compression';
import expressStaticGzip from 'express-static-gzip';
import { join } from 'node:path';
import helmet from 'helmet';
import { Logger } from 'nestjs-pino';
import { AppModule } from './app.module';
import { dataSourceOptions } from './database';
import { ensureDishIndex } from './dishes';
import { alone, databaseName, openDatabase, openPool } from './platform/database/connection';
import { sessions, sessionSecret } from './platform/identity';
import { bodyReaders } from './platform/body';
import { patience } from './platform/patience';
import { ParamPipe } from './platform/problems';

export interface StartOptions {
  readonly databaseUrl: string;
  readonly webRoot?: string;
  readonly logLevel?: string;
  /** Set behind a reverse proxy, so that addresses and `secure` cookies are right. */
  readonly trustProxy?: boolean;
  /** Milliseconds after which whoever asks is told that it takes too long. */
  readonly patienceMs?: number;
  /** Connections to the database at once. */
  readonly poolSize?: number;
  /** Where the data lies, if it lies on this machine: its room is looked at. */
  readonly dataDir?: string;
  /** Where instruments of the pass are reached, as `127.0.0.1:4390`. */
  readonly instruments?: string;
  /** Key and certificate, in PEM, to be reached over HTTPS. */
  readonly tls?: { readonly key: string; readonly cert: string };
}

/** What a lesson's stream says leaves at once, piece by piece: it cannot wait to be compressed. */
function isStream(response: { getHeader(name: string): unknown }): boolean {
  const type = response.getHeader('content-type');
  return typeof type === 'string' && type.includes('event-stream');
}

/** The application, with its schema up to date, ready to listen. */
export async function createApp({
  databaseUrl,
  webRoot,
  logLevel = 'warn',
  trustProxy = false,
  patienceMs,
  poolSize,
  dataDir,
  instruments,
  tls,
}: StartOptions): Promise<NestExpressApplication> {
  const database = await openDatabase(dataSourceOptions(databaseUrl, poolSize));
  await alone(database, () => ensureDishIndex(database.manager));
  const pool = openPool(databaseUrl);
  const secret = await sessionSecret(database);
  const options = {
    database,
    pool,
    secret,
    databaseName: databaseName(new URL(databaseUrl).pathname),
    webRoot,
    logLevel,
    dataDir,
    instruments,
  };
  const app = await NestFactory.create<NestExpressApplication>(AppModule.with(options), {
    bodyParser: false,
    bufferLogs: true,
    ...(tls ? { httpsOptions: tls } : {}),
  });
  app.useLogger(app.get(Logger));
  if (trustProxy) app.set('trust proxy', 1);
  app.disable('x-powered-by');
  app.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'self'"],
          scriptSrc: ["'self'", "'wasm-unsafe-eval'"],
          // Radix places its floating parts with style attributes.
          styleSrc: ["'self'", "'unsafe-inline'"],
          imgSrc: ["'self'", 'data:', 'blob:'],
          fontSrc: ["'self'"],
          connectSrc: ["'self'"],
          objectSrc: ["'none'"],
          baseUri: ["'none'"],
          formAction: ["'self'"],
          frameAncestors: ["'none'"],
        },
      },
      strictTransportSecurity: false,
    }),
  );
  // Answers are compressed as they go, quickly rather than small: a year of lessons is 16 kB instead of 14. What a stream says has to
  // leave at once, and assets were compressed when they were built.
  const brotli = { params: { [constants.BROTLI_PARAM_QUALITY]: 1 } };
  app.use(
    '/api',
    compression({ level: 3, brotli, filter: (request, response) => !isStream(response) && compression.filter(request, response) }),
  );
  if (webRoot)
    app.use(
      '/assets',
      expressStaticGzip(join(webRoot, 'assets'), {
        enableBrotli: true,
        orderPreference: ['br', 'gz'],
        serveStatic: { immutable: true, maxAge: '1y', index: false },
      }),
      // A part of an older version is gone; the page that would come instead is kept by no browser under its name.
      (_request: unknown, response: ExpressResponse) => void response.status(404).type('text/plain').send('Not found'),
    );
  // Names, needs and marks are in the answers: no browser keeps them.
  app.use('/api', (_request: unknown, response: ExpressResponse, next: () => void) => {
    response.setHeader('Cache-Control', 'no-store');
    next();
  });
  app.use('/api', patience(patienceMs));
  const session = sessions(secret, pool);
  app.use('/api', session.handler);
  app.use('/api', ...bodyReaders());
  app.useGlobalPipes(new ParamPipe());
  app.enableShutdownHooks();
  const close = app.close.bind(app);
  app.close = async () => {
    await close();
    await session.close();
    await pool.promise().end();
    if (database.isInitialized) await database.destroy();
  };
  return app;
}
