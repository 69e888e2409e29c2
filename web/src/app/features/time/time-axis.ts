import { eachDayOfInterval, format, startOfDay } from 'date-fns';

export interface Span {
  readonly from: number;
  readonly to: number;
}

/** A stretch of the axis: working time in scale, a break in scale, or a night or closed days folded to a strip. */
export interface AxisPiece extends Span {
  readonly x: number;
  readonly width: number;
  readonly kind: 'open' | 'break' | 'night';
}

/** Time drawn from left to right, closed time folded. */
export interface Axis {
  readonly pieces: readonly AxisPiece[];
  readonly days: readonly { readonly at: number; readonly x: number; readonly label: string; readonly shown: boolean }[];
  readonly width: number;
}

/** ms of a break that is drawn in scale; longer ones are nights. */
const LONGEST_BREAK = 3 * 3_600_000;
/** px of a folded night, at the most; narrower where there are many. */
const NIGHT = 16;
/** Of the width, that nights may take. */
const NIGHTS_SHARE = 0.3;

/**
 * The axis of a schedule.
 * @param open time in which anybody works, oldest first, ms
 * @param width px of all of it
 */
export function timeAxis(open: readonly Span[], { from, to }: Span, width: number): Axis {
  const spans = cutTo(open, from, to);
  const kinds = spans.map(({ from: a, to: b, open: isOpen }) => (isOpen ? 'open' : b - a <= LONGEST_BREAK ? 'break' : 'night'));
  const nights = kinds.filter((kind) => kind === 'night').length;
  const night = nights === 0 ? 0 : Math.min(NIGHT, (NIGHTS_SHARE * width) / nights);
  const scaled = spans.reduce((sum, { from: a, to: b }, i) => sum + (kinds[i] === 'night' ? 0 : b - a), 0);
  const scale = scaled === 0 ? 0 : (width - nights * night) / scaled;
  let x = 0;
  const pieces = spans.map(({ from: a, to: b }, i): AxisPiece => {
    const kind = kinds[i] ?? 'open';
    const piece = { from: a, to: b, kind, x, width: kind === 'night' ? night : (b - a) * scale } as const;
    x += piece.width;
    return piece;
  });
  return { pieces, width, days: daysOf(pieces) };
}

/** px of a time; what lies before or after the axis is at its ends. */
export function xOf({ pieces, width }: Axis, time: number): number {
  for (const { from, to, x, width: own } of pieces) if (time <= to) return x + (to === from ? 0 : (own * Math.max(0, time - from)) / (to - from));
  return width;
}

/** The time at a place on the axis, ms. */
export function timeAt({ pieces }: Axis, x: number): number {
  const piece = pieces.find((one) => x <= one.x + one.width) ?? pieces.at(-1);
  if (!piece) return 0;
  return piece.from + (piece.width === 0 ? 0 : (Math.max(0, x - piece.x) / piece.width) * (piece.to - piece.from));
}

/** Open and closed time in turn, from one end to the other. */
function cutTo(open: readonly Span[], from: number, to: number): (Span & { readonly open: boolean })[] {
  const spans: (Span & { readonly open: boolean })[] = [];
  let at = from;
  for (const spell of open) {
    const [a, b] = [Math.max(spell.from, from), Math.min(spell.to, to)];
    if (b <= a) continue;
    if (a > at) spans.push({ from: at, to: a, open: false });
    spans.push({ from: a, to: b, open: true });
    at = b;
  }
  if (at < to) spans.push({ from: at, to, open: false });
  return spans;
}

/** px that a label takes. */
const LABEL = 76;

/** The days on which anybody works, each at its first hour; labelled as far as there is room. */
function daysOf(pieces: readonly AxisPiece[]): Axis['days'] {
  const [first, last] = [pieces[0], pieces.at(-1)];
  if (!first || !last) return [];
  let free = 0;
  return eachDayOfInterval({ start: first.from, end: last.to }).flatMap((day) => {
    const piece = pieces.find((one) => one.kind === 'open' && startOfDay(one.from).getTime() === day.getTime());
    if (!piece) return [];
    const shown = piece.x >= free;
    if (shown) free = piece.x + LABEL;
    return [{ at: day.getTime(), x: piece.x, label: format(day, 'EEE d MMM'), shown }];
  });
}
