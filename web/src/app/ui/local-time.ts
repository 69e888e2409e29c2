import { format } from 'date-fns';

/** @example "Fri 4 Dec, 13:00" */
export const sayTime = (iso: string): string => format(new Date(iso), 'EEE d MMM, HH:mm');
