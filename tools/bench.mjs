import { gzipSync } from 'node:zlib';
import { mkdtempSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { spawn } from 'node:child_process';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Bench } from 'tinybench';
import { blastWork, shellFile } from './bench-blast.mjs';
import { benchTrip, stripModel } from './bench-strip.mjs';
import { build } from './build.mjs';
import { root } from './run.mjs';
import { findChromium, installReference } from './setup.mjs';

const PORT = 4173;

/** The demo zones over and over, as one job of `count` zones. */
function jobOf(core, count) {
  const parts = core.DEMO_JOBS.flatMap((job) => job.parts);
  const zones = Array.from({ length: count }, (_, i) => {
    const part = parts[i % parts.length];
    return { ...part, id: `p${i}`, zones: [{ ...part.zones[0], id: `z${i}` }] };
  });
  return { ...core.DEMO_JOBS[0], parts: zones };
}

async function planning(core) {
  const bench = new Bench({ time: 700 });
  for (const count of [1, 10, 50]) {
    const job = jobOf(core, count);
    const zones = `${count} ${count === 1 ? 'zone' : 'zones'}`;
    bench.add(`planJob from nothing, ${zones}`, () => void core.planJob(structuredClone(job), core.DEMO_SHOP, core.CATALOGUE));
    let film = 20;
    bench.add(`planJob after an edit of one zone, ${zones}`, () => {
      const [first, ...rest] = job.parts;
      const [zone] = first.zones;
      const [layer, ...above] = zone.stack;
      film = film === 20 ? 21 : 20;
      const parts = [{ ...first, zones: [{ ...zone, stack: [{ ...layer, thickness: film }, ...above] }] }, ...rest];
      core.planJob({ ...job, parts }, core.DEMO_SHOP, core.CATALOGUE);
    });
  }
  await bench.run();
  return bench.tasks.map(({ name, result }) => ({
    measured: name,
    value: `${result.latency.p50.toFixed(2)} ms median, ${result.latency.p99.toFixed(2)} ms p99`,
  }));
}

/** Median time of some runs, ms. */
function timed(runs, work) {
  const spans = Array.from({ length: runs }, (_, i) => {
    const start = performance.now();
    work(i);
    return performance.now() - start;
  }).sort((a, b) => a - b);
  return spans[Math.floor(runs / 2)];
}

/** Every rule about a method on 500 zones and all methods. */
async function verdicts(core) {
  const { rulesFor } = core;
  const { judge } = await import('../core/dist/rules/rule.js');
  const { planStrip } = await import('../core/dist/chemical/strip-plan.js');
  const methods = Object.values(core.CATALOGUE.methods);
  let findings = 0;
  const span = timed(7, () => {
    findings = 0;
    for (const zone of core.gatherFacts(jobOf(core, 500), core.DEMO_SHOP, core.CATALOGUE))
      for (const method of methods) {
        const strip = method.family === 'chem' ? planStrip(zone, method.stripper) : null;
        findings += judge(rulesFor(method), { zone, method, strip }, zone.path).length;
      }
  });
  return { measured: `verdicts, 500 zones x ${methods.length} methods`, value: `${span.toFixed(0)} ms median, ${findings} findings` };
}

