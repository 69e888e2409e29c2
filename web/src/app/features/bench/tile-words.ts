import type { Tap, Tile, TileState } from '@lift-bare/core';

/** What a state is called on its tile. */
export const STATE_WORDS: Readonly<Record<TileState, string>> = {
  dried: 'dried out',
  late: 'late',
  scrape: 'scrape now',
  'check now': 'check now',
  rinse: 'rinse',
  'lay on': 'lay on again',
  working: 'working',
  'laid on': 'laid on',
  waiting: 'next to lay on',
  done: 'done',
};

export const TAP_WORDS: Readonly<Record<Tap, string>> = {
  'laid-on': 'Laid on',
  blistered: 'Blistered',
  scraped: 'Scraped',
  're-applied': 'Re-applied',
  rinsed: 'Rinsed',
};

/** Minutes as a stopwatch shows them: 4:05, 73:20, 2 h 15. */
export function stopwatch(minutes: number): string {
  const seconds = Math.max(0, Math.floor(minutes * 60));
  if (seconds >= 100 * 60) return `${Math.floor(seconds / 3600)} h ${String(Math.floor((seconds % 3600) / 60)).padStart(2, '0')}`;
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
}

/** The line under the time: what comes next and when. `laid` is the film to lay on, in the units shown. */
export function tileLine({ state, estimate, left, timer }: Tile, laid: string): string {
  const { issued, rounds } = timer;
  const dries = estimate && Number.isFinite(estimate.dries) && issued.dries ? `, dries out ${stopwatch(estimate.dries)}` : '';
  const layOn = `${laid} thick, one direction, do not go back over it${issued.covered ? ', then cover' : ''}`;
  switch (state) {
    case 'waiting':
    case 'lay on':
      return layOn;
    case 'laid on':
    case 'working':
      return `first check in ${stopwatch(left ?? 0)}${dries}`;
    case 'check now':
      return `scrape about ${stopwatch(estimate?.likely ?? 0)}${dries}`;
    case 'late':
      return `should have lifted by ${stopwatch(estimate?.late ?? 0)}${dries}`;
    case 'scrape':
      return `scrape before ${stopwatch(estimate?.dries ?? 0)}`;
    case 'dried':
      return `dry since ${stopwatch(estimate?.dries ?? 0)}: wet it with fresh stripper, cover, scrape`;
    case 'rinse':
      return rounds.length < issued.rounds.length ? 'rinse, dry, then the next round' : 'rinse and dry: last round';
    case 'done':
      return `${rounds.length} ${rounds.length === 1 ? 'round' : 'rounds'}. No colour left in corners and laps?`;
  }
}

/** What rings, for the title of the window: "Check A". Null when nothing does. */
export function titleOf(tiles: readonly Tile[]): string | null {
  const [first, ...others] = tiles.filter(({ state }) => state === 'dried' || state === 'late' || state === 'check now');
  if (!first) return null;
  const word = STATE_WORDS[first.state].toUpperCase();
  return `${word}: ${first.timer.issued.section} ${first.timer.issued.partName}${others.length > 0 ? ` and ${others.length} more` : ''}`;
}

/** One reading each few minutes is enough for an estimate. */
export function thinOut<T extends { readonly at: string }>(readings: readonly T[], every: number): T[] {
  let last = -Infinity;
  return readings.filter(({ at }, i) => {
    const time = Date.parse(at);
    if (time - last < every && i < readings.length - 1) return false;
    last = time;
    return true;
  });
}
