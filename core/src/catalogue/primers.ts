import type { PrimerId, SubstrateId } from '../model/ids.ts';
import { practised, type Cited } from '../model/basis.ts';
import { coatProduct, DAY, HOUR, type CoatProduct } from './coats.ts';
import type { SubstrateGroup } from './substrates.ts';

/** What a primer may lie on: a group of bare substrates, or keyed paint. */
export type Ground = SubstrateGroup | 'paint';

export interface Primer extends CoatProduct {
  readonly id: PrimerId;
  readonly grounds: readonly Ground[];
  /** Substrates of those grounds that it is not meant for. */
  readonly notOn: readonly SubstrateId[];
  readonly acidic: boolean;
  readonly role: 'first' | 'over-primer' | 'promoter';
  /** Coarsest and finest P grit of the key it wants, null where none is needed. */
  readonly key: Cited<readonly [coarse: number, fine: number]> | null;
  readonly purpose: string;
}

const METALS: readonly Ground[] = ['ferrous', 'ferrous-passive', 'light', 'copper'];

const key = (coarse: number, fine: number) => practised([coarse, fine] as const);

export const PRIMERS: Readonly<Record<PrimerId, Primer>> = {
  'etch-1k': {
    ...coatProduct('etch-1k', 'One-pack etch primer, aerosol', { pack: '1K', apply: 'aerosol', packs: [0.4] }, [
      2,
      5,
      8,
      0,
      5,
      20,
      8 * HOUR,
      null,
      10,
      80,
      30,
    ]),
    id: 'etch-1k',
    grounds: METALS,
    notOn: [],
    acidic: true,
    role: 'first',
    key: key(80, 180),
    purpose: 'spots rubbed through to metal',
  },
  'etch-2k': {
    ...coatProduct('etch-2k', 'Two-pack etch primer', { pack: '2K' }, [1, 10, 10, 0.5, 10, 30, 8 * HOUR, 8 * HOUR, 10, 80, 24]),
    id: 'etch-2k',
    grounds: [...METALS, 'zinc'],
    notOn: ['high-strength-steel'],
    acidic: true,
    role: 'first',
    key: key(80, 180),
    purpose: 'bare metal under a two-pack surfacer',
  },
  'epoxy-2k': {
    ...coatProduct('epoxy-2k', 'Two-pack epoxy primer', { pack: '2K' }, [2, 35, 50, 0.1, 15, 4 * HOUR, 4 * DAY, 6 * HOUR, 12, 80, 22]),
    id: 'epoxy-2k',
    grounds: [...METALS, 'zinc', 'composite', 'wood', 'paint'],
    notOn: [],
    acidic: false,
    role: 'first',
    key: key(80, 180),
    purpose: 'sealed ground on full bare metal, laminate and old paint',
  },
  'zinc-rich': {
    ...coatProduct('zinc-rich', 'Zinc-rich primer', { pack: '2K' }, [1, 60, 50, 0.05, 20, 8 * HOUR, 30 * DAY, 6 * HOUR, 10, 85, 26]),
    id: 'zinc-rich',
    grounds: ['ferrous'],
    notOn: ['mild-steel-sheet', 'cast-iron'],
    acidic: false,
    role: 'first',
    key: null,
    purpose: 'blasted steel section outdoors',
  },
  'primer-1k': {
    ...coatProduct('primer-1k', 'One-pack primer', { pack: '1K', packs: [0.75, 2.5] }, [1, 30, 35, 0.15, 15, 2 * HOUR, 7 * DAY, null, 10, 80, 14]),
    id: 'primer-1k',
    grounds: ['ferrous', 'wood', 'paint'],
    notOn: [],
    acidic: false,
    role: 'first',
    key: key(120, 320),
    purpose: 'one-pack enamel and aerosol systems',
  },
  'surfacer-2k': {
    ...coatProduct('surfacer-2k', 'Two-pack surfacer', { pack: '2K', isocyanate: true }, [
      2,
      40,
      45,
      0.1,
      10,
      3 * HOUR,
      12 * HOUR,
      1 * HOUR,
      15,
      80,
      20,
    ]),
    id: 'surfacer-2k',
    grounds: ['paint'],
    notOn: [],
    acidic: false,
    role: 'over-primer',
    key: key(180, 320),
    purpose: 'levels and isolates over primer or keyed paint',
  },
  'plastic-primer': {
    ...coatProduct('plastic-primer', 'Plastic primer', { pack: '1K', packs: [0.5, 1] }, [2, 12, 20, 0, 8, 30, 24 * HOUR, null, 15, 75, 34]),
    id: 'plastic-primer',
    grounds: ['plastic-amorphous', 'plastic-other'],
    notOn: [],
    acidic: false,
    role: 'first',
    key: key(320, 600),
    purpose: 'rigid and semi-rigid plastics that wet out by themselves',
  },
  'adhesion-promoter': {
    ...coatProduct('adhesion-promoter', 'Adhesion promoter for olefins', { pack: '1K', apply: 'aerosol', packs: [0.4] }, [
      3,
      3,
      5,
      0,
      3,
      3,
      10,
      null,
      15,
      75,
      45,
    ]),
    id: 'adhesion-promoter',
    grounds: ['plastic-olefin'],
    notOn: [],
    acidic: false,
    role: 'promoter',
    key: key(400, 600),
    purpose: 'makes paint hold on polypropylene and polyethylene',
  },
  'barrier-epoxy': {
    ...coatProduct('barrier-epoxy', 'Barrier epoxy', { pack: '2K', apply: 'roller', packs: [2.5, 5] }, [
      5,
      50,
      55,
      0.05,
      4 * HOUR,
      4 * HOUR,
      2 * DAY,
      2 * HOUR,
      12,
      80,
      30,
    ]),
    id: 'barrier-epoxy',
    grounds: ['composite', 'light', 'ferrous', 'paint'],
    notOn: ['carbon-epoxy'],
    acidic: false,
    role: 'first',
    key: key(80, 80),
    purpose: 'keeps water out of laminate and off metal below the waterline',
  },
  'tie-coat': {
    ...coatProduct('tie-coat', 'Tie coat', { pack: '1K', apply: 'roller', packs: [0.75, 2.5] }, [
      1,
      50,
      45,
      0.05,
      4 * HOUR,
      5 * HOUR,
      3 * DAY,
      null,
      8,
      85,
      26,
    ]),
    id: 'tie-coat',
    grounds: ['paint'],
    notOn: [],
    acidic: false,
    role: 'over-primer',
    key: null,
    purpose: 'between unknown and new antifouling',
  },
  'aviation-epoxy': {
    ...coatProduct('aviation-epoxy', 'Aviation epoxy primer', { pack: '2K' }, [1, 20, 35, 0.2, 30, 2 * HOUR, 24 * HOUR, 6 * HOUR, 15, 75, 48]),
    id: 'aviation-epoxy',
    grounds: ['light', 'composite', 'paint'],
    notOn: [],
    acidic: false,
    role: 'first',
    key: key(180, 320),
    purpose: 'aircraft skin, within the licensed system only',
  },
  'high-temperature': {
    ...coatProduct('high-temperature', 'High-temperature primer', { pack: '1K', apply: 'aerosol', packs: [0.4] }, [
      2,
      12,
      20,
      0,
      15,
      30,
      7 * DAY,
      null,
      15,
      80,
      36,
    ]),
    id: 'high-temperature',
    grounds: ['ferrous'],
    notOn: [],
    acidic: false,
    role: 'first',
    key: key(80, 180),
    purpose: 'engine and exhaust heat',
  },
};
