import {
  CATALOGUE,
  foldRun,
  isChecked,
  issuedPlan,
  likelyValue,
  planJob,
  planSchedule,
  runNetwork,
  runSteps,
  type BenchEvent,
  type Job,
  type Operation,
  type Run,
  type RunEntry,
  type Shop,
} from '@lift-bare/core';
import type { APIRequestContext } from '@playwright/test';

const MINUTE = 60_000;

/** A job whose steps are tapped through the interface of the server, at times that have passed. */
export class Carried {
  private count = 0;
  private constructor(
    private readonly request: APIRequestContext,
    private readonly address: string,
    readonly job: string,
    readonly operations: readonly Operation[],
    /** ms: when the next step begins */
    public at: number,
  ) {}

  static async start(request: APIRequestContext, address: string, job: string, from: number): Promise<Carried> {
    const read = async <T>(path: string): Promise<T> => (await (await request.get(address + path)).json()) as T;
    const { document, version } = await read<{ document: Job; version: number }>(`/api/v1/jobs/${job}`);
    const { document: shop } = await read<{ document: Shop }>('/api/v1/shop');
    const planned = planJob(document, shop, CATALOGUE);
    const { operations } = planned;
    const schedule = planSchedule([{ id: job, job: document, operations }], shop, from);
    const plan = issuedPlan({ name: document.name, version, catalogue: 'e2e' }, job, planned, schedule, document.place.temperature);
    const carried = new Carried(request, address, job, operations, from);
    await carried.say({ what: 'started', job, plan });
    return carried;
  }

  /** Begins and ends every step that can be, each for half as long again as planned, until one is reached. */
  async until(reached: (operation: Operation) => boolean): Promise<void> {
    for (let i = 0; i < 500; i++) {
      const run = await this.run();
      const { activities, ...network } = runNetwork(this.operations, run);
      const steps = runSteps({ activities, ...network }, run, Number.MAX_SAFE_INTEGER);
      const at = steps.findIndex(({ state }) => state === 'ready');
      const step = steps[at];
      if (!step || reached(step.operation)) return;
      const ready = network.spans
        .filter(({ to }) => to === at)
        .map(({ from, least }) => (network.over.get(activities[from]?.id ?? '') ?? this.at) + least * MINUTE);
      this.at = Math.max(this.at, ...ready);
      const work = { work: step.id, zones: [...step.zones] };
      await this.say({ what: 'begun', ...work });
      this.at += Math.max(2, 1.5 * (activities[at]?.hand ?? 0)) * MINUTE;
      const { hold, id } = step.operation;
      if (hold && isChecked(step.operation) && step.hold !== null)
        await this.say({ what: 'held', operation: id, values: hold.unit === null ? [] : [likelyValue(hold) ?? 0], met: true, gauge: false });
      await this.say({ what: 'done', ...work });
    }
  }

  async run(): Promise<Run> {
    const events = (await (await this.request.get(`${this.address}/api/v1/jobs/${this.job}/events`)).json()) as BenchEvent[];
    return foldRun(events) as Run;
  }

  /** Corrects what was tapped on the page to have happened at the time that is reached. */
  async puttingBack(work: string): Promise<void> {
    const { log } = await this.run();
    for (const { event } of log.filter(({ event: own }) => own.run !== null && 'work' in own.run && own.run.work === work)) {
      this.at += MINUTE;
      await this.send({ kind: 'moved', target: event.id, run: null, note: '' });
    }
  }

  say = (run: RunEntry, note = ''): Promise<void> => this.send({ kind: 'run', target: null, run, note });

  private async send(what: Pick<BenchEvent, 'kind' | 'target' | 'run' | 'note'>): Promise<void> {
    const event = {
      ...what,
      id: `e2e-${this.job}-${(this.count += 1)}`,
      timer: this.job,
      at: new Date(this.at).toISOString(),
      by: 'Ana',
      issued: null,
    };
    const answer = (await (await this.request.post(`${this.address}/api/v1/timers/events`, { data: { events: [event] } })).json()) as {
      refused?: unknown[];
    };
    if (answer.refused === undefined || answer.refused.length > 0) throw new Error(JSON.stringify(answer));
  }
}
