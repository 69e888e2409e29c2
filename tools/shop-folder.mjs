import { join } from 'node:path';
import { root } from './run.mjs';

/** The folder of the shop as the server would take it, and what works on it. */
export async function openFolder() {
  const [backups, folder] = await Promise.all(['backups', 'shop-folder'].map((name) => import(`../server/dist/store/${name}.js`)));
  const data = process.env['LIFT_BARE_DATA'] ?? join(root, 'data');
  return {
    data,
    store: { ...folder, ...backups },
    backups: new backups.Backups(folder.backupsIn(data), folder.databaseIn(data), () => new Date()),
  };
}

/** What goes wrong as one sentence and an exit code. */
export async function told(work) {
  try {
    await work();
  } catch (error) {
    console.error(error.message);
    process.exit(error.exitCode ?? 1);
  }
}
