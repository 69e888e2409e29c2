import type { Zone } from '../model/job.ts';

/** Share of the open-face speed of a hand tool by access; model assumption. */
export const ACCESS_SPEED: Readonly<Record<Zone['access'], number>> = { flat: 1, edge: 0.6, tube: 0.5, inside: 0.4, crevice: 0.3 };

/** Share of that speed by how the face lies: arms held up tire, and what comes off falls into the face; model assumption. */
export const FACING_SPEED: Readonly<Record<Zone['orientation'], number>> = { up: 1, vertical: 0.95, down: 0.6 };

/** Share of its speed that a hand or a tool in the hand reaches on a zone. */
export const handSpeed = ({ access, orientation }: Pick<Zone, 'access' | 'orientation'>): number => ACCESS_SPEED[access] * FACING_SPEED[orientation];
