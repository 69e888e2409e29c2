import { join } from 'node:path';
import * as z from 'zod';

const Environment = z.object({
  LIFT_BARE_HOST: z.string().default('127.0.0.1'),
  LIFT_BARE_PORT: z.coerce.number().int().gte(0).lte(65535).default(4170),
  LIFT_BARE_DATA: z.string().optional(),
  LIFT_BARE_PROBE: z.enum(['simulated', 'none']).default('simulated'),
  LIFT_BARE_PROBE_SEED: z.coerce.number().int().default(4170),
  LIFT_BARE_CLOCK_SPEED: z.coerce.number().gte(1).lte(600).default(1),
  LIFT_BARE_CLOCK_FROM: z.iso.datetime().optional(),
  LIFT_BARE_PASSPHRASE: z.string().min(8, 'LIFT_BARE_PASSPHRASE needs at least 8 characters').optional(),
});

export interface Settings {
  readonly host: string;
  readonly port: number;
  readonly database: string;
  readonly webRoot: string;
  readonly passphrase: string | null;
  /** seed of the simulated probe; null: no probe */
  readonly probeSeed: number | null;
  /** of the bench's clock, 1 in real life, and the moment at which it agreed with real time */
  readonly clockSpeed: number;
  readonly clockFrom: Date;
}

const LOOPBACK = ['127.0.0.1', '::1', 'localhost'];

/** Settings from the environment; refuses to open to the network without a passphrase. `root` is the project folder. */
export function readSettings(environment: NodeJS.ProcessEnv, root: string): Settings {
  const read = Environment.parse(environment);
  const passphrase = read.LIFT_BARE_PASSPHRASE ?? null;
  if (!LOOPBACK.includes(read.LIFT_BARE_HOST) && passphrase === null)
    throw new Error(`LIFT_BARE_HOST=${read.LIFT_BARE_HOST} opens the shop to the network: set LIFT_BARE_PASSPHRASE as well`);
  return {
    host: read.LIFT_BARE_HOST,
    port: read.LIFT_BARE_PORT,
    passphrase,
    probeSeed: read.LIFT_BARE_PROBE === 'simulated' ? read.LIFT_BARE_PROBE_SEED : null,
    clockSpeed: read.LIFT_BARE_CLOCK_SPEED,
    clockFrom: read.LIFT_BARE_CLOCK_FROM === undefined ? new Date() : new Date(read.LIFT_BARE_CLOCK_FROM),
    database: join(read.LIFT_BARE_DATA ?? join(root, 'data'), 'lift-bare.sqlite'),
    webRoot: join(root, 'web', 'dist', 'browser'),
  };
}
