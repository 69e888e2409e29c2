import { ForecastHour, normalSource } from '@lift-bare/core';
import type { ForecastSource } from './forecast-source.ts';

export interface SimulatedWeather {
  readonly seed: number;
  /** °C and % around which the days swing */
  readonly temperature: number;
  readonly humidity: number;
}

const HOUR = 3_600_000;
/** K that the day swings, and that days differ; % that humidity follows a kelvin; h between two drawn values. */
const SWING = 4.5;
const DRIFT = 2.5;
const DRYING = 3.5;
const SLOT = 18;
/** Above this share of its swing the weather rains, mm/h for each unit more. */
const WET = 1.1;
const POURS = 1.6;

/** Stands in for a weather service: a day's swing, spells of weather that last for a day or so, wind and showers. The same seed and hour give the same air. */
export function simulatedForecast({ seed, temperature, humidity }: SimulatedWeather): ForecastSource {
  const spell = (hours: number, kind: number): number => {
    const slot = Math.floor(hours / SLOT);
    const drawn = (index: number): number => normalSource((seed * 131 + kind * 7919 + index) | 0)();
    const share = hours / SLOT - slot;
    return drawn(slot) * (1 - share) + drawn(slot + 1) * share;
  };
  return {
    hours(from, count) {
      const first = Math.floor(from.getTime() / HOUR);
      return Promise.resolve(
        Array.from({ length: count }, (_, i): ForecastHour => {
          const hour = first + i;
          const weather = spell(hour, 1);
          const now = temperature + SWING * Math.sin((2 * Math.PI * (hour - 9)) / 24) + DRIFT * weather;
          const damp = humidity - DRYING * (now - temperature) + 9 * spell(hour, 2);
          return ForecastHour.parse({
            at: new Date(hour * HOUR).toISOString(),
            temperature: tenth(now),
            humidity: Math.round(Math.min(99, Math.max(20, damp))),
            wind: tenth(Math.max(0, 3 + 1.8 * spell(hour, 3))),
            rain: tenth(Math.max(0, (spell(hour, 2) - WET) * POURS)),
          });
        }),
      );
    },
  };
}

const tenth = (value: number): number => Math.round(value * 10) / 10;
