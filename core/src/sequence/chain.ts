import { OperationKind } from '../model/operation.ts';
import type { FaceWork, Task, TaskLag } from './task.ts';
import { startOf, trainsOf, type Train } from './trains.ts';
import type { Walked } from './walk.ts';

/** One face with its walk, ready to be put in line with others. */
export interface Chain {
  readonly work: FaceWork;
  readonly steps: readonly Walked[];
  /** one for each step */
  readonly places: readonly Place[];
}

/** What the order across faces looks at. */
export interface Place {
  /** the same on all faces that do it together */
  readonly key: string;
  readonly rank: number;
  /** begins here */
  readonly train: Train | null;
  /** spans that end here, each with the id of the step it counts from */
  readonly lags: readonly { readonly lag: TaskLag; readonly after: string }[];
}

const RANK: ReadonlyMap<OperationKind, number> = new Map(OperationKind.options.map((kind, i) => [kind, i * 100]));
const ROLE = { primer: 0, surfacer: 10, promoter: 30, colour: 40 } as const;
/** All sanding between films comes before a promoter is opened. */
const BETWEEN_FILMS: Partial<Readonly<Record<OperationKind, number>>> = {
  'send-to-powder': -1,
  'sand-film': 20,
  'clean-film': 21,
  'cover-again': 22,
};
const PRODUCTS = 8;
/** Right before what it is for, or right after what has made it necessary. */
const NEXT_TO = 0.5;
const BEFORE_WHAT_FOLLOWS: readonly OperationKind[] = ['wipe', 'turn'];
const AFTER_WHAT_ASKED: readonly OperationKind[] = ['dry', 'dust-off'];

/** A walked face with what the order across faces looks at, reckoned once. */
export function chainOf(work: FaceWork, steps: readonly Walked[]): Chain {
  const ranks = ranksOf(steps);
  const trains = new Map(trainsOf(steps).map((train) => [train.from, train]));
  const places = steps.map((step, i): Place => {
    const train = trains.get(i) ?? null;
    return {
      key: keyOf(step),
      rank: train ? (ranks[train.to] as number) - NEXT_TO : (ranks[i] as number),
      train,
      lags: (step.task.lags ?? []).flatMap((lag) => {
        const from = startOf(steps, i, lag);
        return from === null ? [] : [{ lag, after: (steps[from] as Walked).id }];
      }),
    };
  });
  return { work, steps, places };
}

/** Dwells within about this factor are laid on together; under films that take longer another face would dry. Model assumption. */
const SAME_DWELL = 1.5;

const dwellClass = ({ lags, wait }: Task): number =>
  lags?.some(({ what }) => what === 'dwell') && wait ? Math.round(Math.log(wait) / Math.log(SAME_DWELL)) : 0;

/** Faces do the same together where kind and wording are the same, or where they name what they share; and in stripper where it works about as long. */
function keyOf({ task }: Walked): string {
  if (task.share !== undefined) return `${task.kind}|${task.share}`;
  if (task.coat) return `coat|${task.coat.plan.product}|${task.coat.plan.apply}|${task.coat.plan.name}|${task.coat.pass}|${task.side ?? ''}`;
  return `${task.kind}|${task.title}|${task.detail}|${task.side ?? ''}|${dwellClass(task)}`;
}

/** Working order of the kinds; films by what they are, then by their place in the stack; upkeep right before what it is for. */
function ranksOf(steps: readonly Walked[]): number[] {
  let product = -1;
  const ranks = steps.map(({ task }) => {
    if (task.coat?.pass === 1) product += 1;
    return rankOf(task, product);
  });
  for (let i = steps.length - 2; i >= 0; i--)
    if (BEFORE_WHAT_FOLLOWS.includes((steps[i] as Walked).task.kind)) ranks[i] = (ranks[i + 1] as number) - NEXT_TO;
  for (let i = 1; i < steps.length; i++)
    if (AFTER_WHAT_ASKED.includes((steps[i] as Walked).task.kind)) ranks[i] = (ranks[i - 1] as number) + NEXT_TO / 10;
  return ranks;
}

function rankOf({ kind, coat }: Task, product: number): number {
  const rank = RANK.get(kind) as number;
  const between = BETWEEN_FILMS[kind];
  if (between !== undefined) return (RANK.get('coat') as number) + between;
  if (!coat) return rank;
  const { role, base } = coat.plan;
  return rank + ROLE[base === 'adhesion-promoter' ? 'promoter' : role] + Math.min(product, PRODUCTS);
}
