import { sampleJob } from '../../testing/sample.ts';
import { DEMO_JOBS } from '../demo/demo-jobs.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { DEFAULT_SHOP } from './default-shop.ts';
import { Job } from './job.ts';
import { readEdited, readJob, readWith } from './read-document.ts';
import { Shop } from './shop.ts';
import { newJob } from './new-job.ts';
import { PART_TEMPLATES } from '../templates/part-templates.ts';
import { partFromTemplate } from '../templates/part-template.ts';

/** A job as plain data, to be damaged. */
const raw = () =>
  JSON.parse(JSON.stringify(sampleJob())) as {
    format: string;
    place: Record<string, unknown>;
    parts: { substrate: string; zones: { id: string; shape: object; stack: { thickness: unknown }[]; target: object }[] }[];
  };
const issues = (damage: (job: ReturnType<typeof raw>) => void) => {
  const job = raw();
  damage(job);
  const read = readJob(job);
  return read.ok ? [] : read.issues.map(({ path, reason }) => `${path.join('.')}: ${reason}`);
};
const zone = (job: ReturnType<typeof raw>) => job.parts[0]?.zones[0] as NonNullable<(typeof job.parts)[0]['zones'][0]>;

describe('reading a job document', () => {
  test('saving and loading is the identity', () => {
    for (const job of DEMO_JOBS) expect(readJob(JSON.parse(JSON.stringify(job)))).toEqual({ ok: true, value: job });
  });

  test.each<[string, (job: ReturnType<typeof raw>) => void, string]>([
    ['negative thickness', (job) => ((zone(job).stack[0] as { thickness: unknown }).thickness = -5), 'parts.0.zones.0.stack.0.thickness'],
    ['400 °C', (job) => (job.place['temperature'] = 400), 'place.temperature'],
    ['text in a number', (job) => (job.place['humidity'] = 'wet'), 'place.humidity'],
    ['NaN', (job) => (job.place['temperature'] = Number.NaN), 'place.temperature'],
    ['unknown substrate', (job) => ((job.parts[0] as { substrate: string }).substrate = 'unobtainium'), 'parts.0.substrate'],
    ['zero area', (job) => (zone(job).shape = { kind: 'entered', area: 0 }), 'parts.0.zones.0.shape.area'],
    ['an unknown field', (job) => (job.place['mood'] = 1), 'place: Unrecognized key: "mood"'],
    [
      'a target that is not in the stack',
      (job) => (zone(job).target = { kind: 'down-to', layer: 'gone' }),
      'parts.0.zones.0.target.layer: the layer to stop at',
    ],
    [
      'a ring inside out',
      (job) => (zone(job).shape = { kind: 'ring', outer: 0.2, inner: 0.3, count: 1 }),
      'parts.0.zones.0.shape.inner: inner diameter',
    ],
    ['an id used twice', (job) => job.parts[0]?.zones.push({ ...zone(job) }), 'parts.0.zones.1.id: id "zone1" is used twice'],
    ['another format', (job) => (job.format = 'lift-bare.job/9'), 'format: expected "lift-bare.job/4", found "lift-bare.job/9"'],
  ])('%s is refused with path and reason', (_, damage, message) => {
    expect(issues(damage).join('\n')).toContain(message);
  });

  test('a job of the first format is brought up to date: a tank is known by its feature, what else is new changes nothing', () => {
    const [tug] = DEMO_JOBS as [Job];
    const first = JSON.parse(JSON.stringify(tug)) as { format: string; parts: Record<string, unknown>[] };
    first.format = 'lift-bare.job/1';
    for (const part of first.parts) for (const later of ['role', 'service']) delete part[later];
    first.parts[0] = { ...first.parts[0], features: ['fuel-tank'] };
    const read = readJob(first);
    expect(read).toMatchObject({ ok: true, value: { format: tug.format } });
    expect(read.ok && read.value.parts.map(({ role }) => role)).toEqual(tug.parts.map((_, i) => (i === 0 ? 'tank' : 'not-said')));
  });

  test.each<[string, Record<string, string>]>([
    ['moisture-tolerant primer', { dew: 'moisture-tolerant primer' }],
    ['', {}],
  ])('a job of the second format answered for the dew point alone: "%s"', (dewReason, gateReasons) => {
    const { place, ...job } = raw();
    delete place['gateReasons'];
    const read = readJob({ ...job, format: 'lift-bare.job/2', place: { ...place, dewReason } });
    expect(read).toMatchObject({ ok: true, value: { format: 'lift-bare.job/4', place: { gateReasons } } });
  });

  test('a job of the third format named its customer; this one knows nobody', () => {
    const read = readJob({ ...raw(), format: 'lift-bare.job/3', customer: 'Harbour board' });
    expect(read.ok && JSON.stringify(read.value)).not.toContain('Harbour');
    expect(issues((job) => ((job as Record<string, unknown>)['customer'] = 'Harbour board'))[0]).toMatch(/customer/);
  });

  test.each(['constructor', 'toString', '__proto__'])('a format of the name %s is refused like the rest', (format) =>
    expect(issues((job) => (job.format = format))).toEqual([`format: expected "lift-bare.job/4", found "${format}"`]),
  );

  test.each(['gone', [null, 3, { features: 'many' }]])('parts that are none, %p, are refused where they stand', (parts) => {
    const read = readJob({ ...raw(), format: 'lift-bare.job/1', parts });
    expect(read.ok ? [] : read.issues.map(({ path: [top] }) => top)).toContain('parts');
  });

  test.each([null, 3, 'job', [], {}])('%p is no job', (input) => expect(readJob(input)).toMatchObject({ ok: false }));

  test('the default shop is a shop; a negative rate is not', () => {
    expect(readWith(Shop, DEFAULT_SHOP).ok).toBe(true);
    expect(readWith(Shop, { ...DEFAULT_SHOP, labourRate: -1 })).toMatchObject({ ok: false, issues: [{ path: ['labourRate'] }] });
  });
});

