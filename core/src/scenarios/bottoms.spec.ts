import { sampleFacts, sampleJob, sampleShop, type Sample } from '../../testing/sample.ts';
import { mayLie } from '../build/compatibility.ts';
import { familyOfProduct } from '../build/families.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { FINISHES } from '../catalogue/finishes.ts';
import { finishesFor } from '../catalogue/finishes-for.ts';
import { adviseTarget } from '../identify/advise-target.ts';
import { SYSTEMS } from '../intake/finish-wishes.ts';
import type { CoatingId, FinishId } from '../model/ids.ts';
import { planJob } from '../plan-job.ts';
import { withRepair } from '../record/repair-zone.ts';

const SEA: Sample = { item: { kind: 'boat', service: 'immersed-salt' }, area: 12, thickness: 5, place: { temperature: 18 } };
const GRP: Sample = { ...SEA, substrate: 'grp-gelcoat', stack: [['antifoul-ablative', 80]] };
const KINDS = ['antifouling', 'antifouling-hard', 'antifouling-thin-film', 'antifouling-no-biocide'] as const satisfies readonly FinishId[];
const plan = (sample: Sample) => planJob(sampleJob(sample), sampleShop(sample), CATALOGUE);
const built = (sample: Sample) => plan(sample).zones[0]?.build?.coats.map(({ base }) => base) ?? [];
const refused = (sample: Sample) => plan(sample).zones.flatMap(({ findings }) => findings.map(({ code }) => code));
const keeping = (top: 'antifoul-ablative' | 'antifoul-thin-film', finish: FinishId): Sample => ({
  ...GRP,
  stack: [[top, 80]],
  target: { kind: 'keep' },
  condition: { crosscut: 0 },
  finish,
});

