import { benchEvent, readingAt } from '../../testing/bench-sample.ts';
import { networkIn, operationOf, OPERATIONS, runOf, said, START, TRAILER, worked } from '../../testing/run-sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { DEMO_SHOP } from '../demo/demo-jobs.ts';
import type { BenchEvent } from '../model/bench.ts';
import { planJob } from '../plan-job.ts';
import { OperationKind } from '../model/operation.ts';
import { DefectKind } from '../model/run.ts';
import { habitsOf, tallyDefects } from './defect-tally.ts';
import { DEFECTS } from './defect-causes.ts';
import { deviationsOf } from './deviations.ts';
import { DEFECT_NAMES, entryText } from './entry-words.ts';
import { causesOf } from './find-causes.ts';
import { openAtHandOver } from './hand-over.ts';
import { runSteps } from './run-steps.ts';
import { SECOND_TORQUE, secondTorque } from './second-torque.ts';
import { stepMix } from './step-mix.ts';

const coat = operationOf('coat');
const zone = coat.faces[0]?.zone ?? '';
const coats = OPERATIONS.filter((own) => own.coat?.product === coat.coat?.product && own.faces.some((face) => face.zone === zone));
const [first, second] = [coats[0]?.id ?? '', coats[1]?.id ?? ''];
const causes = (kind: DefectKind, ...events: BenchEvent[]) => {
  const run = runOf(...events);
  return causesOf(kind, zone, { run, operations: OPERATIONS, deviations: deviationsOf(networkIn(run), run) });
};

test('every defect has a name, causes in order and a repair in steps that there are', () => {
  for (const kind of DefectKind.options) {
    expect(DEFECT_NAMES[kind]).not.toBe('');
    expect(DEFECTS[kind].causes.length).toBeGreaterThan(0);
    expect(DEFECTS[kind].repair.every((step) => OperationKind.options.includes(step))).toBe(true);
    expect(causes(kind).map(({ says }) => says)).toEqual(DEFECTS[kind].causes.map(({ says }) => says));
  }
});

test('a window that was missed comes first for peeling, with its own words', () => {
  const [likely] = causes('peeling', ...worked(first, 0, 30), said(30 + 6000, { what: 'begun', work: second, zones: [] }));
  expect(likely).toMatchObject({ says: 'the window to the next coat was missed', evidence: [expect.stringContaining('too late')] });
});

test('a coat laid too soon speaks for wrinkles, and not on another zone', () => {
  const events = [...worked(first, 0, 30), said(31, { what: 'begun', work: second, zones: [] })];
  expect(causes('wrinkles', ...events)[0]?.evidence).toEqual([expect.stringContaining('too soon')]);
  const run = runOf(...events);
  const elsewhere = causesOf('wrinkles', 'box-16', { run, operations: OPERATIONS, deviations: deviationsOf(networkIn(run), run) });
  expect(elsewhere.every(({ evidence }) => evidence.length === 0)).toBe(true);
});

test('a test that failed speaks for fish eyes, one that was met at once against them', () => {
  const test1 = OPERATIONS.find(({ kind, faces }) => kind === 'test' && faces.some((face) => face.zone === zone))?.id ?? '';
  const held = (met: boolean): BenchEvent => said(0, { what: 'held', operation: test1, values: [10], met, gauge: false });
  const silicone = (...events: BenchEvent[]) => causes('fish-eyes', ...events).find(({ says }) => says.startsWith('silicone'));
  expect(silicone(held(false))?.evidence).toEqual([expect.stringContaining('was not met at first')]);
  expect(silicone(held(true))).toMatchObject({ evidence: [], against: [expect.stringContaining('met at once')] });
  expect(causes('fish-eyes', held(true))[0]?.says).toBe('oil or water from the air line');
});

test('a step that was passed over, and the air that a coat was laid in', () => {
  const dry = causes('flash-rust', said(0, { what: 'begun', work: first, zones: [] }));
  expect(dry.find(({ says }) => says.startsWith('not dried'))?.evidence).toEqual([expect.stringContaining('never ticked off')]);
  const damp = { ...said(0, { what: 'begun', work: first, zones: [] }), receivedAt: '', reading: { ...readingAt(0, 12), humidity: 97 } };
  expect(causes('blush', damp).find(({ says }) => says.startsWith('damp'))?.evidence).toEqual([expect.stringContaining('97 %')]);
});

