import fc from 'fast-check';
import { sampleFacts, sampleJob, sampleShop, type Sample } from '../../testing/sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { BuildPlan } from '../model/build.ts';
import { planJob } from '../plan-job.ts';
import { buildPlan } from './build-plan.ts';
import { systemsFor } from './systems.ts';

const ground = (profile = 0, acidLive = false) => ({ method: CATALOGUE.methods['mech.da'] ?? null, profile, acidLive });
const built = (sample: Sample = {}, profile = 0, acidLive = false) =>
  buildPlan(sampleFacts(sample), ground(profile, acidLive), CATALOGUE) as BuildPlan;
const codes = ({ findings }: BuildPlan) => findings.map(({ code }) => code);
const epoxy = (film: number, sample: Sample = {}) => built({ ...sample, films: { 'epoxy-2k': film } }).coats.find(({ base }) => base === 'epoxy-2k');

describe('dry film wanted', () => {
  /** 35 µm a coat as planned. */
  test.each([
    [35, 1],
    [70, 2],
    [71, 3],
    [105, 3],
  ])('%d µm of epoxy takes %d coats', (film, coats) => expect(epoxy(film)?.coats).toBe(coats));

  test('all coats together are the film wanted, none thicker than usual, and litres follow the film', () => {
    fc.assert(
      fc.property(fc.double({ min: 5, max: 400, noNaN: true }), (film) => {
        const coat = epoxy(film);
        expect((coat?.coats ?? 0) * (coat?.dryFilm ?? 0)).toBeCloseTo(film, 6);
        expect(coat?.dryFilm).toBeLessThanOrEqual(35 + 1e-9);
        expect((coat?.litres ?? 0) / (epoxy(70)?.litres ?? 1)).toBeCloseTo(film / 70, 6);
      }),
    );
  });

  test('a shop that lays heavy coats needs fewer for the same film', () => {
    expect(epoxy(105, { shop: { schools: { W3: 'heavy' } } })?.coats).toBe(2);
  });

  /** 50 to 100 µm: common practice, no source. */
  test.each([
    [40, 'film-thin'],
    [130, 'film-thick'],
  ])('%d µm of epoxy is called out as %s', (film, code) => expect(codes(built({ films: { 'epoxy-2k': film } }))).toContain(code));
  test('a film within its range is not', () =>
    expect(codes(built({ films: { 'epoxy-2k': 80 } })).filter((code) => /thin|thick/.test(code))).toEqual([]));
});

test('a profile deeper than its ground leaves peaks bare until there is film enough', () => {
  expect(codes(built({ finish: 'machine-enamel' }, 90))).toContain('peaks-stand-through');
  expect(codes(built({ finish: 'machine-enamel', films: { 'epoxy-2k': 95 } }, 90))).not.toContain('peaks-stand-through');
  expect(codes(built({ finish: 'machine-enamel', target: { kind: 'keep' } }, 90))).not.toContain('peaks-stand-through');
});

describe('a system picked by hand', () => {
  test('any open system is taken as it is', () => {
    const facts = sampleFacts({});
    const { open } = systemsFor(facts, CATALOGUE.finishes['solid-2k'], ground(), CATALOGUE);
    expect(open.length).toBeGreaterThan(1);
    for (const { primers, coats } of open) {
      const plan = built({ system: primers });
      expect(plan.coats.map(({ product }) => product)).toEqual(coats.map(({ product }) => product));
      expect(codes(plan)).not.toContain('system-refused');
      const chosen = plan.primers.find(({ verdict }) => verdict === 'chosen')?.primer;
      expect(chosen).toBe(primers[0]);
    }
  });

  test('sound keyed paint may be coated without a primer: then none is called chosen, and nothing stops the plan', () => {
    const kept: Sample = { target: { kind: 'keep' }, stack: [['urethane-2k', 60]], condition: { crosscut: 0 } };
    const plan = built({ ...kept, system: [] });
    expect(plan.coats.map(({ role }) => role)).toEqual(['colour']);
    expect(plan.primers.some(({ verdict }) => verdict === 'chosen')).toBe(false);
    const [zone] = planJob(sampleJob({ ...kept, system: [] }), sampleShop(), CATALOGUE).zones;
    expect(zone?.findings.filter(({ severity }) => severity === 'stop')).toEqual([]);
  });

  test.each<[string, readonly string[], Sample, boolean]>([
    ['epoxy over live acid', ['epoxy-2k'], {}, true],
    ['surfacer on bare steel', ['surfacer-2k'], {}, false],
    ['epoxy over etch', ['etch-2k', 'epoxy-2k'], {}, false],
    ['a product that is gone', ['own.gone'], {}, false],
  ])('%s is refused with its reason, and the plan goes on', (_, system, sample, acid) => {
    const plan = built({ ...sample, system }, 0, acid);
    const finding = plan.findings.find(({ code }) => code === 'system-refused');
    expect(finding?.reason.length).toBeGreaterThan(40);
    expect(plan.coats.map(({ product }) => product)).toEqual(built(sample, 0, acid).coats.map(({ product }) => product));
  });
});
