import { CATALOGUE, DEMO_JOBS, DEMO_SHOP, planJob, planSchedule, type Job } from '@lift-bare/core';
import { byJob, byPart, byPerson } from './chart-rows';
import { timeAxis, xOf } from './time-axis';

const [tug, , trailer] = DEMO_JOBS as [Job, Job, Job];
const MONDAY = new Date(2026, 10, 30, 7).getTime();
const workOf = (id: string, job: Job) => ({ id, job, operations: planJob(job, DEMO_SHOP, CATALOGUE).operations });
const schedule = planSchedule([workOf('tug', tug)], DEMO_SHOP, MONDAY);
const week = planSchedule([workOf('tug', tug), workOf('trailer', trailer)], DEMO_SHOP, MONDAY);
const axis = timeAxis(schedule.open, { from: schedule.works[0]?.start ?? 0, to: Math.max(...schedule.works.map(({ end }) => end)) }, 900);

describe('by part', () => {
  const chart = byPart(tug, schedule, axis);

  test('each zone has a row under its part, and every step a bar on each of its zones', () => {
    expect(chart.rows.filter(({ head }) => head).map(({ name }) => name)).toEqual(
      tug.parts.filter(({ zones }) => zones.length > 0).map(({ name }) => name),
    );
    for (const work of schedule.works) {
      const own = chart.bars.filter((bar) => bar.work.id === work.id);
      for (const zone of work.zones) {
        const row = chart.rows.find(({ id }) => id === zone);
        const covered = own.some(({ y, height }) => row && y <= row.y + row.height / 2 && y + height >= row.y + row.height / 2);
        expect([work.id, zone, covered]).toEqual([work.id, zone, true]);
      }
      for (const bar of own) expect(bar.x).toBeGreaterThanOrEqual(xOf(axis, work.start) - 1e-6);
    }
  });

  test('the first bar of each step carries its name, and no row is outside the chart', () => {
    for (const work of schedule.works) expect(chart.bars.some((bar) => bar.work.id === work.id && bar.first)).toBe(true);
    expect(Math.max(...chart.bars.map(({ y, height }) => y + height))).toBeLessThanOrEqual(chart.height);
  });

  test('what works alone is a line from its end to when it is done', () => {
    const waits = schedule.works.filter(({ end, alone }) => alone - end >= 15 * 60_000);
    expect(chart.lines).toHaveLength(waits.reduce((sum, { zones }) => sum + zones.length, 0));
  });
});

test('by person nobody has two bars at the same time', () => {
  const { rows, bars } = byPerson(schedule, axis);
  expect(rows.map(({ name }) => name)).toEqual(DEMO_SHOP.people.map(({ name }) => name).sort());
  for (const { y, height } of rows) {
    const own = bars.filter((bar) => bar.y >= y && bar.y < y + height).sort((a, b) => a.x - b.x);
    // Bars of a few minutes are drawn wide enough to be seen.
    expect(own.every(({ x }, i) => i === 0 || x >= (own[i - 1]?.x ?? 0) - 1e-6)).toBe(true);
  }
});

test('by job each job has its own rows, one below the other', () => {
  const own = byJob(week, axis);
  expect(own.rows.map(({ name }) => name)).toEqual([tug.name, trailer.name]);
  expect(own.rows[1]?.y).toBe((own.rows[0]?.y ?? 0) + (own.rows[0]?.height ?? 0));
  expect(own.bars.filter(({ work }) => work.job === 'trailer').every(({ y }) => y >= (own.rows[1]?.y ?? 0))).toBe(true);
});
