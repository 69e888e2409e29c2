/** A count with its word. @example counted(1, 'job') // '1 job' */
export const counted = (count: number, one: string): string => `${count} ${one}${count === 1 ? '' : 's'}`;
