import type { ErrorRequestHandler } from 'express';
import type { Logger } from 'pino';
import { codeOf, reasonOf } from './error-words.ts';
import { Problem, TooManyGuesses, Unauthorised } from './problem.ts';

interface Answer {
  readonly status: number;
  readonly title: string;
  readonly detail: string;
  readonly extra?: Record<string, unknown>;
}

/** The one last handler: every error becomes problem+json; what the client cannot help is logged and not told. */
export function errorHandler(logger: Logger): ErrorRequestHandler {
  return (error: unknown, request, response, next) => {
    if (response.headersSent) return next(error);
    const answer = answerFor(error);
    if (answer.status >= 500) logger.error({ err: error, path: request.path }, 'request failed');
    if (error instanceof Unauthorised) response.set('WWW-Authenticate', 'Basic realm="Lift Bare"');
    if (error instanceof TooManyGuesses) response.set('Retry-After', String(error.seconds));
    const { status, title, detail, extra } = answer;
    response
      .status(status)
      .type('application/problem+json')
      .send(JSON.stringify({ type: 'about:blank', title, status, detail, instance: request.originalUrl, ...extra }));
  };
}

function answerFor(error: unknown): Answer {
  if (error instanceof Problem) return { status: error.status, title: error.title, detail: error.message, extra: error.extra() };
  const body = bodyError(error);
  if (body?.type === 'entity.too.large') return { status: 413, title: 'Too large', detail: `the body is larger than ${body.limit} bytes` };
  if (body?.type === 'entity.parse.failed') return { status: 400, title: 'Not JSON', detail: body.message };
  if (codeOf(error)?.startsWith('Z_')) return { status: 400, title: 'Bad request', detail: `the body is not packed as it says: ${reasonOf(error)}` };
  if (body && body.status >= 400 && body.status < 500) return { status: body.status, title: 'Bad request', detail: body.message };
  return { status: 500, title: 'Server error', detail: 'Something went wrong on the server; it is in the log.' };
}

/** What the body parser and the router throw. */
function bodyError(error: unknown): { type: string; limit: number; message: string; status: number } | null {
  if (typeof error !== 'object' || error === null || !('status' in error)) return null;
  return {
    type: 'type' in error ? String(error.type) : '',
    limit: 'limit' in error ? Number(error.limit) : 0,
    message: reasonOf(error),
    status: Number(error.status),
  };
}
