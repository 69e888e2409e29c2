import { barePlan, usedTreatments } from '../bare/bare-plan.ts';
import type { Method } from '../catalogue/methods.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { Fact } from '../model/operation.ts';
import type { MethodOption } from '../model/plan.ts';
import { bareWork } from '../sequence/face-work.ts';
import { walkFace } from '../sequence/walk.ts';

type After = MethodOption['after'];

/** Washing, derusting, keying: what one method leaves for the next stage is part of its price. Methods that leave the same are reckoned once for a zone. */
export function afterMethods(zone: ZoneFacts): (method: Method) => After {
  const known = new Map<string, After>();
  return (method) => {
    const leaves = aftermath(method);
    const after = known.get(leaves) ?? reckon(zone, method);
    known.set(leaves, after);
    return after;
  };
}

/** What of a method the bare surface still feels. */
const aftermath = ({ id, family, traits }: Method): string =>
  [
    family,
    ...traits.filter((trait) => ['acid', 'caustic', 'wet', 'hard-medium', 'removes-rust'].includes(trait)),
    ...(id === 'blast.soda' || id === 'chem.dcm' || id === 'keep.wax' ? [id] : []),
  ].join();

/** How a face is left by a method. */
function lackingAfter({ id, family, traits }: Method): Fact[] {
  if (family === 'keep') return [];
  const soda: Fact[] = id === 'blast.soda' ? ['residue-off', 'neutral'] : [];
  if (family !== 'chem') return [...soda, 'dust-off', ...(traits.includes('wet') ? (['dry'] as const) : [])];
  return ['residue-off', 'dry', ...(traits.includes('acid') || traits.includes('caustic') ? (['neutral'] as const) : [])];
}

function reckon(facts: ZoneFacts, method: Method): After {
  const bare = barePlan(facts, method);
  const work = bareWork({
    facts,
    method,
    option: null,
    bare,
    used: usedTreatments(bare.treatments),
    repairs: [],
    filling: null,
    abrade: null,
    build: null,
  });
  const after = { hand: 0, wait: 0, money: 0 };
  for (const { task } of walkFace(work, lackingAfter(method)).steps) {
    after.hand += task.hand;
    after.wait += task.wait ?? 0;
    after.money += task.product ? task.product.litres * task.product.pricePerLitre : 0;
  }
  return after;
}
