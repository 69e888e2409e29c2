import { flashRustTime } from '../climate/flash-rust.ts';
import { surfaceOf } from '../climate/surface.ts';
import type { Reading } from '../model/bench.ts';
import type { Place } from '../model/job.ts';
import type { ZonePlan } from '../model/plan.ts';
import { degC, percent } from '../units/quantities.ts';

const MINUTE = 60_000;
/** Share of the time left under which it is called near; model assumption. */
const NEAR = 0.25;
/** ms that a reading of the probe stands for at most; beyond it the climate entered for the workplace holds. Model assumption. */
const STANDS = 60 * MINUTE;

/** The clock of a part from "bare and dry". */
export interface BareClock {
  /** min it keeps as planned; the shortest of its zones */
  readonly within: number;
  /** share of its time that has gone: the same hour takes more of it in damp air */
  readonly used: number;
  readonly due: number;
  /** min left in the air of now, negative when overrun */
  readonly left: number;
  readonly state: 'running' | 'near' | 'over' | 'lost';
  readonly todo: string;
  /** share of the time so far that the probe has seen */
  readonly seen: number;
}

/** Air of the workplace as entered, and what the probe has read, oldest first. */
export interface ShopAir {
  readonly place: Pick<Place, 'temperature' | 'humidity' | 'metal'>;
  readonly readings: readonly Reading[];
}

const TODO: Readonly<Record<BareClock['state'], string>> = {
  running: 'Gloves, dry, no draught of damp air; degrease and prime.',
  near: 'Prime now: degrease, wipe, mix, go.',
  over: 'Overrun by less than as much again: re-key all over, wipe with two cloths, prime at once.',
  lost: 'Overrun by more: treat the rust again, then key, wipe and prime. Never just paint over.',
};

/** A stretch of time in one air. ms; min of flash rust against the planned air. */
interface Spell {
  readonly from: number;
  readonly until: number;
  readonly slower: number;
  readonly seen: boolean;
}

/**
 * The clock at a moment, ms; null where nothing of the part rusts. Each spell of air takes its share of the time that bare steel keeps in it, and the
 * clock has run out when the shares make one: model assumption. What goes by time alone, an oxide or a phosphate film, takes no notice of the air.
 * Overrun up to twice the time is keyed again, beyond that treated again: common practice, no source.
 */
export function bareClock(zones: readonly Pick<ZonePlan, 'bare'>[], bareAt: string, now: number, air: ShopAir): BareClock | null {
  const start = Date.parse(bareAt);
  const spells = spellsOf(start, now, air);
  const clocks = zones.flatMap(({ bare }) =>
    bare.primeWithin === null
      ? []
      : [clockOf(bare.primeWithin, bare.primeBy === 'humidity' ? spells : [{ from: start, until: now, slower: 1, seen: false }])],
  );
  return clocks.reduce<BareClock | null>((worst, clock) => (worst === null || clock.left < worst.left ? clock : worst), null);
}

/** The spells from bare to now: of the probe where it has read, else as entered. The last one is the air of now. */
function spellsOf(start: number, now: number, { place, readings }: ShopAir): Spell[] {
  const planned = flashRustTime(place.temperature, place.humidity, PLAIN, surfaceOf(place));
  const spells: Spell[] = [];
  let at = start;
  const reach = (until: number, slower: number, seen: boolean): void => {
    const end = Math.min(until, now);
    if (end <= at) return;
    spells.push({ from: at, until: end, slower, seen });
    at = end;
  };
  const told = readings.map((reading) => ({ time: Date.parse(reading.at), reading })).filter(({ time }) => time <= now && time > start - STANDS);
  told.forEach(({ time, reading }, i) => {
    reach(time, 1, false);
    const slower = flashRustTime(degC(reading.temperature), percent(reading.humidity), PLAIN, degC(reading.surface ?? reading.temperature)) / planned;
    reach(Math.min(time + STANDS, told[i + 1]?.time ?? Infinity), slower, true);
  });
  reach(now, 1, false);
  return spells.length > 0 ? spells : [{ from: start, until: Math.max(start, now), slower: 1, seen: false }];
}

const PLAIN = { blasted: false, contaminated: false };

function clockOf(within: number, spells: readonly Spell[]): BareClock {
  let used = 0;
  let due: number | null = null;
  for (const { from, until, slower } of spells) {
    const whole = within * slower * MINUTE;
    const share = (until - from) / whole;
    if (due === null && used + share > 1) due = from + (1 - used) * whole;
    used += share;
  }
  const [first, last] = [spells[0] as Spell, spells.at(-1) as Spell];
  due ??= last.until + (1 - used) * within * last.slower * MINUTE;
  const left = (due - last.until) / MINUTE;
  const state = used > 2 ? 'lost' : used > 1 ? 'over' : used > 1 - NEAR ? 'near' : 'running';
  const time = last.until - first.from;
  const seen = spells.reduce((sum, spell) => sum + (spell.seen ? spell.until - spell.from : 0), 0);
  return { within, used, due, left, state, todo: TODO[state], seen: time > 0 ? seen / time : 0 };
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
