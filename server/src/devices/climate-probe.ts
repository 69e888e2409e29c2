import type { Reading } from '@lift-bare/core';

/** A thermometer and hygrometer in the shop, with a contact sensor on the part. Answers null while it is out of reach. */
export interface ClimateProbe {
  read(at: Date): Promise<Reading | null>;
}
