import { HttpErrorResponse } from '@angular/common/http';

export type Failure =
  /** `says`: what the server told of it; null: it is not reached */
  | { readonly kind: 'offline'; readonly says: string | null }
  | { readonly kind: 'stale' }
  | { readonly kind: 'missing' }
  | { readonly kind: 'refused'; readonly reason: string };

/** What an error of the API means for whoever is typing. What is no fault of theirs is tried again. */
export function failureOf(error: unknown): Failure {
  if (!(error instanceof HttpErrorResponse) || error.status === 0) return { kind: 'offline', says: null };
  const body: unknown = error.error;
  const detail: unknown = typeof body === 'object' && body !== null && 'detail' in body ? body.detail : null;
  if (error.status >= 500 || error.status === 429)
    return { kind: 'offline', says: typeof detail === 'string' && error.status !== 500 ? detail : null };
  if (error.status === 409) return { kind: 'stale' };
  if (error.status === 404) return { kind: 'missing' };
  return { kind: 'refused', reason: typeof detail === 'string' ? detail : error.message };
}

/** The same in a sentence, where the address answers with a file: then what is wrong comes as one too. */
export async function blobFailure(error: unknown): Promise<string> {
  if (!(error instanceof HttpErrorResponse) || !(error.error instanceof Blob)) return 'The server is not reached.';
  const { status } = error;
  const body: unknown = await error.error
    .text()
    .then(JSON.parse)
    .catch(() => null);
  const failure = failureOf(new HttpErrorResponse({ status, error: body }));
  if (failure.kind === 'refused') return failure.reason;
  return failure.kind === 'offline' ? (failure.says ?? 'The server is not reached.') : 'It is not there any more.';
}
