import { titleOf } from '../schedule/network.ts';
import { gapText } from '../schedule/time-words.ts';
import type { Run } from './fold-run.ts';
import { remedyOf } from '../schedule/remedy.ts';
import type { RunNetwork } from './run-network.ts';
import type { ClockKind } from './run-clocks.ts';

/** Something that was done otherwise than the plan allows. */
export interface Deviation {
  readonly kind: 'too soon' | 'too late' | 'hold let go' | 'hold repeated' | 'after expiry';
  /** ms */
  readonly at: number;
  readonly by: string;
  readonly operation: string;
  readonly zones: readonly string[];
  readonly says: string;
  /** the reason that was written; empty: none */
  readonly reason: string;
  /** the wait or window that was not kept; null: none */
  readonly what: ClockKind | null;
}

const MINUTE = 60_000;
/** Values that are told one by one. */
const MANY = 4;

/** Where a run left the plan: waits cut short, windows missed, hold points let go or repeated, tins past their date. Oldest first. */
export function deviationsOf({ activities, spans, over }: RunNetwork, run: Run): Deviation[] {
  const timed = spans.flatMap(({ from, to, least, most, what }): Deviation[] => {
    const [opener, waiter] = [activities[from], activities[to]];
    const begun = waiter && run.works.get(waiter.id);
    const end = opener && over.get(opener.id);
    if (!opener || !waiter || !begun || end === undefined || (what === null && least === 0)) return [];
    const gap = begun.from - end;
    const soon = least * MINUTE - gap;
    const late = most === null ? 0 : gap - most * MINUTE;
    if (soon < MINUTE && late < MINUTE) return [];
    const kind = late >= MINUTE ? ('too late' as const) : ('too soon' as const);
    const mended =
      late >= MINUTE && (run.works.get(remedyOf(waiter.id))?.to ?? Infinity) <= begun.from ? '; what was missed was done again first' : '';
    const words = `“${titleOf(waiter)}” began ${gapText(Math.max(soon, late))} ${kind} after “${titleOf(opener)}”${mended}`;
    return [
      { kind, at: begun.from, by: begun.by, operation: waiter.operation.id, zones: waiter.zones, says: words, reason: '', what: what ?? 'alone' },
    ];
  });
  const titles = new Map(activities.map(({ operation }) => [operation.id, operation]));
  const place = (operation: string) => ({ operation, zones: titles.get(operation)?.faces.map(({ zone }) => zone) ?? [] });
  const held = [...run.holds.values()].flatMap((all) => all.filter(({ met }) => !met));
  return [
    ...once(timed),
    ...held.map(({ operation, at, by, values, note }): Deviation => ({
      ...place(operation),
      kind: 'hold repeated',
      at,
      by,
      says: `Hold point of “${titles.get(operation)?.title ?? operation}” not met${values.length > MANY ? `: ${note}` : values.length > 0 ? `: ${values.join(', ')} ${titles.get(operation)?.hold?.unit ?? ''}` : ''}`.trim(),
      reason: note,
      what: null,
    })),
    ...[...run.letGo.values()].map(({ operation, at, by, note }): Deviation => ({
      ...place(operation),
      kind: 'hold let go',
      at,
      by,
      says: `Hold point of “${titles.get(operation)?.title ?? operation}” let go in writing`,
      reason: note,
      what: null,
    })),
    ...run.used.flatMap(({ operation, product, batch, expires, at, by }): Deviation[] =>
      expires === null || Date.parse(expires) + 24 * 60 * MINUTE > at
        ? []
        : [
            {
              ...place(operation),
              kind: 'after expiry',
              at,
              by,
              says: `${product}, batch ${batch || 'not noted'}, was past its date of ${expires}`,
              reason: '',
              what: null,
            },
          ],
    ),
  ].sort((a, b) => a.at - b.at);
}

/** Several spans end in the same step: the worst of each kind is told. */
function once(all: readonly Deviation[]): Deviation[] {
  const kept = new Map<string, Deviation>();
  for (const one of all) {
    const key = `${one.operation} ${one.zones.join()} ${one.kind} ${one.what ?? ''}`;
    if (!kept.has(key)) kept.set(key, one);
  }
  return [...kept.values()];
}
