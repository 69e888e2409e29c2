import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { BareStep } from '../model/bare.ts';
import type { Add } from './bare-step.ts';

/** min; the label's half hour or a whole day, as the shop has it. Common practice, no source. */
const BOND_WAIT = { 'full-day': 24 * 60, label: 30 } as const;

/** A cracked or holed plastic or laminate is bonded from the back before it is keyed. */
export const bondSteps = (zone: ZoneFacts, add: Add): BareStep[] =>
  zone.zone.condition.perforated
    ? [
        add('bond', {
          title: 'Bond the crack from the back',
          detail: 'Tape the face to shape, bond and reinforce behind, leave it alone; holes that carry load are for licensed people.',
          wait: BOND_WAIT[zone.shop.schools.P4],
        }),
      ]
    : [];
