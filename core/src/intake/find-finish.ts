import { FINISHES } from '../catalogue/finishes.ts';
import type { FinishId } from '../model/ids.ts';
import { SYSTEMS, WISHES, type SystemId, type Wish } from './finish-wishes.ts';

/** Answers by what was asked; what is left out is not answered. */
export type Wishes = Readonly<Record<string, string>>;

/** A system with what the answers say of it. */
export interface FoundSystem {
  readonly id: SystemId;
  readonly name: string;
  readonly finish: FinishId;
  readonly keeps: boolean;
  readonly against: readonly string[];
  readonly speaksFor: readonly string[];
}

/** What is worth asking with these answers. */
export const wishesFor = (given: Wishes): Wish[] => WISHES.filter(({ when }) => when === undefined || when.answers.includes(given[when.wish] ?? ''));

/** Every system, kept ones first and of those the ones that most speaks for; an answer to what is no longer asked counts for nothing. */
export function findFinish(given: Wishes): FoundSystem[] {
  const answers = wishesFor(given).flatMap(({ id, answers: all }) => all.filter((answer) => answer.id === given[id]));
  const found = (Object.keys(SYSTEMS) as SystemId[]).map((id): FoundSystem => {
    const against = [...new Set(answers.flatMap(({ drops }) => drops[id] ?? []))];
    const speaksFor = [...new Set(answers.flatMap(({ favours }) => favours?.[id] ?? []))];
    const finish = SYSTEMS[id];
    return { id, name: FINISHES[finish].name, finish, keeps: against.length === 0, against, speaksFor };
  });
  return found.sort((a, b) => Number(b.keeps) - Number(a.keeps) || b.speaksFor.length - a.speaksFor.length);
}
