import type { Grinder } from '../model/shop.ts';
import type { Method } from '../catalogue/methods.ts';
import { cite, fromMemory, practised, type Cited } from '../model/basis.ts';

/** m/s at the rim of a disc: v = π d n. @example rimSpeed(115, 11_000) // 66.2 */
export const rimSpeed = (millimetres: number, turnsAMinute: number): number => (Math.PI * (millimetres / 1000) * turnsAMinute) / 60;

/** Rim speed that a disc is made for, m/s. */
interface Rating {
  readonly surface: Cited<number>;
}
const STANDARD = cite(80, fromMemory('EN 12413 and EN 13743'));

/** Discs that run on the angle grinder. */
const ON_GRINDER: Partial<Record<Method['id'], Rating>> = {
  'mech.grinder-flap': { surface: STANDARD },
  'mech.nonwoven-disc': { surface: STANDARD },
  'mech.bristle-disc': { surface: practised(72) },
  'mech.wire-wheel': { surface: practised(80) },
};

export interface DiscCheck {
  readonly diameter: number;
  readonly speed: number;
  /** turns a minute that a disc of this diameter may make */
  readonly rated: number;
  readonly surface: number;
  readonly allowed: number;
}

/** The shop's grinder against the disc of a method; null where no grinder is used. The figure on the disc itself counts. */
export function discCheck({ id }: Pick<Method, 'id'>, { diameter, speed }: Grinder): DiscCheck | null {
  const rating = ON_GRINDER[id];
  if (!rating) return null;
  const allowed = rating.surface.value;
  return { diameter, speed, allowed, rated: Math.round((allowed * 60_000) / (Math.PI * diameter)), surface: rimSpeed(diameter, speed) };
}

export const tooFast = ({ surface, allowed }: DiscCheck): boolean => !(surface <= allowed);