/** A schedule of the demo jobs, of 50 zones and of a shop full of jobs, at once and after some time of search. */
function scheduling(core) {
  const { firstSchedule, searchSchedule } = core;
  const now = new Date(2026, 10, 30, 7).getTime();
  const work = (id, job, shop) => ({ id, job, operations: core.planJob(job, shop, core.CATALOGUE).operations });
  const alone = { ...core.DEMO_SHOP, people: [] };
  const many = jobOf(core, 50);
  const cases = [
    ['the tug, one person', [work('a', core.DEMO_JOBS[0], alone)], alone],
    ['50 zones, three people', [work('a', many, core.DEMO_SHOP)], core.DEMO_SHOP],
    ['12 jobs, three people', Array.from({ length: 12 }, (_, i) => work(`j${i}`, core.DEMO_JOBS[i % 4], core.DEMO_SHOP)), core.DEMO_SHOP],
    ['10 jobs of 30 zones, three people', Array.from({ length: 10 }, (_, i) => work(`j${i}`, jobOf(core, 30), core.DEMO_SHOP)), core.DEMO_SHOP],
    ['four demo jobs, three people', core.DEMO_JOBS.map((job, i) => work(`j${i}`, job, core.DEMO_SHOP)), core.DEMO_SHOP],
  ];
  const gap = ({ problem, draft, bound }) => {
    const end = Math.max(...draft.placed.map((own) => own?.end ?? Infinity));
    return `${((100 * (end - bound)) / Math.max(1, bound - problem.from[0])).toFixed(1)} % from the bound, ${draft.broken.length} windows broken`;
  };
  return cases.map(([name, works, shop]) => {
    let first = null;
    const instant = timed(5, () => searchSchedule(works, shop, now, null).next());
    const span = timed(3, () => (first = firstSchedule(works, shop, now)));
    const searched = gapsAfter(searchSchedule(works, shop, now, { rounds: Infinity, laid: Infinity, seed: 1 }), gap);
    const count = first.problem.network.activities.length;
    return {
      measured: `schedule, ${name} (${count} activities)`,
      value: `first ${instant.toFixed(0)} ms; ${span.toFixed(0)} ms for ${gap(first)}; searched ${searched}; heap ${heapMb()} MB`,
    };
  });
}

/** s of search after which the gap to the bound is read. */
const LOOKS = [0.5, 2, 10];

/** The gap of the best so far after some times of search; ended sooner where it is proven. */
function gapsAfter(search, gap) {
  const start = performance.now();
  const read = [];
  let step = search.next();
  for (const seconds of LOOKS) {
    while (!step.done && performance.now() - start < 1000 * seconds) step = search.next();
    read.push(`${seconds} s: ${gap(step.value)}`);
    if (step.done) break;
  }
  return read.join('; ');
}

const heapMb = () => (process.memoryUsage().heapUsed / 2 ** 20).toFixed(0);

/** The tug worked by one person in one go, against the soonest end that the exact solver proves. */
async function exactly(core) {
  if (!(await installReference())) return [];
  const { exactEnd } = await import('../reference/exact.mjs');
  const alone = { ...core.DEMO_SHOP, people: [] };
  const [job] = core.DEMO_JOBS;
  const now = new Date(2026, 10, 30, 7).getTime();
  const { problem, draft } = core.firstSchedule([{ id: 'a', job, operations: core.planJob(job, alone, core.CATALOGUE).operations }], alone, now);
  const end = Math.max(...draft.placed.map((own) => own?.end ?? Infinity));
  const { status, end: best } = await exactEnd(problem, 1.3 * end, 60);
  return [
    {
      measured: 'schedule of the tug against the exact solver',
      value: `${(100 * (end / best - 1)).toFixed(2)} % later than its best, ${status.toLowerCase()}`,
    },
  ];
}

/** Made-up choices with 8 options a zone and 6 shared costs, from a fixed sequence of numbers. */
function portfolioOf(zones) {
  let seed = 12345;
  const next = (most) => (seed = (seed * 1103515245 + 12345) % 2147483648) % most;
  return {
    shared: Array.from({ length: 6 }, (_, s) => ({
      id: `s${s}`,
      name: `s${s}`,
      fixed: 60 + 10 * zones + next(200),
      minimum: s < 2 ? 20 * zones + next(300) : 0,
    })),
    zones: Array.from({ length: zones }, (_, z) => ({
      id: `z${z}`,
      options: Array.from({ length: 8 }, (_, o) => {
        const cost = 60 + next(160);
        const uses = o < 2 ? [] : [next(6)];
        return { key: `o${o}`, cost: uses.length > 0 ? cost * 0.8 : cost, uses, charge: uses.some((s) => s < 2) ? cost * 0.4 : 0 };
      }),
    })),
  };
}

