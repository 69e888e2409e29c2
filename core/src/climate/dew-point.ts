import { degC, type Celsius, type Percent } from '../units/quantities.ts';

const A = 17.62;
const B = 243.12;

/** Saturation pressure of water at a temperature against that at 0 °C; the same formula. */
export const saturation = (temperature: number): number => Math.exp((A * temperature) / (B + temperature));

/**
 * Dew point, °C, from air temperature and relative humidity. Magnus formula over water, a = 17.62, b = 243.12 °C:
 * D. Sonntag, Z. Meteorol. 40 (1990). Dry air (0 %) has none: −Infinity.
 * @example dewPoint(20 °C, 50 %) // 9.3 °C
 */
export function dewPoint(temperature: Celsius, humidity: Percent): Celsius {
  if (!(humidity > 0)) return degC(-Infinity);
  const gamma = Math.log(humidity / 100) + (A * temperature) / (B + temperature);
  return degC((B * gamma) / (A - gamma));
}
