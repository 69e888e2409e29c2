import fc from 'fast-check';
import { sampleJob, sampleShop, type Sample } from '../../testing/sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { FinishId, SubstrateId } from '../model/ids.ts';
import type { BuildPlan, CoatPlan } from '../model/build.ts';
import { planJob } from '../plan-job.ts';
import { spreadingRate } from './quantity.ts';

const build = (sample: Sample = {}): BuildPlan | null => planJob(sampleJob(sample), sampleShop(sample), CATALOGUE).zones[0]?.build ?? null;
const coats = (sample: Sample = {}): CoatPlan[] => build(sample)?.coats ?? [];
const bases = (sample: Sample = {}): string[] => coats(sample).map(({ base }) => base);

/** Builds that refinishers would lay; common practice, no source. */
describe('which coats', () => {
  test.each<[string, Sample, readonly string[]]>([
    ['steel panel in two-pack', {}, ['epoxy-2k', 'surfacer-2k', 'solid-2k']],
    ['steel panel, etch school', { shop: { schools: { P1: 'etch-surfacer' } } }, ['etch-2k', 'surfacer-2k', 'solid-2k']],
    ['machine in enamel', { substrate: 'cast-iron', thickness: 10, finish: 'machine-enamel' }, ['epoxy-2k', 'machine-enamel']],
    ['bumper', { substrate: 'pp-epdm', finish: 'base-clear' }, ['adhesion-promoter', 'basecoat', 'clear-2k']],
    ['ABS trim in aerosol', { substrate: 'abs', finish: 'aerosol-1k' }, ['plastic-primer', 'colour-1k', 'clear-1k']],
    ['yacht bottom', { substrate: 'grp-gelcoat', finish: 'antifouling', item: { service: 'immersed-salt' } }, ['barrier-epoxy', 'antifouling']],
    [
      'aircraft skin',
      { substrate: 'aluminium-clad', finish: 'aviation-topcoat', item: { kind: 'aircraft' } },
      ['aviation-epoxy', 'aviation-topcoat'],
    ],
    ['hull below the line in a colour', { item: { service: 'immersed-fresh' } }, ['barrier-epoxy', 'solid-2k']],
    ['polished wheel', { substrate: 'aluminium-cast', finish: 'bare-polish' }, []],
  ])('%s', (_, sample, expected) => {
    expect(bases(sample)).toEqual(expected);
  });

  test('blasted section outdoors gets zinc where the shop does not go epoxy direct', () => {
    const sample: Sample = {
      substrate: 'mild-steel-section',
      thickness: 5,
      condition: { rustGrade: 'C' },
      choice: { method: 'blast.garnet' },
      shop: { schools: { P1: 'etch-surfacer' } },
    };
    expect(bases(sample)[0]).toBe('zinc-rich');
    expect(bases({ ...sample, choice: { method: 'mech.nonwoven-disc' } })[0]).not.toBe('zinc-rich');
  });

  test('no topcoat wanted yet: nothing is built and the plan asks', () => {
    expect(build({ finish: null })).toBeNull();
    const { findings } = planJob(sampleJob({ finish: null }), sampleShop(), CATALOGUE);
    expect(findings.map(({ code }) => code)).toContain('finish-missing');
  });

  test('every primer is judged, each refused one says why', () => {
    const primers = build()?.primers ?? [];
    expect(primers).toHaveLength(Object.keys(CATALOGUE.primers).length);
    for (const { verdict, findings } of primers)
      if (verdict === 'ruled-out') expect(findings.some(({ severity }) => severity === 'rule-out')).toBe(true);
  });

  test('whatever the material and topcoat, the chosen primer is one that no rule refuses, or the plan stops', () => {
    fc.assert(
      fc.property(fc.constantFrom(...SubstrateId.options), fc.constantFrom(...FinishId.options), (substrate, finish) => {
        const sample: Sample = { substrate, finish, thickness: 3 };
        const plan = planJob(sampleJob(sample), sampleShop(sample), CATALOGUE);
        const primers = plan.zones[0]?.build?.primers ?? [];
        const chosen = primers.find(({ verdict }) => verdict === 'chosen');
        const refused = chosen?.findings.some(({ severity }) => severity === 'rule-out') ?? false;
        return !refused && (primers.length === 0 || chosen !== undefined || plan.findings.some(({ code }) => code === 'no-primer'));
      }),
    );
  });
});

