import { WATER_BREAK, PH } from '../../bare/hold-points.ts';
import { chooseCleaners } from '../../bare/choose-cleaner.ts';
import { BARE_MEANS, type MeansId } from '../../catalogue/bare-means.ts';
import { dryingAt } from '../../climate/cure-scale.ts';
import type { HoldPoint } from '../../model/bare.ts';
import type { OperationKind, Takes } from '../../model/operation.ts';
import { isFlamed, isTank, onGroup, onMetal, onPlastic } from '../../rules/groups.ts';
import { neverBlown, whyNoJet } from '../../facts/poisons.ts';
import { dustsOldPaint } from '../../safety/raised-by.ts';
import type { FaceInput } from '../face-input.ts';
import { look, type Task, type Upkeep } from '../task.ts';
import { DRYING, UPKEEP_MINUTES, UPKEEP_START } from '../upkeep-minutes.ts';

/** min of airing before flame and spark: half a day after chlorinated stripper, an hour after others. Common practice, no source. */
const AIRING = { chlorinated: 12 * 60, other: 60 } as const;

interface Said {
  readonly title: string;
  readonly detail: string;
  readonly wait?: number;
  readonly hold?: HoldPoint;
  readonly means?: MeansId;
  readonly takes?: readonly Takes[];
}

const SAYS: readonly (readonly [OperationKind, (input: FaceInput) => Said])[] = [
  ['rinse-off', rinse],
  ['uncover-strip', uncover],
  ['neutralise', neutralise],
  ['rinse-acid', rinseAcid],
  ['dry', dry],
  ['dust-off', dustOff],
  ['air-out', airOut],
  ['wipe', wipe],
  ['test', test],
  ['clean-film', cleanFilm],
];

/** What puts a face right again whenever something has wetted, dusted or touched it. */
export const upkeepTasks = (input: FaceInput): Upkeep[] => SAYS.map(([kind, says]) => ({ kind, make: () => taskOf(kind, says(input), input) }));

const minutesOf: Partial<Readonly<Record<OperationKind, number>>> = UPKEEP_MINUTES;

const taskOf = (kind: OperationKind, { means, ...said }: Said, { facts }: FaceInput): Task => ({
  kind,
  hand: UPKEEP_START + (minutesOf[kind] ?? 0) * facts.area,
  ...said,
  ...(means ? { means: BARE_MEANS[means].value } : {}),
});

const does = ({ method }: FaceInput, trait: 'caustic' | 'acid'): boolean => method?.traits.includes(trait) ?? false;

function rinse(input: FaceInput): Said {
  const { facts, method } = input;
  if (method?.id === 'blast.soda') return { title: 'Wash the soda off', detail: 'Plenty of water; alkaline salt kills adhesion.', means: 'water' };
  if (onPlastic(facts)) return { title: 'Rinse stripper off', detail: 'Water and a soft brush; no thinner.', means: 'water' };
  if (!onMetal(facts)) return { title: 'Rinse stripper off', detail: 'Fresh water, soft brush, twice.', means: 'water' };
  const strong = does(input, 'caustic') || does(input, 'acid');
  return {
    title: 'Rinse stripper off',
    detail: `Plenty of water${strong ? '' : ' with a little wetting agent'}; flush seams and laps${whyNoJet(facts) === null ? ', blow them out' : ''}, look again.`,
    means: strong ? 'water' : 'wetting-water',
  };
}

function uncover({ facts }: FaceInput): Said {
  return {
    title: 'Take the strip covers off',
    detail: `Flush and look behind each; ${isTank(facts) ? 'the plugs of the tank stay in' : 'plugs come out and are kept for the paint'}.`,
  };
}

function rinseAcid(): Said {
  return {
    title: 'Rinse the acid off',
    detail: 'Fresh water until neutral; a solvent wipe does not remove a phosphate film.',
    hold: PH,
    means: 'water',
  };
}

function neutralise(input: FaceInput): Said {
  if (does(input, 'caustic'))
    return {
      title: 'Rinse to neutral',
      detail: 'Caustic stays in pores and laps; weak acid rinse on iron if it reads high.',
      hold: PH,
      means: 'after-caustic',
    };
  if (does(input, 'acid'))
    return { title: 'Rinse to neutral', detail: 'Acid goes on working under paint; alkaline wash if it reads low.', hold: PH, means: 'after-acid' };
  return { title: 'Neutralise the soda', detail: 'Alkaline salt kills adhesion.', hold: PH, means: 'after-soda' };
}

function dry({ facts }: FaceInput): Said {
  const scale = dryingAt(facts.place);
  if (facts.substrate.id === 'cast-iron')
    return {
      title: 'Towel and warm through at once',
      detail: 'Iron castings hold water in their pores; hand-warm all over.',
      wait: DRYING.casting * scale,
      means: 'warmth',
    };
  const why = whyNoJet(facts);
  if (onMetal(facts))
    return {
      title: 'Dry at once',
      detail:
        why === null
          ? 'Blow out laps and warm; water left in a lap comes back through the paint.'
          : `Cloths and warm air that stands, no jet: ${why}. Water left in a lap comes back through the paint.`,
      wait: DRYING.metal * scale,
      means: why === null ? 'dry-air' : 'warmth',
    };
  return { title: 'Dry', detail: 'Clean cloths, then leave it until no edge or hole weeps.', wait: DRYING.other * scale };
}

