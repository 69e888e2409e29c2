import type { Operation, OperationKind } from '../model/operation.ts';
import type { PaceRecord, PaceSetAside, UseRecord } from '../model/pace.ts';
import { groupBy } from '../units/group-by.ts';
import { sum } from '../units/sum.ts';
import { learnPaces } from './learn-pace.ts';
import type { Run } from './fold-run.ts';

const MINUTE = 60_000;

/** Ways off have rates of their own, and stripper learns at its sections: their times stand where the way is chosen, and are not scaled a second time here. */
const ELSEWHERE: ReadonlySet<OperationKind> = new Set<OperationKind>([
  'strip-round',
  'strip-next-round',
  'strip-specks',
  'strip-bath',
  'strip-tool',
  'strip-heat',
  'strip-blast',
  'hand-over-to-strip',
  'fetch-back',
  'try-patch',
]);

/** Whether the pace of a kind of step is learned from the record. */
export const isPaced = (kind: OperationKind): boolean => !ELSEWHERE.has(kind);

/** The operations with the hands that the shop's own record says; the same ones where it says nothing. */
export function atOwnPace(operations: readonly Operation[], records: readonly PaceRecord[], setAside: PaceSetAside): readonly Operation[] {
  if (records.length === 0) return operations;
  const paces = learnPaces(records);
  return operations.map((operation) => {
    const pace = paces.get(operation.kind);
    if (!pace || !isPaced(operation.kind) || setAside[operation.kind] !== undefined) return operation;
    const faces = operation.faces.map((face) => ({ ...face, hand: face.hand * pace.factor }));
    const { factor, records: count, jobs } = pace;
    return { ...operation, hand: operation.hand * factor, faces, pace: { factor, records: count, jobs } };
  });
}

/** What a run says of the pace: steps that were begun and done, against the hands of the catalogue for them. */
export const pacesOf = ({ job, plan, works }: Run): PaceRecord[] =>
  plan.works.flatMap(({ id, kind, hand, pace }): PaceRecord[] => {
    const record = works.get(id);
    if (!record?.to || record.worked < MINUTE || hand <= 0 || !isPaced(kind)) return [];
    return [{ kind, job, planned: hand / pace, done: record.worked / MINUTE, at: new Date(record.to).toISOString() }];
  });

/** What a run says of the paint that the shop takes: of each product what the cans lost over the steps whose cans were weighed, against the plan of those steps. */
export function usesOf({ job, plan, used }: Run): UseRecord[] {
  const weighed = used.filter(({ before, after }) => before !== null && after !== null && before > after);
  return [...groupBy(weighed, ({ product }) => product)].flatMap(([product, own]): UseRecord[] => {
    const steps = new Set(own.map(({ operation }) => operation));
    const planned = sum(plan.works, ({ operation, grams }) => (steps.has(operation) ? grams : 0));
    const done = sum(own, ({ before, after }) => (before ?? 0) - (after ?? 0));
    const at = Math.max(...own.map((one) => one.at));
    return planned > 0 ? [{ product, job, planned, done, at: new Date(at).toISOString() }] : [];
  });
}
