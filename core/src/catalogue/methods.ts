import { assumed, practised, type Cited } from '../model/basis.ts';
import type { GritId, MethodId } from '../model/ids.ts';
import type { MethodKey } from '../model/own-row.ts';
import type { Zone } from '../model/job.ts';
import type { Equipment } from '../model/shop.ts';
import { MEDIA, type Medium } from './media.ts';
import { STRIPPERS, type Stripper } from './strippers.ts';
import { consumable, TOOL_ROWS } from './tool-rows.ts';

export type Access = Zone['access'];
/** What the rulebook asks of a method. */
export type Trait =
  | 'dry-dust'
  | 'wet'
  | 'abrades'
  | 'disc'
  | 'coarse-disc'
  | 'steel-tool'
  | 'brass-tool'
  | 'heat'
  | 'brush'
  | 'coarse-grit'
  | 'hard-medium'
  | 'soft-medium'
  | 'acid'
  | 'caustic'
  | 'solvent'
  | 'removes-rust'
  | 'vibrates';

interface Common {
  /** what rules go by: the row of the catalogue, also for a shop's own copy of it */
  readonly id: MethodId;
  /** what documents name it by: the id, or the shop's own id */
  readonly ref: MethodKey;
  readonly name: string;
  readonly does: string;
  /** how it is done, in a sentence for the run sheet */
  readonly how: string;
  readonly reach: readonly Access[];
  readonly traits: readonly Trait[];
  /** 0 gentle, 1 low, 2 medium, 3 high chance of harming the part */
  readonly risk: Cited<0 | 1 | 2 | 3>;
  /** 0 none, 1 low, 2 medium, 3 high dust, mist or vapour */
  readonly exposure: Cited<0 | 1 | 2 | 3>;
  readonly needs: Equipment | null;
  /** what the surface is left like */
  readonly leaves: string;
}

export interface Consumable {
  readonly name: string;
  readonly unit: string;
  /** m² of 100 µm stack that one lasts */
  readonly life: Cited<number>;
  readonly price: Cited<number>;
}

export type Method =
  | (Common & { readonly family: 'keep'; readonly rate: Cited<number>; readonly consumable: Consumable })
  | (Common & { readonly family: 'chem'; readonly stripper: Stripper })
  | (Common & { readonly family: 'mech'; readonly rate: Cited<number>; readonly consumable: Consumable | null; readonly cuts: GritId | null })
  | (Common & { readonly family: 'blast'; readonly medium: Medium })
  | (Common & { readonly family: 'heat'; readonly rate: Cited<number> });
export type Family = Method['family'];

const ALL: readonly Access[] = ['flat', 'edge', 'crevice', 'tube', 'inside'];

const chem = (stripper: Stripper, risk: 0 | 1 | 2 | 3, exposure: 0 | 1 | 2 | 3, does: string): Method => ({
  id: stripper.id,
  ref: stripper.id,
  family: 'chem',
  name: stripper.name,
  does,
  how: 'Lay on thick, leave it, scrape when it lifts.',
  reach: ALL,
  stripper,
  traits: [stripper.reaction === 'caustic' ? 'caustic' : 'solvent', ...(stripper.reaction === 'acid' ? (['acid'] as const) : []), 'wet'],
  risk: assumed(risk),
  exposure: assumed(exposure),
  needs: stripper.form === 'bath' ? 'caustic-tub' : null,
  leaves: 'stripper residue to wash off; no key',
});

export interface ToolRow {
  readonly id: Extract<MethodId, `mech.${string}`>;
  readonly name: string;
  readonly does: string;
  readonly how: string;
  readonly reach: readonly Access[];
  readonly traits: readonly Trait[];
  readonly risk: 0 | 1 | 2 | 3;
  readonly exposure: 0 | 1 | 2 | 3;
  readonly needs: Equipment | null;
  readonly rate: number;
  readonly uses: Consumable | null;
  /** its grit, or the grit whose scratch it leaves; null where it leaves none to speak of */
  readonly cuts: GritId | null;
  readonly leaves: string;
}
const mech = ({ risk, exposure, rate, uses, ...row }: ToolRow): Method => ({
  ...row,
  ref: row.id,
  family: 'mech',
  risk: assumed(risk),
  exposure: assumed(exposure),
  rate: assumed(rate),
  consumable: uses,
});

