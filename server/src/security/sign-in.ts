import { createHash, createHmac, timingSafeEqual } from 'node:crypto';
import express, { Router, type Request, type RequestHandler, type Response } from 'express';
import { TooManyGuesses, Unauthorised } from '../problems/problem.ts';
import { GuessLimit } from './guess-limit.ts';
import { signInPage } from './sign-in-page.ts';

export interface Passphrase {
  readonly text: string;
  /** whether the shop is asked over HTTPS: then its cookie never leaves it */
  readonly secure: boolean;
  readonly now: () => number;
}

const COOKIE = 'lift-bare';
/** ms that a screen stays signed in. */
const STAYS = 30 * 86_400_000;

/**
 * Asks for the workshop's passphrase: a page with a form for people, who then stay signed in by a cookie that no script reads and no other site sends, and
 * HTTP Basic for programs. The cookie holds until its time, or until the passphrase changes.
 */
export function signIn({ text, secure, now }: Passphrase): RequestHandler {
  const limit = new GuessLimit();
  const key = createHash('sha256').update(`session ${text}`).digest();
  const sealed = (until: number): string => `${until}.${createHmac('sha256', key).update(String(until)).digest('base64url')}`;
  const valid = (session: string): boolean => {
    const until = Number(session.split('.')[0]);
    return until > now() && same(session, sealed(until));
  };

  /** @throws TooManyGuesses where the address has to wait */
  const isRight = (request: Request, sent: string): boolean => {
    const address = request.socket.remoteAddress ?? '';
    const waits = limit.waits(address, now());
    if (waits > 0) throw new TooManyGuesses(Math.ceil(waits / 1000));
    const right = same(sent, text);
    if (right) limit.hit(address);
    else limit.missed(address, now());
    return right;
  };

  const page = (response: Response, status: number, says: string): void => {
    response.status(status).set('Cache-Control', 'no-store').type('html').send(signInPage(says));
  };

  return Router()
    .get('/sign-in', (_request, response) => page(response, 200, ''))
    .post('/sign-in', express.urlencoded({ extended: false, limit: '4kb' }), (request, response) => {
      const sent: unknown = (request.body as Record<string, unknown> | undefined)?.['passphrase'];
      try {
        if (!isRight(request, typeof sent === 'string' ? sent : '')) return page(response, 401, 'That is not the passphrase.');
      } catch (error) {
        if (error instanceof TooManyGuesses) return page(response, 429, `Too many wrong guesses: wait ${error.seconds} s.`);
        throw error;
      }
      response.cookie(COOKIE, sealed(now() + STAYS), { httpOnly: true, sameSite: 'strict', secure, maxAge: STAYS, path: '/' }).redirect(303, '/');
    })
    .post('/sign-out', (_request, response) => {
      response.clearCookie(COOKIE, { path: '/' }).redirect(303, '/sign-in');
    })
    .use((request, response, next) => {
      const session = cookieOf(request);
      if (session !== null && valid(session)) return next();
      const basic = basicOf(request);
      if (basic !== null && isRight(request, basic)) return next();
      if (basic === null && request.method === 'GET' && request.accepts(['json', 'html']) === 'html') return response.redirect(303, '/sign-in');
      throw new Unauthorised('sign in with the workshop passphrase');
    });
}

const digest = (text: string): Buffer => createHash('sha256').update(text).digest();
/** Takes as long whatever is wrong. */
const same = (a: string, b: string): boolean => timingSafeEqual(digest(a), digest(b));

function cookieOf(request: Request): string | null {
  const all = (request.get('cookie') ?? '').split(';').map((part) => part.trim());
  return all.find((part) => part.startsWith(`${COOKIE}=`))?.slice(COOKIE.length + 1) ?? null;
}

function basicOf(request: Request): string | null {
  const [scheme, value] = (request.get('authorization') ?? '').split(' ');
  if (scheme !== 'Basic' || !value) return null;
  const sent = Buffer.from(value, 'base64').toString('utf8');
  return sent.slice(sent.indexOf(':') + 1);
}
