import { Injectable } from '@angular/core';
import { Observable } from 'rxjs';
import type { Order, Report } from './messages';
import type { TaskMap, TaskName } from './tasks';

/** Heavy work in one web worker. Unsubscribing forgets the task; `stop` asks for the best so far. */
@Injectable({ providedIn: 'root' })
export class PlannerClient {
  private worker: Worker | null = null;
  private nextId = 0;
  private readonly listeners = new Map<number, (report: Report) => void>();

  /** Reports of one task, the last one `done` or `failed`. `stop` emits once to end a search early. */
  run<T extends TaskName>(task: T, input: TaskMap[T]['input'], stop?: Observable<void>): Observable<Report<T>> {
    return new Observable((subscriber) => {
      const id = (this.nextId += 1);
      const stopping = stop?.subscribe(() => this.send({ kind: 'stop', id }));
      this.listeners.set(id, (report) => {
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

  private start(): Worker {
    const worker = new Worker(new URL('./planner.worker', import.meta.url), { type: 'module' });
    worker.addEventListener('message', ({ data }: MessageEvent<Report>) => this.listeners.get(data.id)?.(data));
    return worker;
  }
}
