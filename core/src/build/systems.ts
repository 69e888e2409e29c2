import type { Catalogue } from '../catalogue/catalogue.ts';
import type { Finish } from '../catalogue/finishes.ts';
import type { Primer } from '../catalogue/primers.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { CoatPlan, PrimerOption } from '../model/build.ts';
import { PRIMER_RULES } from '../rules/book/primer.ts';
import { FINISH_RULES } from '../rules/book/finish.ts';
import { judge } from '../rules/rule.ts';
import { coatPlan, type Ground } from './build-plan.ts';
import { groundOf } from './choose-primer.ts';
import { jointOf, type Joint } from './compatibility.ts';
import { familyOfCoating, familyOfProduct, type Family, type Lower } from './families.ts';

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

/** Two films that meet in a system. */
export interface MetJoint {
  readonly upper: string;
  readonly lower: string;
  readonly joint: Joint;
}

/** Why a way of priming is no system. */
export interface NoSystem {
  readonly names: readonly string[];
  readonly code: string;
  readonly reason: string;
}

export interface Systems {
  /** cheapest first */
  readonly open: readonly PaintSystem[];
  readonly refused: readonly NoSystem[];
}

/** What the first new film meets: the topmost coating that stays, or the bare material. */
export const lowestOf = (zone: ZoneFacts): { lower: Lower; name: string } =>
  zone.kept[0]
    ? { lower: familyOfCoating(zone.kept[0].coating.id), name: zone.kept[0].coating.name }
    : { lower: zone.substrate.group, name: zone.substrate.name };

/**
 * Every way of priming a zone for its finish, tried in full: none, one primer, one under a surfacer, a promoter below. Those that all rules and joints
 * allow come with their cost, the others with what refuses them; when none is open, none exists among the products of catalogue and shop.
 */
export function systemsFor(zone: ZoneFacts, finish: Finish, ground: Ground, catalogue: Catalogue): Systems {
  const refusal = judge(FINISH_RULES, { zone, finish }, zone.path).find(({ severity }) => severity === 'rule-out');
  if (refusal) return { open: [], refused: [{ names: [finish.name], code: refusal.code, reason: refusal.reason }] };
  const open: PaintSystem[] = [];
  const refused: NoSystem[] = [];
  const verdicts = new Map(Object.values(catalogue.primers).map((primer) => [primer.ref, firstRefusal(zone, finish, ground, primer)]));
  for (const primers of waysOfPriming(catalogue)) {
    const no = refusalOf(zone, finish, primers, verdicts);
    if (no) refused.push({ names: primers.map(({ name }) => name), ...no });
    else open.push(systemOf(zone, finish, primers, ground));
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

/** The first rule that refuses a primer as the first coat. */
function firstRefusal(zone: ZoneFacts, finish: Finish, { wayOff, acidLive }: Ground, primer: Primer): PrimerOption['findings'][number] | null {
  const subject = { zone, primer, ground: groundOf(zone), finish, wayOff, acidLive };
  return judge(PRIMER_RULES, subject, zone.path).find(({ severity }) => severity === 'rule-out') ?? null;
}

function refusalOf(
  zone: ZoneFacts,
  finish: Finish,
  primers: readonly Primer[],
  verdicts: ReadonlyMap<string, PrimerOption['findings'][number] | null>,
): Pick<NoSystem, 'code' | 'reason'> | null {
  const first = primers[0] && verdicts.get(primers[0].ref);
  if (first) return { code: first.code, reason: first.reason };
  const bad = jointsOf(zone, finish, primers).find(({ joint }) => joint.states.length === 0);
  return bad ? { code: bad.joint.code, reason: `${bad.upper} on ${bad.lower.toLowerCase()}: ${bad.joint.reason}` } : null;
}

/** Every pair of films that meet, from the surface up. */
function jointsOf(zone: ZoneFacts, finish: Finish, primers: readonly Primer[]): MetJoint[] {
  const films = [...primers, ...finish.coats].map(({ id, name }): { family: Family; name: string } => ({ family: familyOfProduct(id), name }));
  let below: { lower: Lower; name: string } = lowestOf(zone);
  return films.map(({ family, name }) => {
    const met = { upper: name, lower: below.name, joint: jointOf(family, below.lower) };
    below = { lower: family, name };
    return met;
  });
}

function systemOf(zone: ZoneFacts, finish: Finish, primers: readonly Primer[], ground: Ground): PaintSystem {
  const profile = zone.kept.length === 0 ? ground.profile : 0;
  const coats = [
    ...primers.map((primer, i) =>
      coatPlan(zone, primer, { role: primer.role === 'over-primer' ? 'surfacer' : 'primer', why: primer.purpose, profile: i === 0 ? profile : 0 }),
    ),
    ...finish.coats.map((coat) => coatPlan(zone, coat, { role: 'colour', why: finish.name, profile: 0 })),
  ];
  const hand = coats.reduce((sum, coat) => sum + coat.hand, 0);
  return {
    primers: primers.map(({ ref }) => ref),
    names: [...primers, ...finish.coats].map(({ name }) => name),
    coats,
    hand,
    cost: coats.reduce((sum, coat) => sum + coat.litres * coat.pricePerLitre, 0) + (hand / 60) * zone.shop.labourRate,
    dryFilm: coats.reduce((sum, coat) => sum + coat.coats * coat.dryFilm, 0),
    joints: jointsOf(zone, finish, primers),
  };
}
