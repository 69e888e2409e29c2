import { keyTool } from '../../abrasive/rungs-work.ts';
import { BARE_MEANS } from '../../catalogue/bare-means.ts';
import type { LadderStep } from '../../model/abrade-plan.ts';
import { isFlamed, onGroup, onPlastic } from '../../rules/groups.ts';
import { lowerFirst } from '../../units/casing.ts';
import { sum } from '../../units/sum.ts';
import type { FaceInput } from '../face-input.ts';
import { look, type Task } from '../task.ts';

/** min to fetch tool and paper; min/m² where no ladder says. Model assumption. */
const START = 3;
const MINUTES = { key: 12, flame: 6, convert: 8, release: 5, moisture: 2 } as const;

const MOISTURE = {
  method: 'moisture meter against a dry reference above the waterline',
  accept: 'reads as the dry reference; else dry out for weeks',
  unit: 'of the meter above the reference',
  least: null,
  most: 1,
} as const;
/** Where sanding of a laminate stops, whatever is still to be taken off. */
const STOP_LINE = {
  carbon: look('the water on a white cloth, after each crossing', 'no black in it and no fibre pattern on the face; black is fibre: stop there'),
  gelcoat: look('eye, under a lamp held flat', 'even dull gelcoat, no weave or pores showing; where they show, stop and seal'),
  laminate: look('eye, under a lamp held flat', 'no dry glass showing; there is no gelcoat to spare: where it shows, stop and seal'),
};

/** Key, energy and the last checks before the first film; of a laid part only for the side that lies up. */
export const keyTasks = (input: FaceInput): Task[] => {
  const worked = [...release(input), ...key(input), ...flame(input)];
  return [...(input.build?.turned ? worked.map((task) => half(task, 'face')) : worked), ...moisture(input)];
};

/**
 * Once a laid part is turned its back is keyed, or made to take paint, like its face before; one that needed no key needs it now where it has lain bare
 * for too long. @param lay min that the back lay bare while the film on the face hardened
 */
export function backTasks(input: FaceInput, lay: number): Task[] {
  const worked = [...key(input), ...flame(input)];
  const stale = worked.length === 0 && input.bare.primeWithin !== null && lay > input.bare.primeWithin;
  return (stale ? [again(input)] : worked).map((task) => (task.kind === 'key' ? { ...half(task, 'back'), needs: ['dry'] } : half(task, 'back')));
}

const again = ({ facts }: FaceInput): Task => ({
  kind: 'key',
  title: 'Key the back again',
  detail: 'It lay bare for longer than it may while the face hardened: go over it with P120 or sweep it lightly until it is bright all over.',
  hand: START + MINUTES.key * facts.area,
});

const half = (task: Task, side: 'face' | 'back'): Task => ({ ...task, side, hand: task.hand / 2 });

/** A key is sanded wherever a film or a polish follows that wants one, save where the blast has made it and where nothing abrasive may come. */
function key(input: FaceInput): Task[] {
  const { facts, abrade, method } = input;
  if (facts.zone.access === 'inside') return [];
  const blasted = (method?.traits.includes('hard-medium') ?? false) && facts.kept.length === 0;
  if (blasted) return [];
  if (!keyTool(facts)) return facts.kept.length === 0 && facts.substrate.id === 'aluminium-clad' ? [convert(input)] : [];
  const ladder = abrade ? keySteps(abrade.steps, abrade.removes) : [];
  const done = abrade !== null && abrade.removes && abrade.steps.length === 1;
  const wet = ladder.some((step) => step.wet) || (abrade?.forcedWet ?? null) !== null;
  const grits = (done ? abrade.steps : ladder).map(({ grit }) => grit).join(', ');
  const how = done ? 'The method leaves this key: go over what is still bright' : ladder.map(sayStep).join('; ');
  const first = ladder[0];
  const task: Task = {
    kind: 'key',
    title: `${facts.kept.length > 0 ? 'Key what stays' : 'Key'}${grits === '' ? '' : `${facts.kept.length > 0 ? ',' : ''} ${grits}`}`,
    detail: [how, detailOf(input), abrade?.forcedWet ?? '']
      .filter((text) => text !== '')
      .map(sentence)
      .join(' '),
    hand: START + (abrade ? sum(done ? [] : ladder, ({ hand }) => hand) : MINUTES.key * facts.area),
    ...(wet ? { takes: ['wet', 'dust', 'touch'] as const } : {}),
    ...(first ? { contact: { tool: first.tool, name: first.tool, wet: first.wet, grit: first.grit } } : {}),
    ...holdOf(input),
  };
  const mg = facts.substrate.id === 'magnesium' && facts.kept.length === 0;
  return mg ? [task, magnesium()] : [task];
}

const keySteps = (steps: readonly LadderStep[], removes: boolean): readonly LadderStep[] => (removes && steps.length > 1 ? steps.slice(1) : steps);
const sayStep = ({ grit, tool, passes, wet }: LadderStep, i: number): string =>
  `${grit} ${i === 0 ? `with ${lowerFirst(tool)}, ` : ''}${passes} crossings${wet ? ', wet' : ''}`;
