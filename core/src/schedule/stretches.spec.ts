import { MONDAY, workOf } from '../../testing/scheduled.ts';
import { DEMO_JOBS, DEMO_SHOP } from '../demo/demo-jobs.ts';
import type { Job } from '../model/job.ts';
import type { Operation } from '../model/operation.ts';
import { checkSchedule } from './check-schedule.ts';
import { networkOf } from './network.ts';
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

test('a round too large to lift before it dries is laid on and lifted stretch by stretch, with no more hands than before', () => {
  expect(lifts).toHaveLength(6);
  expect(lays.map(({ stretch }) => stretch)).toEqual(lifts.map((_, i) => ({ number: i + 1, of: 6 })));
  const hands = own.reduce((sum, { hand }) => sum + hand, 0);
  expect(hands).toBeGreaterThanOrEqual(937);
  expect(hands).toBeLessThan(937 + own.length);
  for (const { hand } of lifts) expect(hand).toBeLessThanOrEqual(120);
});

test('the last of each stretch comes off before it dries, and stretches are laid on in their order down the face', () => {
  for (const [i, { at, hand }] of lifts.entries()) {
    const dwell = spans.find(({ to, what }) => to === at && what === 'dwell');
    expect([dwell?.from, dwell?.least, dwell?.most]).toEqual([lays[i]?.at, 495, 1066 - hand]);
    if (i > 0) expect(spans).toContainEqual(expect.objectContaining({ from: lays[i - 1]?.at, to: lays[i]?.at, least: 0, most: null }));
  }
});

test('what comes next on the face waits for all stretches', () => {
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
  expect(titles).toContain('lay on, stretch 1 of 6');
  expect(titles).toContain('lift, stretch 6 of 6');
  const starts = laid.filter(({ id }) => id.startsWith(`${ROUND.id}`) && id.endsWith(':lift')).map(({ start }) => new Date(start).getHours());
  expect(starts.every((hour) => hour < 10)).toBe(true);
});
