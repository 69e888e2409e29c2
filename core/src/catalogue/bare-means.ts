import { cite, assumption, practice, type Basis, type Cited } from '../model/basis.ts';
import type { Means } from '../model/bare.ts';

const means = (basis: Basis, product: string, strength: string | null, more: Partial<Omit<Means, 'product' | 'strength'>> = {}): Cited<Means> =>
  cite({ product, strength, minutes: null, temperature: null, ph: null, ...more }, basis);

const COOL: [number, number] = [10, 30];
const ROOM: [number, number] = [15, 30];
const NEUTRAL: [number, number] = [6, 8];

/** What a step on the bare surface is done with: strength, minutes wet, °C of bath or part, and pH while it works or after the rinse. The label decides. */
export const BARE_MEANS = {
  water: means(assumption, 'Fresh water, soft brush', null, { minutes: [2, 5], temperature: COOL, ph: NEUTRAL }),
  'wetting-water': means(assumption, 'Fresh water with wetting agent', '0.1 to 0.5 %', { minutes: [2, 5], temperature: COOL, ph: NEUTRAL }),
  'after-caustic': means(assumption, 'Water, then weak acid where it still reads high', '1 to 2 %', {
    minutes: [2, 10],
    temperature: COOL,
    ph: NEUTRAL,
  }),
  'after-acid': means(assumption, 'Water, then washing soda where it still reads low', '1 to 2 %', {
    minutes: [2, 10],
    temperature: COOL,
    ph: NEUTRAL,
  }),
  'after-soda': means(assumption, 'Water with vinegar, then clear water', '5 to 10 % of household vinegar', {
    minutes: [2, 5],
    temperature: COOL,
    ph: NEUTRAL,
  }),
  detergent: means(assumption, 'Detergent in warm water', '1 to 3 %', { minutes: [5, 15], temperature: [30, 45], ph: [7, 9] }),
  'plastics-detergent': means(assumption, 'Plastics detergent in warm water', '2 to 5 %', { minutes: [10, 30], temperature: [30, 45], ph: [7, 9] }),
  'dry-air': means(practice, 'Clean dry air', null),
  warmth: means(assumption, 'Warm clean air', null, { minutes: [15, 30], temperature: [40, 60] }),
  'phosphoric-etch': means(practice, 'Phosphoric acid', '8 to 15 %', { minutes: [10, 30], temperature: ROOM, ph: [1, 2] }),
  'tannic-converter': means(practice, 'Tannic converter', 'as it comes', { minutes: [1440, 1440], temperature: ROOM }),
  'chelating-bath': means(practice, 'Chelating bath', 'as it comes', { minutes: [120, 1440], temperature: [18, 25], ph: NEUTRAL }),
  electrolysis: means(practice, 'Washing soda in water', '10 to 15 g/L', { minutes: [240, 1440], temperature: ROOM, ph: [11, 12] }),
  'film-off': means(practice, 'The same acid fresh, or water, with an abrasive pad', '8 to 15 %', {
    minutes: [5, 15],
    temperature: ROOM,
    ph: NEUTRAL,
  }),
  'solvent-wipe': means(practice, 'Wax and grease remover, two cloths', 'as it comes', { temperature: ROOM }),
  alcohol: means(practice, 'Isopropyl alcohol', '70 % or more', { minutes: [1, 5], temperature: ROOM }),
  'final-wash': means(practice, 'Water-borne final wash', 'as it comes', { minutes: [1, 5], temperature: ROOM }),
  antistatic: means(practice, 'Antistatic plastics cleaner', 'as it comes', { minutes: [1, 5], temperature: ROOM }),
  'white-spirit': means(practice, 'White spirit', 'as it comes', { temperature: ROOM }),
  turpentine: means(practice, 'Turpentine', 'as it comes', { temperature: ROOM }),
  thinner: means(practice, 'Strong thinner', 'as it comes', { temperature: ROOM }),
  vinegar: means(practice, 'Vinegar', 'as it comes', { temperature: ROOM, ph: [2, 3] }),
  'test-water': means(practice, 'Clean water', null, { temperature: ROOM }),
} as const satisfies Readonly<Record<string, Cited<Means>>>;
export type MeansId = keyof typeof BARE_MEANS;
