import { foldTimer, observeBench, StoredEvent, type BenchEvent, type Reading, type SectionTimer } from '@lift-bare/core';
import { Between, In, LessThanOrEqual, MoreThanOrEqual, type DataSource, type EntityManager } from 'typeorm';
import { EventEntity, ReadingEntity, TimerEntity, type EventRow } from './entities.ts';
import { keepBenchDwells } from './experience.ts';
import type { Clock } from './job-store.ts';

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
    private readonly source: DataSource,
    readonly clock: Clock,
  ) {}

  /** Adds events in the order given. One that is known already is answered as if it were new; one that cannot be does not hold up the rest. */
  async append(events: readonly BenchEvent[]): Promise<Appended> {
    return this.source.transaction(async (manager) => {
      const kept: StoredEvent[] = [];
      const fresh: StoredEvent[] = [];
      const refused: Refused[] = [];
      for (const event of events) {
        const known = await manager.findOneBy(EventEntity, { id: event.id });
        const trouble = known ? null : await this.troubleWith(manager, event);
        if (trouble) refused.push({ id: event.id, ...trouble });
        else {
          const stored = known ? toStored(known) : await this.add(manager, event);
          kept.push(stored);
          if (!known) fresh.push(stored);
        }
      }
      for (const timer of new Set(fresh.map((event) => event.timer))) await this.refresh(manager, timer);
      return { kept, fresh, refused };
    });
  }

  /** What the bench shows: open sections, and those done a while ago. */
  async onBench(): Promise<TimerEvents[]> {
    const since = new Date(this.clock().getTime() - SHOWN_DONE).toISOString();
    const timers = await this.source
      .getRepository(TimerEntity)
      .find({ where: [{ state: 'open' }, { state: 'done', lastAt: MoreThanOrEqual(since) }] });
    return this.eventsOf(timers.map(({ id }) => id));
  }

  /** Sections on which something has happened since a time. */
  async since(at: Date): Promise<TimerEvents[]> {
    const timers = await this.source.getRepository(TimerEntity).find({ where: { lastAt: MoreThanOrEqual(at.toISOString()) } });
    return this.eventsOf(timers.map(({ id }) => id));
  }

  async ofJob(jobId: string): Promise<TimerEvents[]> {
    const timers = await this.source.getRepository(TimerEntity).findBy({ jobId });
    return this.eventsOf(timers.map(({ id }) => id));
  }

  /** Oldest first. */
  async readings(since: Date): Promise<Reading[]> {
    return this.source.getRepository(ReadingEntity).find({ where: { at: MoreThanOrEqual(since.toISOString()) }, order: { at: 'ASC' } });
  }

  async addReading(reading: Reading): Promise<void> {
    await this.source.getRepository(ReadingEntity).upsert(reading, ['at']);
  }

  private async eventsOf(ids: readonly string[]): Promise<TimerEvents[]> {
    const rows = await this.source.getRepository(EventEntity).find({ where: { timerId: In(ids) }, order: { sequence: 'ASC' } });
    const byTimer = new Map(ids.map((id): [string, StoredEvent[]] => [id, []]));
    for (const row of rows) byTimer.get(row.timerId)?.push(toStored(row));
    return [...byTimer].map(([id, events]) => ({ id, events }));
  }

  private async troubleWith(manager: EntityManager, event: BenchEvent): Promise<Omit<Refused, 'id'> | null> {
    const at = Date.parse(event.at);
    if (at > this.clock().getTime() + AHEAD) return { path: ['at'], reason: 'lies in the future: is the clock of this screen right?' };
    const timer = await manager.findOneBy(TimerEntity, { id: event.timer });
    if (event.kind === 'issued') return timer ? { path: ['timer'], reason: 'this section is on the bench already' } : null;
    if (!timer) return { path: ['timer'], reason: 'this section was never put on the bench' };
    if (at < Date.parse(timer.issuedAt) - BEFORE_ISSUE)
      return { path: ['at'], reason: 'lies more than a day before the section was put on the bench' };
    if (event.target === null) return null;
    const target = await manager.findOneBy(EventEntity, { id: event.target });
    return target?.timerId === event.timer ? null : { path: ['target'], reason: 'there is no such event in this section' };
  }

  private async add(manager: EntityManager, event: BenchEvent): Promise<StoredEvent> {
    const { id, timer, kind, at, by, target, note, issued } = event;
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
      reading: reading && JSON.stringify(reading),
    };
    await manager.insert(EventEntity, row);
    return { ...event, receivedAt, reading };
  }

  /** State and watched dwells of a section after new events. */
  private async refresh(manager: EntityManager, id: string): Promise<void> {
    const rows = await manager.find(EventEntity, { where: { timerId: id }, order: { sequence: 'ASC' } });
    const timer = foldTimer(rows.map(toStored));
    if (!timer) return;
    const lastAt = new Date(Math.max(...timer.log.map(({ at }) => at))).toISOString();
    await manager.update(TimerEntity, { id }, { lastAt, state: timer.removed ? 'removed' : timer.done ? 'done' : 'open' });
    await keepBenchDwells(manager, timer.issued.job, id, timer.removed ? [] : observeBench(timer, await readingsOf(manager, timer)));
  }
}

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

const toStored = ({ id, timerId, kind, at, receivedAt, by, target, note, issued, reading }: EventRow): StoredEvent =>
  StoredEvent.parse({
    id,
    timer: timerId,
    kind,
    at,
    receivedAt,
    by,
    target,
    note,
    issued: issued && JSON.parse(issued),
    reading: reading && JSON.parse(reading),
  });