const blast = (medium: Medium): Method => ({
  id: medium.id,
  ref: medium.id,
  family: 'blast',
  name: `${medium.name} blast`,
  does: medium.use,
  how: 'Edges first, shallow angle, always moving.',
  reach: ['flat', 'edge', 'crevice', 'tube'],
  medium,
  traits: [
    medium.hard ? 'hard-medium' : 'soft-medium',
    medium.wet ? 'wet' : 'dry-dust',
    ...(medium.hard ? (['abrades'] as const) : []),
    // Round beads hammer rust in; only what cuts takes it off.
    ...(medium.hard && medium.id !== 'blast.glass-bead' ? (['removes-rust'] as const) : []),
    ...(medium.id === 'blast.steel-grit' ? (['steel-tool'] as const) : []),
  ],
  risk: assumed(medium.hard ? 2 : 1),
  exposure: assumed(medium.wet ? 1 : 3),
  needs: 'blast-pot',
  leaves: medium.profile.value > 0 ? `profile of about ${medium.profile.value} µm` : 'no profile',
});

/** Kept so that the reason against it can be read. */
const heat = (id: Extract<MethodId, `heat.${string}`>, name: string, rate: number, how: string, needs: Equipment | null): Method => ({
  id,
  ref: id,
  family: 'heat',
  name,
  does: 'softens paint by heat; listed so that the reason against it can be read',
  how,
  reach: ['flat', 'edge'],
  traits: ['heat'],
  risk: practised(3),
  exposure: practised(3),
  needs,
  rate: assumed(rate),
  leaves: 'scorched residue',
});

const LIST: readonly Method[] = [
  {
    id: 'keep.key',
    ref: 'keep.key',
    family: 'keep',
    name: 'Keep and key',
    does: 'cleans and scuffs sound paint for the next coat',
    how: 'Clean, key, clean.',
    reach: ['flat', 'edge', 'crevice', 'tube'],
    traits: ['wet', 'abrades'],
    risk: assumed(0),
    exposure: assumed(1),
    needs: null,
    rate: assumed(4),
    consumable: consumable('Abrasive pad P320 to P800', 'pads', 2, 1.5),
    leaves: 'keyed sound coating',
  },
  {
    id: 'keep.wax',
    ref: 'keep.wax',
    family: 'keep',
    name: 'Flush, dry and wax',
    does: 'leaves the coating of a hollow that no tool enters and keeps air and water from it',
    how: 'Drain holes open, flushed until clear, dried through, waxed after the paint.',
    reach: ['inside'],
    traits: ['wet'],
    risk: assumed(0),
    exposure: assumed(0),
    needs: null,
    rate: assumed(13),
    consumable: consumable('Cavity wax', 'L', 4, 16),
    leaves: 'the old coating, flushed, under wax',
  },
  chem(STRIPPERS['chem.dcm'], 1, 3, 'fastest on most coatings; tightly restricted by law'),
  chem(STRIPPERS['chem.fast-solvent'], 1, 3, 'enamels, lacquers and aged polyurethane on metal'),
  chem(STRIPPERS['chem.benzyl-neutral'], 1, 1, 'two-pack and aircraft systems'),
  chem(STRIPPERS['chem.benzyl-peroxide'], 1, 2, 'two-pack and aircraft systems, larger areas'),
  chem(STRIPPERS['chem.benzyl-acid'], 2, 2, 'hard two-pack systems on common steel'),
  chem(STRIPPERS['chem.slow-gel'], 1, 1, 'thick old stacks, antifouling, indoor work'),
  chem(STRIPPERS['chem.caustic-spray'], 1, 2, 'oil-based paint on iron and steel; cleans grease too'),
  chem(STRIPPERS['chem.caustic-bath'], 1, 2, 'small iron parts in oil-based paint, many at a time'),
  chem(STRIPPERS['chem.plastic-safe'], 1, 1, 'paint on plastics that its data sheet names'),
  chem(STRIPPERS['chem.gelcoat-safe'], 1, 1, 'antifouling on gelcoat'),
  ...TOOL_ROWS.map(mech),
  ...Object.values(MEDIA).map(blast),
  heat('heat.gun', 'Hot-air gun', 1.5, 'Lowest setting that softens; scrape at once.', 'hot-air-gun'),
  heat('heat.flame', 'Flame', 2, 'Never near solvent, plastic or sealed hollows.', null),
];

export const METHODS: Readonly<Record<string, Method>> = Object.fromEntries(LIST.map((method) => [method.ref, method]));
