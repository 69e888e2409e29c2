import type { Method } from '../catalogue/methods.ts';
import type { Medium } from '../catalogue/media.ts';
import { nozzleOf } from '../catalogue/nozzles.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { AirPlant } from '../model/air-plant.ts';
import type { BlastPlan } from '../model/blast-plan.ts';
import { AS_WORKED_OUT, type BlastGrade, type BlastSetting } from '../model/blast-setting.ts';
import { onGroup, onMetal } from '../rules/groups.ts';
import { ACCESS_SPEED } from '../facts/access-speed.ts';
import { stackFactor } from '../facts/stack-factor.ts';
import { freeAirThrough } from './air-flow.ts';
import { panelBow, plateModulus } from './bow.ts';
import { bestAir, meanSpeed, type PressureSpan } from './choose-air.ts';
import { jetWidth, type Jet } from './jet.ts';
import { blastLimit, highestPressure, within, type BlastLimit } from './limits.ts';
import { airPoint, nozzlesOf, type AirPoint, type OwnNozzle } from './nozzle-choices.ts';
import { abrasiveFlow, blastRate, fullPressure, profileAt, SUCTION } from './production.ts';

export type BlastMethod = Extract<Method, { family: 'blast' }>;
/** The shop's pot, its cabinet, or a contractor. */
export type BlastPlace = string;

/** m; usual nozzle distance where the material sets none. */
const USUAL_DISTANCE = 0.3;
/** °; usual angle where the material sets none. */
const USUAL_ANGLE = 60;
/** m; width of sheet between two stiffened lines where it is not measured. Model assumption. */
const USUAL_SPAN = 0.3;

export const settingOf = ({ zone }: ZoneFacts): BlastSetting => zone.blast ?? AS_WORKED_OUT;

/** How a zone is blasted at a place: the setting of the zone where there is one, else what material, medium and compressor allow. */
export function planBlast(zone: ZoneFacts, method: BlastMethod, at: BlastPlace, setting = settingOf(zone)): BlastPlan {
  const { medium } = method;
  const limit = blastLimit(zone, medium);
  const held = { distance: setting.distance ?? within(USUAL_DISTANCE, limit.distance), angle: setting.angle ?? within(USUAL_ANGLE, limit.angle) };
  const away = at !== 'blast-pot' && at !== 'blast-cabinet';
  const gun = at === 'blast-cabinet' ? 'cabinet' : setting.gun;
  const grade = gradeOf(zone, method, setting);
  const suction = gun === 'pot' ? 1 : SUCTION;
  const factor = stackFactor(zone, method.traits.includes('removes-rust')) * ACCESS_SPEED[zone.zone.access] * suction;
  const rate = (bore: number, pressure: number): number => blastRate(medium, bore, { ...held, pressure }, factor, grade);
  const air = away ? null : airFor(zone, setting, spanOf(limit, medium));
  const pressure = air?.pressure ?? setting.pressure ?? highestPressure(limit, medium);
  const bore = air?.nozzle.now ?? null;
  const [speed, flow] = bore === null ? [0, 0] : [rate(bore, pressure), suction * abrasiveFlow(medium, bore, pressure)];
  const jetMinutes = speed > 0 ? (60 * zone.area) / speed : 0;
  const jet: Jet = { ...held, pressure };
  return {
    medium: method.ref,
    nozzle: air?.nozzle.id ?? null,
    bore,
    gun,
    pressure,
    ...airFigures(air, zone.shop.air),
    flow,
    used: ((jetMinutes / 60) * flow) / medium.uses.value,
    rate: speed,
    hand: jetMinutes,
    wait: air && air.duty > 0 ? jetMinutes * (1 / air.duty - 1) : 0,
    grade,
    profile: onMetal(zone) ? profileAt(medium, pressure) : 0,
    ...held,
    jet: jetWidth(bore ?? nozzleOf('no-6').bore, held.distance),
    bow: bowOf(zone, medium, jet, setting),
    limit: limitOf(limit),
    residue: medium.residue.value,
  };
}

