import { dayText, type PlanBeside, type PlanFigures } from '@lift-bare/core';
import type { Units } from '../../ui/units.service';

/** One figure of all plans, in words, and which of them have the least of it. */
export interface PlanRow {
  readonly says: string;
  readonly cells: readonly string[];
  /** for each plan whether it has the least, where they differ; empty where less is no better */
  readonly least: readonly boolean[];
  /** how the least of it is called */
  readonly word: string;
}

type Shown = Pick<Units, 'money' | 'hands' | 'show' | 'text'>;

interface Figure {
  readonly says: string;
  readonly text: (figures: PlanFigures, units: Shown) => string;
  /** what is compared; null: less is no better */
  readonly of: ((figures: PlanFigures) => number) | null;
  /** how the least of it is called, where not so */
  readonly word?: string;
}

const count = (number: number, one: string): string => `${number} ${one}${number === 1 ? '' : 's'}`;

const FIGURES: readonly Figure[] = [
  {
    says: 'Topcoat',
    text: ({ finishes }, units) => (finishes.length === 0 ? 'none' : finishes.map((name) => units.text(name)).join(', ')),
    of: null,
  },
  {
    says: 'Ready on',
    word: 'soonest',
    text: ({ end }) => (end === null ? 'no day within the calendar' : dayText(end)),
    of: ({ end }) => end ?? Infinity,
  },
  {
    says: 'Windows not kept',
    text: ({ broken }) => (broken === 0 ? 'none' : String(broken)),
    of: ({ broken }) => broken,
  },
  { says: 'Costs the shop', text: ({ cost }, units) => units.money(cost), of: ({ cost }) => cost },
  { says: 'of it paid to others', text: ({ paid }, units) => units.money(paid), of: ({ paid }) => paid },
  { says: 'Hand time', text: ({ hand }, units) => units.hands(hand), of: ({ hand }) => hand },
  { says: 'Waste', text: ({ waste }, units) => units.show(waste, 'mass'), of: ({ waste }) => waste },
  { says: 'Behind a mask', text: ({ masked }, units) => (masked === 0 ? 'never' : units.hands(masked)), of: ({ masked }) => masked },
  {
    says: 'of it on supplied air',
    text: ({ supplied }, units) => (supplied === 0 ? 'never' : units.hands(supplied)),
    of: ({ supplied }) => supplied,
  },
  {
    says: 'Still open',
    text: ({ stops, questions }) =>
      stops + questions === 0
        ? 'nothing'
        : [stops > 0 ? [count(stops, 'stop')] : [], questions > 0 ? [count(questions, 'question')] : []].flat(2).join(', '),
    of: ({ stops, questions }) => 1000 * stops + questions,
  },
];

/** The figures of plans side by side; the least of a row is told by what is shown, so that two that read the same are both the least. */
export function planRows(plans: readonly PlanBeside[], units: Shown): PlanRow[] {
  return FIGURES.map(({ says, text, of, word = 'least' }) => {
    const cells = plans.map(({ figures }) => text(figures, units));
    if (of === null || new Set(cells).size < 2) return { says, cells, least: [], word };
    const values = plans.map(({ figures }) => of(figures));
    const best = cells[values.indexOf(Math.min(...values))];
    return { says, cells, least: cells.map((cell) => cell === best), word };
  });
}
