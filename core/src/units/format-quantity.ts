import { DIMENSIONS, type DimensionName, type UnitSystem } from './dimensions.ts';
import { convert } from './parse-quantity.ts';

const SIGNS: Record<string, string> = { um: 'µm', thou: 'mil', m2: 'm²', ft2: 'ft²', m3: 'm³', ft3: 'ft³', 'm3/h': 'm³/h', C: '°C', F: '°F' };

export const unitSign = (name: DimensionName, system: UnitSystem): string => {
  const shown = DIMENSIONS[name].shown[system];
  return SIGNS[shown] ?? shown;
};

/** The number a field shows, without its unit; small values keep one significant digit instead of rounding to nothing. */
export function formatNumber(value: number, name: DimensionName, system: UnitSystem): string {
  const { kind, canonical, shown, decimals } = DIMENSIONS[name];
  const converted = convert(value, kind, canonical, shown[system]);
  const fixed = converted.toFixed(decimals[system]);
  const lost = converted !== 0 && Math.abs(converted) < 10 ** -decimals[system];
  return String(Number(lost ? converted.toPrecision(1) : fixed));
}

/** @example formatQuantity(101.6, 'film', 'us') // "4 mil" */
export const formatQuantity = (value: number, name: DimensionName, system: UnitSystem): string =>
  `${formatNumber(value, name, system)} ${unitSign(name, system)}`;

/** Minutes as people say them: "12 min", "1 h 20", "2 days". */
export function formatMinutes(value: number): string {
  if (value < 1) return value <= 0 ? '0 min' : 'under 1 min';
  if (value < 90) return `${Math.round(value)} min`;
  const whole = Math.round(value);
  if (whole < 2880) return whole % 60 === 0 ? `${whole / 60} h` : `${Math.floor(whole / 60)} h ${String(whole % 60).padStart(2, '0')}`;
  return `${Number((whole / 1440).toFixed(1))} days`;
}

/** Working time, never in days: a day of hands is not 24 hours. @example formatHands(3665) // "61 h" */
export const formatHands = (value: number): string => (value < 600 ? formatMinutes(value) : `${Math.round(value / 60)} h`);
