import { build } from './build.mjs';
import { openFolder, told } from './shop-folder.mjs';

/** Copies the shop, also while the server runs. */
await build();
await told(async () => {
  const { backups } = await openFolder();
  const { name, size } = await backups.make('asked');
  console.log(`Copied to ${name}, ${(size / 1_048_576).toFixed(1)} MB.`);
});
