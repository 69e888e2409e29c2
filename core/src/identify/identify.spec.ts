import { sampleFacts, sampleJob, sampleShop, type Sample } from '../../testing/sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { TestRecord, type TestResult } from '../model/identification.ts';
import { readWith } from '../model/read-document.ts';
import type { Part } from '../model/job.ts';
import { planJob } from '../plan-job.ts';
import { adviseTarget } from './advise-target.ts';
import { applyTest } from './apply-test.ts';
import { checkTests, newest } from './check-tests.ts';

let count = 0;
const record = (result: TestResult): TestRecord => ({ id: `t${(count += 1)}`, day: '2026-03-02', result, note: '' });
const asked = (result: TestResult, sample: Sample = {}) => checkTests(sampleFacts({ ...sample, tests: [record(result)] }));

describe('a test that contradicts what is entered is asked about', () => {
  test.each<[string, TestResult, Sample, string | null]>([
    ['magnet holds on aluminium', { test: 'magnet', holds: true }, { substrate: 'aluminium-sheet' }, 'substrate'],
    ['magnet slips on steel: filler', { test: 'magnet', holds: false }, {}, 'substrate'],
    ['magnet holds on galvanised', { test: 'magnet', holds: true }, { substrate: 'galvanised' }, null],
    ['magnet says nothing of stainless', { test: 'magnet', holds: false }, { substrate: 'stainless' }, null],
    ['ABS does not float', { test: 'float', floats: true }, { substrate: 'abs' }, 'substrate'],
    ['polypropylene floats', { test: 'float', floats: true }, { substrate: 'pp-epdm' }, null],
    ['float test on steel means nothing', { test: 'float', floats: false }, {}, null],
    ['colour comes off a two-pack clear', { test: 'solvent-rub', result: 'colour-and-softens' }, { stack: [['clear-2k', 45]] }, 'stack'],
    ['nothing comes off enamel', { test: 'solvent-rub', result: 'nothing' }, {}, 'stack'],
    ['colour comes off enamel', { test: 'solvent-rub', result: 'colour-and-softens' }, {}, null],
    ['four rings, one layer', { test: 'bullseye', rings: 4 }, {}, 'stack'],
    ['one ring, one layer', { test: 'bullseye', rings: 1 }, {}, null],
    ['a swab does not clear lead', { test: 'lead', found: 'swab-clear' }, { condition: { lead: 'lab-clear' } }, 'condition'],
    ['lead found, entered as clear', { test: 'lead', found: 'lab-lead' }, { condition: { lead: 'lab-clear' } }, 'condition'],
  ])('%s', (_, result, sample, field) => {
    expect(asked(result, sample).map(({ path }) => path[4])).toEqual(field === null ? [] : [field]);
  });

  test('each question names its test, its source and what to do', () => {
    const [question] = asked({ test: 'magnet', holds: true }, { substrate: 'aluminium-sheet' });
    expect(question).toMatchObject({ code: 'test-magnet', severity: 'question', looksAt: ['recorded tests', 'substrate'] });
    expect(question?.reason).toContain('aluminium sheet');
    expect(asked({ test: 'crosscut', class: 3, plane: null }, { condition: { crosscut: 0 } })[0]?.basis.source).toBe('ISO 2409');
  });

  test('only the newest test of a kind speaks', () => {
    const tests = [record({ test: 'magnet', holds: false }), record({ test: 'magnet', holds: true })];
    expect(newest(tests)).toEqual([tests[1]]);
    expect(checkTests(sampleFacts({ tests }))).toEqual([]);
  });

  test('it stands among the open questions of the plan', () => {
    const sample: Sample = { tests: [record({ test: 'bullseye', rings: 5 })] };
    expect(planJob(sampleJob(sample), sampleShop(sample), CATALOGUE).stages[0]?.questions).toBe(1);
  });
});

