import type { Stripper } from '../catalogue/strippers.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { withOwnRows } from '../catalogue/own-rows.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';

/** Somebody reaches for what does not stand there. */
export class NotOnShelfError extends Error {
  constructor(name: string) {
    super(`${name} does not stand on the shelf.`);
  }
}

/** A product of the shelf, the shop's own rows too. @throws NotOnShelfError where it is no stripper */
export function stripperOf(ref: string, { shop }: Pick<ZoneFacts, 'shop'>): Stripper {
  const method = withOwnRows(CATALOGUE, shop.ownRows).methods[ref];
  if (method?.family !== 'chem') throw new NotOnShelfError(ref);
  return method.stripper;
}
