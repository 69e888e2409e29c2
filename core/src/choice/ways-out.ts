import type { Catalogue } from '../catalogue/catalogue.ts';
import { FINISHES } from '../catalogue/finishes.ts';
import { finishesFor } from '../catalogue/finishes-for.ts';
import type { Finding } from '../model/finding.ts';
import type { FinishId } from '../model/ids.ts';
import type { Job, Part, Zone } from '../model/job.ts';
import type { Plan, ZonePlan } from '../model/plan.ts';
import type { Shop } from '../model/shop.ts';
import { planJob } from '../plan-job.ts';
import { lowerFirst } from '../units/casing.ts';
import { equipped, missingIn, remedied, remedyText, type Remedy } from './remedy.ts';

/** A remedy that was tried on the whole plan and takes the stop away without bringing another. */
export interface WayOut {
  readonly remedy: Remedy;
  readonly says: string;
  /** against the plan as it is: min, min and money of the shop; null where a firm sets the price */
  readonly hand: number;
  readonly wait: number;
  readonly cost: number | null;
  /** stops of the job that go with it */
  readonly settles: number;
}

export type Stop = Pick<Finding, 'code' | 'path' | 'title'>;

/** Methods that are tried, best first: of the zone that is stopped, or of each zone where the place is. */
const MOST_WAYS = 8;
const FOR_EACH = 3;
const MOST_ZONES = 12;

/**
 * What takes a stop away: another method for the zone, sent out ones too, another primer or finish, or kit that the shop then has; each tried on the
 * whole plan, so that it cannot disagree with it. Cheapest first. May be held up; answered with `true` it ends with what it has.
 */
export function* waysOut(job: Job, shop: Shop, catalogue: Catalogue, stop: Stop): Generator<number, WayOut[], boolean | undefined> {
  const today = planJob(job, shop, catalogue);
  const known = new Set(stopsOf(today).map(nameOf));
  const tried = remediesFor(job, today, stop);
  const found: WayOut[] = [];
  for (const [i, remedy] of tried.entries()) {
    const plan = planJob(remedied(job, remedy, `Instead: ${stop.title}`), equipped(shop, remedy), catalogue);
    const left = stopsOf(plan);
    const clears = left.every((one) => nameOf(one) !== nameOf(stop) && known.has(nameOf(one)));
    if (clears)
      found.push({
        remedy,
        says: remedyText(remedy),
        hand: plan.totals.hand - today.totals.hand,
        wait: plan.totals.wait - today.totals.wait,
        cost: isPriced(remedy) ? plan.totals.cost - today.totals.cost : null,
        settles: stopsOf(today).length - left.length,
      });
    if (yield (i + 1) / tried.length) break;
  }
  return found.sort((a, b) => (a.cost ?? Infinity) - (b.cost ?? Infinity));
}

const isPriced = (remedy: Remedy): boolean => remedy.kind !== 'finish' || FINISHES[remedy.finish].coats.length > 0;
const stopsOf = ({ findings }: Plan): Finding[] => findings.filter(({ severity }) => severity === 'stop');
const nameOf = ({ code, path }: Stop): string => [code, ...path].join('/');

function remediesFor(job: Job, today: Plan, stop: Stop): Remedy[] {
  const kit = missingIn(stop.code);
  const [root, part, , zone] = stop.path;
  const at = root === 'parts' && typeof part === 'number' ? job.parts[part] : undefined;
  const own = at && typeof zone === 'number' ? today.zones.find(({ zone: id }) => id === at.zones[zone]?.id) : undefined;
  return [
    ...(kit ? [{ kind: 'kit' as const, equipment: kit }] : []),
    ...(own ? [...ways(own, MOST_WAYS), ...primers(own)] : []),
    ...(own && at && typeof zone === 'number' ? barer(at.zones[zone], own) : []),
    ...(at ? [] : today.zones.slice(0, MOST_ZONES).flatMap((each) => ways(each, FOR_EACH))),
    ...(at ? finishes(job, { id: at.id, name: at.name }, at.finish ?? job.finish) : []),
    ...(at && !isShared(today, stop) ? [] : finishes(job, null, job.finish)),
  ];
}

const ways = ({ zone, zoneName, options, chosen }: ZonePlan, most: number): Remedy[] =>
  options
    .filter(({ verdict, key }) => verdict !== 'ruled-out' && key !== chosen?.key)
    .slice(0, most)
    .map(({ method, at, name }) => ({ kind: 'method', zone, method, at, name: `${zoneName}: ${lowerFirst(name)}` }));

const barer = (zone: Zone | undefined, { zoneName }: ZonePlan): Remedy[] =>
  zone && zone.target.kind !== 'bare' && zone.stack.length > 0 ? [{ kind: 'bare', zone: zone.id, name: zoneName }] : [];

const primers = ({ zone, build }: ZonePlan): Remedy[] =>
  (build?.primers ?? []).flatMap(({ primer, name, verdict }): Remedy[] => (verdict === 'possible' ? [{ kind: 'primer', zone, primer, name }] : []));

/** Whether other parts are stopped for the same. */
const isShared = (today: Plan, { code, path }: Stop): boolean => stopsOf(today).some((one) => one.code === code && one.path[1] !== path[1]);

const finishes = ({ item }: Job, part: Pick<Part, 'id' | 'name'> | null, finish: FinishId | null): Remedy[] =>
  finishesFor(item).flatMap((other): Remedy[] => (other === finish ? [] : [{ kind: 'finish', part, finish: other }]));
