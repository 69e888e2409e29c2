import type { Catalogue } from '../catalogue/catalogue.ts';
import type { Finish } from '../catalogue/finishes.ts';
import type { Primer } from '../catalogue/primers.ts';
import { sayFor } from '../facts/say-for.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { Finding } from '../model/finding.ts';
import type { Ground } from './ground.ts';
import { badJoint, jointsOf, refusedFirst, type Refusal } from './judge-system.ts';

/** Primers that somebody has picked for a zone: taken where rules and joints allow them, else left with the reason. */
export interface SystemByHand {
  /** null: refused */
  readonly primers: readonly Primer[] | null;
  readonly findings: readonly Finding[];
}

/** Null where nothing was picked. */
export function systemByHand(zone: ZoneFacts, finish: Finish, ground: Ground, catalogue: Catalogue): SystemByHand | null {
  const { system } = zone.zone;
  if (system === null) return null;
  const primers = system.flatMap((ref) => catalogue.primers[ref] ?? []);
  const refusal = primers.length < system.length ? GONE : refusalOf(zone, finish, ground, primers);
  return refusal ? { primers: null, findings: [refused(zone, primers, refusal)] } : { primers, findings: [] };
}

const GONE: Refusal = { code: 'gone', reason: 'A product of it is no longer in the catalogue of the shop.' };

const refusalOf = (zone: ZoneFacts, finish: Finish, ground: Ground, primers: readonly Primer[]): Refusal | null =>
  (primers[0] ? refusedFirst(zone, finish, ground, primers[0]) : null) ?? badJoint(jointsOf(zone, [...primers, ...finish.coats]));

const refused = (zone: ZoneFacts, primers: readonly Primer[], { reason }: Refusal): Finding =>
  sayFor(zone, 'caution')(
    'system-refused',
    ['system'],
    'The system picked by hand is not taken',
    `${primers.map(({ name }) => name).join(' + ') || 'No primer'}: ${reason} The plan goes on with its own.`,
    ['system picked', 'substrate', 'way off', 'topcoat', 'shop products'],
    'Another system under Build, Systems, or let the plan choose.',
  );