const sentence = (text: string): string => (text.endsWith('.') ? text : `${text}.`);

function detailOf({ facts }: FaceInput): string {
  if (facts.kept.length > 0) return 'Feather every broken edge until no step is felt.';
  if (onGroup(facts, 'plastic-olefin')) return 'Wiped before and again after: scuffing drives release agent in';
  if (onPlastic(facts)) return 'Fine even scuff, only a solvent that the plastic stands';
  if (facts.substrate.id === 'carbon-epoxy') return 'By hand; stop at the first fibre colour';
  if (onGroup(facts, 'composite')) return 'Even dull all over; do not go through the gelcoat';
  if (facts.substrate.id === 'magnesium') return 'Wet by hand, sludge kept wet and collected: its dry dust burns';
  if (onGroup(facts, 'light')) return 'New paper, no paper that has seen steel; prime within hours, the oxide grows back';
  if (onGroup(facts, 'zinc')) return 'Light hand, only dull: the zinc is thin';
  return 'Even scratch all over, edges by hand';
}

function holdOf({ facts }: FaceInput): Pick<Task, 'hold'> {
  if (facts.kept.length > 0) return {};
  if (facts.substrate.id === 'carbon-epoxy') return { hold: STOP_LINE.carbon };
  if (facts.substrate.id === 'grp-gelcoat') return { hold: STOP_LINE.gelcoat };
  return onGroup(facts, 'composite') ? { hold: STOP_LINE.laminate } : {};
}

/** Clad skin takes no abrasive: chemical clean and conversion coating make the key. */
const convert = ({ facts }: FaceInput): Task => ({
  kind: 'convert-metal',
  title: 'Chemical clean and conversion coating',
  detail: 'Alloy cleaner, rinse, conversion coating by its sheet, rinse, dry; no pad, no paper: the cladding is a few hundredths of a millimetre.',
  hand: START + MINUTES.convert * facts.area,
  hold: look('eye', 'even iridescent film, no powder on the cloth'),
});

const magnesium = (): Task => ({
  kind: 'convert-metal',
  title: 'Conversion coating by a specialist',
  detail: 'Magnesium holds primer only over its own conversion coating; it goes to somebody who does it, wrapped and dry.',
  hand: 0,
  hold: look('paper that comes back with it', 'coated, date and process on it'),
});

/** Release agent is wiped off before an olefin is scuffed, and by flame where its history is not known. */
function release({ facts }: FaceInput): Task[] {
  if (!onPlastic(facts) || facts.kept.length > 0) return [];
  return [
    {
      kind: 'wipe-release',
      title: 'Alcohol wipe before the key',
      detail: 'Isopropyl alcohol or plastics cleaner, one cloth on, one off: scuffing first drives release agent in.',
      hand: START + MINUTES.release * facts.area,
      means: BARE_MEANS.alcohol.value,
    },
  ];
}

const FLAME_ROOM = look('nose and eye: no paint, solvent or alcohol in the room', 'air clear, doors open, extinguisher at hand');
/** mm; thinner walls warp and scorch. Common practice, no source. */
const THIN_WALL = 2;

/** Flame draws release agent out first, where dressing was used or nobody knows; a last light pass raises the energy. Common practice, no source. */
function flame({ facts }: FaceInput): Task[] {
  if (!isFlamed(facts)) return [];
  const { condition } = facts.zone;
  const dressed =
    condition.history === 'unknown' || condition.contamination.some((soil) => soil === 'silicone' || soil === 'mould-release' || soil === 'polish');
  const thin = facts.part.thickness < THIN_WALL ? ' The wall is thin: a coupon first, it warps and scorches.' : '';
  const hand = START + MINUTES.flame * facts.area;
  const cautions = [
    'Small blue flame, 100 to 300 mm/s, never standing still; no solvent, fuel or spray in the room, cotton and leather, no plastic apron.',
  ];
  return [
    ...(dressed
      ? [
          {
            kind: 'flame-clean' as const,
            title: 'Flame until the wet sheen shows, wipe at once',
            detail: `Low moving flame until a brief wet sheen shows, alcohol wipe at once; no further flame until the alcohol has gone. Again until the cloth stays clean.${thin}`,
            hand: 2 * hand,
            wait: 10,
            hold: look('white cloth with alcohol', 'cloth stays clean, alcohol fully gone'),
            cautions,
          },
        ]
      : []),
    {
      kind: 'flame',
      title: 'Last light pass of the flame',
      detail: `Nothing is sanded and nothing wiped after it but what the sheet of the next product allows; it fades within hours to a day.${thin}`,
      hand,
      hold: FLAME_ROOM,
      cautions,
    },
  ];
}

const moisture = ({ facts }: FaceInput): Task[] =>
  onGroup(facts, 'composite') && facts.kept.length === 0 && facts.service.startsWith('immersed')
    ? [
        {
          kind: 'measure-moisture',
          title: 'Measure the moisture of the laminate',
          detail: 'Against a dry place of the same laminate; keel, waterline and blisters first.',
          hand: START + MINUTES.moisture * facts.area,
          hold: MOISTURE,
        },
      ]
    : [];
