import { byGrit } from '../abrasive/start-grit.ts';
import type { Method } from '../catalogue/methods.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { Finding } from '../model/finding.ts';
import type { MethodOption, SetUp, Supply, MethodPiece } from '../model/plan.ts';
import type { Composition } from './compose.ts';
import type { Effort } from './effort.ts';
import { riskOn } from './risk-on.ts';
import { setUpOf } from './set-ups.ts';
import { sum } from '../units/sum.ts';

/**
 * One method as it is shown and ranked: bulk method and helpers together, set-ups named, all of it as if this zone were alone.
 * Not scored yet.
 * @param after what the bare surface takes, added where methods are ranked against each other
 */
export function methodOption(
  zone: ZoneFacts,
  method: Method,
  bulk: Effort,
  composition: Composition,
  findings: Finding[],
  after: MethodOption['after'],
): MethodOption {
  const efforts = [bulk, ...composition.help.map(({ help }) => help.effort)];
  const taken = takes(zone, bulk, efforts);
  return {
    key: bulk.at === null ? method.ref : `${method.ref}@${bulk.at}`,
    method: method.ref,
    base: method.id,
    at: bulk.at,
    name: byGrit(zone, method, method.name) + placeText(bulk, zone),
    family: method.family,
    verdict: verdictOf(findings),
    findings,
    pieces: piecesOf(zone, method, bulk, composition),
    hand: taken.hand,
    wait: taken.wait,
    material: taken.material,
    outside: taken.outside,
    charge: bulk.charge,
    cost: taken.cost,
    waste: taken.waste,
    sentOut: taken.sentOut,
    supplies: taken.supplies,
    setUps: taken.setUps,
    lacks: taken.lacks,
    risk: riskOn(zone, method),
    // The dust of what is sent out is not the shop's to breathe.
    exposure: taken.sentOut ? 0 : method.exposure.value,
    pressure: bulk.pressure,
    unpriced: distinct(efforts.map((effort) => effort.unpriced)),
    reckoning: bulk.reckoning,
    ownScore: 0,
    score: 0,
    after,
    leaves: byGrit(zone, method, method.leaves),
    profile: bulk.blast?.profile ?? null,
    strip: bulk.strip,
    blast: bulk.blast,
  };
}

function verdictOf(findings: readonly Finding[]): MethodOption['verdict'] {
  const says = (severity: Finding['severity']) => findings.some((finding) => finding.severity === severity);
  return says('rule-out') ? 'ruled-out' : says('caution') ? 'conditions' : 'usable';
}

const piecesOf = (zone: ZoneFacts, method: Method, bulk: Effort, { field, help }: Composition): MethodPiece[] => [
  { place: 'field', method: method.ref, name: byGrit(zone, method, method.name), wet: method.traits.includes('wet'), area: field, hand: bulk.hand },
  ...help.map(({ place, help: { method: helper, effort, area } }) => ({
    place,
    method: helper.ref,
    name: helper.name,
    wet: helper.traits.includes('wet'),
    area,
    hand: effort.hand,
  })),
];

const isTrip = ({ id }: SetUp): boolean => id.startsWith('trip:');

/** Hands, days, money and means of all efforts and the set-ups that they need. */
function takes(zone: ZoneFacts, bulk: Effort, efforts: readonly Effort[]) {
  const setUps = distinct(efforts.map((effort) => effort.setUps)).map((id) => setUpOf(id, zone.shop));
  const supplies = mergeSupplies(efforts);
  const hand = sum(efforts, (effort) => effort.hand) + sum(setUps, (setUp) => setUp.hand);
  const minimum = Math.max(0, ...setUps.map((setUp) => setUp.minimum));
  const outside = Math.max(bulk.charge, minimum) + sum(setUps.filter(isTrip), ({ money }) => money);
  const stations = sum(setUps, (setUp) => (isTrip(setUp) ? 0 : setUp.money));
  const material = sum(supplies, ({ quantity, price }) => quantity * price) + stations;
  return {
    hand,
    wait: sum(efforts, (effort) => effort.wait) + Math.max(0, ...setUps.map((setUp) => setUp.wait)),
    material,
    outside,
    cost: material + outside + (hand / 60) * zone.shop.labourRate,
    waste: sum(efforts, (effort) => effort.waste),
    sentOut: setUps.some(isTrip),
    supplies,
    setUps,
    lacks: setUps.filter(({ id }) => id.startsWith('tool:')).map(({ name }) => name),
  };
}

function placeText({ at }: Effort, { shop }: ZoneFacts): string {
  if (at === null || at === 'blast-pot') return '';
  if (at === 'blast-cabinet') return ', in the cabinet';
  const contractor = shop.contractors.find(({ id }) => id === at);
  return contractor?.onSite ? `, on site by ${contractor.name}` : `, sent to ${contractor?.name ?? at}`;
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
