import type { Fact, Lag, Operation } from '../model/operation.ts';
import { upperFirst } from '../units/casing.ts';
import { formatMinutes } from '../units/format-quantity.ts';
import { FACT_WORDS } from './fact-words.ts';

/** Why an operation stands where it stands. Sentences, each about one neighbour. */
export interface WhyHere {
  readonly why: string;
  /** what it builds on, and which operation gave it */
  readonly needs: readonly string[];
  /** what would be lost if it came sooner, and if it came later */
  readonly sooner: string;
  readonly later: string;
}

/** Needs and losses of one operation, read off the whole sequence. */
export function whyHere(operation: Operation, operations: readonly Operation[]): WhyHere {
  const own = operations.filter(({ faces }) => sharesFace(faces, operation));
  const at = own.findIndex(({ id }) => id === operation.id);
  const before = own.slice(0, at);
  const needs = operation.needs.flatMap((fact) => {
    const giver = before.findLast(({ gives }) => gives.includes(fact));
    return giver ? [`${upperFirst(FACT_WORDS[fact])}: “${giver.title}”.`] : [];
  });
  return { why: operation.why, needs: [...new Set(needs)], sooner: soonerText(operation, before), later: laterText(operation, own.slice(at + 1)) };
}

const sharesFace = (faces: Operation['faces'], { faces: others }: Operation): boolean =>
  faces.some(({ zone, side }) => others.some((other) => other.zone === zone && (side === null || other.side === null || other.side === side)));

/** The nearest step before that gives what it needs, or that would undo what it gives. */
function soonerText({ needs, gives }: Operation, before: readonly Operation[]): string {
  const last = before.findLast((other) => other.gives.some((fact) => needs.includes(fact)) || other.ends.some((fact) => gives.includes(fact)));
  if (!last) return 'Nothing on this face stands before it.';
  const undone = last.ends.find((fact) => gives.includes(fact));
  if (undone) return `Before “${last.title}” it would be undone by it.`;
  const needed = last.gives.find((fact) => needs.includes(fact)) as Fact;
  return `Before “${last.title}” it would not hold yet that ${FACT_WORDS[needed]}.`;
}

/** The next step that builds on what it gives, or whose clock it would break. */
function laterText({ id, gives }: Operation, after: readonly Operation[]): string {
  const timed = after.find(({ lags }) => lags.some((lag) => lag.after === id && lag.most !== null));
  const next = after.find((other) => other.needs.some((fact) => gives.includes(fact)));
  const fact = next?.needs.find((need) => gives.includes(need));
  if (next && fact) return `After “${next.title}” that would be done although it does not hold that ${FACT_WORDS[fact]}.`;
  if (timed) return `“${timed.title}” has to follow it in time.`;
  return 'Nothing on this face waits for it.';
}

/** A span in words: from when, until when, who says so, and what to do when it is missed. */
export function sayLag({ what, least, most, after, missed, by }: Lag, operations: readonly Operation[]): string {
  if (what === 'dwell') return `first check at ${formatMinutes(least)}, scrape by ${formatMinutes(most ?? least)}; ${missed?.says ?? ''}`;
  const title = operations.find(({ id }) => id === after)?.title ?? 'the step before';
  const from = least >= 1 ? `from ${formatMinutes(least)} after “${title}”` : `after “${title}”`;
  const until = most === null ? '' : `, by ${formatMinutes(most)} at the latest`;
  const said = by === 'shop' ? ', as the shop does it' : '';
  return `${from}${until}${said}${missed && most !== null ? `; later: ${missed.says}` : ''}`;
}
