import type { Operation, OperationKind } from '../model/operation.ts';
import type { PaceRecord, PaceSetAside, UseRecord } from '../model/pace.ts';
import { groupBy } from '../units/group-by.ts';
import { sum } from '../units/sum.ts';
import { paceBook, type Manner } from './pace-book.ts';
import type { Run } from './fold-run.ts';
import { ownUse } from './own-use.ts';

const MINUTE = 60_000;

/** Stripper and tanks learn at their sections, contractors keep their own time. */
const ELSEWHERE: ReadonlySet<OperationKind> = new Set<OperationKind>([
  'strip-round',
  'strip-next-round',
  'strip-specks',
  'strip-bath',
  'strip-blast',
  'hand-over-to-strip',
  'fetch-back',
  'try-patch',
]);
/** Their hands have the own pace where the method is chosen, so that it is ranked by it; they are not scaled a second time. */
const SCALED_BEFORE: ReadonlySet<OperationKind> = new Set<OperationKind>(['strip-tool', 'strip-heat']);

/** Whether the pace of a kind of step is learned from the record. */
const isPaced = (kind: OperationKind): boolean => !ELSEWHERE.has(kind);

/** With what an operation is done, and how most of it is reached. */
export function mannerOf({ kind, contact, coat, faces, where }: Pick<Operation, 'kind' | 'contact' | 'coat' | 'faces' | 'where'>): Manner {
  const most = faces.reduce<Operation['faces'][number] | null>((best, face) => (best && best.hand >= face.hand ? best : face), null);
  return { kind, tool: contact?.name ?? (coat ? `${coat.name}, ${coat.apply}` : ''), access: where.length > 0 ? (most?.access ?? '') : '' };
}

/** The operations with the hands that the shop's own record says; the same ones where it says nothing. */
export function atOwnPace(operations: readonly Operation[], records: readonly PaceRecord[], setAside: PaceSetAside): readonly Operation[] {
  if (records.length === 0) return operations;
  const book = paceBook(records, setAside);
  return operations.map((operation) => {
    const pace = isPaced(operation.kind) ? book.of(mannerOf(operation)) : null;
    if (!pace) return operation;
    const { factor, records: count, jobs } = pace;
    const own = { ...operation, pace: { factor, records: count, jobs } };
    if (SCALED_BEFORE.has(operation.kind)) return own;
    return { ...own, hand: operation.hand * factor, faces: operation.faces.map((face) => ({ ...face, hand: face.hand * factor })) };
  });
}

/** The operations with the waits that things have taken to dry here; the same ones where nothing was read. */
export function atOwnDrying(operations: readonly Operation[], uses: readonly UseRecord[]): readonly Operation[] {
  if (!uses.some(({ of }) => of === 'drying')) return operations;
  return operations.map((operation) => {
    const own = operation.kind === 'dry' && operation.wait > 0 ? ownUse(uses, 'drying', operation.title) : null;
    return own ? { ...operation, wait: operation.wait * own.factor, drying: own } : operation;
  });
}

/** What a run says of the pace: steps that were begun and done, against the hands of the catalogue for them. */
export const pacesOf = ({ job, plan, works }: Run): PaceRecord[] =>
  plan.works.flatMap(({ id, kind, tool, access, hand, pace }): PaceRecord[] => {
    const record = works.get(id);
    if (!record?.to || record.worked < MINUTE || hand <= 0 || !isPaced(kind)) return [];
    return [{ kind, tool, access, job, planned: hand / pace, done: record.worked / MINUTE, at: new Date(record.to).toISOString() }];
  });

/** What a run says of what the shop takes and leaves: paint by its weighed cans, kit and waste as they were counted, drying by the clock. */
export const usesOf = (run: Run): UseRecord[] => [...paintOf(run), ...countsOf(run), ...dryingOf(run)];

/** Of each product what the cans lost over the steps whose cans were weighed, against the plan of those steps. */
function paintOf({ job, plan, used }: Run): UseRecord[] {
  const weighed = used.filter(({ before, after }) => before !== null && after !== null && before > after);
  return [...groupBy(weighed, ({ product }) => product)].flatMap(([product, own]): UseRecord[] => {
    const steps = new Set(own.map(({ operation }) => operation));
    const planned = sum(plan.works, ({ operation, grams }) => (steps.has(operation) ? grams : 0));
    const done = sum(own, ({ before, after }) => (before ?? 0) - (after ?? 0));
    const at = Math.max(...own.map((one) => one.at));
    return planned > 0 ? [{ of: 'paint', product, job, planned, done, at: new Date(at).toISOString() }] : [];
  });
}

const countsOf = ({ job, counted }: Run): UseRecord[] =>
  [...counted.values()].flatMap(({ of, item, planned, own, amount, at }) =>
    planned > 0 && amount > 0 ? [{ of, product: item, job, planned: planned / own, done: amount, at: new Date(at).toISOString() }] : [],
  );

/** From the end of the step until somebody saw that it was dry; what is called the same, together. */
function dryingOf({ job, dried, works }: Run): UseRecord[] {
  const seen = [...dried.values()].flatMap(({ work, item, planned, own, dry, at }) => {
    const end = works.get(work)?.to ?? null;
    return dry && end !== null && at > end ? [{ item, at, planned: planned / own, done: (at - end) / MINUTE }] : [];
  });
  return [...groupBy(seen, ({ item }) => item)].map(([product, own]): UseRecord => ({
    of: 'drying',
    product,
    job,
    planned: sum(own, ({ planned }) => planned),
    done: sum(own, ({ done }) => done),
    at: new Date(Math.max(...own.map(({ at }) => at))).toISOString(),
  }));
}
