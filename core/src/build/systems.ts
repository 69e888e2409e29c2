import type { Catalogue } from '../catalogue/catalogue.ts';
import type { Finish } from '../catalogue/finishes.ts';
import type { Primer } from '../catalogue/primers.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { CoatPlan } from '../model/build.ts';
import { FINISH_RULES } from '../rules/book/finish.ts';
import { judge } from '../rules/rule.ts';
import { sum } from '../units/sum.ts';
import type { Ground } from './ground.ts';
import { coatPlan, roleOf } from './coat-plan.ts';
import { badJoint, jointsOf, refusedFirst, type MetJoint, type Refusal } from './judge-system.ts';

/** Primers and coats from the surface up that go together, with what they take. */
export interface PaintSystem {
  readonly primers: readonly string[];
  readonly names: readonly string[];
  readonly coats: readonly CoatPlan[];
  /** money of product and hands */
  readonly cost: number;
  /** min */
  readonly hand: number;
  /** µm */
  readonly dryFilm: number;
  readonly joints: readonly MetJoint[];
}

/** Why a way of priming is no system. */
export interface NoSystem extends Refusal {
  /** keys of its primers; null where the topcoat itself is refused */
  readonly primers: readonly string[] | null;
  readonly names: readonly string[];
}

export interface Systems {
  /** cheapest first */
  readonly open: readonly PaintSystem[];
  readonly refused: readonly NoSystem[];
}

/**
 * Every way of priming a zone for its finish, tried in full: none, one primer, one under a surfacer, a promoter below. Those that all rules and joints
 * allow come with their cost, the others with what refuses them; when none is open, none exists among the products of catalogue and shop.
 */
export function systemsFor(zone: ZoneFacts, finish: Finish, ground: Ground, catalogue: Catalogue): Systems {
  const refusal = judge(FINISH_RULES, { zone, finish }, zone.path).find(({ severity }) => severity === 'rule-out');
  if (refusal) return { open: [], refused: [{ primers: null, names: [finish.name], code: refusal.code, reason: refusal.reason }] };
  const open: PaintSystem[] = [];
  const refused: NoSystem[] = [];
  const verdicts = new Map(Object.values(catalogue.primers).map((primer) => [primer.ref, refusedFirst(zone, finish, ground, primer)]));
  for (const primers of waysOfPriming(catalogue)) {
    const first = primers[0] ? (verdicts.get(primers[0].ref) ?? null) : null;
    const joints = jointsOf(zone, [...primers, ...finish.coats]);
    const no = first ?? badJoint(joints);
    if (no) refused.push({ primers: primers.map(({ ref }) => ref), names: primers.map(({ name }) => name), code: no.code, reason: no.reason });
    else open.push(systemOf(zone, finish, primers, ground, joints));
  }
  return { open: open.sort((a, b) => a.cost - b.cost), refused };
}

function waysOfPriming({ primers }: Catalogue): readonly (readonly Primer[])[] {
  const all = Object.values(primers);
  const surfacers = all.filter(({ role }) => role === 'over-primer');
  const firsts = all.filter(({ role }) => role !== 'over-primer');
  const promoters = all.filter(({ role }) => role === 'promoter');
  return [
    [],
    ...all.map((primer) => [primer]),
    ...firsts.flatMap((first) => surfacers.map((surfacer) => [first, surfacer])),
    ...promoters.flatMap((promoter) => firsts.filter((first) => first !== promoter).map((first) => [promoter, first])),
  ];
}

function systemOf(zone: ZoneFacts, finish: Finish, primers: readonly Primer[], ground: Ground, joints: readonly MetJoint[]): PaintSystem {
  const profile = zone.kept.length === 0 ? ground.profile : 0;
  const coats = [
    ...primers.map((primer, i) => coatPlan(zone, primer, { role: roleOf(primer), why: primer.purpose, profile: i === 0 ? profile : 0 })),
    ...finish.coats.map((coat) => coatPlan(zone, coat, { role: 'colour', why: finish.name, profile: 0 })),
  ];
  const hand = sum(coats, (coat) => coat.hand);
  return {
    primers: primers.map(({ ref }) => ref),
    names: [...primers, ...finish.coats].map(({ name }) => name),
    coats,
    hand,
    cost: sum(coats, (coat) => coat.litres * coat.pricePerLitre) + (hand / 60) * zone.shop.labourRate,
    dryFilm: sum(coats, (coat) => coat.coats * coat.dryFilm),
    joints,
  };
}
