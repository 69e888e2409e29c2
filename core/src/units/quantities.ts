import { z } from 'zod';

/** Branded quantities of the model. A brand is made where input is validated; inside, plain arithmetic. */

export const Micrometres = z.number().positive().lt(5000).brand<'um'>().describe('film thickness, µm');
export type Micrometres = z.infer<typeof Micrometres>;

export const Millimetres = z.number().positive().lte(500).brand<'mm'>().describe('material thickness, mm');
export type Millimetres = z.infer<typeof Millimetres>;

export const Metres = z.number().positive().lte(1000).brand<'m'>().describe('length, m');
export type Metres = z.infer<typeof Metres>;

export const SquareMetres = z.number().positive().lte(10_000).brand<'m2'>().describe('area, m²');
export type SquareMetres = z.infer<typeof SquareMetres>;

export const Celsius = z.number().gte(-20).lte(60).brand<'degC'>().describe('temperature of workplace, °C');
export type Celsius = z.infer<typeof Celsius>;

export const Percent = z.number().gte(0).lte(100).brand<'percent'>().describe('share, %');
export type Percent = z.infer<typeof Percent>;

export type Minutes = number & z.$brand<'min'>;
export type Litres = number & z.$brand<'L'>;

/** Brand a literal of the catalogue or a computed value whose unit is evident from the formula. */
export const um = (n: number): Micrometres => n as Micrometres;
export const mm = (n: number): Millimetres => n as Millimetres;
export const metres = (n: number): Metres => n as Metres;
export const m2 = (n: number): SquareMetres => n as SquareMetres;
export const degC = (n: number): Celsius => n as Celsius;
export const percent = (n: number): Percent => n as Percent;
export const minutes = (n: number): Minutes => n as Minutes;
export const litres = (n: number): Litres => n as Litres;
