import fc from 'fast-check';
import { Solver } from 'odex';
import { clockFor, driesAt, effectiveAfter, WORKED_WHEN_DRY, type DwellSpan } from './activity-track.ts';
import { depthAfter, softeningFilm, type SofteningFilm } from './softening-front.ts';

/**
 * Reference: the differential equations as they are written, integrated by ODEX (extrapolation of Hairer and Wanner, package "odex"):
 * dryness' = 1/life, depth' = activity × pace / (1/r + Σ h/b). Integrated from kink to kink, as such a solver wants smooth right-hand sides.
 */
function integrate(spans: readonly DwellSpan[], films: readonly SofteningFilm[], end: number): { depth: number; dryness: number } {
  const faces = films.reduce<number[]>((all, { thickness }) => [...all, (all.at(-1) ?? 0) + thickness], []);
  let state = [0, 0];
  let clock = 0;
  const stops = stopsOf(spans, end);
  for (const stop of stops) {
    const span = spans.findLast(({ from }) => from <= clock + 1e-12) as DwellSpan;
    const slope = (_: number, [depth, dryness]: number[]) => [
      speed(films, faces, depth as number, span.pace * activity(dryness as number)),
      1 / span.life,
    ];
    state = across(state, clock, stop, slope, faces);
    clock = stop;
  }
  return { depth: state[0] as number, dryness: state[1] as number };
}

const activity = (dryness: number): number => Math.max(0, Math.min(1, (1 - dryness) / 0.2));

function speed(films: readonly SofteningFilm[], faces: readonly number[], depth: number, pace: number): number {
  const i = faces.findIndex((face) => depth < face);
  if (i < 0) return 0;
  const film = films[i] as SofteningFilm;
  const above = films.slice(0, i).reduce((sum, { thickness, transport }) => sum + thickness / transport, 0);
  return pace / (1 / film.speed + above + (depth - (faces[i - 1] ?? 0)) / film.transport);
}

/** Clock minutes at which a span begins, fading begins, or it is dry. */
function stopsOf(spans: readonly DwellSpan[], end: number): number[] {
  const stops = [end];
  let dryness = 0;
  spans.forEach(({ from, life }, i) => {
    const until = spans[i + 1]?.from ?? Infinity;
    stops.push(from, ...[0.8, 1].map((at) => from + (at - dryness) * life).filter((at) => at > from && at < until));
    dryness += (until - from) / life;
  });
  return [...new Set(stops)].filter((at) => at > 0 && at <= end).sort((a, b) => a - b);
}

/** Cut where the front passes a face: found by bisection, so that the solver never steps over a jump of its speed. */
function across(state: number[], from: number, to: number, slope: (t: number, y: number[]) => number[], faces: readonly number[]): number[] {
  const solver = new Solver(2);
  solver.absoluteTolerance = solver.relativeTolerance = 1e-11;
  const solve = (a: number, y: number[], b: number): number[] => (b > a ? solver.solve(slope, a, y, b).y : y);
  const face = faces.find((at) => (state[0] as number) < at - 1e-9);
  const ended = solve(from, state, to);
  if (face === undefined || (ended[0] as number) <= face) return ended;
  let [low, high] = [from, to];
  for (let i = 0; i < 60; i++) {
    const middle = (low + high) / 2;
    if ((solve(from, state, middle)[0] as number) < face) low = middle;
    else high = middle;
  }
  return across([face, solve(from, state, low)[1] as number], low, to, slope, faces);
}

const enamel = (thickness: number, reference: number) => softeningFilm(thickness, reference);
const COOLING: DwellSpan[] = [
  { from: 0, pace: 1.3, life: 22 },
  { from: 6, pace: 0.9, life: 30 },
  { from: 15, pace: 0.36, life: 41 },
];

test.each([
  ['wet throughout', [{ from: 0, pace: 0.84, life: 60 }], 25],
  ['into fading', [{ from: 0, pace: 1, life: 20 }], 18.5],
  ['dried out', [{ from: 0, pace: 1, life: 20 }], 30],
  ['getting colder, then brushed over, into fading', COOLING, 31],
] as [string, DwellSpan[], number][])('the depth agrees with an ODE solver to 1e-6: %s', (_, spans, clock) => {
  const films = [enamel(30, 8), enamel(45, 25), enamel(20, 6), enamel(60, 60)];
  const { depth } = integrate(spans, films, clock);
  expect(Math.abs(depthAfter(films, effectiveAfter(spans, clock)) / depth - 1)).toBeLessThan(1e-6);
});

const spans = fc
  .array(
    fc.tuple(
      fc.double({ min: 0.2, max: 40, noNaN: true }),
      fc.double({ min: 0.1, max: 3, noNaN: true }),
      fc.double({ min: 5, max: 500, noNaN: true }),
    ),
    {
      minLength: 1,
      maxLength: 6,
    },
  )
  .map((rows): DwellSpan[] => {
    let from = 0;
    return rows.map(([length, pace, life], i) => ({ from: i === 0 ? 0 : (from += length), pace, life }));
  });

test('clock and effective time are each other’s inverse until it is dry', () => {
  fc.assert(
    fc.property(spans, fc.double({ min: 0.01, max: 0.99, noNaN: true }), (track, share) => {
      const clock = share * driesAt(track);
      return Math.abs(clockFor(track, effectiveAfter(track, clock)) / clock - 1) < 1e-6;
    }),
  );
});

test('a dry film does no more work, and less than all of it in the last fifth', () => {
  const track = [{ from: 0, pace: 2, life: 30 }];
  expect(driesAt(track)).toBe(30);
  expect(effectiveAfter(track, 30)).toBeCloseTo(2 * 30 * WORKED_WHEN_DRY, 9);
  expect(effectiveAfter(track, 300)).toBe(effectiveAfter(track, 30));
  expect(clockFor(track, 2 * 30 * WORKED_WHEN_DRY + 0.01)).toBe(Infinity);
});

test('cutting a span in two changes nothing', () => {
  fc.assert(
    fc.property(fc.double({ min: 1, max: 50, noNaN: true }), fc.double({ min: 0.05, max: 1.2, noNaN: true }), (cut, share) => {
      const whole = [{ from: 0, pace: 0.7, life: 50 }];
      const halves = [...whole, { from: cut, pace: 0.7, life: 50 }];
      return Math.abs(effectiveAfter(whole, 50 * share) - effectiveAfter(halves, 50 * share)) < 1e-9;
    }),
  );
});
