import { HttpErrorResponse } from '@angular/common/http';
import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { provideEffects } from '@ngrx/effects';
import { provideStore, Store } from '@ngrx/store';
import type { BenchEvent } from '@lift-bare/core';
import { of, Subject, throwError } from 'rxjs';
import { BenchApi, type LiveWord } from '../api/bench-api';
import { BenchActions } from './bench.actions';
import { BenchEffects } from './bench.effects';
import { BenchQueue } from './bench-queue';
import { benchFeature } from './bench.reducer';

const event = (id: string): BenchEvent => ({
  id,
  timer: 't1',
  kind: 'laid-on',
  at: '2026-11-25T09:00:00.000Z',
  by: 'tablet',
  target: null,
  note: '',
  issued: null,
  run: null,
});
const hello: LiveWord = { kind: 'hello', data: { now: '2026-11-25T09:00:00.000Z', speed: 1 } };

function bench(send: (events: readonly BenchEvent[]) => ReturnType<BenchApi['send']>) {
  const live = new Subject<LiveWord>();
  const sent: string[][] = [];
  const api = {
    live: () => live,
    load: () => of({ now: '', speed: 1, timers: [], readings: [] }),
    experience: () => of({ here: [], earlier: [], paces: [], uses: [] }),
    send: (events: readonly BenchEvent[]) => {
      sent.push(events.map(({ id }) => id));
      return send(events);
    },
  };
  TestBed.configureTestingModule({
    providers: [
      provideZonelessChangeDetection(),
      provideStore({ [benchFeature.name]: benchFeature.reducer }),
      provideEffects(BenchEffects),
      { provide: BenchApi, useValue: api },
    ],
  });
  const store = TestBed.inject(Store);
  const queue = () =>
    store
      .selectSignal(benchFeature.selectQueue)()
      .map(({ event: { id } }) => id);
  const tap = (...ids: string[]) => store.dispatch(BenchActions.tapped({ queued: ids.map((id) => ({ event: event(id), device: null })) }));
  return { store, live, sent, queue, tap };
}
const kept = (events: readonly BenchEvent[]) => of({ now: '', speed: 1, kept: events.map(({ id }) => id), refused: [] });

beforeEach(() => {
  jest.useFakeTimers();
  localStorage.clear();
});
afterEach(() => jest.useRealTimers());

test('taps are sent at once, those made meanwhile in the next body', () => {
  const answer = new Subject<never>();
  let first = true;
  const { sent, tap, queue } = bench((events) => {
    if (!first) return kept(events);
    first = false;
    return answer as never;
  });
  tap('a');
  tap('b');
  expect(sent).toEqual([['a']]);
  answer.next({ now: '', speed: 1, kept: ['a'], refused: [] } as never);
  answer.complete();
  jest.advanceTimersByTime(1);
  expect(sent).toEqual([['a'], ['b']]);
  expect(queue()).toEqual([]);
});

test('without network they wait in the browser, survive a reload, and go when it is back', () => {
  let online = false;
  const { sent, tap, queue } = bench((events) => (online ? kept(events) : throwError(() => new HttpErrorResponse({ status: 0 }))));
  tap('a', 'b');
  jest.advanceTimersByTime(5000);
  expect(queue()).toEqual(['a', 'b']);
  expect(
    TestBed.inject(BenchQueue)
      .find()
      .queue.map(({ event: { id } }) => id),
  ).toEqual(['a', 'b']);
  online = true;
  jest.advanceTimersByTime(2100);
  expect(sent.at(-1)).toEqual(['a', 'b']);
  expect(queue()).toEqual([]);
  expect(TestBed.inject(BenchQueue).find().queue).toEqual([]);
});

test('joining brings back what an earlier visit could not send, and every hello reads the bench anew', () => {
  TestBed.inject(BenchQueue).keep([{ event: event('old'), device: 5 }], { server: 0, heard: 0, speed: 1 });
  TestBed.resetTestingModule();
  const { store, live, sent } = bench(kept);
  store.dispatch(BenchActions.joined());
  store.dispatch(BenchActions.joined());
  expect(sent.flat()).toContain('old');
  const seen: string[] = [];
  const watching = store.select(benchFeature.selectLink).subscribe((link) => seen.push(link));
  live.next(hello);
  live.next({ kind: 'lost' });
  live.next(hello);
  watching.unsubscribe();
  expect(seen).toEqual(['joining', 'live', 'lost', 'live']);
});

test('a broken store is no queue', () => {
  localStorage.setItem('lift-bare.bench.tap.a', '{"event": {"id": 4}}');
  localStorage.setItem('lift-bare.bench.tap.b', '{"eve');
  localStorage.setItem('lift-bare.bench.time', '{"server": "x"}');
  expect(TestBed.inject(BenchQueue).find()).toEqual({ queue: [], time: { server: 0, heard: 0, speed: 1 } });
});

test('two tabs beside each other keep their taps apart; what one sends leaves the other its own', () => {
  const clock = { server: 0, heard: 0, speed: 1 };
  const tap = (id: string) => ({ event: event(id), device: null });
  const [one, other] = [new BenchQueue(), new BenchQueue()];
  one.keep([tap('a1')], clock);
  other.keep([tap('b1')], clock);
  one.keep([tap('a1'), tap('a2')], clock);
  const all = () =>
    new BenchQueue()
      .find()
      .queue.map(({ event: { id } }) => id)
      .sort();
  expect(all()).toEqual(['a1', 'a2', 'b1']);
  one.keep([], clock);
  expect(all()).toEqual(['b1']);
});
