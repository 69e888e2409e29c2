import type { Job } from '../model/job.ts';
import type { Run } from './fold-run.ts';

/** Under this name the second check is written down. */
export const SECOND_TORQUE = 'second-torque';

/** Whether wheels went back on; their bolts are checked again after 50 to 100 km. Common practice, no source. */
const hasWheels = ({ parts }: Job): boolean => parts.some(({ role, features }) => role === 'wheel' || features.includes('tyre'));

/** Of an item that was handed over: whether the wheel bolts still are to be checked a second time; null: there are no wheels, or it is still here. */
export function secondTorque(job: Job, run: Run): 'open' | 'done' | null {
  if (run.handedOver === null || !hasWheels(job)) return null;
  return run.holds.get(SECOND_TORQUE)?.some(({ met }) => met) === true ? 'done' : 'open';
}
