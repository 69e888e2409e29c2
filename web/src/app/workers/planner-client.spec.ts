import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { DEMO_JOBS, DEMO_SHOP, type Job } from '@lift-bare/core';
import { Subject } from 'rxjs';
import type { Order, Report } from './messages';
import { PlannerClient, START_WORKER } from './planner-client';

const input = { job: DEMO_JOBS[0] as Job, shop: DEMO_SHOP };

function client() {
  const orders: Order[] = [];
  let started = 0;
  let ended = 0;
  let hear: (event: { data: Report }) => void = () => undefined;
  const worker = {
    postMessage: (order: Order) => orders.push(order),
    terminate: () => (ended += 1),
    addEventListener: (_: string, listener: (event: never) => void) => (hear = listener as typeof hear),
  };
  const start = () => {
    started += 1;
    return worker;
  };
  TestBed.configureTestingModule({ providers: [provideZonelessChangeDetection(), { provide: START_WORKER, useValue: start }] });
  const planner = TestBed.inject(PlannerClient);
  return { planner, orders, started: () => started, ended: () => ended, say: (report: object) => hear({ data: report as Report }) };
}

test('one worker for all tasks, started when the first one comes', () => {
  const { planner, started } = client();
  expect(started()).toBe(0);
  planner.run('kit', input).subscribe();
  planner.run('choose', input).subscribe();
  expect(started()).toBe(1);
});

test('reports go to their own task, and the last one ends it', () => {
  const { planner, say, orders } = client();
  const heard: string[] = [];
  planner.run('kit', input).subscribe({ next: ({ kind }) => heard.push(`first ${kind}`), complete: () => heard.push('first over') });
  planner.run('kit', input).subscribe({ next: ({ kind }) => heard.push(`second ${kind}`) });
  say({ id: 1, kind: 'progress', value: 0.5 });
  say({ id: 2, kind: 'progress', value: 0.1 });
  say({ id: 1, kind: 'done', value: [] });
  say({ id: 1, kind: 'done', value: [] });
  expect(heard).toEqual(['first progress', 'second progress', 'first done', 'first over']);
  expect(orders.map(({ kind }) => kind)).toEqual(['start', 'start']);
});

test('whoever leaves drops the task; whoever wants the best so far stops it', () => {
  const { planner, orders } = client();
  const stop = new Subject<void>();
  const asking = planner.run('choose', input, stop).subscribe();
  stop.next();
  expect(orders.at(-1)).toEqual({ kind: 'stop', id: 1 });
  asking.unsubscribe();
  expect(orders.at(-1)).toEqual({ kind: 'drop', id: 1 });
});

test('a worker that does not answer any more is given up with its tasks, and the next one gets a fresh one', () => {
  jest.useFakeTimers();
  const { planner, say, started, ended } = client();
  const heard: string[] = [];
  planner.run('kit', input).subscribe({ next: (report) => heard.push(report.kind), complete: () => heard.push('over') });
  jest.advanceTimersByTime(30_000);
  say({ id: 1, kind: 'progress', value: 0.5 });
  jest.advanceTimersByTime(40_000);
  expect(ended()).toBe(0);
  jest.advanceTimersByTime(15_000);
  expect([heard, ended()]).toEqual([['progress', 'failed', 'over'], 1]);
  planner.run('kit', input).subscribe();
  expect(started()).toBe(2);
  jest.useRealTimers();
});
