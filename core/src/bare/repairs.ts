import { dryingAt } from '../climate/cure-scale.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { Find, Repair } from '../model/find.ts';
import type { Role } from '../model/job.ts';
import { isTank, onGroup, onMetal, onPlastic } from '../rules/groups.ts';

/** mm; deeper than this a dent is pulled before it is filled, and deeper than the second it is not filled at all. Common practice, no source. */
const FILL = 3;
const FILL_MOST = 6;
/** Share of the thickness that must be left under corrosion; model assumption. */
const LEFT = 2 / 3;
/** min of hands for a find, and for a m² of it; model assumption. */
const HAND: Readonly<Record<Find['kind'], readonly [start: number, perSquareMetre: number]>> = {
  dent: [20, 120],
  hole: [60, 400],
  pits: [10, 60],
  crack: [45, 200],
  'old-filler': [20, 120],
  'bad-weld': [40, 200],
  corrosion: [30, 150],
  'thin-spot': [15, 0],
  blisters: [30, 150],
};
const USUAL_AREA = 0.01;
/** min at 20 °C: a bond by its label, and before it is sanded under load. Common practice, no source. */
const BOND = { label: 30, 'full-day': 24 * 60 } as const;

interface Way {
  readonly title: string;
  readonly detail: string;
  readonly material: string;
  readonly wait?: number;
}

/** What to do about a find on this material; where it carries load, or flies, or holds fuel, only who decides. Common practice, no source. */
export function repairOf(zone: ZoneFacts, find: Find): Repair {
  const stop = stopFor(zone, find);
  const none = { find: find.id, material: '', hand: 0, wait: 0, stop };
  const name = FIND_NAMES[find.kind].toLowerCase();
  if (stop !== null) return { ...none, title: `Stop: ${name} is not for the shop`, detail: stop };
  if (!repairedHere(zone, find))
    return find.disposition === 'cosmetic'
      ? { ...none, title: `Leave the ${name}`, detail: 'It only shows; written down and left.' }
      : { ...none, title: `Released: ${name}`, detail: find.released?.note || 'Repaired elsewhere and released.' };
  const way = wayOf(zone, find);
  const [start, perSquareMetre] = HAND[find.kind];
  return {
    ...none,
    title: way.title,
    detail: way.detail,
    material: way.material,
    hand: start + perSquareMetre * (find.area ?? USUAL_AREA),
    wait: (way.wait ?? 0) * curing(zone),
  };
}

export const FIND_NAMES: Readonly<Record<Find['kind'], string>> = {
  dent: 'Dent',
  hole: 'Hole',
  pits: 'Pits',
  crack: 'Crack',
  'old-filler': 'Old filler',
  'bad-weld': 'Poor weld',
  corrosion: 'Corrosion',
  'thin-spot': 'Thin spot',
  blisters: 'Blisters',
};

/** Damage that takes strength away, as against looks. */
const WEAKENS: readonly Find['kind'][] = ['hole', 'crack', 'bad-weld', 'corrosion', 'thin-spot'];
/** Parts on which somebody's life hangs: no tick box is asked. Common practice, no source. */
const BEARS: Partial<Readonly<Record<Role, string>>> = {
  wheel: 'A wheel',
  frame: 'A fork or frame',
  tank: 'A tank',
  pressure: 'A pressure part',
  lifting: 'Lifting gear',
  spring: 'A spring',
};
/** Damage that stops a part of unknown purpose, from this thickness on, mm; sheet below it is taken for a panel. Model assumption. */
const UNSAID: readonly Find['kind'][] = ['crack', 'hole', 'bad-weld'];
const THICK = 1.5;
/** mm; a pit in a bearing part that is deeper is looked at like a crack. Model assumption. */
const DEEP_PIT = 0.5;

