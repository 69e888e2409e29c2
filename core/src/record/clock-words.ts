import type { ClockKind, ClockState } from './run-clocks.ts';

/** What a clock is called while it runs. */
export const CLOCK_NAMES: Readonly<Record<ClockKind, string>> = {
  dwell: 'Stripper works',
  prime: 'Bare metal',
  fade: 'Flame fades',
  promoter: 'Over the promoter',
  flash: 'Flashes off',
  recoat: 'Next coat',
  sand: 'Hard enough to sand',
  tape: 'Tape may go on',
  pull: 'Pull the tape',
  turn: 'Bears turning over',
  handle: 'Bears handling',
  assemble: 'Bears fitting',
  load: 'Bears load',
  immerse: 'May go into the water',
  filler: 'Filler sets',
  bond: 'Bond sets',
  air: 'Airs out',
  alone: 'Works alone',
  'pot-life': 'Mix is usable',
  induction: 'Mix stands before use',
};

export const CLOCK_STATES: Readonly<Record<ClockState, string>> = { runs: 'wait', ready: 'may begin', closing: 'closes soon', missed: 'too late' };