test('a film that was measured too thick speaks for runs, a tin past its date for peeling', () => {
  const thick = said(
    0,
    { what: 'held', operation: first, values: [], met: false, gauge: true },
    { note: 'Too thick: 140 µm on average, 90 are the most.' },
  );
  expect(causes('runs', thick)[0]).toMatchObject({ says: expect.stringContaining('heavy'), evidence: [expect.stringContaining('140')] });
  const old = said(0, { what: 'used', operation: first, product: 'Epoxy', batch: '1', expires: '2026-11-01', before: null, after: null });
  expect(causes('peeling', old)[0]?.says).toContain('hardener');
});

describe('handing over', () => {
  const open = (events: readonly BenchEvent[], job = TRAILER) => {
    const run = runOf(...events);
    return openAtHandOver(job, run, runSteps(networkIn(run), run, 0));
  };
  const all = networkIn(runOf()).activities.flatMap(({ id }) => worked(id, 0, 5));

  test('needs every coat and step, and says which are open', () => {
    expect(open(all)).toEqual([]);
    const uncoated = all.filter(({ run }) => !(run && 'work' in run && run.work === coats.at(-1)?.id));
    expect(open(uncoated)).toEqual([expect.stringMatching(/^1 coat is open: /)]);
    expect(open([])[0]).toMatch(/coats are open/);
    expect(open(worked(OPERATIONS[0]?.id ?? '', 0, 5))[1]).toMatch(/steps are open: .* and \d+ more$/);
  });

  test('is barred by a hold point that is not met, a part that is off and a find nobody released', () => {
    const test1 = OPERATIONS.find(({ hold }) => hold?.unit === 's')?.id ?? '';
    const [part] = TRAILER.parts;
    const missed = said(10, { what: 'held', operation: test1, values: [1], met: false, gauge: false });
    expect(open([...all, missed])).toEqual([expect.stringMatching(/^1 hold point is not met: /)]);
    expect(open([...all, said(10, { what: 'part', part: part?.id ?? '', state: 'off' })])).toEqual([`1 part is not fitted again: ${part?.name}`]);
    const find = {
      id: 'f',
      kind: 'crack',
      known: 'under-the-paint',
      spot: null,
      where: '',
      area: null,
      depth: null,
      loaded: true,
      disposition: 'licensed',
      released: null,
    } as const;
    const cracked = {
      ...TRAILER,
      parts: TRAILER.parts.map((own) => ({ ...own, zones: own.zones.map((z, i) => (i === 0 && own === part ? { ...z, finds: [find] } : z)) })),
    };
    expect(open(all, cracked)).toEqual([expect.stringMatching(/^1 find is not released: crack on /)]);
  });
});

test('wheel bolts are asked after once more when the item has gone, until somebody has checked them', () => {
  const wheeled = { ...TRAILER, parts: TRAILER.parts.map((part, i) => (i === 0 ? { ...part, role: 'wheel' as const } : part)) };
  const bare = {
    ...TRAILER,
    parts: TRAILER.parts.map((part) => ({ ...part, role: 'ordinary' as const, features: [] })),
  };
  const gone = said(0, { what: 'handed-over' });
  const checked = (met: boolean) => said(9, { what: 'held', operation: SECOND_TORQUE, values: [], met, gauge: false });
  expect(secondTorque(wheeled, runOf())).toBeNull();
  expect(secondTorque(bare, runOf(gone))).toBeNull();
  expect(secondTorque(wheeled, runOf(gone, checked(false), checked(true)))).toBe('done');
  expect([runOf(gone), runOf(gone, checked(false)), runOf(gone, checked(true))].map((run) => secondTorque(wheeled, run))).toEqual([
    'open',
    'open',
    'done',
  ]);
});

