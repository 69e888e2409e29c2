import type { Catalogue } from '../catalogue/catalogue.ts';
import type { Method } from '../catalogue/methods.ts';
import { abrasiveFlow, blastPressure, blastRate } from '../blast/production.ts';
import { planStrip, type StripOutcome } from '../chemical/strip-plan.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { Zone } from '../model/job.ts';
import type { MethodOption, Supply } from '../model/plan.ts';
import { METHOD_RULES } from '../rules/method-rules.ts';
import { judge } from '../rules/rule.ts';
import { scoreOption } from './score.ts';
import { stackFactor } from './stack-factor.ts';

/** Share of the open-face speed of a hand tool by access; model assumption. */
const ACCESS_SPEED: Readonly<Record<Zone['access'], number>> = { flat: 1, edge: 0.6, tube: 0.5, inside: 0.4, crevice: 0.3 };
/** min to pack, carry and check a part that is sent out; model assumption. */
const SEND_OUT_HAND = 30;
/** g/cm³ of dry film; model assumption. */
const FILM_DENSITY = 1.4;

/** What a method takes, before rules and ranking. */
type Effort = Pick<MethodOption, 'hand' | 'wait' | 'outside' | 'waste' | 'sentOut' | 'pressure' | 'supplies' | 'reckoning' | 'strip'>;

/** Every method of the catalogue for one zone: what it takes, what the rules say, ranked by the shop's weights, refused ones last. */
export function weighMethods(zone: ZoneFacts, catalogue: Catalogue): MethodOption[] {
  const options = Object.values(catalogue.methods).map((method) => weigh(zone, method));
  options.sort((a, b) => Number(a.verdict === 'ruled-out') - Number(b.verdict === 'ruled-out') || a.score - b.score);
  const best = options[0];
  return best && best.verdict !== 'ruled-out' ? [{ ...best, verdict: 'preferred' }, ...options.slice(1)] : options;
}

function weigh(zone: ZoneFacts, method: Method): MethodOption {
  const outcome = method.family === 'chem' ? planStrip(zone, method.stripper) : null;
  const findings = judge(METHOD_RULES, { zone, method, strip: outcome }, zone.path);
  const effort = effortOf(zone, method, outcome);
  const material = effort.supplies.reduce((sum, { quantity, price }) => sum + quantity * price, 0);
  const wages = (effort.hand / 60) * zone.shop.labourRate;
  const ruledOut = findings.some(({ severity }) => severity === 'rule-out');
  const conditions = findings.some(({ severity }) => severity === 'caution');
  const option = {
    method: method.id,
    name: method.name,
    family: method.family,
    findings,
    ...effort,
    material,
    cost: material + wages + effort.outside,
    risk: method.risk.value,
    exposure: method.exposure.value,
    verdict: ruledOut ? ('ruled-out' as const) : conditions ? ('conditions' as const) : ('usable' as const),
  };
  return { ...option, score: scoreOption(option, zone) };
}

function effortOf(zone: ZoneFacts, method: Method, outcome: StripOutcome | null): Effort {
  switch (method.family) {
    case 'chem':
      return chemicalEffort(zone, method, outcome);
    case 'blast':
      return blastEffort(zone, method);
    case 'heat':
      return byHand(zone, method.rate.value, 1);
    case 'keep':
      return { ...byHand(zone, method.rate.value, 1), supplies: [consumed(zone, method, 1)] };
    case 'mech':
      return mechanicalEffort(zone, method);
  }
}

const NOTHING: Effort = { hand: 0, wait: 0, outside: 0, waste: 0, sentOut: false, pressure: null, supplies: [], reckoning: '', strip: null };

/** Hours of a hand tool: rate for 100 µm of enamel, this stack against it, this access against an open face. */
function byHand(zone: ZoneFacts, rate: number, factor: number): Effort {
  const access = ACCESS_SPEED[zone.zone.access];
  return {
    ...NOTHING,
    hand: (60 * zone.area) / (rate * factor * access),
    reckoning: `${rate} m²/h on 100 µm of enamel, × ${factor.toFixed(2)} for this stack, × ${access} for the access. Rates: model assumption.`,
  };
}

function chemicalEffort(zone: ZoneFacts, { stripper }: Extract<Method, { family: 'chem' }>, outcome: StripOutcome | null): Effort {
  const plan = outcome?.plan ?? null;
  if (!plan) return NOTHING;
  const price = zone.shop.prices[stripper.id] ?? stripper.pricePerLitre.value;
  const supply = { id: stripper.id, name: stripper.name, quantity: plan.litres, unit: 'L', price };
  const rounds = plan.rounds.length;
  return {
    ...NOTHING,
    hand: plan.hand,
    wait: plan.wait,
    waste: plan.waste,
    supplies: [supply],
    strip: plan,
    reckoning: `${rounds} ${rounds === 1 ? 'round' : 'rounds'} of laying on, scraping and rinsing over ${zone.area.toFixed(2)} m²; dwell from the softening front at ${plan.pace.toFixed(2)} times the speed of 20 °C. Rates: model assumption.`,
  };
}

function mechanicalEffort(zone: ZoneFacts, method: Extract<Method, { family: 'mech' }>): Effort {
  const factor = stackFactor(zone, method.traits.includes('removes-rust'));
  return {
    ...byHand(zone, method.rate.value, factor),
    waste: removedMass(zone),
    supplies: method.consumable ? [consumed(zone, method, factor)] : [],
  };
}

function consumed(zone: ZoneFacts, method: Extract<Method, { family: 'mech' | 'keep' }>, factor: number): Supply {
  const { name, unit, life, price } = method.consumable as NonNullable<typeof method.consumable>;
  return { id: method.id, name, unit, quantity: Math.ceil(zone.area / (life.value * factor)), price: zone.shop.prices[method.id] ?? price.value };
}

function blastEffort(zone: ZoneFacts, method: Extract<Method, { family: 'blast' }>): Effort {
  const { medium } = method;
  const pressure = blastPressure(zone, medium);
  const hours = zone.area / (blastRate(medium, pressure, stackFactor(zone, medium.hard)) * ACCESS_SPEED[zone.zone.access]);
  const used = (hours * abrasiveFlow(medium, pressure)) / medium.uses.value;
  const waste = used + removedMass(zone);
  if (zone.shop.equipment.includes('blast-pot')) {
    const price = zone.shop.prices[medium.id] ?? medium.pricePerKilogram.value;
    const reckoning = `${blastRate(medium, pressure, 1).toFixed(1)} m²/h at ${pressure.toFixed(1)} bar with a no. 6 nozzle, adjusted to stack and access. Rates: model assumption.`;
    return {
      ...NOTHING,
      hand: 60 * hours,
      waste,
      pressure,
      reckoning,
      supplies: [{ id: medium.id, name: `${medium.name} medium`, quantity: used, unit: 'kg', price }],
    };
  }
  const { minimum, perSquareMetre, daysAway } = zone.shop.contractor;
  return {
    ...NOTHING,
    hand: SEND_OUT_HAND,
    wait: daysAway * 1440,
    outside: Math.max(minimum, zone.area * perSquareMetre),
    waste: 0,
    sentOut: true,
    pressure,
    reckoning: `Contractor: ${perSquareMetre} a square metre, ${minimum} at least, ${daysAway} days away; shop settings. The shop owns no blast pot.`,
  };
}

const removedMass = (zone: ZoneFacts): number => (zone.area * zone.off.reduce((sum, { layer }) => sum + layer.thickness, 0) * FILM_DENSITY) / 1000;
