import type { Place } from '../model/job.ts';
import { degC, type Celsius } from '../units/quantities.ts';
import { dewPoint } from './dew-point.ts';

/** K of surface above the dew point that work on bare metal and paint ask for; ISO 8502-4. */
export const DEW_MARGIN = 3;

/** °C of the part: as measured, else as warm as the air. */
export const surfaceOf = ({ metal, temperature }: Pick<Place, 'metal' | 'temperature'>): Celsius => degC(metal ?? temperature);

/**
 * °C of air and part between which what is laid on a part dries: a film takes the temperature of what it lies on, and the part that of the air in time.
 * Waits go by the colder of the two, what closes by the warmer. Model assumption.
 */
export function filmRange(place: Pick<Place, 'metal' | 'temperature'>): { readonly coldest: Celsius; readonly warmest: Celsius } {
  const [air, part] = [place.temperature, surfaceOf(place)];
  return part < air ? { coldest: part, warmest: air } : { coldest: air, warmest: part };
}

/** K of the part above the dew point of the air. */
export const dewMargin = (place: Pick<Place, 'metal' | 'temperature' | 'humidity'>): number =>
  surfaceOf(place) - dewPoint(place.temperature, place.humidity);
