import { bareChain } from '../bare/bare-chain.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';
import type { Method } from '../catalogue/methods.ts';
import { planStrip } from '../chemical/strip-plan.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { Finding } from '../model/finding.ts';
import type { MethodOption, Supply } from '../model/plan.ts';
import { onGroup } from '../rules/groups.ts';
import { rulesFor } from '../rules/method-rules.ts';
import { judge } from '../rules/rule.ts';
import { m2 } from '../units/quantities.ts';
import { compose, type Composition, type FindHelp } from './compose.ts';
import type { Effort } from './effort.ts';
import { helpersOf } from './helpers.ts';
import { methodEfforts } from './method-efforts.ts';
import { scoreOption, type Unscored } from './score.ts';
import { setUpOf } from './set-ups.ts';

/** Every method of the catalogue for one zone: what it takes, what the rules say, ranked by the shop's weights, refused ones last. */
export function weighMethods(zone: ZoneFacts, catalogue: Catalogue): MethodOption[] {
  const findHelp = helpersOf(zone, catalogue);
  const unscored = Object.values(catalogue.methods).flatMap((method) => weigh(zone, method, findHelp));
  const withMoney = unscored.every(({ verdict, unpriced }) => verdict === 'ruled-out' || unpriced.length === 0);
  const options = unscored.map((option): MethodOption => Object.assign(option, scoreOption(option, zone, withMoney)));
  options.sort((a, b) => Number(a.verdict === 'ruled-out') - Number(b.verdict === 'ruled-out') || a.score - b.score);
  const best = options[0];
  return best && best.verdict !== 'ruled-out' ? [{ ...best, verdict: 'preferred' }, ...options.slice(1)] : options;
}

/** One option, or for a blast one for each place where it can be done; a refused one stands once. */
function weigh(zone: ZoneFacts, method: Method, findHelp: FindHelp): Unscored[] {
  const strip = method.family === 'chem' ? planStrip(zone, method.stripper) : null;
  const findings = judge(rulesFor(method), { zone, method, strip }, zone.path);
  if (findings.some(({ severity }) => severity === 'rule-out')) {
    const [effort] = methodEfforts(zone, method, strip);
    return effort ? [toOption(zone, method, effort, { field: zone.area, help: [] }, findings)] : [];
  }
  const composition = compose(zone, method, findHelp);
  const share = zone.area > 0 ? composition.field / zone.area : 1;
  const whole = share === 1 ? zone : { ...zone, area: m2(composition.field) };
  const outcome = share === 1 || method.family !== 'chem' ? strip : planStrip(whole, method.stripper);
  return methodEfforts(whole, method, outcome).map((effort) => toOption(zone, method, effort, composition, findings));
}

function toOption(zone: ZoneFacts, method: Method, bulk: Effort, { field, help }: Composition, findings: Finding[]): Unscored {
  const efforts = [bulk, ...help.map((piece) => piece.help.effort)];
  const setUps = distinct(efforts.map((effort) => effort.setUps)).map((id) => setUpOf(id, zone.shop));
  const supplies = mergeSupplies(efforts);
  const material = sum(supplies, ({ quantity, price }) => quantity * price);
  const hand = sum(efforts, (effort) => effort.hand) + sum(setUps, (setUp) => setUp.hand);
  const charged = setUps.find(({ minimum }) => minimum > 0)?.minimum ?? 0;
  const outside = Math.max(bulk.charge, charged) + sum(setUps, ({ id, money }) => (id.startsWith('trip:') ? money : 0));
  const stations = sum(setUps, ({ id, money }) => (id.startsWith('trip:') ? 0 : money));
  const sentOut = setUps.some(({ id }) => id.startsWith('trip:'));
  const refused = findings.some(({ severity }) => severity === 'rule-out');
  const careful = findings.some(({ severity }) => severity === 'caution');
  return {
    key: bulk.at === null ? method.ref : `${method.ref}@${bulk.at}`,
    method: method.ref,
    base: method.id,
    at: bulk.at,
    name: method.name + placeText(bulk, zone),
    family: method.family,
    verdict: refused ? 'ruled-out' : careful ? 'conditions' : 'usable',
    findings,
    pieces: [
      { place: 'field', method: method.ref, name: method.name, area: field, hand: bulk.hand },
      ...help.map(({ place, help: { method: helper, effort, area } }) => ({
        place,
        method: helper.ref,
        name: helper.name,
        area,
        hand: effort.hand,
      })),
    ],
    hand,
    wait: sum(efforts, (effort) => effort.wait) + Math.max(0, ...setUps.map((setUp) => setUp.wait)),
    material: material + stations,
    outside,
    charge: bulk.charge,
    cost: material + stations + outside + (hand / 60) * zone.shop.labourRate,
    waste: sum(efforts, (effort) => effort.waste),
    risk: riskOn(zone, method),
    // The dust of what is sent out is not the shop's to breathe.
    exposure: sentOut ? 0 : method.exposure.value,
    sentOut,
    pressure: bulk.pressure,
    supplies,
    setUps,
    unpriced: distinct(efforts.map((effort) => effort.unpriced)),
    reckoning: bulk.reckoning,
    after: refused ? NOTHING_AFTER : afterwards(zone, method),
    leaves: method.leaves,
    profile: method.family === 'blast' ? method.medium.profile.value : null,
    lacks: setUps.filter(({ id }) => id.startsWith('tool:')).map(({ name }) => name),
    strip: bulk.strip,
  };
}

/** mm of iron or steel from which tools that harm sheet do less harm; model assumption. */
const SECTION = 2;

/** Grade of harm to this part: a heavy iron or steel section stands discs, needles and grit one grade better than the row says. */
function riskOn(zone: ZoneFacts, { risk, traits }: Method): number {
  const rough = traits.includes('disc') || traits.includes('hard-medium') || traits.includes('steel-tool');
  const heavy = onGroup(zone, 'ferrous') && zone.part.thickness >= SECTION;
  return rough && heavy ? Math.max(0, risk.value - 1) : risk.value;
}

const NOTHING_AFTER = { hand: 0, wait: 0, money: 0 } as const;

/** Washing, derusting, keying: what one way leaves for the next stage is part of its price. */
function afterwards(zone: ZoneFacts, method: Method): MethodOption['after'] {
  const { steps } = bareChain(zone, method);
  return {
    hand: sum(steps, (step) => step.hand),
    wait: sum(steps, (step) => step.wait),
    money: sum(steps, ({ product }) => (product ? product.litres * product.pricePerLitre : 0)),
  };
}

function placeText({ at }: Effort, { shop }: ZoneFacts): string {
  if (at === null || at === 'blast-pot') return '';
  if (at === 'blast-cabinet') return ', in the cabinet';
  return `, sent to ${shop.contractors.find(({ id }) => id === at)?.name ?? at}`;
}

/** The members of several lists, once each. */
const distinct = <T>(lists: readonly (readonly T[])[]): T[] => (lists.length === 1 ? [...(lists[0] ?? [])] : [...new Set(lists.flat())]);

function mergeSupplies(efforts: readonly Effort[]): Supply[] {
  if (efforts.length === 1) return [...(efforts[0]?.supplies ?? [])];
  const merged = new Map<string, Supply>();
  for (const supply of efforts.flatMap((effort) => effort.supplies)) {
    const known = merged.get(supply.id);
    merged.set(supply.id, known ? { ...known, quantity: known.quantity + supply.quantity } : supply);
  }
  return [...merged.values()];
}

const sum = <T>(items: readonly T[], value: (item: T) => number): number => items.reduce((total, item) => total + value(item), 0);
