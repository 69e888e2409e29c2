import type { MigrationInterface, QueryRunner } from 'typeorm';

export class Bench1764000001000 implements MigrationInterface {
  readonly name = 'Bench1764000001000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE timers (
      id text PRIMARY KEY, job_id text NOT NULL, zone_id text NOT NULL, section text NOT NULL,
      issued_at text NOT NULL, last_at text NOT NULL, state text NOT NULL CHECK (state IN ('open', 'done', 'removed')))`);
    await runner.query(`CREATE TABLE bench_events (
      sequence integer PRIMARY KEY AUTOINCREMENT, id text NOT NULL UNIQUE, timer_id text NOT NULL REFERENCES timers (id), kind text NOT NULL,
      at text NOT NULL, received_at text NOT NULL, by_whom text NOT NULL, target text, note text NOT NULL,
      issued text CHECK (issued IS NULL OR json_valid(issued)), reading text CHECK (reading IS NULL OR json_valid(reading)))`);
    await runner.query('CREATE TABLE readings (at text PRIMARY KEY, temperature real NOT NULL, humidity real NOT NULL, surface real)');
    await runner.query(`CREATE TABLE observations (
      job_id text NOT NULL, id text NOT NULL, source text NOT NULL CHECK (source IN ('patch', 'bench')), timer_id text, stripper text NOT NULL,
      at text NOT NULL, body text NOT NULL CHECK (json_valid(body)), PRIMARY KEY (job_id, id))`);
    await runner.query('CREATE INDEX timers_by_job ON timers (job_id)');
    await runner.query('CREATE INDEX timers_by_state ON timers (state, last_at)');
    await runner.query('CREATE INDEX events_by_timer ON bench_events (timer_id)');
    await runner.query('CREATE INDEX observations_by_stripper ON observations (stripper, at)');
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of ['observations', 'readings', 'bench_events', 'timers']) await runner.query(`DROP TABLE ${table}`);
  }
}
