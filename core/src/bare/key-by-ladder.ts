import type { AbradePlan, LadderStep } from '../model/abrade-plan.ts';
import type { BarePlan, BareStep } from '../model/bare.ts';
import { lowerFirst } from '../units/casing.ts';

/** min to fetch tool and paper; model assumption. */
const START = 3;

/** P grits as the chain names them, to be replaced by those of the ladder. */
const GRITS_NAMED = /P\d+( to P\d+)?( or with a non-woven pad)?/;

/** The key of the bare surface in the grits of the ladder, with its time. */
export function keyByLadder(bare: BarePlan, abrade: AbradePlan | null): BarePlan {
  if (!abrade) return bare;
  return { ...bare, steps: bare.steps.map((step) => (step.code === 'key' || step.code === 'wash-key' ? laddered(step, abrade) : step)) };
}

function laddered(step: BareStep, { removes, steps }: AbradePlan): BareStep {
  const key = removes && steps.length > 1 ? steps.slice(1) : steps;
  const done = removes && steps.length === 1;
  const how = done ? 'The way off leaves this key: go over what is still bright' : key.map(sayStep).join('; ');
  const sanding = done ? 0 : key.reduce((sum, { hand }) => sum + hand, 0);
  return {
    ...step,
    title: step.title.replace(GRITS_NAMED, key.map(({ grit }) => grit).join(', ')),
    detail: `${how}. ${step.detail}`,
    hand: step.code === 'key' ? START + sanding : Math.max(step.hand, sanding),
  };
}

const sayStep = ({ grit, tool, passes, wet }: LadderStep, i: number): string =>
  `${grit} ${i === 0 ? `with ${lowerFirst(tool)}, ` : ''}${passes} crossings${wet ? ', wet' : ''}`;
