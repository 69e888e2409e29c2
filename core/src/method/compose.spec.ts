import fc from 'fast-check';
import { sampleFacts, sampleJob, sampleShop, type Sample } from '../../testing/sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { MethodOption } from '../model/plan.ts';
import { planJob } from '../plan-job.ts';
import { zoneParts } from './compose.ts';

const options = (sample: Sample): MethodOption[] => planJob(sampleJob(sample), sampleShop(sample), CATALOGUE).zones[0]?.options ?? [];
const option = (method: string, sample: Sample = {}): MethodOption => options(sample).find((o) => o.method === method) as MethodOption;
const places = ({ pieces }: MethodOption): string[] => pieces.map(({ place }) => place);

describe('a method is composed of pieces', () => {
  test('a driven disc leaves a band of 25 mm along the edges to the small flexible disc', () => {
    const method = option('mech.nonwoven-disc', { edgeLength: 4 });
    expect(method.pieces[1]).toMatchObject({ place: 'edges', method: 'mech.quick-change' });
    expect(method.pieces[1]?.area).toBeCloseTo(4 * 0.025, 9);
    expect(method.pieces[0]?.area).toBeCloseTo(0.9, 9);
  });

  test('a typed area counts as a square: four sides', () => {
    expect(zoneParts(sampleFacts({ area: 4 })).edges).toBeCloseTo(8 * 0.025, 9);
  });

  test('stripper and blast reach edges and crevices by themselves; stripper leaves specks to a gentle tool', () => {
    expect(places(option('chem.fast-solvent', { creviceArea: 0.1 }))).toEqual(['field', 'remainder']);
    expect(places(option('blast.plastic', { creviceArea: 0.1 }))).toEqual(['field']);
  });

  test('crevices that a disc cannot enter get a method of their own, and cost more hands than open face', () => {
    const open = option('mech.da', { edgeLength: 0.001 });
    const creviced = option('mech.da', { edgeLength: 0.001, creviceArea: 0.2 });
    expect(places(creviced)).toContain('crevices');
    expect(creviced.hand).toBeGreaterThan(open.hand);
  });

  test('no piece breaks a rule: leaded crevices are never worked dry', () => {
    const method = option('mech.hand-wet', { condition: { lead: 'suspected' }, creviceArea: 0.1 });
    expect(method.pieces.every(({ method }) => CATALOGUE.methods[method]?.traits.includes('dry-dust') === false)).toBe(true);
    for (const { verdict, pieces } of options({ condition: { lead: 'suspected' }, creviceArea: 0.2 }))
      if (verdict !== 'ruled-out') for (const { method } of pieces) expect(CATALOGUE.methods[method]?.traits).not.toContain('dry-dust');
  });

  test('an edge, a tube and a hollow are one piece', () => {
    for (const access of ['edge', 'tube', 'inside', 'crevice'] as const)
      expect(zoneParts(sampleFacts({ access }))).toEqual({ edges: 0, crevices: 0 });
  });

  test('the pieces of the field, edges and crevices make up the zone, whatever its size', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.01, max: 60, noNaN: true }),
        fc.double({ min: 0.01, max: 80, noNaN: true }),
        fc.double({ min: 0.001, max: 40, noNaN: true }),
        (area, edgeLength, creviceArea) => {
          const sample = { area, edgeLength, creviceArea };
          return ['mech.da', 'mech.nonwoven-disc', 'blast.plastic'].every((method) => {
            const pieces = option(method, sample).pieces.filter(({ place }) => place !== 'remainder');
            const total = pieces.reduce((sum, piece) => sum + piece.area, 0);
            return Math.abs(total - area) < 1e-9 * Math.max(1, area) && pieces.every((piece) => piece.area >= 0);
          });
        },
      ),
      { numRuns: 40 },
    );
  });

  test('hands of the pieces and the set-ups are the hands of the method', () => {
    for (const { pieces, setUps, hand, verdict } of options({ creviceArea: 0.1 })) {
      if (verdict === 'ruled-out') continue;
      const parts = pieces.reduce((sum, piece) => sum + piece.hand, 0) + setUps.reduce((sum, setUp) => sum + setUp.hand, 0);
      expect(parts).toBeCloseTo(hand, 9);
    }
  });

  test('the run sheet has a step for every piece', () => {
    const sample: Sample = { choice: { method: 'mech.da' }, creviceArea: 0.1 };
    const titles = planJob(sampleJob(sample), sampleShop(sample), CATALOGUE).operations.map(({ title }) => title);
    expect(titles).toContainEqual(expect.stringMatching(/^Edges, 25 mm band: /));
    expect(titles).toContainEqual(expect.stringMatching(/^Crevices and corners: /));
  });
});
