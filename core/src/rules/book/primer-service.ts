import { dryOut, type DryOut } from '../../bare/dry-out.ts';
import { assumption, practice } from '../../model/basis.ts';
import { isEtch, onBare, onGroup } from '../groups.ts';
import type { PrimerRule, PrimerSubject } from '../subjects.ts';

const immersed = (s: PrimerSubject) => s.zone.service.startsWith('immersed');
const drying = ({ zone }: PrimerSubject): DryOut | null => (zone.zone.moisture ? dryOut(zone.zone.moisture) : null);
/** When it will be dry, or why that cannot be said. */
function drySays(subject: PrimerSubject): string {
  const state = drying(subject);
  if (state?.state === 'drying') return `At the rate of the readings it is dry in about ${Math.ceil(state.days)} days.`;
  return state?.state === 'stuck'
    ? 'The readings do not fall: open the gelcoat, wash out and warm it, before any waiting helps.'
    : 'One reading does not say how fast it dries: read again in a week, same place.';
}

/** What a primer has to stand where the item is used. */
export const PRIMER_SERVICE: readonly PrimerRule[] = [
  {
    id: 'etch-wet-service',
    effect: 'caution',
    title: 'Etch and surfacer soak up water',
    reason: 'Without epoxy underneath they draw moisture to the metal outdoors.',
    basis: practice,
    looksAt: ['service'],
    change: 'Epoxy, or use inside.',
    when: (s) => isEtch(s.primer) && s.zone.service !== 'inside',
  },
  {
    id: 'zinc-first-outdoors',
    effect: 'prefer',
    title: 'Zinc-rich on blasted section outdoors',
    reason: 'Zinc gives itself up before the steel where stones chip the paint.',
    basis: practice,
    looksAt: ['substrate', 'method', 'service'],
    change: 'Use inside.',
    when: (s) => s.primer.id === 'zinc-rich' && s.zone.substrate.id === 'mild-steel-section' && s.zone.service === 'outside',
  },
  {
    id: 'immersed-barrier',
    effect: 'rule-out',
    title: 'Below the waterline takes a barrier',
    reason: 'Only barrier epoxy, or a tie coat over sound paint, stands constant water.',
    basis: practice,
    looksAt: ['service'],
    change: 'Service above the water.',
    when: (s) => immersed(s) && s.primer.id !== 'barrier-epoxy' && s.primer.id !== 'tie-coat',
  },
  {
    id: 'barrier-dry-only',
    effect: 'rule-out',
    title: 'Barrier is for immersion',
    reason: '250 µm of barrier epoxy is thick and slow where no water stands.',
    basis: practice,
    looksAt: ['service'],
    change: 'Immersed service.',
    when: (s) => !immersed(s) && (s.primer.id === 'barrier-epoxy' || s.primer.id === 'tie-coat'),
  },
  {
    id: 'laminate-wet',
    effect: 'caution',
    title: 'The laminate is still wet',
    reason: (s) => `Water under a coat comes back as blisters. ${drySays(s)}`,
    basis: assumption,
    looksAt: ['moisture readings', 'substrate'],
    change: 'Readings like the dry reference.',
    when: (s) => onBare(s) && onGroup(s.zone, 'composite') && drying(s) !== null && drying(s)?.state !== 'dry',
  },
  {
    id: 'tie-over-antifoul',
    effect: 'rule-out',
    title: 'Tie coat belongs between antifoulings',
    reason: 'It joins an unknown old antifouling to a new one.',
    basis: practice,
    looksAt: ['target', 'finish'],
    change: 'Old antifouling kept and antifouling on top.',
    when: (s) => s.primer.id === 'tie-coat' && !(s.finish.antifouling !== null && s.zone.kept[0]?.coating.biocide === true),
  },
  {
    id: 'barrier-over-antifoul',
    effect: 'rule-out',
    title: 'Nothing but antifouling holds on antifouling',
    reason: 'Barrier epoxy over old antifouling peels: tie coat, or strip to gelcoat.',
    basis: practice,
    looksAt: ['target', 'stack'],
    change: 'Strip to bare.',
    when: (s) => s.primer.id === 'barrier-epoxy' && s.zone.kept[0]?.coating.biocide === true,
  },
  {
    id: 'aero-system',
    effect: 'rule-out',
    title: 'Aircraft take their licensed system only',
    reason: 'Primer and topcoat are named by the maintenance data.',
    basis: practice,
    looksAt: ['item kind'],
    change: 'An item that does not fly.',
    when: (s) => s.zone.job.item.kind === 'aircraft' && s.primer.id !== 'aviation-epoxy' && onGroup(s.zone, 'light', 'composite'),
  },
  {
    id: 'aero-elsewhere',
    effect: 'rule-out',
    title: 'Aviation primer is for aircraft',
    reason: 'It is bought and used within a licensed system.',
    basis: practice,
    looksAt: ['item kind'],
    change: 'Aircraft.',
    when: (s) => s.zone.job.item.kind !== 'aircraft' && s.primer.id === 'aviation-epoxy',
  },
  {
    id: 'heat-service',
    effect: 'rule-out',
    title: 'Engine heat burns common primer',
    reason: 'Only a high-temperature system stands engine and exhaust heat.',
    basis: practice,
    looksAt: ['service'],
    change: 'Cooler service.',
    when: (s) => s.zone.service === 'engine-heat' && s.primer.id !== 'high-temperature',
  },
  {
    id: 'heat-only',
    effect: 'rule-out',
    title: 'High-temperature primer needs heat to cure',
    reason: 'Away from engine heat it stays soft.',
    basis: practice,
    looksAt: ['service'],
    change: 'Engine heat.',
    when: (s) => s.zone.service !== 'engine-heat' && s.primer.id === 'high-temperature',
  },
];
