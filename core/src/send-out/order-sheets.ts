import type { Catalogue } from '../catalogue/catalogue.ts';
import { withOwnRows } from '../catalogue/own-rows.ts';
import { partMass, piecesOf } from '../geometry/part-mass.ts';
import { effectiveSubstrate, gatherFacts } from '../facts/zone-facts.ts';
import type { Feature, Job, Part } from '../model/job.ts';
import type { OrderPart, OrderSheet } from '../model/order-sheet.ts';
import type { Plan, ZonePlan } from '../model/plan.ts';
import type { Contractor, Shop } from '../model/shop.ts';
import { WEEKDAYS } from '../model/weekdays.ts';
import { nearestSegment, resultText } from '../sheet/blast-text.ts';
import { countNames } from '../sheet/count-names.ts';
import { sum } from '../units/sum.ts';
import { KEEP_OFF, PLUG, TERMS } from './order-terms.ts';

/** Rz µm; a shallower profile is not held against a comparator, whose first segment is 25. */
const LEAST_COMPARED = 15;

/** One sheet for each contractor that something of this job goes to, from its plan; contractors that get nothing have none. */
export function orderSheets(job: Job, shop: Shop, plan: Plan, catalogue: Catalogue): OrderSheet[] {
  const rows = withOwnRows(catalogue, shop.ownRows);
  const leaded = leadedZones(job, shop, rows);
  return shop.contractors.flatMap((contractor) => {
    const zones = plan.zones.filter(({ chosen, area }) => chosen?.sentOut === true && chosen.at === contractor.id && area > 0);
    return zones.length === 0 ? [] : [sheetOf({ job, shop, catalogue: rows, leaded }, contractor, zones)];
  });
}

/** Ids of zones whose paint is treated as leaded. @param catalogue with the shop's own rows */
export const leadedZones = (job: Job, shop: Shop, catalogue: Catalogue): ReadonlySet<string> =>
  new Set(gatherFacts(job, shop, catalogue).flatMap(({ zone, treatAsLead }) => (treatAsLead ? zone.id : [])));

interface Order {
  readonly job: Job;
  readonly shop: Shop;
  readonly catalogue: Catalogue;
  /** zones whose paint is treated as leaded */
  readonly leaded: ReadonlySet<string>;
}

function sheetOf({ job, shop, catalogue, leaded }: Order, contractor: Contractor, zones: readonly ZonePlan[]): OrderSheet {
  const order = job.orders.find(({ contractor: id }) => id === contractor.id);
  const readyAt = order?.readyAt ?? null;
  const parts = job.parts
    .filter(({ id }) => zones.some(({ part }) => part === id))
    .map((part, i) =>
      orderPart(
        part,
        zones.filter((zone) => zone.part === part.id),
        { ticket: ticketOf(i), readyAt, catalogue, leaded },
      ),
    );
  const byHour = parts.flatMap(({ primeBy }) => primeBy ?? []).sort();
  return {
    contractor: contractor.id,
    to: contractor.name,
    from: shop.name,
    job: job.name,
    item: job.item.description,
    parts,
    pieces: sum(parts, ({ pieces }) => pieces),
    area: sum(zones, ({ area }) => area),
    mass: sum(parts, ({ mass }) => mass),
    charge: Math.max(
      contractor.minimum,
      sum(zones, ({ chosen }) => chosen?.charge ?? 0),
    ),
    transport: contractor.transport,
    priced: contractor.perSquareMetre !== null || contractor.perKilogram !== null,
    daysAway: contractor.daysAway,
    takesIn: contractor.pickUpDays.map((day) => WEEKDAYS[day]),
    readyAt,
    primeBy: byHour[0] ?? null,
    terms: [...TERMS],
    note: order?.note ?? '',
    missing: [...(readyAt === null ? ['when it is picked up'] : []), ...parts.flatMap(missingOf)],
  };
}

/** A, B, … Z, AA. */
export const ticketOf = (i: number): string => (i < 26 ? '' : String.fromCharCode(64 + Math.floor(i / 26))) + String.fromCharCode(65 + (i % 26));

interface Terms {
  readonly ticket: string;
  readonly readyAt: string | null;
  readonly catalogue: Catalogue;
  readonly leaded: ReadonlySet<string>;
}

/** What anybody who gets a part has to know of it. */
export type AboutPart = Pick<OrderPart, 'ticket' | 'name' | 'pieces' | 'material' | 'alloy' | 'thickness' | 'mass' | 'massFrom' | 'size' | 'onIt'>;

