import { DEMO_JOBS } from '@lift-bare/core';
import request from 'supertest';
import { testApp } from '../testing/test-app.ts';
import { GuessLimit } from './guess-limit.ts';

const PASSPHRASE = 'red lead and linseed';
const HEALTH = '/api/v1/health';

let app: Awaited<ReturnType<typeof testApp>>;
afterEach(() => app.close());
const call = () => request(app.app);

describe('whose page asks', () => {
  beforeEach(async () => {
    app = await testApp();
  });

  test.each([
    ['127.0.0.1:4170', 200],
    ['localhost:4170', 200],
    ['192.168.4.20:4170', 200],
    ['[::1]:4170', 200],
    ['evil.example', 403],
    ['127.0.0.1.evil.example', 403],
    ['', 403],
  ])('under the name “%s”: %i', (host, status) => call().get(HEALTH).set('Host', host).expect(status));

  test('a change that another site asks for is refused, from where and however', async () => {
    await app.jobs.create('tug', DEMO_JOBS[0] as (typeof DEMO_JOBS)[number]);
    const restore = () => call().post('/api/v1/jobs/tug/restore').set('Host', '127.0.0.1:4170');
    await restore().set('Origin', 'http://evil.example').expect(403);
    await restore().set('Origin', 'null').expect(403);
    await restore().set('Sec-Fetch-Site', 'cross-site').expect(403);
    await restore().set('Sec-Fetch-Site', 'same-site').expect(403);
    await restore().set('Origin', 'http://127.0.0.1:4170').expect(200);
    await restore().expect(200);
  });
});

describe('the passphrase', () => {
  beforeEach(async () => {
    app = await testApp({ passphrase: PASSPHRASE });
  });
  const signIn = (passphrase: string) => call().post('/sign-in').type('form').send({ passphrase });

  test('is asked for on a page; whoever knows it stays signed in by a cookie that no script reads', async () => {
    await call().get('/jobs/tug/intake').set('Accept', 'text/html').expect(303).expect('Location', '/sign-in');
    expect((await call().get('/sign-in').expect(200)).text).toContain('Passphrase of the workshop');
    const response = await signIn(PASSPHRASE).expect(303);
    const [cookie] = response.get('Set-Cookie') ?? [];
    expect(cookie).toMatch(/HttpOnly.*SameSite=Strict/);
    const session = cookie?.split(';')[0] ?? '';
    await call().get(HEALTH).set('Cookie', session).expect(200);
    await call().get(HEALTH).set('Cookie', `${session}x`).expect(401);
    const [until] = session.replace('lift-bare=', '').split('.');
    await call()
      .get(HEALTH)
      .set('Cookie', session.replace(String(until), String(Number(until) + 1)))
      .expect(401);
    app.setTime(Number(until) + 1);
    await call().get(HEALTH).set('Cookie', session).expect(401);
  });

  test('guessing costs more and more time, a slip of the finger none', async () => {
    for (let i = 0; i < 4; i++) await signIn('guess').expect(401);
    await signIn('guess').expect(401);
    expect((await signIn(PASSPHRASE).expect(429)).text).toContain('wait');
    await call().get(HEALTH).auth('any', PASSPHRASE).expect(429).expect('Retry-After', '2');
    await call().get(HEALTH).expect(401);
  });
});

test('the wait doubles with each wrong guess up to a quarter of an hour, by address, and a right one ends it', async () => {
  app = await testApp();
  const limit = new GuessLimit();
  const waits = Array.from({ length: 20 }, () => {
    limit.missed('a', 0);
    return limit.waits('a', 0) / 1000;
  });
  expect(waits.slice(0, 8)).toEqual([0, 0, 0, 0, 2, 4, 8, 16]);
  expect(waits.at(-1)).toBe(900);
  expect(limit.waits('b', 0)).toBe(0);
  expect(limit.waits('a', 901_000)).toBe(0);
  limit.hit('a');
  limit.missed('a', 0);
  expect(limit.waits('a', 0)).toBe(0);
});