/** Dust that may be poisonous is never blown, dust of old paint and filler neither; what burns is kept wet. */
function dustOff({ facts, method }: FaceInput): Said {
  if (facts.substrate.id === 'magnesium')
    return {
      title: 'Wipe wet, no vacuum, no air; then dry',
      detail:
        'Wet cloths until they stay clean, kept wet in a lidded metal can: fines of magnesium burn, and set off a vacuum that is not made for them. Then dry cloths and warm air that stands: the wiped metal must not stay wet.',
      wait: DRYING.metal * dryingAt(facts.place),
      means: 'water',
    };
  if (neverBlown(facts) || onGroup(facts, 'composite'))
    return {
      title: 'Vacuum and wipe damp, no air',
      detail: 'Vacuum with a HEPA filter, then a damp cloth; never compressed air, never a brush.',
    };
  if (onPlastic(facts)) return { title: 'Vacuum the dust off', detail: 'Soft brush on the hose; rubbing charges it and draws dust.' };
  if (dustsOldPaint(facts, method))
    return {
      title: 'Vacuum with a soft brush',
      detail: 'HEPA filter; seams, holes and pits, too. Air would only spread old paint dust.',
    };
  return { title: 'Blow down and vacuum', detail: 'Dust out of seams, holes and pits, too.', means: 'dry-air' };
}

function airOut({ method }: FaceInput): Said {
  const chlorinated = method?.id === 'chem.dcm';
  return {
    title: 'Air it before any flame or spark',
    detail: chlorinated
      ? 'Half a day with fresh air: chlorinated residue in heat gives phosgene.'
      : 'Doors open, stripper, rags and sludge out of the room: no vapour may hang.',
    wait: chlorinated ? AIRING.chlorinated : AIRING.other,
  };
}

function wipe({ facts, repairs }: FaceInput): Said {
  const filled = facts.filler || facts.zone.filling !== null || repairs.some(({ material }) => material.includes('filler'));
  const { cleaners, notes } = chooseCleaners(facts, { soils: [], last: true, filled });
  const [cleaner] = cleaners;
  const wait = onPlastic(facts) || filled || facts.kept.length > 0 ? 10 : onGroup(facts, 'composite', 'wood') ? 20 : 0;
  return {
    title: `${cleaner?.asWipe ?? 'Last wipe'}, two cloths`,
    detail: ['Wet on with one, dry off with the other before it flashes; gloves on.', ...(wait > 0 ? ['Wait until it is gone.'] : []), ...notes].join(
      ' ',
    ),
    wait,
    ...(cleaner ? { means: cleaner.means } : {}),
  };
}

function test(input: FaceInput): Said {
  const { facts, method } = input;
  const olefin = onGroup(facts, 'plastic-olefin');
  if (olefin && facts.kept.length === 0 && !isFlamed(facts))
    return {
      title: 'Tape test on a painted coupon',
      detail: 'The same plastic, cleaned, keyed and promoted the same way: tape pulled off sharply. Water beads on it whatever is done.',
      hold: look('tape on a painted coupon, or a test marker', 'no paint on the tape'),
      takes: [],
    };
  if (facts.kept.length > 0)
    return {
      title: 'Look along the light',
      detail: 'Even dull, no shine, no edge felt.',
      hold: look('lamp held flat, fingertip in a glove', 'no shine and no step'),
      takes: [],
    };
  if (facts.finish?.id === 'powder-sent-out')
    return {
      title: 'White-cloth test',
      detail: 'A wet face would rust on the way to the oven: no water on it now.',
      hold: look('white cloth', 'cloth stays clean'),
      takes: [],
    };
  if (method?.traits.includes('hard-medium'))
    return {
      title: 'Check grade and dust',
      detail: 'Even grey, no shadow of scale; vacuum once more.',
      hold: {
        method: 'dust tape, ISO 8502-3; look along the light',
        accept: 'rating 2 or better, no flash rust',
        unit: 'rating',
        least: null,
        most: 2,
      },
      takes: [],
    };
  return {
    title: olefin ? 'Water-break test on the flamed face' : 'Water-break test',
    detail: olefin ? 'Flamed, it holds water; beads mean flame again.' : 'Beads mean grease or residue: wash again.',
    hold: WATER_BREAK,
    means: 'test-water',
  };
}

function cleanFilm(): Said {
  return {
    title: 'Dust off, wipe, tack',
    detail: 'Vacuum, final wash with two cloths, tack cloth last; gloves on.',
    means: 'final-wash',
  };
}
