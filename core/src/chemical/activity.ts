import type { Celsius } from '../units/quantities.ts';

const GAS_CONSTANT = 8.314462618;
const ACTIVATION_ENERGY = 51_000;
const REFERENCE_KELVIN = 293.15;

/** How much faster the front moves than at 20 °C. Arrhenius law (1889); 51 kJ/mol is a model assumption (doubles per 10 °C near 20 °C). */
export function temperatureFactor(temperature: Celsius): number {
  const kelvin = temperature + 273.15;
  return Math.exp((ACTIVATION_ENERGY / GAS_CONSTANT) * (1 / REFERENCE_KELVIN - 1 / kelvin));
}

/** d ln(factor) / dT at a temperature, 1/K. */
export const temperatureSensitivity = (temperature: Celsius): number => ACTIVATION_ENERGY / GAS_CONSTANT / (temperature + 273.15) ** 2;

/** A cross-linked top that was not broken with abrasive slows the first layer by this; model assumption. */
export const CLOSED_SURFACE = 2.5;
/** Chalking, cracked or flaking layers soften in this share of the time; model assumption. */
export const WEATHERED = 0.6;
/** Activity left for the rest of a round once a skin-forming stripper is brushed over; model assumption. */
export const BRUSHED_OVER = 0.4;
