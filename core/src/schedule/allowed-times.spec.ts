import { DAY, HOUR, MONDAY, workOf } from '../../testing/scheduled.ts';
import { DEMO_JOBS, DEMO_SHOP } from '../demo/demo-jobs.ts';
import { ForecastHour } from '../model/forecast.ts';
import type { Job } from '../model/job.ts';
import type { Operation } from '../model/operation.ts';
import type { Schedule } from '../model/schedule.ts';
import type { Shop } from '../model/shop.ts';
import { planSchedule } from './plan-schedule.ts';
import type { JobWork } from './problem.ts';

const [TUG] = DEMO_JOBS as [Job];
/** Each piece of work of such operations, with what it belongs to. */
const piecesOf = ({ works }: Schedule, { operations }: JobWork, such: (operation: Operation) => boolean) =>
  works.flatMap(({ operation: id, pieces }) => {
    const operation = operations.find((one) => one.id === id);
    return operation && such(operation) ? pieces.filter(({ from, to }) => to > from) : [];
  });

test('a delivery leaves on a day on which the contractor takes work in, and stays away as long as it says, no mean wait on top', () => {
  const work = DEMO_JOBS.map((job) => workOf(job)).find(({ operations }) => operations.some(({ kind }) => kind === 'fetch-back')) as JobWork;
  const over = work.operations.find(({ kind }) => kind === 'hand-over-to-strip') as Operation;
  const contractor = DEMO_SHOP.contractors.find(({ name }) => over.title.endsWith(name));
  expect(over.days).toEqual(contractor?.pickUpDays);
  const { works } = planSchedule([work], DEMO_SHOP, MONDAY);
  const fetched = work.operations.find(({ kind, title }) => kind === 'fetch-back' && title.endsWith(contractor?.name ?? '?'));
  const [out, back] = [over, fetched].map((operation) => works.find(({ id }) => id === operation?.id));
  const names = ['sun', 'mon', 'tue', 'wed', 'thu', 'fri', 'sat'];
  expect(over.days).toContain(names[new Date(out?.start ?? 0).getDay()]);
  const away = (back?.start ?? 0) - (out?.end ?? 0);
  expect(away).toBeGreaterThanOrEqual((contractor?.daysAway ?? 0) * DAY);
  expect(away).toBeLessThan((contractor?.daysAway ?? 0) * DAY + 4 * DAY);
});

test('in quiet hours nothing loud is done, other work goes on', () => {
  const quiet: Shop = { ...DEMO_SHOP, quiet: [{ from: '08:00', to: '10:30' }] };
  const work = workOf(TUG);
  const schedule = planSchedule([work], quiet, MONDAY);
  const inQuiet = ({ from }: { readonly from: number }): boolean => new Date(from).getHours() * 60 + new Date(from).getMinutes() < 630;
  const loud = piecesOf(schedule, work, ({ raises }) => raises.includes('noise'));
  expect(loud.length).toBeGreaterThan(0);
  expect(loud.filter(inQuiet)).toEqual([]);
  expect(piecesOf(schedule, work, ({ raises }) => !raises.includes('noise')).some(inQuiet)).toBe(true);
  expect(piecesOf(planSchedule([work], DEMO_SHOP, MONDAY), work, ({ raises }) => raises.includes('noise')).some(inQuiet)).toBe(true);
});

test('outdoors nothing that rain spoils is done while the forecast has rain; washing is, and indoors all of it', () => {
  const days = 5;
  const rain = Array.from({ length: days * 24 }, (_, i) =>
    ForecastHour.parse({ at: new Date(MONDAY - 7 * HOUR + i * HOUR).toISOString(), temperature: 20, humidity: 60, wind: 2, rain: i < 48 ? 1 : 0 }),
  );
  const shop: Shop = { ...DEMO_SHOP, forecast: rain };
  const wet = (work: JobWork, kinds: readonly string[]): number =>
    piecesOf(planSchedule([work], shop, MONDAY), work, ({ kind }) => kinds.includes(kind)).filter(({ from }) => from < MONDAY - 7 * HOUR + 2 * DAY)
      .length;
  const outdoors = workOf({ ...TUG, place: { ...TUG.place, indoors: false } }, shop);
  const spoiled = ['try-patch', 'strip-round', 'key', 'wipe', 'fill', 'block', 'cover-for-strip'];
  expect(wet(outdoors, spoiled)).toBe(0);
  expect(wet(outdoors, ['degrease', 'check-kit', 'desalt'])).toBeGreaterThan(0);
  expect(wet(workOf(TUG, shop), spoiled)).toBeGreaterThan(0);
});
