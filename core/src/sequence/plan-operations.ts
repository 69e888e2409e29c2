import type { Finding } from '../model/finding.ts';
import type { Guarded, Operation, Raised } from '../model/operation.ts';
import type { Shop } from '../model/shop.ts';
import { guardsAgainst } from '../safety/protection.ts';
import { upperFirst } from '../units/casing.ts';
import { formatMinutes } from '../units/format-quantity.ts';
import { sum } from '../units/sum.ts';
import { coatWords, type OnFace } from './coat-words.ts';
import { FACT_WORDS } from './fact-words.ts';
import { mergeChains } from './merge.ts';
import type { Walked } from './walk.ts';
import type { WalkedFace } from './walked-face.ts';

/** Every operation of a job in working order, and what stands in the way of doing it so. */
export interface Sequence {
  readonly operations: readonly Operation[];
  readonly findings: readonly Finding[];
}

const EMPTY: Sequence = { operations: [], findings: [] };

/** One sequence for all faces. */
export function planOperations(faces: readonly WalkedFace[]): Sequence {
  const [one] = faces;
  if (!one) return EMPTY;
  const byZone = new Map(faces.map((face) => [face.chain.work.zone, face]));
  const groups = mergeChains(faces.map(({ chain }) => chain)).map((entries) => {
    const [first, ...others] = entries.map(({ chain, step, place }) => ({ chain, step, place, face: byZone.get(chain.work.zone) as WalkedFace }));
    return wordedOf([first as OnFace, ...others]);
  });
  const ids = new Map<string, string>();
  const titles = new Map<string, string>();
  const guards = guardsOnce(one.input.facts.shop);
  for (const { id, title, faces: own } of groups) {
    titles.set(id, title);
    for (const { step } of own) ids.set(step.id, id);
  }
  return {
    operations: groups.map((group, i) => toOperation(group, i + 1, { ids, titles, guards })),
    findings: faces.flatMap(({ findings }) => findings),
  };
}

type Faces = readonly [OnFace, ...OnFace[]];

/** The same operation on its faces, with what it is called there. */
interface Worded {
  readonly id: string;
  readonly faces: Faces;
  readonly title: string;
  readonly detail: string;
  /** min of hands besides those of the faces */
  readonly hand: number;
}

function wordedOf(faces: Faces): Worded {
  const [{ step }] = faces;
  const { title, detail, hand } = step.task.coat ? coatWords(faces) : { ...step.task, hand: 0 };
  const pieces = new Set(faces.flatMap(({ face, step: own }) => piecesText(face, own)));
  return { id: step.id, faces, title, detail: [detail, ...pieces].filter((text) => text !== '').join(' '), hand };
}

/** What operations know of each other. */
interface Among {
  /** id of the operation by the id of each of its faces */
  readonly ids: ReadonlyMap<string, string>;
  readonly titles: ReadonlyMap<string, string>;
  readonly guards: (raises: readonly Raised[]) => readonly Guarded[];
}

/** Many operations raise the same. */
function guardsOnce(shop: Shop): Among['guards'] {
  const known = new Map<string, readonly Guarded[]>();
  return (raises) => {
    const key = raises.join();
    const guards = known.get(key) ?? guardsAgainst(raises, shop);
    known.set(key, guards);
    return guards;
  };
}