describe('what is mixed for a step', () => {
  const plan = planJob(TRAILER, DEMO_SHOP, CATALOGUE);
  const mixOf = (zones: string[]) => stepMix(coat, { id: coat.id, zones }, plan, { celsius: 19, resolution: 1 });
  const zones = coat.faces.map((face) => face.zone);

  test('is what the run sheet says at that step, and the scale adds up to all of it', () => {
    const first = plan.operations.filter((own) => own.coat?.pass === 1);
    expect(first.length).toBeGreaterThan(5);
    for (const own of first) {
      const mix = stepMix(own, { id: own.id, zones: own.faces.map((face) => face.zone) }, plan, { celsius: 19, resolution: 1 });
      const [, litres, thinner = '0'] = /^Mix about ([\d.]+) L(?: with ([\d.]+) L)?/.exec(own.detail) ?? [];
      const said = Number(litres) + Number(thinner);
      expect(Math.abs((mix?.perCoat ?? 0) - said)).toBeLessThan(0.06 * said + 0.01);
      expect((mix?.parts.reduce((sum, part) => sum + part.litres, 0) ?? 0) * (mix?.batches ?? 0)).toBeCloseTo(mix?.perCoat ?? 0, 9);
      expect(mix?.parts.at(-1)?.shows).toBeCloseTo(mix?.parts.reduce((sum, part) => sum + part.grams, 0) ?? 0, 9);
    }
  });

  test('is shared by hands where a mix is for some of the zones, and is nothing at a later pass', () => {
    const whole = mixOf(zones)?.perCoat ?? 0;
    const parts = zones.map((one) => mixOf([one])?.perCoat ?? 0);
    expect(parts.reduce((all, one) => all + one, 0)).toBeCloseTo(whole, 9);
    const later = plan.operations.find((own) => own.coat?.pass === 2);
    expect(later && stepMix(later, { id: later.id, zones: later.faces.map((face) => face.zone) }, plan, { celsius: 19, resolution: 1 })).toBeNull();
  });

  test('is shared by the pieces of a face that is done in several', () => {
    const pieces = [1, 2, 3].map((number) =>
      stepMix(coat, { id: `${coat.id}:${zones.join('+')}:${number}of3`, zones }, plan, { celsius: 19, resolution: 1 }),
    );
    expect(pieces.reduce((all, one) => all + (one?.perCoat ?? 0), 0)).toBeCloseTo(mixOf(zones)?.perCoat ?? 0, 9);
  });

  test('is nothing where nothing is laid', () => {
    expect(mixOf([])).toBeNull();
    expect(stepMix(operationOf('key'), { id: 'a', zones }, plan, { celsius: 19, resolution: 1 })).toBeNull();
  });
});

test('over jobs, habits are counted beside each defect and elsewhere; what was taken back does not count', () => {
  const used = (product: string, expires: string | null = null): BenchEvent =>
    said(5, { what: 'used', operation: 'o', product, batch: '', expires, before: null, after: null });
  const eyes = said(9, { what: 'defect', zone: 'z', kind: 'fish-eyes' });
  const tally = tallyDefects([
    habitsOf('a', [used('Epoxy'), used('Cheap clear'), eyes]),
    habitsOf('b', [used('Epoxy'), used('Cheap clear', '2026-01-01'), said(9, { what: 'defect', zone: 'z', kind: 'fish-eyes' })]),
    habitsOf('c', [used('Epoxy')]),
    habitsOf('d', [used('Epoxy'), eyes, benchEvent('taken-back', 10, { target: eyes.id })]),
  ]);
  expect(tally).toMatchObject([{ kind: 'fish-eyes', jobs: 2, others: 2 }]);
  expect(tally[0]?.habits).toEqual([
    { habit: 'Cheap clear was used', among: 2, elsewhere: 0 },
    { habit: 'a tin was past its date', among: 1, elsewhere: 0 },
    { habit: 'Epoxy was used', among: 2, elsewhere: 2 },
  ]);
  expect(habitsOf('e', [said(0, { what: 'let-go', operation: 'o' }), said(0, { what: 'missed', clock: 'k', remedy: null })]).habits).toEqual(
    new Set(['a hold point was let go', 'a window was missed']),
  );
});

test('every entry reads in words', () => {
  const titleOf = (id: string) => `<${id}>`;
  expect(entryText({ what: 'used', operation: 'o', product: 'Epoxy', batch: '4711', expires: null, before: 900, after: 650 }, titleOf)).toBe(
    'Used Epoxy, batch 4711, 250 g: <o>',
  );
  expect(entryText({ what: 'held', operation: 'o', values: [8.6], met: false, gauge: true }, titleOf)).toBe('Hold point not met, 8.6 by gauge: <o>');
  expect(entryText({ what: 'photo', operation: null, zone: null, file: 'f', moment: 'after' }, titleOf)).toBe('Photo after');
  expect(entryText({ what: 'defect', zone: 'z', kind: 'fish-eyes' }, titleOf)).toBe('Defect: fish eyes');
  expect(START.run && entryText(START.run, titleOf)).toBe('Job started as “Trailer”');
  expect(benchEvent('run', 0).run).toBeNull();
});
