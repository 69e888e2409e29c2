import { ALONE, MONDAY, workOf } from '../../testing/scheduled.ts';
import { DEMO_JOBS, DEMO_SHOP } from '../demo/demo-jobs.ts';
import type { Job } from '../model/job.ts';
import type { Operation } from '../model/operation.ts';
import { asPlanned } from './apart.ts';
import { checkSchedule } from './check-schedule.ts';
import { networkOf } from './network.ts';
import { oneCutMore } from './pieces.ts';
import { scheduleOf } from './plan-schedule.ts';
import { firstSchedule } from './search.ts';

const [TUG] = DEMO_JOBS as [Job];
const { operations, ...rest } = workOf(TUG);
const ROUND = operations.find(({ kind }) => kind === 'strip-round') as Operation;

/** A hull side of 28 m² under a slow gel in the cold: 16 h of hands, ripe after 8 h 15, dry after 17 h 45. */
const hull = operations.map((operation): Operation => {
  if (operation !== ROUND) return operation;
  const lags = operation.lags.map((lag) => (lag.what === 'dwell' ? { ...lag, least: 230, most: 1066 } : lag));
  return { ...operation, hand: 937, wait: 495, lags };
});
const { activities, spans } = networkOf(hull);
const own = activities.flatMap((activity, at) => (activity.operation.id === ROUND.id ? [{ ...activity, at }] : []));
const [lays, lifts] = [own.filter(({ phase }) => phase === 'lay'), own.filter(({ phase }) => phase === 'lift')];

test('a round too large to lift before it dries is laid on and lifted piece by piece, with no more hands than before', () => {
  expect(lifts).toHaveLength(6);
  expect(lays.map(({ piece }) => piece)).toEqual(lifts.map((_, i) => ({ number: i + 1, of: 6 })));
  const hands = own.reduce((sum, { hand }) => sum + hand, 0);
  expect(hands).toBeGreaterThanOrEqual(937);
  expect(hands).toBeLessThan(937 + own.length);
  for (const { hand } of lifts) expect(hand).toBeLessThanOrEqual(120);
});

test('the last of each piece comes off before it dries, and pieces are laid on in their order down the face', () => {
  for (const [i, { at, hand }] of lifts.entries()) {
    const dwell = spans.find(({ to, what }) => to === at && what === 'dwell');
    expect([dwell?.from, dwell?.least, dwell?.most]).toEqual([lays[i]?.at, 495, 1066 - hand]);
    if (i > 0) expect(spans).toContainEqual(expect.objectContaining({ from: lays[i - 1]?.at, to: lays[i]?.at, least: 0, most: null }));
  }
});

test('what comes next on the face waits for all pieces', () => {
  const zone = ROUND.faces[0]?.zone ?? '';
  const next = activities.findIndex(({ zones, operation }, i) => i > (lifts.at(-1)?.at ?? 0) && zones.includes(zone) && operation.id !== ROUND.id);
  const before = spans.filter(({ to }) => to === next).map(({ from }) => from);
  for (const { at } of lifts) expect(before).toContain(at);
});

test('laid on in the afternoon it works overnight and is lifted in the morning: every window is kept', () => {
  const works = [{ ...rest, operations: hull }];
  const found = firstSchedule(works, DEMO_SHOP, MONDAY);
  expect(checkSchedule(found.problem, found.draft.placed)).toEqual([]);
  const { works: laid } = scheduleOf(works, found, MONDAY);
  const titles = laid.filter(({ operation }) => operation === ROUND.id).map(({ title }) => title.split(': ').at(-1));
  expect(titles).toContain('lay on, piece 1 of 6');
  expect(titles).toContain('lift, piece 6 of 6');
  const starts = laid.filter(({ id }) => id.startsWith(`${ROUND.id}`) && id.endsWith(':lift')).map(({ start }) => new Date(start).getHours());
  expect(starts.every((hour) => hour < 10)).toBe(true);
});

