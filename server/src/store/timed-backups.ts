import type { Logger } from 'pino';
import type { Backups } from './backups.ts';
import type { Database } from './database.ts';

/** ms between two looks whether anything has changed since the last copy. */
const EVERY = 6 * 3_600_000;

/** Copies the shop now and then, where anything was written since the last copy. @returns what ends it */
export function timedBackups(database: Database, backups: Backups, logger: Logger): () => void {
  let copied = -1;
  const look = async (): Promise<void> => {
    const written = database.written;
    if (written === copied) return;
    await backups.make('timed');
    copied = written;
  };
  const tell = (error: unknown): void => logger.error({ err: error }, 'no copy could be made');
  const timer = setInterval(() => void look().catch(tell), EVERY);
  void look().catch(tell);
  return () => clearInterval(timer);
}
