import { hoursAt, mayLay, shortTime, type ForecastHour, type Job, type Operation } from '@lift-bare/core';

/** An hour of the forecast where a job stands. */
export interface WeatherHour {
  readonly from: number;
  readonly to: number;
  /** every coat of the job may be laid in it */
  readonly open: boolean;
  readonly says: string;
}

/** The forecast for the coats of a job outdoors; none indoors. */
export function weatherOf({ place }: Job, operations: readonly Operation[], forecast: readonly ForecastHour[]): WeatherHour[] {
  if (place.indoors) return [];
  const coats = [...new Map(operations.flatMap(({ coat }) => (coat ? [[coat.product, coat] as const] : []))).values()];
  return hoursAt(forecast, place).map((hour) => {
    const shut = coats.filter((coat) => !mayLay(hour, coat));
    const { temperature, humidity, wind } = hour.place;
    const air = `${temperature.toFixed(0)} °C, ${humidity.toFixed(0)} %, ${hour.margin.toFixed(1)} K above the dew point${wind === null ? '' : `, wind ${wind.toFixed(0)} m/s`}${hour.rain ? ', rain' : ''}`;
    const who = shut.length === 0 ? 'coats may be laid' : shut.length === coats.length ? 'no coat' : `not ${shut.map(({ name }) => name).join(', ')}`;
    return { from: hour.from, to: hour.to, open: shut.length === 0, says: `${shortTime(hour.from)}: ${air}: ${who}` };
  });
}
