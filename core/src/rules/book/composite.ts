import { practice } from '../../model/basis.ts';
import { does, isBlast, isChem, onGroup, takesOff } from '../groups.ts';
import type { MethodRule } from '../subjects.ts';

const isCarbon = (s: Parameters<MethodRule['when']>[0]) => s.zone.substrate.id === 'carbon-epoxy';

export const COMPOSITE_RULES: readonly MethodRule[] = [
  {
    id: 'comp-no-chem',
    family: 'chem',
    effect: 'rule-out',
    title: 'No stripper on carbon or aramid',
    reason: 'Every chemical stripper attacks the epoxy that holds the fibres; the damage is inside and cannot be seen.',
    basis: practice,
    looksAt: ['substrate', 'method'],
    change: 'Nothing: sand wet by hand.',
    when: (s) => isChem(s) && isCarbon(s),
  },
  {
    id: 'comp-gelcoat-only',
    family: 'chem',
    effect: 'rule-out',
    title: 'Only gelcoat-safe stripper on glass fibre',
    reason: 'Solvent swells the polyester resin; only a stripper whose data sheet names gelcoat may touch it.',
    basis: practice,
    looksAt: ['substrate', 'stripper'],
    change: 'Choose the gelcoat-safe stripper.',
    when: (s) =>
      isChem(s) &&
      onGroup(s.zone, 'composite') &&
      !isCarbon(s) &&
      (s.method.id !== 'chem.gelcoat-safe' || s.zone.substrate.id === 'filler-polyester'),
  },
  {
    id: 'comp-stop-at-fibre',
    effect: 'require',
    title: 'Stop at the first fibre colour',
    reason:
      'A scratch into load-bearing fibre weakens it. Start P400 wet, use the finest grit that works, and stop at the first grey or black in the water.',
    basis: practice,
    looksAt: ['substrate', 'method'],
    change: 'A kept clear or primer leaves a margin above the fibre.',
    when: (s) => isCarbon(s) && does(s, 'abrades') && takesOff(s),
  },
  {
    id: 'comp-hand-only',
    effect: 'rule-out',
    title: 'Carbon is sanded by hand',
    reason: 'A driven disc or scraper is through the resin and into the fibre before it can be seen.',
    basis: practice,
    looksAt: ['substrate', 'method'],
    change: 'Sand wet by hand, or blast with starch by a trained contractor.',
    when: (s) => isCarbon(s) && s.method.family === 'mech' && s.method.id !== 'mech.hand-wet',
  },
  {
    id: 'comp-no-hard-blast',
    effect: 'rule-out',
    title: 'No hard blast on composite',
    reason: 'Hard media cut fibre and gelcoat as fast as paint.',
    basis: practice,
    looksAt: ['substrate', 'medium'],
    change: 'Soft media at low pressure in trained hands.',
    when: (s) => onGroup(s.zone, 'composite') && does(s, 'hard-medium'),
  },
  {
    id: 'comp-soft-blast-trained',
    effect: 'caution',
    title: 'Soft blast on composite wants a trained hand',
    reason: 'Low pressure, 45 to 60 cm off, always moving; stop at gelcoat or primer.',
    basis: practice,
    looksAt: ['substrate', 'medium'],
    change: 'Work by hand instead.',
    when: (s) => onGroup(s.zone, 'composite') && does(s, 'soft-medium'),
  },
  {
    id: 'carbon-blast-trained',
    effect: 'rule-out',
    title: 'Carbon is blasted by trained contractors only',
    reason: 'Soft medium can take paint off carbon, but a moment too long frays the fibres; nobody on the list of this shop is trained for it.',
    basis: practice,
    looksAt: ['substrate', 'medium', 'contractors'],
    change: 'A contractor trained for carbon and laminate who offers this medium.',
    when: (s) => isCarbon(s) && isBlast(s) && !s.zone.shop.contractors.some(({ media, composites }) => composites && media.includes(s.method.id)),
  },
  {
    id: 'joint-no-grinder',
    effect: 'rule-out',
    title: 'No grinder beside a bonded joint',
    reason: 'Its heat softens the adhesive, and the disc bites through the thin end of the joint.',
    basis: practice,
    looksAt: ['features', 'tool'],
    change: 'A hand tool or a small disc at low speed.',
    when: (s) => s.method.needs === 'grinder' && s.zone.has('adhesive-joints'),
  },
  {
    id: 'comp-gelcoat-thin',
    effect: 'caution',
    title: 'Stop above the gelcoat',
    reason: 'Gelcoat is about half a millimetre and keeps water out; P80 on a sander is through it in seconds. Change to fine paper near the end.',
    basis: practice,
    looksAt: ['substrate', 'tool'],
    change: 'The gelcoat-safe stripper.',
    when: (s) => s.zone.substrate.id === 'grp-gelcoat' && does(s, 'disc'),
  },
  {
    id: 'comp-no-wire',
    effect: 'rule-out',
    title: 'No wire, flap disc or needles on laminate',
    reason: 'They tear gelcoat and pull fibres.',
    basis: practice,
    looksAt: ['substrate', 'tool'],
    change: 'Sand, or use the gelcoat-safe stripper.',
    when: (s) => onGroup(s.zone, 'composite') && does(s, 'steel-tool', 'coarse-disc', 'vibrates'),
  },
];
