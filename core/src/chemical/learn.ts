import { softeningTime } from '../catalogue/own-rows.ts';
import type { Stripper } from '../catalogue/strippers.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { CoatingId } from '../model/ids.ts';
import type { Observation } from '../model/test-patch.ts';
import { BRUSHED_OVER, temperatureFactor } from './activity.ts';
import { driesAt, effectiveAfter, type DwellSpan } from './activity-track.ts';
import { about, learnLift, learnNothing, priorBelief, project, soften, type Belief } from './belief.ts';
import { filmOf, isClosed, type PaintFilm } from './film-of.ts';
import { patchesOf } from './patches-of.ts';
import { timeThrough } from './softening-front.ts';
import { coatingWeights, elasticities } from './uncertainty.ts';
import { standingFilm, workingLife } from './working-life.ts';

/** What is believed about a stripper on some coatings, and how many dwells stand behind it. */
export interface Learned {
  readonly belief: Belief;
  readonly here: number;
  readonly earlier: number;
}

/** One observation held against what the others let expect. */
export interface Heard {
  readonly observation: Observation;
  /** min that the model expects for it without it; null where it says nothing */
  readonly expected: number | null;
  /** why it says nothing, or that it disagrees; null where it fits */
  readonly remark: string | null;
  readonly disagrees: boolean;
}

type Rows = Pick<ZoneFacts, 'coatings'>;

/** Standard deviations from what the others say at which a patch is called odd. */
const ODD = 2;

/** Everything seen of one stripper: earlier jobs first and softened, then this job with the patches of all its zones. */
export function learn(facts: Facts, stripper: Stripper, coatings: readonly CoatingId[]): Learned {
  const learned = rememberLearned(facts, stripper);
  return { ...learned, belief: about(learned.belief, coatings) };
}

type Facts = Pick<ZoneFacts, 'job' | 'shop' | 'coatings'>;

interface Remembered {
  readonly inputs: readonly unknown[];
  readonly learned: Learned;
}
const known = new WeakMap<Stripper, Remembered>();

/** All zones of a job learn the same of a stripper: reckoned once while patches, experience and rows stay. */
function rememberLearned(facts: Facts, stripper: Stripper): Learned {
  const inputs = [patchesOf(facts.job), facts.shop.experience, facts.coatings];
  const last = known.get(stripper);
  if (last && inputs.every((input, i) => input === last.inputs[i])) return last.learned;
  const { here, earlier } = observationsFor(facts, stripper);
  const learned = { belief: learnFrom(facts, stripper, [], earlier, here), here: here.length, earlier: earlier.length };
  known.set(stripper, { inputs, learned });
  return learned;
}

/**
 * Each observation of this job held against the others. The one that lies furthest off is named first and left out of what the rest are held
 * against, then the next: one odd patch does not make the good ones look odd.
 */
export function hearEach(facts: Facts, stripper: Stripper): Heard[] {
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

const coatingsOf = ({ films }: Observation): CoatingId[] => films.map(({ coating }) => coating);

function observationsFor({ job, shop }: Pick<ZoneFacts, 'job' | 'shop'>, stripper: Stripper) {
  const ofPair = (observations: readonly Observation[]) => observations.filter(({ stripper: ref }) => ref === stripper.ref);
  const here = ofPair([...patchesOf(job), ...shop.experience.here]);
  return {
    here: here.filter(({ setAside }) => setAside === null),
    aside: here.filter(({ setAside }) => setAside !== null),
    earlier: ofPair(shop.experience.earlier).filter(({ setAside }) => setAside === null),
  };
}

function learnFrom(
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
  const seen = weigh(rows, stripper, belief, observation);
  if (typeof seen === 'string') return belief;
  return observation.lifted ? learnLift(belief, seen.weights, seen.value) : learnNothing(belief, seen.weights, seen.value);
}

interface Seen {
  readonly weights: number[];
  /** ln(effective time seen / table time), made linear around what is believed so far */
  readonly value: number;
}

/** What an observation says, or in words why it says nothing. */
function weigh({ coatings }: Rows, stripper: Stripper, belief: Belief, observation: Observation): Seen | string {
  const paint = observation.films.map(({ coating, thickness, state }): PaintFilm => ({ coating: coatings[coating], thickness, state }));
  const blocked = paint.find(({ coating }) => softeningTime(stripper, coating) === null);
  if (blocked) return `${stripper.name} is not known to soften ${blocked.coating.name.toLowerCase()}: enter a time for it in an own row first.`;
  const spans = spansOf(stripper, observation);
  const dry = driesAt(spans);
  if (observation.lifted && observation.minutes > dry) return `It had dried at ${Math.round(dry)} min; a lift after that says nothing.`;
  const at = paint.map(({ coating }) => belief.coatings.indexOf(coating.id));
  const factors = at.map((i) => Math.exp(belief.mean[i] as number));
  const films = paint.map((film, i) => filmOf(film, stripper, i === 0 && !observation.broken && isClosed(film), factors[i] as number));
  const weights = coatingWeights(belief, at, elasticities(films).pair);
  const believed = weights.reduce((total, weight, i) => total + weight * (belief.mean[i] as number), 0);
  return { weights, value: Math.log(effectiveAfter(spans, observation.minutes) / timeThrough(films)) + believed };
}

function spansOf(stripper: Stripper, { temperature, indoors, laid, level, covered, brushed }: Observation): DwellSpan[] {
  const life = workingLife(stripper, { temperature, indoors, standing: standingFilm(stripper.form, laid, level), covered });
  return [{ from: 0, pace: temperatureFactor(temperature) * (brushed && stripper.skinForming ? BRUSHED_OVER : 1), life }];
}

/** An observation against what others let expect: standard deviations off, and the factor on the time; or why it says nothing. */
interface Held {
  readonly off: number;
  readonly factor: number;
  readonly silent: string | null;
}

function hold(rows: Rows, stripper: Stripper, others: Belief, observation: Observation): Held {
  const seen = weigh(rows, stripper, others, observation);
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
