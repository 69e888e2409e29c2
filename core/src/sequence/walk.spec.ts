import fc from 'fast-check';
import { sampleJob, sampleShop, type Sample } from '../../testing/sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { OPERATIONS, FIRST_COAT } from '../catalogue/operations.ts';
import { Fact, type OperationKind } from '../model/operation.ts';
import { planJob } from '../plan-job.ts';
import { walkFace } from './walk.ts';
import type { FaceWork, Task } from './task.ts';

const task = (kind: OperationKind, more: Partial<Task> = {}): Task => ({ kind, title: kind, detail: '', hand: 1, ...more });
const UPKEEP = (['rinse-off', 'uncover-strip', 'neutralise', 'rinse-acid', 'dry', 'dust-off', 'air-out', 'wipe', 'test'] as const).map((kind) => ({
  kind,
  make: () => task(kind),
}));
const face = (once: readonly Task[], more: Partial<FaceWork> = {}): FaceWork => ({
  part: 'p',
  zone: 'z',
  name: 'P: Z',
  once,
  upkeep: UPKEEP,
  goal: FIRST_COAT,
  build: [task('coat', { needs: FIRST_COAT })],
  ...more,
});
const order = (once: readonly Task[], more: Partial<FaceWork> = {}): OperationKind[] =>
  walkFace(face(once, more)).steps.map(({ task: { kind } }) => kind);

/** Orders that refinishers keep; common practice, no source. */
describe('one face, walked forward', () => {
  test('a stripped, rusty, holed and dented face is put right in the order of the trade', () => {
    const kinds = (
      [
        'fill',
        'block',
        'key-for-fill',
        'weld',
        'dress',
        'open-up',
        'inspect',
        'key',
        'cover-for-paint',
        'cover-for-strip',
        'strip-round',
        'degrease',
        'try-patch',
        'knock-old-filler-out',
      ] as const
    ).map((kind) => task(kind));
    expect(order(kinds)).toEqual([
      'degrease',
      'dry',
      'cover-for-strip',
      'try-patch',
      'strip-round',
      'rinse-off',
      'uncover-strip',
      'dry',
      'inspect',
      'knock-old-filler-out',
      'air-out',
      'dust-off',
      'open-up',
      'dust-off',
      'weld',
      'dress',
      'key-for-fill',
      'dust-off',
      'wipe',
      'fill',
      'block',
      'key',
      'dust-off',
      'wipe',
      'cover-for-paint',
      'wipe',
      'test',
      'dry',
      'coat',
    ]);
  });

  test('acid wets what was dry: rinsed, dried again, and the reason names the acid rinse', () => {
    const { steps } = walkFace(face([task('treat-rust'), task('key')]));
    const kinds = steps.map(({ task: { kind } }) => kind);
    expect(kinds.slice(0, 3)).toEqual(['treat-rust', 'rinse-acid', 'dry']);
    const dry = steps[2];
    expect(dry?.undoneBy).toBe('z.rinse-acid.1');
    expect(dry?.askedBy).toMatchObject({ fact: 'dry' });
  });

  test('caustic is rinsed and then neutralised before it is dried', () => {
    const caustic = task('strip-round', { alsoEnds: ['neutral'] });
    expect(order([caustic]).slice(0, 5)).toEqual(['strip-round', 'rinse-off', 'neutralise', 'dry', 'wipe']);
  });

  test('flame comes after the key and is the last thing before the test', () => {
    const kinds = order([task('flame'), task('flame-clean'), task('key'), task('cover-for-paint')]);
    expect(kinds).toEqual(['key', 'dust-off', 'wipe', 'cover-for-paint', 'wipe', 'flame-clean', 'flame', 'test', 'dry', 'coat']);
  });

  test('a need that nothing gives is told once and stepped over', () => {
    const { unmet } = walkFace(face([task('key')], { upkeep: UPKEEP.filter(({ kind }) => kind !== 'wipe') }));
    expect(unmet.map(({ fact }) => fact)).toContain('wiped');
    expect(walkFace(face([])).unmet).toEqual([]);
  });

  test('what is still open keeps its place whatever the order it was entered in', () => {
    const kinds = [
      'weld',
      'dress',
      'open-up',
      'inspect',
      'key',
      'strip-tool',
      'degrease',
      'contain',
      'support',
      'cover-for-strip',
      'treat-rust',
    ] as const;
    const straight = order(kinds.map((kind) => task(kind)));
    fc.assert(
      fc.property(fc.shuffledSubarray([...kinds], { minLength: kinds.length }), (shuffled) => {
        expect(order(shuffled.map((kind) => task(kind)))).toEqual(straight);
      }),
      { numRuns: 60 },
    );
  });

  test('every step starts with its needs met, whatever has to be done', () => {
    const ONCE = (Object.keys(OPERATIONS) as OperationKind[]).filter(
      (kind) =>
        OPERATIONS[kind].gives.length > 0 &&
        OPERATIONS[kind].stage !== 'build' &&
        OPERATIONS[kind].stage !== null &&
        !UPKEEP.some((one) => one.kind === kind),
    );
    fc.assert(
      fc.property(fc.shuffledSubarray(ONCE), (kinds) => {
        const { steps, unmet } = walkFace(face(kinds.map((kind) => task(kind))));
        const missing = new Set(unmet.map(({ fact }) => fact));
        const holds = new Set<Fact>(Fact.options.filter((fact) => fact !== 'wiped' && fact !== 'tested'));
        for (const kind of kinds) for (const fact of OPERATIONS[kind].gives) holds.delete(fact);
        for (const { task: one, needs, gives, ends } of steps) {
          for (const need of needs) if (!missing.has(need)) expect([one.kind, need, holds.has(need)]).toEqual([one.kind, need, true]);
          for (const fact of ends) holds.delete(fact);
          for (const fact of gives) holds.add(fact);
        }
        expect(steps.filter(({ task: { kind } }) => kinds.includes(kind))).toHaveLength(kinds.length);
      }),
      { numRuns: 300 },
    );
  });
});

describe('ids', () => {
  const ids = (sample: Sample) =>
    planJob(sampleJob(sample), sampleShop(sample), CATALOGUE).operations.flatMap(({ faces }) => faces.map(({ id }) => id));
  test('are unique, and stay when something is added that comes elsewhere', () => {
    const plain = ids({});
    expect(new Set(plain).size).toBe(plain.length);
    const salted = ids({ condition: { contamination: ['salt'] } });
    expect(salted.length).toBeGreaterThan(plain.length);
    expect(plain.filter((id) => /\.(coat|key|inspect|wipe)/.test(id)).every((id) => salted.includes(id))).toBe(true);
  });
});
