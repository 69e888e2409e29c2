import { CHEMICAL_RULES } from './book/chemical.ts';
import { COATING_RULES } from './book/coating.ts';
import { COMPOSITE_RULES } from './book/composite.ts';
import { FERROUS_RULES } from './book/ferrous.ts';
import { HAZARD_RULES } from './book/hazard.ts';
import { LIGHT_METAL_RULES } from './book/light-metal.ts';
import { NEIGHBOUR_RULES } from './book/neighbour.ts';
import { PLASTIC_RULES } from './book/plastic.ts';
import { REACH_RULES } from './book/reach.ts';
import { SCHOOL_RULES } from './book/school.ts';
import type { Method } from '../catalogue/methods.ts';
import type { MethodRule } from './subjects.ts';

/** Families of the rules about a method, in the order they are judged. Adding a rule is adding an object to its family. */
export const METHOD_FAMILIES: Readonly<Record<string, readonly MethodRule[]>> = {
  Composites: COMPOSITE_RULES,
  'Light metals and zinc': LIGHT_METAL_RULES,
  'Iron and steel': FERROUS_RULES,
  Plastics: PLASTIC_RULES,
  Strippers: CHEMICAL_RULES,
  Hazards: HAZARD_RULES,
  'Reach, target and kit': REACH_RULES,
  Coatings: COATING_RULES,
  'Joined materials, hollows and vessels': NEIGHBOUR_RULES,
  Schools: SCHOOL_RULES,
};

/** Every rule about a method. */
export const METHOD_RULES: readonly MethodRule[] = Object.values(METHOD_FAMILIES).flat();

const ofFamily = (family: Method['family']): readonly MethodRule[] =>
  METHOD_RULES.filter((rule) => rule.family === undefined || rule.family === family);
const OF_FAMILY: Readonly<Record<Method['family'], readonly MethodRule[]>> = {
  keep: ofFamily('keep'),
  chem: ofFamily('chem'),
  mech: ofFamily('mech'),
  blast: ofFamily('blast'),
  heat: ofFamily('heat'),
};

/** The rules that can speak about a method; the others are silent whatever the zone. */
export const rulesFor = ({ family }: Pick<Method, 'family'>): readonly MethodRule[] => OF_FAMILY[family];
