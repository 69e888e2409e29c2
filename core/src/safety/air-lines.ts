import type { AirLine } from '../model/safety-sheet.ts';
import { groupBy } from '../units/group-by.ts';
import { numberRuns } from '../units/number-runs.ts';
import { firePpm } from './air.ts';
import type { AirSum } from './air-sum.ts';

const SEVERITY: readonly AirSum['verdict'][] = ['outdoors', 'enough', 'mask', 'unknown', 'breathing', 'fire'];

/** Each vapour once, at the step that is worst for it, with all the steps that give it off. */
export const airLines = (all: readonly AirSum[]): AirLine[] => [...groupBy(all, ({ vapour }) => vapour.id).values()].map((sums) => lineOf(sums));

const fanOf = ({ fire, masked }: AirSum): number => Math.max(fire, masked);

function lineOf(sums: readonly AirSum[]): AirLine {
  const worst = sums.reduce((a, b) => (rank(b) > rank(a) || (rank(b) === rank(a) && fanOf(b) > fanOf(a)) ? b : a));
  const { vapour, rate, ppm, worn, bare, verdict } = worst;
  return {
    vapour: vapour.name,
    steps: numberRuns(sums.map(({ operation }) => operation.number)),
    rate,
    limit: vapour.limit.value,
    limitSource: vapour.limit.basis.source,
    fireLimit: firePpm(vapour),
    ppm,
    fan: fanOf(worst),
    bareFan: bare,
    worn,
    verdict,
  };
}

const rank = ({ verdict }: AirSum): number => SEVERITY.indexOf(verdict);
