import { TOOLS } from '../catalogue/tools.ts';
import type { SetUp } from '../model/plan.ts';
import type { Equipment, Shop } from '../model/shop.ts';

/** A station of the shop, a delivery to a contractor, or a tool to buy. */
export type SetUpId = 'chemical' | 'blast-pot' | 'blast-cabinet' | 'caustic-tub' | `trip:${string}` | `tool:${Equipment}`;

const NOTHING = { hand: 0, wait: 0, money: 0, minimum: 0 } as const;
const WEEK = 7;
const DAY = 1440;

const known = new WeakMap<Shop, Map<SetUpId, SetUp>>();

/** What a set-up costs the job once, from the shop's own figures; the same object for the same shop. */
export function setUpOf(id: SetUpId, shop: Shop): SetUp {
  const ofShop = known.get(shop) ?? new Map<SetUpId, SetUp>();
  known.set(shop, ofShop);
  const setUp = ofShop.get(id) ?? reckon(id, shop);
  ofShop.set(id, setUp);
  return setUp;
}

function reckon(id: SetUpId, shop: Shop): SetUp {
  const { setUps } = shop;
  switch (id) {
    case 'chemical':
      return { ...NOTHING, id, name: 'Stripper station and masking', hand: setUps.chemicalHand };
    case 'blast-pot':
      return { ...NOTHING, id, name: 'Blast pot, rigged and cleared', hand: setUps.blastHand };
    case 'blast-cabinet':
      return { ...NOTHING, id, name: 'Blast cabinet, readied and cleared', hand: setUps.cabinetHand };
    case 'caustic-tub':
      return { ...NOTHING, id, name: 'Caustic tub, filled, heated and emptied', hand: setUps.tubHand, money: setUps.tubFill };
    default:
      return id.startsWith('trip:') ? trip(id, shop) : tool(id, shop);
  }
}

function trip(id: SetUpId, { contractors, setUps }: Shop): SetUp {
  const contractor = contractors.find((offer) => `trip:${offer.id}` === id);
  if (!contractor) throw new RangeError(`no contractor for ${id}`);
  const { name, transport, minimum, daysAway, pickUpDays, onSite } = contractor;
  const wait = (daysAway + untilPickUp(pickUpDays.length)) * DAY;
  return { id, name: onSite ? `${name} comes to blast` : `Delivery to ${name}`, hand: setUps.tripHand, wait, money: transport, minimum };
}

/** Mean days until the next of n evenly spread days of the week on which work is taken in; any day: none. Model assumption. */
export const untilPickUp = (days: number): number => (days === 0 ? 0 : (WEEK / days - 1) / 2);

/** A tool that has to be bought is paid off over several jobs. */
function tool(id: SetUpId, shop: Shop): SetUp {
  const row = TOOLS[id.slice('tool:'.length) as Equipment];
  return { ...NOTHING, id, name: `Buy: ${row.name.toLowerCase()}`, money: (shop.prices[id] ?? row.price.value) / shop.setUps.writeOff };
}

/** Tools that a method needs and the shop does not own. */
export const toBuy = (needs: Equipment | null, shop: Shop): SetUpId[] => (needs === null || shop.equipment.includes(needs) ? [] : [`tool:${needs}`]);
