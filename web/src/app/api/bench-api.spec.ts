import { provideHttpClient } from '@angular/common/http';
import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { BenchApi } from './bench-api';

/** A stream of the browser that a test speaks through. */
class FakeSource {
  static readonly CLOSED = 2;
  static opened: FakeSource[] = [];
  readyState = 1;
  onerror: () => void = () => undefined;
  private readonly listeners = new Map<string, (event: { data: string }) => void>();
  constructor() {
    FakeSource.opened.push(this);
  }
  addEventListener = (kind: string, listener: (event: { data: string }) => void): unknown => this.listeners.set(kind, listener);
  say = (kind: string, data: object): void => this.listeners.get(kind)?.({ data: JSON.stringify(data) });
  close = (): void => {
    this.readyState = FakeSource.CLOSED;
  };
}

function listen() {
  jest.useFakeTimers();
  FakeSource.opened = [];
  Object.assign(globalThis, { EventSource: FakeSource });
  TestBed.configureTestingModule({ providers: [provideZonelessChangeDetection(), provideHttpClient()] });
  const heard: string[] = [];
  const watching = TestBed.inject(BenchApi)
    .live()
    .subscribe(({ kind }) => heard.push(kind));
  return { heard, stop: () => watching.unsubscribe(), latest: () => FakeSource.opened.at(-1) as FakeSource };
}
afterEach(() => jest.useRealTimers());

test('words come through; a stream that the browser gives up is opened again', () => {
  const { heard, latest, stop } = listen();
  latest().say('hello', { now: '', speed: 1 });
  latest().say('events', []);
  latest().onerror();
  expect(FakeSource.opened).toHaveLength(1);
  latest().close();
  latest().onerror();
  jest.advanceTimersByTime(2100);
  expect(FakeSource.opened).toHaveLength(2);
  expect(heard).toEqual(['hello', 'events', 'lost', 'lost']);
  stop();
});

test('a stream that falls silent counts as lost and is replaced; after leaving nothing is opened any more', () => {
  const { heard, latest, stop } = listen();
  jest.advanceTimersByTime(20_000);
  latest().say('time', { now: '', speed: 1 });
  jest.advanceTimersByTime(20_000);
  expect(FakeSource.opened).toHaveLength(1);
  jest.advanceTimersByTime(6000);
  expect(heard).toEqual(['time', 'lost']);
  expect(FakeSource.opened).toHaveLength(2);
  stop();
  jest.advanceTimersByTime(60_000);
  expect(FakeSource.opened).toHaveLength(2);
});
