import type { PaceRecord, PaceSetAside } from '../model/pace.ts';
import { groupBy } from '../units/group-by.ts';
import { learnPace, type Pace } from './learn-pace.ts';

/** Spread of the logarithm between the tools and accesses of one kind of step; model assumption. */
const MANNERS = 0.15;

/** How work is done: its kind, with what, and how the face is reached. */
export type Manner = Pick<PaceRecord, 'kind' | 'tool' | 'access'>;

/** Own paces of a shop, by the manner of the work. */
export interface PaceBook {
  /** null: nothing is known of such work, or it is set aside */
  readonly of: (manner: Manner) => Pace | null;
}

/** Every manner starts from what the other manners of its kind have shown, and goes its own way as its own record grows. */
export function paceBook(records: readonly PaceRecord[], setAside: PaceSetAside = {}): PaceBook {
  const kinds = groupBy(records, ({ kind }) => kind);
  const known = new Map<string, Pace | null>();
  return {
    of: (manner) => {
      const all = kinds.get(manner.kind);
      if (!all || setAside[manner.kind] !== undefined) return null;
      const key = `${manner.kind}|${manner.tool}|${manner.access}`;
      const pace = known.get(key) ?? paceOf(all, manner);
      known.set(key, pace);
      return pace;
    },
  };
}

/** The pace of one manner among all records of its kind. */
function paceOf(all: readonly PaceRecord[], { tool, access }: Manner): Pace {
  const isOwn = (record: PaceRecord): boolean => record.tool === tool && record.access === access;
  const [own, others] = [all.filter(isOwn), learnPace(all.filter((record) => !isOwn(record)))];
  if (others.records === 0) return learnPace(own);
  const before = { mean: Math.log(others.factor), variance: others.variance + MANNERS ** 2 };
  const { factor, variance, low, high, ...count } = learnPace(own, before);
  // What is borrowed is counted where there is nothing of its own.
  return { ...(own.length === 0 ? others : count), factor, variance, low, high };
}

/** The paces of a shop in their manners, as they stand in its record. */
export function pacesByManner(records: readonly PaceRecord[]): readonly (Manner & Pace)[] {
  const book = paceBook(records);
  const manners = new Map(records.map(({ kind, tool, access }) => [`${kind}|${tool}|${access}`, { kind, tool, access }]));
  return [...manners.values()].flatMap((manner) => {
    const pace = book.of(manner);
    return pace ? [{ ...manner, ...pace }] : [];
  });
}
