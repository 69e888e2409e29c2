import { dewText } from '../../climate/dew-hours.ts';
import type { Window } from '../../build/windows.ts';
import { shutText } from '../../climate/paint-gates.ts';
import { FIRST_COAT } from '../../catalogue/operations.ts';
import type { CoatPlan } from '../../model/build.ts';
import type { DesignStep } from '../../model/design.ts';
import type { Lag, OperationKind } from '../../model/operation.ts';
import { formatMinutes } from '../../units/format-quantity.ts';
import { lowerFirst } from '../../units/casing.ts';
import { sum } from '../../units/sum.ts';
import type { FaceInput } from '../face-input.ts';
import { look, type Task, type TaskLag } from '../task.ts';
import type { PaintCover } from './cover.ts';
import { fillsOnEpoxy, fillTasks } from './fill.ts';
import { backTasks } from './key.ts';

/** min/m² to block a surfacer; model assumption. */
const SAND = 15;
/** min to turn a part over; model assumption. */
const TURN = 3;
/** min that a flamed face stays fit at most; common practice, no source. */
const FLAME_FADES = 24 * 60;

type Side = 'face' | 'back' | null;

/** From the first film to the tape: every pass of every product on every side of this zone, with what happens between them. */
export function buildTasks(input: FaceInput, windows: readonly Window[], cover: PaintCover): Task[] {
  const { build } = input;
  if (!build) return [];
  const sides: readonly Side[] = build.turned ? ['face', 'back'] : [null];
  const runs = runsOf(build.coats);
  const tasks = runs.flatMap((run, r) => [
    ...(build.turned && r > 0 ? [turn(input, run0(runs, r), windows, true)] : []),
    ...sand(input, run[0], windows),
    ...sides.flatMap((side, s) => [
      ...(s > 0 ? [turn(input, run.at(-1) as CoatPlan, windows, false), ...(r === 0 ? backTasks(input, bearsFrom(run, windows)) : [])] : []),
      ...run.flatMap((coat, c) => [
        ...passes(input, coat, { side, windows, before: run[c - 1] ?? runs[r - 1]?.at(-1) ?? null, first: r === 0 && c === 0 }),
        ...lineTasks(input, coat),
        ...filling(input, coat),
      ]),
    ]),
  ]);
  return [...withPull(tasks, pull(input, cover)), ...powder(input), ...polish(input)];
}

/** Tape comes off while the last film is soft: before an edge in it is flatted, which waits until it is hard. */
function withPull(tasks: readonly Task[], pulled: readonly Task[]): Task[] {
  const last = tasks.findLastIndex(({ kind }) => kind === 'coat');
  const flatted = tasks.findIndex(({ kind }, i) => i > last && kind === 'flat-line');
  return flatted < 0 ? [...tasks, ...pulled] : [...tasks.slice(0, flatted), ...pulled, ...tasks.slice(flatted)];
}

const run0 = (runs: readonly (readonly CoatPlan[])[], r: number): CoatPlan => runs[r - 1]?.at(-1) as CoatPlan;

/** Coats that are laid on one side before the part is turned: up to where something is sanded, or to the bare metal's first film. */
function runsOf(coats: readonly CoatPlan[]): CoatPlan[][] {
  const runs: CoatPlan[][] = [];
  for (const coat of coats) {
    const last = runs.at(-1);
    if (!last || coat.key !== null) runs.push([coat]);
    else last.push(coat);
  }
  return runs;
}

const isCoat: TaskLag['after'] = (kind) => kind === 'coat';
const ofCoat =
  (name: string): Exclude<TaskLag['after'], string> =>
  (kind, coat) =>
    kind === 'coat' && coat === name;

/** A window of the build as a span from the last coat before. */
function lag(what: Lag['what'], window: Window | undefined, after: TaskLag['after'], missed: OperationKind): TaskLag[] {
  if (!window) return [];
  const { label, shop, governs, from, until, missed: says } = window;
  return [{ what, after, label, shop, by: governs, least: from, most: until, missed: says === null ? null : { kind: missed, says } }];
}

interface Laying {
  readonly side: Side;
  readonly windows: readonly Window[];
  /** the product under it; null on the ground */
  readonly before: CoatPlan | null;
  readonly first: boolean;
}

