import type { Response } from 'express';

/** Ends when whoever asked has gone: nothing is reckoned for nobody. */
export function whileOpen(response: Response): AbortSignal {
  const gone = new AbortController();
  response.on('close', () => gone.abort());
  return gone.signal;
}
