import type { FindOptionsWhere } from 'typeorm';
import type { Database } from './database.ts';
import { PracticeEntity, type PracticeRow } from './practice-entity.ts';

/** Runs that are listed at once. */
const LISTED = 500;

export type PracticeLine = Omit<PracticeRow, 'body'>;

/** Who practised what, and how it went. */
export class PracticeStore {
  constructor(private readonly database: Database) {}

  /** The same id twice keeps the first. */
  async keep(row: PracticeRow): Promise<void> {
    await this.database.write((manager) => manager.createQueryBuilder().insert().into(PracticeEntity).values(row).orIgnore().execute());
  }

  /** Newest first. */
  list(where: FindOptionsWhere<PracticeRow>): Promise<PracticeLine[]> {
    return this.database.read((manager) =>
      manager.find(PracticeEntity, {
        where,
        order: { at: 'DESC', id: 'ASC' },
        take: LISTED,
        select: { id: true, person: true, caseId: true, title: true, seed: true, level: true, at: true, score: true },
      }),
    );
  }

  async forget(person: string): Promise<void> {
    await this.database.write((manager) => manager.delete(PracticeEntity, { person }));
  }
}