function passes(input: FaceInput, coat: CoatPlan, { side, windows, before, first }: Laying): Task[] {
  const { build } = input;
  const findingsOf = cautionsOf(input, coat);
  const share = side === null ? 1 : 0.5;
  const against = coat.role === 'colour' ? null : (build?.against ?? null);
  const shut = shutText(input.facts.place, [coat]);
  const dew = first ? dewText(input.facts.place) : null;
  const next = windows.find(({ what, after }) => what === 'recoat' && after === coat.name);
  return Array.from({ length: coat.coats }, (_, i): Task => {
    const pass = i + 1;
    const remedy: OperationKind = coat.base === 'adhesion-promoter' ? 'coat' : 'sand-film';
    const own = windows.find(({ what, after }) => what === 'flash' && after === coat.name);
    const under = before && windows.find(({ what, after }) => what === 'recoat' && after === before.name);
    const sanded = coat.key !== null && before !== null;
    const lags: TaskLag[] =
      i > 0
        ? lag('flash', own, ofCoat(coat.name), remedy)
        : sanded
          ? []
          : lag(
              before?.base === 'adhesion-promoter' ? 'promoter' : 'recoat',
              under ?? undefined,
              isCoat,
              before?.base === 'adhesion-promoter' ? 'coat' : 'sand-film',
            );
    return {
      kind: 'coat',
      title: coat.name,
      detail: '',
      hand: (coat.hand / coat.coats) * share,
      wait: i === coat.coats - 1 ? (next?.from ?? coat.recoatMin) : coat.flash,
      coat: { plan: coat, pass, of: coat.coats, share },
      ...(side === null ? {} : { side }),
      ...(first && i === 0 ? { needs: FIRST_COAT } : {}),
      lags: [...lags, ...(first && i === 0 ? startLags(input) : [])],
      cautions: i === 0 ? [...findingsOf, ...(dew === null ? [] : [dew])] : [],
      because: coat.why,
      ...(against === null ? {} : { against }),
      ...(shut === null ? {} : { stop: shut }),
      ...(i === coat.coats - 1 && next && coat !== build?.coats.at(-1) ? { hold: look('clock', recoatText(coat, next)) } : {}),
    };
  });
}

/** What the ground asks of the first film: before rust or oxide shows, before the flame has faded. */
function startLags({ bare }: FaceInput): TaskLag[] {
  const { primeWithin, primeReason } = bare;
  return [
    ...(primeWithin === null
      ? []
      : [
          {
            what: 'prime' as const,
            after: 'bared' as const,
            label: primeWithin,
            shop: null,
            by: 'model' as const,
            least: 0,
            most: primeWithin,
            missed: { kind: 'key' as const, says: `${primeReason} Overrun by less than as much again: key again and wipe; by more: treat again` },
          },
        ]),
    {
      what: 'fade',
      after: (kind) => kind === 'flame',
      label: FLAME_FADES,
      shop: null,
      by: 'model',
      least: 0,
      most: FLAME_FADES,
      missed: { kind: 'flame', says: 'the effect has faded: wipe, let the alcohol go, flame once more' },
    },
  ];
}

const recoatText = ({ base }: CoatPlan, { from, until }: Window): string =>
  until === null
    ? `Next product from ${formatMinutes(from)}; key first once hard.`
    : `Next product between ${formatMinutes(from)} and ${formatMinutes(until)}; after that ${base === 'adhesion-promoter' ? 'lay promoter on again' : 'key first'}.`;

function cautionsOf({ build }: FaceInput, coat: CoatPlan): string[] {
  const findings = [
    ...(build?.primers.find(({ primer, verdict }) => primer === coat.product && verdict === 'chosen')?.findings ?? []),
    ...(coat.role === 'colour' ? (build?.findings ?? []) : []),
  ];
  const wanted = findings.filter(({ severity }) => severity === 'caution' || severity === 'require' || severity === 'rule-out');
  return [...new Set(wanted.map(({ title, reason }) => `${title}: ${reason}`))];
}

/** What lies below is sanded for the coat that wants a key. */
function sand({ facts, build }: FaceInput, coat: CoatPlan | undefined, windows: readonly Window[]): Task[] {
  const i = coat ? (build?.coats.indexOf(coat) ?? -1) : -1;
  const below = i > 0 ? build?.coats[i - 1] : undefined;
  if (!coat?.key || !below) return [];
  return [
    {
      kind: 'sand-film',
      title: `Sand the ${below.role === 'surfacer' ? 'surfacer' : lowerFirst(below.name)} P${coat.key[0]} to P${coat.key[1]}`,
      detail: 'Guide coat and block until it is gone.',
      hand: SAND * facts.area,
      hold: look('guide coat; flat hand', 'Guide coat gone, smooth under the flat hand.'),
      lags: lag(
        'sand',
        windows.find(({ what, after }) => what === 'sand' && after === below.name),
        isCoat,
        'sand-film',
      ),
    },
  ];
}

/** When a film bears hands: a ground when it may be sanded, a colour when it may be handled. */
function bearing(coat: CoatPlan, windows: readonly Window[]): Window | undefined {
  const bears = windows.find(
    ({ what, after }) => what === (coat.role === 'colour' ? 'handle' : 'sand') && (coat.role === 'colour' || after === coat.name),
  );
  return bears ?? windows.find(({ what, after }) => what === 'recoat' && after === coat.name);
}

