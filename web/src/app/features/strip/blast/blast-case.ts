import {
  AS_WORKED_OUT,
  answersOf,
  checkBlast,
  freeAirThrough,
  blastLimit,
  nozzlesOf,
  panelBow,
  largestBore,
  planBlast,
  pressureForHeldBow,
  plateModulus,
  spanOf,
  type AirPoint,
  type BlastMethod,
  type BlastPlan,
  type BuildPlan,
  type Finding,
  type OwnNozzle,
  type ZoneFacts,
} from '@lift-bare/core';

/** A medium on a zone at a place, with everything that is said about it. */
export interface BlastCase {
  readonly facts: ZoneFacts;
  readonly method: BlastMethod;
  readonly at: string;
  readonly plan: BlastPlan;
  readonly findings: readonly Finding[];
}

export function blastCase(facts: ZoneFacts, method: BlastMethod, at: string, build: BuildPlan | null): BlastCase {
  const plan = planBlast(facts, method, at);
  return { facts, method, at, plan, findings: checkBlast(facts, { plan, method, build }) };
}

/** What one nozzle does on the shop's compressor for this zone. */
export interface NozzleRow {
  readonly nozzle: OwnNozzle;
  /** null: no use at any pressure that strips */
  readonly point: AirPoint | null;
  /** m²/h with the rests counted */
  readonly mean: number;
}

/** Each nozzle between the least that strips and the most that the material stands, held all day where that is possible; empty without a compressor. */
export function nozzleRows({ facts, method, plan }: BlastCase): readonly NozzleRow[] {
  const { air } = facts.shop;
  if (!air) return [];
  return answersOf(air, spanOf(blastLimit(facts, method.medium), method.medium)).map(({ nozzle, allDay, rhythm }) => {
    const point = allDay ?? rhythm;
    if (!point) return { nozzle, point, mean: 0 };
    const set = {
      ...(facts.zone.blast ?? AS_WORKED_OUT),
      nozzle: nozzle.id,
      pressure: point.pressure,
      gun: plan.gun === 'spot' ? plan.gun : ('pot' as const),
    };
    return { nozzle, point, mean: point.duty * planBlast(facts, method, 'blast-pot', set).rate };
  });
}

/** The quickest that is held all day, else the quickest of all; null when none is of use. */
export function bestRow(rows: readonly NozzleRow[]): NozzleRow | null {
  const useful = rows.filter(({ point }) => point !== null);
  const steady = useful.filter(({ point }) => point?.rhythm === null);
  return (steady.length > 0 ? steady : useful).reduce<NozzleRow | null>((best, row) => (best && best.mean >= row.mean ? best : row), null);
}

interface Line {
  readonly name: string;
  readonly nozzle: string | null;
  /** bar and what is drawn over it */
  readonly points: readonly (readonly [pressure: number, value: number])[];
}
const POINTS = 40;
const upTo = (most: number): number[] => Array.from({ length: POINTS + 1 }, (_, i) => (most * i) / POINTS);

/** L/min of each nozzle over pressure. */
export function demandLines({ facts }: BlastCase, most: number): Line[] {
  const { air } = facts.shop;
  if (!air) return [];
  return nozzlesOf(air).map(({ id, now }) => ({
    name: id.replace('no-', 'no. '),
    nozzle: id,
    points: upTo(most).map((pressure) => [pressure, freeAirThrough(now, pressure)] as const),
  }));
}

/** mm of bow over pressure: the free plate, and the panel as far as it is held; null where the material has no modulus. */
export function bowLines({ facts, method, plan }: BlastCase, most: number): Line[] | null {
  const modulus = plateModulus(facts.substrate);
  if (modulus === null || !plan.bow) return null;
  const sheet = { thickness: facts.part.thickness, span: plan.bow.span, modulus };
  const bows = upTo(most).map((pressure) => ({
    pressure,
    bow: panelBow(method.medium, { pressure, distance: plan.distance, angle: plan.angle }, sheet),
  }));
  return [
    { name: 'free plate', nozzle: null, points: bows.map(({ pressure, bow }) => [pressure, bow.free] as const) },
    { name: 'held, at worst', nozzle: null, points: bows.map(({ pressure, bow }) => [pressure, bow.held[1]] as const) },
    { name: 'held, at best', nozzle: null, points: bows.map(({ pressure, bow }) => [pressure, bow.held[0]] as const) },
  ];
}

/** bar at which a held panel bows by a wanted mm at worst; null where it never does below `most`. */
export function pressureForBow({ facts, method, plan }: BlastCase, wanted: number, most: number): number | null {
  const modulus = plateModulus(facts.substrate);
  if (modulus === null || !plan.bow) return null;
  const sheet = { thickness: facts.part.thickness, span: plan.bow.span, modulus };
  return pressureForHeldBow(wanted, method.medium, { distance: plan.distance, angle: plan.angle }, sheet, most);
}

/** mm; the largest bore that the compressor feeds at the pressure of the plan; null without a compressor. */
export const largestFed = ({ facts, plan }: BlastCase): number | null => (facts.shop.air ? largestBore(facts.shop.air.freeAir, plan.pressure) : null);
