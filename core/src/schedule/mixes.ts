import type { Span, Mixes, Network } from './network.ts';

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
