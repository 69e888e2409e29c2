import type { Addition, CostLine, Quote, ScopeOfPart, Sums, Variant } from '../model/quote.ts';
import { groupBy } from '../units/group-by.ts';
import { sum } from '../units/sum.ts';
import { addSums, sumsOf } from './price.ts';

/** What a customer has agreed to: one variant of a quote, and the additions since. */
export interface Agreed {
  readonly quote: Quote;
  readonly variant: Variant;
  readonly additions: readonly Addition[];
}

const keyOf = ({ kind, says }: CostLine): string => `${kind} ${says}`;

/** All that was agreed, line by line, what stands on several papers put together. */
export const agreedLines = ({ variant, additions }: Agreed): CostLine[] =>
  [...groupBy([...variant.lines, ...additions.flatMap(({ lines }) => lines)], keyOf).values()].flatMap(([first, ...others]) => {
    if (!first) return [];
    const all = [first, ...others];
    const amount = first.amount === null ? null : sum(all, (line) => line.amount ?? 0);
    return [{ ...first, amount, cost: sum(all, ({ cost }) => cost), price: sum(all, ({ price }) => price) }];
  });

/** Each paper was rounded for itself: what is agreed is what stands on them. */
export const agreedSums = ({ variant, additions }: Agreed): Sums => addSums([variant.sums, ...additions.map(({ sums }) => sums)]);

/** What the job as it is now adds to what was agreed. Lines of both together are those of the job now. @param why in the words of the shop */
export function additionTo(agreed: Agreed, { quote, now, why }: { readonly quote: Quote; readonly now: Variant; readonly why: string }): Addition {
  const had = agreedLines(agreed);
  const has = new Map(now.lines.map((line) => [keyOf(line), line]));
  const keys = [...new Set([...has.keys(), ...had.map(keyOf)])];
  const before = new Map(had.map((line) => [keyOf(line), line]));
  const lines = keys.flatMap((key) => difference(before.get(key), has.get(key)));
  const { job, item, version, pricing } = quote;
  const end = agreed.additions.at(-1)?.end ?? agreed.variant.end;
  return {
    job,
    item,
    version,
    pricing,
    why,
    scope: newScope([agreed.variant.scope, ...agreed.additions.map(({ scope }) => scope)].flat(), now.scope),
    lines,
    sums: sumsOf(lines, pricing),
    later: end === null || now.end === null ? null : now.end - end,
    end: now.end,
  };
}

function difference(before: CostLine | undefined, after: CostLine | undefined): CostLine[] {
  const line = after ?? before;
  if (!line) return [];
  const cost = (after?.cost ?? 0) - (before?.cost ?? 0);
  const price = (after?.price ?? 0) - (before?.price ?? 0);
  const amount = line.amount === null ? null : (after?.amount ?? 0) - (before?.amount ?? 0);
  return cost === 0 && price === 0 ? [] : [{ ...line, amount, cost, price }];
}

/** What was told of no part before, part by part. */
export function newScope(before: readonly ScopeOfPart[], now: readonly ScopeOfPart[]): ScopeOfPart[] {
  const told = new Set(before.flatMap(({ part, says }) => says.map((one) => `${part} ${one}`)));
  return now.flatMap(({ part, says }) => {
    const fresh = says.filter((one) => !told.has(`${part} ${one}`));
    return fresh.length === 0 ? [] : [{ part, says: fresh }];
  });
}
