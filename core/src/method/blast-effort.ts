import { planBlast, type BlastMethod } from '../blast/plan-blast.ts';
import { removedMass } from '../facts/removed-mass.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import { fitsIn } from '../geometry/fits-in.ts';
import { zoneMass } from '../geometry/part-mass.ts';
import type { BlastPlan } from '../model/blast-plan.ts';
import type { Contractor } from '../model/shop.ts';
import { NO_EFFORT, type Effort } from './effort.ts';
import { priceMissing } from './prices.ts';
import { toBuy, type SetUpId } from './set-ups.ts';

/** Every place where this zone can be blasted with this medium: the shop's pot, its cabinet, each contractor that offers it; with none of them, a pot to buy. */
export const blastEfforts = (zone: ZoneFacts, method: BlastMethod): Effort[] => placesFor(zone, method).map((reckon) => reckon());

/** The first of them. */
export const firstBlast = (zone: ZoneFacts, method: BlastMethod): Effort => placesFor(zone, method)[0]();

function placesFor(zone: ZoneFacts, method: BlastMethod): [() => Effort, ...(() => Effort)[]] {
  const { equipment, contractors, cabinet } = zone.shop;
  const carbon = zone.substrate.id === 'carbon-epoxy';
  const inPot = () => ownEffort(zone, method, 'blast-pot');
  const inCabinet = equipment.includes('blast-cabinet') && zone.part.box !== null && fitsIn(zone.part.box, cabinet);
  const away = contractors
    .filter(({ media, composites, onSite }) => media.includes(method.id) && (composites || !carbon) && (onSite || zone.part.held !== 'in-place'))
    .map((contractor) => () => contractorEffort(zone, method, contractor));
  const [first = inPot, ...others] = [
    ...(equipment.includes('blast-pot') && !carbon ? [inPot] : []),
    ...(inCabinet && !carbon ? [() => ownEffort(zone, method, 'blast-cabinet')] : []),
    ...away,
  ];
  return [first, ...others];
}

function ownEffort(zone: ZoneFacts, method: BlastMethod, at: 'blast-pot' | 'blast-cabinet'): Effort {
  const { ref, name, medium } = method;
  const blast = planBlast(zone, method, at);
  const price = zone.shop.prices[ref] ?? medium.pricePerKilogram.value;
  return {
    ...NO_EFFORT,
    at,
    hand: blast.hand,
    wait: blast.wait,
    waste: leftOf(zone, method, blast),
    pressure: blast.pressure,
    blast,
    supplies: [{ id: ref, name: `${medium.name} medium`, quantity: blast.used, unit: 'kg', price }],
    setUps: [at, ...toBuy(at, zone.shop)],
    unpriced: priceMissing(zone.shop, ref) ? [name] : [],
    reckoning: `${blast.rate.toFixed(1)} m²/h at ${blast.pressure.toFixed(1)} bar, ${nozzleText(blast)}${restText(blast)}, for this stack and access. Rates: model assumption.`,
  };
}

/** kg of spent medium and paint; dry ice is gone with the air. */
const leftOf = (zone: ZoneFacts, { id }: BlastMethod, { used }: BlastPlan): number => (id === 'blast.dry-ice' ? 0 : used) + removedMass(zone);

function nozzleText({ nozzle, gun, supply }: BlastPlan): string {
  const size = `with a ${nozzle?.replace('-', '. ') ?? ''} nozzle`;
  if (gun !== 'pot') return `${size} by suction, a third of a pot`;
  return supply === null ? `${size} and the air that it wants` : size;
}

const restText = ({ rhythm }: BlastPlan): string =>
  rhythm ? `, ${rhythm.blast.toFixed(1)} min on and ${rhythm.recover.toFixed(1)} min of recovery` : '';

function contractorEffort(
  zone: ZoneFacts,
  method: BlastMethod,
  { id, name, onSite, perSquareMetre, perKilogram, minimum, daysAway }: Contractor,
): Effort {
  const mass = zoneMass(zone.part, zone.zone, zone.substrate.density.value);
  const blast = planBlast(zone, method, id);
  const tripId: SetUpId = `trip:${id}`;
  const prices = [
    perSquareMetre === null ? null : `${perSquareMetre} a square metre`,
    perKilogram === null ? null : `${perKilogram} a kilogram (${mass.toFixed(1)} kg)`,
  ];
  const known = prices.filter((text) => text !== null);
  return {
    ...NO_EFFORT,
    at: id,
    pressure: blast.pressure,
    blast,
    // What is blasted where it stands lies there afterwards.
    waste: onSite ? leftOf(zone, method, blast) : 0,
    charge: zone.area * (perSquareMetre ?? 0) + mass * (perKilogram ?? 0),
    setUps: [tripId],
    unpriced: known.length === 0 ? [name] : [],
    reckoning: `${name}: ${known.length === 0 ? 'price not known' : known.join(' and ')}, ${minimum} at least, ${daysAway} days away; shop settings.`,
  };
}
