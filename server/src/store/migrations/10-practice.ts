import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Practice runs with what they scored; worked out again from the run, whoever sent it. */
export class Practice1764000009000 implements MigrationInterface {
  readonly name = 'Practice1764000009000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE practice_runs (
      id text PRIMARY KEY NOT NULL, person text NOT NULL, case_id text NOT NULL, title text NOT NULL, seed integer NOT NULL, level integer NOT NULL,
      at text NOT NULL, score real NOT NULL, body text NOT NULL CHECK (json_valid(body)))`);
    await runner.query('CREATE INDEX practice_of_person ON practice_runs (person, at)');
    await runner.query('CREATE INDEX practice_of_case ON practice_runs (case_id, seed)');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE practice_runs');
  }
}
