import { newJob, type Clash, type Job } from '@lift-bare/core';
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
const edited = (name: string) => JobActions.edited({ id: 'tug', document: named(name), field: name, at: 0 });

test('an edit is unsaved until the server has just that document', () => {
  const mine = named('A');
  const first = JobActions.edited({ id: 'tug', document: mine, field: 'name', at: 0 });
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
  expect(after(opened, edited('A'), JobActions.saveFailed({ id: 'tug', failure: { kind: 'offline', says: null } })).save).toBe('offline');
  expect(after(opened, edited('A'), JobActions.saveFailed({ id: 'tug', failure: { kind: 'refused', reason: 'why' } }))).toMatchObject({
    save: 'refused',
    refusal: 'why',
  });
});

describe('somebody else saved in between', () => {
  const clash: Clash = { path: ['name'], mine: 'Mine', theirs: 'Theirs' };
  const found = (clashes: readonly Clash[], document: Job) =>
    JobActions.conflictFound({ theirs: stored(5, 'Theirs'), merged: { document, clashes } });
  const conflict = [opened, edited('Mine'), found([clash], named('Mine'))] as const;

  test('stays told while typing goes on', () => {
    expect(after(...conflict, edited('Mine too'))).toMatchObject({ save: 'conflict', clashes: [clash] });
  });

  test('what does not clash is one document at once, saved over theirs, with mine one undo away', () => {
    const merged = after(opened, edited('Mine'), found([], named('Both')));
    expect(merged).toMatchObject({ save: 'unsaved', version: 5, theirs: null, history: { present: { name: 'Both' } } });
    expect(after(opened, edited('Mine'), found([], named('Both')), JobActions.undone({ id: 'tug' })).history.present.name).toBe('Mine');
  });

  test('what was chosen is saved over their version', () => {
    expect(after(...conflict, JobActions.settled({ id: 'tug', document: named('Chosen') }))).toMatchObject({
      save: 'unsaved',
      version: 5,
      theirs: null,
      clashes: [],
      history: { present: { name: 'Chosen' } },
    });
  });

  test('deleted elsewhere is no server out of reach', () => {
    expect(after(opened, edited('A'), JobActions.saveFailed({ id: 'tug', failure: { kind: 'missing' } })).save).toBe('gone');
    const full = { kind: 'offline', says: 'The disk is full.' } as const;
    expect(after(opened, edited('A'), JobActions.saveFailed({ id: 'tug', failure: full }))).toMatchObject({ save: 'offline', refusal: full.says });
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

test('jobs of one shelf are not shown as if they lay on another while that is read; another page of the same shelf keeps them', () => {
  const counts = { open: 1, archive: 0, bin: 1 };
  const job = { id: 'tug', name: 'Tug' } as JobsState['list']['jobs'][number];
  const at = (query: Partial<JobsState['query']>) => JobActions.listRequested({ query: { search: '', shelf: 'open', page: 1, ...query } });
  const read = [at({}), JobActions.listLoaded({ list: { jobs: [job], counts } })];
  const listOf = (...actions: readonly Action[]) =>
    actions.reduce<JobsState | undefined>((known, action) => jobsFeature.reducer(known, action), undefined);
  expect(listOf(...read, at({ shelf: 'bin' }))).toMatchObject({ listState: 'loading', list: { jobs: [], counts } });
  expect(listOf(...read, at({ search: 'tu' }))).toMatchObject({ listState: 'ready', list: { jobs: [job] } });
});
