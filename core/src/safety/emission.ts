import { STRIPPER_VAPOUR } from '../catalogue/vapours.ts';
import type { CoatPlan } from '../model/build.ts';
import type { Emission, OperationKind } from '../model/operation.ts';
import type { FaceInput } from '../sequence/face-input.ts';
import type { Pass, Task } from '../sequence/task.ts';

/** kg/L of paint solvent; xylene. */
const SOLVENT_DENSITY = 0.87;
/** g/m² of a wipe that go into the air; model assumption. */
const WIPE = 15;
const WIPES: readonly OperationKind[] = ['wipe', 'wipe-release', 'degrease', 'clean-film', 'wipe-tyre'];
/** A stripper stands open on the face. */
const OPEN_FILM: readonly OperationKind[] = ['strip-round', 'strip-next-round', 'strip-specks', 'try-patch'];
/** Share of the vapour that passes a cover of film; model assumption. */
const UNDER_FILM = 0.1;
/** min, so that a wipe or a coat of seconds is not reckoned as a burst; model assumption. */
const SHORTEST = 10;

/**
 * What an operation gives off on one face, g/min, or null where it is nothing. A coat gives off its solvent while it is laid, a wipe its own while it
 * is wiped, a film of stripper its evaporating share evenly until it is dry, from all that stands open at one time.
 */
export function emissionOf(input: FaceInput, task: Task): Emission | null {
  if (task.hand === 0) return null;
  if (task.coat) return { vapour: 'paint-solvent', rate: coatSolvent(task.coat) / Math.max(SHORTEST, task.hand), stands: false };
  if (WIPES.includes(task.kind)) return { vapour: 'wipe-solvent', rate: (WIPE * input.facts.area) / Math.max(SHORTEST, task.hand), stands: false };
  return OPEN_FILM.includes(task.kind) ? filmEmission(input, task) : null;
}

/** g of solvent in one pass: what is not solid, and the thinner. */
function coatSolvent({ plan, share }: Pass): number {
  const litres = (plan.litres / plan.coats) * (1 - solids(plan)) + plan.thinner / plan.coats;
  return litres * share * SOLVENT_DENSITY * 1000;
}

/** Share by volume that stays in the film: the spreading rate of the data sheet turned round. */
const solids = ({ covers, dryFilm }: CoatPlan): number => Math.min(1, (covers * dryFilm) / 1000);

function filmEmission({ facts, method, option }: FaceInput, { kind }: Task): Emission | null {
  const strip = option?.strip;
  const gives = method?.family === 'chem' ? STRIPPER_VAPOUR[method.stripper.chemistry] : undefined;
  if (!strip || !gives) return null;
  const open = kind === 'strip-round' || kind === 'strip-next-round' ? Math.min(strip.section, facts.area) : Math.min(0.1, facts.area);
  // mm on a square metre are litres.
  const grams = strip.laid * gives.density.value * gives.share.value * 1000;
  return { vapour: gives.vapour, rate: (open * grams * (strip.covered ? UNDER_FILM : 1)) / strip.workingLife, stands: true };
}