/** min from the first film of a face until its part may be turned. */
const bearsFrom = (run: readonly CoatPlan[], windows: readonly Window[]): number =>
  sum(run, ({ flash, coats }) => flash * (coats - 1)) +
  sum(run.slice(0, -1), ({ recoatMin }) => recoatMin) +
  (bearing(run.at(-1) as CoatPlan, windows)?.from ?? 0);

/** A laid part is turned when the film bears it. */
function turn({ facts }: FaceInput, coat: CoatPlan, windows: readonly Window[], back: boolean): Task {
  return {
    kind: 'turn',
    share: `turn ${facts.part.id} ${coat.name} ${back ? 'back' : 'over'}`,
    where: [facts.part.name],
    title: back ? 'Turn it face up again' : 'Turn it over',
    detail: `On clean supports that touch no fresh film, by two people or a hoist above 25 kg. Hung, it would take one session for each coat.`,
    hand: TURN,
    lags: lag('turn', bearing(coat, windows), isCoat, 'sand-film').map((span) => ({ ...span, most: null, missed: null })),
  };
}

const filling = (input: FaceInput, coat: CoatPlan): Task[] => {
  if (!fillsOnEpoxy(input) || coat.base !== 'epoxy-2k') return [];
  return fillTasks(input).map((task): Task => ({
    ...task,
    needs: ['dry', 'film-clean'],
    ...(task.kind === 'key-for-fill' ? {} : { takes: task.kind === 'block' ? ['dust', 'touch'] : [] }),
  }));
};

const LINE_KIND: Readonly<Record<DesignStep['code'], OperationKind>> = {
  settle: 'settle-colour',
  'line-primer': 'seal-line',
  'tape-line': 'mask-line',
  'cut-film': 'mask-line',
  'dust-edges': 'seal-line',
  peel: 'peel-line',
  'edge-sand': 'flat-line',
};

/** Tape, film, peel and edge after one colour of a design. */
function lineTasks({ build }: FaceInput, coat: CoatPlan): Task[] {
  const design = build?.design;
  const after = design?.first === coat.name ? 'first' : 'second';
  if (!design || (after === 'second' && design.second !== coat.name)) return [];
  return design.steps
    .filter((step) => step.after === after)
    .map(({ code, title, detail, hand, wait, from, until }) => ({
      kind: LINE_KIND[code],
      title,
      detail,
      hand,
      wait,
      lags:
        from === null || from < 1
          ? []
          : [
              {
                what: code === 'peel' ? ('pull' as const) : ('tape' as const),
                after: ofCoat(coat.name),
                label: from,
                shop: null,
                by: 'label' as const,
                least: from,
                most: until,
                missed: null,
              },
            ],
    }));
}

/** The tape comes off while it can still be pulled. */
function pull({ build }: FaceInput, cover: PaintCover): Task[] {
  const last = build?.coats.at(-1);
  if (!last || !cover.first) return [];
  const { from, until } = cover.pull ?? { from: 0, until: null };
  return [
    {
      kind: 'pull-tape',
      title: 'Pull the tape',
      detail: 'Slowly, back over itself, away from the fresh edge; too late, cut along it with a fresh blade first. The plugs of a tank stay.',
      hand: 10,
      lags: [
        {
          what: 'pull',
          after: isCoat,
          label: from,
          shop: null,
          by: 'model',
          least: from,
          most: until,
          missed: { kind: 'pull-tape', says: 'cut along the tape with a fresh blade before it is pulled' },
        },
      ],
    },
  ];
}

/** Powder is somebody else's coat, with its own order and dates. */
function powder(input: FaceInput): Task[] {
  const { facts } = input;
  if (facts.finish?.id !== 'powder-sent-out') return [];
  const zinc = facts.substrate.id === 'galvanised' ? ' Hot-dip zinc is degassed in the oven before the powder.' : '';
  return [
    {
      kind: 'send-to-powder',
      share: 'powder',
      title: 'Deliver to the powder coater',
      detail: `Order in writing: colour, film, what stays free, dates out and back; dry, wrapped, the day it is bare.${zinc}`,
      hand: 30,
      needs: FIRST_COAT,
      hold: look('ticket by ticket', 'Count and condition signed for, going and coming back; what must not see the oven is off.'),
      lags: startLags(input),
    },
  ];
}

const polish = ({ abrade }: FaceInput): Task[] =>
  (abrade?.polish ?? []).map(({ title, detail, hand }, i) => ({
    kind: 'polish',
    title,
    detail,
    hand,
    ...(i === 0 ? { needs: FIRST_COAT } : { needs: ['dry'] }),
  }));
