import type { Method } from '../catalogue/methods.ts';
import { TREATMENTS, type TreatmentId } from '../catalogue/treatments.ts';
import { flashRustTime } from '../climate/flash-rust.ts';
import { cureScale } from '../climate/cure-scale.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import { BARE_ORDER, type BarePlan, type BareStep } from '../model/bare.ts';
import { onGroup, onPlastic } from '../rules/groups.ts';
import { upperFirst } from '../units/casing.ts';
import { chooseTreatment } from './treatment-choice.ts';

type Code = BareStep['code'];

const HOUR = 60;

/** min of hand time per m², with a fixed start; model assumption. */
const HAND: Readonly<Record<Code, number>> = {
  'rust-mechanical': 25,
  'cut-out': 180,
  rinse: 8,
  neutralise: 6,
  'soap-wash': 10,
  'blow-down': 4,
  'acid-treat': 8,
  convert: 8,
  'final-rinse': 6,
  dry: 4,
  'warm-dry': 8,
  'wash-key': 15,
  key: 12,
  'solvent-wipe': 5,
  'final-wash': 5,
  'water-break': 2,
  'bright-check': 2,
};
const START = 3;

interface Wording {
  readonly title: string;
  readonly detail: string;
  readonly wait?: number;
  readonly hold?: BareStep['hold'];
  readonly treatment?: TreatmentId;
}

/** From the last scrape to the primer: what is washed, treated, dried, keyed and checked, and how long bare metal keeps. */
export function bareChain(zone: ZoneFacts, wayOff: Method | null): BarePlan {
  const treatments = chooseTreatment(zone, wayOff);
  const used = new Set(treatments.filter((t) => t.chosen).map((t) => t.id as TreatmentId));
  const steps = stepsFor(zone, wayOff, used).sort((a, b) => BARE_ORDER.indexOf(a.code) - BARE_ORDER.indexOf(b.code));
  const acidLive = used.has('phosphoric-etch') && zone.shop.schools.C1 === 'water-only';
  return { steps, treatments, acidLive, ...primeLimit(zone, wayOff) };
}

function stepsFor(zone: ZoneFacts, wayOff: Method | null, used: ReadonlySet<TreatmentId>): BareStep[] {
  const add = (code: Code, wording: Wording): BareStep => toStep(zone, code, wording);
  if (zone.kept.length > 0) return keptSteps(zone, add);
  if (onPlastic(zone)) return plasticSteps(zone, wayOff, add);
  if (onGroup(zone, 'composite', 'wood')) return laminateSteps(wayOff, add, zone);
  return [...washSteps(zone, wayOff, add), ...rustSteps(zone, used, add), ...metalFinish(zone, wayOff, add)];
}

type Add = (code: Code, wording: Wording) => BareStep;

const WATER_BREAK = { method: 'water-break test, ASTM F22', accept: 'water holds as one film for 30 s' };
const PH = { method: 'pH paper on the wet surface and in laps', accept: 'pH 6 to 8' };

