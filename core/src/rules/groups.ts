import type { SubstrateGroup } from '../catalogue/substrates.ts';
import type { Trait } from '../catalogue/methods.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { MethodSubject } from './subjects.ts';

/** Questions that many rules ask. */
export const onGroup = (zone: ZoneFacts, ...groups: readonly SubstrateGroup[]): boolean => groups.includes(zone.substrate.group);
export const onPlastic = (zone: ZoneFacts): boolean => zone.substrate.group.startsWith('plastic');
export const onMetal = (zone: ZoneFacts): boolean => onGroup(zone, 'ferrous', 'ferrous-passive', 'zinc', 'light', 'copper');
export const isSheet = (zone: ZoneFacts): boolean => onMetal(zone) && zone.part.thickness < 1.5;
export const does = (subject: MethodSubject, ...traits: readonly Trait[]): boolean => traits.some((trait) => subject.method.traits.includes(trait));
export const isChem = (subject: MethodSubject): boolean => subject.method.family === 'chem';
export const isBlast = (subject: MethodSubject): boolean => subject.method.family === 'blast';
export const takesOff = (subject: MethodSubject): boolean => subject.method.family !== 'keep';
export const rusty = (zone: ZoneFacts): boolean => onGroup(zone, 'ferrous') && zone.zone.condition.rustGrade !== 'none';
