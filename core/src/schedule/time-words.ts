import { format, isSameDay } from 'date-fns';
import type { ChainLink, Schedule } from '../model/schedule.ts';

/** "Friday 5 June, 12:00" */
export const dayAndTime = (time: number): string => format(time, 'EEEE d MMMM, HH:mm');
/** "Friday 5 June" */
export const dayText = (time: number): string => format(time, 'EEEE d MMMM');
/** "Fri 5 Jun 12:00" */
export const shortTime = (time: number): string => format(time, 'EEE d MMM HH:mm');
/** The time alone on the day of another, else with its day. */
export const timeFrom = (time: number, other: number): string => (isSameDay(time, other) ? format(time, 'H:mm') : shortTime(time));
/** "8:00 to 12:00", the day only where it is another one */
export const fromTo = (from: number, to: number): string => `${format(from, 'H:mm')} to ${format(to, isSameDay(from, to) ? 'H:mm' : 'EEE H:mm')}`;

const MINUTE = 60_000;
const LONG = 48 * 60;

/** "5 h", "1 h 20", "3 days" */
export function spanText(minutes: number): string {
  if (minutes >= LONG) return `${Number((minutes / 1440).toFixed(1))} days`;
  const hours = Math.floor(minutes / 60);
  const rest = Math.round(minutes % 60);
  return hours === 0 ? `${rest} min` : rest === 0 ? `${hours} h` : `${hours} h ${String(rest).padStart(2, '0')}`;
}
export const gapText = (ms: number): string => spanText(ms / MINUTE);

/** How far the schedule may be from the best there is. */
export function boundText({ bound }: Pick<Schedule, 'bound'>, end: number): string {
  const gap = end - bound;
  return gap < MINUTE ? 'No schedule of these steps ends sooner' : `At most ${gapText(gap)} from the best possible`;
}

const WHY: Readonly<Record<ChainLink['why'], string>> = {
  hands: 'hands',
  alone: 'works alone',
  closed: 'nobody at work',
  held: 'held back, so that its window is kept',
};
/** min of a link that is worth telling */
const WORTH = 90;

/** What decides the end, the long links of the chain only; links of the same step and kind taken together. */
export function chainText(chain: readonly ChainLink[]): { readonly title: string; readonly says: string }[] {
  const merged: { id: string; title: string; why: ChainLink['why']; minutes: number }[] = [];
  for (const link of chain) {
    const last = merged.at(-1);
    if (last && last.id === link.id && last.why === link.why) last.minutes += link.minutes;
    else merged.push({ ...link });
  }
  return merged
    .filter(({ minutes, why }) => minutes >= WORTH && why !== 'closed')
    .map(({ title, why, minutes }) => ({ title, says: `${spanText(minutes)} ${WHY[why]}` }));
}
