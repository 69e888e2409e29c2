import type { Filter } from '../catalogue/respirators.ts';
import type { Operation, Raised } from '../model/operation.ts';
import type { Person } from '../model/person.ts';
import type { PersonTask, SafetySheet } from '../model/safety-sheet.ts';
import { numberRuns } from '../units/number-runs.ts';
import type { AirSum } from './air-sum.ts';
import { breathingNeed, fitted, lacksOf, mayDo, trainingFor, TRAINED_FOR } from './respirators.ts';

const TASKS: Readonly<Record<Filter, string>> = {
  dust: 'dust',
  p100: 'dust of old paint',
  toxic: 'lead, chromate or biocide',
  vapour: 'vapour and spray',
  fume: 'zinc or chromate fume',
  supplied: 'what cartridges do not hold',
  blast: 'blasting',
};

/** What is known of the air that they breathe. */
interface Air {
  readonly sums: readonly AirSum[];
  readonly today: string;
}

interface Task {
  readonly need: Filter | null;
  /** all that is raised by the steps of it */
  readonly raises: Set<Raised>;
  readonly numbers: number[];
  /** times that the worst of it is over its limit */
  factor: number;
}

/** Who wears what for each kind of task, and who may not do it, with what the best of their masks lacks. */
export function peopleTasks(people: readonly Person[], operations: readonly Operation[], { sums, today }: Air): SafetySheet['people'] {
  const tasks = [...tasksOf(operations, sums)].sort(([, a], [, b]) => order(a.need) - order(b.need));
  return people.map((person) => ({ name: person.name, tasks: tasks.map(([name, task]) => personTask(person, name, task, today)) }));
}

const order = (need: Filter | null): number => (need === null ? -1 : Object.keys(TASKS).indexOf(need));

/** Steps that ask for the same to breathe in and the same training. */
function tasksOf(operations: readonly Operation[], sums: readonly AirSum[]): Map<string, Task> {
  const tasks = new Map<string, Task>();
  const factors = new Map(sums.map(({ operation, ppm, vapour }) => [operation.id, (ppm ?? 0) / vapour.limit.value]));
  for (const { id, raises, number } of operations) {
    const need = breathingNeed(raises);
    const training = trainingFor(raises).map((one) => TRAINED_FOR[one]);
    if (need === null && training.length === 0) continue;
    const name = [need === null ? null : TASKS[need], ...training].filter((text) => text !== null).join('; ');
    const task = tasks.get(name) ?? { need, raises: new Set<Raised>(), numbers: [], factor: 1 };
    for (const raised of raises) task.raises.add(raised);
    task.numbers.push(number);
    task.factor = Math.max(task.factor, factors.get(id) ?? 0);
    tasks.set(name, task);
  }
  return tasks;
}

function personTask(person: Person, name: string, { raises, numbers, factor }: Task, today: string): PersonTask {
  const fit = fitted(person, [...raises], { factor, today });
  return { task: name, steps: numberRuns(numbers), mask: fit.mask?.name ?? null, may: mayDo(fit), why: lacksOf(fit) };
}