/** Which antifouling suits which bottom: common practice, no source. */
describe('four kinds of antifouling', () => {
  test('each is a finish of its own under water, and of no item above it', () => {
    const { place, ...boat } = sampleJob(SEA);
    const above = sampleJob({ item: { kind: 'boat', service: 'outside' } });
    expect(place.temperature).toBe(18);
    expect(finishesFor(boat.item)).toEqual(expect.arrayContaining([...KINDS]));
    expect(finishesFor(above.item).filter((id) => id.startsWith('antifouling'))).toEqual([]);
    const bottoms = (['ablative', 'hard', 'thin-film', 'no-biocide'] as const).map((id) => SYSTEMS[id]);
    expect(bottoms).toEqual(KINDS);
  });

  test.each(KINDS)('%s lies on barrier epoxy by roller, never sprayed, and waits for the water', (finish) => {
    const { zones, operations } = plan({ ...GRP, finish });
    expect(zones[0]?.build?.coats.map(({ base }) => base)).toEqual(['barrier-epoxy', finish]);
    const coat = zones[0]?.build?.coats.at(-1);
    expect(coat?.apply).toBe('roller');
    expect(operations.find(({ kind }) => kind === 'launch')?.lags.length).toBeGreaterThan(0);
    const laid = operations.find((step) => step.kind === 'coat' && step.coat?.product === finish);
    expect(laid?.raises.includes('biocide')).toBe(finish !== 'antifouling-no-biocide');
  });

  test('films: 40 to 80 µm a coat as a tin has it, a thin film under that and dry the soonest', () => {
    const coats = KINDS.map((finish) => {
      const [coat] = FINISHES[finish].coats;
      return {
        finish,
        film: coat?.filmPerCoat.value ?? 0,
        wait: coat?.recoatMin.value ?? 0,
        flash: coat?.flash.value ?? 0,
        coldest: coat?.minTemperature.value ?? 0,
      };
    });
    const [thin, others] = [coats.filter(({ finish }) => finish.includes('thin')), coats.filter(({ finish }) => !finish.includes('thin'))];
    for (const { film, wait, flash, coldest } of others) {
      expect(film).toBeGreaterThanOrEqual(40);
      expect(film).toBeLessThanOrEqual(80);
      expect(thin[0]?.film).toBeLessThan(film);
      expect(thin[0]?.wait).toBeLessThan(wait);
      expect(thin[0]?.flash).toBeLessThan(flash);
      expect(coldest).toBe(thin[0]?.coldest);
    }
    // What wears away is laid thicker than what stays.
    expect(FINISHES['antifouling-hard'].coats[0]?.filmPerCoat.value).toBeLessThan(FINISHES.antifouling.coats[0]?.filmPerCoat.value ?? 0);
  });

  test.each<[FinishId, CoatingId]>([
    ['antifouling', 'antifoul-ablative'],
    ['antifouling-hard', 'antifoul-hard'],
    ['antifouling-thin-film', 'antifoul-thin-film'],
  ])('a defect of %s is mended as one in %s', (finish, coating) => {
    const job = sampleJob({ ...GRP, finish });
    const build = planJob(job, sampleShop({}), CATALOGUE).zones[0]?.build;
    const mended = build && withRepair(job, { event: 'e1', kind: 'lifting', zone: 'zone1', build }, 1);
    expect(mended?.parts[0]?.zones[1]?.stack.at(-1)?.coating).toBe(coating);
  });

  test('aluminium takes the one without copper, and the refusal of the others names it', () => {
    const alloy = (finish: FinishId): Sample => ({ ...SEA, substrate: 'aluminium-sheet', stack: [['alkyd-enamel', 60]], finish });
    for (const finish of KINDS) expect(refused(alloy(finish)).includes('copper-antifouling')).toBe(finish !== 'antifouling-no-biocide');
    expect(built(alloy('antifouling-no-biocide')).at(-1)).toBe('antifouling-no-biocide');
    const finding = plan(alloy('antifouling-hard')).zones[0]?.findings.find(({ code }) => code === 'copper-antifouling');
    expect(finding?.change).toContain('without biocide');
  });

  test('thin film stays under thin film alone, and lies on nothing that wears away', () => {
    const stays = (finish: FinishId) => {
      const zone = plan(keeping('antifoul-thin-film', finish)).zones[0];
      return zone?.options.find(({ method }) => method === 'keep.key')?.verdict !== 'ruled-out';
    };
    expect(KINDS.map(stays)).toEqual([false, false, true, false]);
    expect(
      KINDS.map((finish) => adviseTarget(sampleFacts({ ...keeping('antifoul-thin-film', finish), target: { kind: 'bare' } }))?.target.kind),
    ).toEqual(['bare', 'bare', 'keep', 'bare']);
    expect(built(keeping('antifoul-thin-film', 'antifouling-thin-film'))).toEqual(['antifouling-thin-film']);
    // What stays is keyed as coarse as antifouling wants it, wet for its biocide.
    expect(plan(keeping('antifoul-thin-film', 'antifouling-thin-film')).operations.find(({ kind }) => kind === 'key')?.title).toContain('P80');
    expect(plan(keeping('antifoul-thin-film', 'antifouling-thin-film')).zones[0]?.abrade?.key).toEqual([80, 80]);
    expect(built(keeping('antifoul-ablative', 'antifouling-hard')).at(-1)).toBe('antifouling-hard');
    expect(built(keeping('antifoul-ablative', 'antifouling-thin-film'))).not.toEqual(['antifouling-thin-film']);
  });

  test('an epoxy that is old and keyed carries all but thin film', () =>
    expect(KINDS.map((kind) => mayLie(familyOfProduct(kind), 'epoxy', 'cured-keyed'))).toEqual([true, true, false, true]));

  test('an ordinary topcoat under water is still warned of, no antifouling is', () => {
    const warned = (finish: FinishId) => plan({ ...GRP, finish }).zones[0]?.build?.findings.some(({ code }) => code === 'immersed-finish');
    expect(warned('solid-2k')).toBe(true);
    expect(KINDS.map(warned)).toEqual(KINDS.map(() => false));
  });
});
