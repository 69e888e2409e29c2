import { windowsOf } from '../build/windows.ts';
import { BEFORE_WAX, FIRST_COAT } from '../catalogue/operations.ts';
import { placeName, stripped, waxed, type FaceInput } from './face-input.ts';
import type { FaceWork, Task } from './task.ts';
import { arriveTasks } from './tasks/arrive.ts';
import { buildTasks } from './tasks/build.ts';
import { cleanTasks } from './tasks/clean.ts';
import { paintCover, stripCover } from './tasks/cover.ts';
import { fillsOnEpoxy, fillTasks } from './tasks/fill.ts';
import { findTasks } from './tasks/finds.ts';
import { finishTasks } from './tasks/finish.ts';
import { hollowTasks } from './tasks/hollow.ts';
import { keyTasks } from './tasks/key.ts';
import { rustTasks } from './tasks/rust.ts';
import { stripTasks } from './tasks/strip.ts';
import { upkeepTasks } from './tasks/upkeep.ts';

/** All the work of one zone, in no order but that of its films. What somebody leaves out stays visible, without hands and with the reason. */
export function faceWork(input: FaceInput): FaceWork {
  const { facts } = input;
  const cover = paintCover(input);
  const windows = input.build ? windowsOf(facts, input.build) : [];
  const hollow = waxed(input);
  const once = hollow
    ? [...arriveTasks(input), ...cleanTasks(input), ...hollowTasks(input), ...rustTasks(input)]
    : [
        ...arriveTasks(input),
        ...cleanTasks(input),
        ...(stripped(input) ? [...stripCover(input), ...stripTasks(input)] : []),
        ...findTasks(input),
        ...rustTasks(input),
        ...(fillsOnEpoxy(input) ? [] : fillTasks(input)),
        ...keyTasks(input),
        ...(cover.first ? [cover.first] : []),
      ];
  const upkeep = [...upkeepTasks(input), ...(cover.again ? [cover.again] : [])];
  return {
    part: facts.part.id,
    zone: facts.zone.id,
    name: placeName(facts.part.name, facts.zone.name),
    once: leaveOut(input, once),
    upkeep: upkeep.map(({ kind, make }) => ({ kind, make: () => unlessLeftOut(input, make()) })),
    goal: hollow ? BEFORE_WAX : FIRST_COAT,
    build: leaveOut(input, [...(hollow ? [] : buildTasks(input, windows, cover)), ...finishTasks(input, windows)]),
  };
}

/** What a face asks for between the method and the first film, from which the methods are priced. */
export const bareWork = (input: FaceInput): FaceWork => ({
  part: input.facts.part.id,
  zone: input.facts.zone.id,
  name: '',
  once: waxed(input) ? [...hollowTasks(input), ...rustTasks(input)] : [...rustTasks(input), ...keyTasks(input)],
  upkeep: upkeepTasks(input),
  goal: waxed(input) ? BEFORE_WAX : FIRST_COAT,
  build: [],
});

const leaveOut = (input: FaceInput, tasks: readonly Task[]): readonly Task[] =>
  input.facts.zone.leftOut.length === 0 ? tasks : tasks.map((task) => unlessLeftOut(input, task));

/** Films are never left out here: fewer coats are a film wanted, no film is another finish. */
function unlessLeftOut({ facts }: FaceInput, task: Task): Task {
  const left = facts.zone.leftOut.find(({ kind }) => kind === task.kind);
  return left && !task.coat && !task.stop ? withoutWork(task, left.reason) : task;
}

const withoutWork = ({ kind, title, where, side, needs, lags }: Task, reason: string): Task => ({
  kind,
  title: `Left out: ${title}`,
  detail: 'Not done.',
  hand: 0,
  takes: [],
  against: reason,
  ...(where ? { where } : {}),
  ...(side ? { side } : {}),
  ...(needs ? { needs } : {}),
  ...(lags ? { lags } : {}),
});
