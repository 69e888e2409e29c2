import fc from 'fast-check';
import { NOZZLES, nozzleOf } from '../catalogue/nozzles.ts';
import { AirPlant, USUAL_AIR } from '../model/air-plant.ts';
import { bisect } from '../numeric/bisect.ts';
import { freeAirThrough } from './air-flow.ts';
import { answersOf, bestAir, meanSpeed } from './choose-air.ts';
import { hoseLoss, pressureToSet } from './hose-loss.ts';
import { airPoint, nozzlesOf, reachOf } from './nozzle-choices.ts';
import { minutesOfBlast, minutesOfRecovery } from './receiver.ts';
import { largestBore, RESERVE, sustainedPressure } from './sustained.ts';

const BAR_PER_PSI = 0.0689475729;
const LITRES_PER_CUBIC_FOOT = 28.316846592;
const cfm = (bore: number, psi: number, discharge?: number) => freeAirThrough(bore, psi * BAR_PER_PSI, discharge) / LITRES_PER_CUBIC_FOOT;

describe('air through a bore', () => {
  test('an orifice of 1/4 in at 100 psig and a coefficient of 1 passes 104 cfm (compressed-air handbook)', () => {
    expect(Math.abs(cfm(6.35, 100, 1) / 104 - 1)).toBeLessThan(0.015);
  });

  /** cfm of free air at 50 to 100 psig; published nozzle tables, from memory. */
  test.each([
    ['no-4', [47, 54, 61, 68, 74, 81]],
    ['no-6', [108, 126, 143, 161, 173, 196]],
    ['no-8', [195, 224, 252, 280, 309, 338]],
  ] as const)('%s is within 8 %% of the nozzle table', (id, table) => {
    table.forEach((value, i) => expect(Math.abs(cfm(nozzleOf(id).bore, 50 + 10 * i) / value - 1)).toBeLessThan(0.08));
  });

  test('rises with bore and pressure, without a step where the throat becomes sonic', () => {
    const bars = fc.double({ min: 0.05, max: 10, noNaN: true });
    fc.assert(
      fc.property(bars, (bar) => freeAirThrough(6, bar + 0.01) > freeAirThrough(6, bar) && freeAirThrough(6.1, bar) > freeAirThrough(6, bar)),
    );
    expect(freeAirThrough(6, 0.9045) / freeAirThrough(6, 0.9035)).toBeCloseTo(1, 2);
    expect(freeAirThrough(6, 0)).toBe(0);
    expect(freeAirThrough(6, NaN)).toBe(0);
  });
});

describe('hose', () => {
  const hose = { hoseBore: 25.4, hoseLength: 30.48 };
  test('100 cfm through 100 ft of 1 in at 100 psig loses 3.65 psi (Harris, compressed-air handbook, from memory)', () => {
    const loss = hoseLoss(hose, 100 * LITRES_PER_CUBIC_FOOT, 100 * BAR_PER_PSI) / BAR_PER_PSI;
    expect(Math.abs(loss / 3.65 - 1)).toBeLessThan(0.02);
  });

  test('what is set at the pot less what the hose takes is what was wanted at the nozzle', () => {
    fc.assert(
      fc.property(fc.double({ min: 1, max: 8, noNaN: true }), fc.double({ min: 100, max: 4000, noNaN: true }), (bar, flow) => {
        const set = pressureToSet(hose, flow, bar);
        return Math.abs(set - hoseLoss(hose, flow, set) - bar) < 1e-6;
      }),
    );
  });
});

