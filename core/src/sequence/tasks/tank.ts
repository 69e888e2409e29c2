import type { HoldPoint } from '../../model/bare.ts';
import type { Contents } from '../../model/job.ts';
import { isTank } from '../../rules/groups.ts';
import type { FaceInput } from '../face-input.ts';
import { look, type Task } from '../task.ts';

/** min; model assumption. */
const CLOSE = 30;
const OPEN = 10;
/** Below a tenth of what burns. */
const GAS_FREE: HoldPoint = { method: 'gas meter', accept: 'below 10 % of the lower explosive limit', unit: '% LEL', least: null, most: 10 };

/** What is done to a tank before anybody works on it, by what it has held; what nobody knows counts as fuel. Common practice, no source. */
const TANKS: Readonly<Record<Contents, { readonly title: string; readonly detail: string; readonly hold: HoldPoint }>> = {
  fuel: {
    title: 'Drain, purge and plug the tank',
    detail: 'Fuel fumes stay inside for long; no ignition source, plug every opening.',
    hold: GAS_FREE,
  },
  oil: { title: 'Drain, degrease and plug the tank', detail: 'Heat makes vapour of what clings to the walls; plug every opening.', hold: GAS_FREE },
  'not-said': {
    title: 'Find out what the tank held; drain, purge and plug it',
    detail: 'Until somebody knows it counts as fuel: no ignition source, plug every opening.',
    hold: GAS_FREE,
  },
  water: {
    title: 'Drain, rinse and plug the tank',
    detail: 'Stripper, dust and paint stay out of where water is drunk from.',
    hold: look('eye', 'rinsed clear, every opening plugged'),
  },
  gas: {
    title: 'Have the tank degassed by a licensed firm',
    detail: 'Nobody of the shop opens it. Valves shut and sealed.',
    hold: look('the certificate of the firm', 'gas-free in writing, dated today'),
  },
  chemicals: {
    title: 'Have the tank emptied and cleaned by who knows what it held',
    detail: 'By the data sheet of what it held: residue and cleaner may react. Plug every opening.',
    hold: look('the data sheet and a written release', 'clean and gas-free in writing'),
  },
};

export function closeTank({ facts }: FaceInput): Task[] {
  if (!isTank(facts)) return [];
  const { title, detail, hold } = TANKS[facts.part.contents];
  return [
    {
      kind: 'close-tank',
      share: `tank ${facts.part.id}`,
      where: [facts.part.name],
      title,
      detail: `${detail} The plugs stay until the last coat is dry.`,
      hand: CLOSE,
      hold,
    },
  ];
}

export const openTank = ({ facts }: FaceInput): Task[] =>
  isTank(facts)
    ? [
        {
          kind: 'open-tank',
          share: `open ${facts.part.id}`,
          where: [facts.part.name],
          title: 'Plugs out of the tank',
          detail: 'Only now: the last coat is dry. Flush, look inside, new seals.',
          hand: OPEN,
        },
      ]
    : [];