/** Thin sheet and thin glass fibre are skins; carbon is laid up to carry, however thin. Model assumption. */
const mayBear = (zone: ZoneFacts): boolean =>
  zone.substrate.id === 'carbon-epoxy' || ((onMetal(zone) || onGroup(zone, 'composite')) && zone.part.thickness >= THICK);

/** Who has to look at a find before anything is done about it, in a sentence; null where the shop may. */
export function stopFor(zone: ZoneFacts, find: Find): string | null {
  const { kind, loaded, depth, disposition, released } = find;
  if (released) return null;
  if (disposition === 'licensed') return 'Given to somebody licensed: nothing goes on here before the release.';
  if (disposition === 'sent-out') return 'Goes out for repair: nothing goes on here before it is back and released.';
  const pitted = kind === 'pits' && (depth ?? 0) > DEEP_PIT;
  if (!WEAKENS.includes(kind) && !pitted) return null;
  if (zone.job.item.kind === 'aircraft')
    return 'On an aircraft this is for licensed people under the maintenance data: mark it, photograph it, touch nothing.';
  if (isTank(zone)) return 'A tank is purged and repaired by somebody qualified for it: vapour stays inside for long.';
  const bears = BEARS[zone.part.role];
  if (bears) return `${bears} carries people, load or pressure: whoever may certify the repair looks at it first.`;
  if (zone.part.role === 'not-said' && UNSAID.includes(kind) && mayBear(zone))
    return 'Nobody has said what this part is. Until it is entered at intake, a crack, hole or poor weld in material of this thickness is looked at like one in a bearing part.';
  if (loaded) return 'It carries load or pressure: whoever may certify the repair looks at it first.';
  if (kind === 'corrosion' && depth !== null && zone.part.thickness - depth < LEFT * zone.part.thickness)
    return `${(zone.part.thickness - depth).toFixed(1)} of ${zone.part.thickness} mm are left, less than two thirds: cut out, by somebody who may.`;
  return null;
}

/** A hole that is ticked and not entered as damage yet, taken for one that was known at intake. */
export function perforation({ zone }: ZoneFacts): Find | null {
  if (!zone.condition.perforated || zone.finds.some(({ kind }) => kind === 'hole' || kind === 'corrosion')) return null;
  return {
    id: '',
    kind: 'hole',
    known: 'at-intake',
    spot: null,
    where: '',
    area: null,
    depth: null,
    loaded: false,
    disposition: null,
    released: null,
  };
}

/** Whether the shop itself repairs a find: neither left as it is, nor stopped, nor done by whoever has released it. */
export const repairedHere = (zone: ZoneFacts, find: Find): boolean =>
  stopFor(zone, find) === null &&
  find.disposition !== 'cosmetic' &&
  !(find.released && (find.disposition === 'licensed' || find.disposition === 'sent-out'));

function wayOf(zone: ZoneFacts, find: Find): Way {
  if (onPlastic(zone)) return onPlasticPart(zone, find);
  if (onGroup(zone, 'composite')) return onLaminate(zone, find);
  return onMetal(zone)
    ? onMetalPart(zone, find)
    : {
        title: `${FIND_NAMES[find.kind]}: let in a piece`,
        detail: 'Sound wood glued in with the grain, planed flush.',
        material: 'wood, epoxy',
        wait: BOND['full-day'],
      };
}

