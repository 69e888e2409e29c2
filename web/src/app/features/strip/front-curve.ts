import { momentAt, type Forecast } from '@lift-bare/core';
import type { DwellCase } from './dwell-case';

export interface Point {
  readonly x: number;
  readonly y: number;
}

/** One setting as the chart draws it. */
export interface FrontCurve {
  readonly likely: readonly Point[];
  readonly shallow: readonly Point[];
  readonly deep: readonly Point[];
  readonly wet: readonly Point[];
  readonly lifts: readonly Point[];
  readonly dries: number;
}

const POINTS = 60;

/** The analytic front and wet film; the band once the worker has drawn it. */
export function frontCurve({ setting, lifts }: DwellCase, until: number, band: Forecast | null): FrontCurve {
  const times = Array.from({ length: POINTS + 1 }, (_, k) => (until * k) / POINTS);
  const moments = times.map((x) => ({ x, ...momentAt(setting, x) }));
  const points = (values: readonly number[]): Point[] => (band ? values.map((y, k) => ({ x: band.times[k] as number, y })) : []);
  let face = 0;
  const faces = setting.films.map(({ thickness }) => (face += thickness));
  return {
    likely: moments.map(({ x, depth }) => ({ x, y: depth })),
    shallow: points(band?.depth.shallow ?? []),
    deep: points(band?.depth.deep ?? []),
    wet: moments.map(({ x, wet }) => ({ x, y: wet })),
    lifts: lifts.flatMap((x, i) => (x <= until ? [{ x, y: faces[i] as number }] : [])),
    dries: setting.stripper.form === 'bath' ? Infinity : setting.life,
  };
}
