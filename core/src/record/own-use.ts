import type { OwnUse } from '../model/own-use.ts';
import type { UseRecord } from '../model/pace.ts';
import { learnPace } from './learn-pace.ts';

/** By what was weighed and counted on earlier jobs; null without any. @param product its name */
export function ownUse(uses: readonly UseRecord[], of: UseRecord['of'], product: string): OwnUse | null {
  const own = uses.filter((use) => use.of === of && use.product === product);
  if (own.length === 0) return null;
  const { factor, records, jobs } = learnPace(own);
  return { factor, records, jobs };
}
