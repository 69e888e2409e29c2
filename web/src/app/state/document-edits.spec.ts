import { DEMO_JOBS, Job, readWith, type Part, type Zone } from '@lift-bare/core';
import { addPart, copyPart, copyZone, manyLike, moveLayer, removeLayer, removePart, removeZone, updateZone } from './document-edits';

const job = DEMO_JOBS[0] as Job;
const part = job.parts[1] as Job['parts'][number];
const zone = part.zones[0] as Zone;

test('a changed zone leaves every other part as it was', () => {
  const changed = updateZone(job, zone.id, (known) => ({ ...known, name: 'New' }));
  expect(changed.parts[1]?.zones[0]?.name).toBe('New');
  expect(changed.parts[0]).toBe(job.parts[0]);
  expect(changed.parts[1]?.zones[1]).toBe(part.zones[1]);
});

test('a copy of a part is valid beside it and keeps its target layer', () => {
  let count = 0;
  const targeted = { ...part, zones: [{ ...zone, target: { kind: 'down-to', layer: zone.stack[1]?.id ?? '' } as const }] };
  const copy = copyPart(targeted, 'Copy', () => `new${(count += 1)}`);
  expect(readWith(Job, addPart(job, copy)).ok).toBe(true);
  expect(copy.zones[0]?.target).toEqual({ kind: 'down-to', layer: copy.zones[0]?.stack[1]?.id });
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
});

test('parts and zones go away alone', () => {
  expect(removePart(job, part.id).parts).toHaveLength(job.parts.length - 1);
  expect(removeZone(job, zone.id).parts[1]?.zones.map(({ id }) => id)).toEqual([part.zones[1]?.id]);
});

test('many like a part stand beside it, numbered on, each with ids of its own; a zone is copied like that', () => {
  let count = 0;
  const fresh = () => `many${(count += 1)}`;
  const named = (from: string, more: number) => {
    const own = { ...job, parts: [{ ...(job.parts[0] as Part), name: from }, ...job.parts.slice(1)] };
    return manyLike(own, own.parts[0] as Part, more, fresh);
  };
  expect(
    named('Wheel', 3)
      .parts.slice(0, 4)
      .map(({ name }) => name),
  ).toEqual(['Wheel', 'Wheel 2', 'Wheel 3', 'Wheel 4']);
  expect(
    named('Louvre 7', 2)
      .parts.slice(0, 3)
      .map(({ name }) => name),
  ).toEqual(['Louvre 7', 'Louvre 8', 'Louvre 9']);
  const many = named('Rail', 11);
  expect(many.parts).toHaveLength(job.parts.length + 11);
  expect(readWith(Job, many)).toMatchObject({ ok: true });
  const copy = copyZone(zone, fresh);
  expect(copy.id).not.toBe(zone.id);
  expect(copy.stack.map(({ coating, thickness }) => [coating, thickness])).toEqual(zone.stack.map(({ coating, thickness }) => [coating, thickness]));
  expect(copy.stack.map(({ id }) => id)).not.toEqual(zone.stack.map(({ id }) => id));
});
