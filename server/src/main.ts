import { dirname, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { ZodError } from 'zod';
import { readSettings } from './settings.ts';
import { startServer } from './start-server.ts';
import { EXIT, StartFault } from './store/start-fault.ts';

const root = resolve(dirname(fileURLToPath(import.meta.url)), '../..');

try {
  // Only who runs the server reads what it keeps.
  process.umask(0o077);
  const stop = await startServer(readSettings(process.env, root), { seedOnly: process.argv.includes('--seed-only') });
  for (const signal of ['SIGINT', 'SIGTERM'] as const) process.once(signal, () => void stop().then(() => process.exit(0)));
} catch (error) {
  if (error instanceof StartFault) end(error.message, error.exitCode);
  else if (error instanceof ZodError) end(error.issues.map(({ path, message }) => `${path.join('.')}: ${message}`).join('; '), EXIT.settings);
  else throw error;
}

function end(says: string, code: number): never {
  console.error(`Lift Bare did not start. ${says}`);
  process.exit(code);
}
