import type { OwnUse } from '../model/own-use.ts';
import { useKey, type UseRecord } from '../model/pace.ts';
import type { Shop } from '../model/shop.ts';
import { learnPace } from './learn-pace.ts';

const known = new WeakMap<Shop, Shop>();

/** The shop without the records of what is set aside; the same one where nothing is. The same shop gives the same answer again. */
export function withoutSetAside(shop: Shop): Shop {
  const kept = known.get(shop) ?? leaveOut(shop);
  known.set(shop, kept);
  return kept;
}

function leaveOut(shop: Shop): Shop {
  const { experience, useSetAside } = shop;
  const uses = experience.uses.filter((use) => !Object.hasOwn(useSetAside, useKey(use)));
  return uses.length === experience.uses.length ? shop : { ...shop, experience: { ...experience, uses } };
}

/** By what was weighed and counted on earlier jobs; null without any. @param product its name */
export function ownUse(uses: readonly UseRecord[], of: UseRecord['of'], product: string): OwnUse | null {
  const own = uses.filter((use) => use.of === of && use.product === product);
  if (own.length === 0) return null;
  const { factor, records, jobs } = learnPace(own);
  return { factor, records, jobs };
}
