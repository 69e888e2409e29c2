import { bareChain } from '../bare/bare-chain.ts';
import type { Method } from '../catalogue/methods.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { MethodOption } from '../model/plan.ts';

/** Washing, derusting, keying: what one way leaves for the next stage is part of its price. */
export function afterWay(zone: ZoneFacts, method: Method): MethodOption['after'] {
  const after = { hand: 0, wait: 0, money: 0 };
  for (const { hand, wait, product } of bareChain(zone, method).steps) {
    after.hand += hand;
    after.wait += wait;
    after.money += product ? product.litres * product.pricePerLitre : 0;
  }
  return after;
}
