import { EntitySchema } from 'typeorm';

/** Work that somebody has put at a time; `place` is its place in the list. */
export interface PinRow {
  jobId: string;
  place: number;
  work: string;
  at: string;
}

/** Days on which somebody does not work; an empty person: nobody does. */
export interface AbsenceRow {
  person: string;
  place: number;
  from: string;
  to: string;
  note: string;
}

/** The air outdoors in an hour. */
export interface ForecastRow {
  place: number;
  at: string;
  temperature: number;
  humidity: number;
  wind: number | null;
  rain: number | null;
}

export const PinEntity = new EntitySchema<PinRow>({
  name: 'pin',
  tableName: 'pins',
  columns: {
    jobId: { type: 'text', primary: true, name: 'job_id' },
    place: { type: 'integer', primary: true },
    work: { type: 'text' },
    at: { type: 'text' },
  },
});

export const AbsenceEntity = new EntitySchema<AbsenceRow>({
  name: 'absence',
  tableName: 'absences',
  columns: {
    person: { type: 'text', primary: true },
    place: { type: 'integer', primary: true },
    from: { type: 'text', name: 'from_day' },
    to: { type: 'text', name: 'to_day' },
    note: { type: 'text' },
  },
});

export const ForecastEntity = new EntitySchema<ForecastRow>({
  name: 'forecast_hour',
  tableName: 'forecast_hours',
  columns: {
    place: { type: 'integer', primary: true },
    at: { type: 'text' },
    temperature: { type: 'real' },
    humidity: { type: 'real' },
    wind: { type: 'real', nullable: true },
    rain: { type: 'real', nullable: true },
  },
});
