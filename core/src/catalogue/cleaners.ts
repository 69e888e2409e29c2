import { practice, type Basis } from '../model/basis.ts';
import type { CleanerId } from '../model/ids.ts';
import type { Soil } from '../model/job.ts';
import { BARE_MEANS, type MeansId } from './bare-means.ts';

/** What a cleaner takes off, and where it must not come. */
export interface Cleaner {
  readonly id: CleanerId;
  readonly name: string;
  /** the name of a last wipe with it */
  readonly asWipe: string;
  readonly means: MeansId;
  readonly takes: readonly Soil[];
  /** dry enough to paint over without a rinse */
  readonly lastWipe: boolean;
  /** charges no plastic and swells none: before others there */
  readonly forPlastics: boolean;
  /** leaves a film of its own, so that a fast wipe follows */
  readonly leavesFilm: boolean;
  /** an acid: rinsed and dried, or steel rusts */
  readonly acid: boolean;
  /** goes into filler and comes back under the paint */
  readonly soaksIn: boolean;
  /** softens plastics and paint that stays */
  readonly softens: boolean;
  readonly basis: Basis;
}

type Row = Pick<Cleaner, 'asWipe' | 'means' | 'takes'> & Partial<Cleaner>;
const row = (id: CleanerId, own: Row): Cleaner => ({
  id,
  name: BARE_MEANS[own.means].value.product,
  lastWipe: false,
  forPlastics: false,
  leavesFilm: false,
  acid: false,
  soaksIn: false,
  softens: false,
  basis: practice,
  ...own,
});

/** Common practice, no source; the label decides. */
export const CLEANERS: Readonly<Record<CleanerId, Cleaner>> = {
  'wax-and-grease': row('wax-and-grease', {
    name: 'Wax and grease remover',
    asWipe: 'Solvent wipe',
    means: 'solvent-wipe',
    takes: ['grease', 'oil', 'wax', 'polish', 'silicone'],
    soaksIn: true,
    lastWipe: true,
  }),
  'final-wash': row('final-wash', { asWipe: 'Final wash', means: 'final-wash', takes: ['polish'], lastWipe: true }),
  alcohol: row('alcohol', { asWipe: 'Alcohol wipe', means: 'alcohol', takes: ['mould-release'], lastWipe: true, forPlastics: true }),
  antistatic: row('antistatic', {
    asWipe: 'Antistatic wipe',
    means: 'antistatic',
    takes: ['mould-release', 'silicone'],
    lastWipe: true,
    forPlastics: true,
  }),
  detergent: row('detergent', { asWipe: 'Wash', means: 'detergent', takes: ['grease', 'oil', 'silicone', 'brake-dust'] }),
  'white-spirit': row('white-spirit', {
    asWipe: 'White spirit wipe',
    means: 'white-spirit',
    takes: ['grease', 'oil', 'wax'],
    leavesFilm: true,
    soaksIn: true,
    softens: true,
  }),
  turpentine: row('turpentine', {
    asWipe: 'Turpentine wipe',
    means: 'turpentine',
    takes: ['grease', 'oil', 'wax'],
    leavesFilm: true,
    soaksIn: true,
    softens: true,
  }),
  thinner: row('thinner', {
    asWipe: 'Thinner wipe',
    means: 'thinner',
    takes: ['grease', 'oil', 'wax', 'polish'],
    soaksIn: true,
    softens: true,
    lastWipe: true,
  }),
  vinegar: row('vinegar', { asWipe: 'Vinegar wipe', means: 'vinegar', takes: [], acid: true }),
};
