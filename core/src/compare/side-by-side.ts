import type { Catalogue } from '../catalogue/catalogue.ts';
import { groupBy } from '../units/group-by.ts';
import { sum } from '../units/sum.ts';
import type { Job } from '../model/job.ts';
import type { OfferOption } from '../model/offer.ts';
import { countFindings } from '../model/finding.ts';
import type { Plan, ZonePlan } from '../model/plan.ts';
import type { Shop } from '../model/shop.ts';
import { withOption } from '../papers/options.ts';
import { planJob } from '../plan-job.ts';
import { breathingNeed } from '../safety/respirators.ts';
import { planSchedule, shownSchedule } from '../schedule/plan-schedule.ts';
import { withPlan } from './kept-plans.ts';

/** A plan in figures. Its own money is what it costs the shop: materials as used, contractors, wages, waste left out. */
export interface PlanFigures {
  readonly cost: number;
  /** of it what is paid to others */
  readonly paid: number;
  /** min */
  readonly hand: number;
  /** ms; null: no day within the calendar */
  readonly end: number | null;
  /** windows that the calendar cannot keep */
  readonly broken: number;
  /** kg */
  readonly waste: number;
  /** min of hands behind a mask, and of them with air from a line */
  readonly masked: number;
  readonly supplied: number;
  readonly stops: number;
  readonly questions: number;
  /** methods with the m² that they take off, most first */
  readonly methods: readonly { readonly name: string; readonly area: number }[];
  /** topcoats, each once */
  readonly finishes: readonly string[];
}

/** One of the plans of a job beside the others. */
export interface PlanBeside {
  /** null: the plan that holds */
  readonly id: string | null;
  readonly kind: 'now' | 'kept' | 'option';
  readonly name: string;
  readonly figures: PlanFigures;
  /** zones that another method takes than in the plan that holds: which, and by what */
  readonly otherwise: readonly { readonly zone: string; readonly name: string; readonly method: string }[];
}

/**
 * The plan that holds, those that were kept beside it, and the options of its quote, all on today's knowledge of the item and from the same time on. Each
 * is planned and scheduled alone. Reports the share that is done; told to stop, it answers with those that are ready.
 * @param now ms
 */
export function* sideBySide(
  job: Job,
  options: readonly OfferOption[],
  shop: Shop,
  catalogue: Catalogue,
  now: number,
): Generator<number, PlanBeside[], boolean | undefined> {
  const today = planJob(job, shop, catalogue);
  const others = [
    ...job.plans.map((plan) => ({ id: plan.id, kind: 'kept' as const, name: plan.name, job: withPlan(job, plan) })),
    ...options.map(({ id, name, change }) => ({ id, kind: 'option' as const, name, job: withOption(job, change, today) })),
  ];
  const found: PlanBeside[] = [
    { id: null, kind: 'now', name: 'As it is now', figures: figuresOf({ job, plan: today, shop, catalogue, now }, true), otherwise: [] },
  ];
  const before = new Map(today.zones.map((zone) => [zone.zone, zone]));
  for (const other of others) {
    if (yield found.length / (others.length + 1)) return found;
    const plan = planJob(other.job, shop, catalogue);
    const { id, kind, name } = other;
    found.push({
      id,
      kind,
      name,
      figures: figuresOf({ job: other.job, plan, shop, catalogue, now }, false),
      otherwise: plan.zones.flatMap((zone) => changed(before, zone)),
    });
  }
  return found;
}

function changed(before: ReadonlyMap<string, ZonePlan>, { zone, partName, zoneName, chosen }: ZonePlan): PlanBeside['otherwise'] {
  const known = before.get(zone);
  if (!known || known.chosen?.key === chosen?.key) return [];
  return [{ zone, name: `${partName}: ${zoneName}`, method: chosen?.name ?? 'nothing' }];
}

interface Planned {
  readonly job: Job;
  readonly plan: Plan;
  readonly shop: Shop;
  readonly catalogue: Catalogue;
  /** ms */
  readonly now: number;
}

/** The plan that holds has the dates of every other page; the others are laid out at once. */
function figuresOf({ job, plan, shop, catalogue, now }: Planned, shown: boolean): PlanFigures {
  const works = [{ id: 'job', job, operations: plan.operations }];
  const schedule = shown ? shownSchedule(works, shop, now) : planSchedule(works, shop, now);
  const masks = plan.operations.map(({ raises, hand }) => ({ need: breathingNeed(raises), hand }));
  const { cost, material, outside, hand, waste } = plan.totals;
  return {
    cost,
    paid: material + outside,
    hand,
    end: schedule.jobs[0]?.end ?? null,
    broken: schedule.windows.filter(({ kept }) => !kept).length,
    waste,
    masked: sum(masks, ({ need, hand: own }) => (need === null ? 0 : own)),
    supplied: sum(masks, ({ need, hand: own }) => (need === 'supplied' || need === 'blast' ? own : 0)),
    stops: countFindings(plan.findings, 'stop'),
    questions: countFindings(plan.findings, 'question'),
    methods: methodsOf(plan),
    finishes: [...new Set(job.parts.flatMap(({ finish }) => finish ?? job.finish ?? []))].map((finish) => catalogue.finishes[finish].name),
  };
}

const methodsOf = ({ zones }: Plan): PlanFigures['methods'] =>
  [...groupBy(zones, ({ chosen }) => chosen?.name ?? 'none chosen')]
    .map(([name, own]) => ({ name, area: sum(own, ({ area }) => area) }))
    .sort((a, b) => b.area - a.area);