describe('templates and catalogue', () => {
  test('at least 12 parts to start from, each a valid part with fresh ids', () => {
    let count = 0;
    const parts = PART_TEMPLATES.map((template) => partFromTemplate(template, () => `id${(count += 1)}`));
    expect(parts.length).toBeGreaterThanOrEqual(12);
    expect(readJob({ ...newJob('All'), parts })).toMatchObject({ ok: true });
  });

  test('is as wide as promised', () => {
    const families = Object.values(CATALOGUE.methods).map(({ family }) => family);
    const count = (family: string) => families.filter((f) => f === family).length;
    const sizes = [
      Object.keys(CATALOGUE.substrates).length,
      Object.keys(CATALOGUE.coatings).length,
      count('chem'),
      count('mech'),
      count('blast'),
      Object.keys(CATALOGUE.treatments).length,
      Object.keys(CATALOGUE.primers).length,
    ];
    [14, 14, 8, 8, 5, 5, 8].forEach((least, i) => expect(sizes[i]).toBeGreaterThanOrEqual(least));
  });

  /** Starting estimates of the softening table, model assumption; a slip of the pen would show here. */
  test('rows of the softening table read as they were written down', () => {
    const row = (id: keyof typeof CATALOGUE.coatings) => Object.values(CATALOGUE.coatings[id].softening).map(({ value }) => value);
    expect(row('alkyd-enamel')).toEqual([5, 8, 45, 120, 6, 45]);
    expect(row('powder-polyester')).toEqual([40, null, 480, null, null, null]);
    expect(row('antifoul-hard')).toEqual([8, 20, 60, 360, null, 300]);
  });
});

describe('reading what was edited', () => {
  const [tug] = DEMO_JOBS as [Job];
  /** An edit of the zone of one part, the rest the same objects. */
  const edited = (at: number, change: object): Job => ({
    ...tug,
    parts: tug.parts.map((part, i) => (i === at ? { ...part, zones: part.zones.map((one, z) => (z === 0 ? { ...one, ...change } : one)) } : part)),
  });

  test.each<[string, Job]>([
    ['a sound edit', edited(2, { name: 'Sill' })],
    ['an area of nothing', edited(2, { shape: { kind: 'entered', area: 0 } })],
    ['a layer that is not there', edited(1, { target: { kind: 'down-to', layer: 'gone' } })],
    ['a name with a control character', edited(3, { name: 'Sill\u0007' })],
    ['an id of another part', edited(2, { id: tug.parts[0]?.zones[0]?.id })],
    ['a part more, with ids that are taken', { ...tug, parts: [...tug.parts, tug.parts[0] as Job['parts'][0]] }],
    ['a sound edit beside a pin without a time', { ...edited(2, { name: 'Sill' }), pins: [{ work: 'coat', at: 'never' }] as never }],
    ['a place that is too hot', { ...tug, place: { ...tug.place, temperature: 400 as never } }],
  ])('%s answers as if all of it were read', (_, job) => {
    const [quick, whole] = [readEdited(tug, job), readWith(Job, job)];
    expect(quick).toEqual(whole);
    expect(quick.ok ? [] : quick.issues.length).not.toBe(0);
  });

  test('what is the same object is not read again', () => {
    const damaged = edited(0, { shape: { kind: 'entered', area: 0 } });
    expect(readEdited(damaged, { ...damaged, name: 'Another' }).ok).toBe(true);
    expect(readEdited(tug, damaged).ok).toBe(false);
  });
});
