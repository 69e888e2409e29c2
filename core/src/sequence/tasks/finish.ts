import { openTank } from './tank.ts';
import { wetOnly } from '../../facts/poisons.ts';
import type { Window } from '../../build/windows.ts';
import type { OperationKind } from '../../model/operation.ts';
import { formatMinutes } from '../../units/format-quantity.ts';
import { waxed, type FaceInput } from '../face-input.ts';
import { look, type Task, type TaskLag } from '../task.ts';

/** min; model assumption. */
const HAND = { cure: 5, tyre: 10, wax: 10, covered: 5, refit: 30, launch: 30, clear: 30, write: 10, soak: 5 } as const;
const JOB = { where: [] } as const;

/** Cure, put together, clear up and write down. */
export function finishTasks(input: FaceInput, windows: readonly Window[]): Task[] {
  const { facts } = input;
  return [
    ...cure(input, windows),
    ...openTank(input),
    ...tyre(input),
    ...wax(input),
    ...covered(input),
    ...refit(input, windows),
    ...launch(input, windows),
    {
      ...JOB,
      kind: 'clear-up',
      share: 'job',
      title: 'Clear up and hand over waste',
      hand: HAND.clear,
      detail:
        'What the dust and sludge asked for stays on until it is done. Acid and caustic apart, labelled with content and date; solvent rags in a lidded metal can.',
      ...(wetOnly(facts) || facts.biocide
        ? { cautions: ['Water of it settles a day; solids and water go to a hazardous-waste collector, never on the ground or down a drain.'] }
        : {}),
    },
    {
      ...JOB,
      kind: 'write-down',
      share: 'job',
      title: 'Write it down',
      detail: 'Times, litres, finds and who released them, and what surprised: the next plan starts from it.',
      hand: HAND.write,
    },
  ];
}

const after: TaskLag['after'] = (kind: OperationKind) => kind === 'coat';
const lagOf = (what: TaskLag['what'], window: Window | undefined): TaskLag[] =>
  window
    ? [
        {
          what,
          after,
          label: window.label,
          shop: window.shop,
          by: window.governs,
          least: window.from,
          most: window.until,
          missed: window.missed === null ? null : { kind: 'sand-film', says: window.missed },
        },
      ]
    : [];

const find = (windows: readonly Window[], what: Window['what']): Window | undefined => windows.find((window) => window.what === what);

function cure({ build }: FaceInput, windows: readonly Window[]): Task[] {
  if (!build || build.handle <= 0 || build.coats.length === 0) return [];
  return [
    {
      kind: 'cure',
      title: 'Cure',
      detail: `Handle after ${formatMinutes(build.handle)}, load after ${formatMinutes(build.load)}.`,
      hand: HAND.cure,
      wait: build.handle,
      hold: look('thumb-nail where it does not show', 'Thumb-nail leaves no mark.'),
      lags: lagOf('handle', find(windows, 'handle')),
    },
  ];
}

const tyre = ({ facts }: FaceInput): Task[] =>
  facts.has('tyre') && facts.shop.schools.P5 === 'wipe'
    ? [
        {
          kind: 'wipe-tyre',
          share: `tyre ${facts.part.id}`,
          where: [facts.part.name],
          title: 'Wipe overspray off the tyres',
          detail: 'Thinner on a cloth while it is soft; not on the lip.',
          hand: HAND.tyre,
        },
      ]
    : [];

/** Hollows are waxed after the paint, so that no wax creeps onto a face that is still to be coated. */
const wax = (input: FaceInput): Task[] =>
  input.facts.has('sealed-hollow') && !waxed(input) ? [] : input.facts.zone.access === 'inside' || waxed(input) ? [waxing(input)] : [];

const waxing = ({ facts }: FaceInput): Task => ({
  kind: 'wax-hollow',
  title: 'Inject cavity wax',
  detail: 'Lance to the far end, drawn back slowly until it runs from the drain holes; drain holes open again.',
  hand: HAND.wax + HAND.soak * facts.area,
});

/** A face that will be closed over has its protection first. */
const covered = (input: FaceInput): Task[] =>
  input.facts.has('faying') || input.facts.zone.access === 'inside'
    ? [
        {
          kind: 'check-covered',
          share: `covered ${input.facts.part.id}`,
          where: [input.facts.part.name],
          title: 'Look before it is closed up',
          detail: 'Faying faces, hollows and what lies behind panels: bare metal closed up corrodes unseen.',
          hand: HAND.covered,
          hold: look('lamp and mirror', 'primer or wax on every face that will be covered'),
        },
      ]
    : [];

function refit({ facts }: FaceInput, windows: readonly Window[]): Task[] {
  const wheels = facts.has('tyre') || facts.part.role === 'wheel';
  return [
    {
      kind: 'refit',
      share: 'job',
      title: 'Reassemble',
      hand: HAND.refit,
      lags: [...lagOf('assemble', find(windows, 'assemble')), ...(wheels ? lagOf('load', find(windows, 'load')) : [])],
      detail: 'By the tickets; new clips where worn. Earth points and seats stay free of paint.',
      cautions: [
        ...(wheels
          ? [
              'Wheel bolts by torque wrench once it stands on its wheels, and again after 50 to 100 km: no wrench, no road. Balance only after full cure.',
            ]
          : []),
        ...(facts.has('anodes') ? ['Anodes back on bare bright metal, tight, and never painted.'] : []),
      ],
      where: [],
    },
  ];
}

const launch = (_: FaceInput, windows: readonly Window[]): Task[] => {
  const window = find(windows, 'immerse');
  return window
    ? [
        {
          ...JOB,
          kind: 'launch',
          share: 'job',
          title: 'Launch',
          detail: 'Anodes bare and tight, transducers clear, nothing masked left on.',
          hand: HAND.launch,
          lags: [...lagOf('immerse', window), ...lagOf('load', find(windows, 'load'))],
        },
      ]
    : [];
};
