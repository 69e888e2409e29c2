import { CATALOGUE } from '../catalogue/catalogue.ts';
import { DEMO_JOBS, DEMO_SHOP } from '../demo/demo-jobs.ts';
import { Job, type Part, type Zone } from '../model/job.ts';
import { readWith } from '../model/read-document.ts';
import { planJob } from '../plan-job.ts';
import { planSchedule, shownSchedule } from '../schedule/plan-schedule.ts';
import { keepPlan, takePlan, withPlan } from './kept-plans.ts';
import { sideBySide, type PlanBeside } from './side-by-side.ts';

const TUG = DEMO_JOBS[0] as Job;
const NOW = new Date(2026, 10, 30, 7).getTime();
const named = (id: string, name = 'Plan A') => ({ id, name, at: '2026-11-30T07:00:00.000Z' });
const first = (job: Job): Zone => job.parts[0]?.zones[0] as Zone;
const withZone = (job: Job, change: Partial<Zone>): Job => ({
  ...job,
  parts: job.parts.map((part, i): Part => (i > 0 ? part : { ...part, zones: part.zones.map((zone, z) => (z > 0 ? zone : { ...zone, ...change })) })),
});

function compared(job: Job, options: Parameters<typeof sideBySide>[1] = []): PlanBeside[] {
  const search = sideBySide(job, options, DEMO_SHOP, CATALOGUE, NOW);
  let step = search.next();
  while (!step.done) step = search.next();
  return step.value;
}

describe('a kept plan', () => {
  test('is part of a valid job, and gives back what was decided when it was kept', () => {
    const kept = keepPlan(TUG, named('a'));
    expect(readWith(Job, { ...TUG, plans: [kept] }).ok).toBe(true);
    const changed = withZone({ ...TUG, finish: 'machine-enamel' }, { films: { 'epoxy-primer': 90 } as Zone['films'], sides: 'both' });
    expect(withPlan(changed, kept)).toEqual(TUG);
  });

  test('holds no knowledge: a test of tomorrow, layers and finds stay as they are', () => {
    const kept = keepPlan(TUG, named('a'));
    const tested = withZone(TUG, {
      condition: { ...first(TUG).condition, lead: 'lab-clear', crosscut: 1 },
      stack: first(TUG).stack.slice(0, 1),
      finds: [{ id: 'hole' }] as unknown as Zone['finds'],
    });
    expect(first(withPlan(tested, kept))).toEqual(first(tested));
  });

  test('a layer to stop at that is gone is not stopped at; parts that have come since stay', () => {
    const [layer] = first(TUG).stack;
    const kept = keepPlan(withZone(TUG, { target: { kind: 'down-to', layer: layer?.id ?? '' } }), named('a'));
    expect(first(withPlan(TUG, kept)).target).toEqual({ kind: 'down-to', layer: layer?.id });
    const without = withZone(TUG, { stack: first(TUG).stack.slice(1), target: { kind: 'keep' } });
    expect(first(withPlan(without, kept)).target).toEqual({ kind: 'keep' });
    const more = { ...TUG, parts: [...TUG.parts, { ...(TUG.parts[0] as Part), id: 'new', zones: [] }] };
    expect(withPlan(more, kept).parts.at(-1)?.id).toBe('new');
  });

  test('taken over it holds, and what held before is kept in its place: taken over again all is as it was', () => {
    const other = { ...TUG, finish: 'machine-enamel' as const, plans: [keepPlan(TUG, named('a'))] };
    const taken = takePlan(other, 'a', named('b', 'Before'));
    expect(taken.finish).toBe(TUG.finish);
    expect(taken.plans).toMatchObject([{ id: 'b', name: 'Before', finish: 'machine-enamel' }]);
    expect(takePlan(taken, 'b', named('a'))).toEqual(other);
    expect(takePlan(other, 'not there', named('b'))).toBe(other);
  });
});

