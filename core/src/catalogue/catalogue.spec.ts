import { BLAST_MEDIA, DENSITIES, FILMS, SOFTENING_TABLE, SURFACE_ENERGIES, TOOLS, WORKING_LIFE } from '../../testing/reference/trade-tables.ts';
import type { Basis } from '../model/basis.ts';
import { CoatingId, FinishId, MethodId, PrimerId, SubstrateId } from '../model/ids.ts';
import { Equipment } from '../model/shop.ts';
import { CATALOGUE } from './catalogue.ts';
import type { Method } from './methods.ts';

const method = (id: string): Method => CATALOGUE.methods[id] as Method;

describe('the catalogue against the tables of the trade', () => {
  test.each(SOFTENING_TABLE)('$coating under $chemistry: $time min', ({ coating, chemistry, time }) => {
    expect(CATALOGUE.coatings[coating].softening[chemistry].value).toBe(time);
  });

  test.each(Object.entries(WORKING_LIFE))('%s dries in %d min', (id, life) => {
    expect(method(id)).toMatchObject({ stripper: { workingLife: { value: life } } });
  });

  test.each(DENSITIES)('density of %s lies between %d and %d', (id, least, most) => {
    const { value, basis } = CATALOGUE.substrates[id].density;
    expect(value).toBeGreaterThanOrEqual(least);
    expect(value).toBeLessThanOrEqual(most);
    expect(basis.kind).toBe('from-memory');
  });

  test('olefins float, every other plastic sinks', () => {
    for (const { group, density, id } of Object.values(CATALOGUE.substrates))
      if (group.startsWith('plastic') && id !== 'plastic-unmarked') expect([id, density.value < 1]).toEqual([id, group === 'plastic-olefin']);
  });

  test.each(SURFACE_ENERGIES)('surface energy of %s lies between %d and %d', (id, least, most) => {
    const energy = CATALOGUE.substrates[id].surfaceEnergy?.value ?? 0;
    expect(energy).toBeGreaterThanOrEqual(least);
    expect(energy).toBeLessThanOrEqual(most);
  });

  test('only olefins stay under the 38 mN/m that paint wants at the least', () => {
    for (const { group, surfaceEnergy } of Object.values(CATALOGUE.substrates))
      if (surfaceEnergy) expect(surfaceEnergy.value < 38).toBe(group === 'plastic-olefin');
  });

  test.each(BLAST_MEDIA)('%s', (id, bulk, [from, to], [smooth, rough], [few, many]) => {
    const row = method(id);
    if (row.family !== 'blast') throw new Error('not a blast');
    const { bulkDensity, leastPressure, pressure, profile, uses } = row.medium;
    expect([bulkDensity.value, leastPressure.value, pressure.value]).toEqual([bulk, from, to]);
    expect(profile.value).toBeGreaterThanOrEqual(smooth);
    expect(profile.value).toBeLessThanOrEqual(rough);
    expect(uses.value).toBeGreaterThanOrEqual(few);
    expect(uses.value).toBeLessThanOrEqual(many);
  });

  test.each(TOOLS)('%s takes %d m²/h off', (id, rate, life) => {
    const row = method(id);
    if (row.family !== 'mech') throw new Error('not a tool');
    expect([row.rate.value, row.consumable?.life.value ?? null]).toEqual([rate, life]);
  });

  test.each(FILMS)('a new layer of %s is offered between %d and %d µm', (id, thin, thick) => {
    const { value } = CATALOGUE.coatings[id].typicalFilm;
    expect(value).toBeGreaterThanOrEqual(thin);
    expect(value).toBeLessThanOrEqual(thick);
  });
});

describe('every row', () => {
  test('is there for every id that a document may name', () => {
    expect(Object.keys(CATALOGUE.substrates).sort()).toEqual([...SubstrateId.options].sort());
    expect(Object.keys(CATALOGUE.coatings).sort()).toEqual([...CoatingId.options].sort());
    expect(Object.keys(CATALOGUE.methods).sort()).toEqual([...MethodId.options].sort());
    expect(Object.keys(CATALOGUE.primers).sort()).toEqual([...PrimerId.options].sort());
    expect(Object.keys(CATALOGUE.finishes).sort()).toEqual([...FinishId.options].sort());
    expect(Object.keys(CATALOGUE.tools).sort()).toEqual([...Equipment.options].sort());
  });

  test('says of each figure whose it is', () => {
    const bases: Basis[] = [];
    const walk = (value: unknown): void => {
      if (typeof value !== 'object' || value === null) return;
      if ('basis' in value && 'value' in value) bases.push(value.basis as Basis);
      Object.values(value).forEach(walk);
    };
    walk(CATALOGUE);
    expect(bases.length).toBeGreaterThan(500);
    expect(bases.every(({ kind, source }) => kind !== 'shop' && source.length > 8)).toBe(true);
    expect(bases.filter(({ kind }) => kind === 'from-memory').every(({ source }) => source.endsWith('quoted from memory'))).toBe(true);
  });

  test('reads as a sentence where it is read, and names nothing twice', () => {
    const names = Object.values(CATALOGUE.methods).map(({ name }) => name);
    expect(new Set(names).size).toBe(names.length);
    for (const { how, leaves, does } of Object.values(CATALOGUE.methods)) {
      expect(how).toMatch(/\.$/);
      expect(leaves).not.toBe('');
      expect(does).not.toBe('');
    }
  });

  test('a tool that needs a station is one that a shop can own', () => {
    for (const { needs } of Object.values(CATALOGUE.methods)) if (needs !== null) expect(CATALOGUE.tools[needs].price.value).toBeGreaterThan(0);
  });
});
