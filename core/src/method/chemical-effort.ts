import type { Method } from '../catalogue/methods.ts';
import type { StripOutcome } from '../chemical/strip-plan.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import { NO_EFFORT, type Effort } from './effort.ts';
import { priceMissing } from './prices.ts';
import { toBuy } from './set-ups.ts';

/** Hands, dwell and litres of a stripper, from its strip plan; nothing where it has no plan. */
export function chemicalEffort(zone: ZoneFacts, { ref, needs, stripper }: Extract<Method, { family: 'chem' }>, outcome: StripOutcome | null): Effort {
  const plan = outcome?.plan ?? null;
  if (!plan) return NO_EFFORT;
  const bath = stripper.form === 'bath';
  const price = zone.shop.prices[ref] ?? stripper.pricePerLitre.value;
  const rounds = plan.rounds.length;
  const dwell = `dwell from the softening front at ${plan.pace.toFixed(2)} times the speed of 20 °C`;
  return {
    ...NO_EFFORT,
    hand: plan.hand,
    wait: plan.wait,
    waste: plan.waste,
    supplies: bath ? [] : [{ id: ref, name: stripper.name, quantity: plan.litres, unit: 'L', price }],
    setUps: [bath ? 'caustic-tub' : 'chemical', ...toBuy(needs, zone.shop)],
    unpriced: priceMissing(zone.shop, ref) ? [stripper.name] : [],
    strip: plan,
    reckoning: `${rounds} ${rounds === 1 ? 'round' : 'rounds'} of ${bath ? 'dipping' : 'laying on, scraping and rinsing'} over ${zone.area.toFixed(2)} m²; ${dwell}. Rates: model assumption.`,
  };
}
