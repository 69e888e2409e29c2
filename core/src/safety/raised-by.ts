import { METHODS, type Method } from '../catalogue/methods.ts';
import type { Stripper } from '../catalogue/strippers.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { CoatPlan } from '../model/build.ts';
import type { OperationKind, Raised, Takes } from '../model/operation.ts';
import { onGroup } from '../rules/groups.ts';
import type { FaceInput } from '../sequence/face-input.ts';
import type { Task } from '../sequence/task.ts';

/** What a kind of work raises whatever it is done with; common practice, no source. */
const BY_KIND: Partial<Readonly<Record<OperationKind, readonly Raised[]>>> = {
  'close-tank': ['fuel-vapour'],
  degrease: ['splash', 'solvent'],
  dewax: ['splash', 'solvent'],
  wipe: ['solvent'],
  'wipe-release': ['solvent'],
  'wipe-tyre': ['solvent'],
  'clean-film': ['solvent'],
  'rinse-acid': ['corrosive'],
  'take-film-off': ['corrosive'],
  'strip-heat': ['flame', 'paint-fume'],
  'open-up': ['noise'],
  dress: ['noise'],
  weld: ['weld'],
  flame: ['flame'],
  'flame-clean': ['flame', 'solvent'],
  'zinc-repair': ['roll'],
  bond: ['solvent'],
  laminate: ['solvent'],
  fill: ['solvent'],
  'wax-hollow': ['spray'],
  'seal-line': ['spray'],
  support: ['load'],
  launch: ['load'],
  'clear-up': ['splash'],
};

/** Old paint is scraped, washed or sanded off, or its dust and sludge handled. */
const DISTURBS: readonly OperationKind[] = [
  'pressure-wash',
  'break-top',
  'knock-filler-out',
  'try-patch',
  'strip-round',
  'strip-next-round',
  'strip-specks',
  'strip-bath',
  'strip-tool',
  'strip-heat',
  'strip-blast',
  'rinse-off',
  'flush-hollow',
  'derust',
  'knock-old-filler-out',
  'open-up',
  'dress',
  'dust-off',
  'key',
  'clear-up',
];
const STRIPPER_AT_WORK: readonly OperationKind[] = ['try-patch', 'strip-round', 'strip-next-round', 'strip-specks', 'strip-bath', 'rinse-off'];
/** Vapour of what is laid on, that gathers where nothing moves the air. */
const GIVES_VAPOUR: readonly OperationKind[] = [...STRIPPER_AT_WORK, 'zinc-repair', 'bond', 'laminate', 'fill', 'coat', 'dewax'];
/** Paint and filler of this job, sanded. */
const SANDS_FILMS: readonly OperationKind[] = [
  'sand-film',
  'block',
  'flat-line',
  'key-for-fill',
  'flush-bond',
  'knock-filler-out',
  'knock-old-filler-out',
];
/** Dust that burns in air: organic media, and any medium on light metal. */
const EXPLOSIVE = ['blast.plastic', 'blast.starch', 'blast.organic-shell'];

/** What an operation on a face raises; nothing where nobody of the shop works. */
export function raisedBy(input: FaceInput, task: Task, takes: readonly Takes[]): Raised[] {
  const { facts, wayOff } = input;
  const { kind, hand, coat } = task;
  if (hand === 0) return [];
  const raised = new Set<Raised>(BY_KIND[kind] ?? []);
  const add = (when: boolean, ...all: readonly Raised[]) => {
    if (when) for (const one of all) raised.add(one);
  };
  const tool = toolOf(task);
  const wet = takes.includes('wet');
  const { indoors, extraction } = facts.job.place;
  add(wet && kind !== 'test', 'splash');
  add(takes.includes('spark'), 'sparks', 'noise');
  add(takes.includes('acid'), 'corrosive');
  add(takes.includes('load') && facts.has('heavy'), 'load');
  add(tool?.family === 'mech' && SPARKING.includes(tool.needs ?? ''), 'sparks', 'noise');
  add((takes.includes('dust') || kind === 'dust-off') && !wet && kind !== 'strip-blast', dustOf(input, kind));
  add(DISTURBS.includes(kind) && isToxic(facts), 'toxic');
  add(facts.has('friction-lining') && (DISTURBS.includes(kind) || kind === 'wash-brake-dust'), 'asbestos');
  if (wayOff?.family === 'chem' && STRIPPER_AT_WORK.includes(kind)) add(true, ...ofStripper(wayOff.stripper));
  add(kind === 'neutralise', 'corrosive');
  if (kind === 'strip-blast') add(true, ...ofBlast(input));
  add(kind === 'weld' && (facts.substrate.id === 'galvanised' || hasZincOrChromate(facts)), 'zinc-fume');
  if (coat) add(true, ...ofCoat(coat.plan));
  add(GIVES_VAPOUR.includes(kind) && indoors && !extraction && wayOff?.id !== 'blast.soda', 'vapour-indoors');
  add(facts.substrate.id === 'magnesium' && wet, 'hydrogen');
  add(facts.zone.access === 'inside' && CONFINED.includes(facts.part.role), 'confined');
  return [...raised];
}

