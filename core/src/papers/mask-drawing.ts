import type { MaskedLine, MaskedPart } from './work-pack.ts';

/** A zone as a box; its width goes with the root of its area. */
export interface DrawnZone {
  readonly name: string;
  readonly x: number;
  readonly width: number;
}

/** One cover: tape along the line round its zone, wrapped places, or plugs. */
export interface DrawnCover {
  readonly number: number;
  readonly work: MaskedLine['work'];
  readonly how: MaskedLine['how'];
  /** of the line, or of each place */
  readonly boxes: readonly { readonly x: number; readonly y: number; readonly width: number; readonly height: number }[];
  /** where its number stands */
  readonly at: readonly [x: number, y: number];
}

/** What is covered on a part, drawn: a plan of it zone by zone, no picture of its shape. */
export interface MaskDrawing {
  readonly width: number;
  readonly height: number;
  readonly top: number;
  readonly zones: readonly DrawnZone[];
  readonly covers: readonly DrawnCover[];
}

const WIDTH = 500;
/** Room for the names above, height of the boxes, and the least width of one. */
const TOP = 14;
const HEIGHT = 86;
const NARROWEST = 70;
const GAP = 14;
/** From one line to the next towards the middle, and sides of what is wrapped and plugged. */
const STEP = 9;
const WRAPPED = 16;
const PLUG = 7;
const PLUGS = 4;
/** Rows, and lines within one another, that find room in a box; what is more lies on the last. */
const MOST = 4;

/** Zones beside each other, each cover where it lies in principle: lines round the zone one within the other, plugs along its upper edge, wrapped places along the lower. */
export function maskDrawing({ zones }: Pick<MaskedPart, 'zones'>): MaskDrawing {
  const roots = zones.map(({ area }) => Math.sqrt(area));
  const free = WIDTH - GAP * (zones.length - 1) - NARROWEST * zones.length;
  const all = roots.reduce((sum, root) => sum + root, 0);
  let x = 0;
  const drawn = zones.map(({ zone }, i): DrawnZone => {
    const width = NARROWEST + (Math.max(0, free) * (roots[i] as number)) / all;
    const box = { name: zone, x, width };
    x += width + GAP;
    return box;
  });
  return {
    width: Math.max(WIDTH, x - GAP),
    height: TOP + HEIGHT,
    top: TOP,
    zones: drawn,
    covers: zones.flatMap(({ items }, i) => coversOf(items, drawn[i] as DrawnZone)),
  };
}

function coversOf(items: readonly MaskedLine[], { x, width }: DrawnZone): DrawnCover[] {
  const count = { line: 0, spot: 0, plug: 0 };
  return items.map(({ number, work, how }): DrawnCover => {
    const k = how === 'spot' ? count.spot++ : Math.min(MOST - 1, count[how]++);
    const inset = 4 + STEP * k;
    if (how === 'line') {
      const box = { x: x + inset, y: TOP + inset, width: width - 2 * inset, height: HEIGHT - 2 * inset };
      return { number, work, how, boxes: [box], at: [box.x + 12 * (k + 1), box.y] };
    }
    if (how === 'spot') {
      const inRow = Math.max(1, Math.floor(width / (WRAPPED + 10)));
      const row = Math.min(MOST - 2, Math.floor(k / inRow));
      const box = { x: x + width - (WRAPPED + 10) * ((k % inRow) + 1), y: TOP + HEIGHT - (WRAPPED + 6) * (row + 1), width: WRAPPED, height: WRAPPED };
      return { number, work, how, boxes: [box], at: [box.x + WRAPPED / 2, box.y] };
    }
    const y = TOP + 14 + k * (PLUG + 9);
    const boxes = Array.from({ length: PLUGS }, (_, p) => ({ x: x + ((p + 1) * width) / (PLUGS + 1) - PLUG / 2, y, width: PLUG, height: PLUG }));
    return { number, work, how, boxes, at: [(boxes[0]?.x ?? x) - 6, y + PLUG / 2] };
  });
}
