import type { Condition, Part } from '../model/job.ts';
import { poisonsIn } from './poisons.ts';
import { sampleFacts, sampleJob, sampleShop, type Sample } from '../../testing/sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { planInSlices, planJob } from '../plan-job.ts';
import { jobPortfolio, zoneChoices } from '../choice/job-portfolio.ts';
import { solvePortfolio } from '../choice/search-portfolio.ts';
import { gatherFacts } from './zone-facts.ts';

const STACK: Sample['stack'] = [
  ['e-coat', 20],
  ['surfacer-2k', 35],
  ['clear-2k', 45],
];
const names = (layers: readonly { coating: { id: string } }[]) => layers.map(({ coating }) => coating.id);

describe('what comes off and what stays', () => {
  test('bare: everything, from the wet face down', () => {
    const { off, kept } = sampleFacts({ stack: STACK });
    expect(names(off)).toEqual(['clear-2k', 'surfacer-2k', 'e-coat']);
    expect(kept).toEqual([]);
  });
  test('down to a layer: what lies above it', () => {
    const { off, kept } = sampleFacts({ stack: STACK, target: { kind: 'down-to', layer: 'layer2' } });
    expect(names(off)).toEqual(['clear-2k']);
    expect(names(kept)).toEqual(['surfacer-2k', 'e-coat']);
  });
  test('keep: nothing', () => {
    expect(sampleFacts({ stack: STACK, target: { kind: 'keep' } }).off).toEqual([]);
  });
  test('a target whose layer is gone means bare', () => {
    expect(sampleFacts({ stack: STACK, target: { kind: 'down-to', layer: 'gone' } }).kept).toEqual([]);
  });
});

