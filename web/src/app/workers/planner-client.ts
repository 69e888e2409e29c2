import { inject, Injectable, InjectionToken } from '@angular/core';
import { Observable } from 'rxjs';
import type { Order, Report } from './messages';
import type { TaskMap, TaskName } from './tasks';

/** What is used of a worker. */
export type HiredWorker = Pick<Worker, 'postMessage' | 'addEventListener' | 'terminate'>;

/** ms without a word, when every task reports within a second or two, after which a worker counts as dead; and between two looks. */
const SILENT = 45_000;
const LOOK = 5000;

/** Starts the worker; provided by the application, so that tests can stand in for it. */
export const START_WORKER = new InjectionToken<() => HiredWorker>('start the planner worker');

/** Heavy work in one web worker. Unsubscribing forgets the task; `stop` asks for the best so far. */
@Injectable({ providedIn: 'root' })
export class PlannerClient {
  private readonly startWorker = inject(START_WORKER);
  private worker: HiredWorker | null = null;
  private heardAt = 0;
  private watch: ReturnType<typeof setInterval> | undefined;
  private nextId = 0;
  private readonly listeners = new Map<number, (report: Report) => void>();

  /** Reports of one task, the last one `done` or `failed`. `stop` emits once to end a search early. */
  run<T extends TaskName>(task: T, input: TaskMap[T]['input'], stop?: Observable<void>): Observable<Report<T>> {
    return new Observable((subscriber) => {
      const id = (this.nextId += 1);
      const stopping = stop?.subscribe(() => this.send({ kind: 'stop', id }));
      this.listeners.set(id, (report) => {
        if (report.kind !== 'progress') this.listeners.delete(id);
        subscriber.next(report as Report<T>);
        if (report.kind !== 'progress') subscriber.complete();
      });
      this.send({ kind: 'start', id, task, input });
      return () => {
        stopping?.unsubscribe();
        if (this.listeners.delete(id)) this.send({ kind: 'drop', id });
      };
    });
  }

  private send(order: Order): void {
    this.worker ??= this.start();
    this.worker.postMessage(order);
  }

  private start(): HiredWorker {
    const worker = this.startWorker();
    worker.addEventListener('message', (event) => {
      const { data } = event as MessageEvent<Report>;
      this.heardAt = Date.now();
      this.listeners.get(data.id)?.(data);
    });
    this.heardAt = Date.now();
    this.watch ??= setInterval(() => this.look(), LOOK);
    return worker;
  }

  /** A worker that hangs is given up with all its tasks, so that the next one finds a fresh one. */
  private look(): void {
    if (this.listeners.size === 0) {
      this.heardAt = Date.now();
      return;
    }
    if (Date.now() - this.heardAt < SILENT) return;
    this.worker?.terminate();
    this.worker = null;
    for (const [id, listener] of [...this.listeners]) listener({ kind: 'failed', id, reason: 'It did not answer and was given up. Try it again.' });
  }
}
