import assert from 'node:assert/strict';
import { test } from 'node:test';
import { CATALOGUE, DEMO_JOBS, DEMO_SHOP, planJob } from '../core/dist/index.js';
import { boundOf } from '../core/dist/schedule/bound.js';
import { checkSchedule } from '../core/dist/schedule/check-schedule.js';
import { linksOf } from '../core/dist/schedule/propagate.js';
import { firstDraft, firstSchedule, improve } from '../core/dist/schedule/search.js';
import { exactEnd } from './exact.mjs';
import { madeUp } from './generate.mjs';

/** s that the solver has for one problem; where it does not prove its best by then, its best counts. */
const PATIENCE = 20;
const ROUNDS = 400;
/** Activities up to which the end has to be the proven one; above, within a fiftieth. */
const SMALL = 20;
const NEAR = 1.02;
/** The horizon of the solver, against the end that was found. */
const ROOM = 1.3;
const MONDAY = new Date(2026, 10, 30, 7).getTime();

const endOf = ({ placed }) => Math.max(...placed.map((own) => own?.end ?? Infinity));
const worthOf = (draft) => [draft.broken.length + draft.placed.filter((own) => !own).length, 0, endOf(draft), 0];

/** Searches until the end that is wanted is found, or the rounds are over. */
function searched(problem, links, first, wanted) {
  const search = improve(problem, links, first, worthOf, { rounds: ROUNDS, laid: Infinity, seed: 2 });
  let step = search.next();
  while (!step.done) step = search.next(step.value.draft.broken.length === 0 && endOf(step.value.draft) <= wanted);
  return step.value.draft;
}

const sizeOf = (seed) => (seed <= 20 ? 15 : seed <= 45 ? 40 : 100);

for (let seed = 1; seed <= 60; seed++)
  test(`made-up job ${seed}: kept whenever it can be, and as soon as proven or nearly`, async () => {
    const problem = madeUp(seed, sizeOf(seed), 1 + (seed % 3));
    const links = linksOf(problem.network);
    const first = firstDraft(problem, links, worthOf, boundOf(problem, links));
    const { end: best } = await exactEnd(problem, ROOM * endOf(first.draft), PATIENCE);
    if (best === null) {
      // The solver proves that no schedule keeps every window by then.
      assert.notEqual(first.draft.broken.length, 0);
      return;
    }
    const wanted = problem.network.activities.length <= SMALL ? best : best * NEAR;
    const draft = searched(problem, links, first, wanted);
    assert.deepEqual(checkSchedule(problem, draft.placed), []);
    assert.ok(endOf(draft) <= wanted, `${endOf(draft)} where ${best} is the best`);
    assert.ok(boundOf(problem, links) <= best + 1e-6, `bound ${boundOf(problem, links)} is above ${best}`);
  });

/** Work of one person that is not broken off, so that solver and schedule have the same task. */
for (const at of [0, 3])
  test(`${DEMO_JOBS[at].name}: as soon as proven, with every window kept`, async () => {
    const shop = { ...DEMO_SHOP, people: [] };
    const job = DEMO_JOBS[at];
    const found = firstSchedule([{ id: 'job', job, operations: planJob(job, shop, CATALOGUE).operations }], shop, MONDAY);
    assert.deepEqual(found.draft.broken, []);
    const { end } = await exactEnd(found.problem, ROOM * endOf(found.draft), 60);
    assert.ok(end !== null && endOf(found.draft) <= end * NEAR, `${endOf(found.draft)} where ${end} is the best`);
  });
