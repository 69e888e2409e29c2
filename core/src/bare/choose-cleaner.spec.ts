import { sampleFacts, sampleJob, sampleShop, type Sample } from '../../testing/sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { CleanerId } from '../model/ids.ts';
import type { OperationKind } from '../model/operation.ts';
import { planJob } from '../plan-job.ts';
import { chooseCleaners, type CleanerTask } from './choose-cleaner.ts';

const ALL = [...CleanerId.options];
const choose = (task: Partial<CleanerTask>, { cleaners = ALL, ...sample }: Sample & { cleaners?: CleanerId[] } = {}) => {
  const { cleaners: taken, notes } = chooseCleaners(sampleFacts({ ...sample, shop: { cleaners } }), {
    soils: [],
    last: true,
    filled: false,
    ...task,
  });
  return { ids: taken.map(({ id }) => id), notes: notes.join('\n') };
};
const step = (kind: OperationKind, sample: Sample) =>
  planJob(sampleJob(sample), sampleShop(sample), CATALOGUE).operations.find((operation) => operation.kind === kind);

/** Common practice, no source. */
describe('which cleaner a step takes', () => {
  test('white spirit and turpentine leave a film: never the last wipe, but good enough for a wash', () => {
    const oily: CleanerId[] = ['white-spirit', 'turpentine'];
    expect(choose({}, { cleaners: oily })).toEqual({ ids: [], notes: expect.stringMatching(/No white spirit: it leaves a film.*\nNo turpentine/) });
    expect(choose({ last: false, soils: ['grease'] }, { cleaners: oily }).ids).toEqual(['white-spirit']);
  });

  test('vinegar is no degreaser, whatever is asked of it', () => {
    for (const last of [true, false])
      expect(choose({ last, soils: ['grease'] }, { cleaners: ['vinegar'] })).toEqual({
        ids: [],
        notes: expect.stringMatching(/weak acid.*steel rusts after it\.\nNothing in the shop does it for grease: buy /),
      });
  });

  test('near filler nothing that soaks in: final wash, with the reason', () => {
    expect(choose({ filled: true }, { cleaners: ['wax-and-grease', 'thinner', 'final-wash'] })).toEqual({
      ids: ['final-wash'],
      notes: expect.stringMatching(/No wax and grease remover.*soaks into filler.*\nNo strong thinner/),
    });
  });

  test('thinner stays off plastics and off paint that is kept', () => {
    expect(choose({}, { cleaners: ['thinner'], substrate: 'abs' }).notes).toContain('crazes this plastic');
    expect(choose({}, { cleaners: ['thinner'], target: { kind: 'keep' } }).notes).toContain('softens the paint that stays');
    expect(choose({}, { cleaners: ['thinner'] }).ids).toEqual(['thinner']);
  });

  test('plastics take antistatic cleaner or alcohol before all others', () => {
    expect(choose({}, { cleaners: ['wax-and-grease', 'alcohol'], substrate: 'abs' }).ids).toEqual(['alcohol']);
    expect(choose({}, { cleaners: ['wax-and-grease', 'alcohol'] }).ids).toEqual(['wax-and-grease']);
  });

  test('a wash takes what is rinsed before what is wiped, and one for each soil', () => {
    expect(choose({ last: false, soils: ['oil', 'grease'] }).ids).toEqual(['detergent']);
    expect(choose({ last: false, soils: ['oil', 'wax', 'mould-release'] }).ids).toEqual(['detergent', 'white-spirit', 'alcohol']);
  });
});

describe('on the sheet', () => {
  test('the last wipe is named after what the shop has; filler on the face changes it', () => {
    const sample: Sample = { choice: { method: 'chem.fast-solvent' } };
    expect(step('wipe', { ...sample, shop: { cleaners: ['final-wash'] } })).toMatchObject({ title: 'Final wash, two cloths' });
    expect(step('wipe', { ...sample, shop: { cleaners: ['wax-and-grease'] } })).toMatchObject({ title: 'Solvent wipe, two cloths' });
    expect(step('wipe', { ...sample, shop: { cleaners: [] } })?.detail).toContain('buy wax and grease remover or');
  });

  test('wax is taken off with what takes wax; a shop without any is told what to buy', () => {
    const waxed: Sample = { condition: { contamination: ['wax'] }, choice: { method: 'mech.da' } };
    expect(step('dewax', waxed)?.detail).toMatch(/^Wax and grease remover, two cloths, then detergent/);
    expect(step('dewax', { ...waxed, shop: { cleaners: ['detergent'] } })?.detail).toContain('Nothing in the shop does it for wax: buy');
  });
});