/** Named by its row, or as the bench calls it. */
const toolOf = ({ contact }: Task): Method | undefined =>
  contact ? Object.values(METHODS).find(({ id, name }) => id === contact.tool || name === contact.tool) : undefined;
const SPARKING: readonly string[] = ['grinder', 'drill', 'needle-scaler'];
const CONFINED: readonly string[] = ['tank', 'pressure'];

const isToxic = ({ treatAsLead, treatAsChromate, biocide }: ZoneFacts): boolean => treatAsLead || treatAsChromate || biocide;

/** Dust of bare metal, or of paint, filler and fibres. Whoever vacuums it is dressed like whoever made it. */
function dustOf({ facts, wayOff }: FaceInput, kind: OperationKind): Raised {
  const bare =
    (kind === 'key' || kind === 'derust' || kind === 'dress' || kind === 'dust-off') && facts.kept.length === 0 && !SANDS_FILMS.includes(kind);
  return bare && !dustsOldPaint(facts, wayOff) ? 'clean-dust' : 'old-paint-dust';
}

/** Whether dust of old paint, filler or fibres lies on a face once the coating is off. */
export const dustsOldPaint = (facts: ZoneFacts, wayOff: Method | null): boolean =>
  facts.kept.length > 0 ||
  onGroup(facts, 'composite') ||
  facts.filler ||
  facts.zone.filling !== null ||
  (facts.off.length > 0 && (wayOff?.traits.includes('dry-dust') ?? false));

const hasZincOrChromate = ({ off, kept, treatAsLead, treatAsChromate }: ZoneFacts): boolean =>
  treatAsLead || treatAsChromate || [...off, ...kept].some(({ coating }) => coating.id === 'zinc-rich' || coating.id === 'etch-primer');

/** What a stripper raises at work on a face: by itself, by the paint that it takes off, and where nothing moves the air. */
export const stripperRaises = (facts: ZoneFacts, stripper: Stripper): Raised[] => [
  ...ofStripper(stripper),
  ...(isToxic(facts) ? (['toxic'] as const) : []),
  ...(facts.job.place.indoors && !facts.job.place.extraction ? (['vapour-indoors'] as const) : []),
];

function ofStripper({ id, chemistry, reaction, flammable }: Stripper): Raised[] {
  const base: Raised = id === 'chem.dcm' ? 'chlorinated' : chemistry === 'fast-solvent' ? 'solvent-stripper' : 'benzyl-stripper';
  const sharp = reaction !== 'neutral' || id === 'chem.benzyl-peroxide';
  return [...(reaction === 'caustic' ? [] : [base]), ...(sharp ? (['corrosive'] as const) : []), ...(flammable ? (['flammable'] as const) : [])];
}

/** In the cabinet the operator stands outside: what is left is its dust when it is opened. */
function ofBlast({ facts, wayOff, option }: FaceInput): Raised[] {
  if (wayOff?.family !== 'blast' || option?.sentOut) return [];
  const burns: Raised[] = EXPLOSIVE.includes(wayOff.id) || onGroup(facts, 'light') ? ['explosive-dust'] : [];
  if (option?.at === 'blast-cabinet') return ['old-paint-dust', 'noise', ...burns];
  return ['blast', 'noise', ...burns, ...(wayOff.id === 'blast.dry-ice' ? (['carbon-dioxide'] as const) : [])];
}

function ofCoat({ apply, isocyanate, base }: CoatPlan): Raised[] {
  const laid: Raised[] = apply === 'roller' ? ['roll'] : ['spray', ...(isocyanate ? (['isocyanate'] as const) : [])];
  return base.startsWith('antifoul') ? [...laid, 'biocide'] : laid;
}
