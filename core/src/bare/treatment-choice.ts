import { schoolNamed } from '../catalogue/school-words.ts';
import type { Method } from '../catalogue/methods.ts';
import { TREATMENTS, type TreatmentId } from '../catalogue/treatments.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { TreatmentOption } from '../model/bare.ts';

/** m² up to which a part counts as small enough for a bath. */
const BATH_AREA = 0.3;

interface Refusal {
  readonly when: (zone: ZoneFacts, method: Method | null) => boolean;
  readonly reason: string;
}

const immersed = (zone: ZoneFacts) => zone.service.startsWith('immersed');
const hardSteel = (zone: ZoneFacts) => zone.substrate.id === 'high-strength-steel';
const derusts = (_: ZoneFacts, method: Method | null) => method?.traits.includes('removes-rust') ?? false;
const scaly = (zone: ZoneFacts) => zone.zone.condition.rustGrade === 'C' || zone.zone.condition.rustGrade === 'D';
const big = (zone: ZoneFacts) => zone.area > BATH_AREA;
/** A casting of a shop that strips and derusts castings by current. */
const electrolytic = (zone: ZoneFacts) => zone.substrate.id === 'cast-iron' && zone.shop.schools.R1 === 'electrolysis';
const perforated = (zone: ZoneFacts) => zone.zone.condition.perforated;

const ACID_ON_HARD: Refusal = { when: hardSteel, reason: 'acid and current embrittle high-strength steel with hydrogen' };
const TOO_BIG: Refusal = { when: big, reason: 'the part is too large for a bath; baths are for small parts' };

/** In order of preference; the first that is not refused is chosen. */
const PREFERENCE: readonly { id: TreatmentId; refusals: readonly Refusal[]; chosen: string }[] = [
  {
    id: 'cut-out-and-weld',
    chosen: 'the metal is perforated; no coating bridges a hole',
    refusals: [{ when: (zone) => !perforated(zone), reason: 'the metal is not perforated' }],
  },
  {
    id: 'chelating-bath',
    chosen: 'lifts rust without acid, which this steel does not stand, from a part small enough for a bath',
    refusals: [TOO_BIG, { when: (zone) => !hardSteel(zone), reason: 'phosphoric etch or a disc is quicker here' }],
  },
  {
    id: 'mechanical',
    chosen: 'loose rust and scale come off by tool before anything is put on',
    refusals: [
      { when: derusts, reason: 'the method already takes rust and scale with it' },
      { when: (zone) => !scaly(zone) && !hardSteel(zone), reason: 'light rust of this grade dissolves without it' },
    ],
  },
  {
    id: 'phosphoric-etch',
    chosen: 'dissolves what is left in the pits and leaves iron phosphate',
    refusals: [
      ACID_ON_HARD,
      { when: electrolytic, reason: 'this shop takes rust off castings by current' },
      { when: (zone) => zone.zone.access === 'inside', reason: 'acid cannot be rinsed out of a closed hollow' },
      {
        when: (_, method) => method?.traits.includes('hard-medium') ?? false,
        reason: 'no acid on steel that is blasted bright: it only wets it again',
      },
      { when: (zone, method) => derusts(zone, method) && !zone.zone.condition.pitted, reason: 'the method leaves bright metal without pits' },
    ],
  },
  {
    id: 'tannic-converter',
    chosen: 'rust that cannot be reached is turned into a firm black film',
    refusals: [
      { when: immersed, reason: 'not for immersion' },
      { when: (zone) => zone.zone.access !== 'inside' && zone.zone.access !== 'crevice', reason: 'the surface can be reached and cleaned to metal' },
    ],
  },
  {
    id: 'citric-bath',
    chosen: 'cheap bath for a small part',
    refusals: [ACID_ON_HARD, TOO_BIG, { when: () => true, reason: 'slow, and flash rusts afterwards; phosphoric leaves a better ground' }],
  },
  {
    id: 'electrolysis',
    chosen: 'reduces rust on castings',
    refusals: [
      ACID_ON_HARD,
      { when: (zone) => !electrolytic(zone), reason: `needs a tub, a supply and a day outdoors; ${schoolNamed('R1')} chooses it for castings` },
    ],
  },
];

/** Treatments that go with another instead of replacing it. */
const TOGETHER: readonly TreatmentId[] = ['mechanical', 'phosphoric-etch'];

/** Every treatment with why it is or is not used. Empty where nothing rusts. */
export function chooseTreatment(zone: ZoneFacts, method: Method | null): TreatmentOption[] {
  if (zone.substrate.group !== 'ferrous' || zone.kept.length > 0) return [];
  if (zone.zone.condition.rustGrade === 'none' && !perforated(zone)) return [];
  let taken: TreatmentId | null = null;
  return PREFERENCE.map(({ id, refusals, chosen }) => {
    const refusal = refusals.find(({ when }) => when(zone, method));
    const name = TREATMENTS[id].name;
    if (refusal) return { id, name, chosen: false, reason: refusal.reason };
    if (taken && !(TOGETHER.includes(id) && taken !== 'chelating-bath'))
      return { id, name, chosen: false, reason: `${TREATMENTS[taken].name.toLowerCase()} already does it` };
    taken = id;
    return { id, name, chosen: true, reason: chosen };
  });
}
