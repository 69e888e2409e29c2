import { mayHold } from '../../facts/poisons.ts';
import type { Item } from '../../model/job.ts';
import { MASKED_PLACES } from '../../catalogue/masks.ts';
import { releasedFinds, stoppedFinds } from '../../bare/held-finds.ts';
import { lowerFirst, upperFirst } from '../../units/casing.ts';
import { required, type FaceInput } from '../face-input.ts';
import { look, type Task } from '../task.ts';
import { closeTank } from './tank.ts';

/** min; model assumption. */
const HAND = { kit: 15, sheets: 15, licensed: 5, deflate: 10, item: 15, support: 20, record: 15, piece: 15, contain: 20 } as const;
const JOB = { where: [] } as const;

/** From the kit to the sheet on the floor: what is done before anything touches the paint. */
export const arriveTasks = (input: FaceInput): Task[] => [
  ...kit(input),
  ...damage(input),
  ...makeSafe(input),
  ...support(input),
  ...closeTank(input),
  ...recordLines(input),
  ...takeApart(input),
  ...contain(input),
];

function kit({ facts }: FaceInput): Task[] {
  const check: Task = {
    ...JOB,
    kind: 'check-kit',
    share: 'job',
    title: 'Check the kit',
    hand: HAND.kit,
    hold: look('kit list', 'Everything on the kit list is here, in date and enough.'),
    detail:
      'Products, tape that stands the method, covers, paper, cloths, gloves, cartridges, waste drums. Others, children and animals out of the area.',
  };
  if (facts.shop.schools.P6 !== 'mix') return [check];
  return [
    check,
    {
      ...JOB,
      kind: 'hold-sheets',
      share: 'job',
      title: 'Hold the data sheets side by side',
      hand: HAND.sheets,
      detail: 'Primer, colour and clear from different makers: ratio, thinner, window and what each may go over.',
      hold: look('data sheets', 'Both sheets name the other kind of coat.'),
    },
  ];
}

/** Known damage that is not for the shop, and work that only licensed people may release, come before any money is spent. */
function damage(input: FaceInput): Task[] {
  const { facts } = input;
  const licensed = required(input, 'aero-licensed');
  return [
    ...(licensed
      ? [
          {
            kind: 'clear-damage' as const,
            share: `licence ${facts.part.id}`,
            where: [facts.part.name],
            title: licensed.title,
            detail: licensed.reason,
            hand: HAND.licensed,
          },
        ]
      : []),
    ...[...stoppedFinds(facts), ...releasedFinds(facts, 'at-intake')].map((held): Task => ({ kind: 'clear-damage', hand: 0, ...held })),
  ];
}

/** What is shut off before an item is worked on where it stands; loose parts and what has neither have nothing to shut off. Common practice, no source. */
const SHUT_OFF: Readonly<Partial<Record<Item['kind'], string>>> = {
  vehicle: 'Battery off, pressure out of air and brake lines, spring and hydraulic loads secured.',
  trailer: 'Plug out of the towing vehicle, spring and hydraulic loads secured.',
  boat: 'Batteries and shore power off, gas off at the bottle, its locker and the bilge aired.',
  aircraft: 'Battery off, earthed, controls and moving surfaces secured.',
  machine: 'Power, steam, gas and pressure off, let down and locked against being switched on; hot parts cooled; spring and hydraulic loads secured.',
  other: 'Power, gas and pressure off and let down, hot parts cooled, spring and hydraulic loads secured.',
};

const makeSafe = (input: FaceInput): Task[] => [...shutOff(input), ...deflate(input)];

function shutOff({ facts: { part, job } }: FaceInput): Task[] {
  const detail = SHUT_OFF[job.item.kind];
  return part.held === 'in-place' && detail !== undefined
    ? [{ ...JOB, kind: 'make-safe', share: 'safe item', title: 'Shut off what moves, burns or is under pressure', detail, hand: HAND.item }]
    : [];
}

function deflate({ facts, method }: FaceInput): Task[] {
  if (!facts.has('tyre')) return [];
  const heat = method?.family === 'heat' || facts.finish?.id === 'powder-sent-out';
  return [
    {
      kind: 'make-safe',
      share: `safe ${facts.part.id}`,
      where: [facts.part.name],
      title: heat ? 'Take the tyre off' : 'Let the air out of the tyre',
      detail: heat
        ? 'Valve core out, bead broken, tyre off: a tyre in heat bursts. Note the balance weights.'
        : 'Valve core out before any work near the bead; note side and balance weights.',
      hand: HAND.deflate,
    },
  ];
}

const support = (input: FaceInput): Task[] => {
  const { facts } = input;
  const asked = required(input, 'heavy-support');
  return asked || facts.has('heavy')
    ? [
        {
          kind: 'support',
          share: `support ${facts.part.id}`,
          where: [facts.part.name],
          title: asked?.title ?? 'Support it before you touch it',
          detail: asked?.reason ?? 'Stands and chocks under it, rated gear, never a jack alone; two people or a hoist above 25 kg.',
          hand: HAND.support,
        },
      ]
    : [];
};

/** Lettering and stripes are gone once they are stripped. */
const recordLines = ({ facts }: FaceInput): Task[] =>
  facts.zone.design || facts.off.some(({ coating }) => coating.id === 'decal-vinyl')
    ? [
        {
          kind: 'record-lines',
          title: 'Trace and photograph the lettering',
          detail: 'Tracing film with two fixed points, a scale in the photo, colours noted: it cannot be measured once it is off.',
          hand: HAND.record,
        },
      ]
    : [];

function takeApart({ facts: { part, shop } }: FaceInput): Task[] {
  if (shop.schools.M1 === 'mask') return [];
  const off = part.features.flatMap((feature) => (MASKED_PLACES[feature]?.off ? [lowerFirst(MASKED_PLACES[feature].name)] : []));
  if (off.length === 0) return [];
  return [
    {
      kind: 'take-apart',
      share: `apart ${part.id}`,
      where: [part.name],
      title: 'Take off and ticket',
      detail: `${upperFirst(off.join(', '))}. Ticket every piece: side, position, count of fasteners.`,
      hand: HAND.piece * off.length,
    },
  ];
}

/** Every hazardous layer is contained before its first contact, the wash included. */
function contain(input: FaceInput): Task[] {
  const { facts } = input;
  const asked = required(input, 'lead-collect') ?? required(input, 'antifoul-contained');
  const what = mayHold(facts);
  if (!asked && what === '') return [];
  return [
    {
      kind: 'contain',
      share: `contain ${facts.part.id} ${what}`,
      where: [facts.part.name],
      title: asked?.title ?? `Contain what ${what}`,
      detail: `${asked?.reason ?? 'Dust, chips and water of it are hazardous waste.'} Sheet or bund below before anything wets or scratches it.`,
      hand: HAND.contain,
    },
  ];
}
