import { endOf, DAY, HOUR, MONDAY, scheduled, workOf } from '../../testing/scheduled.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { DEMO_JOBS, DEMO_SHOP } from '../demo/demo-jobs.ts';
import { ForecastHour } from '../model/forecast.ts';
import type { Job } from '../model/job.ts';
import type { Schedule, ScheduledWindow, ScheduledWork } from '../model/schedule.ts';
import type { Shop } from '../model/shop.ts';
import { planJob } from '../plan-job.ts';
import { checkSchedule } from './check-schedule.ts';
import { openWindows } from './open-windows.ts';
import { scheduleOf } from './plan-schedule.ts';
import { remedyOf } from './remedy.ts';
import { minuteAt } from './problem.ts';
import { firstSchedule } from './search.ts';

const [TUG, LAUNCH] = DEMO_JOBS as [Job, Job];

describe('work that has begun', () => {
  const iso = (time: number): string => new Date(time).toISOString();
  const planned = scheduled(TUG);
  const [first, second] = planned.works.filter(({ stage, hand }) => stage === 'strip' && hand > 20) as [ScheduledWork, ScheduledWork];
  const at = (now: number, progress: Job['progress']) => {
    const works = [workOf({ ...TUG, progress })];
    const found = firstSchedule(works, DEMO_SHOP, now);
    expect(checkSchedule(found.problem, found.draft.placed).filter(({ what }) => what !== 'window')).toEqual([]);
    return scheduleOf(works, found, now);
  };
  const workIn = ({ works }: Schedule, id: string): ScheduledWork => works.find((work) => work.id === id) as ScheduledWork;

  test('what is done stays where it happened, and counts for all that comes before it on its faces; the rest begins now', () => {
    const now = second.end + 26 * HOUR;
    const [from, to] = [second.start + HOUR, second.end + 2 * HOUR];
    const later = at(now, [{ work: second.id, from: iso(from), to: iso(to), by: second.people[0] ?? '', zones: [] }]);
    expect(workIn(later, second.id)).toMatchObject({ start: from, end: to, state: 'done', people: [second.people[0]] });
    for (const work of later.works) if (work.state === 'planned') expect(work.start).toBeGreaterThanOrEqual(now);
    const before = later.works.filter(({ zones, number }) => number < second.number && zones.some((zone) => second.zones.includes(zone)));
    expect(before.length).toBeGreaterThan(0);
    expect(before.map(({ state }) => state)).toEqual(before.map(() => 'done'));
  });

  test('what was done over a night took hands by day only, and what was done in the night took them then', () => {
    const [from, to] = [new Date(2026, 10, 30, 16).getTime(), new Date(2026, 11, 1, 9).getTime()];
    const hands = (entry: Job['progress'][number]): number =>
      workIn(at(to + HOUR, [entry]), second.id).pieces.reduce((sum, piece) => sum + piece.to - piece.from, 0) / HOUR;
    expect(hands({ work: second.id, from: iso(from), to: iso(to), by: 'A. R.', zones: [] })).toBe(2);
    expect(hands({ work: second.id, from: iso(from + 3 * HOUR), to: iso(from + 5 * HOUR), by: 'A. R.', zones: [] })).toBe(2);
  });

  test('what is under way goes on with the hands that are left, in the hands of who began it', () => {
    const [opening = 0] = planned.open.map(({ from }) => from);
    const now = opening + 30 * 60_000;
    const running = at(now, [{ work: first.id, from: iso(opening), to: null, by: 'J. T.', zones: [] }]);
    const work = workIn(running, first.id);
    expect(work).toMatchObject({ start: opening, state: 'under way', people: ['J. T.'] });
    const ahead = work.pieces.filter(({ from }) => from >= now).reduce((sum, piece) => sum + piece.to - piece.from, 0) / 60_000;
    expect(ahead).toBe(Math.max(1, first.hand - 30));
  });

  test('a window that really ran out is told, and what follows is not held back for it', () => {
    const window = planned.windows.find(({ what }) => what === 'prime') as ScheduledWindow;
    const bared = workIn(planned, window.from);
    const now = bared.end + 5 * DAY;
    const late = at(now, [{ work: bared.id, from: iso(bared.start), to: iso(bared.end), by: '', zones: [] }]);
    const own = late.windows.find(({ from, to }) => from === window.from && to === window.to);
    expect(own).toMatchObject({ kept: false, opens: bared.end });
    expect(workIn(late, window.to).start).toBeGreaterThan(own?.closes ?? Infinity);
    expect(endOf(late)).toBeLessThan(Infinity);
  });

  test('one that was mended runs anew from there, here and wherever windows are told', () => {
    const window = planned.windows.find(({ what }) => what === 'prime') as ScheduledWindow;
    const bared = workIn(planned, window.from);
    const now = new Date(bared.end + 5 * DAY).setHours(9, 0, 0, 0);
    const done = { work: bared.id, from: iso(bared.start), to: iso(bared.end), by: '', zones: [] };
    const again = { work: remedyOf(window.to), from: iso(now - HOUR), to: iso(now - HOUR / 2), by: '', zones: [] };
    const later = at(now, [done, again]);
    const own = later.windows.find(({ from, to }) => from === window.from && to === window.to);
    const lasts = window.closes - window.opens;
    expect(own?.closes).toBe(now - HOUR / 2 + lasts);
    const told = openWindows(workOf(TUG).operations, [done, again]).find(({ work }) => work === window.to);
    expect(told?.closes).toBe(now - HOUR / 2 + lasts);
    expect(openWindows(workOf(TUG).operations, [done]).find(({ work }) => work === window.to)?.closes).toBe(bared.end + lasts);
  });

  test('a coat laid from a mix of its own stays in it, and the faces that were not in it are still to be done', () => {
    const coats = planned.works.filter(
      ({ coat, operation, zones }) => coat && zones.length > 1 && planned.works.filter((one) => one.operation === operation).length === 1,
    );
    const coat = coats[0] as ScheduledWork;
    const [zone = ''] = coat.zones;
    const laid = { work: `${coat.operation}:mix2`, from: iso(coat.start), to: iso(coat.end), by: '', zones: [zone] };
    const later = at(coat.end + HOUR, [laid]);
    expect(workIn(later, laid.work)).toMatchObject({ state: 'done', zones: [zone], start: coat.start });
    const rest = later.works.filter(({ operation, state }) => operation === coat.operation && state === 'planned');
    expect(rest.flatMap(({ zones }) => zones).sort()).toEqual(coat.zones.filter((one) => one !== zone).sort());
  });

  test('a window runs from the end of what opens it for as long as the plan says, until something is begun in it', () => {
    const window = planned.windows.find(({ what }) => what === 'prime') as ScheduledWindow;
    const bared = workIn(planned, window.from);
    const over = { work: bared.id, from: iso(bared.start), to: iso(bared.start + HOUR), by: '', zones: [] };
    const { operations } = planJob(TUG, DEMO_SHOP, CATALOGUE);
    const own = openWindows(operations, [over]).find(({ work }) => work === window.to);
    expect(own).toMatchObject({ opens: bared.start + HOUR, closes: bared.start + HOUR + window.closes - window.opens });
    expect(openWindows(operations, [over, { ...over, work: window.to, to: null }]).map(({ work }) => work)).not.toContain(window.to);
    expect(openWindows(operations, [{ ...over, to: null }])).toEqual([]);
    // What comes after it in the work is done: then it has begun, whether somebody said so or not.
    const later = planned.works.find(
      ({ coat, number, zones }) =>
        coat && number > workIn(planned, window.to).number && zones.some((zone) => workIn(planned, window.to).zones.includes(zone)),
    );
    if (!later) throw new Error('a second coat follows');
    const all = [over, { ...over, work: later.id }];
    expect(openWindows(operations, all).map(({ work }) => work)).not.toContain(window.to);
    // The schedule says the same of each window.
    for (const progress of [[over], all]) {
      const running = at(bared.start + 2 * HOUR, progress).windows.filter((one) => one.running);
      const bare = (id: string): string => id.replace(/:mix\d+/, '');
      expect(new Set(running.map(({ to }) => bare(to)))).toEqual(new Set(openWindows(operations, progress).map(({ work }) => bare(work))));
    }
  });

  test('work that began long ago leaves as many days ahead, and a year that is mistyped does no harm', () => {
    const month = at(MONDAY, [{ work: first.id, from: iso(MONDAY - 40 * DAY), to: iso(MONDAY - 40 * DAY + HOUR), by: '', zones: [] }]);
    expect(month.undone).toEqual([]);
    const ages = at(MONDAY, [{ work: first.id, from: '1996-01-01T08:00:00Z', to: '1996-01-01T09:00:00Z', by: '', zones: [] }]);
    expect(ages.undone).toEqual([]);
    expect(endOf(ages)).toBe(endOf(month));
  });

  test('where nothing has begun nothing changes, and a step of another plan is passed over', () => {
    expect(endOf(at(MONDAY, [{ work: 'gone.strip.1', from: iso(MONDAY - DAY), to: null, by: '', zones: [] }]))).toBe(endOf(planned));
  });
});

