import type { Operation } from '../model/operation.ts';
import { mixesLaid } from './mixes.ts';
import { cutsBegun, cutsPlanned, joinedAll, type Cut } from './pieces.ts';

/** By the product: zones that get it from a mix of their own, each with the number of that mix; all others share the first. */
export type Mixes = ReadonlyMap<string, ReadonlyMap<string, number>>;

/** Work that tells by its id in which mix or pieces it is done, and to which zones. */
export interface InParts {
  readonly work: string;
  readonly zones: readonly string[];
}

/** What of one job is done apart though it could be done together. */
export interface Apart {
  readonly mixes: Mixes;
  readonly cuts: readonly Cut[];
}

/** As the plan has it, as the booth takes it, and before either as it has been begun. */
export const asPlanned = (operations: readonly Operation[], progress: readonly InParts[], loads: Mixes = new Map()): Apart => ({
  mixes: new Map([...loads, ...mixesLaid(operations, progress)]),
  cuts: joinedAll(operations, [...cutsPlanned(operations), ...cutsBegun(operations, progress)]),
});
