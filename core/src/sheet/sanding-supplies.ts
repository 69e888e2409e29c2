import type { UseRecord } from '../model/pace.ts';
import type { Supply, ZonePlan } from '../model/plan.ts';
import { ownUse } from '../record/own-use.ts';

/** One sheet or disc of a refining step; model assumption. */
const PAPER_PRICE = 0.9;
/** A kilogram of two-part filler, its hardener in the tin; model assumption. */
const FILLER_PRICE = 9;

/** Papers of the ladder and filler, as many as this shop takes of each; the discs that take the coating off come with the method. */
export const sandingSupplies = (plan: Pick<ZonePlan, 'abrade' | 'filling'>, uses: readonly UseRecord[]): Supply[] =>
  planned(plan).map((supply) => ({ ...supply, quantity: supply.quantity * (ownUse(uses, 'kit', supply.name)?.factor ?? 1) }));

const planned = ({ abrade, filling }: Pick<ZonePlan, 'abrade' | 'filling'>): Supply[] => [
  ...[...(abrade?.steps.slice(abrade.removes ? 1 : 0) ?? []), ...(filling?.ladder ?? [])].map(({ grit, tool, sheets, wet }) => {
    const disc = tool.endsWith('sander');
    return {
      id: `paper ${grit} ${tool}`,
      name: `${grit} ${wet ? 'wet-or-dry sheet' : disc ? 'sanding disc' : 'sheet'}`,
      unit: disc ? 'discs' : 'sheets',
      price: PAPER_PRICE,
      quantity: sheets,
    };
  }),
  ...(filling ? [{ id: 'filler', name: 'Polyester filler with hardener', unit: 'kg', price: FILLER_PRICE, quantity: filling.mass }] : []),
];
