import { BREAK_RATE } from '../chemical/strip-plan.ts';
import type { Method } from '../catalogue/methods.ts';
import { nozzleOf } from '../catalogue/nozzles.ts';
import type { Stripper } from '../catalogue/strippers.ts';
import type { BlastPlan } from '../model/blast-plan.ts';
import type { MethodOption, StripPlan, WayPiece } from '../model/plan.ts';
import { protectionFor, SAND_PROTECTION } from '../safety/protection.ts';
import { lowerFirst } from '../units/casing.ts';
import { formatMinutes } from '../units/format-quantity.ts';
import { holdText, resultText } from './blast-text.ts';
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
  const [field, ...others] = chosen.pieces;
  const own = { ...chosen, hand: field?.hand ?? 0, wait: ownWait(chosen) };
  const common = {
    stage: 'strip' as const,
    where: [placeName(plan.partName, plan.zoneName)],
    protection: protectionFor(wayOff, facts),
    cautions: cautionsOf(chosen),
  };
  const bulk =
    wayOff.family === 'chem'
      ? chemicalSteps(common, wayOff, own, facts)
      : wayOff.family === 'blast'
        ? [blastStep(common, wayOff, own)]
        : [draftStep({ ...common, title: wayOff.name, detail: `${wayOff.how} Leaves ${wayOff.leaves}.`, hand: own.hand, hold: stripHold(facts) })];
  return [...bulk, ...others.map((piece) => pieceStep(common, piece))];
}

/** min of the zone itself: days away belong to the delivery, which has a step of its own. */
const ownWait = ({ wait, setUps }: MethodOption): number => wait - Math.max(0, ...setUps.map((setUp) => setUp.wait));

const PIECE_TITLE = {
  edges: 'Edges, 25 mm band',
  crevices: 'Crevices and corners',
  remainder: 'What is left',
  rest: 'The layers below',
  field: '',
} as const;
const PIECE_WHY = {
  edges: 'that the bulk method does not reach or must not touch',
  crevices: 'that the bulk method does not reach or must not touch',
  remainder: 'of specks in corners and laps, while still soft',
  rest: 'from the layer down that the stripper does not soften; rinse and dry first',
  field: '',
} as const;

function pieceStep(common: Common, { place, name, area, hand }: WayPiece): DraftStep {
  return draftStep({
    ...common,
    title: `${PIECE_TITLE[place]}: ${lowerFirst(name)}`,
    detail: `${area < 0.095 ? Math.round(area * 1e4) + ' cm²' : area.toFixed(2) + ' m²'} ${PIECE_WHY[place]}.`,
    hand,
    cautions: ['Cautions as before.'],
  });
}

type Common = Pick<DraftStep, 'stage' | 'where' | 'protection' | 'cautions'>;

function chemicalSteps(
  common: Common,
  { stripper }: Extract<Method, { family: 'chem' }>,
  chosen: MethodOption,
  facts: PlannedZone['facts'],
): DraftStep[] {
  const plan = chosen.strip;
  if (!plan) return [];
  const { area } = facts;
  const breaking = plan.broken ? (60 * area) / BREAK_RATE : 0;
  const perRound = (chosen.hand - breaking) / plan.rounds.length;
  const last = plan.rounds.length - 1;
  const rounds = plan.rounds.map(({ dwell, lifts, depth }, i) =>
    draftStep({
      ...common,
      cautions: i === 0 ? common.cautions : ['Cautions as in round 1.'],
      title: `${stripper.name}, round ${i + 1} of ${plan.rounds.length}`,
      detail: `${layOnText(plan, stripper, area)}; ${lifts.length > 0 ? `lifts ${countNames(lifts)}` : `softens about ${Math.round(depth)} µm`}. Scrape with the softest tool that works; ${i === last ? 'rinse' : plan.between === 'rinse-and-dry' ? 'rinse, dry and start afresh' : 'go again straight away'}.`,
      hand: perRound,
      wait: dwell.likely,
      notBefore: `first check at ${formatMinutes(dwell.first)}`,
      notAfter: `scrape by ${formatMinutes(Math.min(dwell.late, plan.workingLife))}, dries at ${formatMinutes(plan.workingLife)}`,
      hold: i === last ? stripHold(facts) : null,
    }),
  );
  if (!plan.broken) return rounds;
  const rule = chosen.findings.find(({ code }) => code === 'clear-break-first');
  return [
    draftStep({ ...common, title: rule?.title ?? '', detail: rule?.reason ?? '', hand: breaking, protection: [...SAND_PROTECTION], cautions: [] }),
    ...rounds,
  ];
}

function layOnText({ covered, sections, film }: StripPlan, { form }: Stripper, area: number): string {
  if (form === 'bath') return 'Lower in on wire, everything wet, nothing trapped';
  const lay = `Lay on ${film < 1 ? film.toFixed(1) : Number(film.toFixed(2))} mm in one direction${covered ? ', cover with film' : ''}`;
  return sections > 1 ? `${lay}, in ${sections} sections of about ${(area / sections).toFixed(2)} m²` : lay;
}

function blastStep(common: Common, method: Extract<Method, { family: 'blast' }>, { blast, sentOut, at, hand, wait }: MethodOption): DraftStep {
  if (!blast) return draftStep({ ...common, title: method.name, detail: method.how });
  const most = `${blast.pressure.toFixed(1)} bar at the nozzle at most`;
  return draftStep({
    ...common,
    title: sentOut ? `At the contractor: ${lowerFirst(method.name)}` : at === 'blast-cabinet' ? `${method.name} in the cabinet` : method.name,
    detail: sentOut
      ? `In writing on the order sheet: medium, ${most}, ${holdText(blast)}, what must not be hit, plugs and masking, ready date. Wanted: ${resultText(blast)}. Prime the day it comes back.`
      : `${most}${nozzleText(blast)}, ${holdText(blast)}. Leaves ${resultText(blast)}. Then: ${blast.residue}.`,
    hand,
    wait,
    protection: sentOut ? [] : common.protection,
    hold: 'Grade agreed is reached all over; nothing warped.',
  });
}

function nozzleText({ nozzle, set, rhythm }: BlastPlan): string {
  if (!nozzle) return '';
  const pot = set === null ? '' : `, ${set.toFixed(1)} at the pot`;
  return `${pot}, ${nozzleOf(nozzle).name}${rhythm ? `, ${rhythm.blast.toFixed(1)} min on and ${rhythm.recover.toFixed(1)} min off` : ''}`;
}

const cautionsOf = ({ findings }: MethodOption): string[] =>
  findings
    .filter(
      ({ severity, code }) =>
        severity === 'caution' || severity === 'rule-out' || (severity === 'require' && AT_STRIP.includes(code) && code !== 'clear-break-first'),
    )
    .map(({ title, reason, severity }) => (severity === 'rule-out' ? `Against the rules. ${title}: ${reason}` : `${title}: ${reason}`));

const stripHold = ({ substrate, shop }: PlannedZone['facts']): string =>
  substrate.id === 'cast-iron' && shop.schools.C4 === 'specks-on-castings'
    ? 'No loose colour; specks below the casting texture may stay if they survive tape.'
    : 'No colour left in corners and laps.';
