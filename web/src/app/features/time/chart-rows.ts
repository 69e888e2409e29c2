import type { Job, Schedule, ScheduledWork } from '@lift-bare/core';
import { xOf, type Axis, type Span } from './time-axis';

export interface ChartRow {
  readonly id: string;
  readonly name: string;
  readonly head: boolean;
  readonly y: number;
  readonly height: number;
}

/** A piece of work on the chart: where hands are on it. */
export interface Bar {
  readonly work: ScheduledWork;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  readonly tone: 'set-up' | 'strip' | 'bare' | 'coat' | 'finish';
  /** the first piece of its work, which carries its name and takes the focus */
  readonly first: boolean;
}

/** What works alone after it. */
export interface AloneLine {
  readonly x: number;
  readonly y: number;
  readonly width: number;
}

export interface Chart {
  readonly rows: readonly ChartRow[];
  readonly bars: readonly Bar[];
  readonly lines: readonly AloneLine[];
  readonly height: number;
}

const HEAD = 22;
const ROW = 26;
const BAR = 16;
/** px that can still be seen and pointed at */
const LEAST = 3;
/** ms of waiting that is worth a line */
const WORTH = 15 * 60_000;

/** Work by zone under its part; work on several zones stands across them. */
export function byPart(job: Job, { works }: Schedule, axis: Axis): Chart {
  const rows: ChartRow[] = [];
  let y = 0;
  const add = (row: Omit<ChartRow, 'y'>): void => {
    rows.push({ ...row, y });
    y += row.height;
  };
  for (const part of job.parts) {
    if (part.zones.length === 0) continue;
    add({ id: part.id, name: part.name, head: true, height: HEAD });
    for (const zone of part.zones) add({ id: zone.id, name: zone.name, head: false, height: ROW });
  }
  const own = rows.filter(({ head }) => !head);
  const bars: Bar[] = [];
  const lines: AloneLine[] = [];
  for (const work of works) {
    const at = own.flatMap(({ id }, i) => (work.zones.includes(id) ? [i] : []));
    for (const [from, to] of runs(at)) bars.push(...barsOf(work, axis, own[from] as ChartRow, own[to] as ChartRow));
    if (work.alone - work.end >= WORTH)
      for (const i of at) lines.push({ x: xOf(axis, work.end), width: xOf(axis, work.alone) - xOf(axis, work.end), y: middle(own[i] as ChartRow) });
  }
  return { rows, bars, lines, height: y };
}

/** Work by who does it. */
export function byPerson({ works }: Schedule, axis: Axis): Chart {
  const people = [...new Set(works.flatMap((work) => work.people))].sort();
  const rows = people.map((name, i): ChartRow => ({ id: name, name, head: false, y: i * 2 * ROW, height: 2 * ROW }));
  const bars = works.flatMap((work) =>
    work.people.flatMap((person) => {
      const row = rows.find(({ id }) => id === person);
      return row ? barsOf({ ...work, pieces: work.pieces.filter((piece) => piece.person === person) }, axis, row, row) : [];
    }),
  );
  return { rows, bars, lines: [], height: rows.length * 2 * ROW };
}

/** Work by job, each job in as many lines as work goes on at the same time. */
export function byJob({ works, jobs }: Schedule, axis: Axis): Chart {
  const rows: ChartRow[] = [];
  const bars: Bar[] = [];
  let y = 0;
  for (const { job, name } of jobs) {
    const own = works.filter((work) => work.job === job);
    const people = [...new Set(own.flatMap((work) => work.people))].sort();
    const height = Math.max(1, people.length) * ROW;
    rows.push({ id: job, name, head: false, y, height });
    people.forEach((person, i) => {
      const line: ChartRow = { id: person, name: person, head: false, y: y + i * ROW, height: ROW };
      for (const work of own) bars.push(...barsOf({ ...work, pieces: work.pieces.filter((piece) => piece.person === person) }, axis, line, line));
    });
    y += height;
  }
  return { rows, bars, lines: [], height: y };
}

const middle = ({ y, height }: ChartRow): number => y + height / 2;

function barsOf(work: ScheduledWork, axis: Axis, top: ChartRow, bottom: ChartRow): Bar[] {
  const inset = top === bottom ? (top.height - Math.max(BAR, top.height - 20)) / 2 : 4;
  return joined(work.pieces).map(({ from, to }, i) => ({
    work,
    x: xOf(axis, from),
    width: Math.max(LEAST, xOf(axis, to) - xOf(axis, from)),
    y: top.y + inset,
    height: bottom.y + bottom.height - top.y - 2 * inset,
    tone: toneOf(work),
    first: i === 0,
  }));
}

const toneOf = ({ stage, coat }: ScheduledWork): Bar['tone'] => (coat ? 'coat' : stage === 'build' ? 'bare' : stage);

/** Neighbouring numbers as their first and last. */
function runs(sorted: readonly number[]): [number, number][] {
  const found: [number, number][] = [];
  for (const i of sorted) {
    const last = found.at(-1);
    if (last && last[1] === i - 1) last[1] = i;
    else found.push([i, i]);
  }
  return found;
}

/** Time in which anybody is at it. */
function joined(pieces: readonly Span[]): Span[] {
  const spans: { from: number; to: number }[] = [];
  for (const { from, to } of [...pieces].sort((a, b) => a.from - b.from)) {
    const last = spans.at(-1);
    if (last && from <= last.to) last.to = Math.max(last.to, to);
    else spans.push({ from, to });
  }
  return spans;
}
