import type { Person } from '../model/person.ts';
import type { Operation } from '../model/operation.ts';
import type { Shop } from '../model/shop.ts';
import { fitted, mayDo } from '../safety/respirators.ts';
import { both, spellsOf, type Spell } from './calendar.ts';
import { timeOf, type WorkingTime } from './slots.ts';

/** Somebody who does the work, with the hours that he or she has for it. */
export interface Worker extends WorkingTime {
  /** of the profile; null where nobody is entered and somebody is taken to work alone */
  readonly person: Person | null;
  readonly name: string;
}

export const SOMEBODY = 'one person';

/** Everybody of the shop with the working time of so many days; one person without a name where nobody is entered. */
export function crewOf({ people, hours, closed }: Pick<Shop, 'people' | 'hours' | 'closed'>, origin: number, days: number): Worker[] {
  const open = spellsOf(hours, closed, origin, days);
  if (people.length === 0) return [{ person: null, name: SOMEBODY, ...timeOf(open) }];
  return people.map((person) => ({
    person,
    name: person.name,
    ...timeOf(person.hours === null && person.away.length === 0 ? open : own(person, { hours, closed, open }, origin, days)),
  }));
}

/** Own hours may lie outside those of the shop, in the evening or on a Saturday; closed days hold for all. */
function own(
  { hours, away }: Person,
  shop: Pick<Shop, 'hours' | 'closed'> & { readonly open: readonly Spell[] },
  origin: number,
  days: number,
): readonly Spell[] {
  const spells = spellsOf(hours ?? shop.hours, [...shop.closed, ...away], origin, days);
  return hours === null ? both(spells, shop.open) : spells;
}

/** The workers who may do an operation, by their place in the crew; all where the profile lets nobody do it, which is a stop of its own. */
export function mayWork(crew: readonly Worker[], { raises }: Pick<Operation, 'raises'>): number[] {
  const all = crew.map((_, i) => i);
  const may = all.filter((i) => {
    const person = crew[i]?.person;
    return !person || mayDo(fitted(person, raises, { factor: 1, today: null }));
  });
  return may.length > 0 ? may : all;
}
