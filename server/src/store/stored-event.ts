import { StoredEvent } from '@lift-bare/core';
import type { EventRow } from './entities.ts';
import { parsed } from './parsed.ts';

/** A row that is no event any more, of a kind that this program does not know, is left out: the rest of the section stands. */
export function toStored({ id, timerId, kind, at, receivedAt, by, target, note, issued, run, reading }: EventRow): StoredEvent[] {
  const read = StoredEvent.safeParse({
    id,
    timer: timerId,
    kind,
    at,
    receivedAt,
    by,
    target,
    note,
    issued: issued && parsed(issued),
    run: run && parsed(run),
    reading: reading && parsed(reading),
  });
  return read.success ? [read.data] : [];
}
