import type { SchoolId, Schools } from '../model/schools.ts';
import { SCHOOLS } from './schools.ts';

const found = (id: SchoolId) => SCHOOLS.find((school) => school.id === id);

/** @example schoolNamed('K1') // "school “Key for the next coat”" */
export const schoolNamed = (id: SchoolId): string => `school “${found(id)?.question ?? id}”`;

/** The schools that a text names. */
export const schoolsIn = (text: string): SchoolId[] =>
  SCHOOLS.filter(({ id }) => text.includes(schoolNamed(id).slice('school '.length))).map(({ id }) => id);

/** @example schoolSetTo('B1', 'never') // "school “Blasting car panels” set to “Never”" */
export const schoolSetTo = <K extends SchoolId>(id: K, side: Schools[K]): string =>
  `${schoolNamed(id)} set to “${found(id)?.sides.find(({ value }) => value === side)?.label ?? side}”`;
