import type { ChainLink } from '../model/schedule.ts';
import { spellAfter, type Spell } from './calendar.ts';
import type { Placed } from './generation.ts';
import type { Found } from './search.ts';

/** What decides when a job is over, from its last work back to the first: hands, what works alone, closed hours, and work that is held back for a window. */
export function chainOfEnd({ problem, links, draft }: Found, job: number): ChainLink[] {
  const { placed } = draft;
  const own = placed.flatMap((one, i) => (one && problem.jobOf[i] === job ? [{ one, i }] : []));
  const last = own.reduce<{ readonly one: Placed; readonly i: number } | null>(
    (latest, next) => (!latest || next.one.end >= latest.one.end ? next : latest),
    null,
  );
  const chain: ChainLink[] = [];
  let at = last?.i ?? null;
  for (let guard = 0; at !== null && guard < placed.length; guard++) {
    const here: number = at;
    const { operation } = problem.network.activities[here] as (typeof problem.network.activities)[number];
    const self = placed[here] as Placed;
    const link = (why: ChainLink['why'], minutes: number): void => {
      if (minutes > 0) chain.unshift({ id: operation.id, title: operation.title, why, minutes });
    };
    const worked = lengthOf(self.pieces);
    link('hands', worked);
    link('closed', self.end - self.start - worked);
    const cause = causeOf(here);
    if (!cause) break;
    const ready = cause.end + cause.alone;
    const opens = nextOpen(self, ready);
    // Too little was left of the day for it, or it was begun later than it could have been.
    const held = openBetween(self, ready, self.start) > worked ? self.start - Math.max(opens, ready) : 0;
    link('held', held);
    link('closed', self.start - ready - held);
    link('alone', cause.alone);
    at = cause.i;
  }
  return chain;

  /** What it came last after: an activity that it follows, or the one before it in the same hands. */
  function causeOf(i: number): { readonly i: number; readonly end: number; readonly alone: number } | null {
    const self = placed[i] as Placed;
    const after = (links.into[i] ?? []).flatMap(({ from, least }) => {
      const before = placed[from];
      return before ? [{ i: from, end: before.end, alone: least }] : [];
    });
    const latest = after.reduce<(typeof after)[number] | null>((a, b) => (!a || b.end + b.alone > a.end + a.alone ? b : a), null);
    const ready = Math.max(problem.from[i] as number, latest ? latest.end + latest.alone : 0);
    if (nextOpen(self, ready) >= self.start) return latest;
    const hands = new Set(self.pieces.map(({ worker }) => worker));
    const inHands = placed.flatMap((one, other) =>
      one && other !== i && one.pieces.some(({ worker }) => hands.has(worker)) && one.end <= self.start && one.end > ready
        ? [{ i: other, end: one.end, alone: 0 }]
        : [],
    );
    return inHands.reduce<(typeof inHands)[number] | null>((a, b) => (!a || b.end > a.end ? b : a), null) ?? latest;
  }

  /** min of working time between two times. */
  function openBetween({ pieces }: Placed, from: number, to: number): number {
    const spells = problem.crew[pieces[0]?.worker ?? 0]?.spells ?? [];
    return spells.reduce((sum, spell) => sum + Math.max(0, Math.min(to, spell.to) - Math.max(from, spell.from)), 0);
  }

  /** When the first of those who do it is at work. */
  function nextOpen({ pieces }: Placed, time: number): number {
    const spells = problem.crew[pieces[0]?.worker ?? 0]?.spells ?? [];
    return Math.max(time, spells[spellAfter(spells, time)]?.from ?? time);
  }
}

/** min in which anybody works. */
function lengthOf(pieces: readonly Spell[]): number {
  let [sum, until] = [0, -Infinity];
  for (const { from, to } of [...pieces].sort((a, b) => a.from - b.from)) {
    sum += Math.max(0, to - Math.max(from, until));
    until = Math.max(until, to);
  }
  return sum;
}
