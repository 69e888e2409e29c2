import fc from 'fast-check';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { figuresOf, genericFigures } from '../catalogue/own-figures.ts';
import { withOwnRows } from '../catalogue/own-rows.ts';
import { CoatingId, MethodId, ProductId } from './ids.ts';
import { OwnRow } from './own-row.ts';
import { OWN_COLUMNS, readOwnTable, writeOwnTable } from './own-table.ts';

const figure = fc.integer({ min: 5, max: 9 });
const rows = fc.uniqueArray(
  fc.record({
    id: fc.stringMatching(/^own\.[a-z0-9-]{1,20}$/),
    name: fc.stringMatching(/^[A-Za-z][A-Za-z0-9 ,;"'éß-]{0,30}[A-Za-z]$/),
    base: fc.constantFrom(...MethodId.options, ...ProductId.options),
    note: fc.constantFrom('', 'from the data sheet, 2025'),
    figures: fc.record(
      {
        price: fc.option(figure),
        pack: figure,
        wetFilm: figure,
        recoatMax: fc.option(figure),
        softening: fc.dictionary(fc.constantFrom(...CoatingId.options), fc.option(figure), { minKeys: 1 }),
      },
      { requiredKeys: [] },
    ),
  }),
  { selector: ({ id }) => id, maxLength: 6 },
) as fc.Arbitrary<OwnRow[]>;

test('what is written is read back as it was', () => {
  fc.assert(
    fc.property(rows, (own) => {
      const read = readOwnTable(writeOwnTable(own));
      return read.ok && JSON.stringify(sorted(read.value)) === JSON.stringify(sorted(own.map((row) => OwnRow.parse(row))));
    }),
  );
});

const sorted = (value: unknown): unknown =>
  Array.isArray(value)
    ? value.map(sorted)
    : typeof value === 'object' && value !== null
      ? Object.fromEntries(
          Object.entries(value)
            .sort(([a], [b]) => a.localeCompare(b))
            .map(([key, inner]) => [key, sorted(inner)]),
        )
      : value;

test('every line names its columns only', () => {
  fc.assert(fc.property(rows, (own) => writeOwnTable(own).every((line) => Object.keys(line).every((column) => OWN_COLUMNS.includes(column)))));
});

test('each wrong cell is told by line and column, and nothing is taken', () => {
  const good = { id: 'own.a', name: 'A', base: 'chem.fast-solvent', note: '' };
  const read = readOwnTable([
    good,
    { ...good, id: 'B', price: 'cheap', 'softening clear-2k': '0' },
    { ...good, id: 'own.c', base: 'chem.nonsense', colour: 'red' },
  ]);
  expect(read.ok ? [] : read.issues.map(({ path }) => path.join(' '))).toEqual(
    expect.arrayContaining(['2 id', '2 price', '2 softening clear-2k', '3 base', '3 colour']),
  );
});

test('a figure out of its range is refused with the limit in its unit, where it has one; the limit itself is taken', () => {
  const refusal = (figures: object): string | null =>
    OwnRow.safeParse({ id: 'own.a', name: 'A', base: 'chem.slow-gel', note: '', figures }).error?.issues[0]?.message ?? null;
  expect([refusal({ wetFilm: 0.1 }), refusal({ wetFilm: 0.09 })]).toEqual([null, 'must be 0.1 mm or more']);
  expect([refusal({ pressure: 14 }), refusal({ pressure: 14.1 })]).toEqual([null, 'must be 14 bar at most']);
  expect([refusal({ rate: 0.01 }), refusal({ rate: 0 })]).toEqual([null, 'must be 0.01 or more']);
});

test('comma decimals, blanks and a dash for nothing', () => {
  const read = readOwnTable([{ id: 'own.a', name: ' A ', base: 'epoxy-2k', note: '', price: '12,5', recoatMax: '-', pack: '' }]);
  expect(read.ok && read.value[0]).toMatchObject({ name: 'A', figures: { price: 12.5, recoatMax: null } });
  expect(read.ok && read.value[0] && 'pack' in read.value[0].figures).toBe(false);
});

describe('figures of a row', () => {
  test('every generic figure is one that may be replaced, within its range', () => {
    for (const base of [...MethodId.options, ...ProductId.options]) {
      const generic = genericFigures(base, CATALOGUE);
      expect(Object.keys(generic).every((name) => figuresOf(base, CATALOGUE).includes(name as never))).toBe(true);
    }
    expect(figuresOf('nothing', CATALOGUE)).toEqual([]);
    expect(genericFigures('nothing', CATALOGUE)).toEqual({});
  });

  test('a copy with all the generic figures reckons like the row', () => {
    for (const base of ['chem.slow-gel', 'mech.da', 'blast.garnet', 'epoxy-2k', 'plastic-primer'] as const) {
      const figures = genericFigures(base, CATALOGUE);
      const row: OwnRow = { id: 'own.copy', name: 'Copy', base, note: '', figures };
      expect(genericFigures('own.copy', withOwnRows(CATALOGUE, [row]))).toEqual(figures);
    }
  });
});
