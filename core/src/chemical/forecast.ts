import { temperatureFactor } from './activity.ts';
import { clockFor, effectiveAfter, WORKED_WHEN_DRY, type DwellSpan } from './activity-track.ts';
import { rootOf } from './belief.ts';
import { normalSource } from './draw-normals.ts';
import { DrawnStack } from './drawn-stack.ts';
import { plannedSpans, type DwellSetting } from './dwell-setting.ts';
import { quantileSorted } from './quantile.ts';
import { MOST_ROUNDS, type Round } from './rounds.ts';
import { TEMPERATURE_SIGMA, THICKNESS_SIGMA, type Band } from './uncertainty.ts';
import { evaporation } from './working-life.ts';
import { degC } from '../units/quantities.ts';

export interface ForecastTerms {
  readonly draws: number;
  readonly seed: number;
  /** last clock minute of the curve */
  readonly until: number;
}

/** What may happen, from many draws of the same plan. Times in clock min; a time that is never reached before it dries is Infinity. */
export interface Forecast {
  readonly draws: number;
  readonly seed: number;
  /** clock min of the curve */
  readonly times: readonly number[];
  /** µm of the stack as entered that the front has passed, if nobody scrapes: 10, 50 and 90 % of draws are less deep */
  readonly depth: { readonly shallow: readonly number[]; readonly likely: readonly number[]; readonly deep: readonly number[] };
  /** when each layer lets go if nobody scrapes */
  readonly lifts: readonly { readonly name: string; readonly band: Band; readonly dries: number }[];
  /** dwell of the first round */
  readonly first: Band;
  /** share of draws in which the first round dries before it is done */
  readonly driesFirst: number;
  /** share of draws that need so many rounds, from one on; what is missing to 1 is not through at all */
  readonly rounds: readonly number[];
  /** dwell of all rounds */
  readonly total: Band;
}

const POINTS = 41;
/** Draws between two reports. */
const SLICE = 250;

/**
 * Draws coatings (as believed), film thicknesses and temperature, and works every draw through the plan: a round lasts as long as
 * planned, longer until it has reached the depth that the plan wants by then, but no longer than it may. Reports the share that is done; sent `true` it stops
 * and answers with the draws so far. The same seed gives the same draws, whatever the setting: two settings differ by the setting alone.
 */
export function* forecast(
  setting: DwellSetting,
  rounds: readonly Round[],
  { draws, seed, until }: ForecastTerms,
): Generator<number, Forecast, boolean | undefined> {
  const samples = new Samples(setting, rounds, draws, until);
  let done = 0;
  const normal = normalSource(seed);
  while (done < draws) {
    const end = Math.min(draws, done + SLICE);
    for (; done < end; done++) samples.draw(done, normal);
    if ((yield done / draws) === true) break;
  }
  return samples.summary(done, seed);
}

/** Room for all draws, flat and allocated once: depth[k·draws + d] and lift[i·draws + d] for draw d. */
class Samples {
  private readonly stack: DrawnStack;
  private readonly root: Float64Array;
  private readonly pairs: Float64Array;
  private readonly span: DwellSpan;
  /** nominal µm by the end of each planned round, and its clock min */
  private readonly targets: readonly number[];
  private readonly dwells: readonly number[];
  private readonly times: readonly number[];
  private readonly depth: Float64Array;
  private readonly lift: Float64Array;
  private readonly first: Float64Array;
  private readonly total: Float64Array;
  private readonly count = new Int32Array(MOST_ROUNDS + 1);

  constructor(
    private readonly setting: DwellSetting,
    rounds: readonly Round[],
    private readonly draws: number,
    until: number,
  ) {
    this.stack = new DrawnStack(setting.films);
    this.root = rootOf(setting.belief);
    this.pairs = new Float64Array(setting.belief.coatings.length);
    this.span = plannedSpans(setting)[0] as DwellSpan;
    let depth = 0;
    this.targets = rounds.map((round) => (depth += round.depth));
    this.dwells = rounds.map(({ dwell }) => dwell);
    this.times = Array.from({ length: POINTS }, (_, k) => (until * k) / (POINTS - 1));
    this.depth = new Float64Array(POINTS * draws);
    this.lift = new Float64Array(setting.films.length * draws);
    this.first = new Float64Array(draws);
    this.total = new Float64Array(draws);
  }

