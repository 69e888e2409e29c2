import {
  additionTo,
  CATALOGUE,
  certificateOf,
  chooseForJob,
  debrief,
  foldRun,
  invoiceBasis,
  ledgerEntry,
  orderSheets,
  planJob,
  quoteOf,
  scopeOf,
  tradeOrders,
  workPackOf,
  safetySheet,
  shownSchedule,
  type Addition,
  type Agreed,
  type Certificate,
  type Debrief,
  type InvoiceBasis,
  type Job,
  type JobChoice,
  type LedgerEntry,
  type OfferTerms,
  type OrderSheet,
  type Plan,
  type PracticeRun,
  type Quote,
  type SafetySheet,
  type Schedule,
  type Shop,
  type StoredEvent,
  type ToQuote,
  type TradeOrder,
  type WorkPack,
} from '@lift-bare/core';
import { figuresOf, type ListFigures } from './list-figures.ts';

/** ms after which the choice for a whole job is answered with the best found and its gap. */
const CHOOSE_LIMIT = 3000;

export interface OfJob {
  readonly job: Job;
  readonly shop: Shop;
}

/** All that takes long, each from what it is given alone: it can be done on any thread. */
export interface Tasks {
  plan(of: OfJob): Plan;
  figures(of: OfJob): ListFigures;
  choose(of: OfJob): JobChoice;
  orders(of: OfJob): OrderSheet[];
  schedule(of: { readonly jobs: readonly { readonly id: string; readonly job: Job }[]; readonly shop: Shop; readonly now: number }): Schedule;
  quote(of: ToQuote): Quote;
  /** What the job now adds to what was agreed, at the margin, discount and tax of then. */
  addition(of: ToQuote & { readonly agreed: Agreed; readonly why: string }): Addition;
  invoice(of: OfJob & { readonly agreed: Agreed; readonly events: readonly StoredEvent[] }): InvoiceBasis;
  /** null: the job was not started */
  certificate(of: OfJob & { readonly version: number; readonly events: readonly StoredEvent[]; readonly now: number }): Certificate | null;
  /** @param of at: ISO date of the last answer */
  ledger(of: OfJob & { readonly agreed: Agreed; readonly at: string; readonly events: readonly StoredEvent[] }): LedgerEntry;
  trades(of: OfJob): TradeOrder[];
  workPack(of: OfJob & { readonly now: number }): WorkPack;
  debrief(of: { readonly run: PracticeRun; readonly shop: Shop }): Debrief;
  /** @param of now: ms from which the hazards go by days; null: by stage */
  safety(of: OfJob & { readonly today: string; readonly now: number | null }): SafetySheet;
}

export const TASKS: Tasks = {
  plan: ({ job, shop }) => planJob(job, shop, CATALOGUE),
  figures: ({ job, shop }) => figuresOf(job, planJob(job, shop, CATALOGUE)),
  choose: ({ job, shop }) => chooseWithin(CHOOSE_LIMIT, job, shop),
  orders: ({ job, shop }) => orderSheets(job, shop, planJob(job, shop, CATALOGUE), CATALOGUE),
  schedule: ({ jobs, shop, now }) =>
    shownSchedule(
      jobs.map(({ id, job }) => ({ id, job, operations: planJob(job, shop, CATALOGUE).operations })),
      shop,
      now,
    ),
  quote: (of) => quoteOf(of, CATALOGUE),
  addition: ({ agreed, why, ...of }) => {
    const [shop, terms] = agreedTerms(of, agreed);
    const quote = quoteOf({ ...of, shop, terms }, CATALOGUE);
    const [now] = quote.variants;
    if (!now) throw new RangeError('a quote has no variant');
    return additionTo(agreed, { quote, now, why });
  },
  invoice: ({ job, shop, agreed, events }) => invoiceBasis(agreed, planJob(job, shop, CATALOGUE), foldRun(events), shop),
  certificate: ({ job, shop, version, events, now }) => {
    const run = foldRun(events);
    if (run === null) return null;
    const plan = planJob(job, shop, CATALOGUE);
    return certificateOf({ job, version, plan, shop, run, now }, scopeOf(job, plan), CATALOGUE);
  },
  ledger: ({ job, shop, agreed, at, events }) => ledgerEntry(agreed, at, planJob(job, shop, CATALOGUE), foldRun(events), shop),
  trades: ({ job, shop }) => tradeOrders(job, shop, planJob(job, shop, CATALOGUE), CATALOGUE),
  workPack: ({ job, shop, now }) => workPackOf(job, shop, now, CATALOGUE),
  debrief: ({ run, shop }) => debrief(run, shop),
  safety: ({ job, shop, today, now }) => {
    const plan = planJob(job, shop, CATALOGUE);
    const works = now === null ? null : shownSchedule([{ id: 'job', job, operations: plan.operations }], shop, now).works;
    return safetySheet(job, shop, plan, today, works);
  },
};

/** Shop and terms with the pricing that was agreed; the work itself is as it is now. */
function agreedTerms({ shop, terms }: Pick<ToQuote, 'shop' | 'terms'>, { quote }: Agreed): [Shop, OfferTerms] {
  const { margin, discount, tax, currency } = quote.pricing;
  return [
    { ...shop, currency, paperwork: { ...shop.paperwork, ...tax } },
    { ...terms, options: [], margin, discount },
  ];
}

function chooseWithin(limit: number, job: Job, shop: Shop): JobChoice {
  const end = performance.now() + limit;
  const search = chooseForJob(job, shop, CATALOGUE);
  let step = search.next();
  while (!step.done) step = search.next(performance.now() > end);
  return step.value;
}
