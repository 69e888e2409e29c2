import { createActionGroup, emptyProps, props } from '@ngrx/store';
import type { BenchEvent, Experience, Reading, StoredEvent } from '@lift-bare/core';
import type { BenchState, RefusedEvent } from '../api/bench-api';
import type { Failure } from '../api/problem';
import type { ShopTime } from './shop-time';

/** An event that waits to be sent. `device` is when it was tapped by this screen's clock; null where the time was typed. */
export interface Queued {
  readonly event: BenchEvent;
  readonly device: number | null;
}

export const BenchActions = createActionGroup({
  source: 'Bench',
  events: {
    Joined: emptyProps(),
    'Time Heard': props<{ time: ShopTime }>(),
    'Load Requested': emptyProps(),
    Loaded: props<{ state: BenchState }>(),
    'Events Heard': props<{ events: readonly StoredEvent[] }>(),
    'Reading Heard': props<{ reading: Reading }>(),
    'Link Lost': emptyProps(),
    /** what an earlier visit could not send */
    'Queue Found': props<{ queue: readonly Queued[]; time: ShopTime }>(),
    Tapped: props<{ queued: readonly Queued[] }>(),
    'Send Requested': emptyProps(),
    Sent: props<{ kept: readonly string[]; refused: readonly RefusedEvent[] }>(),
    'Send Failed': props<{ failure: Failure; ids: readonly string[] }>(),
    'Refusal Read': props<{ id: string }>(),
    /** the whole record of a job, also when it has left the bench */
    'Record Requested': props<{ jobId: string }>(),
    'Experience Requested': props<{ jobId: string }>(),
    'Experience Failed': props<{ jobId: string }>(),
    'Experience Loaded': props<{ jobId: string; experience: Experience }>(),
  },
});
