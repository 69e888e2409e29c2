import { COATINGS } from '../catalogue/coatings.ts';
import { normalCdf } from '../chemical/normal.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { CoatingId } from '../model/ids.ts';
import { Trap } from '../model/practice.ts';
import { onMetal } from '../rules/groups.ts';
import type { PracticeCase } from './practice-case.ts';
import type { TrueFilm, Truth } from './truth.ts';

/** Layers that nobody told of: what lies next to metal or to laminate and plastic. Common practice, no source. */
const UNDER_METAL: readonly CoatingId[] = ['epoxy-2k', 'e-coat', 'baked-enamel', 'alkyd-enamel'];
const UNDER_OTHER: readonly CoatingId[] = ['lacquer-1k', 'alkyd-enamel', 'basecoat'];

/** How bad each trap is, from a standard normal number; all of it model assumption. */
export const HIDDEN = {
  /** an old can: half to four fifths of its pace */
  weakProduct: (z: number): number => 0.65 * Math.exp(0.12 * z),
  /** K by the end of the shift */
  cooling: (z: number): number => -7 - z,
  /** % at the start */
  damp: (z: number): number => Math.min(93, 86 + 2 * z),
  /** mg/m² */
  salt: (z: number): number => 150 * Math.exp(0.3 * z),
  find: (z: number): Truth['find'] => (z < 0 ? 'filler' : 'hole'),
  /** ln of the share of hardener: a third too little */
  wrongMix: (z: number): number => Math.log(0.65) + 0.05 * z,
  otherLayer(facts: ZoneFacts, z: number): Omit<TrueFilm, 'told'> {
    const under = onMetal(facts) ? UNDER_METAL : UNDER_OTHER;
    const coating = COATINGS[under[Math.min(under.length - 1, Math.floor(normalCdf(z) * under.length))] as CoatingId];
    return { coating, thickness: coating.typicalFilm.value, state: 'sound' };
  },
} as const;

/** Levels from one hidden thing at most to all that a case may hide. */
export const MOST_LEVEL = 5;

/** Each trap by its own chance, in the order of the case, no more of them than the level: one normal number each, whatever comes of it. */
export function drawTraps(hides: PracticeCase['hides'], level: number, normal: () => number): Trap[] {
  const drawn = Trap.options.flatMap((trap) => {
    const chance = hides[trap];
    return chance === undefined ? [] : [{ trap, there: normalCdf(normal()) < chance, chance }];
  });
  return drawn
    .filter(({ there }) => there)
    .sort((a, b) => b.chance - a.chance)
    .slice(0, level)
    .map(({ trap }) => trap);
}
