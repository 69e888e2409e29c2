import { fromMemory, practice } from '../../model/basis.ts';
import { does, isChem, isSheet, onGroup, rusty } from '../groups.ts';
import type { MethodRule } from '../subjects.ts';

export const FERROUS_RULES: readonly MethodRule[] = [
  {
    id: 'hss-no-acid', effect: 'rule-out', title: 'No acid on high-strength steel',
    reason: 'Acid charges steel over about 1000 MPa with hydrogen and it can crack later without warning; a bake-out would be needed.',
    basis: fromMemory('ASTM F519 and plating practice'), looksAt: ['substrate', 'stripper'], change: 'Neutral stripper or abrasive.',
    when: (s) => s.zone.substrate.id === 'high-strength-steel' && does(s, 'acid'),
  },
  {
    id: 'sheet-blast-hard', effect: 'rule-out', title: 'Hard medium on sheet under 1 mm',
    reason: ({ zone }) => `Peening from one face bows ${zone.part.thickness} mm sheet for good; the limit is soft medium up to 2.8 bar.`,
    basis: practice, looksAt: ['substrate', 'sheet thickness', 'medium'], change: 'Sheet of 1 mm or more, or a soft medium.',
    when: (s) => onGroup(s.zone, 'ferrous', 'ferrous-passive', 'zinc') && s.zone.part.thickness < 1 && does(s, 'hard-medium'),
  },
  {
    id: 'sheet-blast-limit', effect: 'caution', title: 'Blast bends thin sheet',
    reason: ({ zone }) =>
      zone.part.thickness < 1
        ? 'Soft medium up to 2.8 bar, 30 to 45 cm off, 30 to 45°, edges first, keep moving.'
        : 'Fine medium up to 3.5 bar, 30 to 45 cm off, 30 to 45°, edges first, keep moving.',
    basis: practice, looksAt: ['sheet thickness', 'medium'], change: 'Sheet of 1.5 mm or more.',
    when: (s) => s.method.family === 'blast' && isSheet(s.zone) && !(s.zone.part.thickness < 1 && does(s, 'hard-medium')),
  },
  {
    id: 'sheet-no-flap', effect: 'rule-out', title: 'Flap disc gouges and heats sheet',
    reason: 'A coarse disc gouges sheet under 1.5 mm, and held on one spot it blues and buckles it.',
    basis: practice, looksAt: ['sheet thickness', 'tool'], change: 'Section over 2 mm.',
    when: (s) => does(s, 'coarse-disc') && isSheet(s.zone),
  },
  {
    id: 'sheet-no-needles', effect: 'rule-out', title: 'Needles dent sheet',
    reason: 'A needle scaler peens and dents anything under 2 mm.',
    basis: practice, looksAt: ['sheet thickness', 'tool'], change: 'Section over 2 mm.',
    when: (s) => does(s, 'vibrates') && s.zone.part.thickness < 2,
  },
  {
    id: 'needles-scale-only', effect: 'rule-out', title: 'Needles are for thick scale',
    reason: 'They break scale of rust grade C or D off heavy section; on paint they only dent.',
    basis: practice, looksAt: ['rust grade', 'tool'], change: 'Rust grade C or D.',
    when: (s) => does(s, 'vibrates') && !['C', 'D'].includes(s.zone.zone.condition.rustGrade),
  },
  {
    id: 'wire-loose-only', effect: 'rule-out', title: 'Wire polishes sound paint',
    reason: 'A wire cup takes rust and loose paint; over a sound layer it only shines it.',
    basis: practice, looksAt: ['state of the layers', 'tool'], change: 'Flaking paint or bare rust.',
    when: (s) => s.method.id === 'mech.wire-wheel' && s.zone.off.some(({ layer }) => layer.state !== 'flaking'),
  },
  {
    id: 'sheet-strip-disc-heat', effect: 'caution', title: 'Keep the disc moving',
    reason: 'An open strip disc warms sheet quickly: touch test, and cool between passes.',
    basis: practice, looksAt: ['sheet thickness', 'tool'], change: 'Section over 1.5 mm.',
    when: (s) => ['mech.nonwoven-disc', 'mech.wire-wheel'].includes(s.method.id) && isSheet(s.zone),
  },
  {
    id: 'cast-holds-residue', effect: 'caution', title: 'Castings hold residue',
    reason: 'Iron castings keep stripper and wash water in their pores and rust at once: rinse to neutral, towel and warm through.',
    basis: practice, looksAt: ['substrate', 'method'], change: 'Blast instead.',
    when: (s) => s.zone.substrate.id === 'cast-iron' && isChem(s),
  },
  {
    id: 'cast-caustic', effect: 'prefer', title: 'Caustic foam suits old iron machines',
    reason: 'It lifts oil-based paint, takes grease with it and keeps lead wet.',
    basis: practice, looksAt: ['substrate', 'coating'], change: 'A two-pack or powder coating.',
    when: (s) => s.method.id === 'chem.caustic-spray' && s.zone.substrate.id === 'cast-iron' && s.zone.off.every(({ coating }) => coating.id === 'alkyd-enamel'),
  },
  {
    id: 'section-blast', effect: 'prefer', title: 'Blast is the way for rusty section',
    reason: 'Hard blast takes paint, scale and rust out of pits in one go and leaves the profile that primer wants.',
    basis: practice, looksAt: ['substrate', 'thickness', 'rust grade'], change: 'Sound, rust-free metal.',
    when: (s) => does(s, 'hard-medium') && rusty(s.zone) && s.zone.part.thickness >= 2 && s.zone.substrate.id !== 'cast-iron',
  },
  {
    id: 'rust-stays', effect: 'caution', title: 'This way leaves the rust',
    reason: ({ zone }) => `Paint comes off but rust grade ${zone.zone.condition.rustGrade} stays and needs its own treatment.`,
    basis: practice, looksAt: ['rust grade', 'method'], change: 'A method that removes rust, or rust-free metal.',
    when: (s) => rusty(s.zone) && s.method.family !== 'keep' && !does(s, 'removes-rust'),
  },
];
