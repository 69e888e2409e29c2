import { dewPoint } from '../../climate/dew-point.ts';
import { assumption, practice } from '../../model/basis.ts';
import type { PrimerRule } from '../subjects.ts';

/** °C of surface above dew point asked for by ISO 8502-4. */
const DEW_MARGIN = 3;

/** What a primer asks of the workplace and its kit. */
export const PRIMER_PLACE: readonly PrimerRule[] = [
  {
    id: 'primer-cold',
    effect: 'caution',
    title: "Below the primer's temperature limit",
    reason: ({ primer, zone }) =>
      `${zone.job.place.temperature} °C in the workplace; it wants ${primer.minTemperature.value} °C or it will not cure.`,
    basis: assumption,
    looksAt: ['temperature', 'primer'],
    change: 'Warm the workplace and the part.',
    when: (s) => s.zone.job.place.temperature < s.primer.minTemperature.value,
  },
  {
    id: 'primer-damp',
    effect: 'caution',
    title: 'Too damp to prime',
    reason: ({ primer, zone }) => `${zone.job.place.humidity} % humidity; its limit is ${primer.maxHumidity.value} %.`,
    basis: assumption,
    looksAt: ['humidity', 'primer'],
    change: 'Drier air.',
    when: (s) => s.zone.job.place.humidity > s.primer.maxHumidity.value,
  },
  {
    id: 'primer-dew',
    effect: 'caution',
    title: 'Too near the dew point',
    reason: ({ zone }) =>
      `Surface should be ${DEW_MARGIN} K above the dew point of ${dewPoint(zone.job.place.temperature, zone.job.place.humidity).toFixed(1)} °C.`,
    basis: { kind: 'published', source: 'ISO 8502-4' },
    looksAt: ['temperature', 'humidity'],
    change: 'Warmer or drier.',
    when: ({ zone }) => zone.job.place.temperature - dewPoint(zone.job.place.temperature, zone.job.place.humidity) < DEW_MARGIN,
  },
  {
    id: 'gun-missing',
    effect: 'caution',
    title: 'Shop does not own a spray gun',
    reason: 'This primer is laid on by gun: hire one, or choose a rolled or aerosol product.',
    basis: practice,
    looksAt: ['product', 'shop equipment'],
    change: 'Add a spray gun to the shop.',
    when: (s) => (s.zone.zone.laidWith[s.primer.id] ?? s.primer.apply) === 'gun' && !s.zone.shop.equipment.includes('spray-gun'),
  },
];
