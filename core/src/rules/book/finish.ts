import { schoolNamed, schoolSetTo } from '../../catalogue/school-words.ts';
import { upperFirst } from '../../units/casing.ts';
import { practice } from '../../model/basis.ts';
import type { SubstrateId } from '../../model/ids.ts';
import { isClosed, onGroup, onMetal, onPlastic } from '../groups.ts';
import type { FinishRule, FinishSubject } from '../subjects.ts';

/** % relative humidity up to which air counts as dry in the strict school; common practice, no source. */
const DRY_AIR = 65;

/** °C that a powder oven reaches at least; common practice, no source. */
const OVEN = 150;
const CASTINGS: readonly SubstrateId[] = ['aluminium-cast', 'magnesium'];
const isPowder = ({ finish }: FinishSubject): boolean => finish.id === 'powder-sent-out';

export const FINISH_RULES: readonly FinishRule[] = [
  {
    id: 'heat-topcoat',
    effect: 'rule-out',
    title: 'Engine heat burns this topcoat',
    reason: ({ finish }) => `${finish.name} chars at engine and exhaust heat: a high-temperature colour, or bare metal.`,
    basis: practice,
    looksAt: ['service', 'finish'],
    change: 'High-temperature colour, or cooler service.',
    when: (s) => s.zone.service === 'engine-heat' && s.finish.id !== 'heat-colour' && s.finish.id !== 'bare-polish',
  },
  {
    id: 'heat-topcoat-cold',
    effect: 'rule-out',
    title: 'High-temperature colour needs heat to cure',
    reason: 'Where nothing heats it through it stays soft and rubs off.',
    basis: practice,
    looksAt: ['service', 'finish'],
    change: 'Engine heat, or another topcoat.',
    when: (s) => s.finish.id === 'heat-colour' && s.zone.service !== 'engine-heat',
  },
  {
    id: 'copper-antifouling',
    effect: 'rule-out',
    title: 'No copper antifouling on aluminium',
    reason: 'Copper eats aluminium hulls and sterndrives; one without biocide has no copper, over a barrier.',
    basis: practice,
    looksAt: ['substrate', 'finish'],
    change: 'Antifouling without biocide, or a glass-fibre or steel bottom.',
    when: (s) => s.finish.antifouling === 'copper' && onGroup(s.zone, 'light'),
  },
  {
    id: 'powder-heat',
    effect: 'rule-out',
    title: 'Powder oven is too hot for this part',
    reason: ({ zone }) =>
      `Powder cures near 180 to 200 °C; ${zone.substrate.name.toLowerCase()} stands about ${zone.substrate.heatLimit.value} °C, filler, glue, rubber, tyres and linings less.`,
    basis: practice,
    looksAt: ['substrate', 'features', 'stack', 'finish'],
    change: 'A wet finish, or plain metal with all of that taken off.',
    when: (s) =>
      isPowder(s) &&
      ((s.zone.substrate.heatLimit.value < OVEN && !onGroup(s.zone, 'light')) ||
        s.zone.filler ||
        s.zone.zone.filling !== null ||
        s.zone.has('adhesive-joints') ||
        s.zone.has('rubber') ||
        s.zone.has('tyre') ||
        s.zone.has('friction-lining')),
  },
  {
    id: 'powder-closed',
    effect: 'rule-out',
    title: 'Nothing closed goes into a powder oven',
    reason: 'What is left in a tank or a sealed hollow turns to gas at 200 °C: it bursts, burns, or blows the powder off.',
    basis: practice,
    looksAt: ['features', 'what the part is', 'finish'],
    change: 'A wet finish; a hollow that is opened and vented.',
    when: (s) => isPowder(s) && isClosed(s.zone),
  },
  {
    id: 'powder-over-paint',
    effect: 'rule-out',
    title: 'Powder goes on bare metal',
    reason: 'Old paint keeps the charge off and gives off gas in the oven: the powder pinholes or lifts.',
    basis: practice,
    looksAt: ['target', 'finish'],
    change: 'Target bare, or a wet finish.',
    when: (s) => isPowder(s) && s.zone.kept.length > 0,
  },
  {
    id: 'powder-temper',
    effect: 'rule-out',
    title: 'Oven heat takes strength out of this part',
    reason:
      'High-strength steel loses its temper, a heat-treated casting its strength above about 150 °C; a wheel or fork shows nothing of it until it breaks.',
    basis: practice,
    looksAt: ['substrate', 'what the part is', 'finish'],
    change: 'A wet finish, or the word of the maker in writing.',
    when: (s) =>
      isPowder(s) && (s.zone.substrate.id === 'high-strength-steel' || (CASTINGS.includes(s.zone.substrate.id) && s.zone.part.role !== 'ordinary')),
  },
  {
    id: 'powder-wrought',
    effect: 'caution',
    title: 'Ask the maker what the oven does to this alloy',
    reason: 'Wrought 6000 alloys lose little in 20 min at 180 to 200 °C, others more: the word of the maker decides.',
    basis: practice,
    looksAt: ['substrate', 'finish'],
    change: 'A wet finish.',
    when: (s) => isPowder(s) && onGroup(s.zone, 'light') && !CASTINGS.includes(s.zone.substrate.id),
  },
  {
    id: 'powder-bearings',
    effect: 'caution',
    title: 'Bearings and grease out before the oven',
    reason: 'Grease runs out over the powder and burns; a bearing that has been to 200 °C is scrap.',
    basis: practice,
    looksAt: ['features', 'finish'],
    change: 'Seats that are empty and clean.',
    when: (s) => isPowder(s) && s.zone.has('bearing-seats'),
  },
  {
    id: 'polish-metal-only',
    effect: 'rule-out',
    title: 'Only metal is left bare and polished',
    reason: 'Plastic, wood and laminate need a coat against weather.',
    basis: practice,
    looksAt: ['substrate', 'finish'],
    change: 'A metal part.',
    when: (s) => s.finish.id === 'bare-polish' && !onMetal(s.zone),
  },
  {
    id: 'polish-rusts',
    effect: 'caution',
    title: 'Bare steel rusts',
    reason: 'Polished carbon steel holds minutes to hours; oil it or clear it.',
    basis: practice,
    looksAt: ['substrate', 'finish'],
    change: 'Stainless or aluminium.',
    when: (s) => s.finish.id === 'bare-polish' && onGroup(s.zone, 'ferrous'),
  },
  {
    id: 'alkyd-on-zinc',
    effect: 'caution',
    title: 'Alkyd enamel saponifies on zinc',
    reason: 'Enamel straight on zinc turns to soap and peels: epoxy in between without a gap.',
    basis: practice,
    looksAt: ['substrate', 'finish'],
    change: 'A two-pack finish.',
    when: (s) => s.finish.id === 'machine-enamel' && onGroup(s.zone, 'zinc'),
  },
  {
    id: 'plastic-flex',
    effect: 'caution',
    title: 'Soft parts want a flexible film',
    reason: 'Flexible additive in colour and clear on parts that bend.',
    basis: practice,
    looksAt: ['substrate'],
    change: 'A rigid part.',
    when: (s) => onPlastic(s.zone) && s.finish.pack === '2K',
  },
  {
    id: 'immersed-finish',
    effect: 'caution',
    title: 'Finish is not made to stay under water',
    reason: 'Constant water blisters ordinary topcoats. Below the line: antifouling over the barrier epoxy, or the barrier epoxy as the last film.',
    basis: practice,
    looksAt: ['service', 'finish'],
    change: 'Antifouling over barrier epoxy.',
    when: (s) => s.zone.service.startsWith('immersed') && s.finish.antifouling === null && s.finish.coats.length > 0,
  },
  {
    id: 'lacquer-blush',
    effect: 'caution',
    title: 'One-pack may turn milky',
    reason: ({ zone }) => `At ${zone.job.place.humidity} % humidity evaporation cools the film below the dew point; stop above 80 %.`,
    basis: practice,
    looksAt: ['humidity', 'finish'],
    change: 'Below 70 %.',
    when: (s) => s.finish.pack === '1K' && s.zone.job.place.humidity > 70,
  },
  {
    id: 'weather-strict',
    effect: 'caution',
    title: 'Not a day for painting outdoors',
    reason: ({ zone }) =>
      `The shop paints outdoors only at 20 °C and more, in dry still air; it is planned for ${zone.job.place.temperature} °C and ${zone.job.place.humidity} %.`,
    basis: practice,
    looksAt: ['indoors', 'temperature', 'humidity', schoolNamed('W2')],
    change: `A warm dry day, a tent, or ${schoolSetTo('W2', 'margin')}.`,
    when: ({ zone }) =>
      zone.shop.schools.W2 === 'strict' && !zone.job.place.indoors && (zone.job.place.temperature < 20 || zone.job.place.humidity > DRY_AIR),
  },
  {
    id: 'fade-shows',
    effect: 'caution',
    title: 'A faded edge shows in texture',
    reason: 'Textured and low-gloss coats end in a halo; mask to a panel edge instead.',
    basis: practice,
    looksAt: ['topcoat', 'target', schoolNamed('X1')],
    change: `${upperFirst(schoolSetTo('X1', 'edge'))}.`,
    when: ({ zone, finish }) => finish.id === 'liner' && zone.kept.length > 0 && zone.shop.schools.X1 === 'fade',
  },
  {
    id: 'coarse-shows',
    effect: 'caution',
    title: 'Thin coats do not bury a coarse key',
    reason: ({ finish }) => `${finish.name} builds too little to hide P80 to P180 scratches: fill with surfacer or go finer.`,
    basis: practice,
    looksAt: ['topcoat', schoolNamed('K1')],
    change: `${upperFirst(schoolSetTo('K1', 'by-film'))}, or a surfacer.`,
    when: ({ zone, finish }) => zone.shop.schools.K1 === 'coarse' && finish.id === 'aerosol-1k',
  },
];
