import { assumed, practised, type Cited } from '../model/basis.ts';
import type { CoatingId, MethodId } from '../model/ids.ts';
import type { Chemistry } from './coatings.ts';

export interface Stripper {
  readonly id: Extract<MethodId, `chem.${string}`>;
  /** the id, or the shop's own id */
  readonly ref: string;
  /** the shop's own times that replace those of the coating table, min for 50 µm */
  readonly softening: Partial<Readonly<Record<CoatingId, number | null>>>;
  readonly name: string;
  readonly chemistry: Chemistry;
  /** A liquid drains from a vertical or overhead face; gel and foam stay; a bath never dries. */
  readonly form: 'gel' | 'liquid' | 'foam' | 'bath';
  /** mm laid on wet */
  readonly wetFilm: Cited<number>;
  /** L/m² applied each round; less than the film for a foam */
  readonly layOnVolume: Cited<number>;
  /** min until it dries, 2.5 mm at 20 °C, uncovered */
  readonly workingLife: Cited<number>;
  readonly underFilm: boolean;
  readonly skinForming: boolean;
  readonly betweenRounds: 'rinse-and-dry' | 'straight-on';
  /** h: longest dwell a shop plans for one round (overnight for gels) */
  readonly longestDwell: Cited<number>;
  /** m²/h laid on */
  readonly layOnRate: Cited<number>;
  readonly pricePerLitre: Cited<number>;
  readonly packs: readonly number[];
  readonly reaction: 'neutral' | 'acid' | 'caustic';
  readonly flammable: boolean;
}

