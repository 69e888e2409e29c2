import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { CATALOGUE, degC, DEMO_JOBS, DEMO_SHOP, Filling, gatherFacts, zoneRhythm, type Job, type ZoneFacts } from '@lift-bare/core';
import { JobContext } from '../../state/job-context';
import { PLAIN_UNITS } from '../../testing/plain-units';
import { zoneContext } from '../../testing/zone-context';
import { Units } from '../../ui/units.service';
import { FillerView } from './abrade/filler-view';
import { dwellCase, type DwellCase } from './dwell-case';
import { frontCurve } from './front-curve';
import { liftRows } from './lift-rows';
import { layerOptions, readDraft, type PatchDraft } from './patch-draft';
import { drawRhythm } from './rhythm-geometry';
import { stripperOf, StripSubject } from './strip-subject';
import { adoptTrial, planned, sayCase, withLay } from './trial';

const facts = gatherFacts(DEMO_JOBS[0] as Job, DEMO_SHOP, CATALOGUE).find(({ part }) => part.name === 'Counterweight') as ZoneFacts;
const benzyl = stripperOf(CATALOGUE.methods['chem.benzyl-neutral']) as DwellCase['setting']['stripper'];
const made = (whatIf: Parameters<typeof dwellCase>[2] = {}) => dwellCase(facts, benzyl, whatIf) as DwellCase;

describe('the front on the chart', () => {
  test('starts at the face, only goes down, and each dot lies on the face of its layer and on the curve', () => {
    const one = made();
    const { likely, lifts, wet } = frontCurve(one, one.until, null);
    expect(likely[0]).toEqual({ x: 0, y: 0 });
    likely.slice(1).forEach(({ y }, i) => expect(y).toBeGreaterThanOrEqual(likely[i]?.y ?? 0));
    wet.slice(1).forEach(({ y }, i) => expect(y).toBeLessThanOrEqual(wet[i]?.y ?? 0));
    for (const { x, y } of lifts) {
      const after = likely.findIndex((point) => point.x >= x);
      expect(y).toBeGreaterThanOrEqual((likely[after - 1]?.y ?? 0) - 1e-6);
      expect(y).toBeLessThanOrEqual((likely[after]?.y ?? Infinity) + 1e-6);
    }
  });

  test('two settings stand side by side in one table, a warmer covered one ahead', () => {
    const rows = liftRows(
      [made({ temperature: 12 as never, lay: { covered: false } }), made({ temperature: 20 as never, lay: { covered: true } })],
      [],
    );
    expect(rows).toHaveLength(facts.off.length);
    for (const { cells } of rows) expect(cells[1]?.likely).toBeLessThanOrEqual(cells[0]?.likely ?? 0);
  });
});

test('a trial says itself in words and becomes the zone’s own when it is taken', () => {
  const trial = withLay(withLay(planned('chem.benzyl-neutral'), { covered: true }), { film: 3 as never });
  expect(sayCase(made(trial.whatIf), (value) => `${value}`)).toMatch(/^17\.5, 3, under film/);
  const zone = adoptTrial(facts.zone, trial);
  expect(zone.lay).toMatchObject({ covered: true, film: 3, brushed: null });
  expect(zone.choice?.method).toBe('chem.benzyl-neutral');
});

describe('a patch as it is typed', () => {
  const now = new Date(2026, 10, 25, 12);
  const draft: PatchDraft = {
    where: 'corner',
    at: '2026-11-25T11:00',
    stripper: 'chem.benzyl-neutral',
    temperature: 17,
    laid: 1.8,
    covered: false,
    broken: false,
    brushed: false,
    minutes: '42,5',
    layers: 1,
    under: 'not-looked',
  };
  const trouble = (change: Partial<PatchDraft>) => {
    const read = readDraft({ ...draft, ...change }, now);
    return 'trouble' in read ? read.trouble : read.patch;
  };

  test('reads with comma or point', () => expect(trouble({})).toMatchObject({ minutes: 42.5, layers: 1, where: 'corner', setAside: null }));

  test.each<[Partial<PatchDraft>, keyof PatchDraft, RegExp]>([
    [{ minutes: '' }, 'minutes', /needs a number/],
    [{ minutes: '-4' }, 'minutes', /more than 0/],
    [{ minutes: '1e9', at: '2020-01-01T00:00' }, 'minutes', /week|passed/],
    [{ minutes: '90' }, 'minutes', /more than has passed/],
    [{ at: '2026-11-25T13:00', minutes: '1' }, 'at', /future/],
    [{ laid: 0 }, 'laid', /more than 0/],
  ])('%o is refused at its field', (change, field, reason) => expect((trouble(change) as Record<string, string>)[field]).toMatch(reason));

  test('what may have come off is listed from the face down', () => {
    const labels = layerOptions(facts.zone.stack, ({ coating }) => CATALOGUE.coatings[coating].name).map(({ label }) => label);
    expect(labels[0]).toBe('nothing by then');
    expect(labels).toHaveLength(facts.zone.stack.length + 1);
    expect(labels.at(-1)).toContain(`(${facts.zone.stack.length} layers)`);
  });
});

test('the rhythm is drawn to scale with few round ticks', () => {
  const plan = made().plan;
  if (!plan) throw new RangeError('no plan');
  const rhythm = zoneRhythm(facts, benzyl, plan, 1, 3);
  const { rows, ticks } = drawRhythm(rhythm);
  expect(rows).toHaveLength(3);
  for (const { x, width } of rows.flatMap(({ bars }) => bars)) expect(x + width).toBeLessThanOrEqual(100 + 1e-6);
  expect(ticks.length).toBeLessThanOrEqual(8);
  expect(ticks[1]?.x).toBeCloseTo((100 * (ticks[1]?.minutes ?? 0)) / rhythm.clock, 9);
});

test('filler on a cold part in a warm shop is told as too cold, in the words of the sheet', async () => {
  const context = zoneContext(/tug/, /Counterweight/);
  context.editZone('', (zone) => ({ ...zone, filling: Filling.parse({ area: 0.03, depth: 2, hardener: 2 }) }));
  TestBed.configureTestingModule({
    providers: [
      provideZonelessChangeDetection(),
      { provide: JobContext, useValue: context },
      { provide: Units, useValue: PLAIN_UNITS },
      StripSubject,
    ],
  });
  const fixture = TestBed.createComponent(FillerView);
  const told = async (metal: number | null, gateReasons: Job['place']['gateReasons'] = {}) => {
    context.job.update((job) => ({ ...job, place: { ...job.place, metal: metal === null ? null : degC(metal), gateReasons } }));
    await fixture.whenStable();
    const said = fixture.nativeElement.querySelector('.note.care b')?.textContent ?? '';
    const fill = context.plan().operations.find(({ kind }) => kind === 'fill');
    expect(fill?.stop ?? '').toBe(said === '' ? '' : `${said}.`);
    return said;
  };
  expect(await told(null)).toBe('');
  expect(await told(8)).toBe('Too cold for two-part filler');
  expect(await told(14)).toBe('');
  expect(await told(8, { cold: 'under the infrared lamp' })).toBe('');
});
