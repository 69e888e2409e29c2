/** Wrong guesses that cost nothing, for slips of the finger. */
const FREE = 4;
/** ms after the next wrong one; twice as long after each more, up to the longest. */
const FIRST = 2000;
const LONGEST = 15 * 60_000;
/** Addresses that are remembered; the oldest are forgotten first. */
const MOST = 10_000;

/** Slows down whoever guesses, by address. */
export class GuessLimit {
  private readonly wrong = new Map<string, { count: number; until: number }>();

  /** ms until an address may try again; 0: now. */
  waits(address: string, now: number): number {
    return Math.max(0, (this.wrong.get(address)?.until ?? 0) - now);
  }

  missed(address: string, now: number): void {
    const count = (this.wrong.get(address)?.count ?? 0) + 1;
    this.wrong.delete(address);
    const delay = count <= FREE ? 0 : Math.min(LONGEST, FIRST * 2 ** (count - FREE - 1));
    this.wrong.set(address, { count, until: now + delay });
    const [oldest] = this.wrong.keys();
    if (this.wrong.size > MOST && oldest !== undefined) this.wrong.delete(oldest);
  }

  hit(address: string): void {
    this.wrong.delete(address);
  }
}
