import type { Catalogue } from '../catalogue/catalogue.ts';
import type { Job } from '../model/job.ts';
import { Equipment, type Shop } from '../model/shop.ts';
import { planJob } from '../plan-job.ts';
import { jobPortfolio, zoneChoices } from './job-portfolio.ts';
import { releaseMethods } from './apply-picks.ts';
import { solvePortfolio } from './search-portfolio.ts';

/** What a tool that the shop does not own would take off this job, in weighted money. */
export interface KitSaving {
  readonly equipment: Equipment;
  readonly name: string;
  readonly saves: number;
}

/** Nodes after which the best so far is taken. */
const MOST_NODES = 20_000;
/** Below this it is not worth saying. */
const WORTH_SAYING = 1;

/** The best set of methods with each missing tool in the shop, against the best without; most worth first. */
export function* kitSavings(job: Job, shop: Shop, catalogue: Catalogue): Generator<number, KitSaving[]> {
  const free = releaseMethods(job);
  const best = (profile: Shop): number =>
    solvePortfolio(jobPortfolio(zoneChoices(free, planJob(free, profile, catalogue)), profile), MOST_NODES).cost;
  const now = best(shop);
  const missing = Equipment.options.filter((equipment) => !shop.equipment.includes(equipment));
  const savings: KitSaving[] = [];
  for (const [i, equipment] of missing.entries()) {
    const saves = now - best({ ...shop, equipment: [...shop.equipment, equipment] });
    if (saves > WORTH_SAYING) savings.push({ equipment, name: catalogue.tools[equipment].name, saves });
    yield (i + 1) / missing.length;
  }
  return savings.sort((a, b) => b.saves - a.saves);
}
