import { createHash } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { need, root, run } from './run.mjs';

const marker = join(root, 'node_modules', '.lift-bare-lock');
const native = join(root, 'node_modules', 'better-sqlite3', 'build', 'Release', 'better_sqlite3.node');
const lock = () =>
  createHash('sha256')
    .update(readFileSync(join(root, 'package-lock.json')))
    .digest('hex');

/** Installs packages when they are missing or older than the lock file. The database driver is compiled from its package, nothing is downloaded besides packages. */
export async function installPackages() {
  if (existsSync(marker) && existsSync(native) && readFileSync(marker, 'utf8') === lock()) return;
  console.log('Installing packages; compiling the database driver takes some minutes the first time…');
  await need('npm', ['ci', '--no-audit', '--no-fund'], { env: { npm_config_build_from_source: 'true' } });
  if (!existsSync(native)) await need('npm', ['rebuild', 'better-sqlite3', '--build-from-source'], { env: { npm_config_build_from_source: 'true' } });
  writeFileSync(marker, lock());
}

/** The exact solver that schedules are held against: large, so only where it is tested or measured. */
export async function installReference() {
  const folder = join(root, 'reference');
  if (existsSync(join(folder, 'node_modules', 'or-tools-wasm', 'package.json'))) return true;
  console.log('Installing the exact solver…');
  return (await run('npm', ['ci', '--no-audit', '--no-fund', '--ignore-scripts'], { cwd: folder })) === 0;
}

const CHROMIUM = process.env.CHROMIUM ?? '/usr/bin/chromium';

/** A browser for the end-to-end tests: Debian's package, installed when that is possible. Answers its path, or null. */
export async function findChromium() {
  if (existsSync(CHROMIUM)) return CHROMIUM;
  if (process.getuid?.() === 0 && (await run('apt-get', ['--version'], { quiet: true })) === 0) {
    console.log('Installing Chromium from Debian…');
    await run('apt-get', ['update'], { quiet: true });
    await run('apt-get', ['install', '-y', '--no-install-recommends', 'chromium'], { env: { DEBIAN_FRONTEND: 'noninteractive' }, quiet: true });
  }
  if (existsSync(CHROMIUM)) return CHROMIUM;
  console.error('The end-to-end tests need Chromium: run "apt-get install chromium" as root, or set CHROMIUM to its path.');
  return null;
}
