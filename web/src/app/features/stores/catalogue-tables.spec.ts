import { CATALOGUE, FINISH_RULES, METHOD_RULES, PRIMER_RULES } from '@lift-bare/core';
import { catalogueTables } from './catalogue-tables';

const tables = catalogueTables('metric', CATALOGUE);

test('every row has a cell under each heading', () => {
  for (const { id, head, rows } of tables) for (const row of rows) expect([id, row.length]).toEqual([id, head.length]);
});

test('nothing of the catalogue and no rule is left out', () => {
  const count = (id: string) => tables.find((table) => table.id === id)?.rows.length;
  expect(count('coatings')).toBe(Object.keys(CATALOGUE.coatings).length);
  expect((count('strippers') ?? 0) + (count('methods') ?? 0) + (count('media') ?? 0)).toBe(Object.keys(CATALOGUE.methods).length);
  expect(count('primers')).toBe(Object.keys(CATALOGUE.primers).length);
  expect(count('topcoats')).toBe(new Set(Object.values(CATALOGUE.finishes).flatMap(({ coats }) => coats.map(({ ref }) => ref))).size);
  expect(count('rules')).toBe(METHOD_RULES.length + PRIMER_RULES.length + FINISH_RULES.length);
});

test('every figure says whose it is', () => {
  const softening = tables.find(({ id }) => id === 'coatings')?.rows.flatMap((row) => row.slice(1)) ?? [];
  expect(softening.every(({ basis }) => basis !== null && basis.source !== '')).toBe(true);
});

test('films and temperatures follow the unit system', () => {
  const film = (system: 'metric' | 'us') => catalogueTables(system, CATALOGUE).find(({ id }) => id === 'coatings')?.rows[0]?.[1]?.text;
  expect(film('metric')).toMatch(/µm$/);
  expect(film('us')).toMatch(/mil$/);
});

test('a topcoat names every system that has it, and its mix', () => {
  const clear = tables.find(({ id }) => id === 'topcoats')?.rows.find(([name]) => name?.text === 'Two-pack clear');
  expect(clear?.map(({ text }) => text)).toEqual(expect.arrayContaining(['Basecoat and two-pack clear', '2 : 1']));
});
