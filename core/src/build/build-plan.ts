import type { Catalogue } from '../catalogue/catalogue.ts';
import { DAY } from '../catalogue/coats.ts';
import type { Finish } from '../catalogue/finishes.ts';
import type { Primer } from '../catalogue/primers.ts';
import { dryingAt } from '../climate/cure-scale.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { BuildPlan, CoatPlan, PrimerOption } from '../model/build.ts';
import type { ShapeKind } from '../model/shape.ts';
import type { Schools } from '../model/schools.ts';
import { FINISH_RULES } from '../rules/book/finish.ts';
import { judge } from '../rules/rule.ts';
import { upperFirst } from '../units/casing.ts';
import { checkFilms } from './check-films.ts';
import { choosePrimer } from './choose-primer.ts';
import { coatPlan, roleOf } from './coat-plan.ts';
import { mayLie } from './compatibility.ts';
import { familyOfProduct } from './families.ts';
import { lowestOf } from './judge-system.ts';
import type { Ground } from './ground.ts';
import { planDesign, type PlannedDesign } from './plan-design.ts';
import { systemByHand } from './system-by-hand.ts';

/** Primer, surfacer and topcoats for one zone, each with films, litres and waits at the workplace temperature; null without a finish. */
export function buildPlan(zone: ZoneFacts, ground: Ground, catalogue: Catalogue): BuildPlan | null {
  const { finish } = zone;
  if (!finish) return null;
  const wet = finish.coats.length > 0 && ground.method?.id !== 'keep.wax';
  const byHand = wet ? systemByHand(zone, finish, ground, catalogue) : null;
  const primers = wet ? choosePrimer(zone, finish, ground, catalogue, byHand?.primers?.[0] ?? null) : [];
  const priming = byHand?.primers ?? usualPriming(zone, finish, primers, catalogue);
  const grounds = priming ? priming.map((primer, i) => groundCoat(zone, primer, i, primers, ground)) : [];
  const topcoats = priming && wet ? colours(zone, finish, priming, catalogue) : null;
  const coats = [...grounds, ...(topcoats?.coats ?? [])];
  const profile = zone.kept.length === 0 ? ground.profile : 0;
  const scale = coats.at(-1)?.drying ?? Math.max(1, dryingAt(zone.place));
  return {
    primers: byHand?.primers?.length === 0 ? primers.map(unchosen) : primers,
    coats,
    design: topcoats?.plan ?? null,
    against: byHand?.against ?? null,
    turned: coats.length > 0 && needsTurning(zone),
    handle: handled(finish, zone.shop.schools.W1) * scale,
    load: Math.max(finish.load.value, zone.shop.waits.load ?? 0) * scale,
    findings: [
      ...judge(FINISH_RULES, { zone, finish }, zone.path),
      ...checkFilms(zone, coats, profile, catalogue),
      ...(byHand?.findings ?? []),
      ...(topcoats?.findings ?? []),
    ],
  };
}

/** Shapes with a far side, which a rack hides. */
const ALL_ROUND: readonly ShapeKind[] = ['tube', 'cylinder', 'box', 'rim'];
const needsTurning = ({ part, zone }: ZoneFacts): boolean =>
  part.held === 'laid' && (zone.sides === null ? ALL_ROUND.includes(zone.shape.kind) : zone.sides === 'both');

/** Somebody has picked a system without a primer. */
const unchosen = (option: PrimerOption): PrimerOption => (option.verdict === 'chosen' ? { ...option, verdict: 'possible' } : option);

/** The chosen primer, and surfacer where the finish wants it; none where the topcoat lies on what stays and no primer does; null where nothing is left. */
function usualPriming(zone: ZoneFacts, finish: Finish, options: readonly PrimerOption[], catalogue: Catalogue): readonly Primer[] | null {
  const chosen = options.find(({ verdict }) => verdict === 'chosen');
  if (!chosen) return options.length > 0 && !liesOnKept(zone, finish) ? null : [];
  const first = catalogue.primers[chosen.primer] as Primer;
  return needsSurfacer(zone, finish, first) ? [first, catalogue.primers['surfacer-2k'] as Primer] : [first];
}

const liesOnKept = (zone: ZoneFacts, { coats: [first] }: Finish): boolean =>
  zone.kept.length > 0 && first !== undefined && mayLie(familyOfProduct(first.id), lowestOf(zone).lower, 'cured-keyed');

/** Outside panels in two-pack are levelled, but not below the water line: what sands well takes water up. Etch alone never carries colour in two-pack. */
const needsSurfacer = (zone: ZoneFacts, finish: Finish, first: Primer): boolean =>
  first.id !== 'surfacer-2k' &&
  first.id !== 'adhesion-promoter' &&
  ((finish.wantsSurfacer && zone.zone.access !== 'inside' && !zone.service.startsWith('immersed')) ||
    (first.id === 'etch-2k' && finish.pack === '2K'));

/** The first film fills the profile and lies on the key that it wants; what comes over it levels. */
function groundCoat(zone: ZoneFacts, primer: Primer, i: number, options: readonly PrimerOption[], under: Ground): CoatPlan {
  const role = roleOf(primer);
  if (i > 0)
    return coatPlan(zone, primer, { role, why: role === 'surfacer' ? 'Levels scratches and isolates under the colour' : upperFirst(primer.purpose) });
  const option = options.find(({ primer: ref }) => ref === primer.ref);
  return coatPlan(zone, primer, {
    role,
    why: option?.findings.find(({ severity }) => severity === 'prefer')?.reason.replace(/\.$/, '') ?? upperFirst(primer.purpose),
    profile: zone.kept.length === 0 ? under.profile : 0,
    key: primer.key && [...primer.key.value],
  });
}

/** The topcoats of the finish, or the two colours of a design under its clear. A surfacer is sanded for the first of them. */
function colours(
  zone: ZoneFacts,
  finish: Finish,
  priming: readonly Primer[],
  catalogue: Catalogue,
): Pick<PlannedDesign, 'coats' | 'findings'> & { plan: PlannedDesign['plan'] | null } {
  const below = priming.at(-1) ?? null;
  const key: CoatPlan['key'] = below?.id === 'surfacer-2k' ? [...finish.key.value] : null;
  const { design } = zone.zone;
  const laid = design
    ? planDesign(zone, design, finish, below, catalogue)
    : { plan: null, findings: [], coats: finish.coats.map((coat) => coatPlan(zone, coat, { role: 'colour', why: finish.name })) };
  return { ...laid, coats: laid.coats.map((coat, i) => (i === 0 ? { ...coat, key } : coat)) };
}

/** min at 20 °C before new paint is handled: two days as the rows have it, a day where it may be sooner, or a week at the least. Common practice, no source. */
function handled({ handle }: Finish, school: Schools['W1']): number {
  if (school === 'one-day') return Math.min(handle.value, DAY);
  return school === 'week' ? Math.max(handle.value, 7 * DAY) : handle.value;
}
