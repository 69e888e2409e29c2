import { TOOLS } from '../catalogue/tools.ts';
import { HAZARDS } from '../catalogue/hazards.ts';
import { sayFor } from '../facts/say-for.ts';
import type { Finding } from '../model/finding.ts';
import { Guard, Raised } from '../model/operation.ts';
import type { Equipment } from '../model/shop.ts';
import type { FaceInput } from '../sequence/face-input.ts';
import type { Walked } from '../sequence/walk.ts';
import { lowerFirst } from '../units/casing.ts';

/** Work of a face that must not begin because the shop has not what alone holds what it raises: a stop for each kind of kit. */
export function missingKit({ facts }: FaceInput, steps: readonly Walked[], raises: ReadonlyMap<string, readonly Raised[]>): Finding[] {
  const missing = new Map<Equipment, Set<string>>();
  for (const { id, task } of steps)
    for (const needs of (raises.get(id) ?? []).flatMap((raised) => KIT.get(raised) ?? []))
      if (!facts.shop.equipment.includes(needs))
        missing.set(needs, (missing.get(needs) ?? new Set()).add(lowerFirst(task.coat?.plan.name ?? task.title)));
  return [...missing].map(([kit, work]) =>
    sayFor(facts, 'stop')(
      `no-${kit}`,
      [],
      `${TOOLS[kit].name} missing for ${[...work].join(', ')}`,
      'What it raises goes through every mask with cartridges, and no other kit of the shop holds it.',
      ['what each step raises', 'kit of the shop'],
      'Have the kit and enter it in the shop, have it done by a firm that has it, or choose a product that does not raise it.',
    ),
  );
}

/** By what is raised: the kit that alone holds it. */
const KIT = new Map(
  Raised.options.map(
    (raised) => [raised, Guard.options.flatMap((guard) => (HAZARDS[raised][guard] ?? []).flatMap(({ needs }) => needs ?? []))] as const,
  ),
);
