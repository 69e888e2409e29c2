import { CpModel, CpSolver } from 'or-tools-wasm/cp-sat';

/**
 * The soonest end of a problem as the constraint solver proves it, or the best that it finds in so many seconds. Work is not broken off; whoever works
 * is closed outside his spells.
 * @param horizon min by which it has to be over
 */
export async function exactEnd({ network, crew, may, from }, horizon, seconds) {
  const model = new CpModel();
  const until = Math.ceil(horizon);
  const fixed = (a, b) => model.newFixedSizeIntervalVar(model.newConstant(a), b - a, '');
  const lines = crew.map(({ spells }) => closedOf(spells, until).map(([a, b]) => fixed(a, b)));
  const plants = new Map();
  const starts = [];
  const ends = [];
  network.activities.forEach(({ hand, plant }, i) => {
    const start = model.newIntVar(Math.ceil(from[i]), until, '');
    const end = model.newIntVar(0, until, '');
    model.addLinearConstraint(end.minus(start), hand, hand);
    starts.push(start);
    ends.push(end);
    if (hand === 0) return;
    const by = may[i].map((worker) => [worker, model.newBoolVar('')]);
    model.addExactlyOne(by.map(([, literal]) => literal));
    for (const [worker, literal] of by) lines[worker].push(model.newOptionalIntervalVar(start, hand, end, literal, ''));
    if (plant) plants.set(plant, [...(plants.get(plant) ?? []), model.newIntervalVar(start, hand, end, '')]);
  });
  for (const line of [...lines, ...plants.values()]) model.addNoOverlap(line);
  for (const { from: a, to: b, least, most } of network.spans) model.addLinearConstraint(starts[b].minus(ends[a]), least, most ?? until);
  const end = model.newIntVar(0, until, '');
  model.addMaxEquality(end, ends);
  model.minimize(end);
  const solver = new CpSolver();
  const status = solver.statusName(await solver.solve(model, { numSearchWorkers: 1, maxTimeInSeconds: seconds }));
  const found = status === 'OPTIMAL' || status === 'FEASIBLE';
  return { status, end: found ? solver.value(end) : null };
}

/** Where somebody does not work, from 0 on. */
function closedOf(spells, until) {
  const closed = [];
  let at = 0;
  for (const { from, to } of spells) {
    if (from >= until) break;
    if (from > at) closed.push([at, from]);
    at = to;
  }
  if (at < until) closed.push([at, until]);
  return closed;
}
