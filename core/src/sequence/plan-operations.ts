import type { Finding } from '../model/finding.ts';
import type { Guarded, Lag, Operation } from '../model/operation.ts';
import type { Shop } from '../model/shop.ts';
import { guardsAgainst } from '../safety/protection.ts';
import { upperFirst } from '../units/casing.ts';
import { formatMinutes } from '../units/format-quantity.ts';
import { FACT_WORDS } from './fact-words.ts';
import { mergeChains, type Entry } from './merge.ts';
import { bodyOf, type Faces, type Guards } from './operation-body.ts';
import type { Walked } from './walk.ts';
import type { WalkedFace } from './walked-face.ts';

/** Every operation of a job in working order, and what stands in the way of doing it so. */
export interface Sequence {
  readonly operations: readonly Operation[];
  readonly findings: readonly Finding[];
}

/** One sequence for all faces. Yields after each operation, so that a caller is not held up. */
export function* planOperations(faces: readonly WalkedFace[]): Generator<void, Sequence> {
  const byZone = new Map(faces.map((face) => [face.chain.work.zone, face]));
  const guards = guardsOnce(faces[0]?.input.facts.shop);
  const groups: Group[] = [];
  for (const entries of mergeChains(faces.map(({ chain }) => chain))) {
    const facesOf = () => entries.map((entry) => ({ ...entry, face: byZone.get(entry.chain.work.zone) as WalkedFace })) as unknown as Faces;
    groups.push(known(entries) ?? keep(facesOf(), guards));
    yield;
  }
  const among = amongOf(groups);
  const operations: Operation[] = [];
  for (const group of groups) {
    operations.push(inLine(group, operations.length + 1, among));
    yield;
  }
  return { operations, findings: faces.flatMap(({ findings }) => findings) };
}

/** One operation with its faces. */
interface Group {
  readonly faces: Faces;
  readonly body: Operation;
  /** the steps that it speaks of: what asked for it, what undid it, what its clocks run from */
  readonly spoken: readonly string[];
}

const groupOf = new WeakMap<Walked, Group>();

/** The same as before where no face was walked anew: an edit elsewhere in the document costs nothing here. */
function known(entries: readonly Entry[]): Group | undefined {
  const group = groupOf.get((entries[0] as Entry).step);
  return group?.faces.length === entries.length && entries.every(({ step }, i) => step === group.faces[i]?.step) ? group : undefined;
}

function keep(faces: Faces, guards: Guards): Group {
  const group = { faces, body: bodyOf(faces, guards), spoken: spokenOf(faces) };
  groupOf.set(faces[0].step, group);
  return group;
}

/** Many operations raise the same. */
function guardsOnce(shop: Shop | undefined): Guards {
  const known = new Map<string, readonly Guarded[]>();
  return (raises) => {
    const key = raises.join();
    const guards = known.get(key) ?? (shop ? guardsAgainst(raises, shop) : []);
    known.set(key, guards);
    return guards;
  };
}

/** What operations know of each other: by the id of each of its faces, the operation. */
type Among = ReadonlyMap<string, Operation>;

function amongOf(groups: readonly Group[]): Among {
  const among = new Map<string, Operation>();
  for (const { faces, body } of groups) for (const { step } of faces) among.set(step.id, body);
  return among;
}

interface Placed {
  /** those that it speaks of */
  readonly others: readonly (Operation | undefined)[];
  readonly operation: Operation;
}

const placed = new WeakMap<Group, Placed>();

/** An operation where it stands among the others, with why it stands there; the same answer as before while it speaks of the same. */
function inLine(group: Group, number: number, among: Among): Operation {
  const others = group.spoken.map((id) => among.get(id));
  const last = placed.get(group);
  if (last?.others.every((other, i) => other === others[i])) return last.operation.number === number ? last.operation : { ...last.operation, number };
  const operation = placeOf(group, number, among);
  placed.set(group, { others, operation });
  return operation;
}

function spokenOf(faces: Faces): string[] {
  const [{ step }] = faces;
  const clocks = faces.flatMap(({ place }) => place.lags.map(({ after }) => after));
  return [...clocks, ...(step.askedBy ? [step.askedBy.id] : []), ...(step.undoneBy === null ? [] : [step.undoneBy])];
}

function placeOf({ faces, body }: Group, number: number, among: Among): Operation {
  const [{ step }] = faces;
  const idOf = (id: string): string => among.get(id)?.id ?? id;
  const askedBy = step.askedBy && { fact: step.askedBy.fact, id: idOf(step.askedBy.id) };
  const undoneBy = step.undoneBy === null ? null : idOf(step.undoneBy);
  const lags = lagsOf(faces, idOf);
  const why = whyOf({ because: step.task.because ?? '', stop: body.stop, askedBy, undoneBy, lags }, (id) => among.get(id)?.title ?? '');
  return { ...body, number, askedBy, undoneBy, lags, why };
}

/** The tightest of each kind from each operation that a clock runs from. */
function lagsOf(faces: Faces, idOf: (id: string) => string): Operation['lags'] {
  const tightest = new Map<string, Lag>();
  for (const { place } of faces)
    for (const { lag, after } of place.lags) {
      const from = idOf(after);
      const key = `${lag.what} ${from}`;
      const known = tightest.get(key);
      // Most faces say the same: a job has thousands of them.
      if (!known) tightest.set(key, { ...lag, after: from });
      else if (isTighter(lag, known))
        tightest.set(key, { ...lag, after: from, least: Math.max(known.least, lag.least), most: closes(known.most, lag.most) });
    }
  return [...tightest.values()];
}

const isTighter = (lag: Pick<Lag, 'least' | 'most'>, known: Lag): boolean => lag.least > known.least || closes(known.most, lag.most) !== known.most;

const closes = (a: number | null, b: number | null): number | null => (a === null ? b : b === null ? a : Math.min(a, b));

/** Why an operation stands where it stands, in a sentence. */
function whyOf(
  { because, stop, askedBy, undoneBy, lags }: Pick<Operation, 'stop' | 'askedBy' | 'undoneBy' | 'lags'> & { readonly because: string },
  titleOf: (id: string) => string,
): string {
  const undone = undoneBy === null ? '' : `; “${titleOf(undoneBy)}” undid that`;
  const reasons = [
    ...(stop === null ? [] : ['Nobody goes on before it is settled.']),
    ...(askedBy === null ? [] : [`${upperFirst(FACT_WORDS[askedBy.fact])} before “${titleOf(askedBy.id)}”${undone}.`]),
    ...(because === '' ? [] : [`${because.replace(/\.$/, '')}.`]),
    ...new Set(
      lags.flatMap(({ what, after, least }) =>
        least > 0 && what !== 'dwell' ? [`${formatMinutes(least)} after “${titleOf(after)}” at the earliest.`] : [],
      ),
    ),
  ];
  return reasons.length > 0 ? reasons.join(' ') : 'It follows from the step before on this face.';
}
