import type { HoldPoint } from '../model/bare.ts';
import type { Service } from '../model/job.ts';

export const WATER_BREAK: HoldPoint = {
  method: 'water-break test, ASTM F22',
  accept: 'water holds as one film for 30 s',
  unit: 's',
  least: 30,
  most: null,
};
export const PH: HoldPoint = { method: 'pH paper on the wet surface and in laps', accept: 'pH 6 to 8', unit: 'pH', least: 6, most: 8 };

/** mg/m² of soluble salt; ISO 8502-6 and -9 with the limits usual in practice, from memory. */
const SALT_LIMIT = { immersed: 50, dry: 100 } as const;
export const saltLimit = (service: Service): number => (service.startsWith('immersed') ? SALT_LIMIT.immersed : SALT_LIMIT.dry);
