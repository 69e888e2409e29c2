import { addDays, formatISO } from 'date-fns';
import type { Catalogue } from '../catalogue/catalogue.ts';
import type { Job } from '../model/job.ts';
import type { OfferOption, OfferTerms } from '../model/offer.ts';
import type { Plan } from '../model/plan.ts';
import type { Pricing, Quote, Variant } from '../model/quote.ts';
import type { Shop } from '../model/shop.ts';
import { planJob } from '../plan-job.ts';
import { planSchedule, shownSchedule } from '../schedule/plan-schedule.ts';
import { unsettledOf, unsettledText } from '../sheet/unsettled.ts';
import { costsOf } from './costs.ts';
import { basisPoints, currencyOf, formatMoney, toMinor, withMargin, type Minor } from './money.ts';
import { withOption } from './options.ts';
import { priced, sumsOf } from './price.ts';
import { leftOf, scopeOf } from './scope.ts';

/** What is quoted: a job document with its version, on its terms, at a time (ms). */
export interface ToQuote {
  readonly job: Job;
  readonly version: number;
  readonly shop: Shop;
  readonly terms: OfferTerms;
  readonly now: number;
}

/** The quote of a job: as planned, and with each of its options. Sums are whole cents and are those of the lines. */
export function quoteOf({ job, version, shop, terms, now }: ToQuote, catalogue: Catalogue): Quote {
  const pricing = pricingOf(shop, terms);
  const plan = planJob(job, shop, catalogue);
  const optional = ({ id, name, change }: OfferOption): Variant => {
    const other = withOption(job, change, plan);
    return variantOf({ job: other, plan: planJob(other, shop, catalogue), shop, terms, now }, { option: id, name, change });
  };
  const hourPrice = withMargin(toMinor(shop.labourRate, currencyOf(shop.currency)), basisPoints(pricing.margin));
  return {
    job: job.name,
    item: job.item.description,
    version,
    pricing,
    variants: [variantOf({ job, plan, shop, terms, now }, { option: null, name: 'As planned', change: null }), ...terms.options.map(optional)],
    hourPrice,
    excluded: excludedOf(shop, terms, hourPrice, pricing),
    note: terms.note,
    validUntil: formatISO(addDays(now, shop.paperwork.validDays), { representation: 'date' }),
  };
}

export const pricingOf = ({ currency, paperwork }: Shop, { margin, discount }: Pick<OfferTerms, 'margin' | 'discount'>): Pricing => ({
  currency,
  margin: margin ?? paperwork.margin,
  discount,
  tax: { taxName: paperwork.taxName, taxRate: paperwork.taxRate, taxBy: paperwork.taxBy },
});

interface Planned extends Omit<ToQuote, 'version'> {
  readonly plan: Plan;
}

/** A plan as it is sold. */
export function variantOf({ job, plan, shop, terms, now }: Planned, { option, name, change }: Pick<Variant, 'option' | 'name' | 'change'>): Variant {
  const lines = priced(costsOf(plan, shop, terms), pricingOf(shop, terms));
  // The job as it is has the dates of every other page; its options are laid out at once.
  const layOut = option === null ? shownSchedule : planSchedule;
  const [dates] = layOut([{ id: 'job', job, operations: plan.operations }], shop, now).jobs;
  return {
    option,
    name,
    change,
    scope: scopeOf(job, plan),
    left: leftOf(plan),
    open: unsettledOf(job, plan.findings).map(unsettledText),
    lines,
    sums: sumsOf(lines, pricingOf(shop, terms)),
    hand: plan.totals.hand,
    start: dates?.start ?? null,
    end: dates?.end ?? null,
  };
}

function excludedOf({ currency, paperwork }: Shop, { excluded }: OfferTerms, hourPrice: Minor, { margin }: Pricing): string[] {
  return [
    `What the paint hides (holes, cracks, old filler, corrosion) is shown to you before anything is done about it, and priced as a numbered addition: ${formatMoney(hourPrice, currencyOf(currency))} an hour, materials at cost plus ${Math.round((100 * margin) / (100 - margin))} %.`,
    ...[excluded, paperwork.excluded].map((text) => text.trim()).filter((text) => text !== ''),
  ];
}
