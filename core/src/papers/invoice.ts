import type { Plan } from '../model/plan.ts';
import type { CostLine, Pricing, Sums } from '../model/quote.ts';
import type { Shop } from '../model/shop.ts';
import type { Run } from '../record/fold-run.ts';
import { wasteLabel } from '../sheet/waste-streams.ts';
import { groupBy } from '../units/group-by.ts';
import { sum } from '../units/sum.ts';
import { agreedLines, agreedSums, type Agreed } from './agreed.ts';
import { currencyOf, toMinor } from './money.ts';

const MINUTE = 60_000;

/** One kind of cost: what was agreed, and what it came to. */
export interface InvoiceLine extends CostLine {
  /** as the book has it, in the unit of the line; null: it has no amount */
  readonly done: number | null;
  /** what it cost, in the smallest unit of the currency */
  readonly real: number;
  /** where that comes from, in words */
  readonly from: string;
}

/** What an invoice is written from: quote and additions against the book. */
export interface InvoiceBasis {
  readonly job: string;
  readonly pricing: Pricing;
  readonly lines: readonly InvoiceLine[];
  readonly sums: Sums;
  /** what all of it cost */
  readonly real: number;
  /** what stays of what was agreed, as planned and as it was */
  readonly margin: { readonly planned: number; readonly real: number };
  /** each paper with its own total */
  readonly papers: readonly { readonly says: string; readonly total: number }[];
}

/** @param plan of the job as it is now @param run of it; null: it was not started */
export function invoiceBasis(agreed: Agreed, plan: Plan, run: Run | null, shop: Shop): InvoiceBasis {
  const lines = agreedLines(agreed).map((line): InvoiceLine => ({ ...line, ...realOf(line, plan, run, shop) }));
  const sums = agreedSums(agreed);
  const real = sum(lines, (line) => line.real);
  return {
    job: agreed.quote.job,
    pricing: agreed.quote.pricing,
    lines,
    sums,
    real,
    margin: { planned: sums.taxed - sums.cost, real: sums.taxed - real },
    papers: [
      { says: `Quote, ${agreed.variant.name.toLowerCase()}`, total: agreed.variant.sums.total },
      ...agreed.additions.map(({ why, sums: own }, i) => ({ says: `Addition ${i + 1}: ${why}`, total: own.total })),
    ],
  };
}

type Real = Pick<InvoiceLine, 'done' | 'real' | 'from'>;

function realOf(line: CostLine, plan: Plan, run: Run | null, shop: Shop): Real {
  const currency = currencyOf(shop.currency);
  if (run !== null && line.kind === 'hands') {
    const { minutes, says } = handsDone(run);
    return { done: minutes, real: toMinor((minutes / 60) * shop.labourRate, currency), from: says };
  }
  if (run !== null && line.kind === 'waste') {
    const weighed = [...run.counted.values()].filter(({ of }) => of === 'waste');
    const rest = plan.waste.filter((stream) => !weighed.some(({ item }) => item === wasteLabel(stream)));
    const kg = sum(weighed, ({ amount }) => amount) + sum(rest, ({ mass }) => mass);
    if (weighed.length > 0)
      return {
        done: kg,
        real: toMinor(kg * shop.paperwork.wasteRate, currency),
        from: rest.length === 0 ? 'weighed' : `weighed; ${rest.length} of ${plan.waste.length} as planned`,
      };
  }
  if (run !== null && line.kind === 'materials') {
    const more = materialMore(plan, run);
    if (more.known > 0)
      return { done: null, real: line.cost + toMinor(more.cost, currency), from: `${more.known} of ${plan.kit.length} by weight or count` };
  }
  return { done: line.amount, real: line.cost, from: 'as agreed' };
}

/** min of hands of all that is done; what was only ticked off counts as planned. */
function handsDone({ works, plan }: Run): { readonly minutes: number; readonly says: string } {
  const planned = new Map(plan.works.map(({ id, hand }) => [id, hand]));
  const done = [...works.values()];
  const ticked = done.filter(({ worked }) => worked === 0);
  const minutes = sum(done, ({ work, worked }) => (worked > 0 ? worked / MINUTE : (planned.get(work) ?? 0)));
  return {
    minutes,
    says: ticked.length === 0 ? 'by the clock of the bench' : `by the clock; ${ticked.length} of ${done.length} steps ticked off, as planned`,
  };
}

/** What weighed cans and counted pieces cost more than they were planned at; in the currency. */
function materialMore({ kit }: Plan, run: Run): { readonly cost: number; readonly known: number } {
  const grams = new Map<string, { used: number; planned: number }>();
  const steps = new Map(run.plan.works.map((own) => [own.operation, own]));
  for (const { operation, product, before, after } of run.used) {
    if (before === null || after === null) continue;
    const own = grams.get(product) ?? { used: 0, planned: 0 };
    own.used += Math.max(0, before - after);
    own.planned += steps.get(operation)?.grams ?? 0;
    grams.set(product, own);
  }
  const more = [...groupBy(kit, ({ name }) => name)].flatMap(([name, lines]) => {
    const [price, need] = [sum(lines, (line) => line.price ?? 0), sum(lines, (line) => line.need ?? 0)];
    if (need === 0) return [];
    const weighed = grams.get(name);
    const counted = run.counted.get(`kit ${name}`);
    if (weighed && weighed.planned > 0) return [price * (weighed.used / weighed.planned - 1)];
    return counted ? [price * (counted.amount / need - 1)] : [];
  });
  return { cost: sum(more, (one) => one), known: more.length };
}
