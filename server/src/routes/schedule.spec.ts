import { DEMO_JOBS, DEMO_SHOP, Schedule, type Job } from '@lift-bare/core';
import ICAL from 'ical.js';
import request from 'supertest';
import { testApp } from '../testing/test-app.ts';

const [tug, , trailer] = DEMO_JOBS as [Job, Job, Job];
const NOW = '2026-11-30T07:00:00.000Z';
const asked = { jobs: [{ id: 'tug', job: tug }], shop: DEMO_SHOP, now: NOW };

let app: Awaited<ReturnType<typeof testApp>>;
beforeEach(async () => {
  app = await testApp();
});
afterEach(() => app.close());
const post = (path: string, body: unknown) =>
  request(app.app)
    .post(`/api/v1/schedule${path}`)
    .send(body as object);

test('jobs are laid out on the calendar of the sent shop, or of the saved one', async () => {
  const { body } = await post('', asked).expect(200);
  const schedule = Schedule.parse(body);
  expect(schedule.windows.every(({ kept }) => kept)).toBe(true);
  expect(schedule.works.every(({ start }) => start >= Date.parse(NOW))).toBe(true);
  const alone = await post('', { jobs: asked.jobs, now: NOW }).expect(200);
  expect(Schedule.parse(alone.body).works.flatMap(({ people }) => people)).toContain('one person');
});

test.each([
  ['person', undefined],
  ['part', undefined],
  ['plant', undefined],
  ['person', '2026-11-30'],
])('the days by %s as PDF with page numbers', async (by, day) => {
  const { body, headers } = await post('/pdf', { ...asked, by, ...(day === undefined ? {} : { day }) }).expect(200);
  expect(headers['content-type']).toContain('application/pdf');
  const text = (body as Buffer).toString('latin1');
  expect(text.startsWith('%PDF-')).toBe(true);
  const pages = Number(/\/Count (\d+)/.exec(text)?.[1]);
  expect(pages).toBeGreaterThan(0);
  if (day !== undefined) expect(pages).toBeLessThanOrEqual(3);
});

test('the same request is always answered with the same schedule', async () => {
  const [one, other] = [await post('', asked), await post('', asked)];
  expect(other.body).toEqual(one.body);
});

test('two jobs share the people', async () => {
  const { body } = await post('', { ...asked, jobs: [...asked.jobs, { id: 'trailer', job: trailer }] }).expect(200);
  const { works, jobs } = Schedule.parse(body);
  expect(jobs.map(({ job }) => job)).toEqual(['tug', 'trailer']);
  for (const person of DEMO_SHOP.people.map(({ name }) => name)) {
    const pieces = works
      .flatMap((work) => work.pieces.filter((piece) => piece.person === person && piece.to > piece.from))
      .sort((a, b) => a.from - b.from);
    expect(pieces.every(({ from }, i) => i === 0 || from >= (pieces[i - 1]?.to ?? 0))).toBe(true);
  }
}, 30_000);

test.each([
  ['no job', { ...asked, jobs: [] }, 'needs a job'],
  ['no time', { ...asked, now: 'soon' }, 'needs a date and time'],
  ['a due day that is none', { ...asked, jobs: [{ id: 'tug', job: { ...tug, due: 'Friday' } }] }, 'needs a date'],
])('%s is told at its place', async (_, body, reason) => {
  const answer = await post('', body).expect(422);
  expect(answer.body.issues.map((issue: { reason: string }) => issue.reason)).toContain(reason);
});

/** Read back by another parser of RFC 5545. */
test('the calendar file holds each stretch of hands of one person, and warns before windows close', async () => {
  const schedule = Schedule.parse((await post('', asked).expect(200)).body);
  const { text } = await post('/calendar', { ...asked, person: 'A. R.' })
    .expect(200)
    .expect('Content-Type', /text\/calendar/);
  const events = new ICAL.Component(ICAL.parse(text)).getAllSubcomponents('vevent').map((one) => new ICAL.Event(one));
  const work = events.filter(({ uid }) => !uid.includes('.window@'));
  const pieces = schedule.works.flatMap((one) => one.pieces.filter(({ person, from, to }) => person === 'A. R.' && to > from));
  expect(work.map(({ startDate }) => startDate.toJSDate().getTime()).sort()).toEqual(pieces.map(({ from }) => from).sort());
  expect(new Set(events.map(({ uid }) => uid)).size).toBe(events.length);
  const warnings = events.filter(({ uid }) => uid.includes('.window@'));
  expect(warnings.length).toBeGreaterThan(0);
  for (const { component } of warnings) {
    const trigger = component.getFirstSubcomponent('valarm')?.getFirstPropertyValue('trigger');
    expect(String(trigger)).toBe('-PT30M');
  }
});
