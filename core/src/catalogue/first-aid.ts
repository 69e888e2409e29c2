import type { Raised } from '../model/operation.ts';

/** What to do at once, by what has been raised. Common practice, no source; the label and the emergency service decide. */
export interface FirstAid {
  readonly when: string;
  readonly what: string;
  /** anything of this; empty: always */
  readonly after: readonly Raised[];
}

const LIQUIDS: readonly Raised[] = ['splash', 'solvent', 'benzyl-stripper', 'solvent-stripper', 'chlorinated', 'corrosive', 'spray', 'roll'];

export const FIRST_AID: readonly FirstAid[] = [
  { when: 'In the eyes', what: 'Rinse 15 min with the lids held open, then emergency care with the label.', after: [] },
  { when: 'On the skin', what: 'Water at once, 15 min, clothes off; paint with soap and warm water, never thinner.', after: LIQUIDS },
  {
    when: 'Acid or caustic burn',
    what: 'Rinse on and on. Wheel acid or one that nobody knows: emergency care at once, it may hold fluoride.',
    after: ['corrosive'],
  },
  { when: 'Swallowed', what: 'No vomiting; poison centre, label in hand.', after: LIQUIDS },
  {
    when: 'Dizzy, headache, sick',
    what: 'Fresh air, lie down, do not go back. Nobody goes in after somebody without air of their own.',
    after: ['solvent-stripper', 'chlorinated', 'vapour-indoors', 'spray', 'carbon-dioxide', 'fuel-vapour', 'confined'],
  },
  {
    when: 'Wheezing or a tight chest',
    what: 'Out, doctor, even hours later. Who has wheezed once does not work with it again.',
    after: ['isocyanate'],
  },
  { when: 'Burn', what: 'Cool running water 20 min, nothing on it; larger than a palm: emergency call.', after: ['weld', 'flame', 'sparks'] },
  { when: 'Jet under the skin', what: 'Looks like nothing, is an emergency: hospital at once.', after: ['blast'] },
  {
    when: 'After lead or chromate',
    what: 'Wash hands and face before eating, drinking or smoking; a blood test where it is done often.',
    after: ['toxic'],
  },
];
