import type { Filter } from '../catalogue/respirators.ts';
import type { Operation, Raised } from '../model/operation.ts';
import type { Person } from '../model/person.ts';
import type { PersonTask, SafetySheet } from '../model/safety-sheet.ts';
import { numberRuns } from '../units/number-runs.ts';
import { TRAINED_FOR } from './check-people.ts';
import { breathingNeed, fitted, mayDo, trainingFor } from './respirators.ts';

const TASKS: Readonly<Record<Filter, string>> = {
  dust: 'dust',
  p100: 'dust of old paint',
  toxic: 'lead, chromate or biocide',
  vapour: 'vapour and spray',
  fume: 'zinc or chromate fume',
  supplied: 'what cartridges do not hold',
  blast: 'blasting',
};

interface Task {
  readonly need: Filter | null;
  /** all that is raised by the steps of it */
  readonly raises: Set<Raised>;
  readonly numbers: number[];
}

/** Who wears what for each kind of task, and who may not do it, with what the best of their masks lacks. */
export function peopleTasks(people: readonly Person[], operations: readonly Operation[], today: string): SafetySheet['people'] {
  const tasks = [...tasksOf(operations)].sort(([, a], [, b]) => order(a.need) - order(b.need));
  return people.map((person) => ({ name: person.name, tasks: tasks.map(([name, task]) => personTask(person, name, task, today)) }));
}

const order = (need: Filter | null): number => (need === null ? -1 : Object.keys(TASKS).indexOf(need));

/** Steps that ask for the same to breathe in and the same training. */
function tasksOf(operations: readonly Operation[]): Map<string, Task> {
  const tasks = new Map<string, Task>();
  for (const { raises, number } of operations) {
    const need = breathingNeed(raises);
    const training = trainingFor(raises).map((one) => TRAINED_FOR[one]);
    if (need === null && training.length === 0) continue;
    const name = [need === null ? null : TASKS[need], ...training].filter((text) => text !== null).join('; ');
    const task = tasks.get(name) ?? { need, raises: new Set<Raised>(), numbers: [] };
    for (const raised of raises) task.raises.add(raised);
    task.numbers.push(number);
    tasks.set(name, task);
  }
  return tasks;
}

function personTask(person: Person, name: string, { need, raises, numbers }: Task, today: string): PersonTask {
  const fit = fitted(person, [...raises], { factor: 1, today });
  const may = mayDo(fit, need);
  const nearest = fit.refused.at(-1);
  const lacking = need === null || fit.mask ? [] : [nearest ? `${nearest.mask.name}: ${nearest.why}` : 'no mask entered'];
  return {
    task: name,
    steps: numberRuns(numbers),
    mask: need === null ? null : (fit.mask?.name ?? null),
    may,
    why: [...lacking, ...fit.untrained.map((training) => `not trained: ${TRAINED_FOR[training]}`)],
  };
}
