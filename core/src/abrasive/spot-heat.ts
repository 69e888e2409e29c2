import type { Substrate, SubstrateGroup } from '../catalogue/substrates.ts';
import type { Method } from '../catalogue/methods.ts';

/** J/(kg K); general materials tables, quoted from memory. */
const SPECIFIC_HEAT: Readonly<Record<SubstrateGroup, number>> = {
  ferrous: 470,
  'ferrous-passive': 500,
  zinc: 470,
  light: 900,
  copper: 380,
  composite: 1100,
  'plastic-amorphous': 1300,
  'plastic-olefin': 1900,
  'plastic-other': 1500,
  wood: 1700,
};

/** W into the face and cm² of contact when a tool is held on one spot; model assumption. */
const TOOL: Partial<Record<Method['id'], readonly [power: number, contact: number]>> = {
  'mech.grinder-flap': [300, 10],
  'mech.nonwoven-disc': [200, 15],
  'mech.wire-wheel': [150, 10],
  'mech.bristle-disc': [80, 20],
  'mech.quick-change': [40, 5],
  'mech.da': [60, 100],
  'mech.da-fine': [60, 100],
};

/**
 * Seconds that a tool may be held on one spot before the material reaches its limit, nothing led away: t = ρ c s A ΔT / P. It is the least time:
 * section and movement carry heat off. Null for hand tools.
 */
export function secondsToHeat(id: Method['id'], { group, density, heatLimit }: Substrate, millimetres: number, ambient: number): number | null {
  const tool = TOOL[id];
  if (!tool) return null;
  const [power, contact] = tool;
  const perSquareMetre = density.value * 1000 * SPECIFIC_HEAT[group] * (millimetres / 1000);
  return (perSquareMetre * (contact / 1e4) * Math.max(0, heatLimit.value - ambient)) / power;
}
