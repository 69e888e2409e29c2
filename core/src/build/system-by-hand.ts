import { ownEntry } from '../catalogue/own-entry.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';
import type { Finish } from '../catalogue/finishes.ts';
import type { Primer } from '../catalogue/primers.ts';
import { sayFor } from '../facts/say-for.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { Finding } from '../model/finding.ts';
import type { Ground } from './ground.ts';
import { badJoint, jointsOf, refusedFirst, type Refusal } from './judge-system.ts';

/** Primers that somebody has picked for a zone: taken where rules and joints allow them, or with a written reason; else left with what refuses them. */
export interface SystemByHand {
  /** null: refused */
  readonly primers: readonly Primer[] | null;
  readonly findings: readonly Finding[];
  /** the written reason, where it is taken against a rule */
  readonly against: string | null;
}

/** Null where nothing was picked. */
export function systemByHand(zone: ZoneFacts, finish: Finish, ground: Ground, catalogue: Catalogue): SystemByHand | null {
  const { system } = zone.zone;
  if (system === null) return null;
  const primers = system.flatMap((ref) => ownEntry(catalogue.primers, ref) ?? []);
  if (primers.length < system.length) return { primers: null, findings: [refused(zone, primers, GONE)], against: null };
  const refusal = refusalOf(zone, finish, ground, primers);
  if (!refusal) return { primers, findings: [], against: null };
  const reason = zone.zone.systemReason.trim();
  return reason === ''
    ? { primers: null, findings: [refused(zone, primers, refusal)], against: null }
    : { primers, findings: [overruled(zone, primers, refusal, reason)], against: reason };
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
    ['system picked', 'substrate', 'method', 'topcoat', 'shop products'],
    'Another system under Build, Systems, a written reason there, or let the plan choose.',
  );

const overruled = (zone: ZoneFacts, primers: readonly Primer[], { reason }: Refusal, written: string): Finding =>
  sayFor(zone, 'caution')(
    'system-against',
    ['system'],
    `${primers.map(({ name }) => name).join(' + ') || 'No primer'} against the rules`,
    `${reason} Taken all the same: "${written}".`,
    ['system picked', 'written reason'],
    'A system that the rules leave open.',
  );