describe('what is suspected', () => {
  const leaded = (sample: Sample) => sampleFacts({ condition: { lead: 'not-tested' }, ...sample }).treatAsLead;

  test('old enamel on machines, boats and vehicles, and on items of unknown age', () => {
    expect(leaded({ item: { kind: 'machine', year: 1970 } })).toBe(true);
    expect(leaded({ item: { kind: 'vehicle', year: null } })).toBe(true);
    expect(leaded({ item: { kind: 'machine', year: 2010 } })).toBe(false);
    expect(leaded({ item: { kind: 'trim', year: 1985 } })).toBe(false);
  });

  /** Lead in any paint of vehicles and cycles to about 1980, and in yellow, orange and red of unknown age: common practice, no source. */
  test.each<[Sample, boolean]>([
    [{ item: { kind: 'trim', year: 1970 } }, true],
    [{ item: { kind: 'cycle', year: 1979 }, stack: [['lacquer-1k', 30]] }, true],
    [{ item: { kind: 'cycle', year: 1980 }, stack: [['lacquer-1k', 30]] }, false],
    [{ item: { kind: 'boat', year: 1990 }, stack: [['urethane-2k', 60]] }, true],
    [{ item: { kind: 'cycle', year: 1970 }, stack: [['anodising', 15]] }, false],
    [{ item: { kind: 'cycle', year: null }, stack: [['lacquer-1k', 30]] }, false],
    [{ item: { kind: 'trim', year: 1970 }, condition: { lead: 'present' } }, true],
  ])('lead in %j: %p', (sample, expected) =>
    expect(sampleFacts({ ...sample, condition: { lead: 'not-tested', ...sample.condition } }).treatAsLead).toBe(expected),
  );

  test.each(['signal Orange', 'red', 'Yellow over grey'])('%s of unknown age may be lead chromate, the same in green may not', (colour) => {
    const painted = (name: string) => {
      const job = sampleJob({ item: { kind: 'cycle', year: null }, stack: [['lacquer-1k', 30]], condition: { lead: 'not-tested' } });
      const [part] = job.parts;
      const zones = (part?.zones ?? []).map((zone) => ({ ...zone, stack: zone.stack.map((layer) => ({ ...layer, colour: name })) }));
      return gatherFacts({ ...job, parts: [{ ...(part as Part), zones }] }, sampleShop(), CATALOGUE)[0]?.treatAsLead;
    };
    expect([painted(colour), painted('green'), painted('greedy')]).toEqual([true, false, false]);
  });

  test.each<[Sample, boolean]>([
    [{ item: { kind: 'aircraft', year: 2015 }, stack: [['epoxy-2k', 30]] }, true],
    [{ substrate: 'aluminium-sheet', item: { year: 1995 }, stack: [['etch-primer', 10]] }, true],
    [{ substrate: 'aluminium-sheet', item: { year: null }, stack: [['epoxy-2k', 30]] }, true],
    [{ substrate: 'aluminium-sheet', item: { year: 2005 }, stack: [['etch-primer', 10]] }, false],
    [{ substrate: 'mild-steel-sheet', item: { year: 1995 }, stack: [['etch-primer', 10]] }, false],
    [{ substrate: 'mild-steel-section', item: { year: 1995 }, stack: [['zinc-rich', 60]] }, true],
    [{ item: { kind: 'aircraft', year: 1990 }, stack: [['epoxy-2k', 30]], condition: { lead: 'lab-clear' } }, true],
    [{ item: { kind: 'aircraft', year: 1990 }, stack: [['epoxy-2k', 30]], condition: { chromate: 'lab-clear' } }, false],
  ])('chromate in %j: %p', (sample, expected) => expect(sampleFacts(sample).treatAsChromate).toBe(expected));

  test.each<[Sample, readonly string[]]>([
    [{ features: ['friction-lining'] }, ['asbestos']],
    [{ features: ['friction-lining'], condition: { asbestos: 'lab-clear' } }, []],
    [{ item: { kind: 'boat', year: 1979 }, stack: [['underseal-bitumen', 300]], condition: { lead: 'lab-clear' } }, ['tar', 'asbestos']],
    [{ item: { year: 2010 }, stack: [['underseal-bitumen', 300]] }, []],
    [{ item: { kind: 'vehicle', year: 1985 }, stack: [['body-filler', 900]] }, ['asbestos']],
    [{ item: { kind: 'boat', year: 2003 }, stack: [['antifoul-hard', 90]] }, ['biocide', 'organotin']],
    [{ item: { kind: 'boat', year: 2012 }, stack: [['antifoul-hard', 90]] }, ['biocide']],
    [{ item: { kind: 'boat', year: 2003 }, stack: [['antifoul-hard', 90]], condition: { organotin: 'lab-clear' } }, ['biocide']],
  ])('%j may hold %j', (sample, expected) => expect(poisonsIn(sampleFacts(sample))).toEqual(expected));

  test('each is asked for as long as nobody has looked, and a test of one answers for no other', () => {
    const asked = (condition: Partial<Condition>) =>
      planJob(
        sampleJob({
          item: { kind: 'aircraft', year: 1975 },
          features: ['friction-lining'],
          stack: [['epoxy-2k', 30]],
          condition: { lead: 'not-tested', ...condition },
        }),
        sampleShop(),
        CATALOGUE,
      ).findings.flatMap(({ code, severity }) => (severity === 'question' && code.endsWith('-not-tested') ? [code] : []));
    expect(asked({})).toEqual(['lead-not-tested', 'chromate-not-tested', 'asbestos-not-tested']);
    expect(asked({ lead: 'lab-clear' })).toEqual(['chromate-not-tested', 'asbestos-not-tested']);
    expect(asked({ lead: 'present', chromate: 'present', asbestos: 'present' })).toEqual([]);
  });

  /** Whatever is taken to be poisonous is worked wet and never blown: common practice, no source. */
  test.each<[string, Sample]>([
    ['lead', { condition: { lead: 'present' } }],
    ['chromate', { condition: { chromate: 'present' } }],
    ['asbestos', { condition: { asbestos: 'present' } }],
    ['tar', { condition: { tar: 'present' } }],
  ])('where %s is present no step makes dry dust or blows it, whether the coating goes or stays', (_, sample) => {
    for (const target of ['bare', 'keep'] as const) {
      const { operations } = planJob(
        sampleJob({ ...sample, thickness: 6, stack: [['alkyd-enamel', 80]], target: { kind: target } }),
        sampleShop(),
        CATALOGUE,
      );
      expect(operations.length).toBeGreaterThan(5);
      for (const { takes, title, contact } of operations.filter(({ kind }) => ['key', 'derust', 'break-top', 'strip-tool'].includes(kind)))
        expect([title, takes.includes('wet') || contact?.wet === true]).toEqual([title, true]);
      expect(operations.filter(({ kind }) => kind === 'dust-off').every(({ title }) => /no air/.test(title))).toBe(true);
    }
  });
  test('the year is the one of the shop', () => {
    expect(leaded({ item: { kind: 'machine', year: 2000 }, shop: { leadSuspectBefore: 2005 } })).toBe(true);
  });
  test('a coating that never held lead is not suspected; a test overrides all', () => {
    expect(leaded({ item: { kind: 'machine', year: 1970 }, stack: [['clear-2k', 40]] })).toBe(false);
    expect(sampleFacts({ item: { kind: 'machine', year: 1970 }, condition: { lead: 'lab-clear' } }).treatAsLead).toBe(false);
    expect(sampleFacts({ item: { year: 2020 }, condition: { lead: 'suspected' } }).treatAsLead).toBe(true);
  });
  test('biocide and filler are seen in any layer', () => {
    expect(
      sampleFacts({
        stack: [
          ['antifoul-hard', 60],
          ['lacquer-1k', 20],
        ],
      }).biocide,
    ).toBe(true);
    expect(
      sampleFacts({
        stack: [
          ['body-filler', 400],
          ['clear-2k', 40],
        ],
      }).filler,
    ).toBe(true);
    expect(sampleFacts().biocide || sampleFacts().filler).toBe(false);
  });
  test('only a sound cross-linked top is closed', () => {
    expect(sampleFacts({ stack: STACK }).closedTop).toBe(true);
    expect(sampleFacts({ stack: [['clear-2k', 45, 'cracked']] }).closedTop).toBe(false);
    expect(sampleFacts({ stack: [['alkyd-enamel', 45]] }).closedTop).toBe(false);
  });
});

