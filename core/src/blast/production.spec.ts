import fc from 'fast-check';
import { MEDIA } from '../catalogue/media.ts';
import { abrasiveFlow, blastRate, profileAt, REFERENCE_BORE } from './production.ts';

const garnet = MEDIA['blast.garnet'];
const BAR_100_PSI = 6.894757;
const BAR_PER_PSI = 0.06894757;
const rate = (
  pressure: number,
  more: { distance?: number; angle?: number; bore?: number; grade?: 'sa-1' | 'sa-2' | 'sa-2.5' | 'sa-3' | null } = {},
) =>
  blastRate(
    garnet,
    more.bore ?? REFERENCE_BORE,
    { pressure, distance: more.distance ?? 0.3, angle: more.angle ?? 60 },
    1,
    more.grade === undefined ? 'sa-2.5' : more.grade,
  );

test('reference point: 14 m²/h of 100 µm enamel at 100 psig with mineral grit (model assumption)', () => {
  expect(rate(BAR_100_PSI)).toBeCloseTo(14, 4);
});

test('1.5 % of the rate is lost for each psi below 100 (common practice, no source)', () => {
  expect(rate(BAR_100_PSI - 10 * BAR_PER_PSI)).toBeCloseTo(14 * 0.85, 4);
});

/** lb/h at 50 to 100 psig; published nozzle tables, from memory. */
test.each([
  [6.35, [268, 312, 354, 408, 448, 494]],
  [9.525, [668, 764, 864, 960, 1052, 1152]],
  [12.7, [1160, 1336, 1512, 1680, 1856, 2024]],
])('abrasive through a bore of %d mm is within 8 %% of the nozzle table', (bore, table) => {
  const mineral = { ...garnet, bulkDensity: { ...garnet.bulkDensity, value: 1.6 } };
  table.forEach((pounds, i) => {
    const flow = abrasiveFlow(mineral, bore, (50 + 10 * i) * BAR_PER_PSI) / 0.45359237;
    expect(Math.abs(flow / pounds - 1)).toBeLessThan(0.08);
  });
});

test('a better grade, a shallower angle, more distance and a smaller bore are all slower', () => {
  const grades = (['sa-1', 'sa-2', 'sa-2.5', 'sa-3'] as const).map((grade) => rate(5, { grade }));
  expect([...grades].sort((a, b) => b - a)).toEqual(grades);
  expect(rate(5, { angle: 30 })).toBeLessThan(rate(5, { angle: 45 }));
  expect(rate(5, { distance: 0.6 })).toBeLessThan(rate(5, { distance: 0.3 }));
  expect(rate(5, { bore: 6.35 })).toBeCloseTo(rate(5) * (4 / 6) ** 2, 9);
});

test('a soft medium works at full speed at its own usual highest pressure (model assumption)', () => {
  const plastic = MEDIA['blast.plastic'];
  expect(blastRate(plastic, REFERENCE_BORE, { pressure: plastic.pressure.value, distance: 0.3, angle: 60 }, 1, null)).toBeCloseTo(14 * 0.5, 9);
});

test('more pressure never blasts slower, nor leaves a shallower profile', () => {
  const pressures = fc.double({ min: 0.5, max: 8, noNaN: true });
  fc.assert(fc.property(pressures, (bar) => rate(bar + 0.5) >= rate(bar) && profileAt(garnet, bar + 0.5) >= profileAt(garnet, bar)));
  expect([profileAt(garnet, 4), profileAt(garnet, 7)]).toEqual([40, 80]);
});
