import { networkInterfaces } from 'node:os';
import { Router } from 'express';
import type { LiveFeed } from '../live/live-feed.ts';

/** Where the server answers. */
export interface Reached {
  readonly host: string;
  readonly scheme: 'http' | 'https';
  /** known once it listens */
  readonly port: () => number;
}

/** Screens that are connected now, and the addresses under which others can. */
export function connectedRoutes(feed: LiveFeed, reached: Reached): Router {
  return Router().get('/', (_request, response) => {
    response.json({ screens: feed.list(), addresses: addressesOf(reached) });
  });
}

/** Of this machine in its networks; none where it answers itself alone. */
export function addressesOf({ host, scheme, port }: Reached): string[] {
  const own = Object.values(networkInterfaces()).flatMap((all) => all ?? []);
  const open = own.filter(
    ({ internal, family, address }) => !internal && family === 'IPv4' && (host === '0.0.0.0' || host === '::' || host === address),
  );
  return open.map(({ address }) => `${scheme}://${address}:${port()}`);
}