describe('receiver', () => {
  /** The same vessel stepped through time by Euler steps of 1 ms; any text on gas balance. */
  test('holds a blast as long as a time-stepped simulation says, and recovers as fast', () => {
    const vessel = { volume: 270, supply: 900 };
    const step = 1e-3 / 60;
    let gauge = 10;
    let blast = 0;
    for (; gauge > 6; blast += step) gauge -= (1.01325 * (1500 - vessel.supply) * step) / vessel.volume;
    let recover = 0;
    for (; gauge < 10; recover += step) gauge += (1.01325 * vessel.supply * step) / vessel.volume;
    expect(minutesOfBlast(vessel, 1500, 10, 6)).toBeCloseTo(blast, 3);
    expect(minutesOfRecovery(vessel, 10, 6)).toBeCloseTo(recover, 3);
  });

  test('never runs dry while the compressor keeps up, and gives nothing when the start is too low', () => {
    expect(minutesOfBlast({ volume: 270, supply: 900 }, 800, 10, 6)).toBe(Infinity);
    expect(minutesOfBlast({ volume: 270, supply: 900 }, 1800, 5, 6)).toBe(0);
  });

  test('over a rhythm the nozzle takes just what the compressor delivers', () => {
    const point = airPoint(USUAL_AIR, nozzlesOf(USUAL_AIR)[3] as never, 6);
    expect(point.rhythm).not.toBeNull();
    expect(point.duty * point.demand).toBeCloseTo(USUAL_AIR.freeAir, 6);
  });
});

describe('what a compressor can do', () => {
  test('the pressure held all day takes just the supply less its reserve', () => {
    const bar = sustainedPressure(6.35, 900, 10);
    expect(RESERVE * freeAirThrough(6.35, bar)).toBeCloseTo(900, 4);
    expect(sustainedPressure(3, 900, 7)).toBe(7);
  });

  test('the largest bore is the inverse of the demand', () => {
    fc.assert(
      fc.property(fc.double({ min: 50, max: 9000, noNaN: true }), fc.double({ min: 1, max: 8, noNaN: true }), (supply, bar) => {
        return Math.abs(RESERVE * freeAirThrough(largestBore(supply, bar), bar) - supply) < 1e-3;
      }),
    );
  });

  const span = { least: 2, most: 6, full: 6.9 };
  test('a nozzle is named only where it gets its air, and the best one is held all day', () => {
    const best = bestAir(USUAL_AIR, span);
    expect(best?.rhythm).toBeNull();
    expect((best?.demand ?? 0) * RESERVE).toBeLessThanOrEqual(USUAL_AIR.freeAir + 1e-6);
    for (const { allDay } of answersOf(USUAL_AIR, span)) if (allDay) expect(allDay.demand * RESERVE).toBeLessThanOrEqual(USUAL_AIR.freeAir + 1e-6);
  });

  test('a bigger compressor is never slower', () => {
    const speed = (freeAir: number) => {
      const best = bestAir({ ...USUAL_AIR, freeAir }, span);
      return best ? meanSpeed(best, span) : 0;
    };
    expect([300, 600, 1200, 2400, 4800].map(speed)).toEqual([...[300, 600, 1200, 2400, 4800].map(speed)].sort((a, b) => a - b));
  });

  test('with no air for any nozzle there is none to name', () => {
    expect(bestAir({ ...USUAL_AIR, freeAir: 20, receiver: 0 }, span)).toBeNull();
  });

  test('a worn bore takes its own air, and the hose caps the pressure', () => {
    const plant = AirPlant.parse({ ...USUAL_AIR, hoseBore: 13, hoseLength: 40, nozzles: [{ size: 'no-6', bore: 11 }] });
    expect(nozzlesOf(plant)).toMatchObject([{ id: 'no-6', now: 11 }]);
    const [reach] = reachOf(plant);
    expect(reach?.cap).toBeLessThan(plant.cutOut);
    expect(pressureToSet(plant, freeAirThrough(11, reach?.cap ?? 0), reach?.cap ?? 0)).toBeCloseTo(plant.cutOut, 4);
  });

  test('sizes are sixteenths of an inch', () => {
    expect(NOZZLES.map(({ bore }) => bore)).toEqual([2, 3, 4, 5, 6, 7, 8].map((n) => (n * 25.4) / 16));
  });
});

test('bisection finds a known root and refuses what has none', () => {
  expect(bisect((x) => x * x - 2, 0, 2)).toBeCloseTo(Math.SQRT2, 8);
  expect(bisect((x) => x - 1, 1, 2)).toBe(1);
  expect(() => bisect((x) => x * x + 1, 0, 1)).toThrow(RangeError);
  expect(() => bisect(() => NaN, 0, 1)).toThrow('no change of sign');
});