/** Pressures between which a medium is used on a material. */
export const spanOf = (limit: BlastLimit, medium: Medium): PressureSpan => ({
  least: medium.leastPressure.value,
  most: highestPressure(limit, medium),
  full: fullPressure(medium),
});

const limitOf = ({ pressure, distance, angle, reason }: BlastLimit): BlastPlan['limit'] => ({
  pressure,
  distance: [...distance],
  angle: [...angle],
  reason,
});

/** Without a compressor on record a plant for a no. 6 nozzle is reckoned with; the plan says so. */
function airFor(zone: ZoneFacts, setting: BlastSetting, span: PressureSpan): AirPoint {
  const plant = zone.shop.air;
  if (!plant) {
    const nozzle = asNew(setting.nozzle ?? 'no-6');
    return { nozzle, pressure: setting.pressure ?? span.most, set: NaN, demand: NaN, duty: 1, rhythm: null };
  }
  const owned = nozzlesOf(plant);
  const chosen = setting.nozzle && (owned.find(({ id }) => id === setting.nozzle) ?? asNew(setting.nozzle));
  if (setting.pressure !== null) return atPressure(plant, chosen ? [chosen] : owned, setting.pressure, span);
  const best = bestAir(chosen ? only(plant, chosen) : plant, span);
  return best ?? airPoint(plant, chosen ?? (owned[0] as OwnNozzle), span.least);
}

const asNew = (id: OwnNozzle['id']): OwnNozzle => ({ ...nozzleOf(id), now: nozzleOf(id).bore });

const plants = new WeakMap<AirPlant, Map<string, AirPlant>>();
/** The plant as if it had this nozzle alone; the same object for the same question. */
function only(plant: AirPlant, { id, now }: OwnNozzle): AirPlant {
  const made = plants.get(plant) ?? new Map<string, AirPlant>();
  plants.set(plant, made);
  const key = `${id} ${now}`;
  const single = made.get(key) ?? { ...plant, nozzles: [{ size: id, bore: now }] };
  made.set(key, single);
  return single;
}

/** At a pressure set by hand: the largest nozzle that is fed all day, else the smallest. */
function atPressure(plant: AirPlant, nozzles: readonly OwnNozzle[], pressure: number, span: PressureSpan): AirPoint {
  const points = nozzles.map((nozzle) => airPoint(plant, nozzle, pressure));
  const fed = points.filter(({ rhythm }) => rhythm === null);
  return (fed.length > 0 ? fed : points).reduce((best, point) => (meanSpeed(point, span) > meanSpeed(best, span) ? point : best));
}

function airFigures(air: AirPoint | null, plant: AirPlant | null): Pick<BlastPlan, 'set' | 'hoseLoss' | 'demand' | 'supply' | 'duty' | 'rhythm'> {
  if (!air) return { set: null, hoseLoss: null, demand: null, supply: null, duty: 1, rhythm: null };
  const demand = plant ? air.demand : freeAirThrough(air.nozzle.now, air.pressure);
  const [set, hoseLoss] = plant ? [air.set, air.set - air.pressure] : [null, null];
  return { set, hoseLoss, demand, supply: plant?.freeAir ?? null, duty: air.duty, rhythm: air.rhythm && { ...air.rhythm } };
}

/** Steel blasted with what cuts has a grade: near-white unless asked otherwise. Common practice, no source. */
function gradeOf(zone: ZoneFacts, { traits }: BlastMethod, { grade }: BlastSetting): BlastGrade | null {
  if (!onGroup(zone, 'ferrous') || !traits.includes('removes-rust')) return null;
  return grade ?? 'sa-2.5';
}

function bowOf(zone: ZoneFacts, medium: Medium, jet: Jet, { span }: BlastSetting): BlastPlan['bow'] {
  const modulus = plateModulus(zone.substrate);
  if (modulus === null || zone.area <= 0) return null;
  return panelBow(medium, jet, { modulus, thickness: zone.part.thickness, span: span ?? Math.min(USUAL_SPAN, Math.sqrt(zone.area)) });
}
