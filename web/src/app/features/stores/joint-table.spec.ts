import { jointRows } from './joint-table';

const row = (film: string) => jointRows().find((one) => one.film === film);

/** Common practice, no source. */
test('the matrix reads as the trade says it', () => {
  expect(row('epoxy')?.never).toMatch(/Etch primer: acid of the etch/);
  expect(row('epoxy')?.keyed).toContain('bare steel and iron');
  expect(row('two-pack topcoat')?.keyed).toContain('one-pack lacquer, aerosol');
  expect(row('two-pack topcoat')?.window).not.toContain('one-pack lacquer');
  expect(row('plastic primer')?.wet).toBe('adhesion promoter');
  expect(row('etch primer')?.window).toBe('–');
});

test('each film has a row, each with a reason for what it never goes on', () => {
  const rows = jointRows();
  expect(rows).toHaveLength(21);
  expect(new Set(rows.map(({ film }) => film)).size).toBe(21);
  for (const { never } of rows) expect(never.length).toBeGreaterThan(20);
});
