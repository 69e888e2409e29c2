import { ITEM_TEMPLATES, Job, partArea, PART_TEMPLATES } from '@lift-bare/core';
import { ITEM_DRAWINGS } from './item-drawings';
import { EMPTY_DRAFT, jobOfDraft, PLACES, rowsOf, type JobDraft } from './job-draft';
import { keepDraft, keptDraft } from './kept-draft';

let ids = 0;
const newId = (): string => `d${(ids += 1)}`;
const draft = (more: Partial<JobDraft>): JobDraft => ({ ...EMPTY_DRAFT, ...more });
const job = (more: Partial<JobDraft>): Job => jobOfDraft(draft(more), [], 'Job 4', newId);

test.each(ITEM_TEMPLATES.map(({ id }) => id))('%s has a drawing, parts that there are, and makes a sound job', (id) => {
  expect(ITEM_DRAWINGS[id]?.face).toMatch(/^M/);
  for (const { from } of ITEM_TEMPLATES.find((item) => item.id === id)?.parts ?? []) expect(PART_TEMPLATES.map((one) => one.id)).toContain(from);
  const made = job({ items: [id] });
  expect(Job.safeParse(made).error).toBeUndefined();
  expect(made.parts.length).toBeGreaterThan(0);
});

test('a trailer: rails, mudguards and wheels by number, worked where it was said, from the year that was said', () => {
  const made = job({ items: ['trailer'], year: 1985, place: 'outdoors', temperature: 11, humidity: 80, finish: 'solid-2k', description: 'grey' });
  expect(made.name).toBe('Trailer or chassis');
  expect(made.parts.map(({ name }) => name)).toEqual(['Rail 1', 'Rail 2', 'Mudguard 1', 'Mudguard 2', 'Wheel 1', 'Wheel 2']);
  expect(made).toMatchObject({
    finish: 'solid-2k',
    item: { kind: 'trailer', year: 1985, description: 'grey' },
    place: { indoors: false, temperature: 11, humidity: 80 },
  });
});

test('number and size are corrected by row: one of them, none, and of another size in all its zones', () => {
  const items = ['trailer'];
  const [rail, mudguard, wheel] = rowsOf(draft({ items }), []);
  const changed = { [rail?.id ?? '']: { pieces: 1, area: 5 }, [mudguard?.id ?? '']: { pieces: 12 }, [wheel?.id ?? '']: { pieces: 0 } };
  const { parts } = job({ items, changed });
  expect(parts.filter(({ name }) => name.startsWith('Mudguard'))).toHaveLength(12);
  expect(parts.some(({ name }) => name.startsWith('Wheel'))).toBe(false);
  const [first] = parts;
  expect(first?.name).toBe('Rail');
  expect(first && partArea(first)).toBeCloseTo(5, 9);
  // Outside and inside keep their shares: 0.88 and 0.8 m² of the template.
  const [outside, inside] = first?.zones.map((zone) => partArea({ zones: [zone] })) ?? [];
  expect((outside ?? 0) / (inside ?? 1)).toBeCloseTo((rail?.area ?? 0) / 0.8 - 1, 6);
});

test('two things at once, under their own name; nothing picked is an empty job', () => {
  expect(job({ items: ['frame', 'carbon'], name: 'Tandem ' })).toMatchObject({
    name: 'Tandem',
    item: { kind: 'cycle' },
    parts: [{ name: 'Frame' }, { name: 'Tube' }],
  });
  expect(job({})).toMatchObject({ name: 'Job 4', parts: [] });
});

test('what was said is there again after the page was left; what cannot be read is not', () => {
  keepDraft(draft({ items: ['dinghy'], year: 2004, changed: { 'dinghy Bottom': { area: 6 } } }));
  expect(keptDraft()).toMatchObject({ items: ['dinghy'], year: 2004, changed: { 'dinghy Bottom': { area: 6 } } });
  // One that an older program kept.
  localStorage.setItem('lift-bare.new-job', JSON.stringify({ ...keptDraft(), note: 'Wanted: hard antifouling.' }));
  expect(keptDraft()).toMatchObject({ items: ['dinghy'], year: 2004 });
  expect(keptDraft()).not.toHaveProperty('note');
  localStorage.setItem('lift-bare.new-job', '{"items": 3}');
  expect(keptDraft()).toEqual(EMPTY_DRAFT);
  localStorage.setItem('lift-bare.new-job', 'torn {');
  expect(keptDraft()).toEqual(EMPTY_DRAFT);
});

test('every place has air in which paint is laid on', () => {
  for (const { temperature, humidity } of PLACES) expect([temperature > 10, humidity < 80]).toEqual([true, true]);
});
