import { ISSUED, PLAN, runOf, said, START, TRAILER, worked } from '../../testing/run-sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { DEMO_SHOP } from '../demo/demo-jobs.ts';
import { ProductId } from '../model/ids.ts';
import { Job, type Layer, type Zone } from '../model/job.ts';
import { DefectKind } from '../model/run.ts';
import { planJob } from '../plan-job.ts';
import { um } from '../units/quantities.ts';
import { DEFECTS } from './defect-causes.ts';
import { foldRun, type Run } from './fold-run.ts';
import { repairId, withRepair, type Failed } from './repair-zone.ts';
import { runNetwork } from './run-network.ts';
import { runSteps } from './run-steps.ts';

const painted = PLAN.zones.find(({ build }) => (build?.coats.length ?? 0) > 3);
if (!painted?.build) throw new RangeError('no zone of the trailer is painted');
const failed = (kind: DefectKind, more: Partial<Failed> = {}): Failed => ({
  event: 'e1',
  kind,
  zone: painted.zone,
  build: painted.build as Failed['build'],
  ...more,
});
const repairIn = (job: Job): Zone | undefined => job.parts.flatMap(({ zones }) => zones).find(({ id }) => id === repairId('e1'));
const planOf = (kind: DefectKind) => planJob(withRepair(TRAILER, failed(kind), 0.05), DEMO_SHOP, CATALOGUE);
const kindsOf = (kind: DefectKind) =>
  planOf(kind)
    .operations.filter(({ faces }) => faces.some(({ zone }) => zone === repairId('e1')))
    .map((own) => own.kind);

test('the new films lie on the zone that is mended, as thick as they were laid, lowest first', () => {
  const zone = repairIn(withRepair(TRAILER, failed('runs'), 0.05));
  const films = painted.build?.coats.filter(({ base }) => base !== 'adhesion-promoter') ?? [];
  const own = zone?.stack.slice(-films.length) ?? [];
  expect(own.map(({ name }) => name)).toEqual(films.map(({ name }) => name));
  own.forEach((layer, i) => expect(layer.thickness).toBeCloseTo((films[i]?.dryFilm ?? 0) * (films[i]?.coats ?? 0), 9));
  expect(zone?.shape).toEqual({ kind: 'entered', area: 0.05 });
});

/** As deep as the repair of such a sign goes; common practice, no source. */
test('a run is sanded and laid on again, peeling goes down to the first film, lifting to the bare face', () => {
  expect(kindsOf('runs')).toEqual(expect.arrayContaining(['key', 'coat']));
  expect(kindsOf('runs').some((kind) => kind.startsWith('strip'))).toBe(false);
  expect(kindsOf('lifting').some((kind) => kind.startsWith('strip'))).toBe(true);
  const target = (kind: DefectKind) => repairIn(withRepair(TRAILER, failed(kind), 0.05))?.target;
  expect(target('peeling')).toEqual({ kind: 'down-to', layer: 'new1' });
  expect(target('lifting')).toEqual({ kind: 'bare' });
});

test('every repair that starts over is a job that reads, and ends in a coat; the others change nothing, nor does a second time', () => {
  for (const kind of DefectKind.options) {
    const job = withRepair(TRAILER, failed(kind), 0.05);
    if (DEFECTS[kind].down === null) {
      expect(job).toBe(TRAILER);
      continue;
    }
    expect([kind, Job.safeParse(job).error?.issues]).toEqual([kind, undefined]);
    expect([kind, kindsOf(kind).includes('coat')]).toEqual([kind, true]);
    expect(withRepair(job, failed(kind), 0.2)).toBe(job);
  }
  expect(repairIn(withRepair(TRAILER, failed('runs', { zone: 'gone' }), 0.05))).toBeUndefined();
});

test('whatever product was laid has its layer', () => {
  const coat = painted.build?.coats[0];
  for (const base of ProductId.options) {
    const build = { coats: coat ? [{ ...coat, base }] : [] };
    const zone = repairIn(withRepair(TRAILER, failed('runs', { build }), 0.05));
    expect(Job.safeParse(withRepair(TRAILER, failed('runs', { build }), 0.05)).success).toBe(true);
    expect(zone?.stack.filter(({ origin }) => origin === 'refinish')).toHaveLength(base === 'adhesion-promoter' ? 0 : 1);
  }
});

test('steps that were done before the repair was planned are open for it, what is done once for the job is not', () => {
  const minutes = new Map(ISSUED.works.map(({ id }, i) => [id, 10 * i]));
  const events = ISSUED.works.flatMap(({ id, zones }) => worked(id, minutes.get(id) ?? 0, (minutes.get(id) ?? 0) + 5, zones));
  const { operations } = planOf('runs');
  const run = foldRun([START, ...events, said(99_000, { what: 'defect', zone: painted.zone, kind: 'runs' })]) as Run;
  const steps = runSteps(runNetwork(operations, run), run, Number.MAX_SAFE_INTEGER);
  const open = steps.filter(({ state }) => state !== 'done');
  expect(open.length).toBeGreaterThan(3);
  expect(open.every(({ zones }) => zones.length === 1 && zones[0] === repairId('e1'))).toBe(true);
  expect(open.map(({ operation }) => operation.kind)).toEqual(expect.arrayContaining(['key', 'coat']));
  expect(steps.filter(({ operation }) => operation.kind === 'check-kit').map(({ state }) => state)).toEqual(['done']);
  // Without a repair nothing is open.
  expect(
    runSteps(runNetwork(PLAN.operations, runOf(...events)), runOf(...events), Number.MAX_SAFE_INTEGER).every(({ state }) => state === 'done'),
  ).toBe(true);
});

test('old layers that were kept lie under the new films, and keep what was said of them', () => {
  const layer = (id: string): Layer => ({ id, coating: 'e-coat', thickness: um(20), state: 'sound', origin: 'factory', name: '', colour: '' });
  const over = (target: Zone['target']): Job => ({
    ...TRAILER,
    parts: TRAILER.parts.map((part) => ({
      ...part,
      zones: part.zones.map((zone) =>
        zone.id === painted.zone
          ? { ...zone, target, stack: ['low', 'mid', 'top'].map(layer), condition: { ...zone.condition, lead: 'present', contamination: ['grease'] } }
          : zone,
      ),
    })),
  });
  const mended = (target: Zone['target']) => repairIn(withRepair(over(target), failed('runs'), 0.05));
  const old = (target: Zone['target']) => mended(target)?.stack.flatMap(({ id, coating }) => (coating === 'e-coat' ? [id] : []));
  expect(old({ kind: 'keep' })).toEqual(['low', 'mid', 'top']);
  expect(old({ kind: 'down-to', layer: 'mid' })).toEqual(['low', 'mid']);
  expect(old({ kind: 'bare' })).toEqual([]);
  expect(mended({ kind: 'keep' })?.condition).toMatchObject({ lead: 'present', contamination: [] });
  expect(mended({ kind: 'bare' })?.condition.lead).toBe('lab-clear');
  expect(repairIn(withRepair(TRAILER, failed('corrosion'), 0.05))?.condition.rustGrade).toBe('C');
});
