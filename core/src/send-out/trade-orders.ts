import { FIND_NAMES } from '../bare/repairs.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';
import { withOwnRows } from '../catalogue/own-rows.ts';
import { gatherFacts, type ZoneFacts } from '../facts/zone-facts.ts';
import type { Job, Part } from '../model/job.ts';
import type { OperationKind } from '../model/operation.ts';
import type { Plan, ZonePlan } from '../model/plan.ts';
import type { Shop } from '../model/shop.ts';
import { lowerFirst } from '../units/casing.ts';
import { aboutPart, leadedZones, named, ticketOf, type AboutPart } from './order-sheets.ts';
import { KEEP_OFF, PLUG } from './order-terms.ts';

/** Who does for a shop what it does not do, or may not. */
export type Trade = 'powder-coater' | 'plater' | 'welder' | 'inspector';

/** What is asked for one place of a part. */
export interface Asked {
  readonly zone: string;
  readonly title: string;
  readonly detail: string;
}

export interface TradePart extends AboutPart {
  readonly asked: readonly Asked[];
  /** what is covered, plugged or kept away from */
  readonly keepOff: readonly string[];
  readonly warnings: readonly string[];
}

/** What goes to one of them, as it is sent. */
export interface TradeOrder {
  readonly trade: Trade;
  readonly to: string;
  readonly from: string;
  readonly job: string;
  readonly item: string;
  readonly parts: readonly TradePart[];
  /** what comes back in writing */
  readonly back: readonly string[];
}

/** What is asked, by zone, and where it is read off. */
type AskedByZone = ReadonlyMap<string, readonly Asked[]>;
interface Needs {
  readonly job: Job;
  readonly plan: Plan;
  readonly zones: readonly ZoneFacts[];
}

/** Whom an order goes to, what is asked, and what comes back with the parts; common practice, no source. */
const TRADES: Readonly<Record<Trade, Pick<TradeOrder, 'to' | 'back'> & { readonly asks: (needs: Needs) => AskedByZone }>> = {
  'powder-coater': {
    to: 'Powder coater',
    asks: ({ plan }) => askedBy(plan, 'send-to-powder'),
    back: [
      'Temperature of the metal in the oven and for how long',
      'Film thickness by spots, with its gauge',
      'Powder by name and batch',
      'Count and condition',
    ],
  },
  plater: {
    to: 'Plater',
    asks: ({ zones }) => platedOff(zones),
    back: [
      'What was taken off, in which bath',
      'On high-strength and spring steel: baked against hydrogen, temperature and hours',
      'Rinsed to neutral, dry and oiled or wrapped',
      'Count and condition',
    ],
  },
  welder: {
    to: 'Welder',
    asks: ({ plan }) => askedBy(plan, 'weld'),
    back: ['Name, qualification and date', 'Process and filler metal', 'What was found beside what is written here'],
  },
  inspector: {
    to: 'Licensed or qualified person',
    asks: ({ job, plan }) => unreleased(job, plan),
    back: ['Release in writing: name, licence and date', 'What was found or done', 'What must be looked at again, and when'],
  },
};

/** Orders to all of them that a plan asks for. @param plan of the job */
export function tradeOrders(job: Job, shop: Shop, plan: Plan, catalogue: Catalogue): TradeOrder[] {
  const rows = withOwnRows(catalogue, shop.ownRows);
  const leaded = leadedZones(job, shop, rows);
  const zones = gatherFacts(job, shop, rows);
  return (Object.keys(TRADES) as Trade[]).flatMap((trade): TradeOrder[] => {
    const { to, back, asks } = TRADES[trade];
    const asked = asks({ job, plan, zones });
    const parts = job.parts.flatMap((part, i): TradePart[] => {
      const own = plan.zones.filter((zone) => zone.part === part.id && asked.has(zone.zone));
      if (own.length === 0) return [];
      return [
        {
          ...aboutPart(part, own, { ticket: ticketOf(i), catalogue: rows, leaded }),
          asked: own.flatMap(({ zone }) => asked.get(zone) ?? []),
          keepOff: [...named(part.features, KEEP_OFF), ...named(part.features, PLUG)],
          warnings: warningsOf(part),
        },
      ];
    });
    return parts.length === 0 ? [] : [{ trade, to, from: shop.name, job: job.name, item: job.item.description, parts, back: [...back] }];
  });
}

/** Plating and conversion layers that come off: no tool of the shop takes them. */
const platedOff = (zones: readonly ZoneFacts[]): AskedByZone =>
  new Map(
    zones.flatMap(({ zone, off, substrate }) => {
      const asked = off.flatMap(({ coating, layer }): Asked[] =>
        coating.notPaint
          ? [
              {
                zone: zone.name,
                title: `Take off: ${coating.name}, ${Math.round(layer.thickness)} µm`,
                detail: `Down to ${lowerFirst(substrate.name)}, which stays whole.`,
              },
            ]
          : [],
      );
      return asked.length === 0 ? [] : [[zone.id, asked] as const];
    }),
  );

/** What the steps of a kind ask for, at each zone that they are done to. */
function askedBy({ operations, zones }: Plan, kind: OperationKind): AskedByZone {
  const names = new Map(zones.map(({ zone, zoneName }) => [zone, zoneName]));
  const asked = new Map<string, Asked[]>();
  for (const operation of operations)
    if (operation.kind === kind)
      for (const { zone } of operation.faces)
        asked.set(zone, [...(asked.get(zone) ?? []), { zone: names.get(zone) ?? '', title: operation.title, detail: operation.detail }]);
  return asked;
}

/** Finds that nobody in the shop may decide on, and that are not released yet. */
function unreleased(job: Job, { zones }: Plan): AskedByZone {
  const finds = new Map(job.parts.flatMap(({ zones: own }) => own.flatMap((zone) => zone.finds.map((find) => [find.id, find] as const))));
  const openIn = ({ zoneName, repairs }: ZonePlan): Asked[] =>
    repairs.flatMap(({ find: id, stop }) => {
      const find = finds.get(id);
      if (stop === null || !find || find.released !== null) return [];
      return [{ zone: zoneName, title: `${FIND_NAMES[find.kind]}${find.where === '' ? '' : `, ${find.where}`}`, detail: stop }];
    });
  return new Map(zones.flatMap((zone) => (openIn(zone).length === 0 ? [] : [[zone.zone, openIn(zone)] as const])));
}

/** What hurts whoever does not know it. Common practice, no source. */
function warningsOf({ contents, features, substrate }: Part): string[] {
  return [
    ...(contents === 'fuel' || contents === 'gas' || contents === 'chemicals'
      ? [`Has held ${contents}: no flame, arc or oven before it is purged and certified free of it.`]
      : []),
    ...(features.includes('sealed-hollow') ? ['A closed hollow: it is vented before it is heated.'] : []),
    ...(substrate === 'magnesium' ? ['Magnesium: chips and dust burn, no water on a fire.'] : []),
    ...(substrate === 'high-strength-steel'
      ? ['High-strength steel: acid and current bring hydrogen into it; baked at once afterwards, by the standard that the part goes by.']
      : []),
    ...(substrate === 'galvanised' ? ['Galvanised: zinc fume, fresh air and a mask for it.'] : []),
  ];
}
