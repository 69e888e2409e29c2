import { DEMO_JOBS, type Job, type Zone } from '@lift-bare/core';
import { moveLayer, movePart, removeLayer, removePart, removeZone, updateZone } from './document-edits';

const job = DEMO_JOBS[0] as Job;
const part = job.parts[1] as Job['parts'][number];
const zone = part.zones[0] as Zone;

test('a changed zone leaves every other part as it was', () => {
  const changed = updateZone(job, zone.id, (known) => ({ ...known, name: 'New' }));
  expect(changed.parts[1]?.zones[0]?.name).toBe('New');
  expect(changed.parts[0]).toBe(job.parts[0]);
  expect(changed.parts[1]?.zones[1]).toBe(part.zones[1]);
});

test('removing a layer that was the target sets the target to bare', () => {
  const layer = zone.stack[0]?.id ?? '';
  expect(removeLayer({ ...zone, target: { kind: 'down-to', layer } }, layer)).toMatchObject({ target: { kind: 'bare' } });
});

test('layers move within the stack and not beyond it', () => {
  const [bottom, second] = zone.stack.map(({ id }) => id) as [string, string];
  expect(
    moveLayer(zone, bottom, 1)
      .stack.map(({ id }) => id)
      .slice(0, 2),
  ).toEqual([second, bottom]);
  expect(moveLayer(zone, bottom, -1)).toBe(zone);
  expect(moveLayer(zone, bottom, 99).stack.at(-1)?.id).toBe(bottom);
  expect(moveLayer(zone, 'not there', 1)).toBe(zone);
});

test('a part moves down the list and up again, the others keep their order', () => {
  const ids = ({ parts }: Job): string[] => parts.map(({ id }) => id);
  const [first = '', ...rest] = ids(job);
  expect(ids(movePart(job, first, 2))).toEqual([...rest.slice(0, 2), first, ...rest.slice(2)]);
  expect(movePart(movePart(job, first, 2), first, -2)).toEqual(job);
  expect(movePart(job, first, -1)).toBe(job);
});

test('parts and zones go away alone', () => {
  expect(removePart(job, part.id).parts).toHaveLength(job.parts.length - 1);
  expect(removeZone(job, zone.id).parts[1]?.zones.map(({ id }) => id)).toEqual([part.zones[1]?.id]);
});
