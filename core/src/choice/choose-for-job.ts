import type { Catalogue } from '../catalogue/catalogue.ts';
import type { Job } from '../model/job.ts';
import type { MethodOption, Plan } from '../model/plan.ts';
import type { Shop } from '../model/shop.ts';
import { planJob } from '../plan-job.ts';
import { lowerFirst } from '../units/casing.ts';
import { alternativesTo } from './alternatives.ts';
import { applyMethods, releaseMethods } from './apply-picks.ts';
import { jobPortfolio, zoneChoices, type ZoneChoice } from './job-portfolio.ts';
import type { Picks } from './portfolio.ts';
import { searchPortfolio, type PortfolioProgress } from './search-portfolio.ts';

/** One method for every zone that has a choice, with what the whole plan then comes to. */
export interface MethodSet {
  readonly title: string;
  readonly methods: readonly {
    readonly zone: string;
    readonly where: string;
    readonly method: string;
    readonly at: string | null;
    readonly name: string;
  }[];
  /** shared costs that it uses */
  readonly shares: readonly string[];
  /** weighted money above the best; 0 for the best */
  readonly extra: number;
  readonly totals: Plan['totals'];
}

export interface JobChoice {
  readonly sets: readonly MethodSet[];
  readonly proven: boolean;
  /** share of the cost by which something better could still exist; 0 when proven */
  readonly gap: number;
  readonly nodes: number;
}

/** Alternatives that are shown. */
const MOST_SETS = 6;

/** The best set of methods for a job, pins kept, with the next best different ones. Yields while it searches; a caller that stops passes the last report on. */
export function* chooseForJob(job: Job, shop: Shop, catalogue: Catalogue): Generator<PortfolioProgress, JobChoice, boolean | undefined> {
  const free = releaseMethods(job);
  const choices = zoneChoices(free, planJob(free, shop, catalogue));
  const problem = jobPortfolio(choices, shop);
  const search = searchPortfolio(problem);
  let step = search.next();
  let report = step.value;
  while (!step.done) {
    report = step.value;
    if (yield report) break;
    step = search.next();
  }
  if (step.done) report = step.value;
  const describe = (title: string, picks: Picks, extra: number): MethodSet =>
    describeSet({ job: free, choices, shop, catalogue }, title, picks, extra);
  const others = report.proven ? alternativesTo(problem, report).slice(0, MOST_SETS) : [];
  return {
    sets: [
      describe('Best for the whole job', report.picks, 0),
      ...others.map(({ kind, shared, picks, extra }) => describe(`${kind === 'with' ? 'With' : 'Without'} ${lowerFirst(shared)}`, picks, extra)),
    ],
    proven: report.proven,
    gap: report.cost > 0 ? (report.cost - report.bound) / report.cost : 0,
    nodes: report.nodes,
  };
}

interface Setting {
  readonly job: Job;
  readonly choices: readonly ZoneChoice[];
  readonly shop: Shop;
  readonly catalogue: Catalogue;
}

function describeSet({ job, choices, shop, catalogue }: Setting, title: string, picks: Picks, extra: number): MethodSet {
  const picked = choices.map(({ zone, offers }, i) => ({ zone, option: offers[picks[i] as number] as MethodOption }));
  const chosen = applyMethods(job, new Map(picked.map(({ zone, option }) => [zone.zone, option])));
  return {
    title,
    extra,
    methods: picked.map(({ zone, option }) => ({
      zone: zone.zone,
      where: `${zone.partName}: ${zone.zoneName}`,
      method: option.method,
      at: option.at,
      name: option.name,
    })),
    shares: [...new Set(picked.flatMap(({ option }) => option.setUps.map(({ name }) => name)))],
    totals: planJob(chosen, shop, catalogue).totals,
  };
}
