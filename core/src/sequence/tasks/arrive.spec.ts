import { sampleJob, sampleShop, type Sample } from '../../../testing/sample.ts';
import { CATALOGUE } from '../../catalogue/catalogue.ts';
import { planJob } from '../../plan-job.ts';

const steps = (sample: Sample) => planJob(sampleJob(sample), sampleShop(sample), CATALOGUE).operations;
const ofKind = (sample: Sample, kind: string) => steps(sample).filter((step) => step.kind === kind);

/** Common practice, no source. */
test('an item that is worked on where it stands is shut off before it is propped up or taken apart, once for all its parts', () => {
  const sample: Sample = { held: 'in-place', features: ['heavy', 'glass'], item: { kind: 'machine' } };
  const kinds = steps(sample).map(({ kind }) => kind);
  expect(ofKind(sample, 'make-safe')).toMatchObject([{ where: [], detail: expect.stringMatching(/Power, steam, gas and pressure off/) }]);
  expect(kinds.indexOf('make-safe')).toBeLessThan(kinds.indexOf('support'));
  expect(kinds.indexOf('support')).toBeLessThan(kinds.indexOf('take-apart'));
  expect(ofKind({ ...sample, item: { kind: 'boat' } }, 'make-safe')[0]?.detail).toMatch(/gas off at the bottle/);
});

test('a loose part, and what has nothing to shut off, asks for nothing', () => {
  expect(ofKind({ held: 'laid', item: { kind: 'machine' } }, 'make-safe')).toEqual([]);
  expect(ofKind({ held: 'in-place', item: { kind: 'cycle' } }, 'make-safe')).toEqual([]);
});

test('what comes off is named on one step and covered on none', () => {
  const sample: Sample = { features: ['rubber', 'id-plate', 'bearing-seats'] };
  expect(ofKind(sample, 'take-apart')).toMatchObject([{ detail: expect.stringMatching(/^Rubber and seals, identification plate\./) }]);
  const covers = steps(sample).filter(({ kind }) => kind.startsWith('cover'));
  expect(covers.length).toBeGreaterThan(1);
  for (const { detail } of covers) {
    expect(detail).toContain('Bearing seats');
    expect(detail).not.toMatch(/[Rr]ubber|[Ii]dentification/);
  }
});

test('wheel bolts and anodes are named where there are any', () => {
  const cautions = (sample: Sample) => ofKind(sample, 'refit')[0]?.cautions.join(' ') ?? '';
  expect(cautions({})).toBe('');
  expect(cautions({ features: ['tyre'] })).toMatch(/torque wrench .* again after 50 to 100 km/);
  expect(cautions({ features: ['anodes'] })).toMatch(/Anodes back on bare/);
});
