import { depthAfter, faceTimes, filmsBetween, scrapeOff, timeThrough, type SofteningFilm } from './softening-front.ts';

export interface Round {
  /** clock min from lay-on to scrape */
  readonly dwell: number;
  /** µm softened and scraped away */
  readonly depth: number;
  /** effective min spent */
  readonly effective: number;
  /** effective min after which the first layer lets go in this round; null when none does */
  readonly firstFace: number | null;
}

export interface RoundTerms {
  /** clock min that a round may last */
  readonly usable: number;
  /** effective minutes per clock minute */
  readonly pace: number;
  /** worth of laying on, scraping and rinsing once more */
  readonly work: number;
  /** worth of a clock minute of dwell, in the same coin */
  readonly wait: number;
}

export const MOST_ROUNDS = 24;
/** Places in a layer where a scrape is tried: as many as keep the whole stack near this number. */
const MOST_PLACES = 24;
const LEAST_PER_LAYER = 2;

/**
 * Apply, dwell, scrape, again. Scraping takes the softened material away and with it the transport resistance, but costs hands: the
 * scrape depths are those of the least total worth, a shortest path over places through the stack (layer faces, cuts within layers, and
 * the places that rounds as long as allowed reach, so that it is never worse than those).
 * @returns the rounds, or null when the stack is not through after MOST_ROUNDS
 */
export function planRounds(films: readonly SofteningFilm[], terms: RoundTerms): Round[] | null {
  const { usable, pace, work, wait } = terms;
  if (!(usable > 0) || !(pace > 0)) throw new RangeError(`dwell ${usable} min at pace ${pace}`);
  const longest = longestRounds(films, usable * pace);
  if (!longest || films.length === 0) return longest && [];
  const [only] = longest.length === 1 ? longest : [];
  // What scraping in between could save at most: all of the transport. Where that is not worth one more round, there is nothing to look for.
  if (only !== undefined && (wait * transportTime(films)) / pace <= work) return describe(films, longest, pace);
  return describe(films, cheapest(films, longest, { usable, pace, work: Math.max(work, 1e-6), wait: Math.max(wait, 1e-9) }), pace);
}

/** Depths after each round when every round lasts as long as it may; the fewest rounds there are. */
function longestRounds(films: readonly SofteningFilm[], effective: number): number[] | null {
  const depths: number[] = [];
  let left: readonly SofteningFilm[] = films;
  let depth = 0;
  while (left.length > 0) {
    if (depths.length === MOST_ROUNDS) return null;
    const gone = depthAfter(left, Math.min(timeThrough(left), effective) * (1 + 1e-12));
    depths.push((depth += gone));
    left = scrapeOff(left, gone);
  }
  return depths;
}

const transportTime = (films: readonly SofteningFilm[]): number =>
  timeThrough(films) - films.reduce((linear, { thickness, speed }) => linear + thickness / speed, 0);

/** Shortest path from the face to the substrate over the places where a scrape is tried. */
function cheapest(films: readonly SofteningFilm[], longest: readonly number[], { usable, pace, work, wait }: RoundTerms): number[] {
  const places = placesIn(films, longest);
  const { own, thickness, resistance } = stripsBetween(films, places);
  const cost = new Float64Array(places.length).fill(Infinity);
  const from = new Int32Array(places.length);
  cost[0] = 0;
  const limit = usable * pace * (1 + 1e-9);
  for (let i = 0; i < own.length; i++) {
    let time = 0;
    let above = 0;
    for (let j = i; j < own.length; j++) {
      time += (own[j] as number) + (thickness[j] as number) * above;
      above += resistance[j] as number;
      if (time > limit) break;
      const total = (cost[i] as number) + work + (wait * time) / pace;
      if (total < (cost[j + 1] as number)) {
        cost[j + 1] = total;
        from[j + 1] = i;
      }
    }
  }
  const depths: number[] = [];
  for (let j = places.length - 1; j > 0; j = from[j] as number) depths.unshift(places[j] as number);
  return depths;
}

/** µm from the face, ascending from 0 to the whole. */
function placesIn(films: readonly SofteningFilm[], longest: readonly number[]): Float64Array {
  const cuts = Math.max(LEAST_PER_LAYER, Math.floor(MOST_PLACES / films.length));
  const places = new Float64Array(1 + longest.length + cuts * films.length);
  places.set(longest, 1);
  let next = 1 + longest.length;
  let face = 0;
  for (const { thickness } of films) {
    for (let cut = 1; cut <= cuts; cut++) places[next++] = face + (thickness * cut) / cuts;
    face += thickness;
  }
  places.sort();
  let kept = 1;
  for (const place of places) if (place - (places[kept - 1] as number) > 1e-9) places[kept++] = place;
  return places.subarray(0, kept);
}

/** Between neighbouring places, each within one layer: own time L/r + L²/(2b) in effective min, thickness L in µm, resistance L/b. */
function stripsBetween(films: readonly SofteningFilm[], places: Float64Array) {
  const count = places.length - 1;
  const [own, thickness, resistance] = [new Float64Array(count), new Float64Array(count), new Float64Array(count)];
  let film = 0;
  let face = (films[0] as SofteningFilm).thickness;
  for (let k = 0; k < count; k++) {
    const [from, to] = [places[k] as number, places[k + 1] as number];
    while ((from + to) / 2 > face && film < films.length - 1) face += (films[++film] as SofteningFilm).thickness;
    const { speed, transport } = films[film] as SofteningFilm;
    const length = to - from;
    own[k] = length / speed + length ** 2 / (2 * transport);
    thickness[k] = length;
    resistance[k] = length / transport;
  }
  return { own, thickness, resistance };
}

function describe(films: readonly SofteningFilm[], depths: readonly number[], pace: number): Round[] {
  return depths.map((depth, i) => {
    const above = depths[i - 1] ?? 0;
    const effective = timeThrough(filmsBetween(films, above, depth).map(({ film }) => film));
    const first = faceTimes(scrapeOff(films, above))[0] as number;
    return { dwell: effective / pace, depth: depth - above, effective, firstFace: first <= effective * (1 + 1e-9) ? first : null };
  });
}
