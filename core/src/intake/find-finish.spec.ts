import fc from 'fast-check';
import { FINISHES } from '../catalogue/finishes.ts';
import { findFinish, wishesFor, type Wishes } from './find-finish.ts';
import { SYSTEMS, WISHES } from './finish-wishes.ts';

const kept = (given: Wishes): string[] => findFinish(given).flatMap(({ id, keeps }) => (keeps ? [id] : []));
const best = (given: Wishes): string | undefined => kept(given)[0];
const whyNot = (id: string, given: Wishes): string =>
  findFinish(given)
    .find((one) => one.id === id)
    ?.against.join(' ') ?? '';

test('nobody has said anything: everything is open, and only the first question is asked', () => {
  expect(kept({})).toHaveLength(Object.keys(SYSTEMS).length);
  expect(wishesFor({}).map(({ id }) => id)).toEqual(['place']);
});

/** Common practice, no source. */
test.each([
  ['a metallic car door', { place: 'outside', kind: 'no', look: 'effect', knocks: 'few', spills: 'no', care: 'shop' }, 'clear'],
  ['the bed of a pick-up', { place: 'outside', kind: 'no', look: 'texture', knocks: 'many', spills: 'no', care: 'nobody' }, 'liner'],
  ['an aeroplane', { place: 'outside', kind: 'yes' }, 'aviation'],
  ['an exhaust', { place: 'hot' }, 'heat'],
  [
    'a slow yacht, afloat, lifted every other year',
    { place: 'salt', hull: 'grp', speed: 'slow', mooring: 'afloat', lifted: 'seldom', law: 'yes', now: 'ablative' },
    'ablative',
  ],
  [
    'a fast boat on a trailer',
    { place: 'salt', hull: 'grp', speed: 'racing', mooring: 'trailer', lifted: 'yearly', law: 'yes', now: 'hard' },
    'hard',
  ],
] as const)('%s', (_, given, system) => expect(best(given)).toBe(system));

test('an aluminium hull has no copper on it, and is told why', () => {
  const given = { place: 'salt', hull: 'alloy' };
  expect(kept(given)).toEqual(['no-biocide']);
  expect(whyNot('hard', given)).toMatch(/copper/i);
});

test('under water no ordinary paint, in the air no antifouling; fuel leaves no one-pack paint', () => {
  expect(kept({ place: 'fresh' }).every((id) => SYSTEMS[id as keyof typeof SYSTEMS].startsWith('antifouling'))).toBe(true);
  expect(kept({ place: 'outside' }).some((id) => SYSTEMS[id as keyof typeof SYSTEMS].startsWith('antifouling'))).toBe(false);
  for (const id of kept({ place: 'inside', spills: 'yes' }) as (keyof typeof SYSTEMS)[])
    expect([id, FINISHES[SYSTEMS[id]].pack]).not.toEqual([id, '1K']);
});

test('bands of speed meet: where one ends the next begins', () => {
  const labels = WISHES.find(({ id }) => id === 'speed')?.answers.map(({ label }) => label) ?? [];
  const [under, from, to, over] = labels.flatMap((label) => [...label.matchAll(/\d+(?:\.\d+)?/g)].map(([figure]) => Number(figure)));
  expect([under, over]).toEqual([from, to]);
  // A displacement hull stays under about 10 knots; ablative paint is washed off by planing at 25 and more. Common practice, no source.
  expect([under, over]).toEqual([10, 25]);
});

test('an answer to what is no longer asked counts for nothing', () => {
  expect(kept({ place: 'fresh', look: 'metal' })).toEqual(kept({ place: 'fresh' }));
});

const anyWishes = fc.record(Object.fromEntries(WISHES.map(({ id, answers }) => [id, fc.constantFrom(...answers.map((one) => one.id))])), {
  requiredKeys: [],
});
test('one more answer never brings a system back, and each that is dropped says why', () => {
  fc.assert(
    fc.property(anyWishes, fc.constantFrom(...WISHES.map(({ id }) => id).filter((id) => id !== 'place')), (given, left) => {
      const fewer = Object.fromEntries(Object.entries(given as Wishes).filter(([id]) => id !== left));
      const before = kept(fewer);
      expect(kept(given as Wishes).filter((id) => !before.includes(id))).toEqual([]);
      for (const { keeps, against } of findFinish(given as Wishes)) expect(keeps).toBe(against.length === 0);
    }),
  );
});
