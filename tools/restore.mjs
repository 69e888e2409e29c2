import { existsSync } from 'node:fs';
import { build } from './build.mjs';
import { openFolder, told } from './shop-folder.mjs';

/** Goes back to a copy, by its name in the folder of the copies or as a file, while the server is stopped. Without a name it tells which there are. */
await build();
await told(async () => {
  const { backups, data, store } = await openFolder();
  const [wanted] = process.argv.slice(2);
  if (wanted === undefined) {
    console.log('Name a copy: npm run restore -- NAME');
    for (const { name, at, size } of backups.list()) console.log(`${name}  ${at}  ${(size / 1_048_576).toFixed(1)} MB`);
    return;
  }
  const copy = backups.pathOf(wanted) ?? (existsSync(wanted) ? wanted : null);
  if (copy === null) throw new Error(`There is no copy ${wanted}.`);
  const { jobs, files, events } = store.lookInto(copy);
  const folder = store.takeFolder(data);
  if (existsSync(folder.database)) {
    // What is damaged cannot be copied page by page; it is put aside as it is.
    const before = await backups.make('restore').catch(() => store.putAside(folder.database));
    console.log(`The shop as it was is ${before.name}.`);
  }
  store.putBack(copy, folder.database);
  folder.release();
  console.log(`Back to ${wanted}: ${jobs.length} jobs, ${files} files, ${events} taps of the bench.`);
});
