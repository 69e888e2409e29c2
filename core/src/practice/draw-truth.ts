import type { Stripper } from '../catalogue/strippers.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { softeningTime, withOwnRows } from '../catalogue/own-rows.ts';
import { rootOf } from '../chemical/belief.ts';
import { normalSource } from '../chemical/draw-normals.ts';
import { dwellSetting } from '../chemical/dwell-setting.ts';
import { learn } from '../chemical/learn.ts';
import { litresPerRound } from '../chemical/strip-plan.ts';
import { TEMPERATURE_SIGMA, THICKNESS_SIGMA } from '../chemical/uncertainty.ts';
import { wantedKey } from '../abrasive/wanted-key.ts';
import { gatherFacts, type ZoneFacts } from '../facts/zone-facts.ts';
import type { Job, Layer, Zone } from '../model/job.ts';
import type { MethodOption, ZonePlan } from '../model/plan.ts';
import type { Trap } from '../model/practice.ts';
import type { Shop } from '../model/shop.ts';
import { planJob } from '../plan-job.ts';
import { um } from '../units/quantities.ts';
import { drawTraps, HIDDEN } from './hidden.ts';
import type { PracticeCase } from './practice-case.ts';
import { stripperOf } from './shelf.ts';
import type { PrimerTruth, ProductTruth, TrueFilm, Truth } from './truth.ts';

/** Why a plan refuses a stripper though it would do the part no harm: it is slow, or nobody has measured the tub. */
const HARMLESS: readonly string[] = ['chem-no-bite', 'bath-unmeasured'];
/** Share of the working life of a cartridge that is usually left, and what a tired one has, min; model assumption. */
const CARTRIDGE = { usual: 240, tired: 12 } as const;
/** Spread of a pot that was mixed with care, in ln(share of hardener); model assumption. */
const CAREFUL = 0.02;
/** Spread of the swing of the air over a shift, K; model assumption. */
const SWING_SIGMA = 1;
/** Spread of what a tired cartridge still holds, in ln(min); model assumption. */
const TIRED_SIGMA = 0.3;
/** L/m² of primer where the plan has none; model assumption. */
const LITRES = 0.2;
/** Salt that lies on a clean part, mg/m²; model assumption. */
const CLEAN_SALT = 8;

/**
 * The hidden truth of a case: layers, pairs of coating and product, and the air are drawn from what the planner believes of them; on top come at
 * most as many traps as the level says. What the rules forbid on the true face is taken from the plan of the true job.
 * The same case, shop, seed and level give the same truth.
 */
export function drawTruth(practiceCase: PracticeCase, shop: Shop, seed: number, level: number): Truth {
  const drawn = drawFace(practiceCase, shop, seed, level);
  const { facts, times } = drawn;
  const [zone] = planJob(facts.job, shop, CATALOGUE).zones;
  if (!zone) throw new RangeError('a practice case needs a zone');
  const ground = zone.build?.coats[0];
  return {
    ...drawn,
    products: new Map([...times].map(([ref, each]) => [ref, productTruth(ref, facts, zone, each)])),
    primers: primersOf(zone, facts),
    key: wantedKey(facts, zone.build)?.range ?? null,
    keeps: zone.bare.primeBy === 'time' ? zone.bare.primeWithin : null,
    coldest: ground?.coldest ?? -Infinity,
    dampest: ground?.dampest ?? 100,
  };
}

/** What is drawn, before the rules are asked. */
export interface DrawnFace extends Omit<Truth, 'products' | 'primers' | 'key' | 'keeps' | 'coldest' | 'dampest'> {
  /** softening time of each film against the table by product, from the top; null where it does not work */
  readonly times: ReadonlyMap<string, ProductTruth['times']>;
}

export function drawFace({ job, hides, shelf }: PracticeCase, shop: Shop, seed: number, level: number): DrawnFace {
  const normal = normalSource(seed);
  const traps = drawTraps(hides, level, normal);
  const has = (trap: Trap): boolean => traps.includes(trap);
  const told = toldFacts(job, shop);
  const strength = has('weak-product') ? HIDDEN.weakProduct(normal()) : 1;
  const start = told.job.place.temperature + TEMPERATURE_SIGMA * normal();
  const swing = SWING_SIGMA * normal() + (has('cooling-room') ? HIDDEN.cooling(normal()) : 0);
  const films = drawFilms(told, has('other-layer') ? HIDDEN.otherLayer(told, normal()) : null, normal);
  const facts = toldFacts(trueJob(job, films, traps), shop);
  return {
    facts,
    films,
    times: new Map(shelf.map((ref) => [ref, drawTimes(facts, stripperOf(ref, facts), normal)])),
    strength,
    air: { start, swing, humidity: has('damp-room') ? HIDDEN.damp(normal()) : told.job.place.humidity },
    lead: has('old-lead'),
    salt: has('salt') ? HIDDEN.salt(normal()) : CLEAN_SALT,
    find: has('find') ? HIDDEN.find(normal()) : null,
    cartridge: has('tired-cartridge') ? CARTRIDGE.tired * Math.exp(TIRED_SIGMA * normal()) : CARTRIDGE.usual,
    hardener: Math.exp(has('wrong-mix') ? HIDDEN.wrongMix(normal()) : CAREFUL * normal()),
    traps,
  };
}

