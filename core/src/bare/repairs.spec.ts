import { sampleFacts, sampleJob, sampleShop, type Sample } from '../../testing/sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { Find } from '../model/find.ts';
import { planJob } from '../plan-job.ts';
import { repairOf } from './repairs.ts';

const found = (kind: Find['kind'], more: Partial<Record<keyof Find, unknown>> = {}): Find =>
  Find.parse({ id: 'f1', kind, where: 'left', area: null, depth: null, loaded: false, ...more });
const repair = (kind: Find['kind'], sample: Sample = {}, more: Partial<Record<keyof Find, unknown>> = {}) =>
  repairOf(sampleFacts(sample), found(kind, more));

/** Common practice, no source. */
test.each<[Find['kind'], Sample, Partial<Record<keyof Find, unknown>>, RegExp]>([
  ['dent', {}, { depth: 2 }, /Feather the edge/],
  ['dent', {}, { depth: 9 }, /not filled/],
  ['hole', {}, {}, /weld low heat/],
  ['hole', { substrate: 'aluminium-sheet', thickness: 2 }, {}, /light alloy/],
  ['crack', { substrate: 'abs', thickness: 3, stack: [] }, {}, /Tape the face/],
  ['crack', { substrate: 'grp-laminate', thickness: 5, stack: [] }, {}, /twelve times as wide/],
  ['old-filler', {}, {}, /holes drilled under it/],
  ['pits', { substrate: 'cast-iron', thickness: 10 }, {}, /Acid into the pits/],
])('%s on %j', (kind, sample, more, says) => {
  const { stop, detail, hand } = repair(kind, sample, more);
  expect(stop).toBeNull();
  expect(detail).toMatch(says);
  expect(hand).toBeGreaterThan(0);
});

test.each<[string, Sample, Partial<Record<keyof Find, unknown>>]>([
  ['an aircraft', { item: { kind: 'aircraft' } }, {}],
  ['a fuel tank', { features: ['fuel-tank'] }, {}],
  ['what carries load', {}, { loaded: true }],
])('a hole in %s is for somebody licensed or qualified; a dent in it is not', (_, sample, more) => {
  expect(repair('hole', sample, more)).toMatchObject({ hand: 0, stop: expect.any(String) });
  expect(repair('dent', sample, more).stop).toBeNull();
});

test('until somebody says what a part is, a crack in thick metal or in carbon of any thickness is looked at first', () => {
  const crack = (sample: Sample) => repair('crack', { role: 'not-said', stack: [], ...sample }).stop;
  expect(crack({ substrate: 'mild-steel-section', thickness: 4 })).toContain('Nobody has said');
  expect(crack({ substrate: 'carbon-epoxy', thickness: 0.8 })).toContain('Nobody has said');
  expect(crack({ substrate: 'mild-steel-sheet', thickness: 0.8 })).toBeNull();
  expect(crack({ substrate: 'grp-laminate', thickness: 1 })).toBeNull();
  expect(crack({ substrate: 'mild-steel-section', thickness: 4, role: 'ordinary' })).toBeNull();
  expect(crack({ substrate: 'carbon-epoxy', thickness: 0.8, role: 'frame' })).toContain('carries people, load or pressure');
});

test('the limits: half a millimetre of pit in a bearing part, a millimetre and a half of metal, a third of the wall', () => {
  const fork = { substrate: 'mild-steel-section', thickness: 4, role: 'frame', stack: [] } as const;
  expect([0.5, 0.51].map((depth) => repair('pits', fork, { depth }).stop === null)).toEqual([true, false]);
  expect([0.5, 0.51].map((depth) => repair('pits', { ...fork, role: 'ordinary' }, { depth }).stop)).toEqual([null, null]);
  expect([1.49, 1.5].map((thickness) => repair('hole', { ...fork, role: 'not-said', thickness }).stop === null)).toEqual([true, false]);
  expect([1.32, 1.34].map((depth) => repair('corrosion', { ...fork, role: 'ordinary' }, { depth }).stop === null)).toEqual([true, false]);
});

test('corrosion that leaves less than two thirds is cut out, with the numbers', () => {
  const plate = { substrate: 'mild-steel-section', thickness: 4 } as const;
  expect(repair('corrosion', plate, { depth: 2 }).stop).toContain('2.0 of 4 mm');
  expect(repair('corrosion', plate, { depth: 1 }).stop).toBeNull();
});

test('a bond waits a day, or as its label says, longer in the cold; a larger find takes longer', () => {
  const plastic = { substrate: 'abs', thickness: 3, stack: [] } as const;
  expect(repair('crack', { ...plastic, shop: { schools: { P4: 'label' } } }).wait).toBeCloseTo(30, 6);
  expect(repair('crack', { ...plastic, place: { temperature: 10 } }).wait).toBeCloseTo(2 * 24 * 60, 6);
  expect(repair('hole', {}, { area: 0.1 }).hand).toBeGreaterThan(repair('hole', {}, { area: 0.01 }).hand);
});

test('finds become steps of the run sheet, and one for a licensed person stops the job', () => {
  const job = sampleJob({});
  const withFinds = (finds: Find[]) => ({
    ...job,
    parts: job.parts.map((part) => ({ ...part, zones: part.zones.map((zone) => ({ ...zone, finds })) })),
  });
  const plan = planJob(withFinds([found('hole'), found('crack', { id: 'f2', loaded: true })]), sampleShop(), CATALOGUE);
  expect(plan.operations.map(({ title }) => title)).toContain('Weld the hole shut, left');
  expect(plan.findings.find(({ code }) => code === 'find-licensed')).toMatchObject({ severity: 'stop', path: ['parts', 0, 'zones', 0, 'finds', 1] });
});

describe('rusted or cracked through, ticked and not entered as damage', () => {
  const holed = (sample: Sample) => {
    const given: Sample = { substrate: 'mild-steel-section', thickness: 3, condition: { perforated: true, rustGrade: 'C' }, ...sample };
    return planJob(sampleJob(given), sampleShop(given), CATALOGUE);
  };
  const stops = (sample: Sample) => holed(sample).findings.filter(({ code }) => code === 'find-licensed');
  const kinds = (sample: Sample) => holed(sample).operations.map(({ kind }) => kind);

  test.each(['tank', 'wheel', 'frame', 'pressure', 'lifting', 'not-said'] as const)(
    'of a part that is a %s nobody welds before somebody has looked',
    (role) => {
      expect(stops({ role })).toMatchObject([{ severity: 'stop', path: ['parts', 0, 'zones', 0, 'condition', 'perforated'] }]);
      expect(kinds({ role })).not.toContain('weld');
      expect(kinds({ role })[0]).toBe('clear-damage');
    },
  );

  test('an ordinary part is cut out and welded; one entered as damage is judged by its find alone', () => {
    expect(stops({ role: 'ordinary' })).toEqual([]);
    expect(kinds({ role: 'ordinary' })).toContain('weld');
    const released = { by: 'K. Brandt', at: '2026-11-20', note: 'inspected, welded by a licensed firm' };
    const entered: Sample = { role: 'wheel', finds: [{ kind: 'hole', disposition: 'licensed', released }] };
    expect(stops(entered)).toEqual([]);
    expect(kinds(entered)).not.toContain('weld');
  });
});
