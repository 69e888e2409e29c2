import { HAZARDS, type Ask } from '../catalogue/hazards.ts';
import { Guard, type Guarded, type Raised } from '../model/operation.ts';
import type { Shop } from '../model/shop.ts';

/** What people wear, of all that an operation asks for. */
export const WORN: readonly Guard[] = ['eyes', 'breathing', 'hands', 'body'];

/**
 * The worst of what an operation raises, guard by guard: of eye, breathing, hand and body protection the highest in grade, of measures all.
 * One hazard more never takes anything away but for something higher. Data sheets and local codes decide.
 */
export const guardsAgainst = (raised: readonly Raised[], shop: Pick<Shop, 'equipment'>): Guarded[] =>
  Guard.options.flatMap((guard) => {
    const asks = raised.flatMap((one) => HAZARDS[one][guard] ?? []);
    const highest = Math.max(...asks.map(gradeOf));
    const says = new Map(asks.filter((ask) => ask.grade === undefined || ask.grade === highest).map((ask) => [ask.says, ask]));
    return [...says.values()].map((ask) => ({ guard, says: ask.says, lacks: lacking(ask, shop) }));
  });

const gradeOf = ({ grade }: Ask): number => grade ?? -1;
const lacking = ({ needs }: Ask, { equipment }: Pick<Shop, 'equipment'>): boolean => needs !== undefined && !equipment.includes(needs);
