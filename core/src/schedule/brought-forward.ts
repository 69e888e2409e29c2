import type { WeekHours } from '../model/calendar.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';
import type { Job } from '../model/job.ts';
import type { Shop } from '../model/shop.ts';
import { countFindings } from '../model/finding.ts';
import type { MethodOption, Plan } from '../model/plan.ts';
import { remedied, type Remedy } from '../choice/remedy.ts';
import { planJob } from '../plan-job.ts';
import { lowerFirst } from '../units/casing.ts';
import { chainOfEnd } from './chain.ts';
import { msAt, type JobWork } from './problem.ts';
import { firstSchedule, type Found } from './search.ts';

/** A change that brings the hand-over forward, tried on the schedule. */
export interface Sooner {
  readonly says: string;
  /** ms by which the job is over sooner */
  readonly gain: number;
  /** what it costs more than the plan as it is; null: not known */
  readonly cost: number | null;
  /** the change of the job; null: of the shop, which is for somebody to decide */
  readonly remedy: Remedy | null;
}

const HOUR = 3_600_000;
/** Gains that are worth telling, ms. */
const WORTH = HOUR / 2;
/** Methods that are tried for each zone that decides the end. */
const MOST_WAYS = 4;

/** What would bring a job forward: more people, more hours, another method where the method decides the end. Each is tried; best first. */
export function* broughtForward(
  id: string,
  job: Job,
  shop: Shop,
  catalogue: Catalogue,
  now: number,
): Generator<number, Sooner[], boolean | undefined> {
  const plan = planJob(job, shop, catalogue);
  const works = (given: Job, own: Plan): JobWork[] => [{ id, job: given, operations: own.operations }];
  const today = firstSchedule(works(job, plan), shop, now);
  const end = endOf(today);
  /** Sooner at the price of a window is no gain. */
  const endIn = (next: Found): number => (next.draft.broken.length > today.draft.broken.length ? Infinity : endOf(next));
  const found: Sooner[] = [];
  const shops = shopChanges(shop);
  const remedies = fasterMethods(today, plan);
  const all = shops.length + remedies.length;
  const keep = (says: string, sooner: number, cost: number | null, remedy: Remedy | null): void => {
    if (sooner >= WORTH) found.push({ says, gain: sooner, cost, remedy });
  };
  for (const [i, { says, changed }] of shops.entries()) {
    keep(says, end - endIn(firstSchedule(works(job, plan), changed, now)), null, null);
    if (yield (i + 1) / all) break;
  }
  for (const [i, { zone, method, at, name }] of remedies.entries()) {
    const remedy: Remedy = { kind: 'method', zone, method, at, name };
    const next = remedied(job, remedy, 'brings the hand-over forward');
    const other = planJob(next, shop, catalogue);
    if (countFindings(other.findings, 'stop') <= countFindings(plan.findings, 'stop'))
      keep(name, end - endIn(firstSchedule(works(next, other), shop, now)), other.totals.cost - plan.totals.cost, remedy);
    if (yield (shops.length + i + 1) / all) break;
  }
  return found.sort((a, b) => b.gain - a.gain);
}

const endOf = ({ problem, draft }: Found): number => msAt(problem, Math.max(...draft.placed.map((own) => own?.end ?? Infinity)));

function shopChanges(shop: Shop): { readonly says: string; readonly changed: Shop }[] {
  const { hours } = shop;
  const weekday = hours.mon[0] ? hours.mon : hours.tue;
  const saturday: WeekHours = { ...hours, sat: [{ from: '08:00', to: '12:00' }] };
  const late = (day: WeekHours['mon']): WeekHours['mon'] =>
    day.map((span, i) => (i === day.length - 1 && span.to <= '21:30' ? { ...span, to: later(span.to) } : span));
  const longer = Object.fromEntries(Object.entries(hours).map(([day, spans]) => [day, late(spans)])) as WeekHours;
  const [able] = [...shop.people].sort((a, b) => b.trained.length + b.masks.length - a.trained.length - a.masks.length);
  const second = able
    ? [...shop.people, { ...able, id: 'one-more', name: 'One more' }]
    : [1, 2].map((n) => ({
        id: `p${n}`,
        name: `Person ${n}`,
        beard: false,
        masks: [],
        size: null,
        fitTested: null,
        trained: [],
        hours: null,
        away: [],
      }));
  return [
    { says: able ? `One more who can do what ${able.name} can` : 'A second person', changed: { ...shop, people: second } },
    ...(hours.sat.length === 0 && weekday.length > 0 ? [{ says: 'Saturday mornings', changed: { ...shop, hours: saturday } }] : []),
    ...(weekday.length > 0 ? [{ says: 'Two hours longer each day', changed: { ...shop, hours: longer } }] : []),
  ];
}

const later = (clock: string): string => `${String(Number(clock.slice(0, 2)) + 2).padStart(2, '0')}${clock.slice(2)}`;

interface Faster extends Pick<MethodOption, 'method' | 'at' | 'name'> {
  readonly zone: string;
}

/** Other methods for the zones whose strip stands in the chain that decides the end. */
function fasterMethods(today: Found, plan: Plan): Faster[] {
  const chain = new Set(chainOfEnd(today, 0).map(({ id }) => id));
  const zones = new Set(plan.operations.flatMap(({ id, stage, faces }) => (stage === 'strip' && chain.has(id) ? faces.map(({ zone }) => zone) : [])));
  return plan.zones.flatMap(({ zone, zoneName, options, chosen }) =>
    zones.has(zone)
      ? options
          .filter(({ verdict, key }) => verdict !== 'ruled-out' && key !== chosen?.key)
          .slice(0, MOST_WAYS)
          .map(({ method, at, name }) => ({ zone, method, at, name: `${zoneName}: ${lowerFirst(name)}` }))
      : [],
  );
}
