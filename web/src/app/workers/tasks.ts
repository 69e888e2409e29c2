import {
  breakEvens,
  broughtForward,
  CATALOGUE,
  chooseForJob,
  comparePlans,
  debrief,
  forecast,
  gatherFacts,
  kitSavings,
  planJob,
  scheduleOf,
  searchSchedule,
  sideBySide,
  SHOWN,
  waysOut,
  whatWouldOpen,
  withOwnRows,
  type BreakEven,
  type Debrief,
  type Difference,
  type DwellSetting,
  type Finding,
  type Forecast,
  type Job,
  type JobChoice,
  type KitSaving,
  type OfferOption,
  type Opening,
  type PlanBeside,
  type PortfolioProgress,
  type PracticeRun,
  type Round,
  type Schedule,
  type Shop,
  type Sooner,
  type UpAxis,
  tryAnswers,
  type Tried,
  type WayOut,
  type ZoneFacts,
} from '@lift-bare/core';
import { readAndMeasure, type MeshReading } from './mesh-task';

export interface OpenJobDocument {
  readonly name: string;
  readonly document: Job;
}
export interface JobDifferences {
  readonly name: string;
  readonly differences: readonly Difference[];
}

interface OfZone {
  readonly job: Job;
  readonly shop: Shop;
  readonly zoneId: string;
}

/** What heavy work takes, reports and answers. */
export interface TaskMap {
  readonly choose: { input: { readonly job: Job; readonly shop: Shop }; progress: PortfolioProgress; result: JobChoice };
  readonly kit: { input: { readonly job: Job; readonly shop: Shop }; progress: number; result: KitSaving[] };
  readonly breakEven: { input: OfZone; progress: never; result: BreakEven[] };
  readonly openings: { input: OfZone & { readonly method: string }; progress: never; result: Opening[] };
  readonly schedule: {
    input: {
      readonly jobs: readonly { readonly id: string; readonly job: Job }[];
      readonly shop: Shop;
      readonly now: number;
    };
    progress: Schedule;
    result: Schedule;
  };
  readonly forward: {
    input: { readonly id: string; readonly job: Job; readonly shop: Shop; readonly now: number };
    progress: number;
    result: Sooner[];
  };
  readonly waysOut: {
    input: { readonly job: Job; readonly shop: Shop; readonly stop: Pick<Finding, 'code' | 'path' | 'title'> };
    progress: number;
    result: WayOut[];
  };
  readonly answers: { input: { readonly job: Job; readonly shop: Shop; readonly left: ReadonlySet<string> }; progress: number; result: Tried[] };
  readonly sideBySide: {
    input: { readonly job: Job; readonly options: readonly OfferOption[]; readonly shop: Shop; readonly now: number };
    progress: number;
    result: PlanBeside[];
  };
  readonly forecast: {
    input: {
      readonly setting: DwellSetting;
      readonly rounds: readonly Round[];
      readonly terms: { readonly draws: number; readonly seed: number; readonly until: number };
    };
    progress: number;
    result: Forecast;
  };
  readonly mesh: { input: { readonly bytes: Uint8Array; readonly name: string; readonly up: UpAxis }; progress: number; result: MeshReading };
  readonly debrief: { input: { readonly run: PracticeRun; readonly shop: Shop }; progress: never; result: Debrief };
  readonly compare: {
    input: { readonly jobs: readonly OpenJobDocument[]; readonly before: Shop; readonly after: Shop };
    progress: number;
    result: JobDifferences[];
  };
}
export type TaskName = keyof TaskMap;
/** A search that can be held up; `true` sent back asks it to stop and answer with what it has. */
export type Search<T extends TaskName> = Generator<TaskMap[T]['progress'], TaskMap[T]['result'], boolean | undefined>;
type Work<T extends TaskName> = (input: TaskMap[T]['input']) => Search<T> | TaskMap[T]['result'];

export const TASKS: { readonly [T in TaskName]: Work<T> } = {
  choose: ({ job, shop }) => chooseForJob(job, shop, CATALOGUE),
  *schedule({ jobs, shop, now }) {
    const works = jobs.map(({ id, job }) => ({ id, job, operations: planJob(job, shop, CATALOGUE).operations }));
    const search = searchSchedule(works, shop, now, SHOWN);
    let step = search.next();
    let best = step.value;
    let shown = scheduleOf(works, best, now);
    while (!step.done) {
      if (step.value !== best) [best, shown] = [step.value, scheduleOf(works, step.value, now)];
      step = search.next(yield shown);
    }
    return step.value === best ? shown : scheduleOf(works, step.value, now);
  },
  forward: ({ id, job, shop, now }) => broughtForward(id, job, shop, CATALOGUE, now),
  waysOut: ({ job, shop, stop }) => waysOut(job, shop, CATALOGUE, stop),
  sideBySide: ({ job, options, shop, now }) => sideBySide(job, options, shop, CATALOGUE, now),
  answers: ({ job, shop, left }) => tryAnswers(job, shop, CATALOGUE, left),
  forecast: ({ setting, rounds, terms }) => forecast(setting, rounds, terms),
  mesh: readAndMeasure,
  debrief: ({ run, shop }) => debrief(run, shop),
  kit: ({ job, shop }) => kitSavings(job, shop, CATALOGUE),
  breakEven(input) {
    const zone = factsOf(input);
    return zone ? breakEvens(zone, withOwnRows(CATALOGUE, input.shop.ownRows)) : [];
  },
  openings(input) {
    const zone = factsOf(input);
    return zone ? whatWouldOpen(zone, input.method, withOwnRows(CATALOGUE, input.shop.ownRows)) : [];
  },
  *compare({ jobs, before, after }) {
    const changed: JobDifferences[] = [];
    for (const [i, { name, document }] of jobs.entries()) {
      const differences = comparePlans(planJob(document, before, CATALOGUE), planJob(document, after, CATALOGUE));
      if (differences.length > 0) changed.push({ name, differences });
      yield (i + 1) / jobs.length;
    }
    return changed;
  },
};

const factsOf = ({ job, shop, zoneId }: OfZone): ZoneFacts | undefined =>
  gatherFacts(job, shop, withOwnRows(CATALOGUE, shop.ownRows)).find(({ zone }) => zone.id === zoneId);