describe('how much and how long', () => {
  test('litres cover area × film ÷ spreading rate with what a gun loses', () => {
    const [primer] = coats({ area: 2 });
    if (!primer) throw new Error('no primer');
    const solids = CATALOGUE.primers['epoxy-2k']?.volumeSolids.value ?? 0;
    expect(primer.litres).toBeCloseTo((2 * primer.coats) / spreadingRate(solids, primer.dryFilm) / 0.65, 9);
  });

  test('a blast profile swallows primer, and nothing above it', () => {
    const section: Sample = { substrate: 'mild-steel-section', thickness: 5, finish: 'solid-2k', item: { service: 'inside' } };
    const [smooth, rough] = [coats({ ...section, choice: { method: 'mech.da' } }), coats({ ...section, choice: { method: 'blast.garnet' } })];
    expect(rough[0]?.litres).toBeGreaterThan(smooth[0]?.litres ?? Infinity);
    expect(rough.at(-1)?.litres).toBeCloseTo(smooth.at(-1)?.litres ?? 0, 9);
  });

  test('tubes take more paint than the same area flat', () => {
    expect((coats({ access: 'tube' })[0]?.litres ?? 0) / (coats()[0]?.litres ?? 1)).toBeCloseTo(1 / 0.6, 9);
  });

  test('ten degrees less than the label doubles flash, opening and cure; its ends are not put off, nor is the pot life', () => {
    const [cold, label] = [build({ place: { temperature: 10 } }), build({ place: { temperature: 20 } })];
    expect((cold?.handle ?? 0) / (label?.handle ?? 1)).toBeCloseTo(2, 9);
    for (const [i, coat] of (cold?.coats ?? []).entries()) {
      const other = label?.coats[i];
      expect(coat.flash / (other?.flash ?? 1)).toBeCloseTo(2, 9);
      expect(coat.recoatMin / (other?.recoatMin ?? 1)).toBeCloseTo(2, 9);
      expect(coat.recoatMax).toBe(other?.recoatMax);
      expect(coat.potLife).toBe(other?.potLife);
    }
  });

  test('ten degrees more cuts no wait of the label short, and halves its ends and the pot life', () => {
    const [warm, label] = [build({ place: { temperature: 30 } }), build({ place: { temperature: 20 } })];
    expect(warm?.handle).toBe(label?.handle);
    for (const [i, coat] of (warm?.coats ?? []).entries()) {
      const other = label?.coats[i];
      expect([coat.flash, coat.recoatMin]).toEqual([other?.flash, other?.recoatMin]);
      if (coat.recoatMax !== null) expect(coat.recoatMax / (other?.recoatMax ?? 1)).toBeCloseTo(0.5, 9);
      if (coat.potLife !== null) expect(coat.potLife / (other?.potLife ?? 1)).toBeCloseTo(0.5, 9);
    }
  });

  test('windows open before they close, films are wetter than they dry', () => {
    for (const finish of FinishId.options)
      for (const { recoatMin, recoatMax, wetFilm, dryFilm, litres, hand } of coats({ finish })) {
        if (recoatMax !== null) expect(recoatMax).toBeGreaterThan(recoatMin);
        expect(wetFilm).toBeGreaterThan(dryFilm);
        expect(litres).toBeGreaterThan(0);
        expect(hand).toBeGreaterThan(0);
      }
  });

  test('handling waits as the shop has it, loads never sooner than handling', () => {
    for (const W1 of ['one-day', 'two-days', 'week'] as const) {
      const plan = build({ shop: { schools: { W1 } } });
      expect(plan?.load).toBeGreaterThanOrEqual(plan?.handle ?? Infinity);
    }
    expect(build({ shop: { schools: { W1: 'one-day' } } })?.handle).toBe(1440);
    expect(build({ shop: { schools: { W1: 'week' } } })?.handle).toBe(7 * 1440);
  });
});
