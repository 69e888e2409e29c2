import { normalSource, type Reading } from '@lift-bare/core';
import type { ClimateProbe } from './climate-probe.ts';
import { dropOutPoint } from './drop-out.ts';

export interface SimulatedClimate {
  readonly seed: number;
  /** °C and % around which the day swings */
  readonly temperature: number;
  readonly humidity: number;
  /** share of readings that fail */
  readonly dropOuts: number;
}

const HOUR = 3_600_000;
const SLOT = 30_000;
/** K that the day swings and that weather drifts, K of noise, h by which metal follows the air. */
const SWING = 2.5;
const DRIFT = 1;
const NOISE = 0.12;
const LAG = 1.5;

/**
 * Stands in for a real probe: the day's swing, slow drift, noise and drop-outs. The same seed and time give the same reading, so a restart
 * goes on as if nothing had happened.
 */
export function simulatedProbe({ seed, temperature, humidity, dropOuts }: SimulatedClimate): ClimateProbe {
  const air = (at: number): number => temperature + SWING * Math.sin((2 * Math.PI * (at / HOUR - 9)) / 24) + drift(seed, at / HOUR);
  return {
    read(at: Date): Promise<Reading | null> {
      const time = at.getTime();
      const noise = normalSource((seed * 31 + Math.floor(time / SLOT)) | 0);
      const [toAir, toMetal, toDamp, luck] = [noise(), noise(), noise(), noise()];
      if (luck < dropOutPoint(dropOuts)) return Promise.resolve(null);
      const now = air(time);
      return Promise.resolve({
        at: at.toISOString(),
        temperature: round(now + NOISE * toAir),
        humidity: round(Math.min(99, Math.max(5, humidity - 2.5 * (now - temperature) + toDamp))),
        surface: round(air(time - LAG * HOUR) - 0.4 + NOISE * toMetal),
      });
    },
  };
}

const round = (value: number): number => Math.round(value * 10) / 10;

/** K: straight lines between a drawn value each third hour. */
function drift(seed: number, hours: number): number {
  const slot = Math.floor(hours / 3);
  const value = (index: number): number => DRIFT * normalSource((seed * 17 + index) | 0)();
  const share = hours / 3 - slot;
  return value(slot) * (1 - share) + value(slot + 1) * share;
}
