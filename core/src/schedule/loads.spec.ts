import fc from 'fast-check';
import { MONDAY, workOf } from '../../testing/scheduled.ts';
import { DEMO_JOBS, DEMO_SHOP } from '../demo/demo-jobs.ts';
import type { Job, Part } from '../model/job.ts';
import type { Shop } from '../model/shop.ts';
import { m2, metres } from '../units/quantities.ts';
import { checkSchedule } from './check-schedule.ts';
import { loadsOf } from './loads.ts';
import { firstSchedule } from './search.ts';

const [TUG] = DEMO_JOBS as [Job];
const { operations } = workOf(TUG);
const parts = (box: Part['box'], held: Part['held']): Part[] => TUG.parts.map((part) => ({ ...part, box, held }));
const box = { length: metres(2), width: metres(0.1), height: metres(1) };
const loadsIn = (mixes: ReturnType<typeof loadsOf>): number => new Set([...mixes.values()].flatMap((zones) => [...zones.values()])).size;
const sprayed = new Set(operations.flatMap(({ coat, raises, faces }) => (coat && raises.includes('spray') ? faces.map(({ part }) => part) : [])));

test('laid parts cover their largest side and half of it to walk round, hung ones a hook each', () => {
  const laid = parts(box, 'laid');
  // 2 × 1 m and half as much again: one goes into 3 m², two do not.
  expect(loadsIn(loadsOf(laid, operations, { floor: m2(3), hooks: null }))).toBe(sprayed.size);
  expect(loadsIn(loadsOf(laid, operations, { floor: m2(6), hooks: null }))).toBe(Math.ceil(sprayed.size / 2));
  expect(loadsOf(laid, operations, { floor: m2(3 * sprayed.size), hooks: 1 })).toEqual(new Map());
  const hung = parts(box, 'hung');
  expect(loadsIn(loadsOf(hung, operations, { floor: m2(0.1), hooks: 2 }))).toBe(Math.ceil(sprayed.size / 2));
  expect(loadsOf(hung, operations, { floor: null, hooks: null })).toEqual(new Map());
});

test('no load is larger than the booth unless it is a single part, and all zones of a part go together', () => {
  const size = fc.double({ min: 0.1, max: 3, noNaN: true });
  fc.assert(
    fc.property(fc.array(fc.tuple(size, size, size), { minLength: TUG.parts.length, maxLength: TUG.parts.length }), size, (sizes, floor) => {
      const own = TUG.parts.map((part, i): Part => {
        const [length, width, height] = sizes[i] as [number, number, number];
        return { ...part, held: 'in-place', box: { length: metres(length), width: metres(width), height: metres(height) } };
      });
      const byZone = new Map([...loadsOf(own, operations, { floor: m2(floor), hooks: null }).values()].flatMap((zones) => [...zones]));
      const loads = new Map<number, Part[]>();
      for (const part of own) {
        const numbers = new Set(part.zones.flatMap(({ id }) => byZone.get(id) ?? []));
        expect(numbers.size).toBeLessThanOrEqual(1);
        for (const number of numbers) loads.set(number, [...(loads.get(number) ?? []), part]);
      }
      for (const load of loads.values()) {
        const covered = load.reduce((sum, part) => sum + 1.5 * (part.box?.length ?? 0) * (part.box?.width ?? 0), 0);
        expect(load.length === 1 || covered <= floor + 1e-9).toBe(true);
      }
    }),
    { numRuns: 100 },
  );
});

test('the schedule sprays each load on its own, one after the other in the booth', () => {
  const shop: Shop = { ...DEMO_SHOP, booth: { floor: m2(3), hooks: null } };
  const job: Job = { ...TUG, parts: parts(box, 'laid') };
  const found = firstSchedule([workOf(job, shop)], shop, MONDAY);
  expect(checkSchedule(found.problem, found.draft.placed)).toEqual([]);
  const coats = found.problem.network.activities.filter(({ plant }) => plant === 'booth');
  const partOf = (zone: string) => job.parts.find(({ zones }) => zones.some(({ id }) => id === zone))?.id;
  for (const { zones } of coats) expect(new Set(zones.map(partOf)).size).toBe(1);
});
