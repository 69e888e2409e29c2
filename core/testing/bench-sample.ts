import { CATALOGUE } from '../src/catalogue/catalogue.ts';
import { issueSections } from '../src/bench/issue-sections.ts';
import type { BenchEvent, Issued, Reading } from '../src/model/bench.ts';
import { planZone } from '../src/method/plan-zone.ts';
import { sampleFacts, type Sample } from './sample.ts';

export const NOON = Date.UTC(2026, 10, 25, 12);
export const minutesOn = (minutes: number): string => new Date(NOON + minutes * 60_000).toISOString();

/** Sections of a sample zone stripped with the fast solvent, as they are put on the bench. */
export function sampleIssued(sample: Sample = {}): Issued[] {
  const facts = sampleFacts({ ...sample, choice: { method: 'chem.fast-solvent', reason: 'sample' } });
  const { chosen } = planZone(facts, CATALOGUE);
  const method = CATALOGUE.methods['chem.fast-solvent'];
  if (!chosen || method?.family !== 'chem') throw new RangeError('no way chosen');
  return issueSections('job1', facts, chosen, method);
}

let count = 0;
export const benchEvent = (kind: BenchEvent['kind'], minutes: number, more: Partial<BenchEvent> = {}): BenchEvent => ({
  id: `e${(count += 1)}`,
  timer: 't1',
  kind,
  at: minutesOn(minutes),
  by: 'bench',
  target: null,
  note: '',
  issued: null,
  run: null,
  ...more,
});
export const readingAt = (minutes: number, temperature: number, surface: number | null = null): Reading => ({
  at: minutesOn(minutes),
  temperature,
  humidity: 55,
  surface,
});