function washSteps(zone: ZoneFacts, wayOff: Method | null, add: Add): BareStep[] {
  if (wayOff?.family === 'chem') {
    const caustic = wayOff.traits.includes('caustic');
    const acid = wayOff.traits.includes('acid');
    const rinse = add('rinse', {
      title: 'Rinse stripper off',
      detail: `Plenty of water${caustic || acid ? '' : ' with a little wetting agent'}; flush seams and laps, blow them out, look again.`,
    });
    if (!caustic && !acid) return [rinse];
    const why = caustic
      ? 'Caustic stays in pores and laps; weak acid rinse on iron if it reads high.'
      : 'Acid goes on working under paint; alkaline wash if it reads low.';
    return [rinse, add('neutralise', { title: 'Rinse to neutral', detail: why, hold: PH })];
  }
  if (wayOff?.id === 'blast.soda')
    return [
      add('neutralise', {
        title: 'Wash soda off and neutralise',
        detail: 'Water with a little vinegar, then clear water: alkaline salt kills adhesion.',
        hold: PH,
      }),
    ];
  return [add('blow-down', { title: 'Blow down and vacuum', detail: 'Clean dry air; dust out of seams, holes and pits.' })];
}

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
  for (const id of ['phosphoric-etch', 'chelating-bath'] as const)
    if (used.has(id))
      steps.push(
        add('acid-treat', {
          title: TREATMENTS[id].name,
          detail: `${upperFirst(TREATMENTS[id].dose.value)}.`,
          wait: TREATMENTS[id].wait.value,
          treatment: id,
        }),
      );
  if (used.has('tannic-converter'))
    steps.push(
      add('convert', {
        title: 'Tannic converter',
        detail: `${upperFirst(TREATMENTS['tannic-converter'].dose.value)}.`,
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
      }),
    );
  return steps;
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
          })
        : add('dry', { title: 'Dry at once', detail: 'Blow out laps and warm; water left in a lap comes back through the paint.', wait: 15 }),
    );
  if (!blasted && zone.zone.access !== 'inside') steps.push(add('key', keyFor(zone)));
  if (zone.shop.schools.C1 === 'full-sequence' || !wet)
    steps.push(
      add('solvent-wipe', { title: 'Solvent wipe, two cloths', detail: 'Wet on with one, dry off with the other before it flashes; gloves on.' }),
    );
  if (zone.zone.access === 'inside') return steps;
  steps.push(
    blasted
      ? add('bright-check', {
          title: 'Check grade and dust',
          detail: 'Even grey, no shadow of scale; blow down once more.',
          hold: { method: 'dust tape, ISO 8502-3; look along the light', accept: 'rating 2 or better, no flash rust' },
        })
      : add('water-break', { title: 'Water-break test, then dry', detail: 'Beads mean grease or residue: wash again.', wait: 10, hold: WATER_BREAK }),
  );
  return steps;
}

const keyFor = (zone: ZoneFacts): Wording =>
  onGroup(zone, 'light')
    ? {
        title: 'Key P180 to P320 or with a non-woven pad',
        detail: 'New paper, no paper that has seen steel; prime within hours, the oxide grows back.',
      }
    : { title: 'Key P80 to P180', detail: 'Even scratch all over, edges by hand.' };

function plasticSteps(zone: ZoneFacts, wayOff: Method | null, add: Add): BareStep[] {
  const olefin = onGroup(zone, 'plastic-olefin');
  const dressed = zone.zone.condition.contamination.some((c) => c === 'silicone' || c === 'mould-release');
  return [
    ...(wayOff?.family === 'chem' ? [add('rinse', { title: 'Rinse stripper off', detail: 'Water and a soft brush; no thinner.' })] : []),
    add('soap-wash', {
      title: dressed ? 'Soak and brush with detergent, twice' : 'Wash with detergent and warm water',
      detail: 'Household soap does not take silicone off; use a plastics detergent.',
      wait: dressed ? 30 : 10,
    }),
    add(
      'wash-key',
      olefin
        ? {
            title: 'Release agent off, wipe, then key P400 to P600',
            detail: 'Isopropyl alcohol or plastics cleaner before scuffing and again after; scuffing first drives it in.',
          }
        : { title: 'Wipe with isopropyl alcohol, key P320 to P600', detail: 'Only a solvent that the plastic stands; fine even scuff.' },
    ),
    add('final-wash', { title: 'Antistatic wipe and dry', detail: 'Second cloth dry; wait until the alcohol is gone.', wait: 10 }),
    add('water-break', { title: 'Water-break look', detail: 'Beads after keying mean release agent is still there.', wait: 10, hold: WATER_BREAK }),
  ];
}

