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

interface Answers {
  readonly each: readonly NozzleAnswer[];
  readonly best: AirPoint | null;
}

const known = new WeakMap<AirPlant, Map<string, Answers>>();

/** Zones differ by a factor only, so one answer serves all that are blasted between the same pressures. */
function askedOnce(plant: AirPlant, span: PressureSpan): Answers {
  const ofPlant = known.get(plant) ?? new Map<string, Answers>();
  known.set(plant, ofPlant);
  const key = `${span.least} ${span.most} ${span.full}`;
  const answers = ofPlant.get(key) ?? reckon(plant, span);
  ofPlant.set(key, answers);
  return answers;
}

function reckon(plant: AirPlant, span: PressureSpan): Answers {
  const each = reachOf(plant).map((reach) => answerOf(plant, span, reach));
  return { each, best: quickest(each, 'allDay', span) ?? quickest(each, 'rhythm', span) };
}

/** Each nozzle of the plant: the highest pressure that it holds all day, with its reserve, and the best rhythm of blast and recovery. */
export const answersOf = (plant: AirPlant, span: PressureSpan): readonly NozzleAnswer[] => askedOnce(plant, span).each;

/** The quickest nozzle that is held all day; failing that the quickest in a rhythm; null when the compressor is too small for any. */
export const bestAir = (plant: AirPlant, span: PressureSpan): AirPoint | null => askedOnce(plant, span).best;

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

function quickest(answers: readonly NozzleAnswer[], pick: 'allDay' | 'rhythm', span: PressureSpan): AirPoint | null {
  let best: AirPoint | null = null;
  for (const { [pick]: point } of answers) if (point && (!best || meanSpeed(point, span) > meanSpeed(best, span))) best = point;
  return best;
}
