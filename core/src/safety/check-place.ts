import { practice } from '../model/basis.ts';
import type { Finding } from '../model/finding.ts';
import type { Place, PlaceKind } from '../model/job.ts';
import type { Operation, Raised } from '../model/operation.ts';
import { lowerFirst } from '../units/casing.ts';

interface PlaceRule {
  readonly not: readonly Raised[];
  /** whether it holds here; what is measured may lift it */
  readonly when: (place: Place) => boolean;
  readonly severity: 'stop' | 'caution';
  readonly title: string;
  readonly reason: string;
  readonly change: string;
}

/** What is not done where else people eat, pass or stand below ground. Common practice, no source. */
const RULES: Readonly<Record<Exclude<PlaceKind, 'workshop'>, PlaceRule>> = {
  'food-room': {
    not: [
      'toxic',
      'asbestos',
      'old-paint-dust',
      'corrosive',
      'solvent-stripper',
      'benzyl-stripper',
      'chlorinated',
      'spray',
      'isocyanate',
      'biocide',
      'paint-fume',
    ],
    when: () => true,
    severity: 'stop',
    title: 'Not where food is kept or made',
    reason: 'Dust and vapour of it settle on what is eaten, for long after.',
    change: 'Take it apart and work elsewhere; what cannot be moved: emptied, sealed off, cleaned and released in writing.',
  },
  cellar: {
    not: ['solvent-stripper', 'chlorinated', 'flammable', 'spray', 'isocyanate', 'vapour-indoors', 'fuel-vapour', 'carbon-dioxide', 'confined'],
    when: ({ extraction, airFlow }) => !(extraction && airFlow !== null),
    severity: 'stop',
    title: 'Not below ground without extraction at the floor',
    reason: 'The vapour is heavier than air: it gathers low, where nobody smells it coming, and has no way out.',
    change: 'Above ground or outdoors; or extraction that takes the air off the floor, what it moves measured and entered.',
  },
  public: {
    not: ['toxic', 'asbestos', 'old-paint-dust', 'blast', 'isocyanate', 'spray', 'chlorinated', 'biocide', 'weld'],
    when: () => true,
    severity: 'caution',
    title: 'Where others pass: fence it off',
    reason: 'Passers-by, children and animals wear nothing against it, and know of nothing.',
    change: 'Screens and barrier tape on all sides, somebody who watches, quiet hours; or another place.',
  },
};

/** Steps that do not belong where the job is done: one finding, with the steps it is about. */
export function checkPlace(place: Place, operations: readonly Operation[]): Finding[] {
  if (place.kind === 'workshop') return [];
  const { not, when, severity, title, reason, change } = RULES[place.kind];
  const steps = operations.filter(({ raises }) => raises.some((raised) => not.includes(raised)));
  if (steps.length === 0 || !when(place)) return [];
  const named = [...new Set(steps.map(({ coat, title: own }) => lowerFirst(coat?.name ?? own)))];
  return [
    {
      code: `place-${place.kind}`,
      severity,
      path: ['place', 'kind'],
      title: `${title}: ${named.slice(0, NAMED).join(', ')}${named.length > NAMED ? ` and ${named.length - NAMED} more` : ''}`,
      reason,
      basis: practice,
      looksAt: ['what the place is', 'extraction', 'what each step raises'],
      change,
    },
  ];
}

/** Steps that are named before they are counted. */
const NAMED = 3;
