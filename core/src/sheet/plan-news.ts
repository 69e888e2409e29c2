import { countFindings, type Severity } from '../model/finding.ts';
import type { Plan, ZonePlan } from '../model/plan.ts';

/** What an edit did to a plan, for somebody who does not see the figures move. */
export interface PlanNews {
  /** zones that take another method now, or none any more */
  readonly methods: readonly ZonePlan[];
  readonly stops: Change;
  readonly questions: Change;
  /** min */
  readonly hand: Change;
  readonly cost: Change;
}

interface Change {
  readonly before: number;
  readonly after: number;
}

/** min of hands, and of the money, from which a change is worth telling: what is shown is rounded as well. Model assumption. */
const WORTH_TELLING = { hand: 1, cost: 0.5 } as const;

/** What is different between two plans of one job; null where nothing is that is worth telling. Zones that came or went are no change of method. */
export function planNews(before: Plan, after: Plan): PlanNews | null {
  const methods = otherMethods(before, after);
  const such = (severity: Severity): Change => ({ before: countFindings(before.findings, severity), after: countFindings(after.findings, severity) });
  const news: PlanNews = {
    methods,
    stops: such('stop'),
    questions: such('question'),
    hand: { before: before.totals.hand, after: after.totals.hand },
    cost: { before: before.totals.cost, after: after.totals.cost },
  };
  const told =
    methods.length > 0 ||
    moved(news.stops, 1) ||
    moved(news.questions, 1) ||
    moved(news.hand, WORTH_TELLING.hand) ||
    moved(news.cost, WORTH_TELLING.cost);
  return told ? news : null;
}

/** Zones of both plans that take another method in the second, as they are there. */
export function otherMethods(before: Plan, after: Plan): ZonePlan[] {
  const known = new Map(before.zones.map(({ zone, chosen }) => [zone, chosen?.key]));
  return after.zones.filter(({ zone, chosen }) => known.has(zone) && known.get(zone) !== chosen?.key);
}

const moved = ({ before, after }: Change, by: number): boolean => Math.abs(after - before) >= by;
