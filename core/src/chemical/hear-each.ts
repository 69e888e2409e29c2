import type { Stripper } from '../catalogue/strippers.ts';
import type { Observation } from '../model/test-patch.ts';
import { project, type Belief } from './belief.ts';
import { coatingsOf, learnFrom, observationsFor, type LearningFacts } from './learn.ts';
import { weighObservation, type Rows } from './weigh-observation.ts';

/** One observation held against what the others let expect. */
export interface Heard {
  readonly observation: Observation;
  /** min that the model expects for it without it; null where it says nothing */
  readonly expected: number | null;
  /** why it says nothing, or that it disagrees; null where it fits */
  readonly remark: string | null;
  readonly disagrees: boolean;
}

/** Standard deviations from what the others say at which a patch is called odd. */
const ODD = 2;

/**
 * Each observation of this job held against the others. The one that lies furthest off is named first and left out of what the rest are held
 * against, then the next: one odd patch does not make the good ones look odd.
 */
export function hearEach(facts: LearningFacts, stripper: Stripper): Heard[] {
  const { here, earlier, aside } = observationsFor(facts, stripper);
  const odd = new Set<Observation>();
  const against = (observation: Observation): Held => {
    const others = here.filter((other) => other !== observation && !odd.has(other));
    return hold(facts, stripper, learnFrom(facts, stripper, coatingsOf(observation), earlier, others), observation);
  };
  for (;;) {
    const left = here.filter((observation) => !odd.has(observation)).map((observation) => ({ observation, off: against(observation).off }));
    const worst = left.reduce((most, next) => (next.off > most.off ? next : most), { observation: null as Observation | null, off: ODD });
    if (worst.observation === null) break;
    odd.add(worst.observation);
  }
  return [
    ...here.map((observation) => say(observation, against(observation), odd.has(observation))),
    ...aside.map((observation) => ({ observation, expected: null, remark: `Set aside: ${observation.setAside}`, disagrees: false })),
  ];
}

/** An observation against what others let expect: standard deviations off, and the factor on the time; or why it says nothing. */
interface Held {
  readonly off: number;
  readonly factor: number;
  readonly silent: string | null;
}

function hold(rows: Rows, stripper: Stripper, others: Belief, observation: Observation): Held {
  const seen = weighObservation(rows, stripper, others, observation);
  if (typeof seen === 'string') return { off: 0, factor: 1, silent: seen };
  const { mean, variance } = project(others, seen.weights);
  const above = seen.value - mean;
  // "nothing by then" can only disagree by being too long
  return { off: (observation.lifted ? Math.abs(above) : above) / Math.sqrt(variance), factor: Math.exp(above), silent: null };
}

const say = (observation: Observation, { factor, silent }: Held, disagrees: boolean): Heard => ({
  observation,
  disagrees,
  expected: silent === null ? observation.minutes / factor : null,
  remark: disagrees
    ? `It took ${factor.toFixed(1)} times as long as the rest lets expect: another coating, thinner film, colder metal? Repeat it or set it aside.`
    : silent,
});