describe('plans side by side', () => {
  const kept = { ...TUG, plans: [keepPlan(TUG, named('same')), keepPlan({ ...TUG, finish: 'machine-enamel' }, named('machine-enamel', 'Enamel'))] };
  const options = [{ id: 'less', name: 'Without the bonnet', change: { kind: 'without' as const, parts: [TUG.parts[0]?.id ?? ''] } }];
  const [now, same, enamel, less] = compared(kept, options) as [PlanBeside, PlanBeside, PlanBeside, PlanBeside];

  test('the plan that holds has the money, hands and dates of every other page', () => {
    const plan = planJob(TUG, DEMO_SHOP, CATALOGUE);
    const [dates] = shownSchedule([{ id: 'job', job: TUG, operations: plan.operations }], DEMO_SHOP, NOW).jobs;
    expect(now).toMatchObject({ id: null, kind: 'now', otherwise: [] });
    expect(now.figures).toMatchObject({ cost: plan.totals.cost, hand: plan.totals.hand, waste: plan.totals.waste, end: dates?.end });
    expect(now.figures.paid).toBeLessThan(now.figures.cost);
    expect(now.figures.methods.reduce((sum, { area }) => sum + area, 0)).toBeCloseTo(
      plan.zones.reduce((sum, { area }) => sum + area, 0),
      9,
    );
  });

  test('a plan kept without a change differs in nothing but perhaps its dates, which are laid out at once', () => {
    const { end, ...rest } = same.figures;
    expect(now.figures).toMatchObject({ ...rest, broken: now.figures.broken });
    const [atOnce] = planSchedule([{ id: 'job', job: TUG, operations: planJob(TUG, DEMO_SHOP, CATALOGUE).operations }], DEMO_SHOP, NOW).jobs;
    expect(end).toBe(atOnce?.end);
    expect(same.otherwise).toEqual([]);
  });

  test('another topcoat shows in its name and money, another scope in less hands and less waste', () => {
    expect(enamel.figures.finishes).not.toEqual(now.figures.finishes);
    expect(enamel.figures.cost).not.toBe(now.figures.cost);
    expect(less.kind).toBe('option');
    expect(less.figures.hand).toBeLessThan(now.figures.hand);
    expect(less.figures.waste).toBeLessThan(now.figures.waste);
  });

  test('a zone with another method is named with it', () => {
    const zone = planJob(TUG, DEMO_SHOP, CATALOGUE).zones[0];
    const other = zone?.options.find(({ key, verdict }) => key !== zone.chosen?.key && verdict !== 'ruled-out');
    const choice = { method: other?.method ?? '', at: other?.at ?? null, reason: '', by: 'hand' as const };
    const plans = [keepPlan(withZone(TUG, { choice: choice as Zone['choice'] }), named('other'))];
    expect(compared({ ...TUG, plans })[1]?.otherwise).toEqual([
      { zone: zone?.zone, name: `${zone?.partName}: ${zone?.zoneName}`, method: other?.name },
    ]);
  });

  test('hands behind a mask are counted, and those with air from a line among them', () => {
    const { masked, supplied, hand } = now.figures;
    const masks = planJob(TUG, DEMO_SHOP, CATALOGUE).operations.filter(({ protection }) => protection.some(({ guard }) => guard === 'breathing'));
    expect(masked).toBeCloseTo(
      masks.reduce((sum, own) => sum + own.hand, 0),
      6,
    );
    expect(masked).toBeGreaterThan(supplied);
    expect(supplied).toBeGreaterThan(0);
    expect(masked).toBeLessThanOrEqual(hand);
  });

  test('money to others, air from a line, questions and methods are those of the plan: a job with a contractor', () => {
    const buggy = DEMO_JOBS[3] as Job;
    const { operations, totals, findings, zones } = planJob(buggy, DEMO_SHOP, CATALOGUE);
    const [{ figures } = now] = compared(buggy);
    expect(totals.outside).toBeGreaterThan(0);
    expect(figures.paid).toBeCloseTo(totals.material + totals.outside, 9);
    const lined = operations.filter(({ protection }) => protection.some(({ says }) => says.startsWith('supplied air')));
    expect(figures.supplied).toBeCloseTo(
      lined.reduce((sum, { hand }) => sum + hand, 0),
      6,
    );
    expect(figures).toMatchObject({ questions: 2, stops: findings.filter(({ severity }) => severity === 'stop').length });
    const areas = figures.methods.map(({ area }) => area);
    expect(areas).toEqual([...areas].sort((a, b) => b - a));
    const [most] = figures.methods;
    expect(most?.area).toBeCloseTo(
      zones.filter(({ chosen }) => chosen?.name === most?.name).reduce((sum, { area }) => sum + area, 0),
      9,
    );
  });

  test('stopped it answers with the plans that are ready', () => {
    const search = sideBySide(kept, options, DEMO_SHOP, CATALOGUE, NOW);
    expect(search.next().value).toBe(0.25);
    expect(search.next(true)).toMatchObject({ done: true, value: [{ kind: 'now' }] });
  });
});
