import type { ZonePlan } from '../model/plan.ts';

const MINUTE = 60_000;
/** Share of the time left under which it is called near; model assumption. */
const NEAR = 0.25;

/** The clock of a part from "bare and dry". */
export interface BareClock {
  /** min it keeps; the shortest of its zones */
  readonly within: number;
  readonly due: number;
  /** min left, negative when overrun */
  readonly left: number;
  readonly state: 'running' | 'near' | 'over' | 'lost';
  readonly todo: string;
}

const TODO: Readonly<Record<BareClock['state'], string>> = {
  running: 'Gloves, dry, no draught of damp air; degrease and prime.',
  near: 'Prime now: degrease, wipe, mix, go.',
  over: 'Overrun by less than as much again: re-key all over, wipe with two cloths, prime at once.',
  lost: 'Overrun by more: treat the rust again, then key, wipe and prime. Never just paint over.',
};

/** The clock at a moment, ms; null where nothing of the part rusts. Overrun up to twice the time is keyed again, beyond that treated again: common practice, no source. */
export function bareClock(zones: readonly Pick<ZonePlan, 'bare'>[], bareAt: string, now: number): BareClock | null {
  const limits = zones.flatMap(({ bare }) => bare.primeWithin ?? []);
  if (limits.length === 0) return null;
  const within = Math.min(...limits);
  const due = Date.parse(bareAt) + within * MINUTE;
  const left = (due - now) / MINUTE;
  const state = left < -within ? 'lost' : left < 0 ? 'over' : left < NEAR * within ? 'near' : 'running';
  return { within, due, left, state, todo: TODO[state] };
}

/** Ways to hold a bare part, and how each comes off before paint. Common practice, no source. */
export const HOLDING: readonly { readonly name: string; readonly keeps: string; readonly off: string; readonly never: string }[] = [
  {
    name: 'Phosphate film, left unbroken',
    keeps: 'weeks to months in a dry store',
    off: 'scrub with the same acid and a pad, water, dry, key; or as the data sheet of the primer says',
    never: 'epoxy straight over it; high-strength steel',
  },
  {
    name: 'Epoxy primer as a storage coat',
    keeps: 'months; inside its window nothing is to be done',
    off: 'past the window key with P180 to P320 and wipe',
    never: 'over live acid',
  },
  {
    name: 'Wrapped with corrosion inhibitor',
    keeps: 'weeks, sealed and dry',
    off: 'unwrap, degrease twice, prime the same day',
    never: 'on damp or salty metal',
  },
];
