import { METHODS } from '../catalogue/methods.ts';
import { BRUSHED_OVER } from '../chemical/activity.ts';
import { depthAfter } from '../chemical/softening-front.ts';
import { standingFilm } from '../chemical/working-life.ts';
import { workRates } from '../chemical/work-rates.ts';
import { BREAK_RATE } from '../chemical/strip-plan.ts';
import { handSpeed } from '../facts/access-speed.ts';
import type { PracticeAction } from '../model/practice.ts';
import { onGroup, onPlastic } from '../rules/groups.ts';
import { isBare, paintIn, type Bench } from './bench.ts';
import { filmsAhead } from './front.ts';
import { comesBack, harm, inVapour, work } from './pay.ts';
import { NotOnShelfError } from './shelf.ts';
import type { ProductTruth, Truth } from './truth.ts';

type StripAction = Extract<PracticeAction, { does: 'lay-on' | 'scrape' | 'sand-off' | 'break-top' | 'brush-over' }>;
const STRIPS: readonly PracticeAction['does'][] = ['lay-on', 'scrape', 'sand-off', 'break-top', 'brush-over'];
export const strips = (action: PracticeAction): action is StripAction => STRIPS.includes(action.does);

/** Pace left where water stands under the film; model assumption. */
const WET_UNDER = 0.7;
/** Hands on a crust that has dried, and with a steel blade, against a plastic one on soft paint; model assumption. */
const CRUST = 2;
const STEEL = 0.8;
/** min to go over it once more with the brush, against laying on; model assumption. */
const BRUSH = 0.5;
const REFERENCE_FILM = 100;
const PH_OF = { caustic: 12.5, acid: 2.5, neutral: 7 } as const;

export function strip(bench: Bench, truth: Truth, action: StripAction): Bench {
  switch (action.does) {
    case 'lay-on':
      return layOn(bench, truth, action.product, action.covered);
    case 'brush-over':
      return brushOver(bench, truth);
    case 'scrape':
      return scrape(bench, truth, action.blade);
    case 'break-top':
      return breakTop(bench, truth);
    case 'sand-off':
      return sandOff(bench, truth, action.wet);
  }
}

/** min/m² to lay film over it and tape it down; model assumption. */
const COVER = 2;

function rowOf({ products }: Pick<Truth, 'products'>, product: string): ProductTruth {
  const row = products.get(product);
  if (!row) throw new NotOnShelfError(product);
  return row;
}

/** min of hands to lay a product on, with a cover. */
export const layMinutes = (truth: Truth, product: string, covered: boolean): number =>
  truth.facts.area * (workRates(truth.facts, rowOf(truth, product).stripper).layOn + (covered ? COVER : 0));

/** min of hands to scrape it off while it is soft. */
export const scrapeMinutes = (truth: Truth, product: string, blade: 'plastic' | 'steel'): number =>
  truth.facts.area * workRates(truth.facts, rowOf(truth, product).stripper).scrape * (blade === 'steel' ? STEEL : 1);

/** A new film takes the place of what still lies there. */
function layOn(bench: Bench, truth: Truth, product: string, covered: boolean): Bench {
  const { stripper, forbidden, money } = rowOf(truth, product);
  const minutes = layMinutes(truth, product, covered);
  const laid = work(inVapour(bench, truth, minutes), truth, 'laying', minutes, money);
  const harmed = forbidden === null ? laid : comesBack(laid, 'forbidden-product');
  return {
    ...harmed,
    ...TOUCHED,
    residue: 1,
    ph: stripper.reaction === 'neutral' ? harmed.ph : PH_OF[stripper.reaction],
    lay: {
      product,
      standing: standingFilm(stripper.form, stripper.wetFilm.value, truth.facts.zone.orientation === 'up'),
      covered,
      pace: truth.strength * (bench.wet ? WET_UNDER : 1),
      dryness: 0,
      effective: 0,
    },
  };
}

const TOUCHED = { wet: false, wiped: false, key: null, aged: 0 } as const;

function brushOver(bench: Bench, truth: Truth): Bench {
  const { lay } = bench;
  if (!lay) return bench;
  const minutes = layMinutes(truth, lay.product, false) * BRUSH;
  const brushed = work(inVapour(bench, truth, minutes), truth, 'laying', minutes);
  return brushed.lay
    ? { ...brushed, lay: { ...brushed.lay, pace: brushed.lay.pace * (rowOf(truth, lay.product).stripper.skinForming ? BRUSHED_OVER : 1) } }
    : brushed;
}

/** What is softened comes off, with what lies on it; the film is gone. */
function scrape(bench: Bench, truth: Truth, blade: 'plastic' | 'steel'): Bench {
  const { lay } = bench;
  if (!lay) return bench;
  const softened = depthAfter(filmsAhead(truth, lay.product, bench), lay.effective);
  const depth = Math.min(paintIn(truth), bench.depth + softened);
  const minutes = scrapeMinutes(truth, lay.product, blade) * (lay.dryness >= 1 ? CRUST : 1);
  const scraped = work(inVapour({ ...bench, lay: null, depth }, truth, minutes), truth, 'scraping', minutes);
  const cuts = blade === 'steel' && isSoft(truth) && isBare(scraped, truth);
  return cuts ? { ...comesBack(scraped, 'gouged'), gouged: true } : scraped;
}

/** What a steel blade cuts into. */
export const isSoft = ({ facts }: Pick<Truth, 'facts'>): boolean => onPlastic(facts) || onGroup(facts, 'light', 'composite', 'wood', 'zinc');

/** P80 on a closed face, wet: dust of old paint stays down. */
function breakTop(bench: Bench, truth: Truth): Bench {
  if (bench.lay) return bench;
  const broken = work(bench, truth, 'breaking', (60 * truth.facts.area) / BREAK_RATE);
  return { ...broken, topOpen: true, wet: true, wiped: false };
}

/** What is left is sanded off: by hand, wet or dry: there is no machine at this bench. Dry, dust of leaded paint flies. */
function sandOff(bench: Bench, truth: Truth, wet: boolean): Bench {
  if (bench.lay) return bench;
  const minutes = sandMinutes(bench, truth, wet);
  const sanded = work(bench, truth, 'sanding', minutes);
  const dusted = !wet && truth.lead ? harm(sanded, truth, 'lead-dust', minutes) : sanded;
  return { ...dusted, depth: paintIn(truth), dusty: true, wiped: false, wet: wet || bench.wet, key: SANDED, aged: 0 };
}

/** P grade that sanding off ends with. */
const SANDED = 80;

/** min of hands to sand off all below a depth. */
export function sandMinutes({ depth }: Pick<Bench, 'depth'>, { films, facts }: Pick<Truth, 'films' | 'facts'>, wet: boolean): number {
  const method = METHODS[wet ? 'mech.hand-wet' : 'mech.hand-dry'];
  if (method?.family !== 'mech') throw new RangeError('no sanding in the catalogue');
  let face = 0;
  let left = 0;
  for (const { thickness, coating } of films) {
    left += Math.max(0, Math.min(thickness, face + thickness - depth)) / coating.abrasion.value;
    face += thickness;
  }
  return (60 * facts.area * (left / REFERENCE_FILM)) / (method.rate.value * handSpeed(facts.zone));
}
