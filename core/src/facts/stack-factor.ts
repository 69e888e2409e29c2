import type { ZoneFacts } from './zone-facts.ts';
import type { Condition } from '../model/job.ts';

const REFERENCE_FILM = 100;
/** µm of enamel that rust of a grade is worth to a tool that removes it; model assumption. */
const RUST_FILM: Readonly<Record<Condition['rustGrade'], number>> = { none: 0, A: 20, B: 40, C: 80, D: 120 };
/** A surface is never crossed faster than this many times the reference; model assumption. */
const FASTEST = 4;

/** Speed of abrasive removal against 100 µm of enamel: films count by thickness and hardness, rust when the tool takes it. */
export function stackFactor(zone: ZoneFacts, removesRust: boolean): number {
  const films = zone.off.reduce((sum, { layer, coating }) => sum + layer.thickness / coating.abrasion.value, 0);
  const rust = removesRust ? RUST_FILM[zone.zone.condition.rustGrade] : 0;
  return Math.min(FASTEST, REFERENCE_FILM / Math.max(films + rust, 1));
}