/** @param zones of it that are sent @param leaded ids of zones whose paint is treated as leaded */
export function aboutPart(part: Part, zones: readonly ZonePlan[], { ticket, catalogue, leaded }: Omit<Terms, 'readyAt'>): AboutPart {
  const { mass, from } = partMass(part);
  return {
    ticket,
    name: part.name,
    pieces: piecesOf(part),
    material: catalogue.substrates[effectiveSubstrate(part)].name,
    alloy: part.alloy.trim(),
    thickness: part.thickness,
    mass,
    massFrom: from,
    size: part.box && [part.box.length, part.box.width, part.box.height],
    onIt: coatingsOn(part, zones, catalogue, leaded),
  };
}

function orderPart(part: Part, zones: readonly ZonePlan[], { ticket, readyAt, catalogue, leaded }: Terms): OrderPart {
  const clocks = zones.flatMap(({ bare }) => bare.primeWithin ?? []);
  const primeWithin = clocks.length === 0 ? null : Math.min(...clocks);
  return {
    ...aboutPart(part, zones, { ticket, catalogue, leaded }),
    lines: zones.flatMap((zone) => lineOf(zone, staysOn(part, zone, catalogue), catalogue) ?? []),
    keepOff: named(part.features, KEEP_OFF),
    plug: named(part.features, PLUG),
    photos: part.photos,
    primeWithin,
    primeBy: readyAt === null || primeWithin === null ? null : new Date(Date.parse(readyAt) + primeWithin * 60_000).toISOString(),
    primeReason: zones.find(({ bare }) => bare.primeWithin === primeWithin)?.bare.primeReason ?? '',
  };
}

/** The layer at which the blast stops, where one is to stay. */
function staysOn(part: Part, { zone }: ZonePlan, catalogue: Catalogue): string | undefined {
  const own = part.zones.find(({ id }) => id === zone);
  const { target } = own ?? {};
  const layer = target?.kind === 'down-to' ? own?.stack.find(({ id }) => id === target.layer) : undefined;
  return layer && (layer.name || catalogue.coatings[layer.coating].name);
}

function lineOf({ zoneName, area, chosen }: ZonePlan, stays: string | undefined, catalogue: Catalogue): OrderPart['lines'][number] | null {
  const method = chosen && catalogue.methods[chosen.method];
  if (!chosen?.blast || method?.family !== 'blast') return null;
  const { pressure, distance, angle, profile, limit } = chosen.blast;
  return {
    zone: zoneName,
    area,
    medium: method.medium.name,
    wet: method.medium.wet,
    pressure,
    distance,
    angle,
    edgesFirst: limit.pressure !== null,
    result: resultText(chosen.blast, stays),
    segment: profile < LEAST_COMPARED ? null : nearestSegment(profile),
    why: limit.reason,
  };
}

/** Names of the layers, and what the blaster must know of them. */
function coatingsOn(part: Part, zones: readonly ZonePlan[], catalogue: Catalogue, leaded: ReadonlySet<string>): string {
  const sent = part.zones.filter(({ id }) => zones.some(({ zone }) => zone === id));
  const layers = sent.flatMap(({ stack }) => stack.map(({ coating }) => catalogue.coatings[coating]));
  const names = countNames([...new Set(layers.map(({ name }) => name))]);
  const warnings = [
    ...(sent.some(({ id }) => leaded.has(id)) ? ['LEAD SUSPECTED: wet, contained, waste kept apart'] : []),
    ...(layers.some(({ biocide }) => biocide) ? ['ANTIFOULING, biocide: contained, waste kept apart'] : []),
    ...(sent.some(({ condition }) => condition.rustGrade !== 'none') ? ['rust'] : []),
  ];
  return [names, ...warnings].filter((text) => text !== '').join('; ');
}

export const named = (features: readonly Feature[], words: Partial<Record<Feature, string>>): string[] =>
  features.flatMap((feature) => words[feature] ?? []);

/** What of a part should be known before it is sent, in one line; none when nothing is missing. */
function missingOf({ name, photos, size, massFrom, alloy, material }: OrderPart): string[] {
  const missing = [
    ...(photos.length === 0 ? ['a photo'] : []),
    ...(size === null ? ['its size'] : []),
    ...(massFrom === 'geometry' ? ['its weight on a scale'] : []),
    ...(alloy === '' && /alumin|magnes/i.test(material) ? ['its alloy'] : []),
  ];
  return missing.length === 0 ? [] : [`${name}: ${missing.join(', ')}`];
}
