import type { PrimerRule } from '../subjects.ts';
import { PRIMER_FIT } from './primer-fit.ts';
import { PRIMER_PLACE } from './primer-place.ts';
import { PRIMER_SERVICE } from './primer-service.ts';

/** Every rule about a primer. */
export const PRIMER_RULES: readonly PrimerRule[] = [...PRIMER_FIT, ...PRIMER_SERVICE, ...PRIMER_PLACE];
