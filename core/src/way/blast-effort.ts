import type { Method } from '../catalogue/methods.ts';
import { abrasiveFlow, blastPressure, blastRate } from '../blast/production.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import { fitsIn } from '../geometry/fits-in.ts';
import type { Contractor } from '../model/shop.ts';
import { NO_EFFORT, type Effort } from './effort.ts';
import { priceMissing } from './prices.ts';
import { removedMass } from './removed-mass.ts';
import { toBuy, type SetUpId } from './set-ups.ts';
import { stackFactor } from './stack-factor.ts';
import { ACCESS_SPEED } from './tool-effort.ts';

type Blast = Extract<Method, { family: 'blast' }>;

/** A cabinet gun sucks its medium: about a third of a pressure pot; common practice, no source. */
const CABINET_SPEED = 1 / 3;

/** Every place where this zone can be blasted with this medium: the shop's pot, its cabinet, each contractor that offers it; with none of them, a pot to buy. */
export function blastEfforts(zone: ZoneFacts, method: Blast): Effort[] {
  const { equipment, contractors, cabinet } = zone.shop;
  const carbon = zone.substrate.id === 'carbon-epoxy';
  const away = contractors
    .filter(({ media, composites }) => media.includes(method.id) && (composites || !carbon))
    .map((contractor) => contractorEffort(zone, method, contractor));
  const inCabinet = equipment.includes('blast-cabinet') && zone.part.box !== null && fitsIn(zone.part.box, cabinet);
  const own = [
    ...(equipment.includes('blast-pot') && !carbon ? [ownEffort(zone, method, 'blast-pot')] : []),
    ...(inCabinet && !carbon ? [ownEffort(zone, method, 'blast-cabinet')] : []),
  ];
  const all = [...own, ...away];
  return all.length > 0 ? all : [ownEffort(zone, method, 'blast-pot')];
}

function ownEffort(zone: ZoneFacts, { ref, name, medium }: Blast, at: 'blast-pot' | 'blast-cabinet'): Effort {
  const pressure = blastPressure(zone, medium);
  const cabinet = at === 'blast-cabinet' ? CABINET_SPEED : 1;
  const rate = blastRate(medium, pressure, stackFactor(zone, medium.hard)) * ACCESS_SPEED[zone.zone.access] * cabinet;
  const hours = zone.area / rate;
  const used = (hours * cabinet * abrasiveFlow(medium, pressure)) / medium.uses.value;
  const price = zone.shop.prices[ref] ?? medium.pricePerKilogram.value;
  return {
    ...NO_EFFORT,
    at,
    hand: 60 * hours,
    waste: used + removedMass(zone),
    pressure,
    supplies: [{ id: ref, name: `${medium.name} medium`, quantity: used, unit: 'kg', price }],
    setUps: [at, ...toBuy(at, zone.shop)],
    unpriced: priceMissing(zone.shop, ref) ? [name] : [],
    reckoning: `${rate.toFixed(1)} m²/h at ${pressure.toFixed(1)} bar ${at === 'blast-pot' ? 'with a no. 6 nozzle' : 'in the cabinet, a third of a pot'}, for this stack and access. Rates: model assumption.`,
  };
}

function contractorEffort(zone: ZoneFacts, { medium }: Blast, { id, name, perSquareMetre, perKilogram, minimum, daysAway }: Contractor): Effort {
  const mass = zone.area * zone.part.thickness * zone.substrate.density.value;
  const tripId: SetUpId = `trip:${id}`;
  const prices = [
    perSquareMetre === null ? null : `${perSquareMetre} a square metre`,
    perKilogram === null ? null : `${perKilogram} a kilogram (${mass.toFixed(1)} kg)`,
  ];
  const known = prices.filter((text) => text !== null);
  return {
    ...NO_EFFORT,
    at: id,
    pressure: blastPressure(zone, medium),
    charge: zone.area * (perSquareMetre ?? 0) + mass * (perKilogram ?? 0),
    setUps: [tripId],
    unpriced: known.length === 0 ? [name] : [],
    reckoning: `${name}: ${known.length === 0 ? 'price not known' : known.join(' and ')}, ${minimum} at least, ${daysAway} days away; shop settings.`,
  };
}
