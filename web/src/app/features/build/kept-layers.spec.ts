import { DEMO_JOBS, type Zone } from '@lift-bare/core';
import { keptLayers } from './kept-layers';

const zone = DEMO_JOBS[0]?.parts[1]?.zones[0] as Zone;
const ids = (target: Zone['target']) => keptLayers({ ...zone, target }).map(({ id }) => id);

test('bare keeps nothing, keep keeps all, down to a layer keeps it and what is under it', () => {
  const all = zone.stack.map(({ id }) => id);
  expect(ids({ kind: 'bare' })).toEqual([]);
  expect(ids({ kind: 'keep' })).toEqual(all);
  expect(ids({ kind: 'down-to', layer: all[1] ?? '' })).toEqual(all.slice(0, 2));
  expect(keptLayers(null)).toEqual([]);
});
