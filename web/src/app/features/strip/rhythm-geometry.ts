import type { Bar, Rhythm } from '@lift-bare/core';

export interface RhythmRow {
  readonly section: number;
  /** per cent of the width */
  readonly bars: readonly (Bar & { readonly x: number; readonly width: number })[];
}
export interface RhythmDrawing {
  readonly rows: readonly RhythmRow[];
  readonly ticks: readonly { readonly minutes: number; readonly x: number }[];
}

const STEPS = [1, 2, 5, 10, 15, 30, 60, 120, 240, 480, 720, 1440, 2880];
const MOST_TICKS = 7;

/** Sections under each other on one time axis with round ticks. */
export function drawRhythm({ bars, clock }: Rhythm): RhythmDrawing {
  const step = STEPS.find((minutes) => clock / minutes <= MOST_TICKS) ?? clock;
  const x = (minutes: number): number => (100 * minutes) / Math.max(clock, 1e-9);
  const sections = [...new Set(bars.map(({ section }) => section))].sort((a, b) => a - b);
  return {
    rows: sections.map((section) => ({
      section,
      bars: bars.filter((bar) => bar.section === section).map((bar) => ({ ...bar, x: x(bar.from), width: x(bar.to - bar.from) })),
    })),
    ticks: Array.from({ length: Math.floor(clock / step + 1e-9) + 1 }, (_, i) => ({ minutes: i * step, x: x(i * step) })),
  };
}
