import type { OperationKind } from '../model/operation.ts';

/** min to start whatever puts a face right again, and min/m²; model assumption. */
export const UPKEEP_START = 3;
export const UPKEEP_MINUTES = {
  'rinse-off': 8,
  neutralise: 6,
  'rinse-acid': 6,
  dry: 4,
  'dust-off': 4,
  wipe: 5,
  test: 2,
  'clean-film': 5,
  'uncover-strip': 3,
} as const satisfies Partial<Readonly<Record<OperationKind, number>>>;

/** min that a face stands until it is dry, at 20 °C. Common practice, no source. */
export const DRYING = { metal: 15, casting: 20, other: 20 } as const;
