import type { Schools } from '../model/schools.ts';

/** m², the least that is worth laying on; a test patch is as large. */
const LEAST = 0.1;

/**
 * Area worked at one time, m². By working life: what can be scraped before it dries, scrape rate × (life − dwell); common practice.
 * @param rate m²/h scraped
 * @param life min until dry
 * @param dwell min of the longest round
 */
export function sectionSize(area: number, rate: number, life: number, dwell: number, school: Schools['S7']): number {
  if (school === 'whole') return area;
  const size = school === 'small' ? LEAST : (rate * Math.max(0, life - dwell)) / 60;
  return Math.min(area, Math.max(LEAST, size));
}
