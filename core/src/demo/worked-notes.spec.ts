import { CATALOGUE } from '../catalogue/catalogue.ts';
import { Job } from '../model/job.ts';
import { planJob } from '../plan-job.ts';
import { notesInOrder } from '../sheet/notes-in-order.ts';
import { percent } from '../units/quantities.ts';
import { DEMO_JOBS, DEMO_SHOP } from './demo-jobs.ts';
import { withNotes } from './worked-notes.ts';

const jobNamed = (name: string): Job => DEMO_JOBS.find((job) => job.name.startsWith(name)) as Job;
const [TUG, HORSEBOX] = [jobNamed('Baggage tug'), jobNamed('Horsebox')];
const planOf = (job: Job) => planJob(job, DEMO_SHOP, CATALOGUE);

/** A zone of a worked example by its names, with its plan. */
function at(job: Job, partName: string, zoneName: string) {
  const plan = planOf(job);
  const zone = plan.zones.find((one) => one.partName === partName && one.zoneName === zoneName);
  if (!zone) throw new Error(`no plan of ${zoneName}`);
  const barred = zone.options.filter(({ verdict }) => verdict === 'ruled-out').map(({ key }) => key);
  const steps = plan.operations.filter(({ faces }) => faces.some((face) => face.zone === zone.zone)).map(({ kind }) => kind);
  return { ...zone, barred, steps, costOf: (key: string) => zone.options.find((option) => option.key === key)?.cost ?? NaN };
}

const MECHANICAL_DRY = ['mech.da', 'mech.nonwoven-disc', 'mech.grinder-flap', 'mech.bristle-disc', 'heat.flame'];

describe('what the notes of the tug say holds of its plan', () => {
  test('untested enamel takes neither disc nor heat; a clean laboratory result opens a disc', () => {
    expect(at(TUG, 'Counterweight', 'Faces').barred).toEqual(expect.arrayContaining(MECHANICAL_DRY));
    const clear = { ...TUG, parts: TUG.parts.map((part) => ({ ...part, zones: part.zones.map(labClear) })) };
    expect(at(clear, 'Counterweight', 'Faces').barred).not.toContain('mech.da');
  });

  test('a gelcoat-safe stripper is slower and dearer on the bonnet than the sander, and the others are struck out', () => {
    const bonnet = at(TUG, 'Bonnet', 'Top face');
    expect(bonnet.chosen?.key).toBe('mech.da');
    expect(bonnet.barred).toContain('chem.benzyl-neutral');
    expect(bonnet.costOf('chem.gelcoat-safe')).toBeGreaterThan(bonnet.costOf('mech.da'));
  });

  test('the panels come bare against the advice to stop at the factory primer, their edges by a small disc', () => {
    expect(at(TUG, 'Side panels', 'Outer skins').findings).toContainEqual(expect.objectContaining({ code: 'factory-primer', severity: 'prefer' }));
    expect(at(TUG, 'Side panels', 'Edges and lips').chosen?.key).toBe('mech.quick-change');
  });

  test('the inside of the rail is flushed, dried, its rust converted, and waxed when nothing is painted any more', () => {
    const { steps } = at(TUG, 'Chassis', 'Inside the section');
    expect(steps.filter((kind) => ['flush-hollow', 'dry', 'convert-rust', 'wax-hollow'].includes(kind))).toEqual([
      'flush-hollow',
      'dry',
      'convert-rust',
      'wax-hollow',
    ]);
    const kinds = planOf(TUG).operations.map(({ kind }) => kind);
    expect(kinds.indexOf('wax-hollow')).toBeGreaterThan(kinds.lastIndexOf('coat'));
  });

  test('caustic takes the enamel off the brackets, and does nothing to the filler of the counterweight', () => {
    expect(at(TUG, 'Hitch and pedal brackets', 'Faces').chosen?.key).toBe('chem.caustic-spray');
    expect(at(TUG, 'Counterweight', 'Faces').barred).toContain('chem.caustic-spray');
  });

  test('the patches of the counterweight make the dwell of their own stripper surer, and not that of the gel that is planned', () => {
    const spread = (job: Job, stripper: string): number => {
      const option = at(job, 'Counterweight', 'Faces').options.find(({ key }) => key === stripper);
      const { first, late } = option?.strip?.rounds[0]?.dwell ?? { first: NaN, late: NaN };
      return late / first;
    };
    const untried = { ...TUG, parts: TUG.parts.map((part) => ({ ...part, zones: part.zones.map((zone) => ({ ...zone, patches: [] })) })) };
    expect(spread(TUG, 'chem.benzyl-neutral')).toBeLessThan(spread(untried, 'chem.benzyl-neutral'));
    expect(at(TUG, 'Counterweight', 'Faces').chosen?.key).toBe('own.house-gel');
    expect(spread(TUG, 'own.house-gel')).toBe(spread(untried, 'own.house-gel'));
    expect(spread(TUG, 'own.house-gel')).toBeGreaterThan(spread(TUG, 'chem.benzyl-neutral'));
  });

  test('bare steel waits longer in drier air', () => {
    const within = (humidity: number): number =>
      at({ ...TUG, place: { ...TUG.place, humidity: percent(humidity) } }, 'Chassis', 'Rails outside').bare?.primeWithin ?? NaN;
    expect(within(45)).toBeGreaterThan(within(61));
  });

  test('promoter is followed by the first paint within minutes', () => {
    const [first] = planOf(TUG).operations.filter(({ coat, where }) => coat?.product === 'basecoat' && where.some((name) => name.includes('Bumper')));
    expect(first?.lags.find(({ what }) => what === 'promoter')?.most).toBeLessThan(60);
  });
});

