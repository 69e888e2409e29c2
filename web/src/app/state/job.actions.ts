import { createActionGroup, emptyProps, props } from '@ngrx/store';
import type { Job } from '@lift-bare/core';
import type { JobSummary, StoredJob } from '../api/api';
import type { Failure } from '../api/problem';

export const JobActions = createActionGroup({
  source: 'Job',
  events: {
    'List Requested': props<{ search: string }>(),
    'List Loaded': props<{ jobs: readonly JobSummary[] }>(),
    'List Failed': props<{ failure: Failure }>(),
    'Open Requested': props<{ id: string }>(),
    /** `draft`: what this browser had not yet saved when it was closed */
    Opened: props<{ stored: StoredJob; draft: Job | null }>(),
    'Open Failed': props<{ id: string; failure: Failure }>(),
    Created: props<{ id: string; document: Job }>(),
    Edited: props<{ id: string; document: Job; field: string }>(),
    Undone: props<{ id: string }>(),
    Redone: props<{ id: string }>(),
    'Save Started': props<{ id: string }>(),
    Saved: props<{ stored: StoredJob; sent: Job }>(),
    'Save Failed': props<{ id: string; failure: Failure }>(),
    'Conflict Found': props<{ theirs: StoredJob }>(),
    'Kept Mine': props<{ id: string }>(),
    'Took Theirs': props<{ id: string }>(),
    Removed: props<{ id: string }>(),
    Restored: props<{ id: string }>(),
    'List Changed': emptyProps(),
    'Action Failed': props<{ failure: Failure }>(),
  },
});
