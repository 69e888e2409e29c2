import type { ForecastHour } from '@lift-bare/core';

/** Somebody who knows what the air outdoors will be. Answers the hours from the one that a time lies in, or null while out of reach. */
export interface ForecastSource {
  hours(from: Date, count: number): Promise<ForecastHour[] | null>;
}
