import * as z from 'zod';

/** A file that is kept beside the job on the server. */
export const FileId = z.string().regex(/^[A-Za-z0-9_-]{1,40}$/, 'letters, digits, - and _ only, 40 at most');
