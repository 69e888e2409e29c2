import type { PracticeTest } from '../model/practice.ts';
import type { LossCause } from './loss-causes.ts';
import type { SignId } from './signs.ts';
import type { Truth } from './truth.ts';

/** A film of stripper on the face. */
export interface Lay {
  readonly product: string;
  /** mm that stays on the face */
  readonly standing: number;
  readonly covered: boolean;
  /** pace against the table: strength, water under it, brushed over */
  readonly pace: number;
  /** 0 laid on, 1 too dry to work */
  readonly dryness: number;
  /** effective min so far */
  readonly effective: number;
}

/** What was paid at the bench, in minutes and money, and what for. */
export interface Entry {
  readonly at: number;
  readonly cause: LossCause;
  /** min of hands or of waiting */
  readonly minutes: number;
  readonly money: number;
}

/** A sign at a share from 0 to 1, as it is drawn. */
export interface Shown {
  readonly sign: SignId;
  readonly share: number;
}

export interface TestSaid {
  readonly test: PracticeTest;
  readonly at: number;
  readonly says: string;
  /** what it means for the work */
  readonly good: boolean;
  /** what it looks like; null: it is only read */
  readonly shows: Shown | null;
}

/** The face and everything around it at one moment; money is added up in `entries`. */
export interface Bench {
  /** min of the bench clock */
  readonly at: number;
  /** µm of old paint that are off, from the top */
  readonly depth: number;
  readonly lay: Lay | null;
  readonly topOpen: boolean;
  readonly wet: boolean;
  /** stripper or its sludge left on the face, 1: all of it */
  readonly residue: number;
  readonly ph: number;
  /** mg/m² */
  readonly salt: number;
  /** share of the time that the bare face keeps which has gone */
  readonly aged: number;
  /** P grade of the last sanding */
  readonly key: number | null;
  readonly dusty: boolean;
  readonly wiped: boolean;
  readonly gouged: boolean;
  readonly findSettled: boolean;
  /** K that the room was warmed by */
  readonly warmed: number;
  /** min that the cartridge holds */
  readonly cartridge: number;
  readonly hardener: number;
  readonly over: boolean;
  readonly said: readonly TestSaid[];
  readonly entries: readonly Entry[];
}

/** min that a fresh cartridge holds at the practice bench; model assumption. */
export const FRESH_CARTRIDGE = 480;

export const startBench = ({ salt, cartridge, hardener, find, facts }: Truth): Bench => ({
  at: 0,
  depth: 0,
  lay: null,
  topOpen: !facts.closedTop,
  wet: false,
  residue: 0,
  ph: 7,
  salt,
  aged: 0,
  key: null,
  dusty: false,
  wiped: false,
  gouged: false,
  findSettled: find === null,
  warmed: 0,
  cartridge,
  hardener,
  over: false,
  said: [],
  entries: [],
});

/** µm of old paint in all. */
export const paintIn = ({ films }: Pick<Truth, 'films'>): number => films.reduce((sum, { thickness }) => sum + thickness, 0);

/** µm that may stay as specks below the texture; model assumption. */
export const SPECKS = 0.5;
export const isBare = (bench: Pick<Bench, 'depth'>, truth: Pick<Truth, 'films'>): boolean => bench.depth >= paintIn(truth) - SPECKS;
