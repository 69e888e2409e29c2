import { CATALOGUE } from '../src/catalogue/catalogue.ts';
import { DEMO_JOBS, DEMO_SHOP } from '../src/demo/demo-jobs.ts';
import type { BenchEvent } from '../src/model/bench.ts';
import type { Job } from '../src/model/job.ts';
import type { Operation } from '../src/model/operation.ts';
import type { RunEntry } from '../src/model/run.ts';
import { planJob } from '../src/plan-job.ts';
import { issuedPlan } from '../src/record/book.ts';
import { foldRun, type Run } from '../src/record/fold-run.ts';
import { runNetwork } from '../src/record/run-network.ts';
import { planSchedule } from '../src/schedule/plan-schedule.ts';
import { benchEvent, NOON } from './bench-sample.ts';

/** The demo trailer: two primers, a colour and a clear on aluminium, steel and plastic. */
export const TRAILER = DEMO_JOBS[2] as Job;
export const PLAN = planJob(TRAILER, DEMO_SHOP, CATALOGUE);
export const OPERATIONS: readonly Operation[] = PLAN.operations;
const schedule = planSchedule([{ id: 'trailer', job: TRAILER, operations: OPERATIONS }], DEMO_SHOP, NOON);
export const ISSUED = issuedPlan({ name: 'Trailer', version: 1, catalogue: 'mark' }, 'trailer', PLAN, schedule, TRAILER.place.temperature);

export const said = (minutes: number, run: RunEntry, more: Partial<BenchEvent> = {}): BenchEvent =>
  benchEvent('run', minutes, { timer: 'trailer', run, ...more });
export const START = said(-1, { what: 'started', job: 'trailer', plan: ISSUED });
export const runOf = (...events: readonly BenchEvent[]): Run => foldRun([START, ...events]) as Run;

/** An operation of the trailer by its kind and place in the list. */
export function operationOf(kind: Operation['kind'], zone?: string): Operation {
  const found = OPERATIONS.find((own) => own.kind === kind && (zone === undefined || own.faces.some((face) => face.zone === zone)));
  if (!found) throw new RangeError(`no ${kind}`);
  return found;
}
/** Work that was begun and done. */
export const worked = (work: string, from: number, to: number, zones: string[] = []): BenchEvent[] => [
  said(from, { what: 'begun', work, zones }),
  said(to, { what: 'done', work, zones }),
];
export const networkIn = (run: Run) => runNetwork(OPERATIONS, run);