describe('what the notes of the trailer say holds of its plan', () => {
  test('light alloy takes no caustic, steel wire or flap disc', () => {
    const skins = at(HORSEBOX, 'Side skins', 'Skins');
    expect(skins.barred).toEqual(expect.arrayContaining(['chem.caustic-spray', 'mech.wire-wheel', 'mech.grinder-flap']));
    expect(skins.chosen?.key).toBe('mech.bristle-disc');
    expect(skins.bare?.primeWithin).toBeLessThan(24 * 60);
  });

  test('zinc is stripped wet, a wheel arch by a fine sander', () => {
    const drawbar = at(HORSEBOX, 'Drawbar', 'Outside');
    expect(drawbar.barred).toContain('mech.da');
    expect(drawbar.chosen?.strip).not.toBeNull();
    const arch = at(HORSEBOX, 'Wheel arches', 'Outside');
    expect(arch.chosen?.key).toBe('mech.da-fine');
    expect(arch.barred).toEqual(expect.arrayContaining(['chem.benzyl-neutral', 'mech.nonwoven-disc', 'mech.da']));
  });

  test('the rust of the wheel is treated after its paint, the acid rinsed off and the steel dried; it is turned over between coats', () => {
    const { steps } = at(HORSEBOX, 'Spare wheel', 'Both sides');
    const order = ['derust', 'treat-rust', 'rinse-acid', 'dry', 'coat'] as const;
    const places = order.map((kind) => steps.indexOf(kind));
    expect(places).toEqual([...places].sort((a, b) => a - b));
    expect(places).not.toContain(-1);
    expect(at(HORSEBOX, 'Spare wheel', 'Both sides').options.filter(({ key }) => key.startsWith('blast.'))).not.toEqual([]);
    expect(steps.filter((kind) => kind === 'turn').length).toBeGreaterThanOrEqual(2);
  });
});

describe('notes of a job', () => {
  test('stand in the order of the work, about the whole first, zones as they are listed', () => {
    const jumbled: Job = { ...TUG, decisionNotes: [...TUG.decisionNotes].reverse() };
    expect(notesInOrder(jumbled)).toEqual(TUG.decisionNotes);
    const [first] = TUG.parts[0]?.zones ?? [];
    const note = (zone: string | null) => ({ id: `of-${zone}`, stage: 'bare' as const, zone, text: 'x' });
    expect(notesInOrder({ ...TUG, decisionNotes: [note(first?.id ?? ''), note(null)] }).map(({ zone }) => zone)).toEqual([null, first?.id]);
  });

  test('of a zone that is gone are not shown', () => {
    const without = { ...TUG, parts: TUG.parts.filter(({ name }) => name !== 'Bumper') };
    const bumper = TUG.decisionNotes.filter(({ text }) => /moulded|Promoter/.test(text));
    expect(bumper).toHaveLength(2);
    expect(notesInOrder(without)).toEqual(TUG.decisionNotes.filter((note) => !bumper.includes(note)));
  });

  test('name zones that there are, and pass the schema; an unknown zone is refused', () => {
    for (const job of [TUG, HORSEBOX]) {
      expect(Job.parse(job).decisionNotes).toEqual(job.decisionNotes);
      expect(notesInOrder(job)).toHaveLength(job.decisionNotes.length);
    }
    expect(() => withNotes(TUG, [{ stage: 'bare', at: ['Bonnet', 'Keel'], text: 'x' }])).toThrow('no zone Keel of Bonnet');
  });

  test('have a text of at most 600 characters, and are 60 at most', () => {
    const taken = (text: string): boolean => Job.safeParse({ ...TUG, decisionNotes: [{ id: 'a', stage: 'bare', zone: null, text }] }).success;
    expect([taken('x'.repeat(600)), taken('x'.repeat(601)), taken('  ')]).toEqual([true, false, false]);
    const many = (count: number) => Array.from({ length: count }, (_, i) => ({ id: `n${i}`, stage: 'bare', zone: null, text: 'x' }));
    expect([60, 61].map((count) => Job.safeParse({ ...TUG, decisionNotes: many(count) }).success)).toEqual([true, false]);
  });
});

function labClear(zone: Job['parts'][number]['zones'][number]) {
  return { ...zone, condition: { ...zone.condition, lead: 'lab-clear' as const } };
}
