import { FINISHES } from '../catalogue/finishes.ts';
import { TOOLS } from '../catalogue/tools.ts';
import type { FinishId } from '../model/ids.ts';
import type { Job, Part, Zone } from '../model/job.ts';
import type { MethodOption } from '../model/plan.ts';
import { Equipment, type Shop } from '../model/shop.ts';

/** One change that may take a stop away. Small data, so that it can be applied to a document that has changed since. */
export type Remedy =
  | { readonly kind: 'method'; readonly zone: string; readonly method: MethodOption['method']; readonly at: string | null; readonly name: string }
  | { readonly kind: 'bare'; readonly zone: string; readonly name: string }
  | { readonly kind: 'primer'; readonly zone: string; readonly primer: string; readonly name: string }
  | { readonly kind: 'finish'; readonly part: Pick<Part, 'id' | 'name'> | null; readonly finish: FinishId }
  | { readonly kind: 'kit'; readonly equipment: Equipment };

/** What it is, in the words of the screen. */
export function remedyText(remedy: Remedy): string {
  switch (remedy.kind) {
    case 'method':
      return remedy.name;
    case 'bare':
      return `${remedy.name}: take it all off`;
    case 'primer':
      return `Primer: ${remedy.name}`;
    case 'finish':
      return `${remedy.part?.name ?? 'Whole job'}: ${FINISHES[remedy.finish].name.toLowerCase()}`;
    case 'kit':
      return `The shop has it: ${TOOLS[remedy.equipment].name.toLowerCase()}`;
  }
}

const everyPart = (job: Job, change: (part: Part) => Part): Job => ({ ...job, parts: job.parts.map(change) });
const oneZone = (job: Job, zone: string, change: (zone: Zone) => Zone): Job =>
  everyPart(job, (part) =>
    part.zones.some(({ id }) => id === zone) ? { ...part, zones: part.zones.map((own) => (own.id === zone ? change(own) : own)) } : part,
  );

/** The job with the remedy in it. @param reason written into a choice of a method */
export function remedied(job: Job, remedy: Remedy, reason: string): Job {
  switch (remedy.kind) {
    case 'method':
      return oneZone(job, remedy.zone, (zone) => ({ ...zone, choice: { method: remedy.method, at: remedy.at, reason, by: 'hand' } }));
    case 'bare':
      return oneZone(job, remedy.zone, (zone) => ({ ...zone, target: { kind: 'bare' } }));
    case 'primer':
      return oneZone(job, remedy.zone, (zone) => ({ ...zone, system: [remedy.primer] }));
    case 'finish':
      return remedy.part === null
        ? { ...everyPart(job, (part) => ({ ...part, finish: null })), finish: remedy.finish }
        : everyPart(job, (part) => (part.id === remedy.part?.id ? { ...part, finish: remedy.finish } : part));
    case 'kit':
      return job;
  }
}

/** The shop with the remedy in it. */
export const equipped = (shop: Shop, remedy: Remedy): Shop =>
  remedy.kind !== 'kit' || shop.equipment.includes(remedy.equipment) ? shop : { ...shop, equipment: [...shop.equipment, remedy.equipment] };

/** The kit that a stop calls missing; null where it is about something else. */
export const missingIn = (code: string): Equipment | null => Equipment.options.find((one) => code === `no-${one}`) ?? null;
