import type { KitLine, Plan } from '../model/plan.ts';
import type { RunEntry } from '../model/run.ts';
import { wasteLabel } from '../sheet/waste-streams.ts';

/** What is counted or weighed when a job is cleared up, with what the plan says of it. */
export type Countable = Pick<Extract<RunEntry, { what: 'counted' }>, 'of' | 'item' | 'unit' | 'planned' | 'own'>;

/** Discs and sheets that are used up, and what is left of the work as waste. A tool that is bought once is neither. */
export const countables = ({ kit, waste }: Pick<Plan, 'kit' | 'waste'>): readonly Countable[] => [
  ...kit.flatMap(({ group, id, name, need, unit, own }): Countable[] =>
    group === 'consumable' && need !== null && need > 0 && !isTool(id) ? [{ of: 'kit', item: name, unit, planned: need, own: own?.factor ?? 1 }] : [],
  ),
  ...waste.map((stream): Countable => ({ of: 'waste', item: wasteLabel(stream), unit: 'kg', planned: stream.mass, own: stream.own?.factor ?? 1 })),
];

const isTool = (id: KitLine['id']): boolean => id.startsWith('tool:');
