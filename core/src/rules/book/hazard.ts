import { fromMemory, practice } from '../../model/basis.ts';
import { does, isBlast, isSheet, onGroup, onPlastic, takesOff } from '../groups.ts';
import type { MethodRule } from '../subjects.ts';

export const HAZARD_RULES: readonly MethodRule[] = [
  {
    id: 'lead-wet', effect: 'rule-out', title: 'No dry work on suspected lead paint',
    reason: 'Dry sanding, dry blast and heat turn lead paint into dust and fume. Work wet or chemically until a laboratory says it is free.',
    basis: fromMemory('29 CFR 1926.62; local law decides'), looksAt: ['lead', 'year', 'item kind', 'coating', 'method'],
    change: 'A laboratory result that finds no lead.',
    when: (s) => s.zone.treatAsLead && does(s, 'dry-dust', 'heat'),
  },
  {
    id: 'lead-collect', effect: 'require', title: 'Collect every scrap of leaded residue',
    reason: 'Sheet below, sludge and wash water kept, settled a day and handed to a hazardous-waste collector; no eating, clothes changed.',
    basis: fromMemory('29 CFR 1926.62; local law decides'), looksAt: ['lead'], change: 'A laboratory result that finds no lead.',
    when: (s) => s.zone.treatAsLead && takesOff(s) && !does(s, 'dry-dust', 'heat'),
  },
  {
    id: 'antifoul-wet', effect: 'rule-out', title: 'No dry sanding or heat on antifouling',
    reason: 'Biocide dust and fume poison people and the yard.',
    basis: practice, looksAt: ['coating', 'method'], change: 'Wet work, gelcoat-safe stripper, or a contained blast by a contractor.',
    when: (s) => s.zone.biocide && (does(s, 'heat') || (s.method.family === 'mech' && does(s, 'dry-dust'))),
  },
  {
    id: 'antifoul-contained', effect: 'require', title: 'Contain and collect antifouling waste',
    reason: 'Bunded hard standing, sheet under the hull; sludge and water are hazardous waste.',
    basis: practice, looksAt: ['coating'], change: 'No antifouling in the stack.',
    when: (s) => s.zone.biocide && takesOff(s),
  },
  {
    id: 'heat-no-composite', effect: 'rule-out', title: 'Heat harms what is underneath',
    reason: 'Composite, plastic, zinc, filler and sealed hollows burn, sag, fume or burst.',
    basis: practice, looksAt: ['substrate', 'features', 'stack'], change: 'Solid steel section without filler.',
    when: (s) => does(s, 'heat') && (onGroup(s.zone, 'composite', 'zinc') || onPlastic(s.zone) || s.zone.filler || s.zone.has('sealed-hollow') || s.zone.has('fuel-tank')),
  },
  {
    id: 'heat-no-sheet', effect: 'rule-out', title: 'Heat buckles sheet and light alloy',
    reason: 'The gun runs far above what thin sheet or aged alloy stands.',
    basis: practice, looksAt: ['substrate', 'thickness'], change: 'Solid steel section.',
    when: (s) => does(s, 'heat') && (isSheet(s.zone) || onGroup(s.zone, 'light')),
  },
  {
    id: 'heat-fume', effect: 'caution', title: 'Heated paint gives off poisonous fume',
    reason: 'Old pigments and two-pack binders decompose; another method is nearly always better.',
    basis: practice, looksAt: ['method'], change: 'Any other method.',
    when: (s) => does(s, 'heat'),
  },
  {
    id: 'heat-isocyanate', effect: 'rule-out', title: 'Heat frees isocyanate from two-pack paint',
    reason: 'Polyurethane breaks down into isocyanates, which sensitise lungs for life.',
    basis: practice, looksAt: ['coating', 'method'], change: 'A stack without two-pack urethane.',
    when: (s) => does(s, 'heat') && s.zone.off.some(({ coating }) => coating.isocyanate),
  },
  {
    id: 'soda-rinse', effect: 'require', title: 'Wash and neutralise after soda',
    reason: 'The alkaline salt left by soda kills adhesion.',
    basis: practice, looksAt: ['medium'], change: 'Another medium.',
    when: (s) => s.method.id === 'blast.soda',
  },
  {
    id: 'wet-blast-inhibit', effect: 'caution', title: 'Wet blast flash rusts',
    reason: 'Bare steel rusts as the water dries: inhibitor where the primer takes it, or dry at once and prime.',
    basis: practice, looksAt: ['medium', 'substrate'], change: 'Dry blast.',
    when: (s) => isBlast(s) && does(s, 'wet') && onGroup(s.zone, 'ferrous'),
  },
  {
    id: 'blast-contain', effect: 'caution', title: 'Blast dust outdoors needs a screen',
    reason: 'Dust and rebound reach neighbours, glass and drains; tent or cabinet.',
    basis: practice, looksAt: ['indoors', 'method'], change: 'A blast room or cabinet.',
    when: (s) => isBlast(s) && !does(s, 'wet') && !s.zone.job.place.indoors,
  },
  {
    id: 'friction-asbestos', effect: 'rule-out', title: 'Old linings may hold asbestos',
    reason: 'No dry dust near old friction linings or gaskets: stop and have them tested or removed by licensed people.',
    basis: practice, looksAt: ['features', 'method'], change: 'Linings removed.',
    when: (s) => s.zone.has('friction-lining') && does(s, 'dry-dust', 'heat'),
  },
  {
    id: 'tank-purge', effect: 'require', title: 'Drain, purge and plug the tank',
    reason: 'Fuel fumes stay inside for long; no ignition source, plug every opening.',
    basis: practice, looksAt: ['features'], change: 'A tank that never held fuel.',
    when: (s) => s.zone.has('fuel-tank'),
  },
  {
    id: 'tank-no-spark', effect: 'rule-out', title: 'No sparks at a fuel tank',
    reason: 'Grinders and wire throw sparks and a fuel tank is never quite empty.',
    basis: practice, looksAt: ['features', 'tool'], change: 'Wet work or stripper.',
    when: (s) => s.zone.has('fuel-tank') && (s.method.needs === 'grinder' || does(s, 'vibrates')),
  },
  {
    id: 'aero-licensed', effect: 'require', title: 'Aircraft: licensed work and release',
    reason: 'Method, inspection and paint follow the maintenance data; licensed people release the part.',
    basis: practice, looksAt: ['item kind'], change: 'Nothing.',
    when: (s) => s.zone.job.item.kind === 'aircraft',
  },
  {
    id: 'heavy-support', effect: 'require', title: 'Support it before you touch it',
    reason: 'Stands, chocks and rated gear; never a jack alone, never alone under the load.',
    basis: practice, looksAt: ['features'], change: 'A part one person can lift.',
    when: (s) => s.zone.has('heavy'),
  },
];
