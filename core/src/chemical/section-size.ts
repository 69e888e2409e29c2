import type { Schools } from '../model/schools.ts';
import { SECTION_CHANGE, type WorkRates } from './work-rates.ts';

/** m², the least that is worth laying on; a test patch is as large. */
const LEAST = 0.1;

/**
 * Area worked at one time, m². By working life: what is laid on, has dwelt and is scraped before the first of it dries,
 * A (lay on + scrape) + change of section + dwell ≤ life; common practice.
 * @param rates min/m²
 * @param life min until dry
 * @param dwell min of the longest round
 */
export function sectionSize(area: number, { layOn, scrape }: WorkRates, life: number, dwell: number, school: Schools['S7']): number {
  if (school === 'whole') return area;
  const spare = life - dwell;
  if (school === 'by-working-life' && area * (layOn + scrape) <= spare) return area;
  const size = school === 'small' ? LEAST : Math.max(0, spare - SECTION_CHANGE) / (layOn + scrape);
  return Math.min(area, Math.max(LEAST, size));
}
