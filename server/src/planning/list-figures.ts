import { countFindings, notesInOrder, type Job, type Plan } from '@lift-bare/core';
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
  return {
    zones: zones.length,
    questions: countFindings(findings, 'question'),
    stops: countFindings(findings, 'stop'),
    hand: totals.hand,
    cost: totals.cost,
    notes: notesInOrder(job).length,
  };
}
