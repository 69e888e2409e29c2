import { CATALOGUE } from '../catalogue/catalogue.ts';
import { DEMO_JOBS, DEMO_SHOP } from '../demo/demo-jobs.ts';
import type { Job } from '../model/job.ts';
import type { Plan } from '../model/plan.ts';
import { planJob } from '../plan-job.ts';
import { planNews } from './plan-news.ts';

const [tug] = DEMO_JOBS as [Job];
const planOf = (job: Job): Plan => planJob(job, DEMO_SHOP, CATALOGUE);
const before = planOf(tug);

test('a laboratory result that opens discs tells the zones that take another method, and the question that is settled', () => {
  const tested: Job = {
    ...tug,
    parts: tug.parts.map((part) => ({
      ...part,
      zones: part.zones.map((zone) => ({ ...zone, condition: { ...zone.condition, lead: 'lab-clear' } })),
    })),
  };
  const after = planOf(tested);
  const news = planNews(before, after);
  const moved = after.zones.filter(({ zone, chosen }) => before.zones.find((own) => own.zone === zone)?.chosen?.key !== chosen?.key);
  expect(moved.length).toBeGreaterThan(0);
  expect(news?.methods).toEqual(moved);
  expect(news?.questions.after).toBeLessThan(news?.questions.before ?? 0);
  expect(news?.cost).toEqual({ before: before.totals.cost, after: after.totals.cost });
});

test('a note, or nothing, is no news; nor is what rounds away; a minute or half a unit of money is', () => {
  const by = (hand: number, cost: number): Plan => ({
    ...before,
    totals: { ...before.totals, hand: before.totals.hand + hand, cost: before.totals.cost + cost },
  });
  expect(planNews(before, planOf({ ...tug, notes: 'mind the dog' }))).toBeNull();
  expect(planNews(before, by(0.9, 0.4))).toBeNull();
  expect(planNews(before, by(-1, 0))?.hand.after).toBe(before.totals.hand - 1);
  expect(planNews(before, by(0, 0.5))).not.toBeNull();
});

test('one method, one question or one stop alone is news', () => {
  const [first, ...others] = before.zones as [Plan['zones'][number], ...Plan['zones']];
  const other = first.options.find(({ key }) => key !== first.chosen?.key) ?? null;
  expect(planNews(before, { ...before, zones: [{ ...first, chosen: other }, ...others] })?.methods).toHaveLength(1);
  const [question] = before.findings.filter(({ severity }) => severity === 'question');
  if (!question) throw new Error('the tug asks');
  const without = { ...before, findings: before.findings.filter((finding) => finding !== question) };
  expect(planNews(before, without)?.questions).toEqual({ before: 2, after: 1 });
  const stopped: Plan = { ...before, findings: [...before.findings, { ...question, severity: 'stop' }] };
  expect(planNews(before, stopped)?.stops).toEqual({ before: 0, after: 1 });
});

test('a part that is taken out, or comes in, is no change of method', () => {
  const [, ...rest] = tug.parts;
  const without = planOf({ ...tug, parts: rest });
  expect([planNews(before, without)?.methods, planNews(without, before)?.methods]).toEqual([[], []]);
});
