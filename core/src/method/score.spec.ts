import { CATALOGUE } from '../catalogue/catalogue.ts';
import { sampleFacts, sampleShop, type Sample } from '../../testing/sample.ts';
import type { Shop } from '../model/shop.ts';
import { countsMoney, ruleFactor, scoreParts, type ScoreParts } from './score.ts';
import { weighMethods } from './weigh-methods.ts';

const RUSTY: Sample = { substrate: 'mild-steel-section', condition: { rustGrade: 'C' }, area: 2 };

/** Each open method of a rusty chassis with its parts, under changed weights or wages. */
function weighed(change: (shop: Shop) => Shop = (shop) => shop): Map<string, ScoreParts & { readonly score: number; readonly factor: number }> {
  const shop = change(sampleShop(RUSTY));
  const zone = { ...sampleFacts(RUSTY), shop };
  const all = weighMethods(zone, CATALOGUE);
  const open = all.filter(({ verdict }) => verdict !== 'ruled-out');
  return new Map(open.map((o) => [o.key, { ...scoreParts(o, zone, countsMoney(all)), score: o.score, factor: ruleFactor(o) }]));
}

test('the parts of a weighted cost add up to the score by which methods are ranked', () => {
  const all = [...weighed().values()];
  expect(all.length).toBeGreaterThan(10);
  for (const { hands, paid, waiting, risk, exposure, score } of all) expect(hands + paid + waiting + risk + exposure).toBeCloseTo(score, 9);
});

const doubled =
  (weight: keyof Shop['weights']) =>
  (shop: Shop): Shop => ({ ...shop, weights: { ...shop.weights, [weight]: 2 * shop.weights[weight] } });

test.each([
  ['waiting', doubled('waitingDay')],
  ['risk', doubled('risk')],
  ['exposure', doubled('exposure')],
  ['hands', (shop: Shop): Shop => ({ ...shop, labourRate: 2 * shop.labourRate })],
] as const)('%s is doubled by its own weight, and no other part moves', (part, change) => {
  const [before, after] = [weighed(), weighed(change)];
  expect([...before.values()].some((parts) => parts[part] > 0)).toBe(true);
  for (const [key, parts] of before) {
    const now = after.get(key);
    for (const each of ['hands', 'paid', 'waiting', 'risk', 'exposure'] as const)
      expect(now?.[each]).toBeCloseTo(parts[each] * (each === part ? 2 : 1), 9);
  }
});

test('what rules prefer becomes cheaper, what they warn of dearer, and the factor says by how much', () => {
  const note = (severity: 'prefer' | 'caution' | 'require') => ({ severity }) as never;
  expect(ruleFactor({ findings: [] })).toBe(1);
  expect(ruleFactor({ findings: [note('require')] })).toBe(1);
  // A quarter less, a tenth more: model assumptions of the ranking.
  expect(ruleFactor({ findings: [note('prefer')] })).toBeCloseTo(0.75, 12);
  expect(ruleFactor({ findings: [note('caution'), note('caution')] })).toBeCloseTo(1.21, 12);
  // What hardly opens the film counts twice, beside its caution.
  expect(ruleFactor({ findings: [{ severity: 'caution', code: 'powder-no-solvent' } as never] })).toBeCloseTo(2.2, 12);
});
