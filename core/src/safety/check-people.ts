import type { Finding } from '../model/finding.ts';
import { fromMemory } from '../model/basis.ts';
import type { Operation } from '../model/operation.ts';
import type { Shop } from '../model/shop.ts';
import { lowerFirst } from '../units/casing.ts';
import { fitted, lacksOf, mayDo } from './respirators.ts';

/** Work for which nobody of the shop has what to breathe in, or has been trained: a stop for each reason. Nothing while no people are entered. */
export function checkPeople({ people }: Pick<Shop, 'people'>, operations: readonly Operation[]): Finding[] {
  if (people.length === 0) return [];
  const stopped = new Map<string, Operation[]>();
  const known = new Map<string, string | null>();
  for (const operation of operations) {
    const key = operation.raises.join();
    const why = known.has(key) ? (known.get(key) as string | null) : nobody(people, operation);
    known.set(key, why);
    if (why !== null) stopped.set(why, [...(stopped.get(why) ?? []), operation]);
  }
  return [...stopped].map(([why, work]): Finding => ({
    code: 'nobody-may',
    severity: 'stop',
    path: ['place'],
    title: `Nobody in the shop may do it: ${[...new Set(work.map(({ coat, title }) => lowerFirst(coat?.name ?? title)))].join(', ')}`,
    reason: why,
    basis: fromMemory('29 CFR 1910.134; masks by what is raised are common practice'),
    looksAt: ['people of the shop', 'what each step raises'],
    change:
      'Have the mask, the fit test or the training and enter it under Shop, have it done by a firm that has it, or choose a way or product that does not raise it.',
  }));
}

/** Why nobody may, person by person; null where somebody may. */
function nobody(people: Shop['people'], { raises }: Operation): string | null {
  const all = people.map((person) => ({ person, fit: fitted(person, raises, { factor: 1, today: null }) }));
  return all.some(({ fit }) => mayDo(fit)) ? null : all.map(({ person, fit }) => `${person.name}: ${lacksOf(fit).join('; ')}.`).join(' ');
}
