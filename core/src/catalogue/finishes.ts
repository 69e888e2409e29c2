import { practised, type Cited } from '../model/basis.ts';
import type { FinishId } from '../model/ids.ts';
import { coatProduct, DAY, HOUR, type CoatProduct } from './coats.ts';

/** The topcoat system a job is aimed at. */
export interface Finish {
  readonly id: FinishId;
  readonly name: string;
  readonly pack: '1K' | '2K' | 'none';
  readonly coats: readonly CoatProduct[];
  /** A surfacer under it is usual on visible outside panels. */
  readonly wantsSurfacer: boolean;
  /** Coarsest and finest P grit of the last sanding before the first colour coat. */
  readonly key: Cited<readonly [coarse: number, fine: number]>;
  /** min at 20 °C */
  readonly handle: Cited<number>;
  readonly load: Cited<number>;
  /** what keeps growth off under water; null: it is none */
  readonly antifouling: 'copper' | 'copper-free' | null;
}

const key = (coarse: number, fine: number) => practised([coarse, fine] as const);

const clear = coatProduct('clear-2k', 'Two-pack clear', { pack: '2K', isocyanate: true }, [2, 22, 45, 0.1, 10, 10, 24 * HOUR, 2 * HOUR, 15, 80, 32]);

type AntifoulingId = Extract<FinishId & CoatProduct['id'], `antifouling${string}`>;

/** Rolled on in two coats, ready when the tin lets it into the water. */
const antifouling = (id: AntifoulingId, name: string, kind: 'copper' | 'copper-free', row: Parameters<typeof coatProduct>[3]): Finish => ({
  id,
  name,
  pack: '1K',
  antifouling: kind,
  wantsSurfacer: false,
  key: key(80, 80),
  handle: practised(DAY),
  load: practised(2 * DAY),
  coats: [coatProduct(id, name, { pack: '1K', apply: 'roller', packs: [0.75, 2.5] }, row)],
});

export const FINISHES: Readonly<Record<FinishId, Finish>> = {
  'aerosol-1k': {
    id: 'aerosol-1k',
    name: 'One-pack aerosol colour and clear',
    pack: '1K',
    antifouling: null,
    wantsSurfacer: false,
    key: key(320, 600),
    handle: practised(DAY),
    load: practised(7 * DAY),
    coats: [
      coatProduct('colour-1k', 'One-pack colour, aerosol', { pack: '1K', apply: 'aerosol', packs: [0.4] }, [
        2,
        12,
        12,
        0,
        15,
        15,
        null,
        null,
        15,
        70,
        30,
      ]),
      coatProduct('clear-1k', 'One-pack clear, aerosol', { pack: '1K', apply: 'aerosol', packs: [0.4] }, [
        2,
        12,
        12,
        0,
        15,
        15,
        null,
        null,
        15,
        70,
        30,
      ]),
    ],
  },
  'solid-2k': {
    id: 'solid-2k',
    name: 'Two-pack solid colour',
    pack: '2K',
    antifouling: null,
    wantsSurfacer: true,
    key: key(400, 600),
    handle: practised(2 * DAY),
    load: practised(7 * DAY),
    coats: [
      coatProduct('solid-2k', 'Two-pack solid colour', { pack: '2K', isocyanate: true }, [2, 28, 50, 0.1, 12, 12, 24 * HOUR, 3 * HOUR, 15, 80, 40]),
    ],
  },
  'base-clear': {
    id: 'base-clear',
    name: 'Basecoat and two-pack clear',
    pack: '2K',
    antifouling: null,
    wantsSurfacer: true,
    key: key(500, 800),
    handle: practised(2 * DAY),
    load: practised(7 * DAY),
    coats: [coatProduct('basecoat', 'Basecoat colour', { pack: '1K' }, [3, 6, 18, 0.5, 10, 15, 24 * HOUR, null, 15, 80, 48]), clear],
  },
  'machine-enamel': {
    id: 'machine-enamel',
    name: 'One-pack machine enamel',
    pack: '1K',
    antifouling: null,
    wantsSurfacer: false,
    key: key(180, 320),
    handle: practised(2 * DAY),
    load: practised(7 * DAY),
    coats: [
      coatProduct('machine-enamel', 'One-pack machine enamel', { pack: '1K', packs: [0.75, 2.5] }, [
        2,
        35,
        45,
        0.1,
        20,
        16 * HOUR,
        null,
        null,
        10,
        80,
        18,
      ]),
    ],
  },
  liner: {
    id: 'liner',
    name: 'Textured polyurethane liner',
    pack: '2K',
    antifouling: null,
    wantsSurfacer: false,
    key: key(80, 180),
    handle: practised(DAY),
    load: practised(7 * DAY),
    coats: [
      coatProduct('liner', 'Textured liner', { pack: '2K', isocyanate: true, packs: [1, 4] }, [2, 250, 65, 0, 45, 45, 24 * HOUR, 45, 15, 85, 24]),
    ],
  },
  'powder-sent-out': {
    id: 'powder-sent-out',
    name: 'Powder coat, sent out',
    pack: 'none',
    antifouling: null,
    wantsSurfacer: false,
    key: key(80, 180),
    handle: practised(2 * HOUR),
    load: practised(DAY),
    coats: [],
  },
  antifouling: antifouling('antifouling', 'Ablative antifouling', 'copper', [2, 60, 50, 0, 5 * HOUR, 5 * HOUR, null, null, 5, 85, 38]),
  'antifouling-hard': antifouling('antifouling-hard', 'Hard antifouling', 'copper', [2, 50, 50, 0, 6 * HOUR, 6 * HOUR, null, null, 5, 85, 42]),
  'antifouling-thin-film': antifouling('antifouling-thin-film', 'Thin-film antifouling', 'copper', [2, 30, 40, 0, HOUR, HOUR, null, null, 5, 85, 48]),
  'antifouling-no-biocide': antifouling('antifouling-no-biocide', 'Antifouling without biocide', 'copper-free', [
    2,
    60,
    55,
    0,
    6 * HOUR,
    6 * HOUR,
    null,
    null,
    5,
    85,
    60,
  ]),
  'aviation-topcoat': {
    id: 'aviation-topcoat',
    name: 'Aviation polyurethane',
    pack: '2K',
    antifouling: null,
    wantsSurfacer: false,
    key: key(320, 400),
    handle: practised(2 * DAY),
    load: practised(7 * DAY),
    coats: [
      coatProduct('aviation-topcoat', 'Aviation polyurethane', { pack: '2K', isocyanate: true }, [
        2,
        28,
        45,
        0.15,
        30,
        30,
        24 * HOUR,
        4 * HOUR,
        15,
        75,
        70,
      ]),
    ],
  },
  'heat-colour': {
    id: 'heat-colour',
    name: 'High-temperature colour, aerosol',
    pack: '1K',
    antifouling: null,
    wantsSurfacer: false,
    key: key(80, 180),
    handle: practised(DAY),
    load: practised(2 * DAY),
    coats: [
      coatProduct('colour-heat', 'High-temperature colour, aerosol', { pack: '1K', apply: 'aerosol', packs: [0.4] }, [
        2,
        10,
        20,
        0,
        15,
        30,
        null,
        null,
        15,
        75,
        34,
      ]),
    ],
  },
  'bare-polish': {
    id: 'bare-polish',
    name: 'Bare, polished',
    pack: 'none',
    antifouling: null,
    wantsSurfacer: false,
    key: key(1000, 2500),
    handle: practised(0),
    load: practised(0),
    coats: [],
  },
};
