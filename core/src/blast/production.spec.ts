import fc from 'fast-check';
import { sampleFacts } from '../../testing/sample.ts';
import { MEDIA } from '../catalogue/media.ts';
import { abrasiveFlow, blastPressure, blastRate } from './production.ts';

const garnet = MEDIA['blast.garnet'];
const BAR_100_PSI = 6.894757;

test('reference point: 14 m²/h of 100 µm enamel at 100 psig with mineral grit (model assumption)', () => {
  expect(blastRate(garnet, BAR_100_PSI, 1)).toBeCloseTo(14, 4);
});

test('1.5 % of the rate is lost for each psi below 100 (common practice, no source)', () => {
  expect(blastRate(garnet, BAR_100_PSI - 10 * 0.06894757, 1)).toBeCloseTo(14 * 0.85, 4);
});

test('1152 lb/h of mineral abrasive through a no. 6 nozzle at 100 psig (published nozzle tables, from memory)', () => {
  expect(abrasiveFlow({ ...garnet, bulkDensity: { ...garnet.bulkDensity, value: 1.6 } }, BAR_100_PSI) / 0.45359237).toBeCloseTo(1152, 1);
});

test.each([
  [{ thickness: 0.8 }, 2.8],
  [{ thickness: 1.2 }, 3.5],
  [{ substrate: 'mild-steel-section', thickness: 4 }, 7],
  [{ substrate: 'aluminium-sheet', thickness: 4 }, 2],
  [{ substrate: 'grp-gelcoat', thickness: 6 }, 2.8],
] as const)('%p is blasted at %d bar at most (common practice, no source)', (sample, limit) => {
  expect(blastPressure(sampleFacts(sample), garnet)).toBe(limit);
});

test('more pressure never blasts slower', () => {
  fc.assert(fc.property(fc.double({ min: 0.5, max: 8, noNaN: true }), (bar) => blastRate(garnet, bar + 0.5, 1) >= blastRate(garnet, bar, 1)));
});
