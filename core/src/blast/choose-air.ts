import type { AirPlant } from '../model/air-plant.ts';
import { airPoint, reachOf, SHORTEST_BLAST, type AirPoint } from './nozzle-choices.ts';
import { nozzleSpeed } from './production.ts';

/** bar at the nozzle between which the work is done: less does not strip, more harms. */
export interface PressureSpan {
  readonly least: number;
  readonly most: number;
  /** at which the medium works at its full speed */
  readonly full: number;
}

/** What one nozzle gives on a plant; null where it is no use. */
export interface NozzleAnswer {
  readonly nozzle: AirPoint['nozzle'];
  readonly allDay: AirPoint | null;
  readonly rhythm: AirPoint | null;
}

/** Pressures tried between the least and the most. */
const TRIED = 20;

const known = new WeakMap<AirPlant, Map<string, readonly NozzleAnswer[]>>();

/**
 * Each nozzle of the plant: the highest pressure that it holds all day, with its reserve, and the best rhythm of blast and recovery.
 * Zones differ by a factor only, so one answer serves all that are blasted between the same pressures.
 */
export function answersOf(plant: AirPlant, span: PressureSpan): readonly NozzleAnswer[] {
  const ofPlant = known.get(plant) ?? new Map<string, readonly NozzleAnswer[]>();
  known.set(plant, ofPlant);
  const key = `${span.least} ${span.most} ${span.full}`;
  const answers = ofPlant.get(key) ?? reachOf(plant).map((reach) => answerOf(plant, span, reach));
  ofPlant.set(key, answers);
  return answers;
}

function answerOf(plant: AirPlant, span: PressureSpan, { nozzle, cap, holds }: ReturnType<typeof reachOf>[number]): NozzleAnswer {
  const most = Math.min(span.most, cap);
  const held = Math.min(most, holds);
  const allDay = held >= span.least ? airPoint(plant, nozzle, held) : null;
  const rhythm = most >= span.least ? bestRhythm(plant, nozzle, { ...span, most }) : null;
  return { nozzle, allDay, rhythm };
}

/** Speed against a no. 6 at full pressure, rests counted. */
export const meanSpeed = ({ duty, nozzle, pressure }: AirPoint, { full }: Pick<PressureSpan, 'full'>): number =>
  duty * nozzleSpeed(nozzle.now, pressure, full);

/** The quickest pressure, rests counted, among those at which a blast is long enough to work; null when none is. */
function bestRhythm(plant: AirPlant, nozzle: AirPoint['nozzle'], span: PressureSpan): AirPoint | null {
  const { least, most } = span;
  const speed = (point: AirPoint | null): number => (point ? meanSpeed(point, span) : 0);
  let best: AirPoint | null = null;
  for (let i = 0; i < TRIED; i++) {
    const point = airPoint(plant, nozzle, least + ((most - least) * i) / (TRIED - 1));
    if (point.rhythm && point.rhythm.blast >= SHORTEST_BLAST && speed(point) > speed(best)) best = point;
  }
  return best;
}

/** The quickest nozzle that is held all day; failing that the quickest in a rhythm; null when the compressor is too small for any. */
export function bestAir(answers: readonly NozzleAnswer[], span: Pick<PressureSpan, 'full'>): AirPoint | null {
  const points = (pick: 'allDay' | 'rhythm'): AirPoint[] => answers.flatMap((answer) => answer[pick] ?? []);
  const quickest = (among: readonly AirPoint[]): AirPoint | null =>
    among.reduce<AirPoint | null>((best, point) => (!best || meanSpeed(point, span) > meanSpeed(best, span) ? point : best), null);
  return quickest(points('allDay')) ?? quickest(points('rhythm'));
}
