import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { Finding } from '../model/finding.ts';
import { AIR_CHECKS, AIR_MISSING } from './blast-checks/air-checks.ts';
import { runChecks, type Blasting } from './blast-checks/check.ts';
import { MATERIAL_CHECKS } from './blast-checks/material-checks.ts';

/** Every limit that a blast runs into, with numbers; those of the air only where it is done with the shop's own. */
export function checkBlast(zone: ZoneFacts, blasting: Omit<Blasting, 'zone'>): Finding[] {
  const subject = { ...blasting, zone };
  return [...runChecks(MATERIAL_CHECKS, subject), ...airFindings(subject)];
}

function airFindings(subject: Blasting): Finding[] {
  const { nozzle, bore, demand, set } = subject.plan;
  const { air } = subject.zone.shop;
  if (nozzle === null) return [];
  if (!air) return runChecks([AIR_MISSING], subject);
  return bore === null || demand === null || set === null ? [] : runChecks(AIR_CHECKS, { ...subject, air, nozzle, bore, demand, set });
}
