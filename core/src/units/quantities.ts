import * as z from 'zod';

/** Branded quantities of the model. A brand is made where input is validated; inside, plain arithmetic. */

const number = z.number({ error: 'needs a number' });
const above0 = number.positive('must be more than 0');

export const Micrometres = above0.lt(5000, 'must be under 5000 µm').brand<'um'>().describe('film thickness, µm');
export type Micrometres = z.infer<typeof Micrometres>;

export const Millimetres = above0.lte(500, 'must be 500 mm at most').brand<'mm'>().describe('material thickness, mm');
export type Millimetres = z.infer<typeof Millimetres>;

export const Metres = above0.lte(1000, 'must be 1000 m at most').brand<'m'>().describe('length, m');
export type Metres = z.infer<typeof Metres>;

export const SquareMetres = above0.lte(10_000, 'must be 10 000 m² at most').brand<'m2'>().describe('area, m²');
export type SquareMetres = z.infer<typeof SquareMetres>;

export const Celsius = number
  .gte(-20, 'colder than −20 °C: no work is done there')
  .lte(60, 'hotter than 60 °C: no workplace is')
  .brand<'degC'>()
  .describe('temperature of workplace, °C');
export type Celsius = z.infer<typeof Celsius>;

export const Percent = number.gte(0, 'must be 0 % or more').lte(100, 'must be 100 % at most').brand<'percent'>().describe('share, %');
export type Percent = z.infer<typeof Percent>;

export const MetresPerSecond = number.gte(0, 'must be 0 m/s or more').lte(60, 'must be 60 m/s at most').brand<'m/s'>().describe('wind, m/s');
export type MetresPerSecond = z.infer<typeof MetresPerSecond>;

export const CubicMetres = above0.lte(1_000_000, 'must be 1 000 000 m³ at most').brand<'m3'>().describe('room, m³');
export type CubicMetres = z.infer<typeof CubicMetres>;

export const CubicMetresPerHour = above0.lte(1_000_000, 'must be 1 000 000 m³/h at most').brand<'m3/h'>().describe('air moved, m³/h');
export type CubicMetresPerHour = z.infer<typeof CubicMetresPerHour>;

export const Kilograms = above0.lte(50_000, 'must be 50 000 kg at most').brand<'kg'>().describe('mass, kg');
export type Kilograms = z.infer<typeof Kilograms>;

export type Minutes = number & z.$brand<'min'>;
export type Litres = number & z.$brand<'L'>;

/** Brand a literal of the catalogue or a computed value whose unit is evident from the formula. */
export const um = (n: number): Micrometres => n as Micrometres;
export const mm = (n: number): Millimetres => n as Millimetres;
export const metres = (n: number): Metres => n as Metres;
export const m2 = (n: number): SquareMetres => n as SquareMetres;
export const metresPerSecond = (n: number): MetresPerSecond => n as MetresPerSecond;
export const m3 = (n: number): CubicMetres => n as CubicMetres;
export const m3PerHour = (n: number): CubicMetresPerHour => n as CubicMetresPerHour;
export const kg = (n: number): Kilograms => n as Kilograms;
export const degC = (n: number): Celsius => n as Celsius;
export const percent = (n: number): Percent => n as Percent;
export const minutes = (n: number): Minutes => n as Minutes;
export const litres = (n: number): Litres => n as Litres;
