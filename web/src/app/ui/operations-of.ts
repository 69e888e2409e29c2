import type { Operation } from '@lift-bare/core';

export interface ZoneStep {
  readonly operation: Operation;
  /** min of hands that this zone takes of it */
  readonly own: number;
}

/** The operations of one zone in some stages, with its own share of the hands. */
export const operationsOf = (operations: readonly Operation[], zone: string, ...stages: readonly Operation['stage'][]): ZoneStep[] =>
  operations.flatMap((operation) => {
    const faces = operation.faces.filter((face) => face.zone === zone);
    if (faces.length === 0 || !stages.includes(operation.stage)) return [];
    return [{ operation, own: faces.reduce((sum, { hand }) => sum + hand, 0) }];
  });
