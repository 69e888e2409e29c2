import type { KitLine, Plan } from '../model/plan.ts';
import type { RunEntry } from '../model/run.ts';
import { groupBy } from '../units/group-by.ts';
import { sum } from '../units/sum.ts';
import { wasteLabel } from '../sheet/waste-streams.ts';

/** What is counted or weighed when a job is cleared up, with what the plan says of it. */
export type Countable = Pick<Extract<RunEntry, { what: 'counted' }>, 'of' | 'item' | 'unit' | 'planned' | 'own'>;

/** Discs and sheets that are used up, one line for what is called the same, and what is left of the work as waste. A tool that is bought once is neither. */
export const countables = ({ kit, waste }: Pick<Plan, 'kit' | 'waste'>): readonly Countable[] => [
  ...[...groupBy(kit.filter(isUsedUp), ({ name }) => name)].flatMap(([item, [first, ...others]]): Countable[] =>
    first ? [{ of: 'kit', item, unit: first.unit, planned: sum([first, ...others], ({ need }) => need ?? 0), own: first.own?.factor ?? 1 }] : [],
  ),
  ...waste.map((stream): Countable => ({ of: 'waste', item: wasteLabel(stream), unit: 'kg', planned: stream.mass, own: stream.own?.factor ?? 1 })),
];

const isUsedUp = ({ id, group, need }: KitLine): boolean => group === 'consumable' && (need ?? 0) > 0 && !id.startsWith('tool:');
