import type { Stripper } from '../catalogue/strippers.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { withOwnRows } from '../catalogue/own-rows.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';

/** A product of the shelf, the shop's own rows too. @throws RangeError where it is no stripper */
export function stripperOf(ref: string, { shop }: Pick<ZoneFacts, 'shop'>): Stripper {
  const method = withOwnRows(CATALOGUE, shop.ownRows).methods[ref];
  if (method?.family !== 'chem') throw new RangeError(`${ref} is no stripper`);
  return method.stripper;
}
