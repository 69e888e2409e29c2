import { join } from 'node:path';
import * as z from 'zod';
import { GaugeKind } from '@lift-bare/core';
import { EXIT, StartFault } from './store/start-fault.ts';

const Environment = z.object({
  LIFT_BARE_HOST: z.string().default('127.0.0.1'),
  LIFT_BARE_PORT: z.coerce.number('needs a number').int('must be a whole number').gte(0).lte(65535, 'must be 65535 at most').default(4170),
  LIFT_BARE_DATA: z.string().optional(),
  LIFT_BARE_NAMES: z.string().default(''),
  LIFT_BARE_CERT: z.string().optional(),
  LIFT_BARE_KEY: z.string().optional(),
  LIFT_BARE_GAUGES: z.string().default(''),
  LIFT_BARE_PROBE: z.enum(['simulated', 'none']).default('simulated'),
  LIFT_BARE_PROBE_SEED: z.coerce.number('needs a number').int('must be a whole number').default(4170),
  LIFT_BARE_CLOCK_SPEED: z.coerce.number('needs a number').gte(1).lte(600).default(1),
  LIFT_BARE_CLOCK_FROM: z.iso.datetime().optional(),
  LIFT_BARE_PASSPHRASE: z
    .string()
    .refine((text) => text.trim().length >= 8, 'needs at least 8 characters, blanks at the ends not counted')
    .optional(),
});

export interface Settings {
  readonly host: string;
  readonly port: number;
  /** folder of everything that is kept */
  readonly data: string;
  readonly webRoot: string;
  readonly passphrase: string | null;
  /** names under which the server is asked, beside those of the machine */
  readonly names: readonly string[];
  /** files of a certificate and its key; null: plain HTTP */
  readonly https: { readonly cert: string; readonly key: string } | null;
  /** instruments behind a socket */
  readonly gauges: readonly GaugeAddress[];
  /** seed of the simulated probe and gauges; null: no probe, and no gauges but those that are named */
  readonly probeSeed: number | null;
  /** of the bench's clock, 1 in real life, and the moment at which it agreed with real time */
  readonly clockSpeed: number;
  readonly clockFrom: Date;
}

export interface GaugeAddress {
  readonly kind: GaugeKind;
  readonly host: string;
  readonly port: number;
}

const LOOPBACK = ['127.0.0.1', '::1', 'localhost'];

/**
 * Settings from the environment; refuses to open to the network without a passphrase. `root` is the project folder.
 * @throws StartFault and ZodError with what is wrong
 */
export function readSettings(environment: NodeJS.ProcessEnv, root: string): Settings {
  const read = Environment.parse(environment);
  const passphrase = read.LIFT_BARE_PASSPHRASE ?? null;
  const [cert, key] = [read.LIFT_BARE_CERT, read.LIFT_BARE_KEY];
  if (!LOOPBACK.includes(read.LIFT_BARE_HOST) && passphrase === null)
    throw new StartFault(`LIFT_BARE_HOST=${read.LIFT_BARE_HOST} opens the shop to the network: set LIFT_BARE_PASSPHRASE as well.`, EXIT.settings);
  if ((cert === undefined) !== (key === undefined))
    throw new StartFault('HTTPS needs both LIFT_BARE_CERT and LIFT_BARE_KEY, each a file.', EXIT.settings);
  return {
    host: read.LIFT_BARE_HOST,
    port: read.LIFT_BARE_PORT,
    passphrase,
    names: read.LIFT_BARE_NAMES.split(',')
      .map((name) => name.trim())
      .filter((name) => name !== ''),
    https: cert !== undefined && key !== undefined ? { cert, key } : null,
    gauges: read.LIFT_BARE_GAUGES.split(',')
      .filter((text) => text.trim() !== '')
      .map(gaugeAddress),
    probeSeed: read.LIFT_BARE_PROBE === 'simulated' ? read.LIFT_BARE_PROBE_SEED : null,
    clockSpeed: read.LIFT_BARE_CLOCK_SPEED,
    clockFrom: read.LIFT_BARE_CLOCK_FROM === undefined ? new Date() : new Date(read.LIFT_BARE_CLOCK_FROM),
    data: read.LIFT_BARE_DATA ?? join(root, 'data'),
    webRoot: join(root, 'web', 'dist', 'browser'),
  };
}

/** "film=192.168.1.40:4001" */
function gaugeAddress(text: string): GaugeAddress {
  const [, kind, host, port] = /^\s*(\w+)=([^:\s]+):(\d{1,5})\s*$/.exec(text) ?? [];
  const known = GaugeKind.safeParse(kind);
  if (!known.success || host === undefined || !(Number(port) <= 65535))
    throw new StartFault(
      `LIFT_BARE_GAUGES: "${text.trim()}" is not like film=192.168.1.40:4001; kinds are ${GaugeKind.options.join(', ')}.`,
      EXIT.settings,
    );
  return { kind: known.data, host, port: Number(port) };
}
