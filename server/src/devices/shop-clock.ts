/** The clock that the bench runs on: the machine's own, or for demonstrations and tests a faster one that goes on across restarts. */
export interface ShopClock {
  readonly speed: number;
  now(): Date;
}

/** @param from moment at which fast and real time agree */
export function shopClock(speed: number, from: Date, real: () => Date = () => new Date()): ShopClock {
  return { speed, now: () => (speed === 1 ? real() : new Date(from.getTime() + (real().getTime() - from.getTime()) * speed)) };
}
