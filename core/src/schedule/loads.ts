import type { Part } from '../model/job.ts';
import type { Operation } from '../model/operation.ts';
import type { Booth } from '../model/shop.ts';
import type { Mixes } from './apart.ts';

/** Room to walk round a part, as a factor of the floor that it covers. Model assumption. */
const ROOM = 1.5;

/** What a part takes of the booth. */
interface Taken {
  readonly part: string;
  /** m² with room to walk round */
  readonly floor: number;
  readonly hooks: number;
}

/**
 * The loads in which sprayed parts go through the booth, as mixes of their own: the largest first, each into the first load that has floor and hooks left
 * for it. A part without a size counts as nothing; one that is larger than the booth is a load alone. Everything in one load where the booth takes it.
 */
export function loadsOf(parts: readonly Part[], operations: readonly Operation[], booth: Booth): Mixes {
  const sprayed = operations.filter(({ coat, raises }) => coat && raises.includes('spray'));
  const inBooth = new Set(sprayed.flatMap(({ faces }) => faces.map(({ part }) => part)));
  const loads: Taken[][] = [];
  const wanted = parts.filter(({ id }) => inBooth.has(id)).map(takenBy);
  for (const one of [...wanted].sort((a, b) => b.floor - a.floor || (a.part < b.part ? -1 : 1))) {
    const load = loads.find((own) => fits([...own, one], booth));
    if (load) load.push(one);
    else loads.push([one]);
  }
  if (loads.length < 2) return new Map();
  const loadOf = new Map(loads.flatMap((load, number) => load.map(({ part }): [string, number] => [part, number])));
  const byProduct = new Map<string, Map<string, number>>();
  for (const { coat, faces } of sprayed) {
    const own = byProduct.get(coat?.product ?? '') ?? new Map<string, number>();
    byProduct.set(coat?.product ?? '', own);
    for (const { part, zone } of faces) own.set(zone, loadOf.get(part) ?? 0);
  }
  return byProduct;
}

function takenBy({ id, box, held }: Part): Taken {
  if (held === 'hung') return { part: id, floor: 0, hooks: 1 };
  const [long, wide] = box ? [box.length, box.width, box.height].sort((a, b) => b - a) : [];
  const covers = held === 'laid' ? (long ?? 0) * (wide ?? 0) : (box?.length ?? 0) * (box?.width ?? 0);
  return { part: id, floor: ROOM * covers, hooks: 0 };
}

const fits = (load: readonly Taken[], { floor, hooks }: Booth): boolean =>
  load.reduce((sum, one) => sum + one.floor, 0) <= (floor ?? Infinity) && load.reduce((sum, one) => sum + one.hooks, 0) <= (hooks ?? Infinity);