function portfolios({ searchPortfolio }) {
  return [10, 30, 60].map((zones) => {
    const start = performance.now();
    const search = searchPortfolio(portfolioOf(zones));
    let step = search.next();
    let report = step.value;
    while (!step.done && performance.now() - start < 5000) {
      step = search.next();
      report = step.value;
    }
    const span = performance.now() - start;
    const gap = (100 * (report.cost - report.bound)) / report.cost;
    return {
      measured: `portfolio, ${zones} zones x 8 options, 6 shared costs`,
      value: `${span.toFixed(0)} ms, ${report.proven ? 'proven' : `gap ${gap.toFixed(2)} %`}, ${report.nodes} nodes`,
    };
  });
}

/** Every substrate x method x finish, from the bare surface to the topcoat. */
async function combinations(core) {
  const { combinationsOf } = await import('../core/dist/build/combinations.js');
  const [first] = jobOf(core, 1).parts;
  const job = {
    ...jobOf(core, 1),
    parts: core.SubstrateId.options.map((substrate, i) => ({ ...first, id: `s${i}`, substrate, zones: [{ ...first.zones[0], id: `z${i}` }] })),
  };
  let outcomes = [];
  const span = timed(5, () => {
    outcomes = core.gatherFacts(job, core.DEMO_SHOP, core.CATALOGUE).flatMap((zone) => combinationsOf(zone, core.CATALOGUE));
  });
  const count = (kind) => outcomes.filter(({ outcome }) => outcome.kind === kind).length;
  return {
    measured: `${outcomes.length} combinations of substrate, method and finish`,
    value: `${span.toFixed(0)} ms median, ${count('hole')} holes, ${count('broken')} broken needs`,
  };
}

/** The orders of work of the demo jobs, done over again line by line by the checker that knows nothing of the planner. */
async function orders(core) {
  const { checkSequence } = await import('../core/dist/sequence/check-sequence.js');
  const lines = core.DEMO_JOBS.map((job) => core.planJob(job, core.DEMO_SHOP, core.CATALOGUE).operations);
  const broken = lines.reduce((sum, operations) => sum + checkSequence(operations).length, 0);
  return { measured: `order of ${lines.flat().length} steps of ${lines.length} demo jobs`, value: `${broken} broken needs` };
}

function coldPlan() {
  const script =
    "const t=performance.now();const c=await import('@lift-bare/core');c.planJob(c.DEMO_JOBS[0],c.DEMO_SHOP,c.CATALOGUE);console.log((performance.now()-t).toFixed(0))";
  return new Promise((done) => {
    const child = spawn('node', ['--input-type=module', '-e', script], { cwd: join(root, 'server') });
    child.stdout.on('data', (text) => done({ measured: 'cold start to first plan (Node)', value: `${String(text).trim()} ms` }));
  });
}

/** Scripts that the first page loads before it shows anything: those named in it and all that they import at once, gzip. */
function bundle() {
  const folder = join(root, 'web/dist/browser');
  const html = readFileSync(join(folder, 'index.html'), 'utf8');
  const files = new Set(readdirSync(folder).filter((name) => name.endsWith('.js') && html.includes(name)));
  for (const name of files)
    for (const [, imported] of readFileSync(join(folder, name), 'utf8').matchAll(/(?:from|import)\s*"\.\/(chunk-[A-Z0-9]+\.js)"/g))
      files.add(imported);
  const size = [...files].reduce((sum, name) => sum + gzipSync(readFileSync(join(folder, name))).byteLength, 0);
  return { measured: 'initial JavaScript, gzip', value: `${(size / 1024).toFixed(0)} kB in ${files.size} files` };
}

