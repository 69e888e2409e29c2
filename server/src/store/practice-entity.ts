import { EntitySchema } from 'typeorm';

/** A practice run, with what it came to. */
export interface PracticeRow {
  id: string;
  person: string;
  caseId: string;
  title: string;
  seed: number;
  level: number;
  at: string;
  /** 0 to 100 */
  score: number;
  /** the run as JSON text */
  body: string;
}

export const PracticeEntity = new EntitySchema<PracticeRow>({
  name: 'practice_run',
  tableName: 'practice_runs',
  columns: {
    id: { type: 'text', primary: true },
    person: { type: 'text' },
    caseId: { type: 'text', name: 'case_id' },
    title: { type: 'text' },
    seed: { type: 'integer' },
    level: { type: 'integer' },
    at: { type: 'text' },
    score: { type: 'real' },
    body: { type: 'text' },
  },
});
