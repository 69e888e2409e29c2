import * as z from 'zod';
import { nameOf } from './plain-text.ts';
import { AirPlant } from './air-plant.ts';
import { SquareMetres } from '../units/quantities.ts';
import { ForecastHour, MOST_HOURS } from './forecast.ts';
import { DaysOff, DaySpans, USUAL_HOURS, Weekday, WeekHours } from './calendar.ts';
import { CleanerId, GritId, MethodId } from './ids.ts';
import { MethodKey, OwnRow } from './own-row.ts';
import { OwnTemplate } from './own-template.ts';
import { Cartridge, Person, WornStock } from './person.ts';
import { Paperwork, USUAL_PAPERWORK } from './paperwork.ts';
import { PaceSetAside, UseSetAside } from './pace.ts';
import { Schools } from './schools.ts';
import { BoxSize } from './shape.ts';
import { Experience, NO_EXPERIENCE } from './test-patch.ts';

export const SHOP_FORMAT = 'lift-bare.shop/1';

export const Equipment = z.enum([
  'da',
  'grinder',
  'drill',
  'needle-scaler',
  'blast-pot',
  'blast-cabinet',
  'caustic-tub',
  'hot-air-gun',
  'spray-gun',
  'supplied-air',
]);
export type Equipment = z.infer<typeof Equipment>;

const money = z.number().gte(0).lte(100_000);
const minutes = z.number().gte(0).lte(10_000);

/** A firm that blasts for the shop. Prices may be unknown; then it is planned without cost, and the plan says so. */
export const Contractor = z.strictObject({
  id: z.string().regex(/^[a-z0-9-]{1,40}$/, 'small letters, digits and hyphens only'),
  name: nameOf(80),
  media: z.array(MethodId).max(20).describe('blast media offered'),
  composites: z.boolean().default(false).describe('trained for carbon and laminate'),
  onSite: z.boolean().default(false).describe('comes to where the item stands, with screens and collection'),
  minimum: money.describe('least charge of a delivery'),
  perSquareMetre: money.nullable(),
  perKilogram: money.nullable().describe('of the part, instead of or on top of the area'),
  transport: money.describe('fetching and bringing, once a delivery'),
  daysAway: z.number().gte(0).lte(60),
  pickUpDays: z.array(Weekday).max(7).describe('days on which it takes work in; empty: every day'),
});
export type Contractor = z.infer<typeof Contractor>;

/** Costs that a job pays once however many zones share them. */
export const SetUps = z.strictObject({
  tripHand: minutes.describe('min to pack, carry and check a delivery'),
  chemicalHand: minutes.describe('min to set up water, sheets, drums and masking for stripper'),
  blastHand: minutes.describe('min to rig and clear the blast pot'),
  cabinetHand: minutes.describe('min to ready and clear the blast cabinet'),
  tubHand: minutes.describe('min to fill, heat and empty the caustic tub'),
  tubFill: money.describe('chemicals of one filling'),
  writeOff: z.int().gte(1).lte(500).describe('jobs over which a tool is paid off'),
});
export type SetUps = z.infer<typeof SetUps>;

/** What the booth takes at a time; null: nothing is known to limit it. */
export const Booth = z.strictObject({
  floor: SquareMetres.nullable(),
  hooks: z.int('needs a whole number').gte(1, 'must be 1 or more').lte(500, 'must be 500 at most').nullable(),
});
export type Booth = z.infer<typeof Booth>;
export const ROOMY_BOOTH: Booth = { floor: null, hooks: null };

export const SprayGun = z.enum(['hvlp', 'conventional', 'airless']);
export type SprayGun = z.infer<typeof SprayGun>;

const wait = z.number({ error: 'needs a number' }).gt(0, 'must be more than 0').lte(100_000, 'must be 100 000 min at most').nullable().default(null);

/** Waits that the shop keeps whatever a label says less, min at 20 °C; null: it has none of its own. */
export const Waits = z.strictObject({
  tape: wait.describe('until tape lies on a colour'),
  sand: wait.describe('until a primer or surfacer is sanded'),
  assemble: wait.describe('until parts are fitted'),
  load: wait.describe('until weight is put on'),
});
export type Waits = z.infer<typeof Waits>;
export const NO_WAITS: Waits = { tape: null, sand: null, assemble: null, load: null };

/** An angle grinder as its plate says. */
export const Grinder = z.strictObject({
  diameter: z.number({ error: 'needs a number' }).gte(50, 'must be 50 mm or more').lte(300, 'must be 300 mm at most').describe('mm of the disc'),
  speed: z
    .number({ error: 'needs a number' })
    .gte(500, 'must be 500 a minute or more')
    .lte(40_000, 'must be 40 000 a minute at most')
    .describe('turns a minute'),
});
export type Grinder = z.infer<typeof Grinder>;
export const USUAL_GRINDER: Grinder = { diameter: 115, speed: 11_000 };
export const USUAL_PAPERS: readonly GritId[] = [
  'P40',
  'P60',
  'P80',
  'P120',
  'P180',
  'P240',
  'P320',
  'P400',
  'P500',
  'P600',
  'P800',
  'P1000',
  'P2000',
];

