/** The Express application: safety headers, the interface under /api, and the built pages beside it. */

import { join, resolve } from 'node:path';
import compression from 'compression';
import expressStaticGzip from 'express-static-gzip';
import express, { type Express, type RequestHandler } from 'express';
import helmet from 'helmet';
import type { Logger } from 'pino';
import { checkInPlace, type Checker } from './checking/checker.ts';
import { drawInPlace, type Drawer } from './checking/drawJob.ts';
import { runSheetJob, type SheetJudge } from './checking/sheetJob.ts';
import { studentJobsInPlace, type StudentJobs } from './checking/studentJob.ts';
import type { Database } from './store/database.ts';
import { apiRoutes } from './routes/api.ts';
import { onlyFromHere } from './routes/doors.ts';
import { noSuchPath, problemHandler } from './routes/problems.ts';
import { requestLog } from './routes/requestLog.ts';
import { backupsOf, type Backups } from './services/backups.ts';

export interface ApplicationOptions {
  readonly database: Database;
  readonly log: Logger;
  /** Where checking runs; in place when left out. */
  readonly check?: Checker;
  /** Where numbers are drawn; in place when left out. */
  readonly draw?: Drawer;
  /** Where worksheets are judged; in place when left out. */
  readonly judgeSheet?: SheetJudge;
  /** Where feedback and practice of students are worked out; in place when left out. */
  readonly studentJobs?: StudentJobs;
  /** Whether only this machine is listened to: then nobody signs in until somebody has a password. */
  readonly local?: boolean;
  /** How many proxies stand before it, whose word on where a request comes from is taken. */
  readonly proxies?: number;
  readonly backups?: Backups;
  /** Names this server is known by besides this machine's own. */
  readonly hosts?: readonly string[];
  /** The built web application; left out where only the interface is served. */
  readonly pages?: string;
}

/** Bodies are small; where much comes in at once the route has its own limit. */
const small = express.json({ limit: '2mb' });
const takesMuch = (path: string): boolean =>
  /^\/(my\/sets\/[^/]+\/files|sets\/[^/]+\/(answers|import|decisions|worksheets)|exercise-file)$/.test(path);

/** What browsers are told to refuse. @param local whether only this machine is listened to */
const safetyHeaders = (local: boolean): RequestHandler =>
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
    // Where it is reached by TLS, browsers are told to stay with it.
    strictTransportSecurity: local ? false : { maxAge: 15_552_000, includeSubDomains: false },
    xFrameOptions: { action: 'deny' },
  });

export function createApplication({
  database,
  log,
  pages,
  check = checkInPlace,
  draw = drawInPlace,
  judgeSheet = runSheetJob,
  studentJobs = studentJobsInPlace,
  local = true,
  proxies = 0,
  backups = backupsOf(database, resolve('packages/server/drizzle'), log),
  hosts = [],
}: ApplicationOptions): Express {
  const application = express();
  application.disable('x-powered-by');
  application.set('trust proxy', proxies);
  application.use(safetyHeaders(local));
  application.use(requestLog(log));
  application.use(onlyFromHere(hosts));
  application.use(compression());
  application.use(
    '/api',
    (request, response, next) => (takesMuch(request.path) ? next() : small(request, response, next)),
    apiRoutes({ database, check, draw, judgeSheet, studentJobs, local, backups }),
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
