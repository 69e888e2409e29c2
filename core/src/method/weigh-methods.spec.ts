import fc from 'fast-check';
import { sampleJob, sampleShop, type Sample } from '../../testing/sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { MethodOption } from '../model/plan.ts';
import { PART_TEMPLATES } from '../templates/part-templates.ts';
import { partFromTemplate } from '../templates/part-template.ts';
import { planJob } from '../plan-job.ts';

const options = (sample: Sample = {}): MethodOption[] => planJob(sampleJob(sample), sampleShop(sample), CATALOGUE).zones[0]?.options ?? [];
const open = (sample: Sample = {}): MethodOption[] => options(sample).filter(({ verdict }) => verdict !== 'ruled-out');
const option = (method: string, sample: Sample = {}): MethodOption => options(sample).find((o) => o.method === method) as MethodOption;

describe('the ranking', () => {
  test('lists every method once or once for each place, open ones by score, refused ones last', () => {
    const all = options();
    expect(new Set(all.map(({ method }) => method)).size).toBe(Object.keys(CATALOGUE.methods).length);
    expect(new Set(all.map(({ key }) => key)).size).toBe(all.length);
    const verdicts = all.map(({ verdict }) => verdict === 'ruled-out');
    expect(verdicts.indexOf(true)).toBe(verdicts.filter((refused) => !refused).length);
    const weak = (option: MethodOption) => option.findings.some(({ code }) => code.endsWith('-safe-elsewhere'));
    for (const list of [open().filter(weak), open().filter((option) => !weak(option))]) {
      const scores = list.map(({ score }) => score);
      expect(scores).toEqual([...scores].sort((a, b) => a - b));
    }
    expect(open().findIndex(weak)).toBe(open().filter((option) => !weak(option)).length);
    expect(all.filter(({ verdict }) => verdict === 'preferred')).toHaveLength(1);
  });

  test('every refused method names a rule, every open one has none that refuses', () => {
    for (const { verdict, findings } of options({ substrate: 'grp-gelcoat' }))
      expect(findings.some(({ severity }) => severity === 'rule-out')).toBe(verdict === 'ruled-out');
  });

  test('weights of the shop move it: a shop that cannot wait sends nothing out', () => {
    const RIM: Sample = {
      substrate: 'mild-steel-section',
      thickness: 3,
      area: 3,
      access: 'tube',
      stack: [['powder-polyester', 120]],
      condition: { rustGrade: 'C' },
    };
    const first = (waitingDay: number) => open({ ...RIM, shop: { weights: { waitingDay, risk: 12, exposure: 6 } } })[0];
    expect(first(0)?.sentOut).toBe(true);
    expect(first(500)?.sentOut).toBe(false);
  });

  test('dearer labour never makes a method with more hands come before one with fewer that it stood behind', () => {
    const rank = (labourRate: number) => open({ shop: { labourRate } }).map(({ key }) => key);
    const hands = new Map(open().map(({ key, hand, after }) => [key, hand + after.hand]));
    const [cheap, dear] = [rank(20), rank(200)];
    for (const a of cheap)
      for (const b of cheap)
        if (cheap.indexOf(a) < cheap.indexOf(b) && (hands.get(a) ?? 0) < (hands.get(b) ?? 0) * 0.7)
          expect(dear.indexOf(a)).toBeLessThan(dear.indexOf(b));
  });

  test('gentleness and exposure can be bought: with high weights the first method harms least', () => {
    const careful = open({ shop: { weights: { waitingDay: 0, risk: 5000, exposure: 5000 } } });
    const harm = ({ risk, exposure }: MethodOption) => risk + exposure;
    expect(harm(careful[0] as MethodOption)).toBe(Math.min(...careful.map(harm)));
  });
});

describe('what a method takes', () => {
  test('grows with the area', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.1, max: 20, noNaN: true }), fc.double({ min: 1.1, max: 4, noNaN: true }), (area, factor) => {
        const small = new Map(options({ area, edgeLength: 1 }).map((o) => [o.key, o]));
        return options({ area: area * factor, edgeLength: 1 }).every((large) => {
          const before = small.get(large.key);
          return !before || (large.hand >= before.hand - 1e-9 && large.cost >= before.cost - 1e-9 && large.waste >= before.waste - 1e-9);
        });
      }),
      { numRuns: 25 },
    );
  });

  test('thicker and harder paint takes longer with every tool', () => {
    for (const method of ['mech.da', 'mech.nonwoven-disc', 'mech.hand-dry', 'blast.plastic']) {
      const hand = (sample: Sample) =>
        option(method, { ...sample, shop: { equipment: ['da', 'grinder', 'drill', 'blast-pot'], contractors: [] } }).hand;
      expect(hand({ stack: [['alkyd-enamel', 300]] })).toBeGreaterThan(hand({ stack: [['alkyd-enamel', 150]] }));
      expect(hand({ stack: [['powder-polyester', 150]] })).toBeGreaterThan(hand({ stack: [['alkyd-enamel', 150]] }));
    }
  });

  test('rust left behind is counted up to the primer, so that a method which takes it is not undersold', () => {
    const rusty: Sample = { substrate: 'mild-steel-section', thickness: 4, condition: { rustGrade: 'C', pitted: true } };
    expect(option('mech.da', rusty).after.hand).toBeGreaterThan(option('mech.nonwoven-disc', rusty).after.hand);
  });

  test('figures are finite and never below nought, for every template and method', () => {
    let count = 0;
    for (const template of PART_TEMPLATES) {
      const job = { ...sampleJob(), parts: [partFromTemplate(template, () => `id${(count += 1)}`)] };
      for (const zone of planJob(job, sampleShop(), CATALOGUE).zones)
        for (const o of zone.options)
          for (const value of [o.hand, o.wait, o.material, o.outside, o.cost, o.waste, o.score, o.ownScore, o.after.hand, o.after.money]) {
            expect(Number.isFinite(value)).toBe(true);
            expect(value).toBeGreaterThanOrEqual(0);
          }
    }
  });

  test('cost is wages, material and contractor; set-ups are contained', () => {
    for (const { cost, hand, material, outside, setUps } of open({ features: ['seams'] })) {
      expect(cost).toBeCloseTo((hand / 60) * sampleShop().labourRate + material + outside, 9);
      expect(setUps.reduce((sum, setUp) => sum + setUp.hand, 0)).toBeLessThanOrEqual(hand);
    }
  });
});

describe('templates', () => {
  test.each(PART_TEMPLATES.filter(({ stack }) => stack.length > 0))('$name finds a method in every zone', (template) => {
    let count = 0;
    const job = { ...sampleJob(), finish: 'solid-2k' as const, parts: [partFromTemplate(template, () => `id${(count += 1)}`)] };
    for (const { chosen, zoneName } of planJob(job, sampleShop(), CATALOGUE).zones)
      expect([zoneName, chosen?.verdict]).toEqual([zoneName, 'preferred']);
  });
});
