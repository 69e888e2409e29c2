import { timeThrough, filmsBetween } from '../chemical/softening-front.ts';
import { temperatureFactor } from '../chemical/activity.ts';
import { WORKED_WHEN_DRY } from '../chemical/activity-track.ts';
import { workingLife, standingFilm } from '../chemical/working-life.ts';
import { STANDING_BY, perMinute } from './advance.ts';
import { paintIn } from './bench.ts';
import { WARM } from './do-guard.ts';
import { isSoft, layMinutes, sandMinutes, scrapeMinutes } from './do-strip.ts';
import { filmsAhead } from './front.ts';
import { roomAt } from './room.ts';
import type { ProductTruth, Truth } from './truth.ts';

/** One move on the way down: open the top, dry it, a round to a depth, µm from the first face, or sanding off what is left. */
export type Move =
  | { readonly does: 'break' }
  | { readonly does: 'dry' }
  | { readonly does: 'round'; readonly product: string; readonly covered: boolean; readonly target: number }
  | { readonly does: 'sand'; readonly wet: boolean };

/** Places in the stack where a scrape is tried. */
const PLACES = 20;

interface Step {
  readonly from: number;
  readonly cost: number;
  readonly move: Move | null;
}

/**
 * Cheapest ways down with the top opened and not, in the air of the start: a shortest path over places through the stack whose edges are rounds of any
 * product of the shelf, covered or not, and sanding off the rest. The one that never sands stands beside the cheapest, and the one that only sands.
 */
export function routes(truth: Truth, warm: number): Move[][] {
  const opened: readonly (readonly Move[])[] = truth.facts.closedTop ? [[], [{ does: 'break' }], [{ does: 'break' }, { does: 'dry' }]] : [[]];
  return opened.flatMap((first) =>
    [true, false].flatMap((sands) => {
      const way = cheapest(truth, warm, first.length > 0 || !truth.facts.closedTop, sands);
      return way ? [[...first, ...way]] : [];
    }),
  );
}

function cheapest(truth: Truth, warm: number, topOpen: boolean, sands: boolean): Move[] | null {
  const places = placesIn(truth);
  const best: Step[] = places.map((_, i) => ({ from: -1, cost: i === 0 ? 0 : Infinity, move: null }));
  const last = places.length - 1;
  const offer = (from: number, to: number, cost: number, move: Move): void => {
    if (cost < (best[to] as Step).cost) best[to] = { from, cost, move };
  };
  for (let i = 0; i < last; i++) {
    const here = (best[i] as Step).cost;
    if (here === Infinity) continue;
    if (sands)
      for (const wet of truth.lead ? [true] : [true, false]) offer(i, last, here + sandMoney(truth, places[i] as number, wet), { does: 'sand', wet });
    for (const [product, row] of truth.products)
      if (row.forbidden === null)
        for (const covered of [false, true])
          for (const { to, cost } of roundsFrom(truth, warm, { product, row, covered }, places, i, topOpen))
            offer(i, to, here + cost, { does: 'round', product, covered, target: places[to] as number });
  }
  if ((best[last] as Step).cost === Infinity) return null;
  const moves: Move[] = [];
  for (let i = last; i > 0; i = (best[i] as Step).from) moves.unshift((best[i] as Step).move as Move);
  return moves;
}

const sandMoney = (truth: Truth, depth: number, wet: boolean): number => sandMinutes({ depth }, truth, wet) * perMinute(truth);

interface Use {
  readonly product: string;
  readonly row: ProductTruth;
  readonly covered: boolean;
}

/** What one round costs from a place to each that it can reach before it dries. */
function roundsFrom(truth: Truth, warm: number, { product, row, covered }: Use, places: readonly number[], i: number, topOpen: boolean) {
  const { temperature } = roomAt(truth.air, 0, warm * WARM.kelvin);
  const { stripper } = row;
  const { zone, job } = truth.facts;
  const standing = standingFilm(stripper.form, stripper.wetFilm.value, zone.orientation === 'up');
  const life = workingLife(stripper, { temperature, indoors: job.place.indoors, standing, covered });
  const pace = truth.strength * temperatureFactor(temperature);
  const hands = layMinutes(truth, product, covered) + scrapeMinutes(truth, product, isSoft(truth) ? 'plastic' : 'steel');
  const depth = places[i] as number;
  const ahead = filmsAhead(truth, product, { depth, topOpen });
  const reach = depth + ahead.reduce((sum, { thickness }) => sum + thickness, 0);
  return places.flatMap((place, to) => {
    if (to <= i || place > reach + 1e-6) return [];
    const effective = timeThrough(filmsBetween(ahead, 0, place - depth).map(({ film }) => film));
    if (effective >= WORKED_WHEN_DRY * life * pace) return [];
    return [{ to, cost: row.money + (hands + (STANDING_BY * effective) / pace) * perMinute(truth) }];
  });
}

function placesIn(truth: Truth): number[] {
  const cuts = Math.max(2, Math.floor(PLACES / Math.max(1, truth.films.length)));
  const places = [0];
  let face = 0;
  for (const { thickness } of truth.films) {
    for (let cut = 1; cut <= cuts; cut++) places.push(face + (thickness * cut) / cuts);
    face += thickness;
  }
  places[places.length - 1] = paintIn(truth);
  return places;
}
