import { HAZARDS } from '../catalogue/hazards.ts';
import { RESPIRATORS, type Filter, type Respirator } from '../catalogue/respirators.ts';
import type { Raised } from '../model/operation.ts';
import type { Person, Training } from '../model/person.ts';

/** Protection factor of what is worn at the least against each. */
const LEAST_FACTOR: Readonly<Record<Filter, number>> = { dust: 10, p100: 10, toxic: 10, vapour: 10, fume: 25, supplied: 25, blast: 25 };
const HOLDS_VAPOUR: readonly Filter[] = ['vapour', 'fume', 'supplied', 'blast'];

/** What has to be kept out of the lungs in all that is raised: the highest in grade; null where nothing is. */
export function breathingNeed(raises: readonly Raised[]): Filter | null {
  const asks = raises.flatMap((raised) => HAZARDS[raised].breathing ?? []);
  const highest = asks.reduce<(typeof asks)[number] | null>((best, ask) => (best && (best.grade ?? 0) >= (ask.grade ?? 0) ? best : ask), null);
  return highest?.filter ?? null;
}

/** How many times cleaner than the vapour around it the air is that is breathed in what is worn at the least; 1 where nothing worn holds vapour. */
export function vapourFactor(raises: readonly Raised[]): number {
  const need = breathingNeed(raises);
  return need && HOLDS_VAPOUR.includes(need) ? LEAST_FACTOR[need] : 1;
}

/** What must have been shown and signed for. */
const TRAINING: Partial<Readonly<Record<Raised, Training>>> = {
  isocyanate: 'two-pack',
  blast: 'blasting',
  weld: 'welding',
  confined: 'licensed',
};

export const TRAINED_FOR = {
  'two-pack': 'two-pack paint',
  blasting: 'blasting',
  welding: 'welding',
  licensed: 'licensed work',
} as const satisfies Readonly<Record<Training, string>>;

/** What has to have been shown and signed for before all that is raised. */
export const trainingFor = (raises: readonly Raised[]): Training[] => [...new Set(raises.flatMap((raised) => TRAINING[raised] ?? []))];

/** What one person wears for it, or why nothing that they have will do. */
export interface Fitted {
  /** what has to be kept out; null: nothing */
  readonly need: Filter | null;
  readonly mask: Respirator | null;
  /** of their masks those that will not do, each with why */
  readonly refused: readonly { readonly mask: Respirator; readonly why: string }[];
  /** what they have not been trained for */
  readonly untrained: readonly Training[];
}

/**
 * The lightest mask of a person that holds what is raised, seals on them and is enough for the vapour.
 * @param factor times that the air is over its limit
 * @param today ISO date; a fit test counts for a year (29 CFR 1910.134(f)(2), from memory); null: whenever it was
 */
export function fitted(
  person: Person,
  raises: readonly Raised[],
  { factor, today }: { readonly factor: number; readonly today: string | null },
): Fitted {
  const need = breathingNeed(raises) ?? (factor > 1 ? 'vapour' : null);
  const untrained = trainingFor(raises).filter((training) => !person.trained.includes(training));
  if (need === null) return { need, mask: null, refused: [], untrained };
  const judged = Object.values(RESPIRATORS)
    .filter(({ id }) => person.masks.includes(id))
    .map((mask) => ({ mask, why: refusal(mask, person, need, { factor, today }) }));
  return {
    need,
    mask: judged.find(({ why }) => why === null)?.mask ?? null,
    refused: judged.flatMap(({ mask, why }) => (why === null ? [] : [{ mask, why }])),
    untrained,
  };
}

function refusal(
  { holds, fails, tight, factor: own }: Respirator,
  { beard, fitTested }: Person,
  need: Filter,
  { factor, today }: { readonly factor: number; readonly today: string | null },
): string | null {
  if (!holds.includes(need)) return fails;
  if (own.value < Math.max(factor, LEAST_FACTOR[need]))
    return `it makes the air ${own.value} times cleaner, ${Math.ceil(Math.max(factor, LEAST_FACTOR[need]))} times are needed`;
  if (tight && beard) return 'a tight mask does not seal over a beard: a hood';
  if (tight && need !== 'dust' && !isFresh(fitTested, today))
    return fitTested === null ? 'never fit-tested' : `fit test of ${fitTested} is over a year old`;
  return null;
}

/** Within a year; ISO dates compare as text. */
const isFresh = (tested: string | null, today: string | null): boolean =>
  tested !== null && (today === null || `${Number(tested.slice(0, 4)) + 1}${tested.slice(4)}` >= today);

/** What keeps somebody from it: what the best of their masks lacks, and what they have not been trained for. */
export function lacksOf({ need, mask, refused, untrained }: Fitted): string[] {
  const nearest = refused.at(-1);
  const masks = mask || need === null ? [] : nearest ? [`${nearest.mask.name}: ${nearest.why}`] : ['no mask entered'];
  return [...masks, ...untrained.map((training) => `not trained: ${TRAINED_FOR[training]}`)];
}

/** Whether somebody has what it takes and knows how. */
export const mayDo = ({ need, mask, untrained }: Fitted): boolean => untrained.length === 0 && (mask !== null || need === null);
