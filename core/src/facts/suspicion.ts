import type { CoatingId } from '../model/ids.ts';
import type { Condition, Item } from '../model/job.ts';
import type { LayerFact } from './zone-facts.ts';

/** What a coating is held to contain until a test of that very poison has found none. Years and kinds: common practice, no source. */
interface Suspect {
  readonly item: Item;
  readonly condition: Condition;
  readonly layers: readonly LayerFact[];
}

/** Old paint of these is leaded for longer than that of vehicles and cycles. */
const HEAVY: readonly Item['kind'][] = ['machine', 'boat', 'aircraft'];
const SOLD_WITH_LEAD: readonly Item['kind'][] = [...HEAVY, 'vehicle', 'trailer'];
const LIGHT_BEFORE = 1980;
const CHROMATE_BEFORE = 2000;
const UNDERSEAL_BEFORE = 1990;
const FILLER_BEFORE = 1990;
const ORGANOTIN_BEFORE = 2008;
/** No paint that was ever made with lead pigment. */
const NO_PIGMENT: readonly CoatingId[] = [
  'clear-1k',
  'clear-2k',
  'decal-vinyl',
  'underseal-bitumen',
  'underseal-pvc',
  'body-filler',
  'barrier-epoxy',
];
/** Colours that lead chromate made. */
const LEAD_COLOURS = /\b(yellow|orange|red)\b/i;
const OVER_ALLOY: readonly CoatingId[] = ['etch-primer', 'epoxy-2k'];

/** Whether a year is before another, or not known. */
const before = (year: number | null, limit: number): boolean => year === null || year < limit;
const has = (layers: readonly LayerFact[], ...ids: readonly CoatingId[]): boolean => layers.some(({ coating }) => ids.includes(coating.id));

/** Lead: by kinds of paint and item up to the year of the shop; any paint of old things; yellow, orange and red of unknown age. */
export function mayHoldLead({ item: { year, kind }, condition, layers }: Suspect, shopYear: number): boolean {
  if (condition.lead !== 'not-tested') return condition.lead !== 'lab-clear';
  const painted = layers.filter(({ coating }) => !coating.notPaint && !NO_PIGMENT.includes(coating.id));
  if (before(year, shopYear) && SOLD_WITH_LEAD.includes(kind) && layers.some(({ coating }) => coating.oldLead)) return true;
  if (year === null) return painted.some(({ layer }) => LEAD_COLOURS.test(layer.colour));
  return painted.length > 0 && year < (HEAVY.includes(kind) ? shopYear : LIGHT_BEFORE);
}

/** Hexavalent chromium: on aircraft, in primer over light alloy, in old zinc primer. A laboratory that finds no lead has not looked for it. */
export function mayHoldChromate({ item: { year, kind }, condition, layers }: Suspect, onLightAlloy: boolean): boolean {
  if (condition.chromate !== 'not-tested') return condition.chromate === 'present';
  if (kind === 'aircraft') return layers.some(({ coating }) => coating.oldLead);
  return before(year, CHROMATE_BEFORE) && (has(layers, 'zinc-rich') || (onLightAlloy && has(layers, ...OVER_ALLOY)));
}

/** Asbestos: in friction linings until they are known, in bitumen underseal and old filler. */
export function mayHoldAsbestos({ item: { year }, condition, layers }: Suspect, lining: boolean): boolean {
  if (condition.asbestos !== 'not-tested') return condition.asbestos === 'present';
  return (
    lining ||
    (before(year, UNDERSEAL_BEFORE) && has(layers, 'underseal-bitumen')) ||
    (year !== null && year < FILLER_BEFORE && has(layers, 'body-filler'))
  );
}

/** Coal tar: in what is called bitumen and is old. */
export function mayHoldTar({ item: { year }, condition, layers }: Suspect): boolean {
  if (condition.tar !== 'not-tested') return condition.tar === 'present';
  return before(year, UNDERSEAL_BEFORE) && has(layers, 'underseal-bitumen');
}

/** Organotin: in antifouling that may lie there since before it was banned. */
export function mayHoldOrganotin({ item: { year }, condition, layers }: Suspect): boolean {
  if (condition.organotin !== 'not-tested') return condition.organotin === 'present';
  return before(year, ORGANOTIN_BEFORE) && layers.some(({ coating }) => coating.biocide);
}
