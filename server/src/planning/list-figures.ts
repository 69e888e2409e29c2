import { notesInOrder, type Job, type Plan } from '@lift-bare/core';
import * as z from 'zod';

/** What the list shows of a plan. */
export const ListFigures = z.strictObject({
  zones: z.int(),
  questions: z.int(),
  stops: z.int(),
  hand: z.number().describe('min'),
  cost: z.number(),
  notes: z.int().default(0).describe('at its decisions'),
});
export type ListFigures = z.infer<typeof ListFigures>;

export function figuresOf(job: Job, { zones, findings, totals }: Plan): ListFigures {
  const such = (wanted: string): number => findings.filter(({ severity }) => severity === wanted).length;
  return {
    zones: zones.length,
    questions: such('question'),
    stops: such('stop'),
    hand: totals.hand,
    cost: totals.cost,
    notes: notesInOrder(job).length,
  };
}
