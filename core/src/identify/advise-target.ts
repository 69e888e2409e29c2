import { schoolNamed } from '../catalogue/school-words.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { Layer, LetGo, Target } from '../model/job.ts';
import type { CoatingId } from '../model/ids.ts';
import { upperFirst } from '../units/casing.ts';
import { newest } from './check-tests.ts';

export interface TargetAdvice {
  readonly target: Target;
  /** sentences in the order they were weighed, the deciding one last */
  readonly reasons: readonly string[];
  readonly looksAt: readonly string[];
  readonly change: string;
}

/** Coatings that are a ground to build on. */
const GROUNDS: readonly CoatingId[] = ['e-coat', 'epoxy-2k', 'barrier-epoxy', 'surfacer-2k', 'etch-primer', 'zinc-rich'];
const HOLDS = 1;
/** Above all of these a new two-pack coat wrinkles or lets go. */
const WEAK_UNDER_TWO_PACK: readonly CoatingId[] = ['lacquer-1k', 'clear-1k', 'alkyd-enamel', 'varnish'];
/** Causes that leave nothing of a stack to build on. */
const SPOILED: Partial<Readonly<Record<LetGo, string>>> = {
  bent: 'The metal bends past the film: whatever stays cracks again.',
  sun: 'Sun has gone through the coat: crazed layers are spoiled through.',
  soaked: 'What has soaked in is in every layer.',
  'wrong-neighbour': 'A film lay on one that it does not hold on: neither is a ground.',
};
const LOOKS_AT = ['crosscut and failure plane', 'state and origin of layers', 'rust', 'topcoat', schoolNamed('S1')];

/**
 * Keep, down to a sound layer, or bare: failing layers and all above them come off, a sound factory primer stays.
 * Common practice, no source.
 */
export function adviseTarget(zone: ZoneFacts): TargetAdvice | null {
  const { stack, condition } = zone.zone;
  if (stack.length === 0) return null;
  const bare = (why: string): TargetAdvice => ({
    target: { kind: 'bare' },
    reasons: [why],
    looksAt: LOOKS_AT,
    change: 'Sound layers on rust-free metal, proved by a crosscut.',
  });
  if (zone.shop.schools.S1 === 'always-bare') return bare(`The shop always goes bare (${schoolNamed('S1')}).`);
  if (condition.rustGrade === 'C' || condition.rustGrade === 'D' || condition.perforated) return bare('Rust works on under any coat that stays.');
  const spoiled = condition.letGo && SPOILED[condition.letGo];
  if (spoiled) return bare(spoiled);
  const weakest = lowestFailing(stack, zone);
  const failed = condition.crosscut !== null && condition.crosscut > HOLDS;
  if (weakest === null && !failed) return sound(zone);
  if (weakest === null) return bare('The crosscut fails, and nobody wrote down between which layers: trust none.');
  const below = stack.slice(0, weakest);
  // Colour is no ground: what is built on is the topmost primer or surfacer that still holds.
  const name = (layer: Layer | undefined) =>
    layer &&
    zone.off
      .concat(zone.kept)
      .find((fact) => fact.layer === layer)
      ?.coating.name.toLowerCase();
  const reason = `${upperFirst(name(stack[weakest]) ?? '')} fails, so it and everything above it come off.`;
  const stop = below.findLast(({ coating }) => GROUNDS.includes(coating));
  if (!stop) return bare(reason);
  return {
    target: { kind: 'down-to', layer: stop.id },
    reasons: [reason, `${upperFirst(name(stop) ?? '')} below it is sound and a ground to build on.`],
    looksAt: LOOKS_AT,
    change: 'A crosscut of class 2 or worse below that layer.',
  };
}

function sound(zone: ZoneFacts): TargetAdvice {
  const top = zone.zone.stack.at(-1);
  const { crosscut } = zone.zone.condition;
  if (top && zone.finish?.pack === '2K' && WEAK_UNDER_TWO_PACK.includes(top.coating))
    return {
      target: { kind: 'bare' },
      reasons: ['Two-pack over one-pack lifts it.'],
      looksAt: LOOKS_AT,
      change: 'A one-pack topcoat, or a sealed and fully cured base.',
    };
  if (top?.coating === 'antifoul-thin-film' && zone.finish?.id !== 'antifouling-thin-film')
    return {
      target: { kind: 'bare' },
      reasons: ['Nothing else holds on thin-film antifouling.'],
      looksAt: LOOKS_AT,
      change: 'Thin-film antifouling again, or a new one whose data sheet names it.',
    };
  return {
    target: { kind: 'keep' },
    reasons: [
      crosscut === null
        ? 'All layers look sound; a crosscut has still to prove it.'
        : `All layers are sound and the crosscut reads class ${crosscut}.`,
      'Keyed, it is a better base than a new one, and far less work.',
    ],
    looksAt: LOOKS_AT,
    change: 'A crosscut of class 2 or worse, or a layer that is cracked, flaking or contaminated.',
  };
}

/** Index of the lowest layer that does not hold, by its state or by the failure plane of the newest crosscut. */
function lowestFailing(stack: readonly Layer[], zone: ZoneFacts): number | null {
  const byState = stack.findIndex(({ state }) => state !== 'sound');
  const crosscut = newest(zone.zone.tests).find(({ result }) => result.test === 'crosscut')?.result;
  const plane = crosscut?.test === 'crosscut' && crosscut.class > HOLDS ? crosscut.plane : null;
  const byPlane = plane === null ? -1 : plane === 'substrate' ? 0 : stack.findIndex(({ id }) => id === plane);
  const found = [byState, byPlane].filter((i) => i >= 0);
  return found.length === 0 ? null : Math.min(...found);
}
