import { sampleFacts, sampleJob, sampleShop, type Sample } from '../../testing/sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { planInSlices } from '../plan-in-slices.ts';
import { planJob } from '../plan-job.ts';
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
    expect(leaded({ item: { kind: 'trim', year: 1970 } })).toBe(false);
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
    expect(count).toBe(500);
    expect(JSON.stringify(step.value) === JSON.stringify(planJob(structuredClone(large), sampleShop(), CATALOGUE))).toBe(true);
  });
});
