import { CATALOGUE, DEFAULT_SHOP, DEMO_JOBS, DEMO_SHOP, planJob, type Job } from '@lift-bare/core';
import request from 'supertest';
import { readSettings } from '../settings.ts';
import { testApp } from '../testing/test-app.ts';

const job = DEMO_JOBS[2] as Job;

let app: Awaited<ReturnType<typeof testApp>>;
beforeEach(async () => {
  app = await testApp();
});
afterEach(() => app.close());
const call = () => request(app.app);

test('planning is the core, with the sent shop or the saved one', async () => {
  const sent = await call().post('/api/v1/plan').send({ job, shop: DEMO_SHOP }).expect(200);
  expect(sent.body).toEqual(JSON.parse(JSON.stringify(planJob(job, DEMO_SHOP, CATALOGUE))));
  const dear = { ...DEFAULT_SHOP, labourRate: 200 };
  await call().put('/api/v1/shop').send({ version: 0, document: dear }).expect(200);
  const saved = await call().post('/api/v1/plan').send({ job }).expect(200);
  expect(saved.body.totals.wages).toBeCloseTo(planJob(job, dear, CATALOGUE).totals.wages, 6);
});

test('the choice for a whole job is the core, proven, and keeps pins', async () => {
  const [part] = job.parts;
  const [zone] = part?.zones ?? [];
  const pinned = {
    ...job,
    parts: job.parts.map((p) => ({
      ...p,
      zones: p.zones.map((z) => (z.id === zone?.id ? { ...z, choice: { method: 'mech.hand-wet', reason: '' } } : z)),
    })),
  };
  const { body } = await call().post('/api/v1/choose').send({ job: pinned, shop: DEMO_SHOP }).expect(200);
  expect(body.proven).toBe(true);
  expect(body.sets[0].methods).toHaveLength(job.parts.flatMap(({ zones }) => zones).length);
  expect(body.sets[0].methods[0]).toMatchObject({ zone: zone?.id, method: 'mech.hand-wet' });
  expect(
    (
      await call()
        .post('/api/v1/choose')
        .send({ job: { ...job, parts: 'none' } })
        .expect(422)
    ).body.issues[0].path,
  ).toEqual(['job', 'parts']);
});

test("the shop's own products reach the plan; a wrong one says which figure", async () => {
  const row = { id: 'own.gel', base: 'chem.slow-gel', name: 'House gel', note: '', figures: { price: 3 } };
  const shop = { ...DEMO_SHOP, ownRows: [row] };
  const { body } = await call().post('/api/v1/plan').send({ job, shop }).expect(200);
  expect(body.zones[0].options.map(({ method }: { method: string }) => method)).toContain('own.gel');
  const wrong = await call()
    .put('/api/v1/shop')
    .send({ version: 0, document: { ...shop, ownRows: [{ ...row, figures: { wetFilm: -1 } }] } })
    .expect(422);
  expect(wrong.body.issues[0].path).toEqual(['document', 'ownRows', 0, 'figures', 'wetFilm']);
});

test('planning a wrong document says where it is wrong', async () => {
  const { body } = await call()
    .post('/api/v1/plan')
    .send({ job: { ...job, format: 'x' } })
    .expect(422);
  expect(body.issues[0].path).toEqual(['job', 'format']);
});

test('a data sheet with crossed points is refused with its place, and the profile stays as it was', async () => {
  const row = { id: 'own.gloss', name: 'House gloss', base: 'solid-2k', note: '', figures: { recoatMin: 240, secondAt: 30, secondRecoat: 300 } };
  const { body } = await call()
    .put('/api/v1/shop')
    .send({ version: 0, document: { ...DEMO_SHOP, ownRows: [row] } })
    .expect(422);
  expect(JSON.stringify(body)).toMatch(/secondRecoat.*the points are crossed/);
  expect((await call().get('/api/v1/shop')).body).toEqual({ version: 0, document: DEFAULT_SHOP });
});

test('films wanted, a picked system and two colours travel through the plan; a share of 100 % is refused', async () => {
  const [part, ...others] = job.parts as [(typeof job.parts)[number]];
  const [zone, ...zones] = part.zones as [(typeof part.zones)[number]];
  const colour = (name: string) => ({ name, coat: 'basecoat', dark: false });
  const withDesign = (share: number) => ({
    ...job,
    parts: [
      {
        ...part,
        zones: [
          { ...zone, films: { 'epoxy-2k': 90 }, design: { kind: 'two-colour', colours: [colour('sand'), colour('moss')], share, line: 2 } },
          ...zones,
        ],
      },
      ...others,
    ],
  });
  const { body } = await call()
    .post('/api/v1/plan')
    .send({ job: withDesign(40), shop: DEMO_SHOP })
    .expect(200);
  const build = body.plan?.zones?.[0]?.build ?? body.zones?.[0]?.build;
  expect(build.design).toMatchObject({ line: 2, kind: 'two-colour' });
  const refused = await call()
    .post('/api/v1/plan')
    .send({ job: withDesign(100), shop: DEMO_SHOP })
    .expect(422);
  expect(JSON.stringify(refused.body)).toContain('between 0 and 100 %');
});

test('the shop profile has versions like a job', async () => {
  expect((await call().get('/api/v1/shop')).body).toEqual({ version: 0, document: DEFAULT_SHOP });
  await call().put('/api/v1/shop').send({ version: 0, document: DEMO_SHOP }).expect(200);
  await call().put('/api/v1/shop').send({ version: 0, document: DEFAULT_SHOP }).expect(409);
  expect((await call().get('/api/v1/shop')).body).toEqual({ version: 1, document: DEMO_SHOP });
});

test('descriptions: catalogue with provenance, JSON Schema, OpenAPI, health', async () => {
  expect((await call().get('/api/v1/catalogue')).body.coatings['alkyd-enamel'].softening.caustic).toEqual({
    value: 6,
    basis: expect.objectContaining({ kind: 'assumption' }),
  });
  expect(JSON.parse((await call().get('/api/v1/schema/job')).text)).toMatchObject({
    type: 'object',
    properties: { format: { const: 'lift-bare.job/4' } },
  });
  const { paths } = (await call().get('/api/v1/openapi.json')).body;
  expect(Object.keys(paths)).toEqual(expect.arrayContaining(['/api/v1/jobs', '/api/v1/jobs/{id}', '/api/v1/plan', '/api/v1/shop']));
  expect((await call().get('/api/v1/health')).body).toEqual({ status: 'ok', trouble: null, jobs: 0 });
});

test('open to the network only with a passphrase, and then only to those who know it', async () => {
  expect(() => readSettings({ LIFT_BARE_HOST: '0.0.0.0' }, '/')).toThrow('LIFT_BARE_PASSPHRASE');
  expect(() => readSettings({ LIFT_BARE_HOST: '0.0.0.0', LIFT_BARE_PASSPHRASE: ' '.repeat(12) }, '/')).toThrow('at least 8');
  expect(() => readSettings({ LIFT_BARE_CERT: 'a.pem' }, '/')).toThrow('LIFT_BARE_KEY');
  expect(readSettings({}, '/').host).toBe('127.0.0.1');
  const locked = await testApp({ passphrase: 'red lead and linseed' });
  await request(locked.app).get('/api/v1/health').expect(401);
  await request(locked.app).get('/api/v1/health').auth('any', 'wrong').expect(401);
  await request(locked.app).get('/api/v1/health').auth('any', 'red lead and linseed').expect(200);
  await locked.close();
});
