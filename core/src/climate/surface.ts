import type { Place } from '../model/job.ts';
import { degC, type Celsius } from '../units/quantities.ts';
import { dewPoint } from './dew-point.ts';

/** K of surface above the dew point that work on bare metal and paint ask for; ISO 8502-4. */
export const DEW_MARGIN = 3;

/** °C of the part: as measured, else as warm as the air. */
export const surfaceOf = ({ metal, temperature }: Pick<Place, 'metal' | 'temperature'>): Celsius => degC(metal ?? temperature);

/** K of the part above the dew point of the air. */
export const dewMargin = (place: Pick<Place, 'metal' | 'temperature' | 'humidity'>): number =>
  surfaceOf(place) - dewPoint(place.temperature, place.humidity);
