import { format, parseISO } from 'date-fns';

/** @param date ISO @example "1 December 2026" */
export const dateText = (date: string): string => format(parseISO(date), 'd MMMM yyyy');
/** @param at ms @example "Tue 1 Dec 2026, 14:05" */
export const momentText = (at: number): string => format(at, 'EEE d MMM yyyy, HH:mm');
