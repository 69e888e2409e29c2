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
  const known = new Map(before.zones.map((zone) => [zone.zone, keyOf(zone)]));
  const methods = after.zones.filter((zone) => known.has(zone.zone) && known.get(zone.zone) !== keyOf(zone));
  const such = (severity: string): Change => ({ before: countOf(before, severity), after: countOf(after, severity) });
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

const keyOf = ({ chosen }: ZonePlan): string | null => chosen?.key ?? null;
const countOf = ({ findings }: Plan, wanted: string): number => findings.filter(({ severity }) => severity === wanted).length;
const moved = ({ before, after }: Change, by: number): boolean => Math.abs(after - before) >= by;
