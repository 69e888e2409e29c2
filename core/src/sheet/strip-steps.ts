import { BREAK_RATE } from '../chemical/strip-plan.ts';
import type { Method } from '../catalogue/methods.ts';
import type { MethodOption } from '../model/plan.ts';
import { protectionFor, SAND_PROTECTION } from '../safety/protection.ts';
import { lowerFirst } from '../units/casing.ts';
import { formatMinutes } from '../units/format-quantity.ts';
import { countNames } from './count-names.ts';
import { draftStep, placeName, type DraftStep } from './draft-step.ts';
import type { PlannedZone } from './planned-zone.ts';

/** Requirements that belong to the strip itself and not to the set-up. */
const AT_STRIP = [
  'clear-break-first',
  'slow-gel-cover',
  'comp-stop-at-fibre',
  'acid-neutral',
  'soda-rinse',
  'light-brass-rinse',
  'lead-collect',
  'antifoul-contained',
  'heavy-support',
];

/** The way off of one zone, as steps with their dwell. */
export function stripSteps({ facts, plan, wayOff }: PlannedZone): DraftStep[] {
  const { chosen } = plan;
  if (!chosen || !wayOff || wayOff.family === 'keep') return [];
  const common = {
    stage: 'strip' as const,
    where: [placeName(plan.partName, plan.zoneName)],
    protection: protectionFor(wayOff, facts),
    cautions: cautionsOf(chosen),
  };
  if (wayOff.family === 'chem') return chemicalSteps(common, wayOff, chosen, facts.area);
  if (wayOff.family === 'blast') return [blastStep(common, wayOff, chosen)];
  return [
    draftStep({
      ...common,
      title: wayOff.name,
      detail: `${wayOff.how} Leaves ${wayOff.leaves}.`,
      hand: chosen.hand,
      hold: stripHold(facts.substrate.id),
    }),
  ];
}

type Common = Pick<DraftStep, 'stage' | 'where' | 'protection' | 'cautions'>;

function chemicalSteps(common: Common, { stripper }: Extract<Method, { family: 'chem' }>, chosen: MethodOption, area: number): DraftStep[] {
  const plan = chosen.strip;
  if (!plan) return [];
  const breaking = plan.broken ? (60 * area) / BREAK_RATE : 0;
  const perRound = (chosen.hand - breaking) / plan.rounds.length;
  const last = plan.rounds.length - 1;
  const rounds = plan.rounds.map(({ dwell, lifts, depth }, i) =>
    draftStep({
      ...common,
      cautions: i === 0 ? common.cautions : ['Cautions as in round 1.'],
      title: `${stripper.name}, round ${i + 1} of ${plan.rounds.length}`,
      detail: `Lay on ${stripper.wetFilm.value} mm in one direction${stripper.underFilm ? ', cover with film' : ''}; ${lifts.length > 0 ? `lifts ${countNames(lifts)}` : `softens about ${Math.round(depth)} µm`}. Scrape with the softest tool that works; ${i === last ? 'rinse' : stripper.betweenRounds === 'rinse-and-dry' ? 'rinse, dry and start afresh' : 'lay on again straight away'}.`,
      hand: perRound,
      wait: dwell.likely,
      notBefore: `first check at ${formatMinutes(dwell.first)}`,
      notAfter: `scrape by ${formatMinutes(Math.min(dwell.late, plan.workingLife))}, dries at ${formatMinutes(plan.workingLife)}`,
      hold: i === last ? 'No colour left in corners and laps.' : null,
    }),
  );
  if (!plan.broken) return rounds;
  const rule = chosen.findings.find(({ code }) => code === 'clear-break-first');
  return [
    draftStep({ ...common, title: rule?.title ?? '', detail: rule?.reason ?? '', hand: breaking, protection: [...SAND_PROTECTION], cautions: [] }),
    ...rounds,
  ];
}

function blastStep(common: Common, method: Extract<Method, { family: 'blast' }>, chosen: MethodOption): DraftStep {
  const pressure = `${chosen.pressure?.toFixed(1)} bar at most`;
  return draftStep({
    ...common,
    title: chosen.sentOut ? `Send out: ${lowerFirst(method.name)}` : method.name,
    detail: chosen.sentOut
      ? `In writing: medium, ${pressure}, what must not be hit, plugs and masking, ready date. Prime the day it returns.`
      : `${pressure}, edges first, always moving. Leaves ${method.leaves}.`,
    hand: chosen.hand,
    wait: chosen.wait,
    protection: chosen.sentOut ? [] : common.protection,
    hold: 'Grade agreed is reached all over; nothing warped.',
  });
}

const cautionsOf = ({ findings }: MethodOption): string[] =>
  findings
    .filter(
      ({ severity, code }) =>
        severity === 'caution' || severity === 'rule-out' || (severity === 'require' && AT_STRIP.includes(code) && code !== 'clear-break-first'),
    )
    .map(({ title, reason, severity }) => (severity === 'rule-out' ? `Against the rules. ${title}: ${reason}` : `${title}: ${reason}`));

const stripHold = (substrate: string): string =>
  substrate === 'cast-iron' ? 'No loose colour; specks below the casting texture may stay if they survive tape.' : 'No colour left in corners.';
