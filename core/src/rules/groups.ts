import { SUBSTRATES, type SubstrateGroup } from '../catalogue/substrates.ts';
import { gritNumber } from '../catalogue/grits.ts';
import type { Method, Trait } from '../catalogue/methods.ts';
import type { Primer } from '../catalogue/primers.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { MethodSubject, PrimerSubject } from './subjects.ts';

/** Questions that many rules ask. */
export const onGroup = (zone: ZoneFacts, ...groups: readonly SubstrateGroup[]): boolean => groups.includes(zone.substrate.group);
export const onPlastic = (zone: ZoneFacts): boolean => zone.substrate.group.startsWith('plastic');
export const onMetal = (zone: ZoneFacts): boolean => onGroup(zone, 'ferrous', 'ferrous-passive', 'zinc', 'light', 'copper');
export const isSheet = (zone: ZoneFacts): boolean => onMetal(zone) && zone.part.thickness < 1.5;
/** By its feature or by what the part is said to be. */
export const isTank = (zone: ZoneFacts): boolean => zone.has('fuel-tank') || zone.part.role === 'tank';
export const isClosed = (zone: ZoneFacts): boolean => isTank(zone) || zone.has('sealed-hollow') || zone.part.role === 'pressure';
/** A bare olefin is flamed where the shop does it, and nothing closed ever: what is left inside burns or bursts. */
export const isFlamed = (zone: ZoneFacts): boolean =>
  onGroup(zone, 'plastic-olefin') && zone.shop.schools.P3 !== 'promoter' && zone.kept.length === 0 && !isClosed(zone);
/** Whether a joined material belongs to one of the groups. */
export const touches = (zone: ZoneFacts, ...groups: readonly SubstrateGroup[]): boolean =>
  zone.part.touching.some((id) => groups.includes(SUBSTRATES[id].group));
/** Asked thousands of times for a plan, hence the plain loop. */
export function does({ method }: MethodSubject, ...traits: readonly Trait[]): boolean {
  for (const trait of traits) if (method.traits.includes(trait)) return true;
  return false;
}
export const isChem = (subject: MethodSubject): boolean => subject.method.family === 'chem';
export const isBlast = (subject: MethodSubject): boolean => subject.method.family === 'blast';
export const takesOff = (subject: MethodSubject): boolean => subject.method.family !== 'keep';
export const rusty = (zone: ZoneFacts): boolean => onGroup(zone, 'ferrous') && zone.zone.condition.rustGrade !== 'none';

/** Whether a tool leaves scratches coarser than a grit. */
export const cutsCoarser = (method: Method, grit: number): boolean =>
  method.family === 'mech' && method.cuts !== null && gritNumber(method.cuts) < grit;

export const isEtch = ({ id }: Primer): boolean => id === 'etch-1k' || id === 'etch-2k';
/** Whether a primer would lie on the bare material. */
export const onBare = ({ ground }: Pick<PrimerSubject, 'ground'>): boolean => ground !== 'paint';
