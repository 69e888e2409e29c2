import { createEntityAdapter, type EntityState } from '@ngrx/entity';
import { createFeature, createReducer, on } from '@ngrx/store';
import type { Clash, Job } from '@lift-bare/core';
import type { JobList, JobQuery, StoredJob } from '../api/api';
import type { Failure } from '../api/problem';
import { edit, redo, startHistory, undo, type History } from './history';
import { JobActions } from './job.actions';

export type SaveState = 'saved' | 'unsaved' | 'saving' | 'offline' | 'conflict' | 'refused' | 'gone';

export interface OpenJob {
  readonly id: string;
  readonly history: History<Job>;
  /** what the server holds, and its version */
  readonly saved: Job;
  readonly version: number;
  readonly savedAt: string | null;
  readonly save: SaveState;
  /** why it is not saved, as the server says */
  readonly refusal: string | null;
  readonly theirs: StoredJob | null;
  /** places that both have changed, while it is to be chosen */
  readonly clashes: readonly Clash[];
}

export interface JobsState extends EntityState<OpenJob> {
  readonly query: JobQuery;
  readonly list: JobList;
  readonly listState: 'loading' | 'ready' | 'offline';
  readonly missing: readonly string[];
}

const adapter = createEntityAdapter<OpenJob>();

const initial: JobsState = adapter.getInitialState({
  query: { search: '', shelf: 'open' as const, page: 1 },
  list: { jobs: [], counts: { open: 0, archive: 0, bin: 0 } },
  listState: 'loading' as const,
  missing: [],
});

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

function afterFailure(failure: Failure): Partial<OpenJob> {
  if (failure.kind === 'refused') return { save: 'refused', refusal: failure.reason };
  if (failure.kind === 'missing') return { save: 'gone', refusal: null };
  return { save: 'offline', refusal: failure.kind === 'offline' ? failure.says : null };
}

function openJob({ id, document, version, updatedAt }: StoredJob, draft: Job | null): OpenJob {
  const history = draft ? edit(startHistory(document), draft, 'draft', 0) : startHistory(document);
  return {
    id,
    history,
    saved: document,
    version,
    savedAt: updatedAt,
    save: draft || version === 0 ? 'unsaved' : 'saved',
    refusal: null,
    theirs: null,
    clashes: [],
  };
}

export const jobsFeature = createFeature({
  name: 'jobs',
  reducer: createReducer(
    initial,
    on(JobActions.listRequested, (state, { query }): JobsState => {
      // What lies on another shelf is not shown as if it lay on this one.
      const list = query.shelf === state.query.shelf ? state.list : { ...state.list, jobs: [] };
      return { ...state, query, list, listState: list.jobs.length > 0 ? 'ready' : 'loading' };
    }),
    on(JobActions.listLoaded, (state, { list }): JobsState => ({ ...state, list, listState: 'ready' })),
    on(JobActions.listFailed, (state): JobsState => ({ ...state, listState: 'offline' })),
    on(JobActions.opened, (state, { stored, draft }) => adapter.upsertOne(openJob(stored, draft), state)),
    on(JobActions.openFailed, (state, { id, failure }): JobsState =>
      failure.kind === 'missing' ? { ...state, missing: [...state.missing, id] } : state,
    ),
    on(JobActions.edited, (state, { id, document, field, at }) => change(state, id, (job) => afterEdit(job, edit(job.history, document, field, at)))),
    on(JobActions.undone, (state, { id }) => change(state, id, (job) => afterEdit(job, undo(job.history)))),
    on(JobActions.redone, (state, { id }) => change(state, id, (job) => afterEdit(job, redo(job.history)))),
    on(JobActions.saveStarted, (state, { id }) => change(state, id, () => ({ save: 'saving' }))),
    on(JobActions.saved, (state, { stored, sent }) =>
      change(state, stored.id, (job) => ({
        saved: sent,
        version: stored.version,
        savedAt: stored.updatedAt,
        theirs: null,
        clashes: [],
        refusal: null,
        save: job.history.present === sent ? 'saved' : 'unsaved',
      })),
    ),
    on(JobActions.saveFailed, (state, { id, failure }) => change(state, id, () => afterFailure(failure))),
    on(JobActions.conflictFound, (state, { theirs, merged: { document, clashes } }) =>
      change(state, theirs.id, (job) => {
        const history = edit(job.history, document, 'merged', 0);
        if (clashes.length > 0) return { history, save: 'conflict', theirs, clashes };
        return { history, saved: theirs.document, version: theirs.version, save: 'unsaved', theirs: null, clashes };
      }),
    ),
    on(JobActions.settled, (state, { id, document }) =>
      change(state, id, (job) =>
        job.theirs
          ? {
              history: edit(job.history, document, 'settled', 0),
              saved: job.theirs.document,
              version: job.theirs.version,
              theirs: null,
              clashes: [],
              save: 'unsaved',
            }
          : {},
      ),
    ),
    on(JobActions.tookTheirs, (state, { id }) =>
      change(state, id, (job) =>
        job.theirs
          ? {
              history: edit(job.history, job.theirs.document, 'theirs', 0),
              saved: job.theirs.document,
              version: job.theirs.version,
              savedAt: job.theirs.updatedAt,
              theirs: null,
              clashes: [],
              save: 'saved',
            }
          : {},
      ),
    ),
  ),
});

export const { selectAll: selectOpenJobs } = adapter.getSelectors(jobsFeature.selectJobsState);
