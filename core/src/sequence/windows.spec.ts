import { coatPlan } from '../build/coat-plan.ts';
import { CATALOGUE, coatById } from '../catalogue/catalogue.ts';
import { sampleFacts } from '../../testing/sample.ts';
import type { OperationKind } from '../model/operation.ts';
import type { FaceInput } from './face-input.ts';
import type { Task, TaskLag } from './task.ts';
import { trainsOf } from './trains.ts';
import { walkFace, type Walked } from './walk.ts';
import { checkWindows } from './windows.ts';

const task = (kind: OperationKind, hand: number, more: Partial<Task> = {}): Task => ({
  kind,
  title: kind,
  detail: '',
  hand,
  needs: [],
  takes: [],
  ...more,
});
const walked = (...build: Task[]): readonly Walked[] => walkFace({ part: 'p', zone: 'z', name: 'Z', once: [], upkeep: [], goal: [], build }).steps;
const prime = (most: number | null, more: Partial<TaskLag> = {}): TaskLag => ({
  what: 'prime',
  after: 'bared',
  least: 0,
  most,
  label: most ?? 0,
  shop: null,
  by: 'model',
  missed: { kind: 'key', says: 'Key again.' },
  ...more,
});
/** Keyed, dusted off, wiped, primed: 3 min of each of the last three do not grow with the area. */
const bared = (most: number | null, hands: readonly [dust: number, wipe: number, coat: number], wait = 0): readonly Walked[] =>
  walked(task('key', 60), task('dust-off', hands[0]), task('wipe', hands[1], { wait }), task('coat', hands[2], { lags: [prime(most)] }));
const check = (steps: readonly Walked[]) => checkWindows({ facts: sampleFacts({ area: 12 }) } as unknown as FaceInput, steps);

describe('a window against the work inside it', () => {
  test('what fits is done in one go, to the minute', () => {
    expect(check(bared(60, [20, 20, 20]))).toEqual({ pieces: [], findings: [] });
    expect(check(bared(59, [20, 20, 20])).pieces).toHaveLength(1);
    expect(check(bared(null, [900, 900, 900]))).toEqual({ pieces: [], findings: [] });
  });

  /** 60 min of hands, 9 of them fixed: 51 grow; a window of 30 leaves 21 a piece. */
  test('what does not fit is worked in equal pieces, each within the window', () => {
    const [piece] = check(bared(30, [20, 20, 20])).pieces;
    expect(piece).toMatchObject({ from: 'key', count: 3, area: 4 });
    expect(check(bared(50, [20, 20, 20])).pieces[0]?.count).toBe(2);
  });

  /** 9 min fixed and 10 of waiting: 24 leave the 5 for which it is worth beginning. */
  test('waits do not shrink with the piece; where nothing is left beside them that is a stop with the ways out', () => {
    expect(check(bared(24, [20, 20, 20], 10))).toMatchObject({ findings: [], pieces: [{ count: 11 }] });
    const { pieces, findings } = check(bared(23, [20, 20, 20], 10));
    expect(pieces).toEqual([]);
    expect(findings).toEqual([expect.objectContaining({ code: 'window-too-short', severity: 'stop', title: '23 min are too short for Part' })]);
    expect(findings[0]?.reason).toBe('From “key” to “coat” takes about 70 min, whatever the size of the piece. Key again.');
    expect(findings[0]?.change).toMatch(/drier or warmer room, more hands, a holding film/);
  });

  test('the clock starts with the last work that bares the face, places apart; without any, with the last drying', () => {
    const from = (...build: Task[]) => check(walked(...build, task('wipe', 40), task('coat', 40, { lags: [prime(50)] }))).pieces[0]?.from;
    expect(from(task('strip-blast', 10), task('key', 10))).toBe('key');
    expect(from(task('strip-blast', 10), task('derust', 10, { spots: true }))).toBe('strip-blast');
    expect(from(task('degrease', 10), task('dry', 10))).toBe('dry');
  });
});

describe('what a clock holds together', () => {
  const paint = coatPlan(sampleFacts(), coatById('epoxy-2k', CATALOGUE), { role: 'primer', why: '' });
  const pass = (n: number, more: Partial<Task> = {}) => task('coat', 10, { coat: { plan: paint, pass: n, of: 2, share: 1 }, ...more });

  test('from baring to the last pass of the first mix is one train, with the hands of all of it', () => {
    const [train, ...others] = trainsOf(
      walked(task('degrease', 7), task('key', 30), task('wipe', 5), pass(1, { lags: [prime(480)] }), pass(2), task('cure', 9)),
    );
    expect(train).toMatchObject({ from: 1, to: 4, window: 480, hands: 55, leadsTo: paint.product, trip: null });
    expect(others).toEqual([]);
  });

  test('a wide gap between two products is no train; a recoat window within the day is one without a clock', () => {
    const next = (most: number | null): Task[] => [
      task('key', 10),
      task('coat', 10, { lags: [prime(most, { what: 'recoat', after: (kind) => kind === 'key' })] }),
    ];
    expect(trainsOf(walked(...next(null)))).toEqual([]);
    expect(trainsOf(walked(...next(2 * 1440)))).toEqual([]);
    expect(trainsOf(walked(...next(240)))).toEqual([expect.objectContaining({ from: 0, to: 1, window: Infinity })]);
  });

  test('of two clocks that overlap the tighter holds', () => {
    const steps = walked(task('key', 10), task('coat', 10, { lags: [prime(480), prime(90)] }));
    expect(trainsOf(steps)).toEqual([expect.objectContaining({ window: 90 })]);
  });
});
