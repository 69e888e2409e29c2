import { format } from 'date-fns';
import { HAZARD_NAMES } from '../catalogue/hazard-names.ts';
import { Raised, Stage, type Operation } from '../model/operation.ts';
import type { SafetySheet } from '../model/safety-sheet.ts';
import type { ScheduledWork } from '../model/schedule.ts';
import { numberRuns } from '../units/number-runs.ts';
import { STAGE_NAMES } from './sheet-words.ts';

type Hazards = SafetySheet['hazards'];

/** What comes up in each stage of the work, with its steps. */
export const hazardsByStage = (operations: readonly Operation[]): Hazards =>
  Stage.options.flatMap((stage) =>
    listed(
      STAGE_NAMES[stage],
      operations.filter((operation) => operation.stage === stage),
    ),
  );

/** What comes up on each day on which anybody works; days in a row on which the same comes up are put together. */
export function hazardsByDay(operations: readonly Operation[], works: readonly Pick<ScheduledWork, 'operation' | 'pieces'>[]): Hazards {
  const days = new Map<string, Set<string>>();
  for (const { operation, pieces } of works)
    for (const { from } of pieces) {
      const day = format(from, 'yyyy-MM-dd');
      days.set(day, (days.get(day) ?? new Set()).add(operation));
    }
  const runs: { from: string; to: string; ids: Set<string>; raised: string }[] = [];
  for (const [day, ids] of [...days].sort(([a], [b]) => (a < b ? -1 : 1))) {
    const raised = [...new Set(operations.flatMap(({ id, raises }) => (ids.has(id) ? raises : [])))].sort().join();
    const last = runs.at(-1);
    if (last?.raised === raised) Object.assign(last, { to: day, ids: new Set([...last.ids, ...ids]) });
    else runs.push({ from: day, to: day, ids, raised });
  }
  return runs.flatMap(({ from, to, ids }) =>
    listed(
      from === to ? dayText(from) : `${dayText(from)} to ${dayText(to)}`,
      operations.filter(({ id }) => ids.has(id)),
    ),
  );
}

const dayText = (day: string): string => format(`${day}T12:00`, 'EEE d MMM');

function listed(when: string, operations: readonly Operation[]): Hazards {
  const all = Raised.options.flatMap((raised) => {
    const numbers = operations.flatMap(({ raises, number }) => (raises.includes(raised) ? [number] : []));
    return numbers.length === 0 ? [] : [{ raised, name: HAZARD_NAMES[raised], steps: numberRuns(numbers) }];
  });
  return all.length === 0 ? [] : [{ when, all }];
}
