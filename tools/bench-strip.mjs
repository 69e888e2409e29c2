import { spawn } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Bench } from 'tinybench';
import { root } from './run.mjs';

const PORT = 4176;

/** A zone with six layers that takes up to eight rounds of the fast stripper. */
function sixLayers(core) {
  const job = structuredClone(core.DEMO_JOBS[0]);
  const [part] = job.parts.filter(({ substrate }) => substrate.startsWith('mild-steel'));
  const [zone] = part.zones;
  const coatings = ['epoxy-2k', 'surfacer-2k', 'alkyd-enamel', 'alkyd-enamel', 'basecoat', 'clear-2k'];
  const stack = coatings.map((coating, i) => ({ id: `six${i}`, coating, thickness: 30 + 5 * i, state: 'sound', origin: 'refinish' }));
  const only = { ...part, zones: [{ ...zone, stack, target: { kind: 'bare' }, choice: null }] };
  return core.gatherFacts({ ...job, parts: [only] }, core.DEMO_SHOP, core.CATALOGUE)[0];
}

/** One closed-form plan and 10,000 draws of a stack of six layers, with the memory that the draws take. */
export async function stripModel(core) {
  const facts = sixLayers(core);
  const { stripper } = core.CATALOGUE.methods['chem.fast-solvent'];
  const setting = core.dwellSetting(facts, stripper);
  const rounds = core.planRounds(setting.films, core.roundTerms(facts, setting));
  const bench = new Bench({ time: 500 });
  bench.add('plan', () => void core.planStrip(facts, stripper));
  await bench.run();
  const until = core.curveEnd(setting, core.timeThrough(setting.films));
  const before = process.memoryUsage().arrayBuffers;
  let held = 0;
  const draw = () => {
    const work = core.forecast(setting, rounds, { draws: 10_000, seed: 1, until });
    let step = work.next();
    held ||= process.memoryUsage().arrayBuffers - before;
    while (!step.done) step = work.next();
    return step.value;
  };
  const spans = Array.from({ length: 5 }, () => {
    const start = performance.now();
    draw();
    return performance.now() - start;
  }).sort((a, b) => a - b);
  const { rounds: shares } = draw();
  const most = shares.findLastIndex((share) => share >= 0.01) + 1;
  return [
    { measured: 'strip plan of a 6-layer stack', value: `${bench.tasks[0].result.latency.p50.toFixed(3)} ms median, ${rounds.length} rounds` },
    {
      measured: `10,000 draws, 6 layers, up to ${most} rounds`,
      value: `${spans[2].toFixed(0)} ms median, ${(held / 2 ** 20).toFixed(1)} MB of typed arrays held`,
    },
  ];
}

/** From a tap posted to all of 20 screens having heard it, with 200 sections on the bench. */
export async function benchTrip(core) {
  const data = mkdtempSync(join(tmpdir(), 'lift-bare-bench-'));
  const server = spawn('node', ['server/dist/main.js'], { cwd: root, env: { ...process.env, LIFT_BARE_PORT: String(PORT), LIFT_BARE_DATA: data } });
  await new Promise((done) => server.stdout.on('data', (text) => String(text).includes('http') && done()));
  const url = `http://127.0.0.1:${PORT}/api/v1/timers`;
  const screens = [];
  try {
    const issued = issuedSections(core, 200);
    for (let i = 0; i < issued.length; i += 100) await post(url, issued.slice(i, i + 100));
    for (let i = 0; i < 20; i++) screens.push(await listen(`${url}/stream`));
    const spans = [];
    for (const [i, { timer }] of issued.entries()) {
      const id = `tap${i}`;
      const start = performance.now();
      const heard = screens.map((screen) => screen.hear(id));
      await post(url, [{ ...blank, id, timer, kind: 'laid-on', at: new Date().toISOString() }]);
      await Promise.all(heard);
      spans.push(performance.now() - start);
    }
    spans.sort((a, b) => a - b);
    return {
      measured: 'timer event to all of 20 screens, 200 sections on the bench',
      value: `${spans[100].toFixed(1)} ms median, ${spans[190].toFixed(1)} ms p95`,
    };
  } finally {
    for (const screen of screens) screen.close();
    server.kill();
  }
}

const blank = { by: 'bench', target: null, note: '', issued: null };

function issuedSections(core, count) {
  const facts = sixLayers(core);
  const method = core.CATALOGUE.methods['chem.fast-solvent'];
  const option = { strip: core.planStrip(facts, method.stripper).plan, findings: [] };
  const [section] = core.issueSections('demo-1', facts, option, method);
  return Array.from({ length: count }, (_, i) => ({
    ...blank,
    id: `issue${i}`,
    timer: `timer${i}`,
    kind: 'issued',
    at: new Date().toISOString(),
    issued: { ...section, section: core.sectionName(i) },
  }));
}

async function post(url, events) {
  const answer = await fetch(`${url}/events`, { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify({ events }) });
  const { refused } = await answer.json();
  if (!answer.ok || refused.length > 0) throw new Error(`the bench refused: ${JSON.stringify(refused)}`);
}

/** A screen on the live feed that says when it has heard of an event. */
async function listen(url) {
  const stop = new AbortController();
  const reader = (await fetch(url, { signal: stop.signal })).body.getReader();
  const decoder = new TextDecoder();
  const waiting = new Map();
  void (async () => {
    for (;;) {
      const { value, done } = await reader.read();
      if (done) return;
      const text = decoder.decode(value, { stream: true });
      for (const [id, tell] of waiting) if (text.includes(`"${id}"`)) tell();
    }
  })().catch(() => undefined);
  const hear = (id) =>
    new Promise((done) =>
      waiting.set(id, () => {
        waiting.delete(id);
        done();
      }),
    );
  return { hear, close: () => stop.abort() };
}
