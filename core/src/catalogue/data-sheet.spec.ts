import fc from 'fast-check';
import { sampleFacts, sampleJob, sampleShop, type Sample } from '../../testing/sample.ts';
import { cureScale, halvingOf } from '../climate/cure-scale.ts';
import type { ProductId } from '../model/ids.ts';
import { OwnRow, type OwnFigures } from '../model/own-row.ts';
import { readWith } from '../model/read-document.ts';
import { planJob } from '../plan-job.ts';
import { degC } from '../units/quantities.ts';
import { CATALOGUE, coatById } from './catalogue.ts';
import { withOwnRows } from './own-rows.ts';

const sheet = (base: ProductId, figures: OwnFigures, id = 'own.sheet'): OwnRow => ({ id, base, name: 'House product', note: '', figures });
const troubles = (figures: object) => {
  const read = readWith(OwnRow, { ...sheet('epoxy-2k', {}), figures });
  return read.ok ? [] : read.issues.map(({ path, reason }) => `${path.at(-1)}: ${reason}`);
};
const coatOf = (base: ProductId, figures: OwnFigures, sample: Sample = {}) => {
  const shop = sampleShop({ shop: { ownRows: [sheet(base, figures)] } });
  const plan = planJob(sampleJob(sample), shop, CATALOGUE);
  return plan.zones[0]?.build?.coats.find((coat) => coat.base === base);
};

describe('two temperature points', () => {
  test('a time that halves from 10 to 20 °C halves every 10 K, as does one that quarters from 5 to 25', () => {
    expect(halvingOf({ at: 10, time: 480 }, { at: 20, time: 240 })).toBeCloseTo(10, 9);
    expect(halvingOf({ at: 25, time: 60 }, { at: 5, time: 240 })).toBeCloseTo(10, 9);
  });

  test('the scaling goes through both points, whichever is named first', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 20 }),
        fc.integer({ min: 4, max: 20 }),
        fc.double({ min: 10, max: 1000, noNaN: true }),
        fc.double({ min: 1.2, max: 8, noNaN: true }),
        (cold, apart, time, ratio) => {
          const points = [
            { at: cold, time: time * ratio },
            { at: cold + apart, time },
          ] as const;
          const halving = halvingOf(...points);
          expect(halvingOf(points[1], points[0])).toBeCloseTo(halving, 9);
          expect(cureScale(degC(cold), halving) / cureScale(degC(cold + apart), halving)).toBeCloseTo(ratio, 6);
        },
      ),
    );
  });

  test('the plan meets the sheet at both of its temperatures', () => {
    const figures = { sheetAt: 23, recoatMin: 300, secondAt: 10, secondRecoat: 960 };
    expect(coatOf('epoxy-2k', figures, { place: { temperature: 23 } })?.recoatMin).toBeCloseTo(300, 6);
    expect(coatOf('epoxy-2k', figures, { place: { temperature: 10 } })?.recoatMin).toBeCloseTo(960, 6);
    expect(coatOf('epoxy-2k', { sheetAt: 23, recoatMin: 300 }, { place: { temperature: 13 } })?.recoatMin).toBeCloseTo(600, 6);
  });

  test('one point or half a second one leaves the usual rule', () => {
    const usual = coatById('epoxy-2k', CATALOGUE).halving.value;
    const rows = withOwnRows(CATALOGUE, [sheet('epoxy-2k', { recoatMin: 300, secondAt: 10 })]);
    expect(rows.primers['own.sheet']?.halving).toEqual({ value: usual, basis: coatById('epoxy-2k', CATALOGUE).halving.basis });
  });

  test.each([
    ['warmer but slower', { recoatMin: 240, secondAt: 30, secondRecoat: 300 }, 'secondRecoat: the points are crossed: warmer'],
    ['colder but quicker', { recoatMin: 240, secondAt: 10, secondRecoat: 200 }, 'secondRecoat: the points are crossed: colder'],
    ['equal', { recoatMin: 240, secondAt: 10, secondRecoat: 240 }, 'secondRecoat: the points are crossed'],
    ['too near', { sheetAt: 23, recoatMin: 240, secondAt: 22, secondRecoat: 250 }, 'secondAt: too near'],
    ['closing before it opens', { recoatMin: 240, recoatMax: 200 }, 'recoatMax: the window closes before it opens'],
    ['no solids', { volumeSolids: 0 }, 'volumeSolids: must be 1 or more'],
    ['no number', { volumeSolids: Number.NaN }, 'volumeSolids: needs a number'],
  ])('%s is refused at the figure', (_, figures, reason) => expect(troubles(figures)[0]).toContain(reason));

  test('points that agree with each other are taken', () => expect(troubles({ recoatMin: 240, secondAt: 10, secondRecoat: 500 })).toEqual([]));
});

describe("a topcoat of the shop's own", () => {
  test('takes the place of the generic one in every topcoat system that has it, with its own mix and film', () => {
    const figures = { volumeSolids: 60, mixBase: 3, mixHardener: 1, hardenerDensity: 1.1, coats: 3, thinner: 5, price: 55 };
    const coat = coatOf('clear-2k', figures, { finish: 'base-clear' });
    expect(coat).toMatchObject({ product: 'own.sheet', coats: 3, pricePerLitre: 55, mix: { base: 3, hardener: 1, hardenerDensity: 1.1 } });
    expect((coat?.thinner ?? 0) / (coat?.litres ?? 1)).toBeCloseTo(0.05, 9);
    expect(coatOf('clear-2k', figures, { finish: 'solid-2k' })).toBeUndefined();
  });

  test('the first of two copies is used, and a window that only opens later stays as long', () => {
    const rows = [sheet('solid-2k', { recoatMin: 100 }, 'own.a'), sheet('solid-2k', {}, 'own.b')];
    const [coat] = withOwnRows(CATALOGUE, rows).finishes['solid-2k'].coats;
    const generic = coatById('solid-2k', CATALOGUE);
    expect(coat?.ref).toBe('own.a');
    expect((coat?.recoatMax.value ?? 0) - 100).toBe((generic.recoatMax.value ?? 0) - generic.recoatMin.value);
  });

  test('a one-pack takes no hardener, and its limits reach the rules', () => {
    const rows = withOwnRows(CATALOGUE, [sheet('machine-enamel', { mixHardener: 1, baseDensity: 1.4, minTemperature: 18 })]);
    expect(rows.finishes['machine-enamel'].coats[0]?.mix.value).toMatchObject({ hardener: 0, baseDensity: 1.4 });
    const shop = sampleShop({ shop: { ownRows: [sheet('solid-2k', { minTemperature: 22 })] } });
    const { findings } = planJob(sampleJob({}), shop, CATALOGUE);
    expect(findings.find(({ code }) => code === 'cold-gate')?.reason).toContain('house product wants 22 °C');
    expect(sampleFacts({}).finish?.coats[0]?.minTemperature.value).toBeLessThan(22);
  });
});
