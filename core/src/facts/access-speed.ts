import type { Zone } from '../model/job.ts';

/** Share of the open-face speed of a hand tool by access; model assumption. */
export const ACCESS_SPEED: Readonly<Record<Zone['access'], number>> = { flat: 1, edge: 0.6, tube: 0.5, inside: 0.4, crevice: 0.3 };
