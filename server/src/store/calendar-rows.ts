import type { DaysOff, Job, Shop } from '@lift-bare/core';
import type { EntityManager } from 'typeorm';
import { AbsenceEntity, ForecastEntity, PinEntity, type AbsenceRow, type PinRow } from './calendar-entities.ts';
import type { JobRow, ShopRow } from './entities.ts';
import { parsed } from './parsed.ts';

/*
 * What the calendar takes from documents stands in rows of its own: pins of jobs, days off of the shop and its people, the hours of the forecast. Jobs
 * and the shop are kept without them, and whole wherever they are read.
 */

/** Days off that are nobody's own: the shop is closed. */
const ALL = '';

type Documented = Readonly<Record<string, unknown>>;

/** Text of a document with what stands in rows; as it is where it cannot be read. */
function put<Row extends { readonly document: string }>(row: Row, further: (document: Documented) => Documented): Row {
  const document = parsed(row.document);
  return isObject(document) ? { ...row, document: JSON.stringify({ ...document, ...further(document) }) } : row;
}

const isObject = (value: unknown): value is Documented => typeof value === 'object' && value !== null && !Array.isArray(value);

const inOrder = <Row extends { readonly place: number }>(rows: readonly Row[]): Row[] => [...rows].sort((a, b) => a.place - b.place);

/** The pins of a job into their rows; the job has to be there. */
export async function keepPins(manager: EntityManager, jobId: string, pins: Job['pins']): Promise<void> {
  await manager.delete(PinEntity, { jobId });
  await manager.insert(
    PinEntity,
    pins.map(({ work, at }, place) => ({ jobId, place, work, at })),
  );
}

/** Jobs with their pins. */
export async function withPins(manager: EntityManager, rows: readonly JobRow[]): Promise<JobRow[]> {
  const byJob = new Map<string, PinRow[]>();
  for (const pin of await manager.findBy(PinEntity, rows.length > 1 ? {} : { jobId: rows[0]?.id ?? '' }))
    byJob.set(pin.jobId, [...(byJob.get(pin.jobId) ?? []), pin]);
  return rows.map((row) => {
    const own = byJob.get(row.id);
    return own ? put(row, () => ({ pins: inOrder(own).map(({ work, at }) => ({ work, at })) })) : row;
  });
}

/** Days off and forecast of the shop into their rows. @returns the text of the rest */
export async function keepCalendar(manager: EntityManager, { closed, forecast, people, ...rest }: Shop): Promise<string> {
  await manager.clear(AbsenceEntity);
  await manager.clear(ForecastEntity);
  const own = people.flatMap(({ id, away }) => rowsOf(id, away));
  await manager.insert(AbsenceEntity, [...rowsOf(ALL, closed), ...own]);
  await manager.insert(
    ForecastEntity,
    forecast.map((hour, place) => ({ place, ...hour })),
  );
  return JSON.stringify({ ...rest, people: people.map((person) => ({ ...person, away: undefined })) });
}

const rowsOf = (person: string, off: readonly DaysOff[]): AbsenceRow[] => off.map((span, place) => ({ person, place, ...span }));

/** The shop with its days off and its forecast. */
export async function withCalendar(manager: EntityManager, row: ShopRow): Promise<ShopRow> {
  const absences = inOrder(await manager.find(AbsenceEntity));
  const hours = inOrder(await manager.find(ForecastEntity));
  const offOf = (own: unknown): DaysOff[] => absences.filter(({ person }) => person === own).map(({ from, to, note }) => ({ from, to, note }));
  const forecast = hours.map(({ at, temperature, humidity, wind, rain }) => ({ at, temperature, humidity, wind, rain }));
  return put(row, ({ people }) => ({
    closed: offOf(ALL),
    forecast,
    ...(Array.isArray(people)
      ? { people: people.map((person: unknown) => (isObject(person) ? { ...person, away: offOf(person['id']) } : person)) }
      : {}),
  }));
}
