import { practice } from '../../model/basis.ts';
import { does, isChem, onGroup, onPlastic } from '../groups.ts';
import type { MethodRule } from '../subjects.ts';

export const PLASTIC_RULES: readonly MethodRule[] = [
  {
    id: 'plastic-safe-only', effect: 'rule-out', title: 'Only plastic-safe stripper on plastics',
    reason: 'Other strippers soften, swell or craze it, sometimes days later.',
    basis: practice, looksAt: ['substrate', 'stripper'], change: 'Choose the plastic-safe stripper.',
    when: (s) => isChem(s) && onPlastic(s.zone) && s.method.id !== 'chem.plastic-safe',
  },
  {
    id: 'plastic-patch', effect: 'require', title: 'Hidden test patch first',
    reason: 'Grades of one plastic differ; try a hidden spot, wait out the dwell and an hour more before the visible side.',
    basis: practice, looksAt: ['substrate', 'stripper'], change: 'Nothing.',
    when: (s) => s.method.id === 'chem.plastic-safe' && onPlastic(s.zone),
  },
  {
    id: 'plastic-safe-elsewhere', effect: 'caution', title: 'Plastic-safe stripper is slow on metal',
    reason: 'It is made weak on purpose; on metal a stronger type saves rounds.',
    basis: practice, looksAt: ['substrate', 'stripper'], change: 'Plastic part.',
    when: (s) => s.method.id === 'chem.plastic-safe' && !onPlastic(s.zone),
  },
  {
    id: 'plastic-no-blast', effect: 'rule-out', title: 'No hard blast on plastic',
    reason: 'It pits and melts the face.',
    basis: practice, looksAt: ['substrate', 'medium'], change: 'Soft medium, or sand by hand.',
    when: (s) => does(s, 'hard-medium') && onPlastic(s.zone),
  },
  {
    id: 'plastic-no-grinder', effect: 'rule-out', title: 'No grinder on plastic',
    reason: 'Disc and wire speed melts the surface before the paint comes off.',
    basis: practice, looksAt: ['substrate', 'tool'], change: 'Sander at low speed, or by hand.',
    when: (s) => (s.method.needs === 'grinder' || does(s, 'vibrates')) && onPlastic(s.zone),
  },
  {
    id: 'plastic-no-coarse', effect: 'rule-out', title: 'Never coarser than P320 on plastic',
    reason: 'P80 leaves scratches in plastic that no primer hides.',
    basis: practice, looksAt: ['substrate', 'grit'], change: 'P320 or finer, or the plastic-safe stripper.',
    when: (s) => onPlastic(s.zone) && does(s, 'coarse-grit'),
  },
  {
    id: 'olefin-key', effect: 'caution', title: 'Key olefin no coarser than P400',
    reason: 'Scratches show through primer and furry edges never sand down.',
    basis: practice, looksAt: ['substrate', 'grit'], change: 'Another plastic.',
    when: (s) => onGroup(s.zone, 'plastic-olefin') && does(s, 'abrades'),
  },
  {
    id: 'olefin-release-first', effect: 'require', title: 'Release agent off before scuffing, and again after',
    reason: 'Scuffing drives mould release and trim dressing into the plastic; wash, wipe, scuff, wipe.',
    basis: practice, looksAt: ['substrate'], change: 'Another plastic.',
    when: (s) => onGroup(s.zone, 'plastic-olefin'),
  },
  {
    id: 'wood-caustic', effect: 'caution', title: 'Caustic raises grain and darkens wood',
    reason: 'Neutralise and rinse, or use a gel and scraper instead.',
    basis: practice, looksAt: ['substrate', 'stripper'], change: 'A neutral stripper.',
    when: (s) => onGroup(s.zone, 'wood') && does(s, 'caustic'),
  },
  {
    id: 'wood-no-grit', effect: 'rule-out', title: 'Hard grit tears wood',
    reason: 'It cuts the soft grain away between the hard rings.',
    basis: practice, looksAt: ['substrate', 'medium'], change: 'Organic shell, scraper or sanding.',
    when: (s) => onGroup(s.zone, 'wood') && (does(s, 'hard-medium', 'steel-tool') || does(s, 'coarse-disc')),
  },
];
