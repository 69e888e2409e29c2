import type { Stripper } from '../catalogue/strippers.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { CoatingId } from '../model/ids.ts';
import type { Observation } from '../model/test-patch.ts';
import { about, learnLift, learnNothing, priorBelief, soften, type Belief } from './belief.ts';
import { patchesOf } from './patches-of.ts';
import { weighObservation, type Rows } from './weigh-observation.ts';

export type LearningFacts = Pick<ZoneFacts, 'job' | 'shop' | 'coatings'>;

/** What is believed about a stripper on some coatings, and how many dwells stand behind it. */
export interface Learned {
  readonly belief: Belief;
  readonly here: number;
  readonly earlier: number;
}

/** Everything seen of one stripper: earlier jobs first and softened, then this job with the patches of all its zones. */
export function learn(facts: LearningFacts, stripper: Stripper, coatings: readonly CoatingId[]): Learned {
  const learned = rememberLearned(facts, stripper);
  return { ...learned, belief: about(learned.belief, coatings) };
}

interface Remembered {
  readonly inputs: readonly unknown[];
  readonly learned: Learned;
}
const known = new WeakMap<Stripper, Remembered>();

/** All zones of a job learn the same of a stripper: reckoned once while patches, experience and rows stay. */
function rememberLearned(facts: LearningFacts, stripper: Stripper): Learned {
  const inputs = [patchesOf(facts.job), facts.shop.experience, facts.coatings];
  const last = known.get(stripper);
  if (last && inputs.every((input, i) => input === last.inputs[i])) return last.learned;
  const { here, earlier } = observationsFor(facts, stripper);
  const learned = { belief: learnFrom(facts, stripper, [], earlier, here), here: here.length, earlier: earlier.length };
  known.set(stripper, { inputs, learned });
  return learned;
}

export const coatingsOf = ({ films }: Observation): CoatingId[] => films.map(({ coating }) => coating);

/** The dwells that were watched with a stripper: of this job, set aside ones apart, and of earlier jobs. A dwell in both (a copied job) counts once, here. */
export function observationsFor({ job, shop }: Pick<ZoneFacts, 'job' | 'shop'>, stripper: Stripper) {
  const ofPair = (observations: readonly Observation[]) => observations.filter(({ stripper: ref }) => ref === stripper.ref);
  const here = ofPair([...patchesOf(job), ...shop.experience.here]);
  return {
    here: here.filter(({ setAside }) => setAside === null),
    aside: here.filter(({ setAside }) => setAside !== null),
    earlier: once(ofPair(shop.experience.earlier), here).filter(({ setAside }) => setAside === null),
  };
}

/** The belief after earlier jobs, softened, and then this one; `coatings` are named in it in any case. */
export function learnFrom(
  rows: Rows,
  stripper: Stripper,
  coatings: readonly CoatingId[],
  earlier: readonly Observation[],
  here: readonly Observation[],
): Belief {
  const named = [...earlier, ...here].flatMap(coatingsOf);
  let belief = priorBelief([...new Set([...coatings, ...named])]);
  for (const observation of earlier) belief = take(rows, stripper, belief, observation);
  if (earlier.length > 0) belief = soften(belief);
  for (const observation of here) belief = take(rows, stripper, belief, observation);
  return belief;
}

function take(rows: Rows, stripper: Stripper, belief: Belief, observation: Observation): Belief {
  const seen = weighObservation(rows, stripper, belief, observation);
  if (typeof seen === 'string') return belief;
  return observation.lifted ? learnLift(belief, seen.weights, seen.value) : learnNothing(belief, seen.weights, seen.value);
}

/** Each id once, and none that is among the others. */
function once(observations: readonly Observation[], others: readonly Observation[]): Observation[] {
  const seen = new Set(others.map(({ id }) => id));
  return observations.filter(({ id }) => !seen.has(id) && seen.add(id));
}