function toOperation({ id, faces: group, title, detail, hand }: Worded, number: number, { ids, titles, guards }: Among): Operation {
  const [{ step }] = group;
  const { task } = step;
  const shared = task.share !== undefined;
  const hands = group.map((entry) => entry.step.task.hand);
  const askedBy = step.askedBy && { fact: step.askedBy.fact, id: ids.get(step.askedBy.id) ?? step.askedBy.id };
  const undoneBy = step.undoneBy === null ? null : (ids.get(step.undoneBy) ?? step.undoneBy);
  const lags = lagsOf(group, ids);
  const raises = raisedOn(group);
  return {
    id,
    number,
    kind: task.kind,
    stage: step.stage,
    title,
    detail,
    faces: group.map(({ chain, step: own }) => ({
      id: own.id,
      part: chain.work.part,
      zone: chain.work.zone,
      side: own.task.side ?? null,
      name: chain.work.name,
      hand: shared ? own.task.hand / group.length : own.task.hand,
    })),
    where: [...(task.where ?? group.map(({ chain, step: own }) => chain.work.name + (own.task.side ? `, ${own.task.side}` : '')))],
    hand: hand + (shared ? Math.max(...hands) : sum(hands, (own) => own)),
    wait: Math.max(...group.map((entry) => entry.step.task.wait ?? 0)),
    needs: union(group, (own) => own.needs),
    gives: union(group, (own) => own.gives),
    ends: union(group, (own) => own.ends),
    askedBy,
    undoneBy,
    why: whyOf({ because: task.because ?? '', stop: task.stop ?? null, askedBy, undoneBy, lags }, titles),
    lags,
    contact: task.contact ?? null,
    takes: [...step.takes],
    product: productOf(group),
    coat: task.coat ? { product: task.coat.plan.product, name: task.coat.plan.name, pass: task.coat.pass, film: task.coat.plan.dryFilm } : null,
    means: task.means ?? null,
    hold: task.hold ?? null,
    stop: task.stop ?? null,
    against: task.against ?? null,
    raises,
    protection: [...guards(raises)],
    cautions: union(group, (own) => own.task.cautions ?? NONE),
  };
}

function raisedOn(group: Faces): Raised[] {
  const raises = new Set<Raised>();
  for (const { face, step } of group) for (const raised of face.raises.get(step.id) ?? []) raises.add(raised);
  return [...raises];
}

const NONE: readonly string[] = [];

/** What holds for any of the faces; the same operation takes away less from a face that has less to lose. */
function union<T>([first, ...others]: Faces, of: (step: Walked) => readonly T[]): T[] {
  const all = new Set(of(first.step));
  for (const { step } of others) if (of(step) !== of(first.step)) for (const one of of(step)) all.add(one);
  return [...all];
}

function productOf(group: Faces): Operation['product'] {
  const first = group.find(({ step }) => step.task.product)?.step.task.product;
  return first ? { ...first, litres: sum(group, ({ step }) => step.task.product?.litres ?? 0) } : null;
}

/** The tightest of each kind over all faces. */
function lagsOf(group: Faces, ids: ReadonlyMap<string, string>): Operation['lags'] {
  const tightest = new Map<string, Operation['lags'][number]>();
  for (const { place } of group)
    for (const { lag, after } of place.lags) {
      const known = tightest.get(lag.what);
      const next = { ...lag, after: ids.get(after) ?? after };
      tightest.set(lag.what, known ? { ...next, least: Math.max(known.least, lag.least), most: closes(known.most, lag.most) } : next);
    }
  return [...tightest.values()];
}

const closes = (a: number | null, b: number | null): number | null => (a === null ? b : b === null ? a : Math.min(a, b));

const piecesText = ({ pieces, chain }: WalkedFace, { id }: Walked): string[] =>
  pieces.flatMap((piece) =>
    piece.at === id
      ? [
          `${chain.work.name}: in ${piece.count} pieces of ${piece.area.toFixed(piece.area < 1 ? 2 : 1)} m² at most, each from “${piece.from}” to here before the next is begun; the window closes before the whole is through.`,
        ]
      : [],
  );

/** Why an operation stands where it stands, in a sentence. */
function whyOf(
  { because, stop, askedBy, undoneBy, lags }: Pick<Operation, 'stop' | 'askedBy' | 'undoneBy' | 'lags'> & { readonly because: string },
  titles: ReadonlyMap<string, string>,
): string {
  const undone = undoneBy === null ? '' : `; “${titles.get(undoneBy) ?? ''}” undid that`;
  const reasons = [
    ...(stop === null ? [] : ['Nobody goes on before it is settled.']),
    ...(askedBy === null ? [] : [`${upperFirst(FACT_WORDS[askedBy.fact])} before “${titles.get(askedBy.id) ?? ''}”${undone}.`]),
    ...(because === '' ? [] : [`${because.replace(/\.$/, '')}.`]),
    ...lags.flatMap(({ what, after, least }) =>
      least > 0 && what !== 'dwell' ? [`${formatMinutes(least)} after “${titles.get(after) ?? ''}” at the earliest.`] : [],
    ),
  ];
  return reasons.length > 0 ? reasons.join(' ') : 'It follows from the step before on this face.';
}
