/** The Express application: safety headers, the interface under /api, and the built pages beside it. */

import { join } from 'node:path';
import compression from 'compression';
import expressStaticGzip from 'express-static-gzip';
import express, { type Express } from 'express';
import helmet from 'helmet';
import type { Logger } from 'pino';
import { checkInPlace, type Checker } from './checking/checker.ts';
import { drawInPlace, type Drawer } from './checking/drawJob.ts';
import { runSheetJob, type SheetJudge } from './checking/sheetJob.ts';
import type { Database } from './store/database.ts';
import { apiRoutes } from './routes/api.ts';
import { onlyFromHere } from './routes/doors.ts';
import { noSuchPath, problemHandler } from './routes/problems.ts';

export interface ApplicationOptions {
  readonly database: Database;
  readonly log: Logger;
  /** Where checking runs; in place when left out. */
  readonly check?: Checker;
  /** Where numbers are drawn; in place when left out. */
  readonly draw?: Drawer;
  /** Where worksheets are judged; in place when left out. */
  readonly judgeSheet?: SheetJudge;
  /** Names this server is known by besides this machine's own. */
  readonly hosts?: readonly string[];
  /** The built web application; left out where only the interface is served. */
  readonly pages?: string;
}

/** Bodies are small; where much comes in at once the route has its own limit. */
const small = express.json({ limit: '2mb' });
const takesMuch = (path: string): boolean =>
  /^\/(sets\/[^/]+\/(answers|import|decisions|worksheets)|exercise-file)$/.test(path);

export function createApplication({
  database,
  log,
  pages,
  check = checkInPlace,
  draw = drawInPlace,
  judgeSheet = runSheetJob,
  hosts = [],
}: ApplicationOptions): Express {
  const application = express();
  application.disable('x-powered-by');
  application.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'self'"],
          // Mantine and KaTeX set style attributes; scripts come only from this origin.
          styleSrc: ["'self'", "'unsafe-inline'"],
          imgSrc: ["'self'", 'data:', 'blob:'],
          fontSrc: ["'self'", 'data:'],
          connectSrc: ["'self'"],
          workerSrc: ["'self'", 'blob:'],
          objectSrc: ["'none'"],
          baseUri: ["'none'"],
          frameAncestors: ["'none'"],
          formAction: ["'self'"],
        },
      },
      strictTransportSecurity: false,
      xFrameOptions: { action: 'deny' },
    }),
  );
  application.use(onlyFromHere(hosts));
  application.use(compression());
  application.use(
    '/api',
    (request, response, next) => (takesMuch(request.path) ? next() : small(request, response, next)),
    apiRoutes(database, check, draw, judgeSheet),
    noSuchPath,
  );
  if (pages) {
    application.use(
      '/assets',
      // Compressed when they were built.
      expressStaticGzip(join(pages, 'assets'), {
        enableBrotli: true,
        orderPreference: ['br'],
        index: false,
        serveStatic: { immutable: true, maxAge: '1y' },
      }),
      noSuchPath,
    );
    application.use(express.static(pages, { index: false, maxAge: 0 }));
    application.get('/{*path}', (_request, response) => response.sendFile(join(pages, 'index.html')));
  }
  application.use(noSuchPath, problemHandler(log));
  return application;
}
