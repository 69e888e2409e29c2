const DAY = 86_400_000;

/** Copies that are kept whatever their age, then the last one of each of so many days, then of each of so many weeks. Model assumptions. */
const KEPT = { newest: 8, days: 14, weeks: 8 } as const;

/** Which timed copies are given up. */
export function toDrop<T extends { readonly at: string }>(copies: readonly T[], now: Date): T[] {
  const newestFirst = [...copies].sort((a, b) => (a.at < b.at ? 1 : -1));
  const kept = new Set<T>(newestFirst.slice(0, KEPT.newest));
  const firstOf = (length: number, most: number): void => {
    const seen = new Set<number>();
    for (const copy of newestFirst) {
      const age = Math.floor((now.getTime() - Date.parse(copy.at)) / length);
      if (age >= most || seen.has(age)) continue;
      seen.add(age);
      kept.add(copy);
    }
  };
  firstOf(DAY, KEPT.days);
  firstOf(7 * DAY, KEPT.weeks);
  return newestFirst.filter((copy) => !kept.has(copy));
}
