import { cansFor } from '../build/spray-can.ts';
import { speedFor } from '../build/mix.ts';
import { areaWithinWindow } from '../build/windows.ts';
import type { CoatPlan } from '../model/build.ts';
import { formatMinutes } from '../units/format-quantity.ts';
import { sum } from '../units/sum.ts';
import type { Entry } from './merge.ts';
import type { Pass } from './task.ts';
import type { WalkedFace } from './walked-face.ts';

/** min to mix, set up and clean the gun once for a mix; model assumption. */
const SET_UP = { gun: 30, roller: 15, aerosol: 10 } as const;

/** A step where it stands, with all that is known of its face. */
export type OnFace = Entry & { readonly face: WalkedFace };

/** What one pass of a product says: the same mix on all its zones, each with its own number of passes and its own film. */
export function coatWords(places: readonly OnFace[]): { readonly title: string; readonly detail: string; readonly hand: number } {
  const laid = places.flatMap((place) => (place.step.task.coat ? [{ ...place, coat: place.step.task.coat }] : []));
  const [{ coat }] = laid as [(typeof laid)[number]];
  const passes = new Set(laid.map((one) => one.coat.of));
  const of = Math.max(...passes);
  const title = of === 1 ? coat.plan.name : `${coat.plan.name}, coat ${coat.pass}${passes.size === 1 ? ` of ${of}` : ''}`;
  const done = laid.filter((one) => one.coat.pass === one.coat.of).map(({ chain }) => chain.work.name);
  const lasts = passes.size > 1 && done.length > 0 ? `Last coat on ${done.join(', ')}.` : '';
  const first = coat.pass === 1;
  const detail = [
    first
      ? mixText(
          laid.map((one) => one.coat),
          speedFor(laid[0]?.face.input.facts.job.place.temperature ?? 20),
        )
      : '',
    filmText(laid),
    lasts,
    first ? promoterFirst(laid) : '',
    first ? pieceText(laid) : '',
    first ? blendText(laid) : '',
  ]
    .filter((text) => text !== '')
    .join(' ');
  return { title, detail, hand: first ? SET_UP[coat.plan.apply] : 0 };
}

type Laid = OnFace & { readonly coat: Pass };

/** What is mixed at a pass: for all passes of its zones at the first of them; null later, or from a can. */
export function mixedAt(passes: readonly Pass[]): { readonly litres: number; readonly thinner: number } | null {
  const [first] = passes;
  if (first?.pass !== 1 || first.plan.apply === 'aerosol') return null;
  return { litres: sum(passes, ({ plan, share }) => plan.litres * share), thinner: sum(passes, ({ plan, share }) => plan.thinner * share) };
}

/** One mix for all zones of the pass. */
function mixText(passes: readonly Pass[], speed: ReturnType<typeof speedFor>): string {
  const [{ plan }] = passes as [Pass];
  const mix = mixedAt(passes);
  if (mix === null) return cansText(passes);
  const { litres, thinner } = mix;
  const mixed = `Mix about ${amount(litres)} L${thinner > 0.005 ? ` with ${amount(thinner)} L ${speed} thinner` : ''}`;
  const stands = plan.induction > 0 ? `, let it stand ${formatMinutes(plan.induction)}` : '';
  return `${mixed}${stands}${plan.potLife === null ? '' : `, use within ${formatMinutes(plan.potLife)}`}${plan.pack === '2K' ? `; ${speed} hardener, how much by the data sheet` : ''}${passes.length > 1 ? `; one mix for ${passes.length} zones` : ''}.`;
}

/** Cans are counted over all zones of the mix; a two-pack can is used up the day it is pierced. */
function cansText(passes: readonly Pass[]): string {
  const [{ plan }] = passes as [Pass];
  const cans = cansFor(sum(passes, ({ plan: own, share }) => own.litres * share));
  const count = `About ${cans} ${cans === 1 ? 'can' : 'cans'}, warm, shaken two minutes after the ball is free`;
  return plan.pack === '2K' ? `${count}; pierced only when every face is ready, used up within the day.` : `${count}.`;
}

const amount = (litres: number): string => (litres < 0.995 ? litres.toPrecision(2) : litres.toFixed(1));

/** Films in µm; where zones differ, each is named. */
function filmText(laid: readonly Laid[]): string {
  const film = ({ plan }: Pass): string =>
    `${plan.apply === 'aerosol' ? 'light crossing passes' : `${Math.round(plan.wetFilm)} µm wet`} for ${Math.round(plan.dryFilm)} µm dry`;
  const films = new Map<string, string[]>();
  for (const { coat, chain } of laid) films.set(film(coat), [...(films.get(film(coat)) ?? []), chain.work.name]);
  const said = [...films].map(([text, names]) => (films.size === 1 ? text : `${names.join(', ')}: ${text}`)).join('; ');
  return `${said.charAt(0).toUpperCase()}${said.slice(1)}.`;
}

/** Faces whose promoter is open come first in the pass. */
function promoterFirst(laid: readonly Laid[]): string {
  const open = laid.flatMap(({ chain, step }) => (step.task.lags?.some(({ what }) => what === 'promoter') ? [chain.work.name] : []));
  return open.length > 0 && open.length < laid.length ? `Begin with ${open.join(', ')}: the promoter closes.` : '';
}

/** A window shorter than the whole takes is kept piece by piece. */
function pieceText(laid: readonly Laid[]): string {
  const [{ coat }] = laid as [Laid];
  const area = areaWithinWindow(
    sum(laid, ({ face, coat: { share } }) => face.input.facts.area * share),
    total(laid.map((one) => one.coat)),
  );
  return area === null
    ? ''
    : `In pieces of ${area.toFixed(area < 1 ? 2 : 1)} m² at most, each finished with the coat that follows: ${coat.plan.name.toLowerCase()} closes before the whole is covered.`;
}

const total = (passes: readonly Pass[]): CoatPlan => ({ ...(passes[0] as Pass).plan, hand: sum(passes, ({ plan, share }) => plan.hand * share) });

/** Where new colour meets paint that stays. */
function blendText(laid: readonly Laid[]): string {
  const meets = laid.filter(({ face }) => face.input.facts.kept.length > 0);
  if (laid[0]?.coat.plan.role !== 'colour' || meets.length === 0) return '';
  const names = meets.map(({ chain }) => chain.work.name).join(', ');
  return meets[0]?.face.input.facts.shop.schools.X1 === 'fade'
    ? `${names}: fade out over a hand-width into the old paint, last pass thin.`
    : `${names}: mask to a panel edge or raised line, tape edge standing proud.`;
}
