import type { PlanBeside, PlanFigures } from '@lift-bare/core';
import { planRows } from './plan-rows';

const FIGURES: PlanFigures = {
  cost: 100,
  paid: 40,
  hand: 60,
  end: Date.UTC(2026, 11, 4, 12),
  broken: 0,
  waste: 1,
  masked: 0,
  supplied: 0,
  stops: 0,
  questions: 0,
  methods: [{ name: 'Gel', area: 2 }],
  finishes: ['2K colour'],
};
const plan = (figures: Partial<PlanFigures>): PlanBeside => ({
  id: null,
  kind: 'now',
  name: 'x',
  figures: { ...FIGURES, ...figures },
  otherwise: [],
});
const units = {
  money: (value: number) => `€ ${Math.round(value)}`,
  hands: (minutes: number) => `${minutes} min`,
  show: (value: number, dimension: string) => `${value} ${dimension}`,
  text: (text: string) => text,
};
const rowOf = (says: string, ...figures: Partial<PlanFigures>[]) => planRows(figures.map(plan), units).find((row) => row.says === says);

test('the least is marked where plans differ as they read, and nowhere else', () => {
  expect(rowOf('Costs the shop', { cost: 99.6 }, { cost: 100.3 })).toMatchObject({ cells: ['€ 100', '€ 100'], least: [] });
  expect(rowOf('Costs the shop', { cost: 120 }, { cost: 99.6 }, { cost: 100.3 })?.least).toEqual([false, true, true]);
  expect(rowOf('Topcoat', { finishes: ['A'] }, { finishes: ['B'] })?.least).toEqual([]);
});

test('no day is never the least, and a stop weighs more than questions', () => {
  expect(rowOf('Ready on', { end: null }, {})?.least).toEqual([false, true]);
  expect(rowOf('Still open', { stops: 1 }, { questions: 3 }, {})).toMatchObject({
    cells: ['1 stop', '3 questions', 'nothing'],
    least: [false, false, true],
  });
  expect(rowOf('Still open', { stops: 1 }, { questions: 3 })?.least).toEqual([false, true]);
});
