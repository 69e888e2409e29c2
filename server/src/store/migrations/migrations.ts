import { First1764000000000 } from './1-first.ts';
import { Bench1764000001000 } from './2-bench.ts';
import { Files1764000002000 } from './3-files.ts';
import { Figures1764000003000 } from './4-figures.ts';
import { Versions1764000004000 } from './5-versions.ts';
import { Who1764000005000 } from './6-who.ts';
import { Runs1764000006000 } from './7-runs.ts';
import { Manners1764000007000 } from './8-manners.ts';
import { Offers1764000008000 } from './9-offers.ts';
import { Practice1764000009000 } from './10-practice.ts';
import { Calendar1764000010000 } from './11-calendar.ts';

/** In their order; the last one tells how new a database is. */
export const MIGRATIONS = [
  First1764000000000,
  Bench1764000001000,
  Files1764000002000,
  Figures1764000003000,
  Versions1764000004000,
  Who1764000005000,
  Runs1764000006000,
  Manners1764000007000,
  Offers1764000008000,
  Practice1764000009000,
  Calendar1764000010000,
];
