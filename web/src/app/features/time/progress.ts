import type { Job, ScheduledWork } from '@lift-bare/core';

type Entry = Job['progress'][number];

const iso = (time: number): string => new Date(time).toISOString();
const withEntry = (job: Job, entry: Entry): Job => ({ ...job, progress: [...job.progress.filter(({ work }) => work !== entry.work), entry] });

/** Work that has begun at a time. */
export const begun = (job: Job, { id, people, zones }: ScheduledWork, at: number): Job =>
  withEntry(job, { work: id, from: iso(at), to: null, by: people[0] ?? '', zones });

/** Work that is over; where nobody said when it began, by its hands before. */
export function done(job: Job, { id, people, hand, zones }: ScheduledWork, at: number): Job {
  const known = job.progress.find(({ work }) => work === id);
  return withEntry(job, known ? { ...known, to: iso(at) } : { work: id, from: iso(at - hand * 60_000), to: iso(at), by: people[0] ?? '', zones });
}

/** The other end goes along where it would lie on the wrong side. */
export function corrected(job: Job, id: string, end: 'from' | 'to', at: number): Job {
  const known = job.progress.find(({ work }) => work === id);
  if (!known) return job;
  if (end === 'to') return withEntry(job, { ...known, to: iso(at), from: iso(Math.min(at, Date.parse(known.from))) });
  return withEntry(job, { ...known, from: iso(at), to: known.to === null ? null : iso(Math.max(at, Date.parse(known.to))) });
}

export const takenBack = (job: Job, id: string): Job => ({ ...job, progress: job.progress.filter(({ work }) => work !== id) });
