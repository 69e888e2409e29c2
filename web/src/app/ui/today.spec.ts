import { CATALOGUE, DEMO_JOBS, DEMO_SHOP, planJob, planSchedule, type Job, type Schedule } from '@lift-bare/core';
import { nextDay, runningWindows } from './today';

const [tug] = DEMO_JOBS as [Job];
const MONDAY = new Date(2026, 10, 30, 7).getTime();
const HOUR = 3_600_000;
const { operations } = planJob(tug, DEMO_SHOP, CATALOGUE);
const at = (now: number, progress: Job['progress'] = []): Schedule =>
  planSchedule(
    ['one', 'two'].map((id) => ({ id, job: { ...tug, progress: id === 'one' ? progress : [] }, operations })),
    DEMO_SHOP,
    now,
  );
const schedule = at(MONDAY);

test('the day that comes next is today while anything is left on it, then the next on which anybody works', () => {
  expect(nextDay(schedule, MONDAY)?.label).toBe('Monday 30 November');
  const evening = new Date(2026, 10, 30, 18).getTime();
  expect(nextDay(schedule, evening)?.label).toBe('Tuesday 1 December');
  const noon = nextDay(schedule, new Date(2026, 10, 30, 12, 30).getTime());
  for (const { lines } of noon?.groups ?? []) for (const { to } of lines) expect(to).toBeGreaterThan(new Date(2026, 10, 30, 12, 30).getTime());
  expect(nextDay({ ...schedule, works: [] }, MONDAY)).toBeNull();
});

test('a window is told once the work that opens it is over, for that job alone, until it is begun', () => {
  expect(runningWindows(schedule, MONDAY)).toEqual([]);
  const window = schedule.windows.find(({ what, job }) => what === 'prime' && job === 'one');
  const bared = schedule.works.find(({ id, job }) => job === 'one' && id === window?.from);
  if (!window || !bared) throw new Error('the tug is primed within a window');
  const over = { work: bared.id, from: new Date(bared.start).toISOString(), to: new Date(bared.end).toISOString(), by: '', zones: [] };
  const now = window.closes - HOUR;
  const running = runningWindows(at(now, [over]), now);
  expect(running.map(({ job, to }) => [job, to])).toContainEqual(['one', window.to]);
  expect(running.every(({ job }) => job === 'one')).toBe(true);
  expect(running.find(({ to }) => to === window.to)?.left).toBe(HOUR);
});
