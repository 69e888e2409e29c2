import { Backups } from './backups.ts';
import type { CopyDatabase } from './copy-database.ts';
import { Database } from './database.ts';
import { inspect, type ShopFolder } from './shop-folder.ts';

/** The database of a folder, looked over first; copied before its tables are changed. */
export async function openShop(
  folder: ShopFolder,
  now: () => Date,
  copy?: CopyDatabase,
): Promise<{ readonly database: Database; readonly backups: Backups }> {
  const backups = new Backups(folder.backups, folder.database, now, copy);
  const { older } = inspect(folder.database);
  if (older) await backups.make('migration');
  return { database: await Database.open(folder.database), backups };
}