describe('a forecast', () => {
  const HOURS = 21 * 24;
  /** Mild days; wet until a day. */
  const wetUntil = (day: number): Shop => ({
    ...DEMO_SHOP,
    forecast: Array.from({ length: HOURS }, (_, i) => {
      const at = new Date(2026, 10, 30, i);
      return ForecastHour.parse({ at: at.toISOString(), temperature: 16, humidity: at.getTime() < MONDAY + day * DAY ? 97 : 55, rain: 0 });
    }),
  });
  const coatsOf = (schedule: Schedule) => schedule.works.filter(({ coat }) => coat);
  const first = (schedule: Schedule): number => Math.min(...coatsOf(schedule).map(({ start }) => start));

  test('moves the coats outdoors out of the wet, and leaves what lies indoors', () => {
    const [fair, wet] = [wetUntil(0), wetUntil(16)].map((shop) => scheduled(LAUNCH, shop)) as [Schedule, Schedule];
    expect(first(wet)).toBeGreaterThanOrEqual(MONDAY + 16 * DAY - 7 * HOUR);
    expect(first(fair)).toBeLessThan(first(wet));
    expect(endOf(scheduled(TUG, wetUntil(16)))).toBe(endOf(scheduled(TUG)));
  });

  test('a fair one opens the hours before and after the usual dew', () => {
    const works = [workOf({ ...LAUNCH, place: { ...LAUNCH.place, paintHours: null } }, wetUntil(0))];
    const { problem, draft } = firstSchedule(works, wetUntil(0), MONDAY);
    expect(checkSchedule(problem, draft.placed).filter(({ what }) => what === 'hours')).toEqual([]);
    const coat = problem.network.activities.findIndex(({ operation }) => operation.coat !== null);
    const spells = problem.times[coat]?.[0]?.spells ?? [];
    expect(Math.min(...spells.map(({ from }) => from % 1440))).toBe(8 * 60);
    // Where it says nothing any more the usual hours hold.
    expect(Math.min(...spells.filter(({ from }) => from >= HOURS * 60 + 1440).map(({ from }) => from % 1440))).toBe(10 * 60);
  });

  test('each coat has set before the wet comes', () => {
    const shop = wetUntil(0);
    const from = MONDAY + 3 * DAY;
    const turned: Shop = { ...shop, forecast: shop.forecast.map((hour) => ({ ...hour, rain: Date.parse(hour.at) >= from ? 2 : 0 })) };
    const { problem } = firstSchedule([workOf(LAUNCH, turned)], turned, MONDAY);
    problem.network.activities.forEach(({ operation }, i) => {
      const last = Math.max(...(problem.times[i]?.[0]?.spells.map(({ to }) => to).filter((to) => to < HOURS * 60) ?? []));
      if (operation.coat && Number.isFinite(last)) expect(last + Math.min(120, operation.wait)).toBeLessThanOrEqual(minuteAt(problem.origin, from));
    });
  });
});
