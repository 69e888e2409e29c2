import type { HoldPoint } from '../model/bare.ts';
import type { GaugeKind } from '../model/gauge.ts';
import type { HoldRecord, Run } from './fold-run.ts';

/** The instrument that reads the figure of a hold point; null: none does, it is a look, a count or a patch. */
export function gaugeOf({ unit, method }: HoldPoint): GaugeKind | null {
  if (unit === 'pH') return 'ph';
  if (unit === 'rating') return 'tape';
  if (unit === 'µm') return /profile|roughness/i.test(method) ? 'profile' : 'film';
  return unit?.includes('meter') === true || unit === '%' ? 'moisture' : null;
}

/** A figure that is read or typed, rather than a yes. */
export const isMeasured = ({ unit }: HoldPoint): boolean => unit !== null;

/** Whether every value lies within the limits; without limits or values nothing is met by a figure. */
export const withinLimits = ({ least, most }: HoldPoint, values: readonly number[]): boolean =>
  values.length > 0 && values.every((value) => (least === null || value >= least) && (most === null || value <= most));

/** What a likely good value is, for a stand-in that measures nothing. */
export const likelyValue = ({ least, most }: HoldPoint): number | null =>
  least !== null && most !== null ? (least + most) / 2 : least !== null ? least * 1.2 : most !== null ? most * 0.6 : null;

export type HoldState = 'met' | 'outside' | 'open' | 'let go';

/** Where the hold point of an operation stands: by the newest reading, or released in writing after it. */
export function holdState(run: Run, operation: string): { readonly state: HoldState; readonly last: HoldRecord | null } {
  const last = run.holds.get(operation)?.at(-1) ?? null;
  if (last?.met) return { state: 'met', last };
  const released = run.letGo.get(operation);
  if (released && (last === null || released.at >= last.at)) return { state: 'let go', last };
  return { state: last === null ? 'open' : 'outside', last };
}
