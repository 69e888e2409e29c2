import { inject, Injectable, InjectionToken } from '@angular/core';
import { Observable } from 'rxjs';
import type { Order, Report } from './messages';
import type { TaskMap, TaskName } from './tasks';

/** Starts the worker; provided by the application, so that tests can stand in for it. */
export const START_WORKER = new InjectionToken<() => Pick<Worker, 'postMessage' | 'addEventListener'>>('start the planner worker');

/** Heavy work in one web worker. Unsubscribing forgets the task; `stop` asks for the best so far. */
@Injectable({ providedIn: 'root' })
export class PlannerClient {
  private readonly startWorker = inject(START_WORKER);
  private worker: Pick<Worker, 'postMessage'> | null = null;
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

  private start(): Pick<Worker, 'postMessage'> {
    const worker = this.startWorker();
    worker.addEventListener('message', (event) => {
      const { data } = event as MessageEvent<Report>;
      this.listeners.get(data.id)?.(data);
    });
    return worker;
  }
}
