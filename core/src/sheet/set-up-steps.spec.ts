import { sampleJob, sampleShop, type Sample } from '../../testing/sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { planJob } from '../plan-job.ts';

const setUp = (sample: Sample) => planJob(sampleJob(sample), sampleShop(sample), CATALOGUE).steps.filter(({ stage }) => stage === 'set-up');
const titled = (sample: Sample, title: string) => setUp(sample).find((step) => step.title.startsWith(title));

describe('before anything comes off', () => {
  test.each<[string, Sample, RegExp]>([
    [
      'a fuel tank is emptied and purged',
      { substrate: 'mild-steel-section', thickness: 5, features: ['fuel-tank'], choice: { method: 'blast.garnet' } },
      /purge|vapour|gas/i,
    ],
    ['leaded residue has its collection ready', { condition: { lead: 'suspected' } }, /collect|residue|lead/i],
    ['a heavy part is held', { substrate: 'cast-iron', thickness: 12, features: ['heavy'] }, /support|held|lift|heavy/i],
    ['seams are sealed before stripper', { features: ['seams'], choice: { method: 'chem.fast-solvent' } }, /seam|seal/i],
    ['grease goes before sanding', { condition: { contamination: ['grease'] }, choice: { method: 'mech.da' } }, /grease/i],
  ])('%s', (_, sample, said) => {
    expect(
      setUp(sample)
        .map(({ title, detail }) => `${title} ${detail}`)
        .join('\n'),
    ).toMatch(said);
  });

  test('nothing is asked of a plain sheet but the kit', () => {
    expect(setUp({ choice: { method: 'mech.da' } }).map(({ title }) => title)).toEqual(['Check the kit']);
  });

  test('makers that are mixed have their sheets compared, one system has not', () => {
    expect(titled({ shop: { schools: { P6: 'mix' } } }, 'Hold the data sheets')?.hold).toContain('Both sheets');
    expect(titled({ shop: { schools: { P6: 'same-maker' } } }, 'Hold the data sheets')).toBeUndefined();
  });
});

describe('what hangs on the part', () => {
  const fitted: Sample = { features: ['glass', 'rubber'] };
  test('comes off and is ticketed, or is masked and the masking renewed, as the shop has it', () => {
    expect(titled({ ...fitted, shop: { schools: { M1: 'take-off' } } }, 'Take off')?.detail).toMatch(/Glass, rubber.*Ticket/);
    expect(titled({ ...fitted, shop: { schools: { M1: 'mask' } } }, 'Mask in place')?.detail).toMatch(
      /Foil under stripper, polyester tape under caustic.*renewed/,
    );
  });
  test('taking off costs more hands than masking, two pieces twice those of one', () => {
    const hands = (features: NonNullable<Sample['features']>, M1: 'take-off' | 'mask') =>
      setUp({ features, shop: { schools: { M1 } } }).find(({ title }) => /^(Take off|Mask)/.test(title))?.hand ?? 0;
    expect(hands(['glass'], 'take-off')).toBeGreaterThan(hands(['glass'], 'mask'));
    expect(hands(['glass', 'rubber'], 'take-off')).toBe(2 * hands(['glass'], 'take-off'));
  });
  test('a tyre follows its own school', () => {
    const masked = (P5: 'mask' | 'leave') => titled({ features: ['tyre'], shop: { schools: { P5 } } }, 'Take off or mask');
    expect(masked('mask')?.detail).toMatch(/tyre masked with card/i);
    expect(masked('leave')).toBeUndefined();
  });
});

describe('dirt', () => {
  const KINDS = ['brake-dust', 'silicone', 'wax', 'salt', 'fouling'] as const;
  test.each(KINDS)('%s is cleaned off before any sanding, with wet hands protected', (kind) => {
    const step = titled({ condition: { contamination: [kind] }, choice: { method: 'mech.da' } }, 'Clean off');
    expect(step?.detail).toContain('Before any sanding');
    expect(step?.protection.length).toBeGreaterThan(0);
  });
  test('each kind has its own means', () => {
    const details = KINDS.map((kind) => titled({ condition: { contamination: [kind] } }, 'Clean off')?.detail);
    expect(new Set(details).size).toBe(KINDS.length);
  });
  test('more area takes longer', () => {
    const hand = (area: number) => titled({ area, condition: { contamination: ['salt'] } }, 'Clean off')?.hand ?? 0;
    expect(hand(4)).toBeGreaterThan(hand(1));
    expect(hand(4) - hand(3)).toBeCloseTo(hand(2) - hand(1), 9);
  });
});

test('a stripper is tried on a patch first, and waits as long as its first round', () => {
  const patch = titled({ choice: { method: 'chem.fast-solvent' } }, 'Test patch');
  expect(patch?.hold).toContain('written down');
  expect(patch?.wait).toBeGreaterThan(0);
  expect(patch?.protection.length).toBeGreaterThan(0);
  expect(titled({ choice: { method: 'mech.da' } }, 'Test patch')).toBeUndefined();
});
