import { SPRAY_CAN } from '../build/spray-can.ts';
import { coatByRef, type Catalogue } from '../catalogue/catalogue.ts';
import { MASKS, type MaskId } from '../catalogue/masks.ts';
import type { Operation } from '../model/operation.ts';
import type { UseRecord } from '../model/pace.ts';
import { inPieces } from '../units/counted.ts';
import { ownUse } from '../record/own-use.ts';
import type { KitLine, SetUp } from '../model/plan.ts';
import { WORN } from '../safety/protection.ts';
import type { PlannedZone } from './planned-zone.ts';
import { maskingNeeds } from './masking-needs.ts';
import { sandingSupplies } from './sanding-supplies.ts';
import { sharedSetUps } from './shared-set-ups.ts';

interface Need {
  readonly id: string;
  readonly name: string;
  readonly group: KitLine['group'];
  readonly unit: string;
  readonly price: number;
  readonly packs: readonly number[];
  quantity: number;
}

/** kg */
const FILLER_TINS = [0.5, 1, 2];
/** Spare share bought on top of what the models ask for; model assumption. */
const SPARE = 1.1;

/** What has to be on the bench before the start: products in packs, consumables in pieces, masking and protection. */
export function kitList(
  zones: readonly PlannedZone[],
  operations: readonly Operation[],
  catalogue: Catalogue,
  uses: readonly UseRecord[],
): KitLine[] {
  const needs = new Map<string, Need>();
  const need = (line: Need) => {
    const known = needs.get(line.id);
    if (known) known.quantity += line.quantity;
    else needs.set(line.id, line);
  };
  for (const zone of zones) needsOf(zone, catalogue).forEach(need);
  for (const { product } of operations) if (product) need(treatmentNeed(product));
  for (const { mask, quantity } of maskingNeeds(zones)) need(maskNeed(mask, quantity));
  for (const setUp of sharedSetUps(zones.map(({ plan }) => plan))) if (setUp.id.startsWith('tool:')) need(toolNeed(setUp));
  const worn = operations.flatMap(({ protection }) => protection.filter(({ guard }) => WORN.includes(guard)));
  return [
    ...[...needs.values()].map((need) => toLine(need, uses)),
    ...[...new Map(worn.map((one) => [one.says, one])).values()].map(({ says, lacks }): KitLine => ({
      id: `wear ${says}`,
      name: says,
      group: 'protection',
      need: null,
      unit: '',
      buy: lacks ? 'the shop has none' : 'one set a person',
      price: null,
      bought: null,
      own: null,
    })),
  ];
}

const toolNeed = ({ id, name, money }: SetUp): Need => ({
  id,
  name: `${name}, share of its price`,
  group: 'consumable',
  unit: 'piece',
  price: money,
  packs: [1],
  quantity: 1,
});

function needsOf(zone: PlannedZone, catalogue: Catalogue): Need[] {
  const { plan } = zone;
  if (plan.area === 0 || !plan.chosen) return [];
  const supplies = plan.chosen.supplies.map((s): Need => ({
    ...s,
    group: s.unit === 'L' ? 'product' : 'consumable',
    packs: packsOf(s.id, catalogue),
  }));
  const sanding = sandingSupplies(plan, zone.facts.shop.experience.uses).map((s): Need => ({
    ...s,
    group: s.unit === 'kg' ? 'product' : 'consumable',
    packs: s.unit === 'kg' ? FILLER_TINS : [1],
  }));
  const coats = (plan.build?.coats ?? []).flatMap((coat): Need[] => [
    {
      id: coat.name === coatByRef(coat.product, catalogue)?.name ? coat.product : `${coat.product} ${coat.name}`,
      name: coat.name,
      group: 'product',
      unit: 'L',
      price: coat.pricePerLitre,
      packs: coat.cans === null ? packsOf(coat.product, catalogue) : [SPRAY_CAN.litres],
      quantity: coat.litres,
    },
    ...(coat.thinner > 0
      ? [
          {
            id: `thinner ${coat.product}`,
            name: `Thinner for ${coat.name.toLowerCase()}`,
            group: 'product' as const,
            unit: 'L',
            price: 8,
            packs: [0.5, 1, 5],
            quantity: coat.thinner,
          },
        ]
      : []),
  ]);
  return [...supplies, ...sanding, ...coats];
}

const treatmentNeed = ({ id, name, litres, pricePerLitre }: NonNullable<Operation['product']>): Need => ({
  id,
  name,
  group: 'product',
  unit: 'L',
  price: pricePerLitre,
  packs: [1, 5],
  quantity: litres,
});

const maskNeed = (id: MaskId, quantity: number): Need => ({ id, group: 'masking', ...MASKS[id], quantity });

function packsOf(ref: string, catalogue: Catalogue): readonly number[] {
  const method = catalogue.methods[ref];
  if (method?.family === 'chem') return method.stripper.packs;
  if (method?.family === 'blast') return method.medium.packs;
  return coatByRef(ref, catalogue)?.packs ?? [1];
}

function toLine({ id, name, group, unit, price, packs, quantity }: Need, uses: readonly UseRecord[]): KitLine {
  const pack = choosePacks(quantity * (unit === 'L' ? SPARE : 1), packs);
  return {
    id,
    name,
    group,
    unit,
    need: quantity,
    buy: buyText(pack, unit),
    price: quantity * price,
    bought: pack.count * pack.size * price,
    own: group === 'consumable' ? ownUse(uses, 'kit', name) : null,
  };
}

/** Packs of a product to buy for so many litres, a spare share included. */
export const packsToBuy = (need: number, packs: readonly number[]): { size: number; count: number } => choosePacks(need * SPARE, packs);

/** Packs that cover the need with the least left over, then the fewest. */
export function choosePacks(quantity: number, packs: readonly number[]): { size: number; count: number } {
  const offers = packs.map((size) => ({ size, count: Math.max(1, Math.ceil(quantity / size - 1e-9)) }));
  return offers.reduce((best, offer) => (offer.size * offer.count + 0.1 * offer.count < best.size * best.count + 0.1 * best.count ? offer : best));
}

function buyText({ size, count }: ReturnType<typeof choosePacks>, unit: string): string {
  return unit === 'L' || unit === 'kg' || unit === 'm' ? `${count} × ${size} ${unit}` : inPieces(count * size, unit);
}
