import { sampleJob, sampleShop, type Sample } from '../../testing/sample.ts';
import { readWith } from '../model/read-document.ts';
import { OwnRow } from '../model/own-row.ts';
import { Shop } from '../model/shop.ts';
import { planJob } from '../plan-job.ts';
import { CATALOGUE } from './catalogue.ts';
import { withOwnRows } from './own-rows.ts';

const row = (change: Partial<OwnRow> = {}): OwnRow => ({
  id: 'own.fast',
  base: 'chem.fast-solvent',
  name: 'House gel',
  note: '',
  figures: {},
  ...change,
});
const zoneWith = (rows: OwnRow[], sample: Sample = {}) => planJob(sampleJob(sample), sampleShop({ shop: { ownRows: rows } }), CATALOGUE).zones[0];
const optionOf = (rows: OwnRow[], sample: Sample = {}) => zoneWith(rows, sample)?.options.find(({ method }) => method === 'own.fast');

describe("the shop's own products and methods", () => {
  test('a copy without figures of its own is judged and reckoned like the generic row', () => {
    const own = optionOf([row()]);
    const generic = zoneWith([row()])?.options.find(({ method }) => method === 'chem.fast-solvent');
    expect(own?.name).toBe('House gel');
    expect(own?.findings.map(({ code }) => code)).toEqual(generic?.findings.map(({ code }) => code));
    expect(own?.score).toBeCloseTo(generic?.score ?? Number.NaN, 9);
  });

  test('rules know it by the row it is a copy of: never on carbon', () => {
    const codes = optionOf([row()], { substrate: 'carbon-epoxy' })?.findings.map(({ code }) => code);
    expect(codes).toContain('comp-no-chem');
  });

  test('a data-sheet time for one coating changes its dwell by that factor', () => {
    const generic = optionOf([row()])?.strip?.rounds[0]?.dwell.likely ?? Number.NaN;
    const twice = optionOf([row({ figures: { softening: { 'alkyd-enamel': 16 } } })])?.strip?.rounds[0]?.dwell.likely;
    expect(twice).toBeCloseTo(2 * generic, 9);
  });

  test('a data sheet that says it does not work rules it out', () => {
    const option = optionOf([row({ figures: { softening: { 'alkyd-enamel': null } } })]);
    expect(option?.findings.map(({ code }) => code)).toContain('chem-no-bite');
  });

  test('price and pack reach the kit list', () => {
    const sample: Sample = { choice: { method: 'own.fast' } };
    const { kit } = planJob(sampleJob(sample), sampleShop({ shop: { ownRows: [row({ figures: { price: 3, pack: 2 } })] } }), CATALOGUE);
    const line = kit.find(({ id }) => id === 'own.fast');
    expect(line?.buy).toMatch(/^\d+ × 2 L$/);
    expect((line?.price ?? 0) / (line?.need ?? 1)).toBeCloseTo(3, 9);
  });

  test('own tool, medium and primer take their own figures', () => {
    const rows: OwnRow[] = [
      row({ id: 'own.disc', base: 'mech.da', name: 'Net disc', figures: { rate: 3, life: 1, price: 2 } }),
      row({ id: 'own.grit', base: 'blast.garnet', name: 'Fine garnet', figures: { pressure: 3, profile: 35, life: 5 } }),
      row({ id: 'own.epoxy', base: 'epoxy-2k', name: 'House epoxy', figures: { volumeSolids: 80, filmPerCoat: 50, recoatMax: null } }),
    ];
    const rowsOf = withOwnRows(CATALOGUE, rows);
    expect(rowsOf.methods['own.disc']).toMatchObject({ id: 'mech.da', rate: { value: 3, basis: { kind: 'shop' } } });
    expect(rowsOf.methods['own.grit']).toMatchObject({ medium: { pressure: { value: 3 }, profile: { value: 35 }, uses: { value: 5 } } });
    const zone = zoneWith(rows);
    expect(zone?.options.find(({ method }) => method === 'own.disc')?.pieces[0]?.hand).toBeLessThan(
      zone?.options.find(({ method }) => method === 'mech.da')?.pieces[0]?.hand ?? 0,
    );
    expect(zone?.build?.coats[0]).toMatchObject({ product: 'own.epoxy', base: 'epoxy-2k', dryFilm: 50, recoatMax: null });
  });

  test('the same rows give the same catalogue again, so that nothing is planned twice', () => {
    const rows = [row()];
    expect(withOwnRows(CATALOGUE, rows)).toBe(withOwnRows(CATALOGUE, rows));
    expect(withOwnRows(CATALOGUE, [])).toBe(CATALOGUE);
  });

  test('a choice whose row is gone stops the zone and says which', () => {
    const zone = zoneWith([], { choice: { method: 'own.fast' } });
    expect(zone?.chosen).toBeNull();
    expect(zone?.findings.find(({ code }) => code === 'choice-gone')?.reason).toContain('own.fast');
  });

  test.each([
    ['an id that could be a generic row', { id: 'chem.fast-solvent' }, 'id'],
    ['a base that is not in the catalogue', { base: 'chem.magic' as OwnRow['base'] }, 'base'],
    ['a figure out of range', { figures: { wetFilm: 80 } }, 'figures'],
    ['an empty name', { name: ' ' }, 'name'],
  ])('%s is told with its place', (_, change, place) => {
    const read = readWith(OwnRow, row(change));
    expect(read.ok ? [] : read.issues.map(({ path }) => path[0])).toContain(place);
  });

  test('two rows of one id are told', () => {
    const read = readWith(Shop, sampleShop({ shop: { ownRows: [row(), row()] } }));
    expect(read.ok ? [] : read.issues).toContainEqual({ path: ['ownRows', 1, 'id'], reason: 'id "own.fast" is used twice' });
  });
});
