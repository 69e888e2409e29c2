import type { Shop } from '../model/shop.ts';

/** An own row whose price the shop has left open, and not entered elsewhere. */
export const priceMissing = ({ ownRows, prices }: Shop, ref: string): boolean =>
  prices[ref] === undefined && ownRows.some(({ id, figures }) => id === ref && figures.price === null);
