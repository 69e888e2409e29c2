import { FIRST_AID } from '../catalogue/first-aid.ts';
import type { Job, Place } from '../model/job.ts';
import { Guard, type Operation, type OperationKind } from '../model/operation.ts';
import type { Plan } from '../model/plan.ts';
import type { SafetyLine, SafetySheet } from '../model/safety-sheet.ts';
import type { ScheduledWork } from '../model/schedule.ts';
import type { Shop } from '../model/shop.ts';
import { lowerFirst } from '../units/casing.ts';
import { numberRuns } from '../units/number-runs.ts';
import { airSums } from './air-sum.ts';
import { airLines } from './air-lines.ts';
import { filtersNeeded } from './filters-needed.ts';
import { hazardsByDay, hazardsByStage } from './hazards-listed.ts';
import { peopleTasks } from './people-tasks.ts';

/**
 * Everything that has to be known, worn and kept ready for one job, read off its operations.
 * @param today ISO date: fit tests and cartridges are held against it
 * @param works of the job on the calendar; null: it has no dates
 */
export function safetySheet(job: Job, shop: Shop, plan: Plan, today: string, works: readonly ScheduledWork[] | null = null): SafetySheet {
  const { operations, findings, waste, kit } = plan;
  const sums = airSums(job.place, operations);
  const raised = new Set(operations.flatMap(({ raises }) => raises));
  return {
    job: job.name,
    item: job.item.description,
    shop: shop.name,
    place: placeText(job.place),
    stops: stopsOf(findings),
    hazards: works ? hazardsByDay(operations, works) : hazardsByStage(operations),
    dated: works !== null,
    lines: linesOf(operations),
    air: airLines(sums),
    people: peopleTasks(shop.people, operations, { sums, today }),
    filters: filtersNeeded(shop, operations, today),
    firstAid: FIRST_AID.filter(({ after }) => after.length === 0 || after.some((one) => raised.has(one))).map(({ when, what }) => ({ when, what })),
    waste,
    papers: kit.flatMap(({ group, unit, name }) =>
      group === 'product' && (unit === 'L' || unit === 'kg') && !name.startsWith('Thinner for') ? [name] : [],
    ),
    licensed: licensedOf(operations),
  };
}

function placeText({ indoors, extraction, room, airFlow }: Place): string {
  if (!indoors) return 'Outdoors';
  const moved = extraction ? `extraction${airFlow === null ? ', not measured' : ` of ${Math.round(airFlow)} m³/h`}` : 'nothing moves the air';
  return `Indoors${room === null ? '' : `, ${Math.round(room)} m³`}, ${moved}`;
}

/** Each once, wherever it was found. */
const stopsOf = (findings: Plan['findings']): SafetySheet['stops'] => [
  ...new Map(findings.flatMap(({ severity, title, change }) => (severity === 'stop' ? [[title, { title, change }] as const] : []))).values(),
];

/** Guard by guard, each with the steps that ask for it; steps in between that ask for nothing of it may be done in it too. */
function linesOf(operations: readonly Operation[]): SafetyLine[] {
  const known = new Map<string, { line: Omit<SafetyLine, 'steps'>; numbers: number[] }>();
  for (const { number, protection } of operations)
    for (const line of protection) {
      const key = `${line.guard} ${line.says}`;
      const entry = known.get(key) ?? { line, numbers: [] };
      entry.numbers.push(number);
      known.set(key, entry);
    }
  return Guard.options.flatMap((guard) => {
    const without = new Set(operations.flatMap(({ number, protection }) => (protection.some((line) => line.guard === guard) ? [] : [number])));
    return [...known.values()].flatMap(({ line, numbers }) => (line.guard === guard ? [{ ...line, steps: numberRuns(numbers, without) }] : []));
  });
}

/** Damage that is not for the shop. */
const HELD: readonly OperationKind[] = ['clear-damage', 'release-find'];

/** Steps that stop for a release by somebody licensed, and work that takes a licence. */
const licensedOf = (operations: readonly Operation[]): string[] => [
  ...new Set(
    operations.flatMap(({ number, title, kind, stop, raises }) =>
      (stop !== null && HELD.includes(kind)) || raises.includes('confined')
        ? [`step ${number}, ${lowerFirst(title)}`]
        : raises.includes('asbestos')
          ? [`step ${number}, ${lowerFirst(title)}, where the law says so of asbestos`]
          : [],
    ),
  ),
];
