import type { RunStep } from '../model/plan.ts';
import { bareSteps } from './bare-steps.ts';
import { buildSteps } from './build-steps.ts';
import { fillSteps } from './fill-steps.ts';
import { finishSteps } from './finish-steps.ts';
import type { PlannedZone } from './planned-zone.ts';
import { repairSteps } from './repair-steps.ts';
import { setUpSteps } from './set-up-steps.ts';
import { stationSteps } from './station-steps.ts';
import { stripSteps } from './strip-steps.ts';

/** All steps of the job in working order. Empty while there is nothing to work on. */
export function runSheet(zones: readonly PlannedZone[]): RunStep[] {
  const planned = zones.filter(({ plan }) => plan.area > 0 && plan.chosen !== null);
  if (planned.length === 0) return [];
  return [
    ...setUpSteps(planned),
    ...stationSteps(planned),
    ...planned.flatMap(stripSteps),
    ...bareSteps(planned),
    ...planned.flatMap(repairSteps),
    ...planned.flatMap(fillSteps),
    ...buildSteps(planned),
    ...finishSteps(planned),
  ].map((step, i) => ({ number: i + 1, ...step }));
}
