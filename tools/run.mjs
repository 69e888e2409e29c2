import { spawn } from 'node:child_process';
import { dirname, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';

export const root = resolve(dirname(fileURLToPath(import.meta.url)), '..');

/** Runs a command in the project folder and answers its exit code; output goes straight through unless `quiet`. */
export function run(command, args, { env = {}, cwd = root, quiet = false } = {}) {
  return new Promise((done) => {
    const child = spawn(command, args, { cwd, env: { ...process.env, ...env }, stdio: quiet ? 'ignore' : 'inherit' });
    child.on('error', () => done(127));
    child.on('close', (code) => done(code ?? 1));
  });
}

/** Same, and leaves with its exit code when it fails. */
export async function need(command, args, options) {
  const code = await run(command, args, options);
  if (code !== 0) {
    console.error(`\n${command} ${args.join(' ')} failed with exit code ${code}.`);
    process.exit(code);
  }
}
