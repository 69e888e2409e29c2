import { mayTouch, withGrit } from '../rules/contact.ts';
import { onGroup } from '../rules/groups.ts';
import { METHODS, type Method } from '../catalogue/methods.ts';
import { handSpeed } from '../facts/access-speed.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { LadderStep } from '../model/abrade-plan.ts';
import type { GritId, MethodId } from '../model/ids.ts';
import type { Rung } from './grit-ladder.ts';
import { MOST_FINER } from './grit-ladder.ts';
import { scratchDepth } from './scratch.ts';
import { usesPaper } from './start-grit.ts';

/** m²/h of one crossing with half overlap: disc or block width and how fast it is fed. Model assumption. */
const CROSSING: Partial<Record<MethodId, number>> = {
  'mech.da': 13.5,
  'mech.da-fine': 13.5,
  'mech.grinder-flap': 16,
  'mech.nonwoven-disc': 16,
  'mech.bristle-disc': 16,
  'mech.wire-wheel': 12,
  'mech.quick-change': 4.5,
};
const BY_HAND = 5;
/** Crossings for each time that the grain gets finer; model assumption. */
const PASSES_A_RATIO = 1.5;
/** Crosswise. */
const KEY_PASSES = 2;

type Sanding = Extract<Method, { family: 'mech' }>;

export const crossingRate = (id: MethodId, { zone }: Pick<ZoneFacts, 'zone'>): number => (CROSSING[id] ?? BY_HAND) * handSpeed(zone);

/** min that one disc or sheet lasts: what it strips against how fast. */
const lifeOf = ({ consumable, rate }: Sanding): number => (consumable ? (60 * consumable.life.value) / rate.value : Infinity);

const DRY: readonly MethodId[] = ['mech.hand-dry', 'mech.hand-wet', 'mech.pad'];
const WET: readonly MethodId[] = ['mech.hand-wet', 'mech.pad'];

/**
 * The tool for a step that only refines: wet by hand where it must be, the sander on open faces where the shop has one, else by hand; on zinc the pad.
 * The first that the rules let touch this face with this paper; null where none may.
 */
export function refiningTool(zone: ZoneFacts, wet: boolean, grit: GritId): Sanding | null {
  const flat = zone.zone.access === 'flat' && zone.shop.equipment.includes('da');
  const usual = wet ? WET : flat ? (['mech.da', ...DRY] as const) : DRY;
  const order = onGroup(zone, 'zinc') ? (['mech.pad', ...usual] as const) : usual;
  for (const id of order) {
    const tool = METHODS[id] as Sanding;
    if (mayTouch(zone, withGrit(tool, grit))) return tool;
  }
  return null;
}

/** Whether anything may key this face at all: by the finest paper of a key. */
export const keyTool = (zone: ZoneFacts): Sanding | null => refiningTool(zone, false, 'P600');

const TOOL_NAME: Partial<Record<MethodId, string>> = { 'mech.da': 'Random-orbital sander', 'mech.da-fine': 'Random-orbital sander' };
export const toolName = ({ id, name }: Sanding): string => TOOL_NAME[id] ?? name;

/** One refining step: crossings, time, sheets. */
export function refine(zone: ZoneFacts, { grit, ratio }: Rung, wet: boolean, why: string): LadderStep {
  const tool = refiningTool(zone, wet, grit) ?? (METHODS['mech.hand-wet'] as Sanding);
  const passes = ratio === null ? KEY_PASSES : Math.ceil(PASSES_A_RATIO * ratio);
  const hand = (60 * zone.area * passes) / crossingRate(tool.id, zone);
  return { ...stepOf(grit, ratio, tool, wet || tool.traits.includes('wet'), why), passes, hand, sheets: Math.ceil(hand / lifeOf(tool)) };
}

/** The step that takes the coating off: as long as the method says, in whole crossings. */
export function remove(zone: ZoneFacts, tool: Sanding, grit: GritId, hand: number): LadderStep {
  const passes = Math.max(1, Math.round((hand / 60) * (crossingRate(tool.id, zone) / Math.max(zone.area, 1e-9))));
  const wet = tool.traits.includes('wet');
  return {
    ...stepOf(grit, null, tool, wet, usesPaper(tool) ? 'takes the coating off' : `takes the coating off; its scratch is like ${grit}`),
    passes,
    hand,
    sheets: Math.ceil(hand / lifeOf(tool)),
  };
}

const stepOf = (grit: GritId, ratio: number | null, tool: Sanding, wet: boolean, why: string) => ({
  grit,
  ratio,
  scratch: scratchDepth(grit),
  tool: toolName(tool),
  wet,
  why,
});

/** Why a rung is there. */
export const whyOf = ({ ratio }: Rung, last: boolean, keyFor: string): string =>
  ratio !== null && ratio > MOST_FINER
    ? `${ratio.toFixed(1)} times finer, more than ${MOST_FINER}: crossed more often`
    : last
      ? `key for ${keyFor}`
      : 'takes out the scratches before it';
