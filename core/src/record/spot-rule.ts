/** Share of the range's ends that the average of one spot may reach. SSPC-PA 2, from memory. */
const THIN_SPOT = 0.8;
const THICK_SPOT = 1.2;
/** Spots of an area, and readings of a spot. SSPC-PA 2, from memory. */
export const SPOTS = 5;
export const READINGS = 3;

/** µm, dry, of the whole film. */
export type FilmRange = readonly [thin: number, thick: number];

export interface SpotVerdict {
  /** µm, average of the readings of each spot */
  readonly spots: readonly number[];
  /** µm, average of the spots */
  readonly average: number;
  /** spots that are too thin or too thick by themselves, from 0 */
  readonly thin: readonly number[];
  readonly thick: readonly number[];
  readonly met: boolean;
  /** in a sentence */
  readonly says: string;
}

const mean = (values: readonly number[]): number => values.reduce((sum, value) => sum + value, 0) / values.length;

/**
 * Film thickness by spots: the average of all spots lies within the range, and no spot's own average under 80 % of its thin end or over 120 % of its thick end.
 * SSPC-PA 2, from memory.
 * @param readings µm, of each spot in turn, three a spot; a last spot of fewer counts as it is
 * @returns null without a reading
 * @example spotRule([70, 75, 80, 60, 65, 70], [60, 90]) // average 70, met
 */
export function spotRule(readings: readonly number[], [thin, thick]: FilmRange): SpotVerdict | null {
  if (readings.length === 0 || !readings.every((reading) => reading >= 0)) return null;
  const spots = Array.from({ length: Math.ceil(readings.length / READINGS) }, (_, i) => mean(readings.slice(i * READINGS, (i + 1) * READINGS)));
  const average = mean(spots);
  const where = (isOut: (spot: number) => boolean): number[] => spots.flatMap((spot, i) => (isOut(spot) ? [i] : []));
  const [low, high] = [where((spot) => spot < THIN_SPOT * thin), where((spot) => spot > THICK_SPOT * thick)];
  const within = average >= thin && average <= thick;
  const enough = spots.length >= SPOTS && readings.length >= SPOTS * READINGS;
  return { spots, average, thin: low, thick: high, met: within && low.length === 0 && high.length === 0 && enough, says: inWords() };

  function inWords(): string {
    if (average < thin) return `Too thin: ${Math.round(average)} µm on average, ${thin} are wanted. One more coat within its window.`;
    if (average > thick)
      return `Too thick: ${Math.round(average)} µm on average, ${thick} are the most. It dries slowly and may crack; sand it back.`;
    if (low.length > 0) return `Spot ${low.map((i) => i + 1).join(', ')} under 80 % of ${thin} µm: lay on there again.`;
    if (high.length > 0) return `Spot ${high.map((i) => i + 1).join(', ')} over 120 % of ${thick} µm: sand back there.`;
    return enough
      ? `${Math.round(average)} µm on average, every spot within 80 and 120 % of the range.`
      : `${SPOTS} spots of ${READINGS} readings are wanted, ${readings.length} are in.`;
  }
}