export const USUAL_CLEANERS: readonly CleanerId[] = ['wax-and-grease', 'final-wash', 'antistatic', 'alcohol', 'detergent'];

/** The shop profile: rates, prices, kit, law and schools that hold for all jobs. Money in the shop's currency. */
export const Shop = z
  .strictObject({
    format: z.literal(SHOP_FORMAT),
    name: nameOf(80),
    units: z.enum(['metric', 'us']),
    currency: z.string().trim().min(1).max(4),
    labourRate: money.describe('per hour'),
    weights: z.strictObject({
      waitingDay: money.describe('what a day of waiting is worth to avoid'),
      risk: money.describe('what one step of damage risk on a square metre is worth to avoid'),
      exposure: money.describe('what one step of dust or fume class on a square metre is worth to avoid'),
    }),
    schools: Schools,
    methyleneChloride: z.boolean().describe('shop declares lawful use and supplied air'),
    leadSuspectBefore: z.int().gte(1900).lte(2100).describe('machine, marine and structural paint older than this is treated as leaded'),
    equipment: z.array(Equipment).max(20),
    cabinet: BoxSize.describe('inside of the blast cabinet'),
    tub: BoxSize.describe('inside of the caustic tub'),
    air: AirPlant.nullable().default(null).describe('compressor, hose and nozzles; null: not entered'),
    papers: z
      .array(GritId)
      .min(1, 'needs a grit')
      .max(28)
      .default([...USUAL_PAPERS])
      .describe('grits of paper and discs in stock'),
    cleaners: z
      .array(CleanerId)
      .max(9)
      .default([...USUAL_CLEANERS])
      .describe('cleaners in stock, the first that a step takes is used'),
    grinder: Grinder.default(USUAL_GRINDER),
    booth: Booth.default(ROOMY_BOOTH).describe('floor and hooks of the spray booth'),
    gun: SprayGun.default('hvlp').describe('how the spray gun atomises: what misses the part depends on it'),
    scale: z
      .number({ error: 'needs a number' })
      .gte(0.001, 'must be 0.001 g or more')
      .lte(100, 'must be 100 g at most')
      .default(1)
      .describe('step of the paint scale, g'),
    people: z.array(Person).max(40).default([]).describe('who works here; empty: not entered, and nobody is held against a task'),
    cartridges: z.array(Cartridge).max(200).default([]).describe('in use, with their hours'),
    stock: WornStock.prefault({}).describe('of what is worn out, unopened'),
    hours: WeekHours.default(USUAL_HOURS).describe('hours of work of the week'),
    closed: z.array(DaysOff).max(100, 'at most 100 spans').default([]).describe('days on which nobody works'),
    quiet: DaySpans.default([]).describe('hours of each day in which nothing loud is done'),
    forecast: z.array(ForecastHour).max(MOST_HOURS, `at most ${MOST_HOURS} hours`).default([]).describe('of the air outdoors, hour by hour'),
    contractors: z.array(Contractor).max(20),
    setUps: SetUps,
    waits: Waits.default(NO_WAITS),
    paperwork: Paperwork.default(USUAL_PAPERWORK),
    prices: z.partialRecord(z.string().max(60), money).describe('own price per litre or piece, by catalogue id'),
    avoid: z.array(MethodKey).max(60).describe('methods this shop does not use'),
    templates: z.array(OwnTemplate).max(60, 'at most 60 kept parts').default([]).describe('parts that the shop does over and over'),
    ownRows: z.array(OwnRow).max(200).describe("the shop's own products and methods"),
    useSetAside: UseSetAside.default({}).describe('what is planned at the use of the catalogue, whatever the record says'),
    paceSetAside: PaceSetAside.default({}).describe('kinds of steps that are planned at the pace of the catalogue, whatever the record says'),
    experience: Experience.default(NO_EXPERIENCE).describe(
      'dwells seen so far; filled in from patches and bench when a job is planned, not kept in the profile',
    ),
  })
  .superRefine(({ ownRows, contractors, people, cartridges, templates }, context) => {
    const twice = (list: 'ownRows' | 'contractors' | 'people' | 'cartridges' | 'templates', ids: readonly string[]) =>
      ids.forEach((id, i) => {
        if (ids.indexOf(id) < i) context.addIssue({ code: 'custom', path: [list, i, 'id'], message: `id "${id}" is used twice` });
      });
    twice(
      'ownRows',
      ownRows.map(({ id }) => id),
    );
    twice(
      'templates',
      templates.map(({ id }) => id),
    );
    twice(
      'people',
      people.map(({ id }) => id),
    );
    twice(
      'cartridges',
      cartridges.map(({ id }) => id),
    );
    twice(
      'contractors',
      contractors.map(({ id }) => id),
    );
  });
export type Shop = z.infer<typeof Shop>;
