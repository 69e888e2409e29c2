import type { OwnRow } from '@lift-bare/core';
import { mergeRows, readRows, writeCsv, writeJson } from './own-table-file';

const rows: OwnRow[] = [
  {
    id: 'own.gel',
    name: 'Gel, "extra" slow',
    base: 'chem.slow-gel',
    note: 'line 1\nline 2',
    figures: { price: 12.5, softening: { 'clear-2k': 600, 'epoxy-2k': null } },
  },
  { id: 'own.disc', name: 'Net disc', base: 'mech.da', note: '', figures: { rate: 2, price: null } },
];
const issues = async (text: string): Promise<string[]> => {
  const read = await readRows(text);
  return read.ok ? [] : read.issues.map(({ path, reason }) => `${path.join(' ')}: ${reason}`);
};

test('rows survive a CSV and a JSON file, with commas, quotes and line breaks', async () => {
  for (const text of [await writeCsv(rows), writeJson(rows)]) expect(await readRows(text)).toEqual({ ok: true, value: rows });
});

test('a semicolon file of a spreadsheet with comma decimals is read', async () => {
  const read = await readRows('id;name;base;price\nown.a;Eigenes Gel;chem.slow-gel;12,5\n');
  expect(read.ok && read.value[0]?.figures.price).toBe(12.5);
});

test('what is wrong is told with its place', async () => {
  expect(await issues('{"format":"other"}')).toEqual(['format: expected "lift-bare.rows/1", found "other"']);
  expect(await issues('{nonsense')).toEqual([': is not JSON']);
  expect(await issues('name,base\nA,mech.da')).toEqual(['id: column is missing']);
  expect(await issues('id,name,base,price\nown.a,A,mech.da,dear')).toEqual(['1 price: "dear" is not a number']);
  expect((await issues(JSON.stringify({ format: 'lift-bare.rows/1', rows: [{ ...rows[0], base: 'x' }] })))[0]).toMatch(
    /^rows 0 base: must name a row/,
  );
  expect((await issues('x'.repeat(2_000_001)))[0]).toContain('larger than 2 MB');
});

test('a file replaces rows of the same id and leaves the others', () => {
  const changed = { ...(rows[0] as OwnRow), name: 'Renamed' };
  const added = { ...(rows[1] as OwnRow), id: 'own.new' };
  expect(mergeRows(rows, [changed, added]).map(({ name }) => name)).toEqual(['Renamed', 'Net disc', 'Net disc']);
});
