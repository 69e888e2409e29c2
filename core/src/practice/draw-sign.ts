import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import type { SignId } from './signs.ts';

/** What a shape is painted with; the view gives each its colour. */
export type Tone =
  | 'paint'
  | 'paint-below'
  | 'lifted'
  | 'shade'
  | 'crust'
  | 'rust'
  | 'water'
  | 'fog'
  | 'filler'
  | 'hole'
  | 'light'
  | 'acid'
  | 'neutral'
  | 'alkali'
  | 'mark';

/** A shape in a square of 100 by 100: a dot, a band of a width along points, or a box. */
export type SignShape =
  | { readonly kind: 'dot'; readonly x: number; readonly y: number; readonly r: number; readonly tone: Tone }
  | { readonly kind: 'band'; readonly points: readonly (readonly [x: number, y: number])[]; readonly width: number; readonly tone: Tone }
  | { readonly kind: 'box'; readonly x: number; readonly y: number; readonly width: number; readonly height: number; readonly tone: Tone };

/** Places on the face at which something may show. */
const SPOTS = 110;
const FOLDS = 26;
const SIDE = 100;

/**
 * A sign as it looks at a share from 0 to 1: as data, so that screen and print draw the same. Spots come in the order of a seed and never go again, so
 * more of it covers more.
 */
export function drawSign(sign: SignId, share: number, seed = 1): SignShape[] {
  const now = Math.min(1, Math.max(0, Number.isFinite(share) ? share : 0));
  return now === 0 && sign !== 'paper' ? [] : DRAWN[sign](now, seed);
}

const DRAWN: Readonly<Record<SignId, (share: number, seed: number) => SignShape[]>> = {
  blisters: (share, seed) =>
    spots(share, seed).flatMap(({ x, y, size, grown }) => [
      { kind: 'dot', x: x + 0.6, y: y + 0.6, r: (1.4 + 3 * size) * grown, tone: 'shade' },
      { kind: 'dot', x, y, r: (1.4 + 3 * size) * grown, tone: 'lifted' },
    ]),
  wrinkles: (share, seed) => folds(share, seed).map((points) => ({ kind: 'band', points, width: 0.7 + 0.9 * share, tone: 'shade' })),
  crust: (share, seed) => spots(share, seed + 1).map(({ x, y, size, grown }) => ({ kind: 'dot', x, y, r: (4 + 5 * size) * grown, tone: 'crust' })),
  lanes: (share) => Array.from({ length: 5 }, (_, k) => ({ kind: 'box', x: 0, y: 20 * k + 2, width: SIDE, height: 16 * share, tone: 'lifted' })),
  slurry: (share, seed) => [
    { kind: 'box', x: 0, y: 0, width: SIDE, height: SIDE * 0.2, tone: 'paint' },
    ...spots(share, seed + 2).map(({ x, y, size, grown }): SignShape => ({ kind: 'dot', x, y, r: (4 + 5 * size) * grown, tone: 'paint-below' })),
  ],
  beads: (share, seed) =>
    spots(share, seed + 3).flatMap(({ x, y, size, grown }) => [
      { kind: 'dot', x, y, r: (1.2 + 2.8 * size) * grown, tone: 'water' },
      { kind: 'dot', x: x - 0.6, y: y - 0.6, r: 0.5 * grown, tone: 'light' },
    ]),
  tinge: (share, seed) => spots(share, seed + 4).map(({ x, y, size, grown }) => ({ kind: 'dot', x, y, r: (1.5 + 6 * size) * grown, tone: 'rust' })),
  fog: (share) => [{ kind: 'dot', x: 50, y: 50, r: 10 + 35 * share, tone: 'fog' }],
  paper: (share) => [
    { kind: 'box', x: 0, y: 35, width: SIDE, height: 30, tone: share < 0.42 ? 'acid' : share > 0.58 ? 'alkali' : 'neutral' },
    { kind: 'box', x: Math.min(97, SIDE * share), y: 30, width: 3, height: 40, tone: 'mark' },
  ],
  eyes: (share, seed) =>
    spots(share, seed + 5).flatMap(({ x, y, size, grown }) => [
      { kind: 'dot', x, y, r: (2 + 3 * size) * grown, tone: 'light' },
      { kind: 'dot', x, y, r: (0.7 + size) * grown, tone: 'shade' },
    ]),
  filler: (share, seed) => [blot(share, seed + 6, 'filler')],
  hole: (share, seed) => [blot(share * 0.6, seed + 7, 'rust'), blot(share * 0.35, seed + 7, 'hole')],
};

/** One round patch that grows about a place of its own. */
function blot(share: number, seed: number, tone: Tone): SignShape {
  const random = randomFrom(seed);
  return { kind: 'dot', x: 35 + 30 * random(), y: 35 + 30 * random(), r: 40 * Math.sqrt(share), tone };
}

interface Spot {
  readonly x: number;
  readonly y: number;
  readonly size: number;
  /** 0 to 1 of its own size */
  readonly grown: number;
}

/** The spots that show at a share: each appears at its own moment and grows to its size. */
function spots(share: number, seed: number): Spot[] {
  const random = randomFrom(seed);
  return Array.from({ length: SPOTS }, (_, k) => {
    const [x, y, size] = [SIDE * random(), SIDE * random(), random()];
    return { x, y, size, grown: Math.min(1, Math.max(0, share * SPOTS * 1.15 - k)) };
  }).filter(({ grown }) => grown > 0);
}

/** Folds across the face, longer and more of them with the share. */
function folds(share: number, seed: number): (readonly [number, number])[][] {
  const random = randomFrom(seed + 8);
  return Array.from({ length: FOLDS }, () => {
    const [x, y, lean] = [SIDE * random(), SIDE * random(), random() - 0.5];
    const length = 8 + 26 * share;
    return Array.from({ length: 6 }, (_, k) => [x + length * (k / 5 - 0.5), y + lean * length * (k / 5 - 0.5) + 2 * Math.sin(k * 2.2)] as const);
  }).slice(0, Math.ceil(share * FOLDS));
}

function randomFrom(seed: number): () => number {
  const generator = xoroshiro128plus(Math.trunc(seed) + 101);
  for (let i = 0; i < 24; i++) generator.next();
  return () => uniformFloat64(generator);
}
