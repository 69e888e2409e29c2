import { depthAfter } from '../chemical/softening-front.ts';
import type { PracticeTest } from '../model/practice.ts';
import { DEW_MARGIN } from '../climate/surface.ts';
import { onGroup, onMetal } from '../rules/groups.ts';
import { isBare, paintIn, SPECKS, type Bench, type Shown, type TestSaid } from './bench.ts';
import { filmsAhead } from './front.ts';
import { isAirRight, isMixedRight, isNeutral, isRinsed, isSaltFree } from './limits.ts';
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

/** Share of a greasy face that sheds water, as it is drawn; and min that a cartridge should still have. Model assumption. */
const BEADS = 0.7;
const CARTRIDGE_LEAST = 60;
/** Residue that is none; model assumption. */
const TRACE = 0.01;
/** Share of what can soften that is loose when a corner is as deep as it will get; model assumption. */
const ALL_LOOSE = 0.9;

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
    return left <= SPECKS
      ? { says: 'Down to the bare part.', good: true, shows }
      : {
          says: `${Math.round(softened)} µm come away, paint below.`,
          shows,
          good: softened > ALL_LOOSE * ahead.reduce((sum, { thickness }) => sum + thickness, 0),
        };
  },
  ph: ({ ph }) => ({ says: `pH ${ph.toFixed(1)}`, good: isNeutral({ ph }), shows: { sign: 'paper', share: ph / 14 } }),
  'salt-patch': (bench, truth) => ({ says: `${Math.round(bench.salt)} mg/m²`, good: isSaltFree(bench, truth) }),
  'water-break': ({ residue, dusty, wiped }) => {
    const holds = isRinsed({ residue }) && !dusty && (wiped || residue < TRACE);
    return holds
      ? { says: 'The film holds.', good: true, shows: { sign: 'beads', share: 0 } }
      : { says: 'It breaks into beads: grease or residue.', good: false, shows: { sign: 'beads', share: BEADS } };
  },
  dew: (bench, truth) => {
    const room = roomAt(truth.air, bench.at, bench.warmed);
    const { temperature, humidity, margin } = room;
    return {
      says: `${temperature.toFixed(1)} °C, ${Math.round(humidity)} %, metal ${margin.toFixed(1)} K above dew`,
      shows: { sign: 'fog', share: Math.min(1, Math.max(0, 1 - margin / (2 * DEW_MARGIN))) },
      good: isAirRight(room, truth),
    };
  },
  'cartridge-log': ({ cartridge }) => ({ says: `${Math.round(cartridge)} min left`, good: cartridge >= CARTRIDGE_LEAST }),
  'weigh-pot': ({ hardener }) => ({ says: `hardener at ${Math.round(hardener * 100)} % of what is right`, good: isMixedRight({ hardener }) }),
};

/** The film that lies on top now. */
export function topFilm(bench: Pick<Bench, 'depth'>, truth: Pick<Truth, 'films'>) {
  if (isBare(bench, truth)) return null;
  let face = 0;
  return truth.films.find(({ thickness }) => (face += thickness) > bench.depth + SPECKS) ?? null;
}
