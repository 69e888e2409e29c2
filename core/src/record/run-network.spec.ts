import { NOON } from '../../testing/bench-sample.ts';
import { ISSUED, networkIn, operationOf, OPERATIONS, PLAN, runOf, said, TRAILER, worked } from '../../testing/run-sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { DEMO_SHOP } from '../demo/demo-jobs.ts';
import type { BenchEvent } from '../model/bench.ts';
import { RunEntry } from '../model/run.ts';
import { NO_EXPERIENCE } from '../model/test-patch.ts';
import { planJob } from '../plan-job.ts';
import { planSchedule } from '../schedule/plan-schedule.ts';
import { issuedPlan } from './book.ts';
import { foldRun } from './fold-run.ts';
import { learnPace } from './learn-pace.ts';
import { usesOf } from './own-pace.ts';
import { runClocks } from './run-clocks.ts';

const MINUTE = 60_000;
const at = (minutes: number): number => NOON + minutes * MINUTE;
const clocksOf = (...events: BenchEvent[]) => {
  const run = runOf(...events);
  return runClocks(networkIn(run), run, new Map());
};

describe('pieces and mixes', () => {
  const inPieces = planSchedule([{ id: 'trailer', job: TRAILER, operations: OPERATIONS }], DEMO_SHOP, 0);
  const issued = issuedPlan({ name: 'Trailer', version: 1, catalogue: 'mark' }, 'trailer', PLAN, inPieces, 19);

  test.each([
    ['whole', ISSUED],
    ['in pieces', issued],
  ])('the bench has the very steps that were issued, %s', (_, plan) => {
    const run = foldRun([said(-1, { what: 'started', job: 'trailer', plan })]);
    const steps = run ? networkIn(run).activities.map(({ id }) => id) : [];
    expect(steps.sort()).toEqual(plan.works.map(({ id }) => id).sort());
  });

  test('take as much paint as the whole would', () => {
    const gramsOf = ({ works }: typeof ISSUED, product: string) => works.reduce((all, own) => all + (own.product === product ? own.grams : 0), 0);
    expect(issued.works.some(({ id, grams }) => /:1of2$/.test(id) && grams > 0)).toBe(true);
    for (const product of new Set(ISSUED.works.flatMap(({ grams, product: name }) => (grams > 0 ? [name] : []))))
      expect(Math.abs(gramsOf(issued, product) / gramsOf(ISSUED, product) - 1)).toBeLessThan(0.01);
  });
});

test('what dries may go on once it is seen dry, not before where it is seen wet, and the next plan waits as long', () => {
  const dry = operationOf('dry');
  const plan = [...ISSUED.works].find(({ operation }) => operation === dry.id);
  const ended = worked(plan?.id ?? '', 0, 10, plan?.zones);
  const look = (minutes: number, isDry: boolean) =>
    said(minutes, { what: 'dried', work: plan?.id ?? '', item: dry.title, planned: dry.wait, own: 1, dry: isDry });
  const clockOf = (...events: BenchEvent[]) => clocksOf(...ended, ...events).find(({ after }) => after === dry.title);
  expect(dry.wait).toBeGreaterThan(5);
  expect(clockOf()).toMatchObject({ opens: at(10) + Math.ceil(dry.wait) * MINUTE, dries: { work: plan?.id, planned: dry.wait, own: 1 } });
  expect(clockOf(look(40, false))?.opens).toBe(at(40) + 0.25 * dry.wait * MINUTE);
  expect(clockOf(look(40, false), look(44, true))?.opens).toBe(at(44));
  expect(usesOf(runOf(...ended, look(40, false)))).toEqual([]);
  const uses = usesOf(runOf(...ended, look(40, false), look(10 + 3 * dry.wait, true)));
  expect(uses).toMatchObject([{ of: 'drying', product: dry.title, planned: dry.wait, done: expect.closeTo(3 * dry.wait, 3) }]);
  const { operations } = planJob(TRAILER, { ...DEMO_SHOP, experience: { ...NO_EXPERIENCE, uses } }, CATALOGUE);
  const { factor } = learnPace(uses);
  expect(factor).toBeGreaterThan(1.2);
  for (const [i, own] of operations.entries()) {
    const is = own.kind === 'dry' && own.title === dry.title;
    expect(own.wait).toBeCloseTo((OPERATIONS[i]?.wait ?? 0) * (is ? factor : 1), 9);
    expect(own.drying?.factor).toBe(is && own.wait > 0 ? factor : undefined);
  }
});

test.each([
  ['planned', 0, /0/],
  ['own', 0, /0/],
  ['item', '', /1/],
  ['item', 'x'.repeat(121), /120/],
  ['dry', 'yes', /boolean/],
] as const)('%s of %p is refused where it is', (field, value, reason) => {
  const entry = { what: 'dried', work: 'a', item: 'D', planned: 0.1, own: 0.1, dry: true };
  expect(RunEntry.safeParse(entry).success).toBe(true);
  expect(RunEntry.safeParse({ ...entry, [field]: value }).error?.issues).toMatchObject([{ path: [field], message: expect.stringMatching(reason) }]);
});
