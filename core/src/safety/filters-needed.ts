import { differenceInCalendarDays, parseISO } from 'date-fns';
import { CARTRIDGES, RESPIRATORS, type Filter } from '../catalogue/respirators.ts';
import type { Guard, Operation } from '../model/operation.ts';
import type { Cartridge, WornStock } from '../model/person.ts';
import type { SafetySheet } from '../model/safety-sheet.ts';
import type { Shop } from '../model/shop.ts';
import { sum } from '../units/sum.ts';
import { breathingNeed } from './respirators.ts';

const WORN_FOR: Readonly<Record<Cartridge['kind'], readonly Filter[]>> = { p100: ['p100', 'toxic'], vapour: ['vapour'] };

interface ThrownAway {
  readonly id: keyof WornStock;
  readonly name: string;
  readonly guard: Guard;
  /** in what the guard says */
  readonly word: string;
  /** h that one is worn; common practice, no source */
  readonly life: number;
  readonly unit: 'pair' | 'piece';
  /** starting value */
  readonly price: number;
}

const THROWN_AWAY: readonly ThrownAway[] = [
  { id: 'ffp2', name: 'FFP2 or N95 masks', guard: 'breathing', word: 'FFP2', life: 8, unit: 'piece', price: 2 },
  { id: 'gloves', name: 'nitrile gloves', guard: 'hands', word: 'nitrile gloves', life: 2, unit: 'pair', price: 0.6 },
  { id: 'coveralls', name: 'coveralls with hood', guard: 'body', word: 'coverall', life: 8, unit: 'piece', price: 7 },
];

/** h left in a cartridge in use: 0 once its hours or its days are over. */
export function hoursLeft({ kind, opened, hours }: Cartridge, today: string): number {
  const { hours: life, days } = CARTRIDGES[kind];
  return differenceInCalendarDays(parseISO(today), parseISO(opened)) > days.value ? 0 : Math.max(0, life.value - hours);
}

type Shelf = Pick<Shop, 'cartridges' | 'stock'>;

/** What is worn out in this job: cartridges beyond what is left in use, and what is thrown away by the day or the splash; what the shelf has not is bought. */
export const filtersNeeded = (shelf: Shelf, operations: readonly Operation[], today: string): SafetySheet['filters'] => [
  ...(['vapour', 'p100'] as const).flatMap((kind) => cartridges(kind, shelf, operations, today)),
  ...THROWN_AWAY.flatMap((item) => thrownAway(item, shelf, operations)),
];

function cartridges(
  kind: Cartridge['kind'],
  { cartridges: register, stock }: Shelf,
  operations: readonly Operation[],
  today: string,
): SafetySheet['filters'] {
  const { name, hours: life, price } = CARTRIDGES[kind];
  const hours = handsOf(operations, ({ raises }) => {
    const need = breathingNeed(raises);
    return need !== null && WORN_FOR[kind].includes(need);
  });
  if (hours === 0) return [];
  const left = sum(
    register.filter((cartridge) => cartridge.kind === kind),
    (cartridge) => hoursLeft(cartridge, today),
  );
  const pairs = Math.max(0, Math.ceil((hours - left) / life.value - 1e-9));
  const buy = Math.max(0, pairs - stock[kind]);
  const says = `changed every ${life.value} h of wear${kind === 'p100' ? throwAway(hours, life.value, price.value) : ''}`;
  return [{ name, hours, left, stock: stock[kind], buy, unit: 'pair', price: buy * price.value, says }];
}

function thrownAway(
  { id, name, guard, word, life, unit, price }: ThrownAway,
  { stock }: Shelf,
  operations: readonly Operation[],
): SafetySheet['filters'] {
  const hours = handsOf(operations, ({ protection }) => protection.some((line) => line.guard === guard && line.says.includes(word)));
  const buy = Math.max(0, Math.ceil(hours / life - 1e-9) - stock[id]);
  return hours === 0 ? [] : [{ name, hours, left: 0, stock: stock[id], buy, unit, price: buy * price, says: `a new ${unit} every ${life} h` }];
}

/** h of hands of some steps. */
const handsOf = (operations: readonly Operation[], worn: (operation: Operation) => boolean): number =>
  sum(operations.filter(worn), ({ hand }) => hand) / 60;

/** h that a disposable mask is worn at most: a shift. */
const SHIFT = 8;

/** What the same hours cost in masks that are thrown away. */
function throwAway(hours: number, life: number, price: number): string {
  const [pieces, pairs] = [Math.ceil(hours / SHIFT), Math.ceil(hours / life)];
  const cost = pieces * RESPIRATORS.ffp3.price.value;
  return `; ${pieces} throw-away masks would cost ${Math.round(cost)} against ${Math.round(pairs * price)}, and do not do for lead`;
}
