import { operationOf } from '../../testing/run-sample.ts';
import type { PaceRecord } from '../model/pace.ts';
import { learnPace } from './learn-pace.ts';
import { mannerOf } from './own-pace.ts';
import { paceBook, pacesByManner } from './pace-book.ts';

const record = (tool: string, access: string, ratio: number, i: number): PaceRecord => ({
  kind: 'key',
  tool,
  access,
  job: `${tool}${access}${i}`,
  planned: 30,
  done: 30 * ratio,
  at: `2026-01-${String(1 + i).padStart(2, '0')}T12:00:00.000Z`,
});
const many = (tool: string, access: string, ratio: number, count: number) => Array.from({ length: count }, (_, i) => record(tool, access, ratio, i));
const pace = (records: readonly PaceRecord[], tool: string, access: string) => paceBook(records).of({ kind: 'key', tool, access });

test('where all is of one manner it is the plain normal-normal result', () => {
  const records = many('pad', 'flat', 1.5, 4);
  expect(pace(records, 'pad', 'flat')).toEqual(learnPace(records));
});

/** Two levels by hand: the others give mean and variance, the spread between manners is added, own jobs draw from there. Gelman et al., Bayesian Data Analysis, 5.4, from memory. */
test('a manner starts from the others of its kind and goes its own way', () => {
  const [flat, tube] = [many('pad', 'flat', 1.6, 5), many('pad', 'tube', 0.9, 2)];
  const one = 1 / (0.2 ** 2 + 0.3 ** 2);
  const others = 1 / (1 / 0.35 ** 2 + 5 * one);
  const prior = { mean: others * 5 * one * Math.log(1.6), variance: others + 0.15 ** 2 };
  const mean = (prior.mean / prior.variance + 2 * one * Math.log(0.9)) / (1 / prior.variance + 2 * one);
  expect(Math.log(pace([...flat, ...tube], 'pad', 'tube')?.factor ?? 0)).toBeCloseTo(mean, 12);
  expect(pace([...flat, ...tube], 'pad', 'tube')).toMatchObject({ records: 2, jobs: 2 });
});

test('a manner without a record borrows from its kind, less sure of it', () => {
  const records = many('pad', 'flat', 1.6, 8);
  const [own, borrowed] = [pace(records, 'pad', 'flat'), pace(records, 'sander', 'flat')];
  expect(borrowed?.factor).toBeCloseTo(own?.factor ?? 0, 12);
  expect(borrowed?.variance).toBeCloseTo((own?.variance ?? 0) + 0.15 ** 2, 12);
  expect(borrowed).toMatchObject({ records: 8, jobs: 8 });
});

test('another kind, and one that is set aside, say nothing', () => {
  const records = many('pad', 'flat', 1.6, 8);
  expect(paceBook(records).of({ kind: 'wipe', tool: '', access: 'flat' })).toBeNull();
  expect(paceBook(records, { key: 'a trainee did it' }).of({ kind: 'key', tool: 'pad', access: 'flat' })).toBeNull();
});

test('each manner of the record is told once', () => {
  const told = pacesByManner([...many('pad', 'flat', 1.6, 3), ...many('pad', 'tube', 2, 1), ...many('sander', 'flat', 1, 2)]);
  expect(told.map(({ tool, access, records }) => [tool, access, records])).toEqual([
    ['pad', 'flat', 3],
    ['pad', 'tube', 1],
    ['sander', 'flat', 2],
  ]);
});

test('work is told by its tool and place, a coat by product and gun, what is done once for the job by neither', () => {
  const [tool, coat, kit] = [operationOf('strip-tool'), operationOf('coat'), operationOf('check-kit')];
  expect(mannerOf(tool)).toEqual({ kind: 'strip-tool', tool: tool.contact?.name, access: tool.faces[0]?.access });
  expect(tool.contact?.name).toMatch(/disc|sand/);
  expect(mannerOf(coat)).toEqual({ kind: 'coat', tool: `${coat.coat?.name}, ${coat.coat?.apply}`, access: expect.stringMatching(/flat|tube/) });
  expect(mannerOf(kit)).toEqual({ kind: 'check-kit', tool: '', access: '' });
});

test('the place is that of most of the hands', () => {
  const coat = operationOf('coat');
  const [face] = coat.faces;
  const faces = face
    ? [
        { ...face, hand: 5, access: 'tube' },
        { ...face, hand: 9, access: 'flat' },
        { ...face, hand: 6, access: 'edge' },
      ]
    : [];
  expect(mannerOf({ ...coat, faces }).access).toBe('flat');
});
