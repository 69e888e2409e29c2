import type { Celsius } from '../units/quantities.ts';

/** Drying and cure times at 20 °C are multiplied by this: 2^((20 − T)/10). Model assumption until a data sheet gives two points. */
export const cureScale = (temperature: Celsius): number => 2 ** ((20 - temperature) / 10);
