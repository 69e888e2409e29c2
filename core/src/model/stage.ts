import * as z from 'zod';

/** The stages of a job, in the order of the work. */
export const StageName = z.enum(['intake', 'method', 'strip', 'bare', 'build', 'safety', 'time', 'run-sheet']);
export type StageName = z.infer<typeof StageName>;
