import {
  foldTimer,
  observeBench,
  type StoredEvent,
  type BenchEvent,
  type Experience,
  type Reading,
  type SectionTimer,
  type Tally,
} from '@lift-bare/core';
import { isDeepStrictEqual } from 'node:util';
import { Between, In, LessThanOrEqual, MoreThanOrEqual, type EntityManager, type FindOptionsWhere } from 'typeorm';
import type { Database } from './database.ts';
import { EventEntity, ReadingEntity, TimerEntity, type TimerRow } from './entities.ts';
import { issuedOf, keepIssued, refreshRun, searchRuns, startTrouble, tallyOf, type BookHit, type IssuedDocument } from './run-rows.ts';
import { experienceFor, keepBenchDwells } from './experience.ts';
import type { Clock } from './job-store.ts';
import { toStored } from './stored-event.ts';

export interface Refused {
  readonly id: string;
  readonly path: readonly (string | number)[];
  readonly reason: string;
}
/** What became of a batch: events kept (also those known already), and those that cannot be. */
export interface Appended {
  readonly kept: readonly StoredEvent[];
  /** kept now for the first time */
  readonly fresh: readonly StoredEvent[];
  readonly refused: readonly Refused[];
}
export interface TimerEvents {
  readonly id: string;
  readonly events: readonly StoredEvent[];
}

const MINUTE = 60_000;
/** Rows that are asked for or written in one query. */
const AT_ONCE = 500;
/** A clock may be this far ahead of the server's before its events are refused. */
const AHEAD = 2 * MINUTE;
/** A section may have been laid on this long before it was put on the bench. */
const BEFORE_ISSUE = 24 * 60 * MINUTE;
/** A reading tells of an event for this long. */
const TELLS = 30 * MINUTE;
/** Sections that are done stay on the bench for this long. */
const SHOWN_DONE = 12 * 60 * MINUTE;

/** Sections on the bench as events that are only ever added, each id once; and the readings of the probe. */
export class BenchStore {
  constructor(
    private readonly database: Database,
    readonly clock: Clock,
  ) {}

  /** Adds events in the order given. One that is known already is answered as if it were new; one that cannot be does not hold up the rest. */
  async append(events: readonly BenchEvent[]): Promise<Appended> {
    return this.database.write(async (manager) => {
      const kept: StoredEvent[] = [];
      const fresh: StoredEvent[] = [];
      const refused: Refused[] = [];
      for (const event of events) {
        const row = await manager.findOneBy(EventEntity, { id: event.id });
        const [known] = row ? toStored(row) : [];
        const trouble = row ? otherThan(event, known) : await this.troubleWith(manager, event);
        if (trouble) refused.push({ id: event.id, ...trouble });
        else if (known) kept.push(known);
        else {
          const stored = await this.add(manager, event);
          kept.push(stored);
          fresh.push(stored);
        }
      }
      for (const timer of new Set(fresh.map((event) => event.timer))) await this.refresh(manager, timer);
      return { kept, fresh, refused };
    });
  }

  /** What was said of a job elsewhere, as it was said there; what is known stays, and so does what was said here. */
  takeIn(jobId: string, events: readonly StoredEvent[]): Promise<void> {
    return this.database.write(async (manager) => {
      const taken = new Set<string>();
      for (const event of events) {
        const { receivedAt, reading } = event;
        const isOfJob = event.issued?.job === jobId || event.timer === jobId || taken.has(event.timer);
        if (!isOfJob || (await manager.existsBy(EventEntity, { id: event.id })) || (await this.troubleWith(manager, event))) continue;
        await this.add(manager, event);
        await manager.update(EventEntity, { id: event.id }, { receivedAt, reading: reading && JSON.stringify(reading) });
        taken.add(event.timer);
      }
      for (const timer of taken) await this.refresh(manager, timer);
    });
  }

  /** What the bench shows: open sections, and those done a while ago. */
  onBench(): Promise<TimerEvents[]> {
    const since = new Date(this.clock().getTime() - SHOWN_DONE).toISOString();
    return this.timersWhere([{ state: 'open' }, { state: 'done', lastAt: MoreThanOrEqual(since) }]);
  }

  /** Sections on which something has happened since a time. */
  since(at: Date): Promise<TimerEvents[]> {
    return this.timersWhere({ lastAt: MoreThanOrEqual(at.toISOString()) });
  }

  ofJob(jobId: string): Promise<TimerEvents[]> {
    return this.timersWhere({ jobId });
  }

  /** Oldest first. */
  readings(since: Date): Promise<Reading[]> {
    return this.database.read((manager) =>
      manager.find(ReadingEntity, { where: { at: MoreThanOrEqual(since.toISOString()) }, order: { at: 'ASC' } }),
    );
  }

  /** Why a reading cannot be of its time; null: it can. */
  readingTrouble({ at }: Reading): string | null {
    return Date.parse(at) > this.clock().getTime() + AHEAD ? 'lies in the future: is the clock of the probe right?' : null;
  }

  async addReading(reading: Reading): Promise<void> {
    await this.addReadings([reading]);
  }

  /** All of them or none. */
  async addReadings(readings: readonly Reading[]): Promise<void> {
    await this.database.write(async (manager) => {
      for (let at = 0; at < readings.length; at += AT_ONCE) await manager.upsert(ReadingEntity, readings.slice(at, at + AT_ONCE), ['at']);
    });
  }

