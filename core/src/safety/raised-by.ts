import { METHODS, type Method } from '../catalogue/methods.ts';
import type { Stripper } from '../catalogue/strippers.ts';
import { poisonsIn, whyNoJet } from '../facts/poisons.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { CoatPlan } from '../model/build.ts';
import type { OperationKind, Raised, Takes } from '../model/operation.ts';
import { onGroup, onMetal } from '../rules/groups.ts';
import type { FaceInput } from '../sequence/face-input.ts';
import type { Task } from '../sequence/task.ts';

/** What a kind of work raises whatever it is done with; common practice, no source. */
const BY_KIND: Partial<Readonly<Record<OperationKind, readonly Raised[]>>> = {
  degrease: ['splash', 'solvent'],
  dewax: ['splash', 'solvent'],
  wipe: ['solvent'],
  'wipe-release': ['solvent'],
  'wipe-tyre': ['solvent'],
  'clean-film': ['solvent'],
  neutralise: ['corrosive'],
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
  polish: ['clean-dust'],
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
const GIVES_VAPOUR: readonly OperationKind[] = [
  'zinc-repair',
  'bond',
  'laminate',
  'fill',
  'coat',
  'dewax',
  'degrease',
  'wipe',
  'wipe-release',
  'clean-film',
];
/** Bare metal, unless old paint, filler or fibres lie about. */
const ON_BARE: readonly OperationKind[] = ['key', 'derust', 'dress', 'dust-off'];
/** Dust that burns in air: organic media, and any medium on light metal. */
const EXPLOSIVE = ['blast.plastic', 'blast.starch', 'blast.organic-shell'];
const SPARKING: readonly string[] = ['grinder', 'drill', 'needle-scaler'];
const CONFINED: readonly string[] = ['tank', 'pressure'];

/** What an operation on a face raises; nothing where nobody of the shop works. */
export function raisedBy(input: FaceInput, task: Task, takes: readonly Takes[]): Raised[] {
  const { facts, method } = input;
  const { kind, hand, coat } = task;
  if (hand === 0) return [];
  const raised = new Set<Raised>(BY_KIND[kind]);
  const add = (all: readonly Raised[]): void => all.forEach((one) => raised.add(one));
  const wet = takes.includes('wet');
  if (wet && kind !== 'test') raised.add('splash');
  if (takes.includes('spark') || sparks(task)) add(['sparks', 'noise']);
  if (takes.includes('acid')) raised.add('corrosive');
  if (kind === 'close-tank' && facts.part.contents !== 'water') raised.add('fuel-vapour');
  if (takes.includes('load') && facts.has('heavy')) raised.add('load');
  const wipedWet = kind === 'dust-off' && facts.substrate.id === 'magnesium';
  if (wipedWet) raised.add('splash');
  if ((takes.includes('dust') || (kind === 'dust-off' && !wipedWet)) && !wet && kind !== 'strip-blast') raised.add(dustOf(input, kind));
  if (DISTURBS.includes(kind) && isToxic(facts)) raised.add('toxic');
  if (facts.asbestos && (DISTURBS.includes(kind) || kind === 'wash-brake-dust')) raised.add('asbestos');
  if (method?.family === 'chem' && STRIPPER_AT_WORK.includes(kind)) add(stripperRaises(facts, method.stripper));
  if (kind === 'strip-blast') add(ofBlast(input));
  if (kind === 'clear-up') add(ofResidue(input));
  if (kind === 'dry' && onMetal(facts) && whyNoJet(facts) === null) raised.add('air-jet');
  if (kind === 'weld' && (facts.substrate.id === 'galvanised' || hasZincOrChromate(facts))) raised.add('zinc-fume');
  if (coat) add(ofCoat(coat.plan));
  if (GIVES_VAPOUR.includes(kind) && isClosed(facts)) raised.add('vapour-indoors');
  if (facts.substrate.id === 'magnesium' && wet && (takes.includes('dust') || takes.includes('acid'))) raised.add('hydrogen');
  if (facts.zone.access === 'inside' && CONFINED.includes(facts.part.role)) raised.add('confined');
  return [...raised];
}

const when = (holds: boolean, ...raised: readonly Raised[]): readonly Raised[] => (holds ? raised : []);

/** A driven disc, brush or needle; the tool is named by its row, or as the bench calls it. */
const sparks = ({ contact }: Task): boolean => contact !== undefined && SPARKING_TOOLS.has(contact.tool);
const SPARKING_TOOLS: ReadonlySet<string> = new Set(
  Object.values(METHODS).flatMap((method) => (method.family === 'mech' && SPARKING.includes(method.needs ?? '') ? [method.id, method.name] : [])),
);

/** A room in which nothing moves the air. */
const isClosed = ({ job: { place } }: ZoneFacts): boolean => place.indoors && !place.extraction;
/** Lead, chromate or biocide in what comes off. */
export const isToxic = (facts: ZoneFacts): boolean => poisonsIn(facts).some((poison) => poison !== 'asbestos');

/** Dust of bare metal, or of paint, filler and fibres. Whoever vacuums it is dressed like whoever made it. */
const dustOf = ({ facts, method }: FaceInput, kind: OperationKind): Raised =>
  ON_BARE.includes(kind) && !dustsOldPaint(facts, method) ? 'clean-dust' : 'old-paint-dust';

/** Whether dust of old paint, filler or fibres lies on a face once the coating is off. */
export const dustsOldPaint = (facts: ZoneFacts, method: Method | null): boolean =>
  facts.kept.length > 0 ||
  onGroup(facts, 'composite') ||
  facts.filler ||
  facts.zone.filling !== null ||
  (facts.off.length > 0 && (method?.traits.includes('dry-dust') ?? false));

const hasZincOrChromate = ({ off, kept, treatAsLead, treatAsChromate }: ZoneFacts): boolean =>
  treatAsLead || treatAsChromate || [...off, ...kept].some(({ coating }) => coating.id === 'zinc-rich' || coating.id === 'etch-primer');

/** What a stripper raises at work on a face: by itself, by the paint that it takes off, and its vapour where nothing moves the air. Lye gives none. */
export function stripperRaises(facts: ZoneFacts, { id, chemistry, reaction, flammable }: Stripper): Raised[] {
  const lye = reaction === 'caustic';
  const solvent: Raised = id === 'chem.dcm' ? 'chlorinated' : chemistry === 'fast-solvent' ? 'solvent-stripper' : 'benzyl-stripper';
  const sharp = reaction !== 'neutral' || id === 'chem.benzyl-peroxide';
  return [
    ...when(!lye, solvent),
    ...when(sharp, 'corrosive'),
    ...when(flammable, 'flammable'),
    ...when(isToxic(facts), 'toxic'),
    ...when(isClosed(facts) && !lye, 'vapour-indoors'),
  ];
}

/** What lies about at the end: whoever handles it is dressed like whoever made it. */
function ofResidue({ facts, method, option }: FaceInput): readonly Raised[] {
  if (facts.off.length === 0 || !method || (option?.sentOut ?? false)) return [];
  return method.family === 'chem' ? stripperRaises(facts, method.stripper) : method.traits.includes('wet') ? [] : ['old-paint-dust'];
}

/** In the cabinet the operator stands outside: what is left is its dust when it is opened. */
function ofBlast({ facts, method, option }: FaceInput): Raised[] {
  if (method?.family !== 'blast' || option?.sentOut) return [];
  const burns = when(EXPLOSIVE.includes(method.id) || onGroup(facts, 'light'), 'explosive-dust');
  if (option?.at === 'blast-cabinet') return ['old-paint-dust', 'noise', ...burns];
  return ['blast', 'noise', ...burns, ...when(method.id === 'blast.dry-ice', 'carbon-dioxide')];
}

function ofCoat({ apply, isocyanate, base }: CoatPlan): Raised[] {
  const laid: Raised[] = apply === 'roller' ? ['roll'] : ['spray', ...when(isocyanate, 'isocyanate')];
  return base.startsWith('antifoul') && base !== 'antifouling-no-biocide' ? [...laid, 'biocide'] : laid;
}
