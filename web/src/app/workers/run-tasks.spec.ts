import { DEMO_JOBS, DEMO_SHOP, type Job, type JobChoice } from '@lift-bare/core';
import type { Order, Report } from './messages';
import { taskRunner } from './run-tasks';

const job = DEMO_JOBS[0] as Job;

/** A runner whose clock jumps by a slice at every look, so that it reports at every step. */
function runner(step: number) {
  const reports: Report[] = [];
  let time = 0;
  let turn: (() => void) | null = null;
  const handle = taskRunner((report) => reports.push(report), {
    now: () => (time += step),
    yieldTurn: () => new Promise((done) => (turn = done)),
  });
  const settle = async (): Promise<void> => {
    for (let i = 0; i < 20; i += 1) await Promise.resolve();
  };
  return {
    reports,
    send: async (order: Order) => {
      handle(order);
      await settle();
    },
    nextTurn: async () => {
      const go = turn;
      turn = null;
      go?.();
      await settle();
    },
    waits: () => turn !== null,
  };
}

const start = (id: number): Order => ({ kind: 'start', id, task: 'kit', input: { job, shop: DEMO_SHOP } });

test('a task reports while it runs and answers at its end', async () => {
  const { send, nextTurn, reports, waits } = runner(60);
  await send(start(1));
  while (waits()) await nextTurn();
  expect(reports.at(-1)).toMatchObject({ kind: 'done', id: 1 });
  expect(reports.filter(({ kind }) => kind === 'progress').length).toBeGreaterThan(2);
});

test('a dropped task says nothing more', async () => {
  const { send, nextTurn, reports, waits } = runner(60);
  await send(start(1));
  await send({ kind: 'drop', id: 1 });
  const heard = reports.length;
  await nextTurn();
  expect(waits()).toBe(false);
  expect(reports).toHaveLength(heard);
});

test('a search that takes too long, or is stopped, answers with the best it has', async () => {
  const { send, nextTurn, reports, waits } = runner(9000);
  await send({ kind: 'start', id: 4, task: 'choose', input: { job, shop: DEMO_SHOP } });
  await send({ kind: 'stop', id: 4 });
  while (waits()) await nextTurn();
  const last = reports.at(-1) as { kind: string; value: JobChoice };
  expect(last.kind).toBe('done');
  expect(last.value.sets[0]?.methods).toHaveLength(job.parts.flatMap(({ zones }) => zones).length);
});

test('trouble in a task is told, and the next one still runs', async () => {
  const { send, reports } = runner(0);
  await send({
    kind: 'start',
    id: 7,
    task: 'compare',
    input: { jobs: [{ name: 'broken', document: null as never }], before: DEMO_SHOP, after: DEMO_SHOP },
  });
  expect(reports.at(-1)).toMatchObject({ kind: 'failed', id: 7 });
  await send({ kind: 'start', id: 8, task: 'compare', input: { jobs: [{ name: job.name, document: job }], before: DEMO_SHOP, after: DEMO_SHOP } });
  expect(reports.at(-1)).toEqual({ kind: 'done', id: 8, value: [] });
});

test('a switch of a school tells the jobs that it changes', async () => {
  const { send, reports } = runner(0);
  const after = { ...DEMO_SHOP, schools: { ...DEMO_SHOP.schools, P1: 'etch-surfacer' as const } };
  await send({
    kind: 'start',
    id: 1,
    task: 'compare',
    input: { jobs: DEMO_JOBS.map((document) => ({ name: document.name, document })), before: DEMO_SHOP, after },
  });
  const { value } = reports.at(-1) as unknown as { value: { name: string; differences: { what: string }[] }[] };
  expect(value.map(({ name }) => name)).toContain('Baggage tug 14');
  expect(value[0]?.differences.map(({ what }) => what)).toContain('primer');
});

test('zone questions are answered from the same core', async () => {
  const { send, reports } = runner(0);
  const zoneId = job.parts[1]?.zones[0]?.id ?? '';
  await send({ kind: 'start', id: 1, task: 'openings', input: { job, shop: DEMO_SHOP, zoneId, method: 'chem.dcm' } });
  expect(JSON.stringify(reports.at(-1))).toContain('lawful use');
  await send({ kind: 'start', id: 3, task: 'breakEven', input: { job, shop: DEMO_SHOP, zoneId: 'gone' } });
  expect(reports.at(-1)).toEqual({ kind: 'done', id: 3, value: [] });
});