function onMetalPart(zone: ZoneFacts, { kind, depth }: Find): Way {
  const light = onGroup(zone, 'light', 'zinc');
  switch (kind) {
    case 'dent':
      if ((depth ?? 0) > FILL_MOST)
        return {
          title: 'Pull the dent',
          detail: `More than ${FILL_MOST} mm is not filled: pull or tap it out to under ${FILL} mm, then fill. No holes drilled to pull by.`,
          material: 'filler',
        };
      return {
        title: 'Fill the dent',
        detail: (depth ?? 0) > FILL ? `Tap it out to under ${FILL} mm, then fill.` : 'Feather the edge, fill, block.',
        material: 'filler',
      };
    case 'hole':
      return light
        ? {
            title: 'Close the hole',
            detail: 'Welded by somebody who welds light alloy, or a patch bonded from behind; filler carries nothing.',
            material: 'weld, or patch and structural adhesive',
            wait: bondWait(zone),
          }
        : {
            title: 'Weld the hole shut',
            detail: 'Chamfer, clean bright, weld low heat in short runs, dress flush, then fill: filler alone drops out.',
            material: 'weld, filler',
          };
    case 'pits':
      return {
        title: 'Clean the pits out',
        detail: light
          ? 'Nylon brush and conditioner for the alloy, rinse, dry.'
          : 'Acid into the pits, brush, rinse, dry; what stays black is dry-blasted on the spot.',
        material: light ? 'alloy conditioner' : 'phosphoric acid',
      };
    case 'crack':
      return {
        title: 'Stop and weld the crack',
        detail: 'Find its ends, drill them, open it to a V, weld, dress; look again after priming.',
        material: 'weld',
      };
    case 'old-filler':
      return {
        title: 'Knock the old filler out',
        detail: 'To bright metal; look for holes drilled under it and weld them, then fill anew.',
        material: 'filler',
      };
    case 'bad-weld':
      return { title: 'Grind out and weld again', detail: 'To sound metal, weld, dress; no filler into a pore.', material: 'weld' };
    case 'corrosion':
      return {
        title: 'Open the corrosion up',
        detail: 'To bright metal, measure what is left, treat, epoxy at once.',
        material: light ? 'alloy conditioner, epoxy' : 'phosphoric acid, epoxy',
      };
    case 'thin-spot':
      return { title: 'Measure and leave it', detail: 'No more grinding here; finer paper by hand, note the thickness.', material: '' };
    case 'blisters':
      return {
        title: 'Open the blisters',
        detail: 'To bright metal all round; what stood under them is washed out and dried.',
        material: light ? 'alloy conditioner' : 'phosphoric acid',
      };
  }
}

function onPlasticPart(zone: ZoneFacts, { kind }: Find): Way {
  if (kind === 'crack' || kind === 'hole')
    return {
      title: 'Bond from the back',
      detail: 'Tape the face to shape, key and clean the back, bond with mesh, leave it, sand the face P320.',
      material: 'plastic repair adhesive, mesh',
      wait: bondWait(zone),
    };
  return {
    title: 'Smooth with flexible filler',
    detail: 'Plastic filler only, thin; P180, P320; promoter before it on an olefin.',
    material: 'flexible filler',
    wait: BOND.label,
  };
}

function onLaminate(zone: ZoneFacts, { kind }: Find): Way {
  if (kind === 'crack' || kind === 'hole' || kind === 'thin-spot')
    return {
      title: 'Scarf and laminate',
      detail: 'Grind back twelve times as wide as it is deep, dry, laminate with epoxy, fair.',
      material: 'glass cloth, epoxy',
      wait: BOND['full-day'],
    };
  if (kind === 'blisters')
    return {
      title: 'Open the blisters and let them dry',
      detail: 'Ground out to sound laminate, washed with hot water until nothing weeps, dried for weeks by the meter, filled with epoxy.',
      material: 'epoxy filler',
      wait: BOND['full-day'],
    };
  return {
    title: 'Fill and fair',
    detail: 'Open it, dry, epoxy filler; fairing never strengthens a skin.',
    material: 'epoxy filler',
    wait: bondWait(zone),
  };
}

/** A bond is never planned sooner than its label; cold lengthens it. Model assumption. */
const curing = (zone: ZoneFacts): number => Math.max(1, dryingAt(zone.place));

const bondWait = ({ shop }: ZoneFacts): number => BOND[shop.schools.P4 === 'label' ? 'label' : 'full-day'];

/** Finds that leave a low spot once they are put right, so that they are filled. */
export const FILL_FINDS: readonly Find['kind'][] = ['dent', 'hole', 'crack', 'old-filler', 'bad-weld'];
