/** What was asked for, as what, with which outcome, and how long it took: no names, no content, no address. */

import type { RequestHandler } from 'express';
import type { Logger } from 'pino';
import { ruleFor } from './access.ts';
import { roleOf } from './identity.ts';

export function requestLog(log: Logger): RequestHandler {
  return (request, response, next) => {
    if (!request.path.startsWith('/api')) return next();
    const begun = performance.now();
    const path = request.path.slice('/api'.length);
    response.on('close', () => {
      const route = ruleFor(request.method, path)?.route ?? `${request.method} unknown`;
      const ms = Number((performance.now() - begun).toFixed(1));
      log[response.statusCode >= 500 ? 'error' : 'info'](
        { route, role: roleOf(request), status: response.statusCode, ms, whole: response.writableFinished },
        'request',
      );
    });
    next();
  };
}
