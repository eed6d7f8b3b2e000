/** Who may knock: only pages of this server, under the names it is known by, and writes only as JSON. */

import type { RequestHandler } from 'express';
import { problemTypes } from '@hardy-sextant/contract';
import { sendProblem } from './problems.ts';

/** Names that always mean this machine. */
const HERE = ['127.0.0.1', 'localhost', '[::1]'];

const reading = new Set(['GET', 'HEAD', 'OPTIONS']);

/**
 * Refuses a request under a name that is not ours (a rebound one), and a write that another site's page sends.
 *
 * @param hosts names besides this machine's own, without a port
 */
export function onlyFromHere(hosts: readonly string[] = []): RequestHandler {
  const names = new Set([...HERE, ...hosts.map((host) => host.toLowerCase())]);
  return (request, response, next) => {
    const host = request.headers.host ?? '';
    const refuse = (status: number, detail: string): void =>
      sendProblem(response, { type: problemTypes.foreign, title: 'Not from here', status, detail });
    if (!names.has(host.replace(/:\d+$/, '').toLowerCase()))
      return refuse(
        421,
        `This server is not known as “${host.slice(0, 80)}”. Add the name to HOSTS where it should be.`,
      );
    if (reading.has(request.method)) return next();
    const { origin } = request.headers;
    const site = request.headers['sec-fetch-site'];
    if (origin !== undefined && hostOf(origin) !== host.toLowerCase())
      return refuse(403, 'A page of another site cannot change anything here.');
    if (site !== undefined && site !== 'same-origin' && site !== 'none')
      return refuse(403, 'A page of another site cannot change anything here.');
    const bare =
      request.headers['content-type'] === undefined &&
      request.headers['transfer-encoding'] === undefined &&
      Number(request.headers['content-length'] ?? 0) === 0;
    if (!bare && !request.is('application/json') && request.method !== 'DELETE')
      return refuse(415, 'Changes are sent as JSON.');
    next();
  };
}

function hostOf(origin: string): string {
  try {
    return new URL(origin).host.toLowerCase();
  } catch {
    return '';
  }
}
