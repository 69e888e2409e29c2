import type { Schools } from '@lift-bare/core';

export interface SchoolText {
  readonly id: keyof Schools;
  readonly question: string;
  readonly sides: readonly { readonly value: string; readonly label: string; readonly says: string }[];
  readonly usual: string;
}

/** Both sides of every point on which practitioners disagree, the default and why. */
export const SCHOOL_TEXTS: readonly SchoolText[] = [
  {
    id: 'S1',
    question: 'Old coating is sound: keep it?',
    sides: [
      {
        value: 'keep-sound',
        label: 'Keep what passes',
        says: 'A factory primer that holds is better than anything put on in a small shop, and keeping it is far less work.',
      },
      { value: 'always-bare', label: 'Always bare', says: 'What is underneath is known only when it is seen; one system from the metal up.' },
    ],
    usual: 'Keep what passes a crosscut: less work and a better base.',
  },
  {
    id: 'L1',
    question: 'Tools on light alloy',
    sides: [
      { value: 'plastic-only', label: 'Plastic only', says: 'No foreign metal and no scratches.' },
      { value: 'brass-allowed', label: 'Brass allowed', says: 'Gets into corners where plastic fails; traces are rinsed off and padded out.' },
      { value: 'nonwoven-allowed', label: 'Non-woven pad allowed', says: 'Cuts quickly and leaves an even key.' },
    ],
    usual: 'Plastic first; steel never in any school.',
  },
  {
    id: 'C1',
    question: 'After stripper on steel',
    sides: [
      {
        value: 'full-sequence',
        label: 'Full sequence',
        says: 'Water, conditioner, water, dry, sand, wipe: nothing is left to come back through the primer.',
      },
      {
        value: 'water-only',
        label: 'Water or solvent only',
        says: 'Less water on steel, less flash rust; the phosphate film stays on, so epoxy is refused over it.',
      },
    ],
    usual: 'Full sequence: residue is the commonest cause of lifting.',
  },
  {
    id: 'P1',
    question: 'Primer on bare steel',
    sides: [
      { value: 'epoxy-direct', label: 'Epoxy direct', says: 'One sealed ground that takes filler and every finish.' },
      { value: 'etch-surfacer', label: 'Etch, then surfacer', says: 'Bites into the metal; quick; fills and sands well.' },
    ],
    usual: 'Epoxy on a full strip; etch for rub-through spots.',
  },
  {
    id: 'P2',
    question: 'Which etch under which finish',
    sides: [
      { value: 'match-pack', label: '1K with 1K, 2K with 2K', says: 'A first rule that avoids lifting.' },
      { value: 'data-sheet', label: 'By the data sheet', says: 'Makers name mixed systems that work.' },
    ],
    usual: 'Match, unless the data sheet says otherwise.',
  },
];
