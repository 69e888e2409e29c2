import { fromMemory, practice } from '../../model/basis.ts';
import { does, isBlast, isChem, onGroup } from '../groups.ts';
import type { MethodRule } from '../subjects.ts';

export const LIGHT_METAL_RULES: readonly MethodRule[] = [
  {
    id: 'light-no-caustic', effect: 'rule-out', title: 'No caustic on light alloy or zinc',
    reason: ({ zone }) => `Caustic dissolves ${zone.substrate.name.toLowerCase()} and gives off hydrogen.`,
    basis: practice, looksAt: ['substrate', 'stripper'], change: 'Nothing: choose a neutral stripper.',
    when: (s) => does(s, 'caustic') && onGroup(s.zone, 'light', 'zinc'),
  },
  {
    id: 'light-no-steel', effect: 'rule-out', title: 'No steel tool on this metal',
    reason: 'Iron rubbed in from steel brushes, grit or scrapers starts corrosion under the new paint.',
    basis: practice, looksAt: ['substrate', 'tool'], change: 'Plastic scraper, non-woven disc, or brass where the shop allows it.',
    when: (s) => does(s, 'steel-tool') && onGroup(s.zone, 'light', 'ferrous-passive', 'zinc'),
  },
  {
    id: 'light-no-brass', effect: 'rule-out', title: 'Shop keeps brass off light alloy',
    reason: 'Brass traces are noble to aluminium and start pits; the shop works with plastic scrapers and pads instead.',
    basis: practice, looksAt: ['substrate', 'tool', 'school L1'], change: 'School L1 set to "brass allowed".',
    when: (s) => does(s, 'brass-tool') && onGroup(s.zone, 'light') && s.zone.shop.schools.L1 !== 'brass-allowed',
  },
  {
    id: 'light-brass-rinse', effect: 'require', title: 'Rinse brass off and finish with a nylon pad',
    reason: 'Brass traces left on aluminium are noble to it and pit under paint.',
    basis: practice, looksAt: ['substrate', 'tool', 'school L1'], change: 'School L1 set to "plastic only".',
    when: (s) => does(s, 'brass-tool') && onGroup(s.zone, 'light') && s.zone.shop.schools.L1 === 'brass-allowed',
  },
  {
    id: 'light-scraper', effect: 'prefer', title: 'Lift with stripper, scrape with plastic',
    reason: 'On light alloy a stripper and a plastic scraper leave no scratches and no foreign metal.',
    basis: practice, looksAt: ['substrate', 'school L1'], change: 'A cross-linked stack that the stripper does not open.',
    when: (s) => isChem(s) && onGroup(s.zone, 'light') && s.zone.substrate.id !== 'magnesium' && !does(s, 'acid'),
  },
  {
    id: 'light-pad', effect: 'prefer', title: 'Non-woven disc suits this alloy',
    reason: 'The shop allows non-woven pads on light alloy: they cut paint and leave an even key without embedding iron.',
    basis: practice, looksAt: ['substrate', 'school L1'], change: 'School L1.',
    when: (s) => s.method.id === 'mech.nonwoven-disc' && onGroup(s.zone, 'light') && s.zone.shop.schools.L1 === 'nonwoven-allowed',
  },
  {
    id: 'light-no-flap', effect: 'rule-out', title: 'Flap disc digs into light alloy',
    reason: 'Soft metal loads the disc and gouges before the paint is off.',
    basis: practice, looksAt: ['substrate', 'tool'], change: 'Bristle or non-woven disc, or stripper.',
    when: (s) => does(s, 'coarse-disc') && onGroup(s.zone, 'light'),
  },
  {
    id: 'light-soft-blast', effect: 'rule-out', title: 'Hard grit is too much for this alloy',
    reason: 'Mineral grit and crushed glass bite into aluminium and stretch it; soft media only.',
    basis: practice, looksAt: ['substrate', 'medium'], change: 'Plastic, soda or starch up to 2 bar in trained hands; glass bead on castings.',
    when: (s) => does(s, 'hard-medium') && onGroup(s.zone, 'light') && !(s.method.id === 'blast.glass-bead' && s.zone.substrate.id === 'aluminium-cast'),
  },
  {
    id: 'light-blast-pressure', effect: 'caution', title: 'Light alloy: 2 bar at most',
    reason: 'Soft medium, low pressure, shallow angle, always moving; trained hand.',
    basis: practice, looksAt: ['substrate', 'medium'], change: 'Strip chemically.',
    when: (s) => isBlast(s) && onGroup(s.zone, 'light'),
  },
  {
    id: 'clad-no-abrasion', effect: 'rule-out', title: 'Nothing abrasive on clad skin',
    reason: 'The pure aluminium layer is only a few hundredths of a millimetre; abrasion or hard blast removes it. Maintenance data govern.',
    basis: fromMemory('FAA AC 43-4B, corrosion control for aircraft'), looksAt: ['substrate', 'method'], change: 'Chemical stripper or starch blast within the maintenance data.',
    when: (s) => s.zone.substrate.id === 'aluminium-clad' && does(s, 'abrades', 'coarse-disc', 'steel-tool') && s.method.family !== 'keep',
  },
  {
    id: 'mg-specialist', effect: 'rule-out', title: 'Magnesium is work for a specialist',
    reason: 'Acid and caustic attack it, and dry sanding dust can catch fire.',
    basis: practice, looksAt: ['substrate', 'method'], change: 'Hand it to a specialist.',
    when: (s) => s.zone.substrate.id === 'magnesium' && (does(s, 'acid', 'caustic', 'dry-dust') || isBlast(s)),
  },
  {
    id: 'mg-test-stripper', effect: 'caution', title: 'Many strippers attack magnesium',
    reason: 'Only a stripper whose data sheet names magnesium; test a hidden spot and rinse at once.',
    basis: practice, looksAt: ['substrate', 'stripper'], change: 'A data sheet that names magnesium.',
    when: (s) => s.zone.substrate.id === 'magnesium' && isChem(s) && !does(s, 'acid', 'caustic'),
  },
  {
    id: 'galv-sweep', effect: 'caution', title: 'Sweep blast only on galvanised',
    reason: 'The zinc is 45 to 85 µm thick: fine medium, low pressure, one light pass.',
    basis: fromMemory('ISO 1461, zinc coating thickness'), looksAt: ['substrate', 'medium'], change: 'Strip chemically with a neutral product.',
    when: (s) => s.zone.substrate.id === 'galvanised' && isBlast(s),
  },
  {
    id: 'galv-no-grind', effect: 'rule-out', title: 'Coarse disc goes through the zinc',
    reason: 'A flap disc, wire or needles remove 45 to 85 µm of zinc in one pass.',
    basis: fromMemory('ISO 1461, zinc coating thickness'), looksAt: ['substrate', 'tool'], change: 'Bristle disc or neutral stripper.',
    when: (s) => onGroup(s.zone, 'zinc') && does(s, 'coarse-disc', 'vibrates'),
  },
  {
    id: 'zinc-no-acid', effect: 'rule-out', title: 'No acid stripper on zinc',
    reason: 'Acid dissolves zinc.',
    basis: practice, looksAt: ['substrate', 'stripper'], change: 'Neutral stripper.',
    when: (s) => does(s, 'acid') && onGroup(s.zone, 'zinc', 'light', 'copper'),
  },
  {
    id: 'copper-alkali', effect: 'caution', title: 'Alkali stains brass and bronze',
    reason: 'Strong alkali and ammonia darken copper alloys; rinse at once or choose a neutral stripper.',
    basis: practice, looksAt: ['substrate', 'stripper'], change: 'Neutral stripper.',
    when: (s) => does(s, 'caustic') && onGroup(s.zone, 'copper'),
  },
];
