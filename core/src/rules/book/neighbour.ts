import { practice } from '../../model/basis.ts';
import { fitsIn } from '../../geometry/fits-in.ts';
import { does, isBlast, isChem, isTank, onGroup, touches } from '../groups.ts';
import type { MethodRule, MethodSubject } from '../subjects.ts';

const isBath = (s: MethodSubject): boolean => s.method.id === 'chem.caustic-bath';

/** What the method meets besides the face it is meant for: joined materials, hollows, the vessel it happens in. */
export const NEIGHBOUR_RULES: readonly MethodRule[] = [
  {
    id: 'touching-caustic',
    family: 'chem',
    effect: 'rule-out',
    title: 'Caustic would reach light alloy, zinc or copper',
    reason: 'What is joined to this part dissolves in caustic and gives off hydrogen, or is stained by it for good.',
    basis: practice,
    looksAt: ['joined materials', 'stripper'],
    change: 'Take the joined piece off first, or choose a neutral stripper.',
    when: (s) => does(s, 'caustic') && (touches(s.zone, 'light', 'zinc') || (s.method.id === 'chem.caustic-bath' && touches(s.zone, 'copper'))),
  },
  {
    id: 'touching-carbon',
    family: 'chem',
    effect: 'rule-out',
    title: 'Stripper would reach a bonded carbon joint',
    reason: 'Stripper creeps into the joint between metal and laminate and softens the resin where it carries load.',
    basis: practice,
    looksAt: ['joined materials', 'method'],
    change: 'The laminate taken off; else strip the metal by hand, dry or wet.',
    when: (s) => isChem(s) && touches(s.zone, 'composite') && s.zone.has('adhesive-joints'),
  },
  {
    id: 'touching-soft',
    family: 'chem',
    effect: 'require',
    title: 'Cover the joined plastic or laminate',
    reason:
      'Stripper that runs over crazes plastic and swells gelcoat: take it off or cover it twice, with foil, under caustic and acid with polyester tape, and a dry margin.',
    basis: practice,
    looksAt: ['joined materials', 'method'],
    change: 'The joined piece taken off.',
    when: (s) => isChem(s) && !s.zone.has('adhesive-joints') && touches(s.zone, 'composite', 'plastic-amorphous', 'plastic-olefin', 'plastic-other'),
  },
  {
    id: 'touching-grit',
    family: 'blast',
    effect: 'caution',
    title: 'Grit strays onto softer neighbours',
    reason: 'Rebound cuts light alloy, plastic and laminate beside this part: cover with rubber or blast mask, nozzle away from them.',
    basis: practice,
    looksAt: ['joined materials', 'medium'],
    change: 'A soft medium, or the joined piece taken off.',
    when: (s) => does(s, 'hard-medium') && touches(s.zone, 'light', 'composite', 'copper', 'plastic-amorphous', 'plastic-olefin', 'plastic-other'),
  },
  {
    id: 'bath-fits',
    family: 'chem',
    effect: 'rule-out',
    title: 'Too large for the tub',
    reason: ({ zone }) => {
      const { length, width, height } = zone.shop.tub;
      return `The tub takes ${length} × ${width} × ${height} m; this part does not go in.`;
    },
    basis: { kind: 'shop', source: "the shop's own figure" },
    looksAt: ['outside size', 'tub of the shop'],
    change: 'A larger tub, or caustic foam.',
    when: (s) => isBath(s) && s.zone.part.box !== null && !fitsIn(s.zone.part.box, s.zone.shop.tub),
  },
  {
    id: 'bath-unmeasured',
    family: 'chem',
    effect: 'rule-out',
    title: 'Not known whether it fits the tub',
    reason: 'The outside size of this part has not been entered.',
    basis: practice,
    looksAt: ['outside size'],
    change: 'Enter length, width and height of the part.',
    when: (s) => isBath(s) && s.zone.part.box === null,
  },
  {
    id: 'bath-iron-only',
    family: 'chem',
    effect: 'rule-out',
    title: 'The bath is for plain iron and steel',
    reason: 'Hot lye attacks, swells or darkens everything else within minutes.',
    basis: practice,
    looksAt: ['substrate', 'stack'],
    change: 'Iron or steel without filler.',
    when: (s) => isBath(s) && (!onGroup(s.zone, 'ferrous', 'ferrous-passive') || s.zone.filler),
  },
  {
    id: 'bath-hollow',
    family: 'chem',
    effect: 'rule-out',
    title: 'Lye stays in hollows and joints',
    reason: 'A sealed hollow, tank, bonded joint or bearing that goes under fills with hot lye and cannot be rinsed.',
    basis: practice,
    looksAt: ['features', 'access'],
    change: 'A part that drains and rinses everywhere.',
    when: (s) =>
      isBath(s) &&
      (s.zone.zone.access === 'inside' || (['sealed-hollow', 'fuel-tank', 'adhesive-joints', 'bearing-seats', 'rubber'] as const).some(s.zone.has)),
  },
  {
    id: 'blast-hollow',
    family: 'blast',
    effect: 'require',
    title: 'Plug hollows before blasting',
    reason: 'Medium inside a section or tank rattles, holds damp and comes out into the paint: plug, then blow out and vacuum.',
    basis: practice,
    looksAt: ['features', 'what the part is', 'medium'],
    change: 'A part without openings.',
    when: (s) => isBlast(s) && (s.zone.has('sealed-hollow') || isTank(s.zone) || s.zone.has('vents')),
  },
  {
    id: 'wet-hollow',
    effect: 'caution',
    title: 'Water stays in the hollow',
    reason: 'Wet work fills seams and sections that dry for days and rust from inside: blow out, warm, wax or prime the inside.',
    basis: practice,
    looksAt: ['features', 'substrate', 'method'],
    change: 'A dry way.',
    when: (s) => does(s, 'wet') && s.method.family !== 'keep' && onGroup(s.zone, 'ferrous', 'zinc') && s.zone.has('sealed-hollow'),
  },
];
