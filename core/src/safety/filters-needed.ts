import { differenceInCalendarDays, parseISO } from 'date-fns';
import { CARTRIDGES, RESPIRATORS, type Filter } from '../catalogue/respirators.ts';
import type { Operation } from '../model/operation.ts';
import type { Cartridge } from '../model/person.ts';
import type { SafetySheet } from '../model/safety-sheet.ts';
import { sum } from '../units/sum.ts';
import { breathingNeed } from './respirators.ts';

const WORN_FOR: Readonly<Record<Cartridge['kind'], readonly Filter[]>> = { p100: ['p100', 'toxic'], vapour: ['vapour'] };

/** h left in a cartridge in use: 0 once its hours or its days are over. */
export function hoursLeft({ kind, opened, hours }: Cartridge, today: string): number {
  const { hours: life, days } = CARTRIDGES[kind];
  return differenceInCalendarDays(parseISO(today), parseISO(opened)) > days.value ? 0 : Math.max(0, life.value - hours);
}

/** Pairs to buy for the hours of this job beyond what is left in use, with what disposable masks would cost where they would do. */
export function filtersNeeded(register: readonly Cartridge[], operations: readonly Operation[], today: string): SafetySheet['filters'] {
  return (['vapour', 'p100'] as const).flatMap((kind) => {
    const { name, hours: life, price } = CARTRIDGES[kind];
    const worn = operations.filter(({ raises }) => {
      const need = breathingNeed(raises);
      return need !== null && WORN_FOR[kind].includes(need);
    });
    const hours = sum(worn, ({ hand }) => hand) / 60;
    if (hours === 0) return [];
    const left = sum(
      register.filter((cartridge) => cartridge.kind === kind),
      (cartridge) => hoursLeft(cartridge, today),
    );
    const buy = Math.max(0, Math.ceil((hours - left) / life.value - 1e-9));
    return [
      {
        name,
        hours,
        left,
        buy,
        price: buy * price.value,
        says: `changed every ${life.value} h of wear${kind === 'p100' ? `${throwAway(hours, life.value, price.value)}` : ''}`,
      },
    ];
  });
}

/** h that a disposable mask is worn at most: a shift. */
const SHIFT = 8;

/** What the same hours cost in masks that are thrown away. */
function throwAway(hours: number, life: number, price: number): string {
  const [pieces, pairs] = [Math.ceil(hours / SHIFT), Math.ceil(hours / life)];
  const cost = pieces * RESPIRATORS.ffp3.price.value;
  return `; ${pieces} throw-away masks would cost ${Math.round(cost)} against ${Math.round(pairs * price)}, and do not do for lead`;
}
