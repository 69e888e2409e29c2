import { DEMO_JOBS, type PracticeEvent } from '@lift-bare/core';
import request from 'supertest';
import { testApp } from '../testing/test-app.ts';

let app: Awaited<ReturnType<typeof testApp>>;
beforeEach(async () => {
  app = await testApp();
});
afterEach(() => app.close());

const EVENTS: readonly PracticeEvent[] = [
  { at: 0, action: { does: 'lay-on', product: 'chem.fast-solvent', covered: true } },
  { at: 30, action: { does: 'scrape', blade: 'plastic' } },
  { at: 40, action: { does: 'give-up' } },
];
const run = (more: object = {}) => ({ choice: { kind: 'book', id: 'toolbox-lid' }, seed: 4, level: 1, events: EVENTS, ...more });
const put = (id: string, body: object) => request(app.app).put(`/api/v1/practice/runs/${id}`).send(body);
const list = async (query: string) => (await request(app.app).get(`/api/v1/practice/runs?${query}`).expect(200)).body;

test('a run is scored here, kept once, and listed by person and by class', async () => {
  const { body } = await put('r1', { person: 'Mara', run: run() }).expect(200);
  expect(body.score.comeBacks).toContain('unfinished');
  expect(body.book.score).toBeGreaterThan(body.score.score);
  await put('r1', { person: 'Mara', run: run({ seed: 9 }) }).expect(200);
  await put('r2', { person: 'Ivo', run: run() }).expect(200);
  await put('r3', { person: 'Ivo', run: run({ choice: { kind: 'drawn' }, seed: 5, events: [{ at: 1, action: { does: 'give-up' } }] }) }).expect(200);
  expect(await list('person=Mara')).toEqual([expect.objectContaining({ id: 'r1', case: 'toolbox-lid', seed: 4, level: 1, score: body.score.score })]);
  expect(await list('case=toolbox-lid&seed=4')).toHaveLength(2);
  expect(await list('')).toHaveLength(3);
  await request(app.app).delete('/api/v1/practice/runs?person=Ivo').expect(204);
  expect(await list('')).toHaveLength(1);
  await request(app.app).delete('/api/v1/practice/runs').expect(422);
});

test('what cannot be played says where and why, and is not kept', async () => {
  const wrong = async (more: object) => (await put('w', { person: 'Mara', run: run(more) }).expect(422)).body.issues[0];
  expect(await wrong({ choice: { kind: 'book', id: 'none' } })).toMatchObject({
    path: ['run', 'choice'],
    reason: expect.stringMatching(/no practice case/),
  });
  expect(await wrong({ events: [{ at: 0, action: { does: 'prime', primer: 'gold' } }] })).toMatchObject({ path: ['run', 'events'] });
  expect(await wrong({ level: 9 })).toMatchObject({ path: ['run', 'level'] });
  expect(await wrong({ choice: { kind: 'own', job: DEMO_JOBS[0], zone: 'gone' } })).toMatchObject({ path: ['run', 'choice'] });
  await put('w', { person: ' ', run: run() }).expect(422);
  expect((await put('no%20id', { person: 'Mara', run: run() }).expect(422)).body.issues[0]).toMatchObject({ path: ['id'] });
  expect(await list('')).toEqual([]);
});