describe('a face in pieces', () => {
  const job = workOf(TUG, ALONE);
  const coat = job.operations.find(({ coat: film, lags }) => film && lags.some(({ what }) => what === 'prime')) as Operation;
  const bared = coat.lags.find(({ what }) => what === 'prime')?.after ?? '';
  const opens = job.operations.find(({ id }) => id === bared) as Operation;
  const face = opens.faces.find(({ zone: own }) => coat.faces.some(({ zone: other }) => other === own)) as Operation['faces'][number];
  const { zone } = face;
  /** As the plan has it where the air leaves the bare face a few hours. */
  const inPieces = job.operations.map((operation): Operation =>
    operation === coat
      ? { ...coat, faces: coat.faces.map((own) => (own.zone === zone ? { ...own, pieces: { count: 3, from: face.id } } : own)) }
      : operation,
  );

  test('goes through all that lies within its window in the pieces of the plan, each behind itself only', () => {
    const { activities: own, spans: links } = networkOf(inPieces);
    const before = (id: string): string[] => {
      const at = own.findIndex((one) => one.id === id);
      return links.flatMap(({ from, to }) => (to === at ? [own[from]?.id ?? ''] : []));
    };
    const second = before(`${coat.id}:${zone}:2of3`);
    expect(second).toContain(`${opens.id}:${zone}:2of3`);
    expect(second.filter((id) => id.endsWith('3of3') || id === opens.id)).toEqual([]);
    const next = job.operations.find(({ number, faces }) => number > coat.number && faces.some((one) => one.zone === zone)) as Operation;
    expect(before(next.id).filter((id) => id.includes(`:${zone}:`))).toEqual([1, 2, 3].map((piece) => `${coat.id}:${zone}:${piece}of3`));
    const done = own.filter(({ operation }) => operation.id === coat.id).flatMap(({ zones }) => zones);
    expect([...new Set(done)].sort()).toEqual(coat.faces.map(({ zone: other }) => other).sort());
    const inBetween = own.filter(({ id, operation }) => id.endsWith('2of3') && operation.number > opens.number && operation.number < coat.number);
    expect(inBetween.length).toBeGreaterThan(0);
  });

  test('of an operation that is cut as a whole nothing is left over', () => {
    const zones = coat.faces.map(({ zone: own }) => own);
    const { activities: own } = networkOf(job.operations, { mixes: new Map(), cuts: [{ zones, from: coat.id, to: coat.id, of: 2 }] });
    const pieces = own.filter(({ operation }) => operation.id === coat.id);
    expect(pieces.map(({ piece, zones: done }) => [piece?.number, done])).toEqual([
      [1, zones],
      [2, zones],
    ]);
  });

  test('that has been begun so goes on so, whatever else would do', () => {
    const started = { work: `${opens.id}:${zone}:1of4`, from: '2026-11-30T08:00:00Z', to: '2026-11-30T10:00:00Z', by: '', zones: [zone] };
    expect(asPlanned(job.operations, [started]).cuts).toEqual([{ zones: [zone], from: opens.id, to: coat.id, of: 4 }]);
    const { problem } = firstSchedule([{ ...job, job: { ...job.job, progress: [started] } }], ALONE, MONDAY);
    const laid = problem.network.activities.findIndex(({ id }) => id === started.work);
    expect(problem.fixed[laid]?.end).toBe((Date.parse(started.to) - problem.origin) / 60_000);
  });

  test('is cut no further than helps: a window that even a small piece misses is left as it is, and so is what has begun', () => {
    const { problem } = firstSchedule([job], ALONE, MONDAY);
    const { network, fixed } = problem;
    const windows = network.spans.filter(({ to, what }) => what === 'prime' && network.activities[to]?.operation.id === coat.id);
    const large = { activities: network.activities.map((one) => ({ ...one, hand: 100 })), spans: network.spans };
    expect(oneCutMore([], { network: large, fixed }, windows).length).toBeGreaterThan(0);
    const short = windows.map((span) => ({ ...span, most: 1 }));
    expect(oneCutMore([], { network: large, fixed }, short)).toEqual([]);
    const done = { start: 0, end: 1, pieces: [] };
    expect(oneCutMore([], { network: large, fixed: fixed.map(() => done) }, windows)).toEqual([]);
  });

  test('faces that share a window are taken apart by halves, then one of them by pieces', () => {
    const { problem } = firstSchedule([job], ALONE, MONDAY);
    const at = (phase: (zones: readonly string[]) => boolean) => problem.network.activities.findIndex(({ zones }) => phase(zones));
    const from = at((zones) => zones.length > 2);
    const window = { from, to: from, least: 0, most: 600, what: 'prime', missed: null } as const;
    const activities = problem.network.activities.map((one) => ({ ...one, hand: 100 }));
    const { zones } = activities[from] as (typeof activities)[number];
    const halves = oneCutMore([], { network: { activities, spans: [] }, fixed: [] }, [window]);
    expect(halves.map(({ of }) => of)).toEqual([1, 1]);
    expect(halves.flatMap((cut) => cut.zones)).toEqual(zones);
    const alone = activities.map((one, i) => (i === from ? { ...one, zones: zones.slice(0, 1), piece: { number: 1, of: 3 } } : one));
    expect(oneCutMore([], { network: { activities: alone, spans: [] }, fixed: [] }, [window]).map(({ of }) => of)).toEqual([5]);
  });
});
