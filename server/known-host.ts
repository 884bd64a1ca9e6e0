import type { RequestHandler } from 'express';
import { isIP } from 'node:net';
import { hostname } from 'node:os';

/**
 * Answers only who asks for this machine: by a number, as localhost, or by the machine's own name. A
 * page from elsewhere that has had its name led here (DNS rebinding) asks for a name that is none of these.
 *
 * @param also names that the machine is known under beside its own
 */
export function knownHost(also: readonly string[] = []): RequestHandler {
  const own = hostname().toLowerCase();
  const names = new Set(['localhost', own, `${own}.local`, ...also.map((name) => name.toLowerCase())]);
  return (request, response, next) => {
    const host = request.hostname?.toLowerCase() ?? '';
    if (isIP(host.replace(/^\[|\]$/g, '')) !== 0 || names.has(host)) return next();
    response
      .status(421)
      .type('text')
      .send('This is not the machine that was asked for. Set HOSTS to the names that it is known under.');
  };
}
