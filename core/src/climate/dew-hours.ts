import type { Span } from '../model/calendar.ts';
import type { Place } from '../model/job.ts';

/** Outdoors dew lies until late in the morning and comes back in the evening; common practice, no source. */
const DEW_FREE: Span = { from: '10:00', to: '16:00' };
/** min in which a film sets so far that dew does not mark it any more, at the most; model assumption. */
const SETS = 120;

/** From when until when a film may be laid on and set; null indoors, where there is no dew. */
export const dewFree = ({ indoors, paintHours }: Place): Span | null => (indoors ? null : (paintHours ?? DEW_FREE));

/** min that a film has to lie before the dew comes back. @param wait min until what follows it */
export const setsIn = (wait: number): number => Math.min(SETS, wait);

/** What is said at the first coat. */
export function dewText(place: Place): string | null {
  const hours = dewFree(place);
  return hours && `Outdoors: not before the dew has gone, and set before it comes back, ${hours.from} to ${hours.to}.`;
}
