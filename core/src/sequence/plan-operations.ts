import type { Finding } from '../model/finding.ts';
import type { Fact, Operation } from '../model/operation.ts';
import { upperFirst } from '../units/casing.ts';
import { formatMinutes } from '../units/format-quantity.ts';
import { sum } from '../units/sum.ts';
import { coatWords } from './coat-words.ts';
import { FACT_WORDS } from './fact-words.ts';
import { mergeChains, type Entry } from './merge.ts';
import { startOf } from './trains.ts';
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
  if (faces.length === 0) return EMPTY;
  const groups = mergeChains(faces.map(({ chain }) => chain));
  const ids = new Map(groups.flatMap((group) => group.map(({ step }) => [step.id, idOf(group)] as const)));
  const inputs = new Map(faces.map((face) => [face.chain.work.zone, face]));
  const titles = new Map<string, string>();
  const operations = groups.map((group, i) => toOperation(group, i + 1, { ids, inputs, titles }));
  return {
    operations: operations.map((operation) => ({ ...operation, why: whyOf(operation, titles) })),
    findings: faces.flatMap(({ findings }) => findings),
  };
}

interface Known {
  readonly ids: ReadonlyMap<string, string>;
  readonly inputs: ReadonlyMap<string, WalkedFace>;
  readonly titles: Map<string, string>;
}

const idOf = (group: readonly Entry[]): string => (group[0] as Entry).step.id;

function toOperation(group: readonly Entry[], number: number, { ids, inputs, titles }: Known): Operation {
  const [{ step }] = group as readonly [Entry, ...Entry[]];
  const { task } = step;
  const places = group.map((entry) => ({ ...entry, face: inputs.get(entry.chain.work.zone) as WalkedFace }));
  const words = task.coat ? coatWords(places) : { title: task.title, detail: task.detail, hand: 0 };
  const id = idOf(group);
  titles.set(id, words.title);
  const shared = task.share !== undefined;
  const hands = group.map((entry) => entry.step.task.hand);
  return {
    id,
    number,
    kind: task.kind,
    stage: step.stage,
    title: words.title,
    detail: [words.detail, ...new Set(places.flatMap(({ face, step: own }) => piecesText(face, own)))].filter((text) => text !== '').join(' '),
    faces: group.map(({ chain, step: own }) => ({
      id: own.id,
      part: chain.work.part,
      zone: chain.work.zone,
      side: own.task.side ?? null,
      name: chain.work.name,
      hand: shared ? own.task.hand / group.length : own.task.hand,
    })),
    where: [...(task.where ?? group.map(({ chain, step: own }) => chain.work.name + (own.task.side ? `, ${own.task.side}` : '')))],
    hand: words.hand + (shared ? Math.max(...hands) : sum(hands, (hand) => hand)),
    wait: Math.max(...group.map((entry) => entry.step.task.wait ?? 0)),
    needs: union(group, (own) => own.needs),
    gives: union(group, (own) => own.gives),
    ends: union(group, (own) => own.ends),
    askedBy: step.askedBy && { fact: step.askedBy.fact, id: ids.get(step.askedBy.id) ?? step.askedBy.id },
    undoneBy: step.undoneBy === null ? null : (ids.get(step.undoneBy) ?? step.undoneBy),
    why: task.because ?? '',
    lags: lagsOf(group, ids),
    contact: task.contact ?? null,
    takes: [...step.takes],
    product: productOf(group),
    coat: task.coat ? { product: task.coat.plan.product, name: task.coat.plan.name, pass: task.coat.pass, film: task.coat.plan.dryFilm } : null,
    means: task.means ?? null,
    hold: task.hold ?? null,
    stop: task.stop ?? null,
    against: task.against ?? null,
    protection: [...new Set(group.flatMap((entry) => entry.step.task.protection ?? []))],
    cautions: [...new Set(group.flatMap((entry) => entry.step.task.cautions ?? []))],
  };
}

/** What holds for any of the faces; the same operation takes away less from a face that has less to lose. */
const union = (group: readonly Entry[], of: (step: Walked) => readonly Fact[]): Fact[] => [...new Set(group.flatMap(({ step }) => of(step)))];

function productOf(group: readonly Entry[]): Operation['product'] {
  const products = group.flatMap(({ step }) => step.task.product ?? []);
  const [first] = products;
  return first ? { ...first, litres: sum(products, ({ litres }) => litres) } : null;
}

/** The tightest of each kind over all faces. */
function lagsOf(group: readonly Entry[], ids: ReadonlyMap<string, string>): Operation['lags'] {
  const tightest = new Map<string, Operation['lags'][number]>();
  for (const { chain, step } of group) {
    const at = chain.steps.indexOf(step);
    for (const lag of step.task.lags ?? []) {
      const from = startOf(chain.steps, at, lag);
      if (from === null) continue;
      const after = (chain.steps[from] as Walked).id;
      const known = tightest.get(lag.what);
      const next = { ...lag, after: ids.get(after) ?? after };
      tightest.set(lag.what, known ? { ...next, least: Math.max(known.least, lag.least), most: closes(known.most, lag.most) } : next);
    }
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
function whyOf({ why, askedBy, undoneBy, stop, lags }: Operation, titles: ReadonlyMap<string, string>): string {
  const undone = undoneBy === null ? '' : `; “${titles.get(undoneBy) ?? ''}” undid that`;
  const reasons = [
    ...(stop === null ? [] : ['Nobody goes on before it is settled.']),
    ...(askedBy === null ? [] : [`${upperFirst(FACT_WORDS[askedBy.fact])} before “${titles.get(askedBy.id) ?? ''}”${undone}.`]),
    ...(why === '' ? [] : [`${why.replace(/\.$/, '')}.`]),
    ...lags.flatMap(({ what, after, least }) =>
      least > 0 && what !== 'dwell' ? [`${formatMinutes(least)} after “${titles.get(after) ?? ''}” at the earliest.`] : [],
    ),
  ];
  return reasons.length > 0 ? reasons.join(' ') : 'It follows from the step before on this face.';
}