  /** Job and shop as each run of it was started with, oldest first. */
  issued(jobId: string): Promise<IssuedDocument[]> {
    return this.database.read((manager) => issuedOf(manager, jobId));
  }

  /** Defects over all jobs, with the habits that stand beside them. */
  tally(): Promise<Tally[]> {
    return this.database.read(tallyOf);
  }

  /** What was said of any job in which a word stands, newest first. */
  search(text: string, most: number): Promise<BookHit[]> {
    return this.database.read((manager) => searchRuns(manager, text, most));
  }

  experience(jobId: string | null): Promise<Experience> {
    return this.database.read((manager) => experienceFor(manager, jobId));
  }

  private timersWhere(where: FindOptionsWhere<TimerRow> | FindOptionsWhere<TimerRow>[]): Promise<TimerEvents[]> {
    return this.database.read(async (manager) => {
      const timers = await manager.find(TimerEntity, { where, select: { id: true } });
      const byTimer = new Map(timers.map(({ id }): [string, StoredEvent[]] => [id, []]));
      const ids = [...byTimer.keys()];
      for (let at = 0; at < ids.length; at += AT_ONCE) {
        const rows = await manager.find(EventEntity, { where: { timerId: In(ids.slice(at, at + AT_ONCE)) }, order: { sequence: 'ASC' } });
        for (const row of rows) byTimer.get(row.timerId)?.push(...toStored(row));
      }
      return [...byTimer].map(([id, events]) => ({ id, events }));
    });
  }

  private async troubleWith(manager: EntityManager, event: BenchEvent): Promise<Omit<Refused, 'id'> | null> {
    const at = Date.parse(event.at);
    if (at > this.clock().getTime() + AHEAD) return { path: ['at'], reason: 'lies in the future: is the clock of this screen right?' };
    const timer = await manager.findOneBy(TimerEntity, { id: event.timer });
    if (event.kind === 'issued') return timer ? { path: ['timer'], reason: 'this section is on the bench already' } : null;
    if (event.run?.what === 'started') return startTrouble(manager, event.timer, event.run.job);
    if (!timer) return { path: ['timer'], reason: event.kind === 'run' ? 'this job was never started' : 'this section was never put on the bench' };
    if (at < Date.parse(timer.issuedAt) - BEFORE_ISSUE)
      return { path: ['at'], reason: 'lies more than a day before the section was put on the bench' };
    if (event.target === null) return null;
    const target = await manager.findOneBy(EventEntity, { id: event.target });
    return target?.timerId === event.timer ? null : { path: ['target'], reason: 'there is no such event in this section' };
  }

  private async add(manager: EntityManager, event: BenchEvent): Promise<StoredEvent> {
    const { id, timer, kind, at, by, target, note, issued, run } = event;
    if (run?.what === 'started') await keepIssued(manager, event, run.job);
    if (issued)
      await manager.insert(TimerEntity, {
        id: timer,
        jobId: issued.job,
        zoneId: issued.zone,
        section: issued.section,
        issuedAt: at,
        lastAt: at,
        state: 'open',
      });
    const receivedAt = this.clock().toISOString();
    const reading = await readingAt(manager, at);
    const row = {
      id,
      timerId: timer,
      kind,
      at,
      receivedAt,
      by,
      target,
      note,
      issued: issued && JSON.stringify(issued),
      run: run && JSON.stringify(run),
      reading: reading && JSON.stringify(reading),
    };
    await manager.insert(EventEntity, row);
    return { ...event, receivedAt, reading };
  }

  /** State and watched dwells of a section after new events. */
  private async refresh(manager: EntityManager, id: string): Promise<void> {
    const rows = await manager.find(EventEntity, { where: { timerId: id }, order: { sequence: 'ASC' } });
    const events = rows.flatMap(toStored);
    if (events.some(({ kind }) => kind === 'run')) return refreshRun(manager, id, events);
    const timer = foldTimer(events);
    if (!timer) return;
    const lastAt = new Date(Math.max(...timer.log.map(({ at }) => at))).toISOString();
    await manager.update(TimerEntity, { id }, { lastAt, state: timer.removed ? 'removed' : timer.done ? 'done' : 'open' });
    await keepBenchDwells(manager, timer.issued.job, id, timer.removed ? [] : observeBench(timer, await readingsOf(manager, timer)));
  }
}

/** What was said once under an id stays so. */
function otherThan(event: BenchEvent, known: StoredEvent | undefined): Omit<Refused, 'id'> | null {
  const same = known && isDeepStrictEqual(pick(event), pick(known));
  return same ? null : { path: ['id'], reason: 'another event is kept under this id, and what was said stays' };
}

const pick = ({ timer, kind, at, by, target, note, issued, run }: BenchEvent) => ({ timer, kind, at, by, target, note, issued, run });

async function readingAt(manager: EntityManager, at: string): Promise<Reading | null> {
  const row = await manager.findOne(ReadingEntity, { where: { at: LessThanOrEqual(at) }, order: { at: 'DESC' } });
  return row && Date.parse(at) - Date.parse(row.at) <= TELLS ? row : null;
}

async function readingsOf(manager: EntityManager, { rounds }: SectionTimer): Promise<Reading[]> {
  const first = rounds[0];
  const last = rounds.at(-1);
  if (!first || !last) return [];
  const from = new Date(first.laidAt - TELLS).toISOString();
  const to = new Date(last.blisteredAt ?? last.laidAt).toISOString();
  return manager.find(ReadingEntity, { where: { at: Between(from, to) }, order: { at: 'ASC' } });
}
