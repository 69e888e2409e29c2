import type { Issued, Reading } from '../model/bench.ts';
import type { Observation } from '../model/test-patch.ts';
import { degC } from '../units/quantities.ts';
import { meanTemperature } from './estimate.ts';
import type { SectionTimer } from './fold-timer.ts';

const MINUTE = 60_000;
const clamp = (value: number): number => Math.min(60, Math.max(-20, value));

/** What the bench saw of each round that was tapped "blistered": actual against predicted, for this job's plan and for later ones. */
export function observeBench({ id, issued, rounds, setAside }: SectionTimer, readings: readonly Reading[]): Observation[] {
  return rounds.flatMap(({ laidAt, blisteredAt, wettedAgain }, i) => {
    if (blisteredAt === null || blisteredAt <= laidAt || wettedAgain) return [];
    const minutes = (blisteredAt - laidAt) / MINUTE;
    const round = issued.rounds[i];
    if (!round || minutes > 7 * 24 * 60) return [];
    const during = readings.filter(({ at }) => Date.parse(at) <= blisteredAt);
    return [observation(`${id}-${i + 1}`.slice(-40), issued, round.films, { laidAt, minutes, during, setAside, first: i === 0 })];
  });
}

interface Watched {
  readonly laidAt: number;
  readonly minutes: number;
  readonly during: readonly Reading[];
  readonly setAside: string | null;
  /** later rounds start on a scraped face, which is open */
  readonly first: boolean;
}

const observation = (
  id: string,
  issued: Issued,
  films: Observation['films'],
  { laidAt, minutes, during, setAside, first }: Watched,
): Observation => ({
  id,
  source: 'bench',
  where: `${issued.partName}, ${issued.zoneName}, section ${issued.section}`,
  at: new Date(laidAt).toISOString(),
  stripper: issued.stripper,
  films,
  temperature: degC(clamp(meanTemperature(issued, laidAt, minutes, during))),
  indoors: issued.indoors,
  level: issued.level,
  laid: issued.laid,
  covered: issued.covered,
  broken: issued.broken || !first,
  brushed: issued.brushed,
  minutes,
  lifted: true,
  setAside,
});
