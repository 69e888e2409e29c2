import { parseISO } from 'date-fns';
import { TAPS } from '../model/bench.ts';
import type { Cartridge, Person } from '../model/person.ts';
import type { Shop } from '../model/shop.ts';
import { sum } from '../units/sum.ts';
import type { SectionTimer } from './fold-timer.ts';

/** Time in the mask at the bench without a pause, ms. */
export interface WornSpell {
  readonly by: string;
  readonly kind: Cartridge['kind'];
  readonly from: number;
  readonly to: number;
}

const MINUTE = 60_000;
/** A tap ends a piece of work that took this long; who taps nothing for longer than a pause has the mask off. Model assumptions. */
const BEFORE_TAP = 5 * MINUTE;
const PAUSE = 30 * MINUTE;
/** Words of what is worn that name a cartridge. */
const NAMED: Readonly<Record<Cartridge['kind'], RegExp>> = { vapour: /vapour cartridge/, p100: /P100 (half mask|respirator)/ };

/** Who wore cartridges when, from what was tapped over sections that ask for them; two sections at a time count once. Oldest first. */
export function wornSpells(timers: readonly SectionTimer[]): WornSpell[] {
  const taps = timers.flatMap(tapsOf).sort((a, b) => a.to - b.to);
  const spells: WornSpell[] = [];
  const running = new Map<string, WornSpell>();
  for (const tap of taps) {
    const key = `${tap.kind} ${nameOf(tap.by)}`;
    const last = running.get(key);
    const joined = last && tap.to - last.to <= PAUSE ? { ...last, to: tap.to } : tap;
    if (last && joined !== tap) spells.splice(spells.indexOf(last), 1);
    spells.push(joined);
    running.set(key, joined);
  }
  return spells.sort((a, b) => a.from - b.from);
}

const KINDS = Object.keys(NAMED) as Cartridge['kind'][];
const isTap = (kind: string): boolean => (TAPS as readonly string[]).includes(kind);

const tapsOf = ({ issued, log }: SectionTimer): WornSpell[] =>
  KINDS.filter((kind) => issued.wear.some((says) => NAMED[kind].test(says))).flatMap((kind) =>
    log.flatMap(({ event, at, ignored }) => (ignored === null && isTap(event.kind) ? [{ by: event.by, kind, from: at - BEFORE_TAP, to: at }] : [])),
  );

const nameOf = (name: string): string => name.trim().toLowerCase();

/** h that the owner of a cartridge wore one of its kind at the bench since it was opened. */
export function wornAtBench({ person, kind, opened }: Cartridge, people: readonly Person[], spells: readonly WornSpell[]): number {
  const owner = people.find(({ id }) => id === person);
  if (!owner) return 0;
  const since = parseISO(opened).getTime();
  const own = spells.filter((spell) => spell.kind === kind && spell.from >= since && nameOf(spell.by) === nameOf(owner.name));
  return sum(own, ({ from, to }) => to - from) / (60 * MINUTE);
}

/** The shop with the hours of the bench added to those entered in its register. Of two open cartridges of a kind the newer is worn. */
export function withWorn<T extends Pick<Shop, 'cartridges' | 'people'>>(shop: T, spells: readonly WornSpell[]): T {
  const cartridges = shop.cartridges.map((own) => {
    const next = shop.cartridges
      .filter(({ person, kind, opened }) => person === own.person && kind === own.kind && opened > own.opened)
      .map(({ opened }) => parseISO(opened).getTime());
    const until = Math.min(Infinity, ...next);
    const before = spells.filter(({ from }) => from < until);
    return { ...own, hours: own.hours + wornAtBench(own, shop.people, before) };
  });
  return { ...shop, cartridges };
}
