import { isIP } from 'node:net';
import type { Request, RequestHandler } from 'express';
import { Forbidden } from '../problems/problem.ts';

/** Methods that change nothing. */
const READS = ['GET', 'HEAD', 'OPTIONS'];

/**
 * Lets only pages of this very server ask it. A foreign name that leads to this machine is refused, as is a change that another site's page asks for; an
 * address in digits cannot be lent to a foreign page.
 */
export function onlyOurOwn(names: readonly string[]): RequestHandler {
  const known = new Set(['localhost', ...names.map((name) => name.toLowerCase())]);
  return (request, _response, next) => {
    const host = hostnameOf(request.get('host') ?? '');
    if (host === null || !(isIP(host) !== 0 || known.has(host)))
      throw new Forbidden(`this server is not asked under the name “${host ?? ''}”; names it goes by stand in LIFT_BARE_NAMES`);
    if (!READS.includes(request.method) && isForeign(request)) throw new Forbidden('a page of another site asked for this change');
    next();
  };
}

function isForeign(request: Request): boolean {
  const origin = request.get('origin');
  if (origin !== undefined) return hostOf(origin) !== request.get('host');
  const site = request.get('sec-fetch-site');
  return site !== undefined && site !== 'same-origin' && site !== 'none';
}

function hostOf(origin: string): string | null {
  try {
    return new URL(origin).host;
  } catch {
    return null;
  }
}

/** Without the port, and an IPv6 address without its brackets. */
function hostnameOf(host: string): string | null {
  try {
    return new URL(`http://${host}`).hostname.replace(/^\[|\]$/g, '').toLowerCase() || null;
  } catch {
    return null;
  }
}
