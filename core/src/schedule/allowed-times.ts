import { dewFree, setsIn } from '../climate/dew-hours.ts';
import { hoursAt, laySpells, rainSpells, type HourAt } from '../climate/forecast-gates.ts';
import type { Span as Hours, Weekday, WeekHours } from '../model/calendar.ts';
import type { Job } from '../model/job.ts';
import type { OperationKind } from '../model/operation.ts';
import type { Shop } from '../model/shop.ts';
import { both, spellsOf, without, type Spell } from './calendar.ts';
import type { Worker } from './crew.ts';
import type { Activity } from './network.ts';
import { timeOf, type WorkingTime } from './slots.ts';

/** min */
const DAY = 1440;
const MINUTE = 60_000;
const WHOLE_DAY: Hours = { from: '00:00', to: '24:00' };

/** Work that rain spoils outdoors: what it washes off, keeps from drying or sticking, or makes live. Common practice, no source. */
const IN_THE_DRY: ReadonlySet<OperationKind> = new Set<OperationKind>([
  'cover-for-strip',
  'try-patch',
  'knock-filler-out',
  'break-top',
  'strip-round',
  'strip-next-round',
  'strip-specks',
  'strip-tool',
  'strip-heat',
  'strip-blast',
  'dry',
  'dust-off',
  'knock-old-filler-out',
  'weld',
  'dress',
  'derust',
  'treat-rust',
  'treat-pits',
  'convert-rust',
  'zinc-repair',
  'bond',
  'flush-bond',
  'laminate',
  'key-for-fill',
  'fill',
  'block',
  'wipe-release',
  'key',
  'convert-metal',
  'polish',
  'wipe',
  'cover-for-paint',
  'flame-clean',
  'flame',
  'measure-moisture',
  'sand-film',
  'clean-film',
  'cover-again',
  'mask-line',
  'seal-line',
]);

/** Spells in which something may be done, with a name under which they are known again. */
interface Allowed {
  readonly key: string;
  readonly spells: readonly Spell[];
}

/** By a piece of work and the place where it is done: for each worker the time in which it may be done; null: all that the worker has. */
export type AllowedTimes = (activity: Activity, place: Job['place']) => readonly WorkingTime[] | null;

/** Each limit is reckoned once, and of the same limits each worker's time is cut once. */
export function allowedTimes(crew: readonly Worker[], { forecast, quiet }: Pick<Shop, 'forecast' | 'quiet'>, origin: number): AllowedTimes {
  const days = Math.ceil(Math.max(0, ...crew.map(({ spells }) => spells.at(-1)?.to ?? 0)) / DAY);
  const hours = new Map<Job['place'], readonly HourAt[]>();
  const known = new Map<string, readonly WorkingTime[]>();
  const once = new Map<string, readonly Spell[]>();

  return (activity, place) => {
    const limits = [coatOutdoors(activity, place), inTheDry(activity, place), aloud(activity), onDays(activity)].flatMap((limit) => limit ?? []);
    if (limits.length === 0) return null;
    const key = limits.map((limit) => limit.key).join('|');
    const times = known.get(key) ?? crew.map(({ spells }) => timeOf(limits.reduce((left, limit) => both(left, limit.spells), spells)));
    known.set(key, times);
    return times;
  };

  /**
   * A coat is laid on only in hours that the forecast leaves open for it, and beyond the forecast while there is usually no dew; and so long before they
   * end that it has set.
   */
  function coatOutdoors({ operation: { coat, wait } }: Activity, place: Job['place']): Allowed | null {
    const usual = dewFree(place);
    if (!coat || !usual) return null;
    const sets = setsIn(wait);
    const { open, told } = laySpells(airAt(place), coat);
    const key = `coat ${usual.from} ${usual.to} ${sets} ${open.map(({ from, to }) => `${from} ${to}`).join()}`;
    return named(key, () => ending([...without(everyDay(usual), inMinutes(told)), ...inMinutes(open)], sets));
  }

  function inTheDry({ operation: { kind, coat } }: Activity, place: Job['place']): Allowed | null {
    if (place.indoors || coat || forecast.length === 0 || !IN_THE_DRY.has(kind)) return null;
    return named('dry', () => without(everyDay(WHOLE_DAY), inMinutes(rainSpells(airAt(place)))));
  }

  function aloud({ operation: { raises } }: Activity): Allowed | null {
    if (quiet.length === 0 || !raises.includes('noise')) return null;
    return named('aloud', () => quiet.reduce<Spell[]>((left, span) => without(left, everyDay(span)), everyDay(WHOLE_DAY)));
  }

  function onDays({ operation: { days: weekdays } }: Activity): Allowed | null {
    if (weekdays.length === 0) return null;
    return named(`days ${weekdays.join()}`, () => weekly((day) => (weekdays.includes(day) ? [WHOLE_DAY] : [])));
  }

  function named(key: string, make: () => readonly Spell[]): Allowed {
    const spells = once.get(key) ?? make();
    once.set(key, spells);
    return { key, spells };
  }

  function airAt(place: Job['place']): readonly HourAt[] {
    const air = hours.get(place) ?? hoursAt(forecast, place);
    hours.set(place, air);
    return air;
  }

  function everyDay(span: Hours): Spell[] {
    return weekly(() => [span]);
  }

  /** As long as anybody of the crew works. */
  function weekly(of: (day: Weekday) => readonly Hours[]): Spell[] {
    const week: WeekHours = {
      mon: [...of('mon')],
      tue: [...of('tue')],
      wed: [...of('wed')],
      thu: [...of('thu')],
      fri: [...of('fri')],
      sat: [...of('sat')],
      sun: [...of('sun')],
    };
    return spellsOf(week, [], origin, days);
  }

  function inMinutes(spans: readonly Spell[]): Spell[] {
    return spans.map(({ from, to }) => ({ from: (from - origin) / MINUTE, to: (to - origin) / MINUTE }));
  }
}

/** Spells in order that end so much sooner. */
const ending = (spells: readonly Spell[], sooner: number): Spell[] =>
  spells.flatMap(({ from, to }) => (to - sooner > from ? [{ from, to: to - sooner }] : [])).sort((a, b) => a.from - b.from);
