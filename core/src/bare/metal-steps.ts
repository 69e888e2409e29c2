import type { Method } from '../catalogue/methods.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { BareStep } from '../model/bare.ts';
import { TREATMENTS, type TreatmentId } from '../catalogue/treatments.ts';
import { onGroup } from '../rules/groups.ts';
import { PH, WATER_BREAK, type Add, type Wording } from './bare-step.ts';
import { holdsFilm } from './hold-film.ts';
import { keyText } from './key-text.ts';

/** Metal from the last scrape to the primer: washed, derusted, dried, keyed, wiped and checked. */
export const metalSteps = (zone: ZoneFacts, wayOff: Method | null, used: ReadonlySet<TreatmentId>, add: Add): BareStep[] => [
  ...washSteps(wayOff, add),
  ...rustSteps(zone, used, add),
  ...holdingSteps(zone, wayOff, used, add),
  ...metalFinish(zone, wayOff, add),
];

function washSteps(wayOff: Method | null, add: Add): BareStep[] {
  if (wayOff?.family === 'chem') {
    const caustic = wayOff.traits.includes('caustic');
    const acid = wayOff.traits.includes('acid');
    const rinse = add('rinse', {
      title: 'Rinse stripper off',
      detail: `Plenty of water${caustic || acid ? '' : ' with a little wetting agent'}; flush seams and laps, blow them out, look again.`,
      means: caustic || acid ? 'water' : 'wetting-water',
    });
    if (!caustic && !acid) return [rinse];
    const why = caustic
      ? 'Caustic stays in pores and laps; weak acid rinse on iron if it reads high.'
      : 'Acid goes on working under paint; alkaline wash if it reads low.';
    return [rinse, add('neutralise', { title: 'Rinse to neutral', detail: why, hold: PH, means: caustic ? 'after-caustic' : 'after-acid' })];
  }
  if (wayOff?.id === 'blast.soda')
    return [
      add('neutralise', {
        title: 'Wash soda off and neutralise',
        detail: 'Alkaline salt kills adhesion.',
        hold: PH,
        means: 'after-soda',
      }),
    ];
  return [add('blow-down', { title: 'Blow down and vacuum', detail: 'Dust out of seams, holes and pits, too.', means: 'dry-air' })];
}

const TREATED = {
  'phosphoric-etch': 'Keep it wet and never let it dry on thick; what it leaves is iron phosphate.',
  'chelating-bath': 'Whole part under, moved now and then; it spares the steel.',
  electrolysis: '0.5 to 1 A/dm², steel anode, never stainless; outdoors and never unattended: hydrogen.',
} as const;

function rustSteps(zone: ZoneFacts, used: ReadonlySet<TreatmentId>, add: Add): BareStep[] {
  const steps: BareStep[] = [];
  if (used.has('cut-out-and-weld'))
    steps.push(
      add('cut-out', {
        title: 'Cut out and weld perforated metal',
        detail: 'Structural places are for licensed people.',
        treatment: 'cut-out-and-weld',
      }),
    );
  if (used.has('mechanical'))
    steps.push(
      add('rust-mechanical', { title: 'Take loose rust and scale off', detail: 'Disc, needles on section, wire in pits.', treatment: 'mechanical' }),
    );
  for (const id of ['phosphoric-etch', 'chelating-bath', 'electrolysis'] as const)
    if (used.has(id))
      steps.push(
        add('acid-treat', {
          title: TREATMENTS[id].name,
          detail: TREATED[id],
          wait: TREATMENTS[id].wait.value,
          means: id,
          treatment: id,
        }),
      );
  if (used.has('tannic-converter'))
    steps.push(
      add('convert', {
        title: 'Tannic converter',
        detail: 'Thin even rust only, over no scale; not for immersion.',
        means: 'tannic-converter',
        wait: TREATMENTS['tannic-converter'].wait.value,
        treatment: 'tannic-converter',
      }),
    );
  if (used.has('phosphoric-etch') && zone.shop.schools.C1 === 'full-sequence')
    steps.push(
      add('final-rinse', {
        title: 'Rinse the acid off',
        detail: 'Fresh water until neutral; a solvent wipe does not remove a phosphate film.',
        hold: PH,
        means: 'water',
      }),
    );
  return steps;
}

/** The film that holds bare steel, and its end before the primer. */
function holdingSteps(zone: ZoneFacts, wayOff: Method | null, used: ReadonlySet<TreatmentId>, add: Add): BareStep[] {
  if (!holdsFilm(zone, wayOff)) return [];
  return [
    add('hold-film', {
      title: 'Hold under phosphate film',
      detail: 'Wet with the acid, leave the film unbroken, dry store; handle with clean gloves only.',
      means: 'phosphoric-etch',
      ...(used.has('phosphoric-etch') ? {} : { treatment: 'phosphoric-etch' as const }),
    }),
    add('film-off', {
      title: 'Take the film off',
      detail: 'On the day of priming: scrub with fresh acid or water and abrasive pad, rinse, dry; a solvent wipe does not remove it.',
      wait: 15,
      means: 'film-off',
      hold: PH,
    }),
  ];
}

function metalFinish(zone: ZoneFacts, wayOff: Method | null, add: Add): BareStep[] {
  const wet = wayOff?.family === 'chem' || wayOff?.id === 'blast.soda' || (wayOff?.traits.includes('wet') ?? false);
  const blasted = wayOff?.traits.includes('hard-medium') ?? false;
  const steps: BareStep[] = [];
  if (wet)
    steps.push(
      zone.substrate.id === 'cast-iron'
        ? add('warm-dry', {
            title: 'Towel and warm through at once',
            detail: 'Iron castings hold water in their pores; hand-warm all over.',
            wait: 20,
            means: 'warmth',
          })
        : add('dry', {
            title: 'Dry at once',
            detail: 'Blow out laps and warm; water left in a lap comes back through the paint.',
            wait: 15,
            means: 'dry-air',
          }),
    );
  if (!blasted && zone.zone.access !== 'inside') steps.push(add('key', keyFor(zone)));
  if (zone.shop.schools.C1 === 'full-sequence' || !wet)
    steps.push(
      add('solvent-wipe', {
        title: 'Solvent wipe, two cloths',
        detail: 'Wet on with one, dry off with the other before it flashes; gloves on.',
        means: 'solvent-wipe',
      }),
    );
  if (zone.zone.access === 'inside') return steps;
  steps.push(
    blasted
      ? add('bright-check', {
          title: 'Check grade and dust',
          detail: 'Even grey, no shadow of scale; blow down once more.',
          hold: {
            method: 'dust tape, ISO 8502-3; look along the light',
            accept: 'rating 2 or better, no flash rust',
            unit: 'rating',
            least: null,
            most: 2,
          },
        })
      : add('water-break', {
          title: 'Water-break test, then dry',
          detail: 'Beads mean grease or residue: wash again.',
          wait: 10,
          hold: WATER_BREAK,
          means: 'test-water',
        }),
  );
  return steps;
}

const keyFor = (zone: ZoneFacts): Wording =>
  onGroup(zone, 'light')
    ? {
        title: `Key ${keyText(zone, 'P180 to P320 or with a non-woven pad')}`,
        detail: 'New paper, no paper that has seen steel; prime within hours, the oxide grows back.',
      }
    : { title: `Key ${keyText(zone, 'P80 to P180')}`, detail: 'Even scratch all over, edges by hand.' };
