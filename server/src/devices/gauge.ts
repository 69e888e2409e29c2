import type { GaugeKind } from '@lift-bare/core';

/** An instrument that reads one figure when it is asked. */
export interface Gauge {
  readonly kind: GaugeKind;
  /** shown where it is chosen */
  readonly where: string;
  /**
   * @param about what is likely to be read, for a stand-in that measures nothing; a real one passes over it
   * @returns null while it is out of reach, or says nothing that can be read
   */
  read(about: number | null): Promise<number | null>;
}
