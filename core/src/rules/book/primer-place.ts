import { filmRange } from '../../climate/surface.ts';
import { assumption, practice } from '../../model/basis.ts';
import type { PrimerRule } from '../subjects.ts';

/** What a primer asks of the workplace and its kit. */
export const PRIMER_PLACE: readonly PrimerRule[] = [
  {
    id: 'primer-cold',
    effect: 'caution',
    title: "Below the primer's temperature limit",
    reason: ({ primer, zone }) =>
      `${filmRange(zone.place).coldest} °C where it is laid; it wants ${primer.minTemperature.value} °C or it does not cure through.`,
    basis: assumption,
    looksAt: ['air temperature', 'part temperature', 'primer'],
    change: 'Another primer that cures in the cold, or warm the workplace and the part.',
    when: (s) => filmRange(s.zone.place).coldest < s.primer.minTemperature.value,
  },
  {
    id: 'primer-damp',
    effect: 'caution',
    title: 'Too damp to prime',
    reason: ({ primer, zone }) => `${zone.job.place.humidity} % humidity; its limit is ${primer.maxHumidity.value} %.`,
    basis: assumption,
    looksAt: ['humidity', 'primer'],
    change: 'Another primer that takes it, or drier air.',
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
