/** What may be read off an error whatever threw it; null: it has none. */
export function codeOf(error: unknown): string | null {
  if (typeof error !== 'object' || error === null) return null;
  if ('code' in error && typeof error.code === 'string') return error.code;
  return 'driverError' in error ? codeOf(error.driverError) : null;
}

export const reasonOf = (error: unknown): string =>
  typeof error === 'object' && error !== null && 'message' in error ? String(error.message) : String(error);