async function browser() {
  const path = await findChromium();
  if (!path) return [];
  const { chromium } = await import('@playwright/test');
  const data = mkdtempSync(join(tmpdir(), 'lift-bare-bench-'));
  const started = performance.now();
  const server = spawn('node', ['server/dist/main.js'], { cwd: root, env: { ...process.env, LIFT_BARE_PORT: String(PORT), LIFT_BARE_DATA: data } });
  await new Promise((done) => server.stdout.on('data', (text) => String(text).includes('http') && done()));
  const up = performance.now() - started;
  const chrome = await chromium.launch({
    executablePath: path,
    args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking', '--disable-component-update', '--disable-sync', '--no-first-run'],
  });
  try {
    const page = await chrome.newPage({ viewport: { width: 1280, height: 800 } });
    const open = performance.now();
    await page.goto(`http://127.0.0.1:${PORT}/`);
    await page.locator('a.open-job').first().waitFor();
    const load = performance.now() - open;
    const core = await import('../core/dist/index.js');
    await page.request.post(`http://127.0.0.1:${PORT}/api/v1/jobs`, { data: { id: 'fifty', document: jobOf(core, 50) } });
    return [
      { measured: 'server start with demo data', value: `${up.toFixed(0)} ms` },
      { measured: 'first load of the job list', value: `${load.toFixed(0)} ms` },
      await editing(page),
      await keeping(page),
      await opening(page),
      await switching(page),
      await fronting(page),
      await dropping(page),
    ];
  } finally {
    await chrome.close();
    server.kill();
  }
}

/** The first zone of the job of 50 zones, planned. */
async function openFifty(page) {
  await page.goto(`http://127.0.0.1:${PORT}/jobs/fifty/intake?zone=z1`);
  await page
    .getByLabel(/^Thickness of layer/)
    .first()
    .waitFor();
  await page.waitForTimeout(1500);
}

/** What the page holds after 100 edits, against what it held after the first 20. */
async function keeping(page) {
  const browser = await page.context().newCDPSession(page);
  const held = async () => {
    await browser.send('HeapProfiler.collectGarbage');
    return (await browser.send('Runtime.getHeapUsage')).usedSize / 2 ** 20;
  };
  const edit = (from, to) =>
    page.evaluate(
      async ([first, last]) => {
        const input = document.querySelector('lb-stack-editor lb-quantity input');
        for (let i = first; i < last; i++) {
          input.value = String(40 + (i % 50));
          input.dispatchEvent(new Event('input', { bubbles: true }));
          // Each a step of undo of its own.
          input.dispatchEvent(new Event('blur', { bubbles: true }));
          await new Promise((done) => setTimeout(done, 150));
        }
      },
      [from, to],
    );
  await edit(0, 20);
  const before = await held();
  await edit(20, 120);
  return { measured: 'heap of the page after 20 edits, and after 100 more', value: `${before.toFixed(1)} MB, ${(await held()).toFixed(1)} MB` };
}

/** From one stage to another that was seen before, to the next painted frame, with 50 zones. */
async function switching(page) {
  await openFifty(page);
  const go = async (stage) => {
    const span = await page.evaluate(async (to) => {
      const start = performance.now();
      document.querySelector(`a[href*="/jobs/fifty/${to}"]`).click();
      await new Promise((done) => requestAnimationFrame(() => setTimeout(done)));
      return performance.now() - start;
    }, stage);
    await page.waitForTimeout(1000);
    return span;
  };
  const spans = {};
  for (const stage of ['method', 'strip', 'bare', 'build', 'safety', 'time', 'run-sheet', 'papers']) {
    await go(stage);
    await go('intake');
    spans[stage] = await go(stage);
    await go('intake');
  }
  return {
    measured: 'stage switch, 50 zones',
    value: Object.entries(spans)
      .map(([stage, span]) => `${stage} ${span.toFixed(0)}`)
      .join(', ')
      .concat(' ms'),
  };
}

/** Longest task on the main thread while a job of 50 zones is opened, planned and its best set searched for in the worker. */
async function opening(page) {
  await page.addInitScript(() => {
    window.longest = 0;
    window.planned = 0;
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries()) if (entry.startTime > 800) window.longest = Math.max(window.longest, entry.duration);
    }).observe({ type: 'longtask', buffered: true });
  });
  await page.goto(`http://127.0.0.1:${PORT}/jobs/fifty/method`);
  const start = Date.now();
  await page.getByRole('button', { name: /this set/i }).waitFor({ timeout: 30_000 });
  const span = Date.now() - start;
  return {
    measured: 'best set for a job of 50 zones on screen',
    value: `${span} ms; longest task ${(await page.evaluate(() => window.longest)).toFixed(0)} ms (0: none over 50)`,
  };
}

