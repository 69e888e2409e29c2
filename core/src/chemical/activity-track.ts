import { FULLY_ACTIVE } from './working-life.ts';

/**
 * A dwell in clock minutes, cut where its climate or handling changes. Within a span the stripper dries evenly: dryness w grows
 * by dt/life from 0 when laid on to 1 when too dry to work. Activity is 1 up to w = 0.8 and falls evenly to 0 at w = 1, so
 * effective minutes are pace × life × (A(w1) − A(w0)) with A(w) = w up to 0.8, then w − (w − 0.8)²/0.4: no time steps.
 */
export interface DwellSpan {
  /** clock min since laid on */
  readonly from: number;
  /** effective min per clock min while fully active */
  readonly pace: number;
  /** min until dry if it stayed like this */
  readonly life: number;
}

const FADING = 1 - FULLY_ACTIVE;
/** A(1): share of the working life that a stripper left to dry has worked. */
export const WORKED_WHEN_DRY = FULLY_ACTIVE + FADING / 2;

/** Share of the working life that is worked by a dryness. */
export function worked(dryness: number): number {
  const fading = Math.min(1, dryness) - FULLY_ACTIVE;
  return fading <= 0 ? dryness : FULLY_ACTIVE + fading - fading ** 2 / (2 * FADING);
}

/** And back: the dryness by which a share is worked. */
export const drynessFor = (share: number): number =>
  share <= FULLY_ACTIVE ? share : FULLY_ACTIVE + FADING * (1 - Math.sqrt(Math.max(0, 1 - (2 * (share - FULLY_ACTIVE)) / FADING)));

/** Effective minutes after `clock` minutes of dwell. */
export function effectiveAfter(spans: readonly DwellSpan[], clock: number): number {
  let effective = 0;
  let dryness = 0;
  spans.forEach(({ from, pace, life }, i) => {
    const length = Math.max(0, Math.min(clock, spans[i + 1]?.from ?? Infinity) - from);
    const next = dryness + length / life;
    effective += pace * life * (worked(next) - worked(dryness));
    dryness = next;
  });
  return effective;
}

/** Clock minutes until `effective` minutes are worked; Infinity when it dries before. */
export function clockFor(spans: readonly DwellSpan[], effective: number): number {
  let left = effective;
  let dryness = 0;
  for (const [i, { from, pace, life }] of spans.entries()) {
    const next = dryness + ((spans[i + 1]?.from ?? Infinity) - from) / life;
    const here = pace * life * (worked(next) - worked(dryness));
    if (left <= here) return from + (drynessFor(worked(dryness) + left / (pace * life)) - dryness) * life;
    left -= here;
    dryness = next;
  }
  return Infinity;
}

/** Clock minutes until too dry to work. */
export function driesAt(spans: readonly DwellSpan[]): number {
  let dryness = 0;
  for (const [i, { from, life }] of spans.entries()) {
    const next = dryness + ((spans[i + 1]?.from ?? Infinity) - from) / life;
    if (next >= 1) return from + (1 - dryness) * life;
    dryness = next;
  }
  return Infinity;
}
