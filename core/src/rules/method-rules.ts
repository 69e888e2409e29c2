import { CHEMICAL_RULES } from './book/chemical.ts';
import { COMPOSITE_RULES } from './book/composite.ts';
import { FERROUS_RULES } from './book/ferrous.ts';
import { HAZARD_RULES } from './book/hazard.ts';
import { LIGHT_METAL_RULES } from './book/light-metal.ts';
import { PLASTIC_RULES } from './book/plastic.ts';
import { REACH_RULES } from './book/reach.ts';
import type { MethodRule } from './subjects.ts';

/** Every rule about a way off. Adding one is adding an object to its family. */
export const METHOD_RULES: readonly MethodRule[] = [
  ...COMPOSITE_RULES,
  ...LIGHT_METAL_RULES,
  ...FERROUS_RULES,
  ...PLASTIC_RULES,
  ...CHEMICAL_RULES,
  ...HAZARD_RULES,
  ...REACH_RULES,
];
