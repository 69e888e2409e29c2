import { schoolNamed, schoolSetTo } from '../../catalogue/school-words.ts';
import { upperFirst } from '../../units/casing.ts';
import { TOOLS } from '../../catalogue/tools.ts';
import { blastLimit } from '../../blast/limits.ts';
import { practice, assumption } from '../../model/basis.ts';
import { does, takesOff } from '../groups.ts';
import type { MethodRule, MethodSubject } from '../subjects.ts';

const SOUND_CROSSCUT = 1;

/** bar gauge: what a medium works from and what the material stands; null where nothing is blasted. */
function pressures({ method, zone }: MethodSubject): { readonly least: number; readonly most: number; readonly why: string } | null {
  if (method.family !== 'blast') return null;
  const { pressure, reason } = blastLimit(zone, method.medium);
  return { least: method.medium.leastPressure.value, most: pressure ?? Infinity, why: reason };
}

/** Where a method gets to, what it would cut, and whether taking paint off is wanted at all. */
export const REACH_RULES: readonly MethodRule[] = [
  {
    id: 'reach',
    effect: 'rule-out',
    title: 'Does not reach',
    reason: ({ method, zone }) => `${method.name} does not get into a zone of the kind "${zone.zone.access}".`,
    basis: practice,
    looksAt: ['access', 'method'],
    change: 'Split the zone into what is reached and what is not.',
    when: (s) => !s.method.reach.includes(s.zone.zone.access),
  },
  {
    id: 'edge-stay-off',
    effect: 'caution',
    title: 'Discs stay 25 mm off edges',
    reason: 'They cut through at edges and raised lines, and bristles fly off.',
    basis: practice,
    looksAt: ['access', 'tool'],
    change: 'A small flexible disc, or by hand.',
    when: (s) => does(s, 'disc') && s.zone.zone.access === 'edge' && s.method.id !== 'mech.quick-change',
  },
  {
    id: 'crevice-blast-or-brush',
    effect: 'prefer',
    title: 'Crevice: spot blast, or brush with stripper',
    reason: 'Discs cannot reach without gouging.',
    basis: practice,
    looksAt: ['access'],
    change: 'An open face.',
    when: (s) => s.zone.zone.access === 'crevice' && (s.method.family === 'blast' || s.method.family === 'chem'),
  },
  {
    id: 'precision-mask',
    effect: 'require',
    title: 'Mask or plug precision faces',
    reason: 'Ways, bearing seats and threads lose their size to any brush or blast.',
    basis: practice,
    looksAt: ['features'],
    change: 'No such faces.',
    when: (s) => takesOff(s) && (['threads', 'bearing-seats', 'precision-ways'] as const).some(s.zone.has),
  },
  {
    id: 'precision-no-grit',
    family: 'blast',
    effect: 'caution',
    title: 'Grit finds its way into bearings and ways',
    reason: 'Plugs leak dust; take bearings and ways out, or choose a way without grit.',
    basis: practice,
    looksAt: ['features', 'method'],
    change: 'Bearings and ways removed.',
    when: (s) => s.method.family === 'blast' && (s.zone.has('bearing-seats') || s.zone.has('precision-ways')),
  },
  {
    id: 'keep-asks',
    family: 'keep',
    effect: 'rule-out',
    title: 'Target says it comes off',
    reason: 'The target of this zone is bare or a lower layer; keeping would not reach it.',
    basis: practice,
    looksAt: ['target'],
    change: 'Set the target to "keep and key".',
    when: (s) => s.method.id === 'keep.key' && s.zone.zone.target.kind !== 'keep',
  },
  {
    id: 'inside-no-scrape',
    family: 'chem',
    effect: 'rule-out',
    title: 'Nobody scrapes inside a hollow',
    reason: 'What a gel has loosened in a closed section cannot be scraped or rinsed out; it stays and lets go under wax or paint.',
    basis: practice,
    looksAt: ['access', 'form of the stripper'],
    change: 'A bath, blasting by a firm with a lance, or flush, dry and wax.',
    when: (s) => s.zone.zone.access === 'inside' && s.method.family === 'chem' && s.method.stripper.form !== 'bath',
  },
  {
    id: 'keep-wax-stays',
    family: 'keep',
    effect: 'caution',
    title: 'The coating inside stays',
    reason: 'Nothing of this shop enters the hollow: what is there is flushed, dried and waxed; rust under it goes on slowly.',
    basis: practice,
    looksAt: ['access', 'target'],
    change: 'A firm that blasts hollows with a lance and waxes them.',
    when: (s) => s.method.id === 'keep.wax',
  },
  {
    id: 'keep-stays',
    effect: 'rule-out',
    title: 'Target says the coating stays',
    reason: 'The target of this zone is to keep and key what is there.',
    basis: practice,
    looksAt: ['target'],
    change: 'Set the target to bare or down to a layer.',
    when: (s) => takesOff(s) && s.zone.zone.target.kind === 'keep',
  },
  {
    id: 'keep-unsound',
    family: 'keep',
    effect: 'rule-out',
    title: 'Too weak to keep',
    reason: 'A crosscut of class 2 or worse, or cracked, flaking or contaminated paint lets go under whatever goes on top.',
    basis: practice,
    looksAt: ['crosscut', 'state of the layers'],
    change: 'Crosscut class 0 or 1 on sound layers.',
    when: (s) =>
      s.method.id === 'keep.key' &&
      ((s.zone.zone.condition.crosscut ?? 0) > SOUND_CROSSCUT ||
        s.zone.kept.some(({ layer }) => ['cracked', 'flaking', 'contaminated'].includes(layer.state))),
  },
  {
    id: 'keep-school',
    family: 'keep',
    effect: 'caution',
    title: 'Shop goes bare',
    reason: `${upperFirst(schoolNamed('S1'))} is set to always bare; this zone is kept against it.`,
    basis: practice,
    looksAt: [schoolNamed('S1'), 'target'],
    change: `${upperFirst(schoolSetTo('S1', 'keep-sound'))}.`,
    when: (s) => s.method.id === 'keep.key' && s.zone.shop.schools.S1 === 'always-bare',
  },
  {
    id: 'nothing-to-lift',
    effect: 'rule-out',
    title: 'No coating to take off',
    reason: 'The stack of this zone is empty, and there is no rust that this method would remove.',
    basis: practice,
    looksAt: ['stack', 'rust grade'],
    change: 'Enter the coating layers.',
    when: (s) =>
      s.zone.zone.target.kind !== 'keep' &&
      s.zone.off.length === 0 &&
      !(does(s, 'removes-rust') && s.zone.zone.condition.rustGrade !== 'none') &&
      takesOff(s),
  },
  {
    id: 'scraper-loose-only',
    family: 'mech',
    effect: 'rule-out',
    title: 'A scraper alone lifts only loose paint',
    reason: 'Sound layers do not come off with a blade, and it leaves tight paint on what should be bare; it belongs after the dwell.',
    basis: practice,
    looksAt: ['state of the layers', 'target'],
    change: 'Flaking paint over a layer that stays.',
    when: (s) => s.method.id === 'mech.scraper' && (s.zone.zone.target.kind === 'bare' || s.zone.off.some(({ layer }) => layer.state !== 'flaking')),
  },
  {
    id: 'pad-alone',
    family: 'mech',
    effect: 'rule-out',
    title: 'A pad by hand keys, it does not strip',
    reason: 'It dulls a face for the next coat; on a whole coating it only shines and wears out.',
    basis: practice,
    looksAt: ['stack', 'target'],
    change: 'Use it for the key.',
    when: (s) => s.method.id === 'mech.pad' && s.zone.off.length > 0,
  },
  {
    id: 'brush-alone',
    family: 'mech',
    effect: 'rule-out',
    title: 'A brass brush alone does not strip',
    reason: 'It clears softened paint from corners; sound paint only shines.',
    basis: practice,
    looksAt: ['stack'],
    change: 'Use it inside a chemical method.',
    when: (s) => s.method.id === 'mech.brass-brush' && s.zone.off.some(({ layer }) => layer.state !== 'flaking'),
  },
  {
    id: 'down-to-control',
    effect: 'rule-out',
    title: 'Cannot stop at a layer',
    reason: 'Coarse discs, needles and hard blast go through to metal; a sound layer can only be reached with a fine hand.',
    basis: practice,
    looksAt: ['target', 'method'],
    change: 'Target bare.',
    when: (s) => s.zone.zone.target.kind === 'down-to' && does(s, 'coarse-disc', 'vibrates', 'hard-medium', 'steel-tool', 'coarse-grit'),
  },
  {
    id: 'down-to-chem',
    effect: 'caution',
    title: 'Stripper may soften the layer that stays',
    reason: 'Scrape as soon as the upper layers let go; what stays must be checked for softening after a day.',
    basis: practice,
    looksAt: ['target', 'method'],
    change: 'Sand down instead.',
    when: (s) => s.zone.zone.target.kind === 'down-to' && s.method.family === 'chem',
  },
  {
    id: 'kit-missing',
    effect: 'caution',
    title: 'Shop does not own the tool',
    reason: ({ method }) =>
      `Needs: ${method.needs === null ? '' : TOOLS[method.needs].name.toLowerCase()}. Hire or buy before the start; a share of its price is counted in.`,
    basis: assumption,
    looksAt: ['shop equipment'],
    change: 'Add the tool to the shop.',
    when: (s) => s.method.family !== 'blast' && s.method.needs !== null && !s.zone.shop.equipment.includes(s.method.needs),
  },
  {
    id: 'blast-least-too-much',
    family: 'blast',
    effect: 'rule-out',
    title: 'Medium wants more pressure than this stands',
    reason: (s) => {
      const { least, most, why } = pressures(s) ?? { least: 0, most: 0, why: '' };
      return `${s.method.name} works from ${least} bar, ${most} bar are the most here. ${why}`;
    },
    basis: practice,
    looksAt: ['substrate', 'sheet thickness', 'medium'],
    change: 'A medium that works at less, or thicker metal.',
    when: (s) => {
      const asked = pressures(s);
      return asked !== null && asked.least > asked.most;
    },
  },
  {
    id: 'blast-needs-someone',
    family: 'blast',
    effect: 'caution',
    title: 'Nobody blasts this medium for the shop',
    reason: 'The shop owns no blast pot and no contractor on its list offers this medium; a pot to buy is counted in.',
    basis: { kind: 'shop', source: "the shop's own list of kit and contractors" },
    looksAt: ['shop kit', 'contractors', 'medium'],
    change: 'A contractor who offers it, or a blast pot.',
    when: (s) =>
      s.method.family === 'blast' &&
      !s.zone.shop.equipment.includes('blast-pot') &&
      !s.zone.shop.equipment.includes('blast-cabinet') &&
      !s.zone.shop.contractors.some(({ media }) => media.includes(s.method.id)),
  },
  {
    id: 'shop-avoids',
    effect: 'rule-out',
    title: 'Shop does not use this method',
    reason: "It is on the shop's own list of methods to avoid.",
    basis: { kind: 'shop', source: 'shop settings' },
    looksAt: ['shop settings'],
    change: 'Take it off the list in the shop settings.',
    when: (s) => s.zone.shop.avoid.includes(s.method.ref),
  },
];
