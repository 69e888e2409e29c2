import type { Job } from '../model/job.ts';
import type { Operation } from '../model/operation.ts';
import { FIND_NAMES } from '../bare/repairs.ts';
import type { Run } from './fold-run.ts';
import type { RunStep } from './run-steps.ts';

/** Steps that may be open when an item leaves: what is done after it has gone. */
const AFTERWARDS: ReadonlySet<Operation['kind']> = new Set(['write-down', 'clear-up']);
/** Reasons of one kind that are named. */
const NAMED = 3;

/** What still stands against handing the item over, in words; empty: nothing. */
export function openAtHandOver(job: Job, run: Run, steps: readonly RunStep[]): string[] {
  const open = steps.filter(({ state, operation }) => state !== 'done' && !AFTERWARDS.has(operation.kind));
  // A coat that nobody ticked off may not be there, whatever was done after it.
  const coats = steps.filter(({ record, operation }) => operation.coat !== null && record?.state !== 'done');
  const rest = open.filter(({ operation }) => operation.coat === null);
  const held = steps.filter(({ state, hold }) => state === 'done' && hold === 'outside');
  const finds = job.parts.flatMap((part) =>
    part.zones.flatMap((zone) =>
      zone.finds
        .filter(({ disposition, released }) => (disposition === 'licensed' || disposition === 'sent-out') && released === null)
        .map((find) => `${FIND_NAMES[find.kind].toLowerCase()} on ${part.name}: ${zone.name}`),
    ),
  );
  const parts = job.parts.filter(({ id }) => run.parts.get(id)?.state === 'off').map(({ name }) => name);
  return [
    ...told(coats.map(stepText), 'coat is open', 'coats are open'),
    ...told(rest.map(stepText), 'step is open', 'steps are open'),
    ...told(held.map(stepText), 'hold point is not met', 'hold points are not met'),
    ...told(finds, 'find is not released', 'finds are not released'),
    ...told(parts, 'part is not fitted again', 'parts are not fitted again'),
  ];
}

const stepText = ({ title, operation }: RunStep): string => (operation.where.length === 0 ? title : `${title} (${operation.where.join('; ')})`);

function told(all: readonly string[], one: string, many: string): string[] {
  if (all.length === 0) return [];
  const more = all.length > NAMED ? ` and ${all.length - NAMED} more` : '';
  return [`${all.length === 1 ? `1 ${one}` : `${all.length} ${many}`}: ${all.slice(0, NAMED).join(', ')}${more}`];
}
