import { DEMO_JOBS } from '../demo/demo-jobs.ts';
import { Job, type Part, type Zone } from '../model/job.ts';
import { CLEAN } from '../model/new-job.ts';
import { readWith } from '../model/read-document.ts';
import { Shop } from '../model/shop.ts';
import { DEMO_SHOP } from '../demo/demo-jobs.ts';
import { keepAsTemplate, partFromOwn } from './own-templates.ts';
import { manyLike, pieceLike, zoneLike } from './piece-like.ts';
import { startsOf } from './starts.ts';
import { ownItem, partsOf, proposeParts } from './item-templates.ts';

const job = DEMO_JOBS[0] as Job;
const part = job.parts[1] as Part;
const zone = part.zones[0] as Zone;
let count = 0;
const fresh = () => `fresh${(count += 1)}`;

/** What was seen on one piece. */
const seen: Zone = {
  ...zone,
  finds: [{ id: 'f1' }] as unknown as Zone['finds'],
  patches: [{ id: 'p1' }] as unknown as Zone['patches'],
  moisture: {} as Zone['moisture'],
};

test('a copy of a part is valid beside it and keeps its target layer', () => {
  const targeted = { ...part, zones: [{ ...zone, target: { kind: 'down-to', layer: zone.stack[1]?.id ?? '' } as const }] };
  const copy = pieceLike(targeted, 'Copy', fresh);
  expect(readWith(Job, { ...job, parts: [...job.parts, copy] }).ok).toBe(true);
  expect(copy.zones[0]?.target).toEqual({ kind: 'down-to', layer: copy.zones[0]?.stack[1]?.id });
});

test('what was found, tried and measured on one piece is not said of another', () => {
  const photographed = { ...part, photos: [{}] as unknown as Part['photos'], bareAt: '2026-01-01T10:00:00.000Z', zones: [seen] };
  expect(pieceLike(photographed, 'Copy', fresh)).toMatchObject({ photos: [], bareAt: null });
  expect(zoneLike(seen, fresh)).toMatchObject({ finds: [], patches: [], moisture: null, condition: zone.condition });
});

test.each([
  ['Wheel', 3, ['Wheel', 'Wheel 2', 'Wheel 3', 'Wheel 4']],
  ['Louvre 7', 2, ['Louvre 7', 'Louvre 8', 'Louvre 9']],
])('%s and %s more like it are numbered on, each with ids of its own', (name, more, names) => {
  const own = { ...job, parts: [{ ...(job.parts[0] as Part), name }, ...job.parts.slice(1)] };
  const many = manyLike(own, own.parts[0] as Part, more, fresh);
  expect(many.parts.slice(0, more + 1).map((one) => one.name)).toEqual(names);
  expect(many.parts).toHaveLength(job.parts.length + more);
  expect(readWith(Job, many)).toMatchObject({ ok: true });
});

describe('a part that the shop has kept', () => {
  const tested: Zone = {
    ...seen,
    condition: {
      ...CLEAN,
      rustGrade: 'C',
      lead: 'present',
      chromate: 'lab-clear',
      asbestos: 'present',
      tar: 'lab-clear',
      organotin: 'present',
      crosscut: 2,
    },
    tests: [{}] as unknown as Zone['tests'],
    choice: { method: 'chem.gel-benzyl', at: null, reason: '', by: 'whole-job' } as Zone['choice'],
  };
  const template = (own: Part) => keepAsTemplate(own, { kind: 'boat', service: 'immersed-salt' }, { name: 'Bow rail', words: 'pulpit' }, fresh);
  const kept = template({ ...part, floats: 'floats', contents: 'fuel', zones: [tested] });

  test('claims no test: lead that was found is suspected, the rest is not tested', () => {
    const [own] = kept.part.zones;
    expect(own?.condition).toEqual({ ...CLEAN, rustGrade: 'C', lead: 'suspected' });
    expect(own).toMatchObject({ tests: [], finds: [], patches: [], choice: null });
    expect(kept.part).toMatchObject({ floats: 'not-tested', contents: 'not-said' });
  });

  test.each([
    ['suspected', 'suspected'],
    ['lab-clear', 'not-tested'],
    ['not-tested', 'not-tested'],
  ] as const)('lead that is %s is %s in the next', (lead, next) => {
    expect(template({ ...part, zones: [{ ...zone, condition: { ...CLEAN, lead } }] }).part.zones[0]?.condition.lead).toBe(next);
  });

  test('keeps a method that somebody has chosen by hand, and the layers', () => {
    const choice = { ...(tested.choice as NonNullable<Zone['choice']>), by: 'hand' as const };
    const own = template({ ...part, zones: [{ ...zone, choice }] }).part.zones[0];
    expect(own?.choice).toEqual(choice);
    expect(own?.stack.map(({ coating, thickness }) => [coating, thickness])).toEqual(
      zone.stack.map(({ coating, thickness }) => [coating, thickness]),
    );
  });

  test('has the area of a mesh file as a figure, as the file stays with its job', () => {
    const shape = { kind: 'mesh', facing: 'all', area: 2, count: 3 } as Zone['shape'];
    expect(template({ ...part, zones: [{ ...zone, shape }] }).part.zones[0]?.shape).toEqual({ kind: 'entered', area: 6 });
    expect(template(part).part.zones[0]?.shape).toEqual(zone.shape);
  });

  test('stands in the shop profile, which refuses it twice and without a zone', () => {
    expect(readWith(Shop, { ...DEMO_SHOP, templates: [template(part)] }).ok).toBe(true);
    const one = template(part);
    const refused = (templates: unknown[]) => {
      const read = readWith(Shop, { ...DEMO_SHOP, templates });
      return read.ok ? [] : read.issues.map(({ path }) => path.join('.'));
    };
    expect(refused([one, one])).toEqual(['templates.1.id']);
    expect(refused([{ ...one, part: { ...one.part, zones: [] } }])).toEqual(['templates.0.part.zones']);
  });

  test('says its layers from the substrate up, coats of the same as one', () => {
    const layer = (coating: string) => ({ ...zone.stack[0], coating }) as Zone['stack'][number];
    const stack = ['surfacer-2k', 'alkyd-enamel', 'alkyd-enamel', 'alkyd-enamel', 'surfacer-2k'].map(layer);
    const says = (own: Zone['stack']) => startsOf([template({ ...part, zones: [{ ...zone, stack: own }] })])[0]?.says;
    expect(says(stack)).toMatch(/^[^,]+, Alkyd enamel in 3 layers, [^,]+$/);
    expect(says([])).toBe('No coating');
  });

  test('is offered first, and makes pieces of its own of any size', () => {
    const starts = startsOf([kept]);
    expect(starts[0]).toMatchObject({ own: true, name: 'Bow rail', words: 'pulpit', substrate: part.substrate });
    expect(starts.at(-1)?.id).toBe('blank');
    const [row] = proposeParts([ownItem(kept)], starts);
    expect(row?.area).toBeGreaterThan(0);
    const parts = partsOf([{ ...row!, pieces: 2 }], fresh, starts);
    expect(parts.map(({ name }) => name)).toEqual(['Bow rail 1', 'Bow rail 2']);
    expect(new Set(parts.flatMap(({ id, zones }) => [id, ...zones.map((one) => one.id)])).size).toBe(4);
    expect(ownItem(kept)).toMatchObject({ kind: 'boat', service: 'immersed-salt' });
    expect(partFromOwn(kept, fresh).id).not.toBe(kept.part.id);
  });
});
