import fc from 'fast-check';
import { sampleFacts } from '../../testing/sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { Reading } from '../model/bench.ts';
import { degC, percent } from '../units/quantities.ts';
import { planZone } from '../method/plan-zone.ts';
import { bareClock } from './clock.ts';

const steel = planZone(sampleFacts({ place: { humidity: 70 }, choice: { method: 'mech.da' } }), CATALOGUE);
const plastic = planZone(sampleFacts({ substrate: 'abs', thickness: 3, stack: [['basecoat', 20]] }), CATALOGUE);
const START = Date.UTC(2026, 10, 27, 8);
const HOUR = 3_600_000;
const place = { metal: null, temperature: degC(20), humidity: percent(70) };
const at = (hours: number, zones = [steel], readings: readonly Reading[] = []) =>
  bareClock(zones, new Date(START).toISOString(), START + hours * HOUR, { place, readings });
/** One reading each half hour from the start on. */
const air = (hours: number, humidity: number, more: Partial<Reading> = {}): Reading[] =>
  Array.from({ length: 2 * hours }, (_, i) => ({
    at: new Date(START + (i * HOUR) / 2).toISOString(),
    temperature: 20,
    humidity,
    surface: null,
    ...more,
  }));

test('steel at 70 % keeps 8 h: running, near, over, lost', () => {
  expect([1, 6.5, 9, 17].map((hours) => at(hours)?.state)).toEqual(['running', 'near', 'over', 'lost']);
  expect(at(3)).toMatchObject({ within: 480, left: 300, due: START + 8 * 3_600_000 });
  expect(at(9)?.todo).toContain('re-key');
  expect(at(17)?.todo).toContain('treat the rust again');
});

test('the shortest clock of its zones counts, and what does not rust has none', () => {
  const damp = planZone(sampleFacts({ place: { humidity: 90 }, choice: { method: 'mech.da' } }), CATALOGUE);
  expect(at(0, [steel, damp])?.within).toBe(60);
  expect(at(0, [plastic])).toBeNull();
});

describe('the air that the probe reads', () => {
  test('readings as planned change nothing', () => {
    expect(at(3, [steel], air(3, 70))).toMatchObject({ left: 300, used: 3 / 8, seen: 1 });
  });

  /** Bands of flash rust: 48 h in dry air, 4 h at 80 %. */
  test('dry air lengthens it, damp air shortens it, in proportion', () => {
    expect(at(4, [steel], air(4, 30))?.used).toBeCloseTo(4 / 48, 9);
    expect(at(2, [steel], air(2, 80))?.used).toBeCloseTo(2 / 4, 9);
    expect(at(2, [steel], air(2, 80))?.left).toBeCloseTo(120, 6);
  });

  test('half a day of each adds up, and an old reading stands for an hour only', () => {
    expect(at(4, [steel], air(2, 80))?.used).toBeCloseTo(2.5 / 4 + 1.5 / 8, 9);
    expect(at(4, [steel], air(2, 80))?.seen).toBeCloseTo(2.5 / 4, 9);
  });

  test('metal colder than the air is at its dew point sooner', () => {
    expect(at(0.5, [steel], air(1, 70, { surface: 15 }))?.used).toBeCloseTo(0.5, 9);
  });

  test('an overrun is told from the moment it happened, not from now', () => {
    const clock = at(7, [steel], air(7, 80));
    expect(clock?.state).toBe('over');
    expect(clock?.due).toBeCloseTo(START + 4 * HOUR, 3);
  });

  test('an oxide grows back by time alone', () => {
    const light = planZone(sampleFacts({ substrate: 'aluminium-sheet', thickness: 2, choice: { method: 'mech.da' } }), CATALOGUE);
    expect(at(3, [light], air(3, 95))?.left).toBe(180);
  });

  test('damper air never leaves more', () => {
    fc.assert(
      fc.property(fc.integer({ min: 5, max: 98 }), fc.integer({ min: 1, max: 12 }), (humidity, hours) => {
        const left = (damp: number) => at(hours, [steel], air(hours, damp))?.left ?? 0;
        return left(humidity + 1) <= left(humidity) + 1e-6;
      }),
    );
  });
});
