import type { SprayGun } from '../model/shop.ts';
import { litres, type Litres } from '../units/quantities.ts';

/** m²/L that one dry film covers: 10 × volume solids % / DFT µm. The formula of every product data sheet. */
export function spreadingRate(volumeSolids: number, dryFilm: number): number {
  if (!(volumeSolids > 0) || !(dryFilm > 0)) throw new RangeError(`${volumeSolids} % solids at ${dryFilm} µm`);
  return (10 * volumeSolids) / dryFilm;
}

/** Wet film in µm that dries to a film: DFT × 100/VS × (1 + thinner share). */
export const wetFilm = (dryFilm: number, volumeSolids: number, thinner: number): number => ((dryFilm * 100) / volumeSolids) * (1 + thinner);

/** Rz µm against cm³/m² of dry paint that only fills the profile; published tables, quoted from memory. */
const DEAD_VOLUME: readonly (readonly [profile: number, volume: number])[] = [
  [0, 0],
  [30, 20],
  [45, 30],
  [60, 40],
  [75, 50],
  [90, 60],
  [105, 70],
];

/** cm³/m² of dry paint that disappears in a blast profile, linear between table points. */
export function deadVolume(profile: number): number {
  const last = DEAD_VOLUME[DEAD_VOLUME.length - 1] as readonly [number, number];
  if (profile >= last[0]) return (last[1] * profile) / last[0];
  const i = DEAD_VOLUME.findIndex(([x]) => x > profile);
  const [x0, y0] = DEAD_VOLUME[i - 1] as readonly [number, number];
  const [x1, y1] = DEAD_VOLUME[i] as readonly [number, number];
  return y0 + ((y1 - y0) * (profile - x0)) / (x1 - x0);
}

/** Share of the paint that lands on the part; common practice, no source. */
const TRANSFER = { roller: 0.9, aerosol: 0.5 } as const;
const GUN: Readonly<Record<SprayGun, number>> = { airless: 0.8, hvlp: 0.65, conventional: 0.45 };
/** Further share on tubes, spokes and edges. */
const SLENDER = 0.6;

/** How and on what paint is laid. */
export interface Landing {
  readonly apply: 'gun' | keyof typeof TRANSFER;
  readonly gun: SprayGun;
  readonly slender: boolean;
}

/** Share of what leaves the tool that lands on the part. */
export const transferShare = ({ apply, gun, slender }: Landing): number => (apply === 'gun' ? GUN[gun] : TRANSFER[apply]) * (slender ? SLENDER : 1);

export interface Coverage extends Landing {
  readonly area: number;
}

/** Litres of unthinned paint on the part that only fill a blast profile: m², Rz µm, % solids. */
export const profileLitres = (area: number, profile: number, volumeSolids: number): number =>
  (area * deadVolume(profile)) / 1000 / (volumeSolids / 100);

/** Unthinned litres for `coats` films, with what the tool and the shape lose. `area` in m², films and profile in µm. */
export function paintLitres({ area, ...landing }: Coverage, dryFilm: number, coats: number, volumeSolids: number, profile = 0): Litres {
  const landed = (area * coats) / spreadingRate(volumeSolids, dryFilm) + profileLitres(area, profile, volumeSolids);
  return litres(landed / transferShare(landing));
}