/** Facts of the one zone of a case. */
export function toldFacts(job: Job, shop: Shop): ZoneFacts {
  const [facts] = gatherFacts(job, shop, withOwnRows(CATALOGUE, shop.ownRows));
  if (!facts) throw new RangeError('a practice case needs a zone');
  return facts;
}

type Normal = () => number;

function drawFilms({ off }: ZoneFacts, extra: Omit<TrueFilm, 'told'> | null, normal: Normal): TrueFilm[] {
  const told = off.map(({ coating, layer }) => ({
    coating,
    thickness: layer.thickness * Math.exp(THICKNESS_SIGMA * normal()),
    state: layer.state,
    told: true,
  }));
  return extra ? [...told, { ...extra, told: false }] : told;
}

/** The job with what is really there: layers, metal, lead and salt, as somebody would enter it who knew. */
function trueJob(job: Job, films: readonly TrueFilm[], traps: readonly Trap[]): Job {
  const [part] = job.parts;
  const [zone] = part?.zones ?? [];
  if (!part || !zone) throw new RangeError('a practice case needs a zone');
  const stack = films.map(({ coating, thickness, state }, i) => ({
    id: `film${i}`,
    coating: coating.id,
    thickness: um(thickness),
    state,
    origin: 'unknown' as const,
    name: '',
    colour: '',
  }));
  const condition: Zone['condition'] = {
    ...zone.condition,
    lead: traps.includes('old-lead') ? 'present' : 'lab-clear',
    chromate: 'lab-clear',
    contamination: [...new Set([...zone.condition.contamination, ...(traps.includes('salt') ? (['salt'] as const) : [])])],
  };
  const substrate = traps.includes('other-metal') ? 'aluminium-sheet' : part.substrate;
  return { ...job, parts: [{ ...part, substrate, zones: [{ ...zone, stack: [...keptOf(zone), ...stack.toReversed()], condition, choice: null }] }] };
}

/** From the substrate up to the layer that stays on top. */
function keptOf({ stack, target }: Zone): Layer[] {
  return target.kind === 'down-to' ? stack.slice(0, stack.findIndex(({ id }) => id === target.layer) + 1) : [];
}

/** As in the forecast: pairs of coating and product together as they are believed. */
function drawTimes(facts: ZoneFacts, stripper: Stripper, normal: Normal): (number | null)[] {
  const coatings = facts.off.map(({ coating }) => coating.id);
  const { belief } = learn(facts, stripper, coatings);
  const root = rootOf(belief);
  const n = belief.coatings.length;
  const z = belief.coatings.map(() => normal());
  const factors = belief.mean.map((mean, row) =>
    Math.exp(z.slice(0, row + 1).reduce((sum, value, k) => sum + (root[row * n + k] as number) * value, mean)),
  );
  return facts.off.map(({ coating }) =>
    softeningTime(stripper, coating) === null ? null : (factors[belief.coatings.indexOf(coating.id)] as number),
  );
}

function productTruth(ref: string, facts: ZoneFacts, { options }: ZonePlan, times: ProductTruth['times']): ProductTruth {
  const stripper = stripperOf(ref, facts);
  const litres = litresPerRound(facts, dwellSetting(facts, stripper));
  return {
    stripper,
    times,
    money: litres * (facts.shop.prices[stripper.ref] ?? stripper.pricePerLitre.value),
    forbidden: forbiddenBy(options.find(({ method }) => method === ref)),
  };
}

const forbiddenBy = (option: MethodOption | undefined): string | null =>
  option?.findings.find(({ severity, code }) => severity === 'rule-out' && !HARMLESS.includes(code))?.title ?? null;

function primersOf({ build }: ZonePlan, { area, shop }: ZoneFacts): Map<string, PrimerTruth> {
  const litres = build?.coats[0]?.litres ?? area * LITRES;
  return new Map(
    (build?.primers ?? []).map(({ primer, name, findings }) => {
      const row = CATALOGUE.primers[primer];
      const price = shop.prices[primer] ?? row?.pricePerLitre.value ?? 0;
      return [primer, { name, money: price * litres, fails: findings.find(({ severity }) => severity === 'rule-out')?.title ?? null }];
    }),
  );
}
