import type { CoatProduct } from '../catalogue/coats.ts';
import type { Finish } from '../catalogue/finishes.ts';
import type { Primer } from '../catalogue/primers.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import { PRIMER_RULES } from '../rules/book/primer.ts';
import { judge } from '../rules/rule.ts';
import type { Ground } from './ground.ts';
import { groundOf } from './choose-primer.ts';
import { jointOf, type Joint } from './compatibility.ts';
import { familyOfCoating, familyOfProduct, type Family, type Lower } from './families.ts';

/** Two films that meet in a system. */
export interface MetJoint {
  readonly upper: string;
  readonly lower: string;
  readonly joint: Joint;
}

/** Why films are no system. */
export interface Refusal {
  readonly code: string;
  readonly reason: string;
}

/** What the first new film meets: the topmost coating that stays, or the bare material. */
export const lowestOf = (zone: ZoneFacts): { lower: Lower; name: string } =>
  zone.kept[0]
    ? { lower: familyOfCoating(zone.kept[0].coating.id), name: zone.kept[0].coating.name }
    : { lower: zone.substrate.group, name: zone.substrate.name };

/** Every pair of films that meet, from the surface up. */
export function jointsOf(zone: ZoneFacts, products: readonly CoatProduct[]): MetJoint[] {
  let below: { lower: Lower; name: string } = lowestOf(zone);
  return products.map(({ id, name }) => {
    const family: Family = familyOfProduct(id);
    const met = { upper: name, lower: below.name, joint: jointOf(family, below.lower) };
    below = { lower: family, name };
    return met;
  });
}

/** The first joint that never holds. */
export function badJoint(joints: readonly MetJoint[]): Refusal | null {
  const bad = joints.find(({ joint }) => joint.states.length === 0);
  return bad ? { code: bad.joint.code, reason: `${bad.upper} on ${bad.lower.toLowerCase()}: ${bad.joint.reason}` } : null;
}

/** The first rule that refuses a primer as the first coat. */
export function refusedFirst(zone: ZoneFacts, finish: Finish, { method, acidLive }: Ground, primer: Primer): Refusal | null {
  const subject = { zone, primer, ground: groundOf(zone), finish, method, acidLive };
  return judge(PRIMER_RULES, subject, zone.path).find(({ severity }) => severity === 'rule-out') ?? null;
}