/** From opening the front of a zone to its band of 10,000 draws, and the longest task meanwhile. */
async function fronting(page) {
  await page.goto(`http://127.0.0.1:${PORT}/jobs/demo-1/strip?zone=tug-22`);
  await page.getByRole('link', { name: 'Front' }).waitFor();
  await page.waitForTimeout(1000);
  await page.evaluate(() => (window.longest = 0));
  const start = Date.now();
  await page.getByRole('link', { name: 'Front' }).click();
  await page.getByText('of 10,000 draws').waitFor();
  const span = Date.now() - start;
  const slide = await page.evaluate(async () => {
    const slider = document.querySelector('lb-dwell-view input[type=range]');
    const spans = [];
    for (let i = 0; i < 20; i++) {
      const begun = performance.now();
      slider.value = String(i / 20);
      slider.dispatchEvent(new Event('input', { bubbles: true }));
      await new Promise((done) => requestAnimationFrame(() => setTimeout(done)));
      spans.push(performance.now() - begun);
    }
    return spans.sort((a, b) => a - b)[10];
  });
  const longest = await page.evaluate(() => window.longest);
  return {
    measured: 'front with its band on screen, then the slider',
    value: `${span} ms, ${slide.toFixed(0)} ms a move; longest task ${longest.toFixed(0)} ms (0: none over 50)`,
  };
}

/** A mesh of 200,000 triangles from the choice of the file to its figures, and the longest task meanwhile. */
async function dropping(page) {
  const { bytes, count } = shellFile(200_000);
  const file = join(mkdtempSync(join(tmpdir(), 'lift-bare-mesh-')), 'shell.stl');
  writeFileSync(file, bytes);
  await page.goto(`http://127.0.0.1:${PORT}/jobs/demo-4/intake?zone=buggy-2`);
  await page.getByLabel('Mesh file').waitFor({ state: 'attached' });
  await page.waitForTimeout(1500);
  await page.evaluate(() => (window.longest = 0));
  const start = Date.now();
  await page.getByLabel('Mesh file').setInputFiles(file);
  await page.getByText(`${count.toLocaleString('en')} triangles`).waitFor();
  const span = Date.now() - start;
  await page.waitForTimeout(500);
  const longest = await page.evaluate(() => window.longest);
  return { measured: `mesh of ${count} triangles on screen`, value: `${span} ms; longest task ${longest.toFixed(0)} ms (0: none over 50)` };
}

/** From a keystroke in a thickness field to the next painted frame, with 50 zones; and the longest task meanwhile. */
async function editing(page) {
  await openFifty(page);
  const times = await page.evaluate(async () => {
    const longest = [];
    new PerformanceObserver((list) => longest.push(...list.getEntries().map((entry) => entry.duration))).observe({ type: 'longtask' });
    const input = document.querySelector('lb-stack-editor lb-quantity input');
    const spans = [];
    for (let i = 0; i < 20; i++) {
      const start = performance.now();
      input.value = String(40 + i);
      input.dispatchEvent(new Event('input', { bubbles: true }));
      await new Promise((done) => requestAnimationFrame(() => setTimeout(done)));
      spans.push(performance.now() - start);
      await new Promise((done) => setTimeout(done, 60));
    }
    return { spans: spans.sort((a, b) => a - b), longest: Math.max(0, ...longest) };
  });
  return {
    measured: 'edit to new plan on screen, 50 zones',
    value: `${times.spans[10].toFixed(0)} ms median, ${times.spans[19].toFixed(0)} ms worst; longest task ${times.longest.toFixed(0)} ms (0: none over 50)`,
  };
}

await build();
const core = await import('../core/dist/index.js');
console.table([
  ...(await planning(core)),
  await verdicts(core),
  ...portfolios(core),
  ...scheduling(core),
  ...(await exactly(core)),
  ...(await stripModel(core)),
  await benchTrip(core),
  ...(await blastWork(core, core.gatherFacts(jobOf(core, 500), core.DEMO_SHOP, core.CATALOGUE))),
  await combinations(core),
  await orders(core),
  await coldPlan(),
  bundle(),
  ...(await browser()),
]);
