import { createHash, timingSafeEqual } from 'node:crypto';
import type { RequestHandler } from 'express';
import { Unauthorised } from '../problems/problem.ts';

const digest = (text: string): Buffer => createHash('sha256').update(text).digest();

/** Asks every request for the workshop's passphrase (HTTP Basic, any user name). */
export function requirePassphrase(passphrase: string): RequestHandler {
  const wanted = digest(passphrase);
  return (request, _response, next) => {
    const [scheme, value] = (request.get('authorization') ?? '').split(' ');
    const sent = scheme === 'Basic' && value ? Buffer.from(value, 'base64').toString('utf8') : ':';
    if (!timingSafeEqual(digest(sent.slice(sent.indexOf(':') + 1)), wanted)) throw new Unauthorised('give the workshop passphrase');
    next();
  };
}
