import { schoolNamed } from '../catalogue/school-words.ts';
import { dewBars } from '../climate/paint-gates.ts';
import { sayFor } from '../facts/say-for.ts';
import { assumption } from '../model/basis.ts';
import type { Finding } from '../model/finding.ts';
import { upperFirst } from '../units/casing.ts';
import { formatMinutes } from '../units/format-quantity.ts';
import type { FaceInput } from './face-input.ts';
import { startOf } from './trains.ts';
import type { Walked } from './walk.ts';

/** A face that is worked piece by piece, so that each keeps its window. */
export interface Pieces {
  /** id of the operation that closes the window */
  readonly at: string;
  /** id and title of the one that opens it */
  readonly opens: string;
  readonly from: string;
  readonly count: number;
  /** m² */
  readonly area: number;
}

/** min of a piece that are not worth beginning for; model assumption. */
const LEAST = 5;
/** min of a step that do not grow with the area: fetching and setting up. Model assumption. */
const START = 3;

/** What opens and closes within each window of one face: in one go, in pieces, or not at all. */
export function checkWindows(input: FaceInput, steps: readonly Walked[]): { readonly pieces: Pieces[]; readonly findings: Finding[] } {
  const pieces: Pieces[] = [];
  const findings: Finding[] = [];
  const barred = dewBars(input.facts.place);
  steps.forEach((step, at) => {
    for (const lag of step.task.lags ?? []) {
      const from = startOf(steps, at, lag);
      // Where nothing may be primed at all, that is the stop, and not that the clock is short.
      if (lag.most === null || from === null || from === at || (barred && lag.what === 'prime')) continue;
      const opened = steps[from] as Walked;
      const between = steps.slice(from + 1, at + 1);
      const hands = between.reduce((sum, { task }) => sum + task.hand, 0);
      const waits = between.slice(0, -1).reduce((sum, { task }) => sum + (task.wait ?? 0), lag.least);
      const starts = between.reduce((sum, { task }) => sum + Math.min(task.hand, START), 0);
      const grows = hands - starts;
      const fixed = starts + waits;
      if (hands + waits <= lag.most) continue;
      // A mix is laid on piece by piece as its first pass says; only the waits have to fit.
      if (between.every(({ task }) => task.coat) && waits < lag.most) continue;
      const room = lag.most - fixed;
      if (room < LEAST) findings.push(tooShort(input, opened, step, { most: lag.most, takes: hands + waits, says: lag.missed?.says ?? '' }));
      else {
        const count = Math.ceil(grows / room);
        pieces.push({ at: step.id, opens: opened.id, from: opened.task.title, count, area: input.facts.area / count });
      }
    }
  });
  return { pieces, findings };
}

function tooShort(
  { facts }: FaceInput,
  { task: opened }: Walked,
  { task: closed }: Walked,
  { most, takes, says }: { readonly most: number; readonly takes: number; readonly says: string },
): Finding {
  return sayFor(facts, 'stop', assumption)(
    'window-too-short',
    [],
    `${formatMinutes(most)} are too short for ${facts.part.name}`,
    `From “${opened.title}” to “${closed.title || closed.coat?.plan.name}” takes about ${formatMinutes(takes)}, whatever the size of the piece.${says === '' ? '' : ` ${upperFirst(says.replace(/\.$/, ''))}.`}`,
    ['humidity and temperature of the place', 'hands', 'method', schoolNamed('C2')],
    `A drier or warmer room, more hands, a holding film (${schoolNamed('C2')}), primer put on by whoever blasts, or a method that leaves it keyed later.`,
  );
}
