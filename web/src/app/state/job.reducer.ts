import { createEntityAdapter, type EntityState } from '@ngrx/entity';
import { createFeature, createReducer, on } from '@ngrx/store';
import type { Job } from '@lift-bare/core';
import type { JobSummary, StoredJob } from '../api/api';
import { edit, redo, startHistory, undo, type History } from './history';
import { JobActions } from './job.actions';

export type SaveState = 'saved' | 'unsaved' | 'saving' | 'offline' | 'conflict' | 'refused';

export interface OpenJob {
  readonly id: string;
  readonly history: History<Job>;
  /** what the server holds, and its version */
  readonly saved: Job;
  readonly version: number;
  readonly savedAt: string | null;
  readonly save: SaveState;
  readonly refusal: string | null;
  readonly theirs: StoredJob | null;
}

export interface JobsState extends EntityState<OpenJob> {
  readonly list: readonly JobSummary[];
  readonly listState: 'loading' | 'ready' | 'offline';
  readonly missing: readonly string[];
}

const adapter = createEntityAdapter<OpenJob>();

const initial: JobsState = adapter.getInitialState({ list: [], listState: 'loading' as const, missing: [] });

const change = (state: JobsState, id: string, changes: (job: OpenJob) => Partial<OpenJob>): JobsState => {
  const job = state.entities[id];
  return job ? adapter.updateOne({ id, changes: changes(job) }, state) : state;
};

/** A changed history is unsaved unless it is back at what the server holds; a conflict stays until it is settled. */
const afterEdit = (job: OpenJob, history: History<Job>): Partial<OpenJob> => ({
  history,
  save: job.save === 'conflict' ? 'conflict' : history.present === job.saved ? 'saved' : 'unsaved',
  refusal: null,
});

function openJob({ id, document, version, updatedAt }: StoredJob, draft: Job | null): OpenJob {
  const history = draft ? edit(startHistory(document), draft, 'draft') : startHistory(document);
  return { id, history, saved: document, version, savedAt: updatedAt, save: draft ? 'unsaved' : 'saved', refusal: null, theirs: null };
}

export const jobsFeature = createFeature({
  name: 'jobs',
  reducer: createReducer(
    initial,
    on(JobActions.listRequested, (state): JobsState => ({ ...state, listState: state.list.length > 0 ? 'ready' : 'loading' })),
    on(JobActions.listLoaded, (state, { jobs }): JobsState => ({ ...state, list: jobs, listState: 'ready' })),
    on(JobActions.listFailed, (state): JobsState => ({ ...state, listState: 'offline' })),
    on(JobActions.opened, (state, { stored, draft }) => adapter.upsertOne(openJob(stored, draft), state)),
    on(JobActions.openFailed, (state, { id, failure }): JobsState =>
      failure.kind === 'missing' ? { ...state, missing: [...state.missing, id] } : state,
    ),
    on(JobActions.edited, (state, { id, document, field }) => change(state, id, (job) => afterEdit(job, edit(job.history, document, field)))),
    on(JobActions.undone, (state, { id }) => change(state, id, (job) => afterEdit(job, undo(job.history)))),
    on(JobActions.redone, (state, { id }) => change(state, id, (job) => afterEdit(job, redo(job.history)))),
    on(JobActions.saveStarted, (state, { id }) => change(state, id, () => ({ save: 'saving' }))),
    on(JobActions.saved, (state, { stored, sent }) =>
      change(state, stored.id, (job) => ({
        saved: sent,
        version: stored.version,
        savedAt: stored.updatedAt,
        theirs: null,
        save: job.history.present === sent ? 'saved' : 'unsaved',
      })),
    ),
    on(JobActions.saveFailed, (state, { id, failure }) =>
      change(state, id, () => (failure.kind === 'refused' ? { save: 'refused', refusal: failure.reason } : { save: 'offline' })),
    ),
    on(JobActions.conflictFound, (state, { theirs }) => change(state, theirs.id, () => ({ save: 'conflict', theirs }))),
    on(JobActions.keptMine, (state, { id }) =>
      change(state, id, (job) => (job.theirs ? { version: job.theirs.version, saved: job.theirs.document, theirs: null, save: 'unsaved' } : {})),
    ),
    on(JobActions.tookTheirs, (state, { id }) =>
      change(state, id, (job) =>
        job.theirs
          ? {
              history: edit(job.history, job.theirs.document, 'theirs'),
              saved: job.theirs.document,
              version: job.theirs.version,
              savedAt: job.theirs.updatedAt,
              theirs: null,
              save: 'saved',
            }
          : {},
      ),
    ),
  ),
});

export const { selectAll: selectOpenJobs } = adapter.getSelectors(jobsFeature.selectJobsState);
