import { assumed, cite, fromMemory, type Cited } from '../model/basis.ts';
import type { RespiratorId } from '../model/person.ts';

/** What has to be kept out of the lungs, the harder to hold the later. */
export type Filter = 'dust' | 'p100' | 'toxic' | 'vapour' | 'fume' | 'supplied' | 'blast';

export interface Respirator {
  readonly id: RespiratorId;
  readonly name: string;
  /** how many times cleaner the air inside is; assigned protection factor */
  readonly factor: Cited<number>;
  /** seals on skin only */
  readonly tight: boolean;
  readonly holds: readonly Filter[];
  /** why it does not hold what is not in the list */
  readonly fails: string;
  /** a piece, the mask without what is changed in it */
  readonly price: Cited<number>;
}

const table = fromMemory('29 CFR 1910.134, table 1');
const DUST: readonly Filter[] = ['dust', 'p100'];
const MASK: readonly Filter[] = [...DUST, 'toxic'];
const CARTRIDGE: readonly Filter[] = [...MASK, 'vapour'];
const SUPPLIED: readonly Filter[] = [...CARTRIDGE, 'fume', 'supplied'];
const AS_DUST_MASK = 'holds dust only: vapour and what has no smell go through it';
const AS_CARTRIDGE = 'its cartridges do not hold it: it breaks through in minutes, or without a smell';

const row = (id: RespiratorId, name: string, factor: number, tight: boolean, holds: readonly Filter[], fails: string, price: number): Respirator => ({
  id,
  name,
  factor: cite(factor, table),
  tight,
  holds,
  fails,
  price: assumed(price),
});

/** Lightest first: the first that will do is worn. */
export const RESPIRATORS: Readonly<Record<RespiratorId, Respirator>> = {
  ffp2: row('ffp2', 'FFP2 or N95 mask', 10, true, ['dust'], AS_DUST_MASK, 2),
  ffp3: row('ffp3', 'FFP3 mask', 10, true, DUST, AS_DUST_MASK, 5),
  'half-p100': row('half-p100', 'half mask with P100 filters', 10, true, MASK, AS_DUST_MASK, 28),
  'half-vapour': row('half-vapour', 'half mask with vapour cartridges and P100', 10, true, CARTRIDGE, AS_CARTRIDGE, 32),
  'full-vapour': row('full-vapour', 'full face mask with vapour cartridges and P100', 50, true, CARTRIDGE, AS_CARTRIDGE, 150),
  'powered-hood': row('powered-hood', 'powered hood with vapour and P100 filters', 25, false, [...CARTRIDGE, 'fume'], AS_CARTRIDGE, 700),
  'supplied-hood': row('supplied-hood', 'supplied-air hood', 25, false, SUPPLIED, 'it does not stand the ricochet of a blast', 650),
  'supplied-full': row('supplied-full', 'supplied-air full face mask', 1000, true, SUPPLIED, 'it does not stand the ricochet of a blast', 550),
  'blast-helmet': row(
    'blast-helmet',
    'supplied-air blast helmet',
    25,
    false,
    ['blast'],
    'it is for the blast pot: heavy, and blind to the side',
    900,
  ),
};

/** What is changed: price of a pair, hours it is worn at most and days from opening. Common practice for a small shop; label and schedule decide. */
export const CARTRIDGES = {
  p100: { name: 'P100 filters', price: assumed(12), hours: assumed(40), days: assumed(180) },
  vapour: { name: 'vapour cartridges with P100', price: assumed(24), hours: assumed(8), days: assumed(30) },
} as const;