  draw(d: number, normal: () => number): void {
    const span = this.drawInputs(normal);
    const spans = [span];
    for (let k = 0; k < POINTS; k++)
      this.depth[k * this.draws + d] = this.stack.toNominal(this.stack.depthFrom(0, effectiveAfter(spans, this.times[k] as number)));
    let face = 0;
    for (let i = 0; i < this.stack.layers; i++) {
      face += (this.setting.films[i] as { thickness: number }).thickness;
      this.lift[i * this.draws + d] = clockFor(spans, this.stack.timeBetween(0, this.stack.toDrawn(face)));
    }
    this.work(d, spans);
  }

  /** Temperature, coatings as believed around their mean, thicknesses: always 1 + 2 × layers numbers. */
  private drawInputs(normal: () => number): DwellSpan {
    const { temperature, at, belief } = this.setting;
    const warmer = degC(temperature + TEMPERATURE_SIGMA * normal());
    const n = belief.coatings.length;
    for (let i = 0; i < this.stack.layers; i++) {
      const z = normal();
      if (i < n) this.pairs[i] = z;
    }
    for (let i = 0; i < this.stack.layers; i++) {
      const row = at[i] as number;
      let pair = 0;
      for (let k = 0; k <= row; k++) pair += (this.root[row * n + k] as number) * (this.pairs[k] as number);
      this.stack.set(i, Math.exp(THICKNESS_SIGMA * normal()), Math.exp(pair));
    }
    const pace = (this.span.pace * temperatureFactor(warmer)) / temperatureFactor(temperature);
    return { from: 0, pace, life: (this.span.life * evaporation(temperature)) / evaporation(warmer) };
  }

  private work(d: number, spans: readonly DwellSpan[]): void {
    const most = effectiveAfter(spans, this.setting.usable);
    const last = this.stack.toDrawn(this.targets.at(-1) as number);
    let depth = 0;
    let round = 0;
    let total = 0;
    while (depth < last - 1e-9 && round < MOST_ROUNDS) {
      const wanted = this.stack.timeBetween(depth, this.targetOf(round, depth));
      if (round === 0) this.first[d] = clockFor(spans, wanted);
      const planned = effectiveAfter(spans, this.dwells[Math.min(round, this.dwells.length - 1)] as number);
      const needed = this.stack.timeBetween(depth, last);
      const effective = Math.min(needed, most, Math.max(wanted, planned));
      total += clockFor(spans, effective);
      depth = effective === needed ? last : this.stack.depthFrom(depth, effective);
      round += 1;
    }
    const through = depth >= last - 1e-9;
    this.total[d] = through ? total : Infinity;
    this.count[through ? round - 1 : MOST_ROUNDS] = (this.count[through ? round - 1 : MOST_ROUNDS] as number) + 1;
  }

  /** Drawn µm: what the plan wants by the end of this round, or the next of its depths where the front is past that. */
  private targetOf(round: number, depth: number): number {
    for (let k = Math.min(round, this.targets.length - 1); k < this.targets.length; k++) {
      const target = this.stack.toDrawn(this.targets[k] as number);
      if (target > depth + 1e-9) return target;
    }
    return depth;
  }

  summary(done: number, seed: number): Forecast {
    const row = (of: Float64Array, k: number): Float64Array => of.slice(k * this.draws, k * this.draws + done).sort();
    const curves = this.times.map((_, k) => row(this.depth, k));
    const at = (p: number) => curves.map((sorted) => quantileSorted(sorted, p));
    const neverIn = (sorted: Float64Array): number => sorted.filter((value) => value === Infinity).length / done;
    const first = row(this.first, 0);
    const used = this.count.subarray(0, MOST_ROUNDS).findLastIndex((n) => n > 0) + 1;
    return {
      draws: done,
      seed,
      times: this.times,
      depth: { shallow: at(0.1), likely: at(0.5), deep: at(0.9) },
      lifts: this.setting.off.map(({ coating }, i) => {
        const sorted = row(this.lift, i);
        return { name: coating.name, band: bandOf(sorted), dries: neverIn(sorted) };
      }),
      first: bandOf(first),
      driesFirst: neverIn(first),
      rounds: [...this.count.subarray(0, used)].map((n) => n / done),
      total: bandOf(row(this.total, 0)),
    };
  }
}

const bandOf = (sorted: Float64Array): Band => ({
  first: quantileSorted(sorted, 0.1),
  likely: quantileSorted(sorted, 0.5),
  late: quantileSorted(sorted, 0.9),
});

/** Clock min of the curve's last point: until it is dry, but not far beyond what the whole stack takes. */
export function curveEnd(setting: DwellSetting, through: number): number {
  const needed = clockFor(plannedSpans(setting), Math.min(through, 0.999 * WORKED_WHEN_DRY * setting.pace * setting.life));
  return Math.min(1.1 * setting.life, 2.2 * needed);
}
