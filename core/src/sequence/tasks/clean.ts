import { saltLimit } from '../../bare/hold-points.ts';
import { onGroup, onMetal, onPlastic } from '../../rules/groups.ts';
import { washesFirst } from '../../bare/washes-first.ts';
import { chooseCleaners } from '../../bare/choose-cleaner.ts';
import { BARE_MEANS } from '../../catalogue/bare-means.ts';
import { CLEANERS } from '../../catalogue/cleaners.ts';
import type { Means } from '../../model/bare.ts';
import type { Soil } from '../../model/job.ts';
import { lowerFirst } from '../../units/casing.ts';
import { required, type FaceInput } from '../face-input.ts';
import { look, type Task } from '../task.ts';

/** min to start, and min/m²; model assumption. */
const START = 5;
const MINUTES = 4;
const SOAK = 10;

const GREASY: readonly Soil[] = ['grease', 'oil'];
const SALTY: readonly Soil[] = ['salt', 'ballast', 'fire-ash'];
const DRESSED: readonly Soil[] = ['silicone', 'mould-release', 'polish'];

/** What lies on the paint comes off before anything drives it in: before masking, sanding and stripper. Common practice, no source. */
export const cleanTasks = (input: FaceInput): Task[] => [
  ...fouling(input),
  ...grease(input),
  ...brakeDust(input),
  ...salt(input),
  ...dressing(input),
  ...wax(input),
];

const has = ({ facts }: FaceInput, kinds: readonly Soil[]): Soil[] => facts.zone.condition.contamination.filter((soil) => kinds.includes(soil));
const hands = ({ facts }: FaceInput, perSquareMetre = MINUTES): number => START + perSquareMetre * facts.area;
const words = (soils: readonly Soil[]): string => soils.map((soil) => soil.replace('-', ' ')).join(' and ');

const fouling = (input: FaceInput): Task[] =>
  has(input, ['fouling']).length === 0
    ? []
    : [
        {
          kind: 'pressure-wash',
          title: 'Clean off fouling',
          detail: `Pressure wash and scrape the day it comes out of the water, before growth hardens. Before any sanding.${input.facts.biocide ? ' Only over the bund: the water holds biocide.' : ''}`,
          hand: hands(input),
        },
      ];

function grease(input: FaceInput): Task[] {
  const { facts, method } = input;
  const soils = has(input, GREASY);
  const asked = required(input, 'grease-first');
  const unknown = facts.zone.condition.history === 'unknown' && onMetal(facts);
  const kept = facts.kept.length > 0 && facts.off.length === 0 && washesFirst(facts);
  const soaked = facts.zone.condition.letGo === 'soaked';
  if (soils.length === 0 && !asked && !unknown && !kept && !soaked) return [];
  if (soils.length === 0 && (method?.traits.includes('caustic') ?? false)) return [];
  const { means, notes } = washWith(input, soils);
  const task: Task =
    asked && soils.length === 0
      ? { kind: 'degrease', title: asked.title, detail: asked.reason, hand: hands(input) }
      : {
          kind: 'degrease',
          title:
            soils.length > 0
              ? `Clean off ${words(soils)}`
              : kept
                ? 'Wash and degrease'
                : soaked
                  ? 'Wash out what has soaked in'
                  : 'Degrease what nobody knows',
          detail: `Degreaser, then clean water. Before any sanding: sanding grinds it in.${unknown ? ' Its history is not known: twice, with fresh cloths.' : ''}${soaked ? ' Twice, and again once it is bare: what has soaked in bleeds out for days.' : ''}${notes}`,
          hand: hands(input, unknown || soaked ? 2 * MINUTES : MINUTES),
          wait: kept ? SOAK : 0,
          means,
        };
  return [task];
}

/** The cleaners for these soils, the first as the means, others and what is refused in words. */
function washWith({ facts }: FaceInput, soils: readonly Soil[]): { means: Means; notes: string } {
  const { cleaners, notes } = chooseCleaners(facts, { soils, last: false, filled: facts.filler });
  const [first = CLEANERS.detergent, ...others] = cleaners;
  return {
    means: BARE_MEANS[first.means].value,
    notes: [...others.map(({ name }) => `Then ${name.toLowerCase()}.`), ...notes].map((note) => ` ${note}`).join(''),
  };
}

const brakeDust = (input: FaceInput): Task[] =>
  has(input, ['brake-dust']).length === 0
    ? []
    : [
        {
          kind: 'wash-brake-dust',
          title: 'Clean off brake dust',
          detail: 'Wheel wash, kept wet, never brushed dry or blown; no acid cleaner on bare metal. Before any sanding.',
          hand: hands(input),
        },
      ];

function salt(input: FaceInput): Task[] {
  const soils = has(input, SALTY);
  if (soils.length === 0) return [];
  const limit = saltLimit(input.facts.service);
  return [
    {
      kind: 'desalt',
      title: `Clean off ${words(soils)}`,
      detail: `Fresh water, repeated, into laps and hollows; tested again once it is bare. Before any sanding.${soils.includes('fire-ash') ? ' Ash is alkaline: until the water reads neutral.' : ''}`,
      hand: hands(input),
      hold: { method: 'salt patch, ISO 8502-6 and -9', accept: `under ${limit} mg/m²`, unit: 'mg/m²', least: null, most: limit },
    },
  ];
}

/** Plastics are soaked and brushed; twice where they were dressed or nobody knows. */
function dressing(input: FaceInput): Task[] {
  const { facts } = input;
  const soils = has(input, DRESSED);
  const unknown = facts.zone.condition.history === 'unknown';
  const plastic = onPlastic(facts);
  const waxed = plastic && has(input, ['wax']).length > 0;
  if (soils.length === 0 && !(plastic && (washesFirst(facts) || unknown || waxed))) return [];
  const twice = soils.length > 0 || unknown;
  const cleaners = soils.length > 0 ? washWith(input, soils) : null;
  const solvent = cleaners && cleaners.means !== BARE_MEANS.detergent.value ? ` Then ${lowerFirst(cleaners.means.product)}.` : '';
  return [
    {
      kind: 'soak-plastic',
      title:
        soils.length > 0 && !plastic
          ? `Clean off ${words(soils)}`
          : twice
            ? 'Soak and brush with detergent, twice'
            : 'Wash with detergent and warm water',
      detail: `${plastic ? 'Plastics detergent' : 'Silicone remover and detergent'}; household soap does not take silicone off. Before any sanding.${unknown ? ' Its history is not known.' : ''}${solvent}${cleaners?.notes ?? ''}`,
      hand: hands(input, twice ? 2 * SOAK : SOAK),
      wait: twice ? 30 : 10,
      means: BARE_MEANS['plastics-detergent'].value,
      ...(twice ? { hold: look('water on the face', 'the second rinse runs off as a sheet, or no dressing is known') } : {}),
    },
  ];
}

function wax(input: FaceInput): Task[] {
  const { facts } = input;
  const waxed = has(input, ['wax']).length > 0;
  const laminate = onGroup(facts, 'composite', 'wood');
  if (onPlastic(facts) || !(waxed || (laminate && facts.kept.length === 0 && washesFirst(facts)))) return [];
  const { means, notes } = washWith(input, ['wax']);
  return [
    {
      kind: 'dewax',
      title: onGroup(facts, 'wood') ? 'Wipe down' : 'Dewax and wash',
      detail: `${means.product}, then detergent and water. Before any sanding: sanding drives wax and grease in.${notes}`,
      hand: hands(input),
      wait: 15,
      means,
    },
  ];
}
