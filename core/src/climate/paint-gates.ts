import { schoolNamed } from '../catalogue/school-words.ts';
import type { CoatPlan } from '../model/build.ts';
import { assumption, practice, published, type Basis } from '../model/basis.ts';
import type { GateId, Place } from '../model/job.ts';
import { dewPoint } from './dew-point.ts';
import { DEW_MARGIN, dewMargin, filmRange, surfaceOf } from './surface.ts';

/** °C of a part above which paint skins over before it has flowed, the sun on a dark panel; common practice, no source. */
const HOT = 40;
/** m/s that carry spray off and dust in; common practice, no source. */
const WINDY = 5;

/** A reason of air or metal for which nothing may be laid on. */
export interface ClosedGate {
  readonly id: GateId;
  readonly title: string;
  readonly reason: string;
  readonly looksAt: readonly string[];
  /** the ways out */
  readonly change: string;
  readonly basis: Basis;
}

/** What a coat asks of the place. */
export type GatedCoat = Pick<CoatPlan, 'name' | 'apply' | 'coldest' | 'dampest'>;

/** °C below which acid on rust, a converter and two-part filler do not work through; model assumption, the label decides. */
const TREATED_ABOVE = 10;

/** What is laid on bare metal and only has to be warm enough. */
export const warmWork = (name: string): GatedCoat => ({ name, apply: 'roller', coldest: TREATED_ABOVE, dampest: 100 });

/** Everything for which these coats may not be laid on where they are planned, primer, surfacer and topcoat alike; `treatments` only have to be warm enough. */
export function closedGates(place: Place, coats: readonly GatedCoat[], treatments: readonly GatedCoat[] = []): ClosedGate[] {
  const cold = coldGate(place, [...coats, ...treatments]);
  return coats.length === 0 ? cold : [...dewGate(place), ...cold, ...hotGate(place), ...dampGate(place, coats), ...windGate(place, coats)];
}

/** Two-part filler only has to be warm enough. */
export const FILLER = warmWork('Two-part filler');

/** Why no filler may be laid here; null: it may, or somebody answers for it. */
export const fillerGate = (place: Place): ClosedGate | null => coldGate(place, [FILLER]).find(({ id }) => answerFor(place, id) === '') ?? null;

/** The gates that bar some work here and that nobody answers for, in words; null: none. */
export function shutText(place: Place, coats: readonly GatedCoat[], treatments: readonly GatedCoat[] = []): string | null {
  const shut = closedGates(place, coats, treatments).filter(({ id }) => answerFor(place, id) === '');
  return shut.length === 0 ? null : `${shut.map(({ title }) => title).join('. ')}.`;
}

/** The reason in writing by which somebody answers for a gate; empty: nobody does. */
export const answerFor = ({ gateReasons }: Pick<Place, 'gateReasons'>, id: GateId): string => gateReasons[id]?.trim() ?? '';

/** Whether the dew point bars all painting here, and nobody answers for it. */
export const dewBars = (place: Place): boolean => dewMargin(place) < DEW_MARGIN && answerFor(place, 'dew') === '';

const partText = ({ metal }: Place): string => (metal === null ? 'Part taken to be as warm as the air' : 'Part measured');

function dewGate(place: Place): ClosedGate[] {
  const margin = dewMargin(place);
  if (!(margin < DEW_MARGIN)) return [];
  const surface = `${surfaceOf(place).toFixed(1)} °C`;
  return [
    {
      id: 'dew',
      title: 'Too near the dew point to paint',
      reason: `${partText(place)}, ${surface}; dew point ${dewPoint(place.temperature, place.humidity).toFixed(1)} °C: ${margin.toFixed(1)} K where ${DEW_MARGIN} are asked for. Water settles before it can be seen, and every coat lifts from it.`,
      looksAt: ['air temperature', 'humidity', 'part temperature'],
      change: `Warm the part, dry the air (a heated or dehumidified room), wait for a better hour, or hold bare steel under a phosphate film (${schoolNamed('C2')}).`,
      basis: published('ISO 8502-4'),
    },
  ];
}

/** The colder of air and part counts: solvent leaves into the one, the film cures on the other. */
function coldGate(place: Place, coats: readonly GatedCoat[]): ClosedGate[] {
  const { coldest } = filmRange(place);
  const [worst, ...others] = coats.filter((coat) => coldest < coat.coldest).sort((a, b) => b.coldest - a.coldest);
  if (!worst) return [];
  const where = coldest < place.temperature ? `${partText(place)}, ${coldest} °C` : `${coldest} °C in the workplace`;
  return [
    {
      id: 'cold',
      title: `Too cold for ${named(worst, others)}`,
      reason: `${where}; ${worst.name.toLowerCase()} wants ${worst.coldest} °C or it does not cure or work through, whatever the wait.`,
      looksAt: ['air temperature', 'part temperature', 'products of the build'],
      change: `Warm the room and the part to ${worst.coldest} °C until it has cured, wait for a warmer day, or enter a product whose sheet allows the cold.`,
      basis: assumption,
    },
  ];
}

function hotGate(place: Place): ClosedGate[] {
  const surface = surfaceOf(place);
  if (!(surface > HOT)) return [];
  return [
    {
      id: 'hot',
      title: 'Part too hot to paint',
      reason: `${partText(place)}, ${surface} °C: above ${HOT} °C paint skins over before it has flowed and keeps its solvent, as on a panel in the sun.`,
      looksAt: ['air temperature', 'part temperature'],
      change: 'Shade it, wait until it has cooled, work in the early morning or indoors.',
      basis: practice,
    },
  ];
}

function dampGate(place: Place, coats: readonly GatedCoat[]): ClosedGate[] {
  const [worst, ...others] = coats.filter((coat) => place.humidity > coat.dampest).sort((a, b) => a.dampest - b.dampest);
  if (!worst) return [];
  return [
    {
      id: 'damp',
      title: `Too damp for ${named(worst, others)}`,
      reason: `${place.humidity} % humidity; the limit of ${worst.name.toLowerCase()} is ${worst.dampest} %. Drying cools the film, water settles in it: it turns milky, dull or loses its hold.`,
      looksAt: ['humidity', 'products of the build'],
      change:
        'A heated or dehumidified room, a drier hour, or a product whose sheet allows it. What has turned milky clears, if at all, in warm dry air or under a mist of slow thinner.',
      basis: assumption,
    },
  ];
}

function windGate({ indoors, wind }: Place, coats: readonly GatedCoat[]): ClosedGate[] {
  if (indoors || wind === null || !(wind > WINDY) || coats.every(({ apply }) => apply === 'roller')) return [];
  return [
    {
      id: 'wind',
      title: 'Too windy to spray outdoors',
      reason: `${wind} m/s; above ${WINDY} m/s the spray goes to the neighbours and dust into the film.`,
      looksAt: ['wind', 'indoors', 'how it is laid on'],
      change: 'A still hour, a tent or wind screen, indoors, or roll and brush what allows it.',
      basis: practice,
    },
  ];
}

const named = ({ name }: GatedCoat, others: readonly GatedCoat[]): string =>
  [...new Set([name, ...others.map((other) => other.name)])].map((one) => one.toLowerCase()).join(', ');
