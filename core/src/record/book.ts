import type { IssuedPlan, IssuedWork } from '../model/run.ts';
import type { Operation } from '../model/operation.ts';
import type { Plan } from '../model/plan.ts';
import type { Schedule, ScheduledWork } from '../model/schedule.ts';
import { sum } from '../units/sum.ts';
import type { Run } from './fold-run.ts';
import { mannerOf } from './own-pace.ts';
import { stepMix } from './step-mix.ts';

const MINUTE = 60_000;

/** The plan as it is started, to be kept. @param schedule of this job alone or among others @param celsius of the workplace */
export function issuedPlan(
  about: Pick<IssuedPlan, 'name' | 'version' | 'catalogue'>,
  job: string,
  plan: Pick<Plan, 'operations' | 'zones' | 'totals'>,
  schedule: Schedule,
  celsius: number,
): IssuedPlan {
  const known = new Map(plan.operations.map((operation) => [operation.id, operation]));
  const works = schedule.works.flatMap((work): IssuedWork[] => {
    const operation = work.job === job ? known.get(work.operation) : undefined;
    if (!operation) return [];
    const { id, title, where, hand, start, end, people, zones } = work;
    const { kind, pace } = operation;
    const manner = mannerOf(operation);
    return [
      {
        id,
        operation: operation.id,
        kind,
        title,
        where,
        zones: [...zones],
        hand,
        pace: pace?.factor ?? 1,
        tool: manner.tool,
        access: manner.access,
        start,
        end,
        people,
        ...takes(operation, work, plan, celsius),
      },
    ];
  });
  const end = schedule.jobs.find((own) => own.job === job)?.end ?? null;
  return { ...about, cost: plan.totals.cost, hand: sum(works, ({ hand }) => hand), end, works };
}

/** Product of a piece of work, L and g of it. */
function takes(
  operation: Operation,
  work: Pick<ScheduledWork, 'id' | 'hand' | 'zones'>,
  plan: Pick<Plan, 'zones'>,
  celsius: number,
): Pick<IssuedWork, 'product' | 'litres' | 'grams'> {
  const { product, coat } = operation;
  if (coat) {
    const mix = stepMix(operation, work, plan, { celsius, resolution: 1 });
    const weighed = plan.zones.flatMap(({ build }) => build?.coats ?? []).find((own) => own.product === coat.product)?.weighed;
    const grams = mix ? mix.batches * (mix.parts.at(-1)?.shows ?? 0) : 0;
    return { product: coat.name, litres: mix?.perCoat ?? 0, grams: grams / (weighed?.factor ?? 1) };
  }
  const share = operation.hand > 0 ? Math.min(1, work.hand / operation.hand) : 1;
  return { product: product?.name ?? '', litres: (product?.litres ?? 0) * share, grams: 0 };
}

/** One line of the book: planned against done. */
export interface BookLine {
  readonly id: string;
  readonly title: string;
  readonly where: readonly string[];
  readonly planned: Pick<IssuedWork, 'start' | 'end' | 'hand' | 'people'> | null;
  readonly done: { readonly from: number; readonly to: number | null; readonly hand: number | null; readonly by: string } | null;
}

/** The job as it was, line by line in the order of what was done, then of what is still to do. @param titles of works that were not in the plan */
export function bookLines({ plan, works }: Run, titles: ReadonlyMap<string, string>): BookLine[] {
  const planned = new Map(plan.works.map((own) => [own.id, own]));
  const ids = [...new Set([...planned.keys(), ...works.keys()])];
  return ids
    .map((id): BookLine => {
      const [own, record] = [planned.get(id), works.get(id)];
      return {
        id,
        title: own?.title ?? titles.get(id) ?? id,
        where: own?.where ?? [],
        planned: own ?? null,
        // Work that was only ticked off has no hands of its own.
        done: record ? { from: record.from, to: record.to, hand: record.worked > 0 ? record.worked / MINUTE : null, by: record.by } : null,
      };
    })
    .sort((a, b) => (a.done?.from ?? a.planned?.start ?? 0) - (b.done?.from ?? b.planned?.start ?? 0));
}

/** What the plan of now has that the one that was started had not, and the other way round. */
export interface ScopeChange {
  readonly added: readonly IssuedWork[];
  readonly gone: readonly IssuedWork[];
  /** min of hands, and money, more than at the start */
  readonly hand: number;
  readonly cost: number;
  /** ms later; null: one of the two has no end */
  readonly later: number | null;
}

export function scopeChange(started: IssuedPlan, now: IssuedPlan): ScopeChange {
  const byOperation = ({ works }: IssuedPlan) => new Map(works.map((own) => [own.operation, own]));
  const [was, is] = [byOperation(started), byOperation(now)];
  return {
    added: [...is].flatMap(([id, own]) => (was.has(id) ? [] : [own])),
    gone: [...was].flatMap(([id, own]) => (is.has(id) ? [] : [own])),
    hand: now.hand - started.hand,
    cost: now.cost - started.cost,
    later: now.end === null || started.end === null ? null : now.end - started.end,
  };
}