const ROWS: Readonly<Record<Stripper['id'], Omit<Stripper, 'ref' | 'softening'>>> = {
  'chem.dcm': {
    id: 'chem.dcm',
    name: 'Methylene-chloride stripper',
    chemistry: 'dcm',
    form: 'gel',
    wetFilm: practised(2.5),
    layOnVolume: practised(2.5),
    workingLife: assumed(35),
    underFilm: false,
    skinForming: true,
    betweenRounds: 'rinse-and-dry',
    longestDwell: assumed(0.6),
    layOnRate: assumed(6),
    pricePerLitre: assumed(22),
    packs: [1, 5],
    reaction: 'neutral',
    flammable: false,
  },
  'chem.fast-solvent': {
    id: 'chem.fast-solvent',
    name: 'Fast solvent gel',
    chemistry: 'fast-solvent',
    form: 'gel',
    wetFilm: practised(2.5),
    layOnVolume: practised(2.5),
    workingLife: assumed(25),
    underFilm: false,
    skinForming: true,
    betweenRounds: 'rinse-and-dry',
    longestDwell: assumed(1),
    layOnRate: assumed(6),
    pricePerLitre: assumed(14),
    packs: [1, 5],
    reaction: 'neutral',
    flammable: true,
  },
  'chem.benzyl-neutral': {
    id: 'chem.benzyl-neutral',
    name: 'Neutral benzyl-alcohol gel',
    chemistry: 'benzyl',
    form: 'gel',
    wetFilm: practised(1.8),
    layOnVolume: practised(1.8),
    workingLife: assumed(360),
    underFilm: false,
    skinForming: false,
    betweenRounds: 'rinse-and-dry',
    longestDwell: assumed(8),
    layOnRate: assumed(6),
    pricePerLitre: assumed(24),
    packs: [1, 5, 20],
    reaction: 'neutral',
    flammable: false,
  },
  'chem.benzyl-peroxide': {
    id: 'chem.benzyl-peroxide',
    name: 'Peroxide benzyl-alcohol liquid',
    chemistry: 'benzyl',
    form: 'liquid',
    wetFilm: practised(1.8),
    layOnVolume: practised(1.8),
    workingLife: assumed(360),
    underFilm: false,
    skinForming: false,
    betweenRounds: 'rinse-and-dry',
    longestDwell: assumed(8),
    layOnRate: assumed(6),
    pricePerLitre: assumed(26),
    packs: [5, 20],
    reaction: 'neutral',
    flammable: false,
  },
  'chem.benzyl-acid': {
    id: 'chem.benzyl-acid',
    name: 'Acid benzyl-alcohol gel',
    chemistry: 'benzyl',
    form: 'gel',
    wetFilm: practised(1.8),
    layOnVolume: practised(1.8),
    workingLife: assumed(360),
    underFilm: false,
    skinForming: false,
    betweenRounds: 'rinse-and-dry',
    longestDwell: assumed(8),
    layOnRate: assumed(6),
    pricePerLitre: assumed(25),
    packs: [5, 20],
    reaction: 'acid',
    flammable: false,
  },
  'chem.slow-gel': {
    id: 'chem.slow-gel',
    name: 'Slow gel under film',
    chemistry: 'slow-gel',
    form: 'gel',
    wetFilm: practised(2.5),
    layOnVolume: practised(2.5),
    workingLife: assumed(720),
    underFilm: true,
    skinForming: false,
    betweenRounds: 'straight-on',
    longestDwell: assumed(12),
    layOnRate: assumed(6),
    pricePerLitre: assumed(18),
    packs: [1, 5, 15],
    reaction: 'neutral',
    flammable: false,
  },
  'chem.caustic-spray': {
    id: 'chem.caustic-spray',
    name: 'Caustic foam',
    chemistry: 'caustic',
    form: 'foam',
    wetFilm: practised(2.5),
    layOnVolume: practised(0.25),
    workingLife: assumed(12),
    underFilm: false,
    skinForming: false,
    betweenRounds: 'straight-on',
    longestDwell: assumed(0.25),
    layOnRate: assumed(12),
    pricePerLitre: assumed(9),
    packs: [0.5],
    reaction: 'caustic',
    flammable: false,
  },
  'chem.caustic-bath': {
    id: 'chem.caustic-bath',
    name: 'Hot caustic bath',
    chemistry: 'caustic',
    form: 'bath',
    wetFilm: practised(2.5),
    layOnVolume: practised(0),
    workingLife: assumed(24 * 60),
    underFilm: false,
    skinForming: false,
    betweenRounds: 'straight-on',
    longestDwell: assumed(12),
    layOnRate: assumed(30),
    pricePerLitre: assumed(0),
    packs: [1],
    reaction: 'caustic',
    flammable: false,
  },
  'chem.plastic-safe': {
    id: 'chem.plastic-safe',
    name: 'Plastic-safe stripper',
    chemistry: 'mild-safe',
    form: 'gel',
    wetFilm: practised(2.5),
    layOnVolume: practised(2.5),
    workingLife: assumed(60),
    underFilm: false,
    skinForming: false,
    betweenRounds: 'rinse-and-dry',
    longestDwell: assumed(1),
    layOnRate: assumed(6),
    pricePerLitre: assumed(28),
    packs: [0.5, 1, 5],
    reaction: 'neutral',
    flammable: false,
  },
  'chem.gelcoat-safe': {
    id: 'chem.gelcoat-safe',
    name: 'Gelcoat-safe stripper',
    chemistry: 'mild-safe',
    form: 'gel',
    wetFilm: practised(2),
    layOnVolume: practised(2),
    workingLife: assumed(480),
    underFilm: false,
    skinForming: false,
    betweenRounds: 'straight-on',
    longestDwell: assumed(8),
    layOnRate: assumed(6),
    pricePerLitre: assumed(20),
    packs: [2.5, 5, 15],
    reaction: 'neutral',
    flammable: false,
  },
};

const complete = (id: Stripper['id']): Stripper => ({ ...ROWS[id], ref: id, softening: {} });
export const STRIPPERS = Object.fromEntries((Object.keys(ROWS) as Stripper['id'][]).map((id) => [id, complete(id)])) as Readonly<
  Record<Stripper['id'], Stripper>
>;
