import { fromMemory, practice } from '../../model/basis.ts';
import { does, isBlast, isChem, isSheet, takesOff } from '../groups.ts';
import type { MethodRule, MethodSubject } from '../subjects.ts';

/** µm of refinish over which filler is likely underneath; common practice, no source. */
const HIDES_FILLER = 250;
/** µm of stack that glass bead does not cut; common practice, no source. */
const BEAD_MOST = 120;

const refinishFilm = (s: MethodSubject): number =>
  s.zone.off.reduce((sum, { layer }) => sum + (layer.origin === 'refinish' ? layer.thickness : 0), 0);
const thickness = (s: MethodSubject): number => s.zone.off.reduce((sum, { layer }) => sum + layer.thickness, 0);

/** What the stack itself asks for. */
export const COATING_RULES: readonly MethodRule[] = [
  {
    id: 'not-paint',
    effect: 'rule-out',
    title: 'Plating and anodising are not paint',
    reason: ({ zone }) =>
      `${zone.off.find(({ coating }) => coating.notPaint)?.coating.name} is part of the metal: a plater takes it off, nothing in this shop does.`,
    basis: practice,
    looksAt: ['stack'],
    change: 'Keep it: set the target to the layer above it.',
    when: (s) => takesOff(s) && s.zone.off.some(({ coating }) => coating.notPaint),
  },
  {
    id: 'thin-film-antifoul',
    family: 'keep',
    effect: 'rule-out',
    title: 'Nothing else holds on thin-film antifouling',
    reason: 'A slippery fluoropolymer film takes no other coat, unless the data sheet of the new one names it.',
    basis: practice,
    looksAt: ['coating', 'topcoat'],
    change: 'Strip it; stay with thin-film antifouling; or choose it all the same and write which data sheet names it.',
    when: (s) => s.method.family === 'keep' && s.zone.kept[0]?.coating.id === 'antifoul-thin-film' && s.zone.finish?.id !== 'antifouling-thin-film',
  },
  {
    id: 'hidden-filler',
    effect: 'caution',
    title: 'Filler may hide under this repaint',
    reason: ({ zone }) =>
      `${Math.round(zone.off.reduce((sum, { layer }) => sum + (layer.origin === 'refinish' ? layer.thickness : 0), 0))} µm of refinish is more than paint needs: magnet or gauge first; filler soaks stripper up and flies under blast.`,
    basis: practice,
    looksAt: ['thickness and origin of layers', 'substrate'],
    change: 'A gauge reading or a crater that shows only paint.',
    when: (s) => (isChem(s) || isBlast(s)) && isSheet(s.zone) && !s.zone.filler && refinishFilm(s) > HIDES_FILLER,
  },
  {
    id: 'chromate-dust',
    effect: 'rule-out',
    title: 'No dry dust from chromate primer',
    reason:
      'Primers of aircraft, over light alloy and old zinc primers commonly hold hexavalent chromium; their dust causes cancer. Work wet or chemically until a laboratory has looked for chromate and found none: “no lead” says nothing of it.',
    basis: fromMemory('29 CFR 1910.1026; local law decides'),
    looksAt: ['item kind', 'year', 'substrate', 'coating', 'chromate test', 'method'],
    change: 'A laboratory result that finds no chromate.',
    when: (s) => s.zone.treatAsChromate && does(s, 'dry-dust', 'heat'),
  },
  {
    id: 'bead-thin-only',
    family: 'blast',
    effect: 'rule-out',
    title: 'Glass bead polishes thick paint',
    reason: 'Round beads peen; a stack this thick is only hammered warm.',
    basis: practice,
    looksAt: ['stack', 'medium'],
    change: 'A thin film, or a cutting medium first.',
    when: (s) => s.method.id === 'blast.glass-bead' && thickness(s) > BEAD_MOST,
  },
  {
    id: 'dry-ice-soft-only',
    family: 'blast',
    effect: 'rule-out',
    title: 'Dry ice lifts soft coats only',
    reason: 'Cross-linked films and powder stay on; it is for grease, wax, antifouling and underseal.',
    basis: practice,
    looksAt: ['stack', 'medium'],
    change: 'A soft one-pack coat.',
    when: (s) => s.method.id === 'blast.dry-ice' && s.zone.off.some(({ coating }) => coating.crossLinked),
  },
  {
    id: 'starch-dry',
    family: 'blast',
    effect: 'caution',
    title: 'Starch clogs in damp air',
    reason: ({ zone }) => `At ${zone.job.place.humidity} % humidity it swells in the hose; a drier in the line, or another day.`,
    basis: practice,
    looksAt: ['humidity', 'medium'],
    change: 'Drier air.',
    when: (s) => s.method.id === 'blast.starch' && s.zone.job.place.humidity > 70,
  },
  {
    id: 'silica-banned',
    family: 'blast',
    effect: 'rule-out',
    title: 'Sand is not a blast medium',
    reason: 'Free crystalline silica scars lungs for good, in the yard as well; use garnet or crushed glass.',
    basis: fromMemory('29 CFR 1926.1153 and national bans'),
    looksAt: ['medium'],
    change: 'Nothing: choose another medium.',
    when: (s) => s.method.id === 'blast.silica-sand',
  },
  {
    id: 'steel-grit-room',
    family: 'blast',
    effect: 'caution',
    title: 'Steel grit belongs in a closed room',
    reason: 'It pays only when it is caught and used again, and what is lost rusts into everything near.',
    basis: practice,
    looksAt: ['medium', 'where the work is done'],
    change: 'A contractor with a room, or mineral grit.',
    when: (s) => s.method.id === 'blast.steel-grit',
  },
  {
    id: 'clean-medium',
    family: 'blast',
    effect: 'caution',
    title: 'Fresh medium without iron',
    reason: 'Medium that has cut steel carries iron into stainless and light alloy, where it rusts under the paint.',
    basis: practice,
    looksAt: ['substrate', 'medium'],
    change: 'Fresh medium kept for this metal.',
    when: (s) => isBlast(s) && ['ferrous-passive', 'light'].includes(s.zone.substrate.group),
  },
  {
    id: 'flame-clear-air',
    family: 'heat',
    effect: 'rule-out',
    title: 'No flame where solvent may hang',
    reason: 'Vapour is heavier than air and lies where it cannot be smelled; a flame finds it.',
    basis: practice,
    looksAt: ['indoors', 'extraction', 'method'],
    change: 'A room free of paint and solvent with air moving through it.',
    when: (s) => s.method.id === 'heat.flame' && s.zone.job.place.indoors && !s.zone.job.place.extraction,
  },
  {
    id: 'amorphous-cracks',
    family: 'chem',
    effect: 'caution',
    title: 'Clear plastics crack under stress',
    reason: 'Acrylic and polycarbonate craze where they are bent or screwed tight: loosen, test on an edge, rinse early.',
    basis: practice,
    looksAt: ['substrate', 'method'],
    change: 'Sand wet by hand.',
    when: (s) => isChem(s) && ['pc', 'pmma'].includes(s.zone.substrate.id),
  },
];
