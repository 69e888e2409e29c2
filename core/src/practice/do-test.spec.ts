import { plainTruth, doAll, layOn, SCRAPE } from '../../testing/practice-bench.ts';
import type { PracticeAction } from '../model/practice.ts';
import type { Panel } from './case-job.ts';
import type { Truth } from './truth.ts';

describe('tests tell what is so', () => {
  const says = (truth: Truth, test: string, ...before: readonly (PracticeAction | number)[]) =>
    doAll(truth, ...before, { does: 'test', test } as PracticeAction).said.at(-1);

  /** min of each on the bench; common practice, no source. */
  test.each([
    ['magnet', 0.5],
    ['lead-swab', 2],
    ['solvent-rub', 2],
    ['gauge', 1],
    ['ph', 1],
    ['water-break', 1],
    ['dew', 0.5],
    ['cartridge-log', 0.5],
    ['weigh-pot', 1.5],
  ])('%s takes %d min', (test, minutes) => {
    expect(doAll(plainTruth(), { does: 'test', test } as PracticeAction).at).toBe(minutes);
  });

  test('a lifted corner is as deep as it will get only where all that softens is loose', () => {
    const truth = plainTruth({
      paint: [
        ['alkyd-enamel', 40],
        ['powder-epoxy', 60],
      ],
    });
    const lifted = (span: number) => says(truth, 'corner', layOn('chem.fast-solvent'), span);
    expect(lifted(0.2)).toMatchObject({ says: expect.stringMatching(/^(Nothing|\d µm)/), good: false });
    expect(lifted(3)).toMatchObject({ good: false });
    expect(lifted(12)).toMatchObject({ says: '40 µm come away, paint below.', good: true });
  });

  test('and cost their minutes', () => {
    const bench = doAll(plainTruth(), { does: 'test', test: 'salt-patch' });
    expect(bench.at).toBe(12);
    expect(bench.entries).toEqual([expect.objectContaining({ cause: 'tests', minutes: 12 })]);
  });

  test.each<[string, Partial<Panel>, Partial<Truth>, string, boolean]>([
    ['magnet', {}, {}, 'iron or steel', true],
    ['magnet', { substrate: 'aluminium-sheet' }, {}, 'light metal', false],
    ['lead-swab', {}, { lead: true }, 'pink', false],
    ['solvent-rub', { paint: [['clear-2k', 40]] }, {}, 'cross-linked', false],
    ['gauge', {}, {}, '40 µm', true],
    ['salt-patch', {}, { salt: 150 }, '150 mg/m²', false],
    ['cartridge-log', {}, { cartridge: 12 }, '12 min', false],
    ['weigh-pot', {}, { hardener: 0.65 }, '65 %', false],
    ['cartridge-log', {}, { cartridge: 58 }, '58 min', false],
    ['cartridge-log', {}, { cartridge: 63 }, '63 min', true],
    ['dew', {}, { air: { start: 18, swing: 0, humidity: 90 } }, '90 %', false],
    ['corner', {}, {}, 'No stripper', false],
  ])('%s on %j %j says %s', (test, panel, hidden, words, good) => {
    const said = says(plainTruth(panel, hidden), test);
    expect(said?.says).toContain(words);
    expect(said?.good).toBe(good);
  });

  test('what can be seen of a test is shown: paper by its pH, beads, breath by the dew point, the next layer in the sludge', () => {
    const truth = plainTruth({
      paint: [
        ['alkyd-enamel', 40],
        ['alkyd-enamel', 40],
      ],
    });
    const stripped = [layOn('chem.caustic-spray'), 10, SCRAPE] as const;
    expect(says(truth, 'ph', ...stripped)?.shows).toEqual({ sign: 'paper', share: 12.5 / 14 });
    expect(says(truth, 'water-break', ...stripped)?.shows).toEqual({ sign: 'beads', share: 0.7 });
    expect(says(truth, 'magnet')?.shows).toBeNull();
    const fog = (humidity: number) => says(plainTruth({}, { air: { start: 18, swing: 0, humidity } }), 'dew')?.shows?.share ?? NaN;
    expect([fog(40), fog(99) > 0.9, fog(85) < fog(95)]).toEqual([0, true, true]);
    const sludge = (span: number) => says(truth, 'corner', layOn('chem.fast-solvent'), span)?.shows?.share ?? NaN;
    expect(sludge(3)).toBe(0);
    expect(sludge(15)).toBeCloseTo(0.5, 1);
    expect([95, 105].map((salt) => says(plainTruth({}, { salt }), 'salt-patch')?.good)).toEqual([true, false]);
  });

  test('water breaks while residue is there; paper reads what the rinse has left', () => {
    const truth = plainTruth();
    const stripped = [layOn('chem.caustic-spray'), 10, SCRAPE] as const;
    expect(says(truth, 'ph', ...stripped)?.says).toBe('pH 12.5');
    expect(says(truth, 'ph', ...stripped, { does: 'rinse' })?.good).toBe(false);
    expect(says(truth, 'ph', ...stripped, { does: 'rinse' }, { does: 'neutralise' })?.good).toBe(true);
    expect(says(truth, 'water-break', ...stripped)?.good).toBe(false);
    expect(says(truth, 'corner', layOn('chem.fast-solvent'), 12)?.says).toContain('bare');
  });
});
