import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { pathToFileURL } from 'node:url';
import { DEMO_JOBS, DEMO_SHOP, type Job, type Shop } from '@lift-bare/core';
import Sqlite from 'better-sqlite3';
import { threadPlanner } from '../planning/planner.ts';

/** The server as it is built: what only a process of its own can show. */
const DIST = resolve(__dirname, '../../dist');
const job = DEMO_JOBS[0] as Job;
const large: Job = {
  ...job,
  parts: Array.from({ length: 60 }, (_, p) => {
    const part = job.parts[p % job.parts.length] as Job['parts'][number];
    return { ...part, id: `p${p}`, zones: part.zones.map((zone, z) => ({ ...zone, id: `p${p}z${z}` })) };
  }),
};

describe('planning on threads', () => {
  const worker = pathToFileURL(join(DIST, 'planning/planner-worker.js'));

  test('plans as here, and leaves this thread free meanwhile', async () => {
    const planner = threadPlanner(worker);
    let turns = 0;
    const turning = setInterval(() => (turns += 1), 5);
    const plan = await planner.run('plan', { job: large, shop: DEMO_SHOP });
    clearInterval(turning);
    expect(plan.zones).toHaveLength(large.parts.flatMap(({ zones }) => zones).length);
    expect(turns).toBeGreaterThan(10);
    await planner.close();
  });

  test('ends what takes too long, whatever it is at, says so, and goes on with the next', async () => {
    const planner = threadPlanner(worker, 40);
    await expect(planner.run('choose', { job: large, shop: DEMO_SHOP })).rejects.toMatchObject({ status: 503 });
    await planner.close();
    const patient = threadPlanner(worker);
    const gone = new AbortController();
    const asked = patient.run('choose', { job: large, shop: DEMO_SHOP }, gone.signal);
    gone.abort();
    await expect(asked).rejects.toThrow();
    expect((await patient.run('figures', { job, shop: DEMO_SHOP as Shop })).zones).toBe(10);
    await patient.close();
  });
});

test('killed at any moment it loses nothing that it has acknowledged', async () => {
  const data = mkdtempSync(join(tmpdir(), 'lift-bare-'));
  let acknowledged = 1;
  for (let round = 0; round < 6; round++) {
    const { address, server } = await start(data);
    const { version, document } = await ask<{ version: number; document: Job }>(`${address}/api/v1/jobs/demo-1`);
    expect(version).toBeGreaterThanOrEqual(acknowledged);
    acknowledged = version;
    const dies = setTimeout(() => server.kill('SIGKILL'), 100 + 130 * round);
    for (let i = 0; ; i++) {
      const sent = { version: acknowledged, document: { ...document, notes: `round ${round}, ${i}` } };
      const saved = await ask<{ version: number }>(`${address}/api/v1/jobs/demo-1`, sent).catch(() => null);
      if (!saved) break;
      acknowledged = saved.version;
    }
    clearTimeout(dies);
    server.kill('SIGKILL');
    await new Promise((ended) => (server.exitCode !== null || server.signalCode !== null ? ended(null) : server.once('exit', ended)));
  }
  expect(acknowledged).toBeGreaterThan(6);
  const left = new Sqlite(join(data, 'lift-bare.sqlite'), { readonly: true });
  expect(left.prepare(`SELECT version FROM jobs WHERE id = 'demo-1'`).pluck().get()).toBeGreaterThanOrEqual(acknowledged);
  expect(left.pragma('integrity_check', { simple: true })).toBe('ok');
  left.close();
}, 120_000);

/** Listens on a port of its own, and tells where. */
function start(data: string): Promise<{ address: string; server: ChildProcess }> {
  const environment = { ...process.env, LIFT_BARE_PORT: '0', LIFT_BARE_DATA: data, LIFT_BARE_PROBE: 'none' };
  const server = spawn('node', [join(DIST, 'main.js')], { env: environment, stdio: ['ignore', 'pipe', 'inherit'] });
  return new Promise((started, failed) => {
    let said = '';
    server.stdout?.on('data', (text: Buffer) => {
      said += text.toString();
      const [address] = /http:\S+/.exec(said) ?? [];
      if (address) started({ address, server });
    });
    server.once('exit', () => failed(new Error(`it ended: ${said}`)));
  });
}

async function ask<T>(address: string, put?: object): Promise<T> {
  const response = await fetch(address, put && { method: 'PUT', headers: { 'content-type': 'application/json' }, body: JSON.stringify(put) });
  if (!response.ok) throw new Error(String(response.status));
  return (await response.json()) as T;
}
