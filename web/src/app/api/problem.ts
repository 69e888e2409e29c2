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