function laminateSteps(wayOff: Method | null, add: Add, zone: ZoneFacts): BareStep[] {
  const carbon = zone.substrate.id === 'carbon-epoxy';
  const wood = onGroup(zone, 'wood');
  const immersed = zone.job.item.service.startsWith('immersed');
  return [
    ...(wayOff?.family === 'chem' ? [add('rinse', { title: 'Rinse stripper off', detail: 'Fresh water, soft brush, twice.' })] : []),
    ...(wayOff?.id === 'blast.soda'
      ? [add('neutralise', { title: 'Wash soda off and neutralise', detail: 'Water with a little vinegar, then clear water.', hold: PH })]
      : []),
    add('soap-wash', { title: wood ? 'Wipe down' : 'Dewax and wash', detail: 'Before any sanding: sanding drives wax and grease in.', wait: 15 }),
    add(
      'key',
      carbon
        ? { title: 'Finish wet with P400 to P600', detail: 'By hand; stop at the first fibre colour.' }
        : { title: immersed ? 'Key P80' : 'Key P180 to P320', detail: 'Even dull all over; do not go through the gelcoat.' },
    ),
    add('final-wash', {
      title: 'Wash, wipe and dry',
      detail: 'Clean cloths; let solvent leave.',
      wait: immersed ? 2 * HOUR : 20,
      hold: immersed
        ? { method: 'moisture meter against a dry reference above the waterline', accept: 'reads as the dry reference; else dry out for weeks' }
        : null,
    }),
  ];
}

function keptSteps(zone: ZoneFacts, add: Add): BareStep[] {
  return [
    add('soap-wash', { title: 'Wash and degrease', detail: 'Clean, sand, clean: sanding first grinds grease in.', wait: 15 }),
    add('key', {
      title: zone.finish?.id === 'liner' ? 'Key P80 to P180, all shine off' : 'Key what stays, P320 to P800',
      detail: 'Feather every broken edge until no step is felt.',
    }),
    add('final-wash', {
      title: zone.filler ? 'Final wash only' : 'Solvent wipe and tack',
      detail: zone.filler ? 'No tar-and-wax remover near filler: it soaks in.' : 'Two cloths; dust off.',
      wait: 10,
    }),
  ];
}

function toStep(zone: ZoneFacts, code: Code, { title, detail, wait, hold, treatment }: Wording): BareStep {
  const row = treatment && TREATMENTS[treatment];
  const dryingFactor = code === 'dry' || code === 'final-wash' || code === 'convert' ? cureScale(zone.job.place.temperature) : 1;
  return {
    code,
    title,
    detail,
    hand: START + zone.area * (row ? row.hand.value : HAND[code]),
    wait: (wait ?? 0) * dryingFactor,
    product:
      row && row.litresPerSquareMetre.value > 0
        ? { id: row.id, name: row.name, litres: zone.area * row.litresPerSquareMetre.value, pricePerLitre: row.pricePerLitre.value }
        : null,
    hold: hold ?? null,
  };
}

/** How long the surface keeps before it must be primed. */
function primeLimit(zone: ZoneFacts, wayOff: Method | null): Pick<BarePlan, 'primeWithin' | 'primeReason'> {
  const { temperature, humidity } = zone.job.place;
  if (zone.kept.length > 0) return { primeWithin: null, primeReason: 'Keyed paint keeps while it stays clean.' };
  if (onGroup(zone, 'ferrous')) {
    const blasted = wayOff?.traits.includes('hard-medium') ?? false;
    const contaminated = zone.zone.condition.contamination.includes('salt');
    const why = [
      `${humidity} % humidity at ${temperature} °C`,
      ...(blasted ? ['blasted steel keeps half as long'] : []),
      ...(contaminated ? ['salt: a tenth'] : []),
    ];
    return { primeWithin: flashRustTime(temperature, humidity, { blasted, contaminated }), primeReason: `Flash rust: ${why.join(', ')}.` };
  }
  if (onGroup(zone, 'light')) return { primeWithin: 6 * HOUR, primeReason: 'Aluminium grows its oxide back within 4 to 8 h of keying.' };
  if (onGroup(zone, 'zinc')) return { primeWithin: 8 * HOUR, primeReason: 'Zinc is primed the same day.' };
  return { primeWithin: null, primeReason: 'Keeps while it stays clean and dry.' };
}
