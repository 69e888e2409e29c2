import type { Catalogue } from '../catalogue/catalogue.ts';
import type { Job } from '../model/job.ts';
import { countFindings } from '../model/finding.ts';
import type { Plan } from '../model/plan.ts';
import type { Shop } from '../model/shop.ts';
import { planJob } from '../plan-job.ts';
import { otherMethods } from '../sheet/plan-news.ts';
import { openQuestions } from './open-questions.ts';
import { answered, meantPlaces } from './question.ts';

/** What the plan would be with an answer, against what it is now. */
export interface Effect {
  /** min of hands more, or less */
  readonly hand: number;
  /** min of waiting more, or less, all steps one after the other */
  readonly wait: number;
  /** money more, or less */
  readonly cost: number;
  /** stops more, or less */
  readonly stops: number;
  /** zones that would be stripped another way */
  readonly methods: number;
}

export interface Tried {
  readonly code: string;
  /** in the order of its answers */
  readonly effects: readonly Effect[];
}

/** Money that one stop more or less, and one zone with another method, weigh in the order of questions; model assumption. */
const [STOP, METHOD] = [1e6, 50];

/**
 * Every answer tried on the whole plan, at the places that are not left out. Reports the share that is done; told to stop, it answers with what it
 * has.
 */
export function* tryAnswers(
  job: Job,
  shop: Shop,
  catalogue: Catalogue,
  left: ReadonlySet<string> = new Set(),
): Generator<number, Tried[], boolean | undefined> {
  const today = planJob(job, shop, catalogue);
  const questions = openQuestions(job, today);
  const all = questions.reduce((sum, { answers }) => sum + answers.length, 0);
  const found: Tried[] = [];
  let done = 0;
  for (const question of questions) {
    const { code, answers } = question;
    const places = meantPlaces(question, left);
    const effects: Effect[] = [];
    for (const answer of answers) {
      effects.push(effectOf(today, planJob(answered(job, answer, places), shop, catalogue)));
      if (yield ++done / all) return found;
    }
    found.push({ code, effects });
  }
  return found;
}

/** How much hangs on a question: what its answers differ by, from each other and from today. */
export function spread({ effects }: Tried): number {
  const range = (of: (effect: Effect) => number): number => Math.max(0, ...effects.map(of)) - Math.min(0, ...effects.map(of));
  return STOP * range(({ stops }) => stops) + METHOD * range(({ methods }) => methods) + range(({ cost }) => cost);
}

function effectOf(before: Plan, after: Plan): Effect {
  return {
    hand: after.totals.hand - before.totals.hand,
    wait: after.totals.wait - before.totals.wait,
    cost: after.totals.cost - before.totals.cost,
    stops: countFindings(after.findings, 'stop') - countFindings(before.findings, 'stop'),
    methods: otherMethods(before, after).length,
  };
}
