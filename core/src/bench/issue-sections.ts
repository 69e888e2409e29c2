import type { Stripper } from '../catalogue/strippers.ts';
import { sectionName } from '../chemical/rhythm.ts';
import { dwellSetting, type DwellSetting } from '../chemical/dwell-setting.ts';
import { filmsBetween, referenceOf } from '../chemical/softening-front.ts';
import type { LayerFact, ZoneFacts } from '../facts/zone-facts.ts';
import type { Issued } from '../model/bench.ts';
import type { MethodOption, StripPlan } from '../model/plan.ts';
import type { Observation } from '../model/test-patch.ts';
import { guardsAgainst, WORN } from '../safety/protection.ts';
import { stripperRaises } from '../safety/raised-by.ts';
import type { Method } from '../catalogue/methods.ts';
import { countNames } from '../sheet/count-names.ts';
import { mm, um, degC } from '../units/quantities.ts';

/** The plan of a zone's sections, frozen as it stands, one for each tile of the bench. */
export function issueSections(jobId: string, facts: ZoneFacts, option: MethodOption, method: Extract<Method, { family: 'chem' }>): Issued[] {
  const plan = option.strip;
  if (!plan || !(facts.area > 0)) return [];
  const { stripper } = method;
  const common = {
    job: jobId,
    jobName: facts.job.name,
    zone: facts.zone.id,
    partName: facts.part.name,
    zoneName: facts.zone.name,
    sections: plan.sections,
    area: facts.area / plan.sections,
    stripper: method.ref,
    stripperName: stripper.name,
    ...conditions(facts, plan, stripper),
    rounds: roundsOf(dwellSetting(facts, stripper), plan),
    wear: guardsAgainst(stripperRaises(facts, stripper), facts.shop)
      .filter(({ guard }) => WORN.includes(guard))
      .map(({ says }) => says),
    cautions: option.findings.filter(({ severity }) => severity !== 'prefer').map(({ title, reason }) => `${title}: ${reason}`.slice(0, 600)),
  };
  return Array.from({ length: plan.sections }, (_, i) => ({ ...common, section: sectionName(i) }));
}

const conditions = ({ job, zone }: ZoneFacts, plan: StripPlan, { form }: Stripper) => ({
  rinseEachRound: plan.between === 'rinse-and-dry',
  dries: form !== 'bath',
  laid: mm(plan.laid),
  covered: plan.covered,
  broken: plan.broken,
  brushed: plan.brushed,
  level: zone.orientation === 'up' || plan.film === plan.laid,
  indoors: job.place.indoors,
  temperature: degC(plan.temperature),
  pace: plan.pace,
  life: plan.workingLife,
});

function roundsOf({ off, films }: DwellSetting, { rounds, pace }: StripPlan): Issued['rounds'] {
  let above = 0;
  return rounds.map(({ dwell, depth, lifts }) => {
    const parts = filmsBetween(films, above, (above += depth));
    return {
      effective: { first: dwell.first * pace, likely: dwell.likely * pace, late: dwell.late * pace },
      lifts: countNames(lifts),
      films: parts.map(({ index, film }) => passed(off[index] as LayerFact, film.thickness)),
      times: parts.map(({ film }) => referenceOf(film)),
    };
  });
}

/** A part of a layer, as an observation names it. */
const passed = ({ layer: { coating, state } }: LayerFact, thickness: number): Observation['films'][number] => ({
  coating,
  state,
  thickness: um(thickness),
});
