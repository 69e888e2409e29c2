import type { CoatPlan } from '../model/build.ts';

/** min at 20 °C until tape does not mark; common practice, no source. */
const TAPE = { '1K': 60, '2K': 12 * 60 } as const;
/** min at 20 °C after the last pass between which tape is pulled: no longer wet enough to run, not yet hard enough to tear. Common practice, no source. */
const PULL = [30, 60] as const;
/** A thick textured film tears once it has gelled: pulled wet. Common practice, no source. */
const PULL_WET = [0, 20] as const;

type Drying = Pick<CoatPlan, 'base' | 'pack' | 'drying'>;

/** min at the workplace until tape may lie on a coat, before the shop says later. */
export const usualTape = ({ pack, drying }: Pick<CoatPlan, 'pack' | 'drying'>): number => TAPE[pack] * drying;

export const pulledWet = ({ base }: Pick<CoatPlan, 'base'>): boolean => base === 'liner';

/** min at the workplace after the last pass of a coat between which tape beside it is pulled. */
export function pullSpan(coat: Drying): readonly [from: number, until: number] {
  const [from, until] = pulledWet(coat) ? PULL_WET : PULL;
  return [from * coat.drying, until * coat.drying];
}
