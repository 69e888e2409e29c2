import { createActionGroup, emptyProps, props } from '@ngrx/store';
import type { Job } from '@lift-bare/core';
import type { JobList, JobQuery, StoredJob } from '../api/api';
import type { MergedDocument } from './merged';
import type { Failure } from '../api/problem';

export const JobActions = createActionGroup({
  source: 'Job',
  events: {
    'List Requested': props<{ query: JobQuery }>(),
    'List Loaded': props<{ list: JobList }>(),
    'List Failed': props<{ failure: Failure }>(),
    'Open Requested': props<{ id: string }>(),
    /** `draft`: what this browser had not yet saved when it was closed; `stored` has version 0 where no server has it yet */
    Opened: props<{ stored: StoredJob; draft: Job | null }>(),
    'Open Failed': props<{ id: string; failure: Failure }>(),
    Created: props<{ id: string; document: Job }>(),
    /** `at`: ms */
    Edited: props<{ id: string; document: Job; field: string; at: number }>(),
    Undone: props<{ id: string }>(),
    Redone: props<{ id: string }>(),
    'Save Started': props<{ id: string }>(),
    Saved: props<{ stored: StoredJob; sent: Job }>(),
    'Save Failed': props<{ id: string; failure: Failure }>(),
    /** somebody else has saved in between: what both have made of it, with the places that clash */
    'Conflict Found': props<{ theirs: StoredJob; merged: MergedDocument<Job> }>(),
    /** every place that clashed has been chosen */
    Settled: props<{ id: string; document: Job }>(),
    'Took Theirs': props<{ id: string }>(),
    Removed: props<{ id: string }>(),
    Restored: props<{ id: string }>(),
    /** of a job that is open here and was deleted elsewhere */
    'Brought Back': props<{ id: string }>(),
    'Saved Elsewhere': props<{ id: string; version: number }>(),
    'List Changed': emptyProps(),
    'Action Failed': props<{ failure: Failure }>(),
  },
});
