import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { CoatingId } from '../model/ids.ts';
import type { Part } from '../model/job.ts';
import type { NewId } from '../model/new-job.ts';
import type { OwnTemplate } from '../model/own-template.ts';
import { partFromOwn } from './own-templates.ts';
import { partFromTemplate } from './part-template.ts';
import { PART_TEMPLATES } from './part-templates.ts';

/** What a new part can start from: a common part, or one that the shop has kept. */
export interface Start {
  readonly id: string;
  readonly own: boolean;
  readonly name: string;
  readonly says: string;
  /** what it is looked for by as well */
  readonly words: string;
  readonly substrate: Part['substrate'];
  /** of its first zone, from the substrate up; µm */
  readonly layers: readonly { readonly coating: CoatingId; readonly film: number }[];
  readonly make: (newId: NewId) => Part;
}

const COMMON: readonly Start[] = PART_TEMPLATES.map((template) => ({
  id: template.id,
  own: false,
  name: template.name,
  says: template.says,
  words: template.words ?? '',
  substrate: template.substrate,
  layers: template.stack.map(([coating, film]) => ({ coating, film })),
  make: (newId) => partFromTemplate(template, newId),
}));

const startOf = (template: OwnTemplate): Start => {
  const { substrate, zones } = template.part;
  const stack = zones[0]?.stack ?? [];
  return {
    id: ownStartId(template),
    own: true,
    name: template.name,
    says: saysStack(stack.map(({ coating }) => coating)),
    words: template.words,
    substrate,
    layers: stack.map(({ coating, thickness }) => ({ coating, film: thickness })),
    make: (newId) => partFromOwn(template, newId),
  };
};

/** The coatings from the substrate up, coats of the same one after the other as one. */
function saysStack(coatings: readonly CoatingId[]): string {
  const runs: { readonly coating: CoatingId; coats: number }[] = [];
  for (const coating of coatings) {
    const last = runs.at(-1);
    if (last?.coating === coating) last.coats += 1;
    else runs.push({ coating, coats: 1 });
  }
  const named = runs.map(({ coating, coats }) => `${CATALOGUE.coatings[coating].name}${coats > 1 ? ` in ${coats} layers` : ''}`);
  return named.length === 0 ? 'No coating' : named.join(', ');
}

/** Told apart from the common ones, whatever it is called. */
export const ownStartId = ({ id }: Pick<OwnTemplate, 'id'>): string => `own:${id}`;

/** All that a part can start from: the shop's own first, the empty part last. */
export const startsOf = (own: readonly OwnTemplate[]): readonly Start[] => [...own.map(startOf), ...COMMON];
