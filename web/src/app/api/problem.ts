import { HttpErrorResponse } from '@angular/common/http';

export type Failure =
  { readonly kind: 'offline' } | { readonly kind: 'stale' } | { readonly kind: 'missing' } | { readonly kind: 'refused'; readonly reason: string };

/** What an error of the API means for whoever is typing. */
export function failureOf(error: unknown): Failure {
  if (!(error instanceof HttpErrorResponse) || error.status === 0 || error.status >= 500) return { kind: 'offline' };
  if (error.status === 409) return { kind: 'stale' };
  if (error.status === 404) return { kind: 'missing' };
  const detail: unknown = typeof error.error === 'object' && error.error !== null && 'detail' in error.error ? error.error.detail : null;
  return { kind: 'refused', reason: typeof detail === 'string' ? detail : error.message };
}
