import type { Operation } from '../model/operation.ts';
import type { InParts, Mixes } from './apart.ts';
import type { Network, Span } from './network.ts';

/** The mixes with one more: the faces whose window could not be kept while they waited for the others of their coat; the same where that cannot help. */
export function oneMixMore(mixes: Mixes, { activities }: Network, broken: readonly Span[]): Mixes {
  const more = new Map(mixes);
  let changed = false;
  for (const { from, to } of broken) {
    const [opens, closes] = [activities[from], activities[to]];
    const product = closes?.operation.coat?.product;
    if (!opens || !closes || product === undefined) continue;
    const late = closes.zones.filter((zone) => opens.zones.includes(zone));
    if (late.length === 0 || late.length === closes.zones.length) continue;
    const own = new Map(more.get(product));
    const next = Math.max(0, ...own.values()) + 1;
    for (const zone of late) own.set(zone, next);
    more.set(product, own);
    changed = true;
  }
  return changed ? more : mixes;
}

/** The mixes that coats have really been laid from; faces that were not in any of them share the next. */
export function mixesLaid(operations: readonly Operation[], progress: readonly InParts[]): Mixes {
  const mixes = new Map<string, Map<string, number>>();
  for (const { id, coat, faces } of operations) {
    const laid = coat ? progress.filter(({ work, zones }) => zones.length > 0 && (work === id || work.startsWith(`${id}:mix`))) : [];
    if (!coat || laid.length === 0) continue;
    const own = mixes.get(coat.product) ?? new Map<string, number>();
    mixes.set(coat.product, own);
    for (const { work, zones } of laid) for (const zone of zones) if (!own.has(zone)) own.set(zone, numberOf(work));
    const next = Math.max(...own.values()) + 1;
    for (const { zone } of faces) if (!own.has(zone)) own.set(zone, next);
  }
  return mixes;
}

/** The first mix has no number in its id, the second has 2. */
const numberOf = (work: string): number => Number(/:mix(\d+)/.exec(work)?.[1] ?? 1) - 1;
