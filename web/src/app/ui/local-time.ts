import { format } from 'date-fns';

/** What a field of date and time holds, in the time of this machine. */
export const toLocalField = (iso: string): string => format(new Date(iso), "yyyy-MM-dd'T'HH:mm");

/** The moment that such a field names; null while it names none. */
export function fromLocalField(text: string): string | null {
  const moment = new Date(text);
  return text === '' || Number.isNaN(moment.getTime()) ? null : moment.toISOString();
}

/** @example "Fri 4 Dec, 13:00" */
export const sayTime = (iso: string): string => format(new Date(iso), 'EEE d MMM, HH:mm');