test('every zone knows its own place in the document', () => {
  const job = sampleJob();
  const [part] = job.parts;
  if (!part) throw new Error('no part');
  const twice = { ...job, parts: [part, { ...part, id: 'b', zones: part.zones.map((zone) => ({ ...zone, id: 'zb' })) }] };
  expect(gatherFacts(twice, sampleShop(), CATALOGUE).map(({ path }) => path)).toEqual([
    ['parts', 0, 'zones', 0],
    ['parts', 1, 'zones', 0],
  ]);
});

describe('a job of 500 zones', () => {
  const job = sampleJob();
  const [part] = job.parts;
  if (!part) throw new Error('no part');
  const zones = Array.from({ length: 500 }, (_, i) =>
    part.zones.map((zone) => ({ ...zone, id: `z${i}`, shape: { kind: 'entered' as const, area: null } })),
  ).flat();
  const large = { ...job, parts: [{ ...part, zones }] };

  test('is planned, each zone with its open question, and has nothing to choose while no area is known', () => {
    const plan = planJob(large, sampleShop(), CATALOGUE);
    expect(plan.findings.filter(({ code }) => code === 'area-missing')).toHaveLength(500);
    expect(solvePortfolio(jobPortfolio(zoneChoices(large, plan), sampleShop())).picks).toEqual([]);
    expect(plan.operations).toEqual([]);
  });

  test('in slices it comes to the same plan', () => {
    const slices = planInSlices(large, sampleShop(), CATALOGUE);
    let count = 0;
    let step = slices.next();
    for (; !step.done; step = slices.next()) count += 1;
    expect(count).toBeGreaterThan(500);
    expect(JSON.stringify(step.value) === JSON.stringify(planJob(structuredClone(large), sampleShop(), CATALOGUE))).toBe(true);
  });
});
