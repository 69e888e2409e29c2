import { CATALOGUE } from '../catalogue/catalogue.ts';
import { knockedOut } from '../catalogue/coatings.ts';
import { withOwnRows } from '../catalogue/own-rows.ts';
import { shapeArea } from '../geometry/shape-area.ts';
import type { Job } from '../model/job.ts';
import type { Shape } from '../model/shape.ts';
import { Trap, type CaseChoice } from '../model/practice.ts';
import type { Shop } from '../model/shop.ts';
import { planJob } from '../plan-job.ts';
import { m2 } from '../units/quantities.ts';
import { PRACTICE_CASES } from './cases.ts';
import { drawnCase, fits } from './drawn-case.ts';
import type { PracticeCase } from './practice-case.ts';

/** Chance of each trap on a panel of an own job; model assumption. */
const CHANCE = 0.3;
/** Products that stand ready for an own job. */
const SHELF = 4;
/** m² of an own zone that are practised on: one section, not the whole side. */
const MOST_AREA = 1;

export class NoSuchCaseError extends Error {}

/** The case of a choice. @throws NoSuchCaseError where there is none, or nothing that could be practised on it */
export function caseOf(choice: CaseChoice, seed: number, shop: Shop): PracticeCase {
  if (choice.kind === 'drawn') return drawnCase(seed);
  if (choice.kind === 'own') return ownCase(choice.job, choice.zone, shop);
  const found = PRACTICE_CASES.find(({ id }) => id === choice.id);
  if (!found) throw new NoSuchCaseError(`There is no practice case ${choice.id}.`);
  return found;
}

/** One zone of an own job, as somebody has entered it, up to a square metre of it; on a part as warm as the practice room; whom the job is for is not in it. */
function ownCase(job: Job, zoneId: string, shop: Shop): PracticeCase {
  const part = job.parts.find(({ zones }) => zones.some(({ id }) => id === zoneId));
  const zone = part?.zones.find(({ id }) => id === zoneId);
  if (!part || !zone) throw new NoSuchCaseError('That zone is not in the job any more.');
  const alone: Job = {
    ...job,
    place: { ...job.place, metal: null },
    parts: [{ ...part, metal: null, touching: [], zones: [{ ...zone, choice: null, finds: [], shape: small(zone.shape) }] }],
    pins: [],
    progress: [],
    orders: [],
    notes: '',
  };
  if (zone.target.kind === 'keep' || zone.stack.length === 0) throw new NoSuchCaseError(`${part.name}, ${zone.name}: nothing comes off here.`);
  const shelf = shelfFor(alone, shop);
  if (shelf.length === 0) throw new NoSuchCaseError(`${part.name}, ${zone.name}: no stripper works here, so there is nothing to practise.`);
  const salted = zone.condition.contamination.includes('salt');
  return {
    id: `own-${zoneId}`,
    title: `${part.name}, ${zone.name}`,
    told: `${job.name}: ${part.name}, ${zone.name}, as it is entered.`,
    shelf,
    hides: Object.fromEntries(
      Trap.options.filter((trap) => fits(trap, part.substrate, salted)).map((trap) => [trap, CHANCE]),
    ) as PracticeCase['hides'],
    job: alone,
  };
}

const small = (shape: Shape): Shape => ({ kind: 'entered', area: m2(Math.min(MOST_AREA, shapeArea(shape) ?? MOST_AREA)) });

/** What softens the top, the best of the plan first, and something that the rules forbid among it where there is such a thing. */
function shelfFor(job: Job, shop: Shop): string[] {
  const [plan] = planJob(job, shop, CATALOGUE).zones;
  const [zone] = job.parts[0]?.zones ?? [];
  const { methods, coatings } = withOwnRows(CATALOGUE, shop.ownRows);
  if (!plan || !zone || zone.stack.some(({ coating }) => knockedOut(coatings[coating]))) return [];
  const poured = plan.options.filter(({ method }) => {
    const row = methods[method];
    return row?.family === 'chem' && row.stripper.form !== 'bath';
  });
  const may = poured.filter(({ verdict, strip }) => verdict !== 'ruled-out' && strip !== null).map(({ method }) => method);
  const lure = poured.find(({ findings }) => findings.some(({ severity, code }) => severity === 'rule-out' && code !== 'chem-no-bite'))?.method;
  return may.length === 0 ? [] : [...may.slice(0, SHELF - 1), ...(lure === undefined ? [] : [lure])];
}
