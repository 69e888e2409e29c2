import { BARE_MEANS, type MeansId } from '../catalogue/bare-means.ts';
import { TREATMENTS, type TreatmentId } from '../catalogue/treatments.ts';
import { cureScale } from '../climate/cure-scale.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { BareStep, HoldPoint } from '../model/bare.ts';

type Code = BareStep['code'];

/** min of hand time per m², with a fixed start; model assumption. */
const HAND: Readonly<Record<Code, number>> = {
  'rust-mechanical': 25,
  'cut-out': 180,
  rinse: 8,
  neutralise: 6,
  'soap-wash': 10,
  'blow-down': 4,
  'acid-treat': 8,
  convert: 8,
  'final-rinse': 6,
  dry: 4,
  'warm-dry': 8,
  'wash-key': 15,
  key: 12,
  'solvent-wipe': 5,
  'final-wash': 5,
  'hold-film': 4,
  'film-off': 10,
  bond: 30,
  flame: 6,
  'water-break': 2,
  'bright-check': 2,
};
const START = 3;

export interface Wording {
  readonly title: string;
  readonly detail: string;
  readonly wait?: number;
  readonly hold?: BareStep['hold'];
  readonly means?: MeansId;
  readonly treatment?: TreatmentId;
}

/** Makes the step of a code for one zone. */
export type Add = (code: Code, wording: Wording) => BareStep;

export const WATER_BREAK: HoldPoint = {
  method: 'water-break test, ASTM F22',
  accept: 'water holds as one film for 30 s',
  unit: 's',
  least: 30,
  most: null,
};
export const PH: HoldPoint = { method: 'pH paper on the wet surface and in laps', accept: 'pH 6 to 8', unit: 'pH', least: 6, most: 8 };

export function toStep(zone: ZoneFacts, code: Code, { title, detail, wait, hold, means, treatment }: Wording): BareStep {
  const row = treatment && TREATMENTS[treatment];
  const dryingFactor = code === 'dry' || code === 'final-wash' || code === 'convert' ? cureScale(zone.job.place.temperature) : 1;
  return {
    code,
    title,
    detail,
    hand: START + zone.area * (row ? row.hand.value : HAND[code]),
    wait: (wait ?? 0) * dryingFactor,
    product:
      row && row.litresPerSquareMetre.value > 0
        ? { id: row.id, name: row.name, litres: zone.area * row.litresPerSquareMetre.value, pricePerLitre: row.pricePerLitre.value }
        : null,
    means: means ? BARE_MEANS[means].value : null,
    hold: hold ?? null,
  };
}
