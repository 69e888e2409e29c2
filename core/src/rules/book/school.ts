import { schoolNamed, schoolSetTo } from '../../catalogue/school-words.ts';
import { upperFirst } from '../../units/casing.ts';
import { practice } from '../../model/basis.ts';
import { isBlast, isSheet, onGroup, onMetal } from '../groups.ts';
import type { MethodRule } from '../subjects.ts';

/** m² up to which a casting counts as small while it has not been measured. */
const SMALL = 0.3;
const isCasting = (s: Parameters<MethodRule['when']>[0]): boolean => s.zone.substrate.id === 'cast-iron';
const CASTING_WAY = { caustic: 'chem.caustic-spray', 'slow-gel': 'chem.slow-gel', bath: 'chem.caustic-bath' } as const;

/** Rules that follow the side a shop has taken. */
export const SCHOOL_RULES: readonly MethodRule[] = [
  {
    id: 'aluminium-no-blast',
    family: 'blast',
    effect: 'rule-out',
    title: 'Shop does not blast light alloy',
    reason: 'Any blast roughens aluminium or stretches it; the shop has set that aside.',
    basis: practice,
    looksAt: ['substrate', 'medium', schoolNamed('L2')],
    change: `${upperFirst(schoolSetTo('L2', 'soft-media'))}.`,
    when: (s) => isBlast(s) && onGroup(s.zone, 'light') && s.zone.shop.schools.L2 === 'never',
  },
  {
    id: 'panel-no-blast',
    family: 'blast',
    effect: 'rule-out',
    title: 'Shop does not blast panels',
    reason: ({ zone }) => `One slip bends ${zone.part.thickness} mm sheet for good; the shop blasts none.`,
    basis: practice,
    looksAt: ['substrate', 'thickness', schoolNamed('B1')],
    change: `${upperFirst(schoolSetTo('B1', 'within-limit'))}.`,
    when: (s) => isBlast(s) && isSheet(s.zone) && onMetal(s.zone) && s.zone.shop.schools.B1 === 'never',
  },
  {
    id: 'antifoul-strip',
    family: 'keep',
    effect: 'rule-out',
    title: 'Shop strips old antifouling',
    reason: `${upperFirst(schoolNamed('F1'))} is set to strip: nothing unknown stays under the new system.`,
    basis: practice,
    looksAt: ['coating', 'target', schoolNamed('F1')],
    change: `${upperFirst(schoolSetTo('F1', 'data-sheet'))}.`,
    when: (s) => s.method.family === 'keep' && s.zone.biocide && s.zone.shop.schools.F1 === 'strip',
  },
  {
    id: 'antifoul-overcoat',
    family: 'keep',
    effect: 'caution',
    title: 'Both data sheets must allow the overcoat',
    reason: 'Antifoulings do not all take each other; a tie coat goes between when the old type is not known.',
    basis: practice,
    looksAt: ['coating', schoolNamed('F1')],
    change: 'Strip to gelcoat and barrier coat.',
    when: (s) => s.method.family === 'keep' && s.zone.biocide && s.zone.shop.schools.F1 === 'data-sheet',
  },
  {
    id: 'casting-way',
    effect: 'prefer',
    title: 'The way this shop strips castings',
    reason: `${upperFirst(schoolNamed('R1'))} names it.`,
    basis: practice,
    looksAt: ['substrate', schoolNamed('R1')],
    change: `${upperFirst(schoolNamed('R1'))}.`,
    when: (s) => {
      const side = s.zone.shop.schools.R1;
      if (!isCasting(s) || side === 'by-size' || side === 'electrolysis') return false;
      return side === 'blast' ? isBlast(s) : s.method.id === CASTING_WAY[side];
    },
  },
  {
    id: 'casting-small-bath',
    effect: 'prefer',
    title: 'Small castings go to the bath',
    reason: 'Many small pieces soften at once without scraping; the filling is shared by all of them.',
    basis: practice,
    looksAt: ['substrate', 'area', schoolNamed('R1')],
    change: `A piece too large for the tub, or another side of ${schoolNamed('R1')}.`,
    when: (s) => isCasting(s) && s.method.id === 'chem.caustic-bath' && s.zone.area <= SMALL && s.zone.shop.schools.R1 === 'by-size',
  },
];