describe('a test sets the fields that it decides', () => {
  const part = (sample: Sample = {}): Part => sampleJob(sample).parts[0] as Part;
  const after = (result: TestResult, sample: Sample = {}) => applyTest(part(sample), 'zone1', record(result));

  test('and is kept on its zone', () => {
    expect(after({ test: 'magnet', holds: true }).zones[0]?.tests).toHaveLength(1);
  });
  test('float test identifies an unmarked plastic', () => {
    expect(after({ test: 'float', floats: true }, { substrate: 'plastic-unmarked' }).floats).toBe('floats');
  });
  test('crosscut sets its class and marks the layer that lets go', () => {
    const zone = after(
      { test: 'crosscut', class: 3, plane: 'layer2' },
      {
        stack: [
          ['e-coat', 20],
          ['urethane-2k', 60],
        ],
      },
    ).zones[0];
    expect(zone?.condition.crosscut).toBe(3);
    expect(zone?.stack.map(({ state }) => state)).toEqual(['sound', 'flaking']);
    expect(after({ test: 'crosscut', class: 0, plane: null }).zones[0]?.stack[0]?.state).toBe('sound');
    expect(after({ test: 'crosscut', class: 4, plane: 'substrate' }).zones[0]?.stack[0]?.state).toBe('flaking');
  });
  test('a laboratory clears lead or finds it, a swab never clears it, and finds make it suspected', () => {
    const untested: Sample = { condition: { lead: 'not-tested' } };
    const lead = (found: 'lab-clear' | 'lab-lead' | 'swab-clear' | 'swab-lead') => after({ test: 'lead', found }, untested).zones[0]?.condition.lead;
    expect([lead('lab-clear'), lead('swab-clear'), lead('swab-lead'), lead('lab-lead')]).toEqual(['lab-clear', 'not-tested', 'suspected', 'present']);
  });
  test('beading water means grease, once', () => {
    const greasy = after({ test: 'water-break', holds: false });
    expect(greasy.zones[0]?.condition.contamination).toEqual(['grease']);
    expect(applyTest(greasy, 'zone1', record({ test: 'water-break', holds: false })).zones[0]?.condition.contamination).toEqual(['grease']);
    expect(after({ test: 'water-break', holds: true }).zones[0]?.condition.contamination).toEqual([]);
  });
  test('bad records are told with their place', () => {
    const read = readWith(TestRecord, {
      ...record({ test: 'magnet', holds: true }),
      day: 'last week',
      result: { test: 'crosscut', class: 9, plane: null },
    });
    expect(read.ok ? [] : read.issues.map(({ path }) => path.join('.'))).toEqual(['day', 'result.class']);
  });
});

describe('help with the target', () => {
  const FACTORY: Sample['stack'] = [
    ['e-coat', 20],
    ['surfacer-2k', 35],
    ['basecoat', 15],
    ['clear-2k', 45],
  ];
  const advise = (sample: Sample) => adviseTarget(sampleFacts(sample));

  test('sound paint that passes the crosscut is kept', () => {
    expect(advise({ stack: FACTORY, condition: { crosscut: 0 } })?.target).toEqual({ kind: 'keep' });
  });
  test('a failing clear comes off with all above it, down to the sound primer', () => {
    const advice = advise({
      stack: [
        ['e-coat', 20],
        ['surfacer-2k', 35],
        ['basecoat', 15, 'cracked'],
        ['clear-2k', 45, 'cracked'],
      ],
    });
    expect(advice?.target).toEqual({ kind: 'down-to', layer: 'layer2' });
    expect(advice?.reasons[0]).toContain('Basecoat colour fails');
  });
  test('the failure plane of the crosscut decides when nothing can be seen', () => {
    const tests = [record({ test: 'crosscut', class: 4, plane: 'layer3' })];
    expect(advise({ stack: FACTORY, tests, condition: { crosscut: 4 } })?.target).toEqual({ kind: 'down-to', layer: 'layer2' });
    expect(advise({ stack: FACTORY, tests: [], condition: { crosscut: 4 } })?.target).toEqual({ kind: 'bare' });
  });
  test('colour is no ground: a failing clear takes the basecoat with it', () => {
    const tests = [record({ test: 'crosscut', class: 3, plane: 'layer4' })];
    expect(advise({ stack: FACTORY, tests, condition: { crosscut: 3 } })?.target).toEqual({ kind: 'down-to', layer: 'layer2' });
  });
  test('nothing sound below: bare; rust of grade C, holes or a shop that goes bare: bare', () => {
    expect(advise({ stack: [['alkyd-enamel', 40, 'flaking']] })?.target.kind).toBe('bare');
    expect(advise({ stack: FACTORY, condition: { rustGrade: 'C' } })?.target.kind).toBe('bare');
    expect(advise({ stack: FACTORY, condition: { crosscut: 0 }, shop: { schools: { S1: 'always-bare' } } })?.target.kind).toBe('bare');
  });
  test('what goes on top counts: two-pack over sound enamel means bare, one-pack keeps it', () => {
    const enamel: Sample = { condition: { crosscut: 0 } };
    expect(advise({ ...enamel, finish: 'solid-2k' })?.target.kind).toBe('bare');
    expect(advise({ ...enamel, finish: 'machine-enamel' })?.target.kind).toBe('keep');
    expect(advise({ stack: [['antifoul-thin-film', 60]], substrate: 'grp-gelcoat', finish: 'antifouling' })?.target.kind).toBe('bare');
  });
  test('an empty stack has nothing to advise', () => {
    expect(advise({ stack: [] })).toBeNull();
  });
  test('every answer says what it looked at and what would change it', () => {
    for (const sample of [{ stack: FACTORY }, {}, { stack: [['alkyd-enamel', 40, 'flaking']] } as Sample]) {
      const advice = advise(sample);
      expect(advice?.looksAt.length).toBeGreaterThan(3);
      expect(advice?.change).toMatch(/\.$/);
    }
  });
});
