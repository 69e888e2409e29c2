import { assumed, practised, type Cited } from '../model/basis.ts';

export type TreatmentId =
  'mechanical' | 'phosphoric-etch' | 'tannic-converter' | 'chelating-bath' | 'citric-bath' | 'electrolysis' | 'cut-out-and-weld';

export interface Treatment {
  readonly id: TreatmentId;
  readonly name: string;
  readonly does: string;
  readonly dose: Cited<string>;
  /** min of hand time per m² */
  readonly hand: Cited<number>;
  /** min of waiting at 20 °C */
  readonly wait: Cited<number>;
  readonly litresPerSquareMetre: Cited<number>;
  readonly pricePerLitre: Cited<number>;
  readonly acid: boolean;
}

export const TREATMENTS: Readonly<Record<TreatmentId, Treatment>> = {
  mechanical: {
    id: 'mechanical',
    name: 'Mechanical de-rusting',
    does: 'takes loose rust and scale off with disc, needle or wire',
    dose: practised('always first; scale is never treated over'),
    hand: assumed(25),
    wait: assumed(0),
    litresPerSquareMetre: assumed(0),
    pricePerLitre: assumed(0),
    acid: false,
  },
  'phosphoric-etch': {
    id: 'phosphoric-etch',
    name: 'Phosphoric etch',
    does: 'dissolves light rust in pits and leaves iron phosphate',
    dose: practised('8 to 15 % acid, kept wet 10 to 30 min, never dried on thick'),
    hand: assumed(8),
    wait: practised(20),
    litresPerSquareMetre: assumed(0.2),
    pricePerLitre: assumed(9),
    acid: true,
  },
  'tannic-converter': {
    id: 'tannic-converter',
    name: 'Tannic converter',
    does: 'turns thin even rust that cannot be reached into a black tannate under a resin',
    dose: practised('thin even rust only, 24 h before overcoating, not for immersion'),
    hand: assumed(8),
    wait: practised(24 * 60),
    litresPerSquareMetre: assumed(0.12),
    pricePerLitre: assumed(18),
    acid: true,
  },
  'chelating-bath': {
    id: 'chelating-bath',
    name: 'Chelating bath',
    does: 'lifts rust and spares the steel',
    dose: practised('hours to a day at 20 °C, small parts'),
    hand: assumed(6),
    wait: practised(12 * 60),
    litresPerSquareMetre: assumed(4),
    pricePerLitre: assumed(3),
    acid: false,
  },
  'citric-bath': {
    id: 'citric-bath',
    name: 'Citric bath',
    does: 'cheap and slow; flash rusts afterwards',
    dose: practised('5 to 10 % citric acid, 1 to 12 h'),
    hand: assumed(6),
    wait: practised(6 * 60),
    litresPerSquareMetre: assumed(4),
    pricePerLitre: assumed(1),
    acid: true,
  },
  electrolysis: {
    id: 'electrolysis',
    name: 'Electrolysis',
    does: 'reduces rust and loosens paint on castings',
    dose: practised('washing soda 10 to 15 g/L, 0.5 to 1 A/dm², steel anode, outdoors, never unattended'),
    hand: assumed(10),
    wait: practised(12 * 60),
    litresPerSquareMetre: assumed(0),
    pricePerLitre: assumed(0),
    acid: false,
  },
  'cut-out-and-weld': {
    id: 'cut-out-and-weld',
    name: 'Cut out and weld',
    does: 'replaces perforated metal',
    dose: practised('no coating bridges a hole'),
    hand: assumed(180),
    wait: assumed(0),
    litresPerSquareMetre: assumed(0),
    pricePerLitre: assumed(0),
    acid: false,
  },
};
