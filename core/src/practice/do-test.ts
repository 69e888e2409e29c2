import { depthAfter } from '../chemical/softening-front.ts';
import type { PracticeTest } from '../model/practice.ts';
import { onGroup, onMetal } from '../rules/groups.ts';
import { SALT_LIMIT } from './advance.ts';
import { isBare, paintIn, type Bench, type Shown, type TestSaid } from './bench.ts';
import { filmsAhead } from './front.ts';
import { work } from './pay.ts';
import { roomAt } from './room.ts';
import type { Truth } from './truth.ts';

/** min of each test on the bench; common practice, no source. */
export const TEST_MINUTES: Readonly<Record<PracticeTest, number>> = {
  magnet: 0.5,
  'lead-swab': 2,
  'solvent-rub': 2,
  gauge: 1,
  corner: 0.5,
  ph: 1,
  'salt-patch': 12,
  'water-break': 1,
  dew: 0.5,
  'cartridge-log': 0.5,
  'weigh-pot': 1.5,
};

/** Share of a greasy face that sheds water, and K above the dew point (ISO 8502-4, from memory). */
const BEADS = 0.7;
export const DEW_MARGIN = 3;

interface Reading extends Pick<TestSaid, 'says' | 'good'> {
  readonly shows?: Shown;
}

/** A test is read at its end: the face may have gone on meanwhile. */
export function tryTest(bench: Bench, truth: Truth, test: PracticeTest): Bench {
  const after = work(bench, truth, 'tests', TEST_MINUTES[test]);
  const wets = test === 'water-break' && !after.lay;
  return { ...after, wet: after.wet || wets, said: [...after.said, { test, at: after.at, shows: null, ...READ[test](after, truth) }] };
}

const READ: Readonly<Record<PracticeTest, (bench: Bench, truth: Truth) => Reading>> = {
  magnet: (_, { facts }) => {
    const holds = onGroup(facts, 'ferrous');
    return { says: holds ? 'It holds: iron or steel.' : onMetal(facts) ? 'It does not hold: light metal.' : 'It does not hold.', good: holds };
  },
  'lead-swab': (_, { lead }) => ({ says: lead ? 'The swab turns pink: lead.' : 'No colour: no lead found.', good: !lead }),
  'solvent-rub': (bench, truth) => {
    const top = topFilm(bench, truth);
    if (!top) return { says: 'Nothing left to rub.', good: true };
    return top.coating.crossLinked
      ? { says: 'Colour stays on the part: cross-linked.', good: false }
      : { says: 'Colour on the rag: it dissolves.', good: true };
  },
  gauge: (bench, truth) => {
    const left = Math.max(0, paintIn(truth) - bench.depth);
    const told = truth.films.filter((film) => film.told).reduce((sum, { thickness }) => sum + thickness, 0);
    return { says: `${Math.round(left)} µm`, good: left <= told * 1.05 };
  },
  corner: (bench, truth) => {
    const { lay } = bench;
    if (!lay) return { says: 'No stripper on it.', good: false };
    const ahead = filmsAhead(truth, lay.product, bench);
    const softened = depthAfter(ahead, lay.effective);
    const left = paintIn(truth) - bench.depth - softened;
    if (softened < 1) return { says: 'Nothing comes away yet.', good: false };
    const below = Math.max(0, softened - (ahead[0]?.thickness ?? 0)) / softened;
    const shows: Shown = { sign: 'slurry', share: below };
    return left <= 0.5
      ? { says: 'Down to the bare part.', good: true, shows }
      : {
          says: `${Math.round(softened)} µm come away, paint below.`,
          shows,
          good: softened > 0.9 * ahead.reduce((sum, { thickness }) => sum + thickness, 0),
        };
  },
  ph: ({ ph }) => ({ says: `pH ${ph.toFixed(1)}`, good: ph >= 6 && ph <= 8, shows: { sign: 'paper', share: ph / 14 } }),
  'salt-patch': ({ salt }) => ({ says: `${Math.round(salt)} mg/m²`, good: salt <= SALT_LIMIT }),
  'water-break': ({ residue, dusty, wiped }) => {
    const holds = residue <= 0.15 && !dusty && (wiped || residue < 0.01);
    return holds
      ? { says: 'The film holds.', good: true, shows: { sign: 'beads', share: 0 } }
      : { says: 'It breaks into beads: grease or residue.', good: false, shows: { sign: 'beads', share: BEADS } };
  },
  dew: (bench, truth) => {
    const { temperature, humidity, margin } = roomAt(truth.air, bench.at, bench.warmed);
    return {
      says: `${temperature.toFixed(1)} °C, ${Math.round(humidity)} %, metal ${margin.toFixed(1)} K above dew`,
      shows: { sign: 'fog', share: Math.min(1, Math.max(0, 1 - margin / (2 * DEW_MARGIN))) },
      good: margin >= DEW_MARGIN && temperature >= truth.coldest && humidity <= truth.dampest,
    };
  },
  'cartridge-log': ({ cartridge }) => ({ says: `${Math.round(cartridge)} min left`, good: cartridge >= 60 }),
  'weigh-pot': ({ hardener }) => ({ says: `hardener at ${Math.round(hardener * 100)} % of what is right`, good: Math.abs(hardener - 1) <= 0.1 }),
};

/** The film that lies on top now. */
export function topFilm(bench: Pick<Bench, 'depth'>, truth: Pick<Truth, 'films'>) {
  if (isBare(bench, truth)) return null;
  let face = 0;
  return truth.films.find(({ thickness }) => (face += thickness) > bench.depth + 0.5) ?? null;
}
