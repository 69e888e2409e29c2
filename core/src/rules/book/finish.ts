import { practice } from '../../model/basis.ts';
import { onGroup, onMetal, onPlastic } from '../groups.ts';
import type { FinishRule } from '../subjects.ts';

export const FINISH_RULES: readonly FinishRule[] = [
  {
    id: 'copper-antifouling', effect: 'rule-out', title: 'No copper antifouling on aluminium',
    reason: 'Copper eats aluminium hulls and sterndrives; use a copper-free type over a barrier.',
    basis: practice, looksAt: ['substrate', 'finish'], change: 'A glass-fibre or steel bottom.',
    when: (s) => s.finish.id === 'antifouling' && onGroup(s.zone, 'light'),
  },
  {
    id: 'powder-heat', effect: 'rule-out', title: 'Powder oven is too hot for this part',
    reason: ({ zone }) => `Powder cures near 180 to 200 °C; ${zone.substrate.name.toLowerCase()} stands about ${zone.substrate.heatLimit.value} °C.`,
    basis: practice, looksAt: ['substrate', 'features', 'finish'], change: 'A wet finish, or plain metal.',
    when: (s) => s.finish.id === 'powder-sent-out' && (s.zone.substrate.heatLimit.value < 150 || s.zone.filler || s.zone.has('adhesive-joints') || s.zone.has('rubber')),
  },
  {
    id: 'polish-metal-only', effect: 'rule-out', title: 'Only metal is left bare and polished',
    reason: 'Plastic, wood and laminate need a coat against weather.',
    basis: practice, looksAt: ['substrate', 'finish'], change: 'A metal part.',
    when: (s) => s.finish.id === 'bare-polish' && !onMetal(s.zone),
  },
  {
    id: 'polish-rusts', effect: 'caution', title: 'Bare steel rusts',
    reason: 'Polished carbon steel holds minutes to hours; oil it or clear it.',
    basis: practice, looksAt: ['substrate', 'finish'], change: 'Stainless or aluminium.',
    when: (s) => s.finish.id === 'bare-polish' && onGroup(s.zone, 'ferrous'),
  },
  {
    id: 'alkyd-on-zinc', effect: 'caution', title: 'Alkyd enamel saponifies on zinc',
    reason: 'Enamel straight on zinc turns to soap and peels: epoxy in between without a gap.',
    basis: practice, looksAt: ['substrate', 'finish'], change: 'A two-pack finish.',
    when: (s) => s.finish.id === 'machine-enamel' && onGroup(s.zone, 'zinc'),
  },
  {
    id: 'plastic-flex', effect: 'caution', title: 'Soft parts want a flexible film',
    reason: 'Flexible additive in colour and clear on parts that bend.',
    basis: practice, looksAt: ['substrate'], change: 'A rigid part.',
    when: (s) => onPlastic(s.zone) && s.finish.pack === '2K',
  },
  {
    id: 'immersed-finish', effect: 'caution', title: 'Finish is not made to stay under water',
    reason: 'Constant water blisters ordinary topcoats.',
    basis: practice, looksAt: ['service', 'finish'], change: 'Antifouling over barrier epoxy.',
    when: (s) => s.zone.job.item.service.startsWith('immersed') && s.finish.id !== 'antifouling' && s.finish.coats.length > 0,
  },
  {
    id: 'lacquer-blush', effect: 'caution', title: 'One-pack may turn milky',
    reason: ({ zone }) => `At ${zone.job.place.humidity} % humidity evaporation cools the film below the dew point; stop above 80 %.`,
    basis: practice, looksAt: ['humidity', 'finish'], change: 'Below 70 %.',
    when: (s) => s.finish.pack === '1K' && s.zone.job.place.humidity > 70,
  },
];
