import type { BenchEvent } from '../model/bench.ts';
import type { DefectKind } from '../model/run.ts';

/** What was said of one job, as far as defects may hang on it. */
export interface JobHabits {
  readonly job: string;
  readonly defects: ReadonlySet<DefectKind>;
  /** products used, windows missed, hold points let go, tins past their date; in words */
  readonly habits: ReadonlySet<string>;
}

const DAY = 86_400_000;

/** Read off the events of a run. */
export function habitsOf(job: string, events: readonly BenchEvent[]): JobHabits {
  const taken = new Set(events.filter(({ kind }) => kind === 'taken-back').map(({ target }) => target));
  const said = events.filter(({ id, run }) => run !== null && !taken.has(id));
  const defects = said.flatMap(({ run }) => (run?.what === 'defect' ? [run.kind] : []));
  const habits = said.flatMap(({ run, at }) => {
    if (run?.what === 'used')
      return [
        `${run.product} was used`,
        ...(run.expires !== null && Date.parse(run.expires) + DAY <= Date.parse(at) ? ['a tin was past its date'] : []),
      ];
    if (run?.what === 'missed') return ['a window was missed'];
    if (run?.what === 'let-go') return ['a hold point was let go'];
    return run?.what === 'held' && !run.met ? ['a hold point was not met at first'] : [];
  });
  return { job, defects: new Set(defects), habits: new Set(habits) };
}

/** How often a habit stands beside a defect, and how often without it. Counts, never proof. */
export interface Tally {
  readonly kind: DefectKind;
  /** jobs with the defect */
  readonly jobs: number;
  /** the habit that stands out, in how many of them, and in how many of the other jobs */
  readonly habits: readonly { readonly habit: string; readonly among: number; readonly elsewhere: number }[];
  /** jobs without the defect */
  readonly others: number;
}

/** For each defect that was seen, the habits of its jobs by how much more often they stand there than elsewhere; the defect of most jobs first. */
export function tallyDefects(all: readonly JobHabits[]): Tally[] {
  const kinds = [...new Set(all.flatMap(({ defects }) => [...defects]))];
  return kinds
    .map((kind): Tally => {
      const own = all.filter(({ defects }) => defects.has(kind));
      const others = all.filter(({ defects }) => !defects.has(kind));
      const count = (jobs: readonly JobHabits[], habit: string): number => jobs.filter(({ habits }) => habits.has(habit)).length;
      const habits = [...new Set(own.flatMap((job) => [...job.habits]))]
        .map((habit) => ({ habit, among: count(own, habit), elsewhere: count(others, habit) }))
        .sort((a, b) => more(b) - more(a) || a.habit.localeCompare(b.habit));
      return { kind, jobs: own.length, habits, others: others.length };

      function more({ among, elsewhere }: { readonly among: number; readonly elsewhere: number }): number {
        return among / own.length - (others.length === 0 ? 0 : elsewhere / others.length);
      }
    })
    .sort((a, b) => b.jobs - a.jobs || a.kind.localeCompare(b.kind));
}
