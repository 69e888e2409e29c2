import { assumption, practice } from '../../model/basis.ts';
import type { PrimerRule } from '../subjects.ts';

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
