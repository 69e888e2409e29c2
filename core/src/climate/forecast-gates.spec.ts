import psychrolib from 'psychrolib';
import { DEMO_JOBS } from '../demo/demo-jobs.ts';
import type { ForecastHour } from '../model/forecast.ts';
import type { Job, Place } from '../model/job.ts';
import { degC, metresPerSecond, percent } from '../units/quantities.ts';
import { hoursAt, laySpells, mayLay } from './forecast-gates.ts';
import type { GatedCoat } from './paint-gates.ts';

const { place } = DEMO_JOBS[1] as Job;
const OUT: Place = { ...place, indoors: false, gateReasons: {} };
const HOUR = 3_600_000;
const START = Date.UTC(2026, 4, 4, 0);
const PAINT: GatedCoat = { name: 'Enamel', apply: 'gun', coldest: 10, dampest: 85 };
const hour = (i: number, temperature: number, humidity: number, more: Partial<ForecastHour> = {}): ForecastHour => ({
  at: new Date(START + i * HOUR).toISOString(),
  temperature: degC(temperature),
  humidity: percent(humidity),
  wind: null,
  rain: null,
  ...more,
});
const one = (given: ForecastHour, coat = PAINT, at = OUT) => mayLay(hoursAt([given], at)[0] as never, coat);

/** Limits that are asked of the weather: ISO 8502-4 for the dew point; temperature and humidity by the coat. */
test.each([
  ['a fair hour', hour(0, 18, 60), true],
  ['too cold for the coat', hour(0, 8, 60), false],
  ['too damp for the coat', hour(0, 18, 88), false],
  ['within 3 K of the dew point', hour(0, 18, 84), false],
  ['rain', hour(0, 18, 60, { rain: 0.4 }), false],
  ['a trace of rain', hour(0, 18, 60, { rain: 0.04 }), true],
  ['wind', hour(0, 18, 60, { wind: metresPerSecond(7) }), false],
])('%s', (_, given, open) => expect(one(given)).toBe(open));

test('wind bars no roller, and what somebody answers for in writing bars nothing; rain always does', () => {
  expect(one(hour(0, 18, 60, { wind: metresPerSecond(7) }), { ...PAINT, apply: 'roller' })).toBe(true);
  const answered: Place = { ...OUT, gateReasons: { damp: 'tent with heater', dew: 'tent with heater' } };
  expect(one(hour(0, 18, 88), PAINT, answered)).toBe(true);
  expect(one(hour(0, 18, 60, { rain: 1 }), PAINT, { ...OUT, gateReasons: { damp: 'x', dew: 'x', cold: 'x', wind: 'x' } })).toBe(false);
});

test('the part is as warm as the air was an hour before: dew lies on it in the morning; held against psychrolib', () => {
  const [, second] = hoursAt([hour(0, 9, 80), hour(1, 14, 75)], OUT);
  psychrolib.SetUnitSystem(psychrolib.SI);
  expect(second?.margin).toBeCloseTo(9 - psychrolib.GetTDewPointFromRelHum(14, 0.75), 1);
  expect(second && mayLay(second, PAINT)).toBe(false);
});

test('spells run from hour to hour; a hole ends them, and nothing is said of it; the order of the rows does not count', () => {
  const rows = [hour(0, 18, 60), hour(1, 18, 60), hour(2, 18, 95), hour(3, 18, 60), hour(6, 18, 60)];
  const at = (i: number) => START + i * HOUR;
  // The air of hour 3 is as warm as before: open again.
  const expected = {
    open: [
      { from: at(0), to: at(2) },
      { from: at(3), to: at(4) },
      { from: at(6), to: at(7) },
    ],
    told: [
      { from: at(0), to: at(4) },
      { from: at(6), to: at(7) },
    ],
  };
  expect(laySpells(hoursAt(rows, OUT), PAINT)).toEqual(expected);
  expect(laySpells(hoursAt([...rows].reverse(), OUT), PAINT)).toEqual(expected);
});
