import type { Medium } from '../catalogue/media.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import { onGroup } from '../rules/groups.ts';

const PSI_PER_BAR = 14.503773773;
/** m²/h of 100 µm enamel off steel section, no. 6 nozzle at 100 psig, mineral grit; model assumption. */
const REFERENCE_RATE = 14;
/** Share lost per psi below 100; common practice, no source. */
const PER_PSI = 0.015;
/** Least share left at low pressure; model assumption. */
const LEAST = 0.1;
/** kg/h of mineral abrasive (bulk 1.6) through a no. 6 nozzle at 100 psig: 1152 lb/h, published nozzle tables, quoted from memory. */
const REFERENCE_FLOW = 1152 * 0.45359237;
const REFERENCE_BULK = 1.6;
const ATMOSPHERE = 1.01325;

/** bar gauge: the medium's usual highest, held down by what the substrate stands. */
export function blastPressure(zone: ZoneFacts, medium: Medium): number {
  return Math.min(medium.pressure.value, substrateLimit(zone));
}

/** Limits of common practice, no source: sheet under 1 mm 2.8 bar, to 1.5 mm 3.5; aluminium 2; glass fibre and plastics 2.8. */
function substrateLimit(zone: ZoneFacts): number {
  if (onGroup(zone, 'light')) return 2;
  if (onGroup(zone, 'composite', 'plastic-amorphous', 'plastic-olefin', 'plastic-other', 'zinc')) return 2.8;
  if (onGroup(zone, 'ferrous', 'ferrous-passive', 'copper')) {
    if (zone.part.thickness < 1) return 2.8;
    if (zone.part.thickness < 1.5) return 3.5;
  }
  return Infinity;
}

/** m²/h at a stack factor (1 for 100 µm of enamel). */
export function blastRate(medium: Medium, pressure: number, stackFactor: number): number {
  const lost = PER_PSI * Math.max(0, 100 - pressure * PSI_PER_BAR);
  return REFERENCE_RATE * medium.speed.value * stackFactor * Math.max(LEAST, 1 - lost);
}

/** kg/h through the nozzle; in proportion to absolute pressure and bulk density. */
export function abrasiveFlow(medium: Medium, pressure: number): number {
  const reference = 100 / PSI_PER_BAR + ATMOSPHERE;
  return (REFERENCE_FLOW * (medium.bulkDensity.value / REFERENCE_BULK) * (pressure + ATMOSPHERE)) / reference;
}
