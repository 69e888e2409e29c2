import { existsSync, readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { need, root } from './run.mjs';
import { installPackages } from './setup.mjs';

/** Time of the newest file below some places, ms. */
function newest(places) {
  return Math.max(
    0,
    ...places.map((place) => {
      const path = join(root, place);
      if (!existsSync(path)) return 0;
      const stat = statSync(path);
      return stat.isDirectory()
        ? newest(
            readdirSync(path)
              .filter((name) => name !== 'node_modules' && name !== 'dist')
              .map((name) => join(place, name)),
          )
        : stat.mtimeMs;
    }),
  );
}

const fresh = (output, sources) => existsSync(join(root, output)) && statSync(join(root, output)).mtimeMs >= newest(sources);
const SHARED = ['package-lock.json', 'tsconfig.base.json', 'core/src', 'core/tsconfig.json'];

/** Builds what is older than its sources: core and server with tsc, the web application with the Angular builder. */
export async function build({ web = true } = {}) {
  await installPackages();
  if (!fresh('core/dist/.tsbuildinfo', SHARED) || !fresh('server/dist/.tsbuildinfo', [...SHARED, 'server/src', 'server/tsconfig.json']))
    await need('npx', ['tsc', '-b', '--force', 'core', 'server']);
  if (
    web &&
    !fresh('web/dist/browser/index.html', [
      ...SHARED,
      'web/src',
      'web/public',
      'web/angular.json',
      'web/tsconfig.json',
      'web/tsconfig.app.json',
      'web/tsconfig.worker.json',
    ])
  )
    await need('npx', ['ng', 'build'], { cwd: join(root, 'web') });
}

if (process.argv[1] === import.meta.filename) await build();
