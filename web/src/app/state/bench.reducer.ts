import { createFeature, createReducer, createSelector, on } from '@ngrx/store';
import type { BenchEvent, Experience, Reading, Run, SectionTimer } from '@lift-bare/core';
import { foldRun, foldTimer, NO_EXPERIENCE } from '@lift-bare/core/before-planning';
import type { RefusedEvent } from '../api/bench-api';
import { BenchActions, type Queued } from './bench.actions';
import { isoOf, OWN_CLOCK, toShop, type ShopTime } from './shop-time';

export interface BenchSlice {
  /** events that the server has, by section */
  readonly known: Readonly<Record<string, readonly BenchEvent[]>>;
  readonly readings: readonly Reading[];
  readonly queue: readonly Queued[];
  readonly refused: readonly (RefusedEvent & { readonly event: BenchEvent })[];
  readonly link: 'joining' | 'live' | 'lost';
  readonly time: ShopTime;
  readonly experience: Readonly<Record<string, Experience>>;
}

const initial: BenchSlice = { known: {}, readings: [], queue: [], refused: [], link: 'joining', time: OWN_CLOCK, experience: {} };

/** Readings kept in the browser; the server has them all. */
const MOST_READINGS = 3000;

export const benchFeature = createFeature({
  name: 'bench',
  reducer: createReducer(
    initial,
    on(BenchActions.timeHeard, (state, { time }): BenchSlice => ({ ...state, time, link: 'live', queue: retime(state.queue, time) })),
    on(BenchActions.linkLost, (state): BenchSlice => (state.link === 'lost' ? state : { ...state, link: 'lost' })),
    on(BenchActions.loaded, (state, { state: { timers, readings } }): BenchSlice => ({
      ...state,
      readings,
      // Events are never taken away: what was heard while the answer was on its way stays.
      known: withEvents(
        state.known,
        timers.flatMap(({ events }) => events),
      ),
    })),
    on(BenchActions.eventsHeard, (state, { events }): BenchSlice => ({ ...state, known: withEvents(state.known, events) })),
    on(BenchActions.readingHeard, (state, { reading }): BenchSlice => ({ ...state, readings: [...state.readings, reading].slice(-MOST_READINGS) })),
    on(BenchActions.queueFound, (state, { queue, time }): BenchSlice => ({ ...state, queue, time: state.link === 'live' ? state.time : time })),
    on(BenchActions.tapped, (state, { queued }): BenchSlice => ({ ...state, queue: [...state.queue, ...queued] })),
    on(BenchActions.sent, (state, { kept, refused }): BenchSlice => {
      const events = state.queue.map(({ event }) => event);
      return {
        ...state,
        known: withEvents(
          state.known,
          events.filter(({ id }) => kept.includes(id)),
        ),
        queue: state.queue.filter(({ event: { id } }) => !kept.includes(id) && !refused.some((one) => one.id === id)),
        refused: [...state.refused, ...refused.flatMap((one) => events.filter(({ id }) => id === one.id).map((event) => ({ ...one, event })))],
      };
    }),
    on(BenchActions.sendFailed, (state, { failure, ids }): BenchSlice => {
      if (failure.kind !== 'refused') return state;
      const sent = state.queue.filter(({ event }) => ids.includes(event.id));
      return {
        ...state,
        queue: state.queue.filter((queued) => !sent.includes(queued)),
        refused: [...state.refused, ...sent.map(({ event }) => ({ id: event.id, path: [], reason: failure.reason, event }))],
      };
    }),
    on(BenchActions.refusalRead, (state, { id }): BenchSlice => ({ ...state, refused: state.refused.filter((one) => one.id !== id) })),
    // Without it the plan rests on the table, or on what was known before; the next event of the bench asks again.
    on(BenchActions.experienceFailed, (state, { jobId }): BenchSlice => {
      const known = state.experience[jobId] ?? NO_EXPERIENCE;
      return { ...state, experience: { ...state.experience, [jobId]: known } };
    }),
    on(BenchActions.experienceLoaded, (state, { jobId, experience }): BenchSlice => {
      const same = JSON.stringify(state.experience[jobId]) === JSON.stringify(experience);
      return same ? state : { ...state, experience: { ...state.experience, [jobId]: experience } };
    }),
  ),
  extraSelectors: ({ selectKnown, selectQueue }) => ({
    /** every section that is on the bench, with what this screen has not sent yet */
    selectTimers: createSelector(selectKnown, selectQueue, timersOf),
    /** every job that runs or was handed over lately, by its id, likewise */
    selectRuns: createSelector(selectKnown, selectQueue, runsOf),
  }),
});

/** Taps keep the moment of this screen's clock, so that a clock found wrong puts them right. */
const retime = (queue: readonly Queued[], time: ShopTime): readonly Queued[] =>
  queue.some(({ device }) => device !== null)
    ? queue.map((queued) => (queued.device === null ? queued : { ...queued, event: { ...queued.event, at: isoOf(toShop(time, queued.device)) } }))
    : queue;

function withEvents(known: BenchSlice['known'], events: readonly BenchEvent[]): BenchSlice['known'] {
  const next = { ...known };
  for (const event of events) {
    const own = next[event.timer] ?? [];
    if (!own.some(({ id }) => id === event.id)) next[event.timer] = [...own, event];
  }
  return next;
}

const withQueue = (known: BenchSlice['known'], queue: readonly Queued[]): BenchSlice['known'] =>
  withEvents(
    known,
    queue.map(({ event }) => event),
  );

function runsOf(known: BenchSlice['known'], queue: readonly Queued[]): Readonly<Record<string, Run>> {
  const runs = Object.values(withQueue(known, queue)).flatMap((events) => (events.some(({ kind }) => kind === 'run') ? (foldRun(events) ?? []) : []));
  return Object.fromEntries(runs.map((run) => [run.job, run]));
}

function timersOf(known: BenchSlice['known'], queue: readonly Queued[]): SectionTimer[] {
  return Object.values(withQueue(known, queue)).flatMap((events) => {
    const timer = foldTimer(events);
    return timer && !timer.removed ? [timer] : [];
  });
}
