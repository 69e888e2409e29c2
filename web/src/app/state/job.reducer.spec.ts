import { newJob, type Job } from '@lift-bare/core';
import type { StoredJob } from '../api/api';
import { JobActions } from './job.actions';
import { jobsFeature, type JobsState, type OpenJob } from './job.reducer';

const document = newJob('Tug');
const stored = (version: number, name = 'Tug'): StoredJob => ({
  id: 'tug',
  version,
  createdAt: '2026-01-01T00:00:00Z',
  updatedAt: '2026-01-01T00:00:00Z',
  document: { ...document, name },
});
const named = (name: string): Job => ({ ...document, name });

type Action = Parameters<typeof jobsFeature.reducer>[1];
const after = (...actions: readonly Action[]): OpenJob => {
  const state = actions.reduce<JobsState | undefined>((known, action) => jobsFeature.reducer(known, action), undefined);
  return state?.entities['tug'] as OpenJob;
};
const opened = JobActions.opened({ stored: stored(1), draft: null });
const edited = (name: string) => JobActions.edited({ id: 'tug', document: named(name), field: name });

test('an edit is unsaved until the server has just that document', () => {
  const mine = named('A');
  const first = JobActions.edited({ id: 'tug', document: mine, field: 'name' });
  expect(after(opened).save).toBe('saved');
  expect(after(opened, first).save).toBe('unsaved');
  expect(after(opened, first, JobActions.saveStarted({ id: 'tug' }), JobActions.saved({ stored: stored(2, 'A'), sent: mine }))).toMatchObject({
    save: 'saved',
    version: 2,
  });
  expect(after(opened, first, edited('B'), JobActions.saved({ stored: stored(2, 'A'), sent: mine })).save).toBe('unsaved');
});

test('undo back to what the server holds is saved again', () => {
  expect(after(opened, edited('A'), JobActions.undone({ id: 'tug' })).save).toBe('saved');
});

test('a draft found in the browser is unsaved and can be undone', () => {
  const job = after(JobActions.opened({ stored: stored(1), draft: named('Draft') }));
  expect(job).toMatchObject({ save: 'unsaved', history: { present: { name: 'Draft' } } });
  expect(job.history.past).toHaveLength(1);
});

test('a server out of reach and a refusal are told apart', () => {
  expect(after(opened, edited('A'), JobActions.saveFailed({ id: 'tug', failure: { kind: 'offline' } })).save).toBe('offline');
  expect(after(opened, edited('A'), JobActions.saveFailed({ id: 'tug', failure: { kind: 'refused', reason: 'why' } }))).toMatchObject({
    save: 'refused',
    refusal: 'why',
  });
});

describe('somebody else saved in between', () => {
  const conflict = [opened, edited('Mine'), JobActions.conflictFound({ theirs: stored(5, 'Theirs') })] as const;

  test('stays told while typing goes on', () => {
    expect(after(...conflict, edited('Mine too')).save).toBe('conflict');
  });

  test('keeping mine saves over their version', () => {
    expect(after(...conflict, JobActions.keptMine({ id: 'tug' }))).toMatchObject({
      save: 'unsaved',
      version: 5,
      theirs: null,
      history: { present: { name: 'Mine' } },
    });
  });

  test('taking theirs keeps mine one undo away', () => {
    const taken = after(...conflict, JobActions.tookTheirs({ id: 'tug' }));
    expect(taken).toMatchObject({ save: 'saved', version: 5, history: { present: { name: 'Theirs' } } });
    expect(after(...conflict, JobActions.tookTheirs({ id: 'tug' }), JobActions.undone({ id: 'tug' }))).toMatchObject({
      save: 'unsaved',
      history: { present: { name: 'Mine' } },
    });
  });
});

test('what concerns a job that is not open changes nothing', () => {
  const state = jobsFeature.reducer(undefined, opened);
  expect(jobsFeature.reducer(state, JobActions.undone({ id: 'other' }))).toBe(state);
});
