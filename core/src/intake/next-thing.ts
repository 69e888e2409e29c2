import type { Job } from '../model/job.ts';
import type { Finding } from '../model/finding.ts';
import type { Plan } from '../model/plan.ts';
import type { StageName } from '../model/stage.ts';
import { stageOf } from '../sheet/stage-states.ts';
import { openQuestions } from './open-questions.ts';
import type { Question } from './question.ts';

/** What is worth doing next, and where. */
export interface NextThing {
  readonly says: string;
  readonly stage: StageName;
  /** zone to show; null: the whole job */
  readonly zone: string | null;
}

/**
 * The most useful open thing: a part, then what is asked, then what stops, then the dates and the sheet.
 * @param questions in the order in which they are asked
 */
export function nextThing(job: Job, plan: Plan, questions: readonly Question[] = openQuestions(job, plan)): NextThing {
  if (job.parts.length === 0) return { says: 'Add the first part', stage: 'intake', zone: null };
  const [question] = questions;
  if (question) {
    const [place] = question.answers.length > 0 ? [] : question.places;
    const zone = place && (plan.zones.find(({ zone: id, part }) => id === place.id || part === place.id)?.zone ?? null);
    return { says: question.asks, stage: 'intake', zone: zone ?? null };
  }
  const stop = plan.findings.find(({ severity }) => severity === 'stop');
  if (stop) return { says: stop.title, stage: stageOf(stop.code), zone: zoneOf(job, stop) };
  return job.due === null && job.start === null
    ? { says: 'Look at the dates', stage: 'time', zone: null }
    : { says: 'Read the run sheet', stage: 'run-sheet', zone: null };
}

function zoneOf(job: Job, { path: [root, part, , zone] }: Finding): string | null {
  if (root !== 'parts' || typeof part !== 'number' || typeof zone !== 'number') return null;
  return job.parts[part]?.zones[zone]?.id ?? null;
}
