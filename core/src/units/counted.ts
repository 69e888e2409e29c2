/** A count with its word. @example counted(1, 'job') // '1 job' */
export const counted = (count: number, one: string): string => `${count} ${one}${count === 1 ? '' : 's'}`;

/** A count with the unit that pieces are counted in, however many it is said of. @example inPieces(1, 'discs') // '1 disc' */
export const inPieces = (count: number, unit: string): string => counted(count, unit.replace(/s$/, ''));
