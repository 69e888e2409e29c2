import fc from 'fast-check';
import { benchEvent, NOON } from '../../testing/bench-sample.ts';
import { ISSUED, networkIn, operationOf, OPERATIONS, runOf, said, START, TRAILER, worked } from '../../testing/run-sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { BenchEvent } from '../model/bench.ts';
import { openWindows } from '../schedule/open-windows.ts';
import { bookLines, scopeChange } from './book.ts';
import { deviationsOf } from './deviations.ts';
import { filmRangeOf } from './film-range.ts';
import { remedyOf } from '../schedule/remedy.ts';
import { foldRun, progressOf, withRun } from './fold-run.ts';
import { gaugeOf, holdState, likelyValue, withinLimits } from './hold-check.ts';
import { byNeed, clockAt, isToldMissed, runClocks, type RunClock } from './run-clocks.ts';
import { runSteps, type RunStep } from './run-steps.ts';

const MINUTE = 60_000;
const at = (minutes: number): number => NOON + minutes * MINUTE;
const key = operationOf('key');
const test1 = OPERATIONS.find(({ hold }) => hold?.unit === 's');
if (!test1) throw new RangeError('the trailer has no water-break test');

describe('events make the run', () => {
  const events = [
    ...worked('a', 0, 30, ['z1']),
    said(40, { what: 'begun', work: 'b', zones: [] }),
    said(50, { what: 'paused', work: 'b' }),
    said(80, { what: 'went-on', work: 'b' }),
    said(90, { what: 'done', work: 'b', zones: [] }),
    said(95, { what: 'held', operation: 'b', values: [8.6], met: false, gauge: true }),
    said(99, { what: 'handed-over' }),
  ];

  test('hands count from beginning to pause and on', () => {
    const run = runOf(...events);
    expect(run.works.get('a')).toMatchObject({ from: at(0), to: at(30), state: 'done', worked: 30 * MINUTE });
    expect(run.works.get('b')).toMatchObject({ from: at(40), to: at(90), state: 'done', worked: 20 * MINUTE, since: null });
    expect(run.handedOver).toBe(at(99));
  });

  test('whatever order they arrive in, and however often', () => {
    const { log: known, ...whole } = runOf(...events);
    fc.assert(
      fc.property(
        fc.shuffledSubarray([START, ...events], { minLength: events.length + 1 }),
        fc.array(fc.nat(events.length), { maxLength: 5 }),
        (all, again) => {
          const { log, ...run } = foldRun([...all, ...again.map((i) => all[i] as BenchEvent)]) ?? { log: [] };
          expect(run).toEqual(whole);
          expect(log).toEqual(known);
        },
      ),
    );
  });

  test('what the state does not allow stays in the log with the reason', () => {
    const run = runOf(
      said(0, { what: 'paused', work: 'a' }),
      said(1, { what: 'begun', work: 'a', zones: [] }),
      said(2, { what: 'begun', work: 'a', zones: [] }),
      said(3, { what: 'went-on', work: 'a' }),
      said(4, { what: 'done', work: 'a', zones: [] }),
      said(5, { what: 'done', work: 'a', zones: [] }),
      said(6, { what: 'paused', work: 'a' }),
    );
    expect(run.log.flatMap(({ ignored }) => ignored ?? [])).toEqual([
      'was not begun',
      'was begun already',
      'goes on already',
      'was done already',
      'was done already',
    ]);
    expect(run.works.get('a')).toMatchObject({ from: at(1), to: at(4) });
  });

  test('a tap taken back and a time corrected', () => {
    const [begun, done] = worked('a', 0, 30);
    const wrong = said(31, { what: 'handed-over' });
    const run = runOf(
      begun as BenchEvent,
      done as BenchEvent,
      wrong,
      benchEvent('taken-back', 32, { timer: 'trailer', target: wrong.id }),
      benchEvent('moved', 20, { timer: 'trailer', target: (done as BenchEvent).id }),
    );
    expect(run.handedOver).toBeNull();
    expect(run.works.get('a')?.to).toBe(at(20));
  });

  test('nothing without its start, and nothing once that is taken back', () => {
    expect(foldRun(events)).toBeNull();
    expect(foldRun([START, benchEvent('taken-back', 0, { timer: 'trailer', target: START.id })])).toBeNull();
  });

  test('started again it is held against the plan of then; the first stays', () => {
    const again = said(10, { what: 'started', job: 'trailer', plan: { ...ISSUED, name: 'Trailer with a door' } });
    const run = runOf(again);
    expect(run.plan.name).toBe('Trailer with a door');
    expect(run.started.map(({ plan }) => plan.name)).toEqual(['Trailer', 'Trailer with a door']);
  });

  test('a text that must not be missing is asked for', () => {
    const paths = (event: BenchEvent) => BenchEvent.safeParse(event).error?.issues.map(({ path }) => path.join('.'));
    expect(paths(said(0, { what: 'let-go', operation: 'x' }))).toEqual(['note']);
    expect(paths(said(0, { what: 'let-go', operation: 'x' }, { note: 'seen by the owner' }))).toBeUndefined();
    expect(paths({ ...START, run: null })).toEqual(['run']);
    expect(paths(said(0, { what: 'used', operation: 'x', product: 'p', batch: '', expires: null, before: -1, after: null }))).toEqual(['run.before']);
  });
});

describe('what the schedule is told', () => {
  test('work as it happened; what was ticked off alone lies before its end with the planned hands', () => {
    const [first] = ISSUED.works;
    const run = runOf(
      said(100, { what: 'done', work: first?.id ?? '', zones: [] }),
      said(110, { what: 'begun', work: 'b', zones: ['z'] }, { by: 'Pim' }),
    );
    expect(progressOf(run)).toEqual([
      {
        work: first?.id,
        from: new Date(at(100) - (first?.hand ?? 0) * MINUTE).toISOString(),
        to: new Date(at(100)).toISOString(),
        by: 'bench',
        zones: [],
      },
      { work: 'b', from: new Date(at(110)).toISOString(), to: null, by: 'Pim', zones: ['z'] },
    ]);
  });

  test('stands before what was written into the document', () => {
    const told = { work: 'a', from: new Date(at(-60)).toISOString(), to: null, by: '', zones: [] };
    const job = { ...TRAILER, progress: [told, { ...told, work: 'c' }] };
    expect(withRun(job, runOf(...worked('a', 0, 5))).progress.map(({ work, to }) => [work, to === null])).toEqual([
      ['c', true],
      ['a', false],
    ]);
    expect(withRun(job, null)).toBe(job);
  });
});

describe('clocks', () => {
  const [first, second] = OPERATIONS.filter(
    ({ coat, faces }) => coat?.product === operationOf('coat').coat?.product && faces[0]?.zone === operationOf('coat').faces[0]?.zone,
  );
  const zones = first?.faces.map(({ zone }) => zone) ?? [];
  const flash = second?.lags.find(({ what }) => what === 'flash');
  const clocksOf = (...events: BenchEvent[]): RunClock[] => {
    const run = runOf(...events);
    return runClocks(networkIn(run), run, new Map([[first?.coat?.product ?? '', { potLife: 240, induction: 15 }]]));
  };

  test('a coat that is laid starts the flash to the next, between its least and its most', () => {
    const clocks = clocksOf(...worked(first?.id ?? '', 0, 30, zones));
    const clock = clocks.find(({ work }) => work === second?.id);
    expect(clock).toMatchObject({
      what: 'flash',
      opens: at(30) + Math.ceil(flash?.least ?? 0) * MINUTE,
      closes: at(30) + Math.floor(flash?.most ?? 0) * MINUTE,
    });
    expect(
      clocksOf(...worked(first?.id ?? '', 0, 30, zones), said(60, { what: 'begun', work: second?.id ?? '', zones })).some(
        ({ work, what }) => work === second?.id && what === 'flash',
      ),
    ).toBe(false);
  });

  test('a mix that is begun stands first, and is usable until its life is over; later passes have stood, and done is done', () => {
    const mixes = (...events: BenchEvent[]) =>
      clocksOf(...events)
        .filter(({ what }) => what === 'induction' || what === 'pot-life')
        .map(({ work, what, opens, closes }) => [work, what, opens, closes]);
    const begun = said(10, { what: 'begun', work: first?.id ?? '', zones });
    expect(mixes(begun)).toEqual([
      [first?.id, 'induction', at(25), null],
      [first?.id, 'pot-life', at(10), at(250)],
    ]);
    const [, done] = worked(first?.id ?? '', 10, 40, zones);
    expect(mixes(begun, done as BenchEvent)).toEqual([]);
    expect(mixes(begun, done as BenchEvent, said(60, { what: 'begun', work: second?.id ?? '', zones }))).toEqual([
      [second?.id, 'pot-life', at(60), at(300)],
    ]);
  });

  test('a window that was missed runs anew from where it was mended, and the book says so', () => {
    const late = worked(first?.id ?? '', 0, 30, zones);
    const again = worked(remedyOf(second?.id ?? ''), 7000, 7020);
    const clock = clocksOf(...late, ...again).find(({ work }) => work === second?.id);
    expect(clock?.closes).toBe(at(7020) + Math.floor(flash?.most ?? 0) * MINUTE);
    const run = runOf(...late, ...again, said(7100, { what: 'begun', work: second?.id ?? '', zones }));
    expect(deviationsOf(networkIn(run), run).find(({ what }) => what === 'flash')?.says).toMatch(/too late after .*done again first$/);
  });

  test('a window is told as missed once it has closed, and can be missed anew where it runs anew', () => {
    const clock = { id: 'c recoat', opens: at(0), closes: at(100) } as RunClock;
    const missed = (minutes: number) => runOf(said(minutes, { what: 'missed', clock: 'c recoat', remedy: 'key' }));
    expect(isToldMissed(missed(100), clock)).toBe(true);
    expect(isToldMissed(missed(99), clock)).toBe(false);
    expect(isToldMissed(missed(120), { ...clock, closes: at(300) })).toBe(false);
    expect(isToldMissed(missed(120), { ...clock, id: 'other' })).toBe(false);
    const twice = runOf(said(50, { what: 'missed', clock: 'x prime', remedy: null }), said(120, { what: 'missed', clock: 'c recoat', remedy: null }));
    expect(isToldMissed(twice, clock)).toBe(true);
    expect(isToldMissed(missed(120), { ...clock, closes: null })).toBe(false);
  });

  test('closes as the windows of the schedule do', () => {
    const run = runOf(...worked(first?.id ?? '', 0, 30, zones));
    const windows = openWindows(OPERATIONS, progressOf(run));
    const clocks = runClocks(networkIn(run), run, new Map());
    for (const { work, closes } of windows) expect(clocks.find((clock) => clock.work === work)?.closes).toBe(closes);
    expect(windows.length).toBeGreaterThan(0);
  });

  test('a mix is usable from the beginning of the step that uses it until it is done', () => {
    const begun = said(0, { what: 'begun', work: first?.id ?? '', zones });
    const mix = (clocks: RunClock[]) => clocks.find(({ what }) => what === 'pot-life');
    expect(mix(clocksOf(begun))).toMatchObject({ opens: at(0), closes: at(240), work: first?.id });
    expect(mix(clocksOf(begun, said(20, { what: 'done', work: first?.id ?? '', zones })))).toBeUndefined();
  });

  test('go from waiting over ready and closing to missed, and stand in that order of need', () => {
    const clock = { opens: at(10), closes: at(110) } as RunClock;
    expect([0, 10, 84, 85, 109, 110].map((minutes) => clockAt(clock, at(minutes)).state)).toEqual([
      'runs',
      'ready',
      'ready',
      'closing',
      'closing',
      'missed',
    ]);
    expect(clockAt({ ...clock, closes: at(10_000) }, at(9939)).state).toBe('ready');
    expect(clockAt({ ...clock, closes: at(10_000) }, at(9940)).state).toBe('closing');
    expect(clockAt({ ...clock, closes: null }, at(9999))).toEqual({ state: 'ready', left: null });
    expect(clockAt(clock, at(130)).left).toBe(-20 * MINUTE);
    const many = [0, 200, 20, 90].map((opens, i) => ({ id: `${i}`, opens: at(opens), closes: at(opens + 100) }) as RunClock);
    expect(many.sort(byNeed(at(100))).map(({ id }) => id)).toEqual(['0', '2', '3', '1']);
  });
});

describe('steps', () => {
  const stepsOf = (minutes: number, ...events: BenchEvent[]): Map<string, RunStep> => {
    const run = runOf(...events);
    return new Map(runSteps(networkIn(run), run, at(minutes)).map((step) => [step.id, step]));
  };
  const before = (work: string) => {
    const { activities, spans } = networkIn(runOf());
    const to = activities.findIndex(({ id }) => id === work);
    return spans.filter((span) => span.to === to).map(({ from }) => activities[from]?.id ?? '');
  };
  const after = (work: string) => {
    const { activities, spans } = networkIn(runOf());
    const from = activities.findIndex(({ id }) => id === work);
    return spans.filter((span) => span.from === from).map(({ to }) => activities[to]?.id ?? '');
  };

  test('wait for what comes before them, and say for what', () => {
    const step = stepsOf(0).get(key.id);
    expect(step).toMatchObject({ state: 'waits', says: expect.stringMatching(/^after “/) as string, record: null });
    const done = before(key.id).flatMap((work) => worked(work, 0, 10));
    expect(stepsOf(24 * 60, ...done).get(key.id)).toMatchObject({ state: 'ready', says: null });
  });

  test('stay locked behind a hold point until it is met, or let go in writing after it', () => {
    const next = after(test1.id)[0] ?? '';
    const others = before(next).filter((work) => work !== test1.id);
    const done = [...others, test1.id].flatMap((work) => worked(work, 0, 10));
    const held = (minutes: number, met: boolean) => said(minutes, { what: 'held', operation: test1.id, values: [met ? 40 : 5], met, gauge: false });
    const state = (...events: BenchEvent[]) => stepsOf(48 * 60, ...done, ...events).get(next)?.state;
    expect(state()).toBe('locked');
    expect(state(held(11, false))).toBe('locked');
    expect(state(held(11, false), held(20, true))).toBe('ready');
    expect(state(held(11, true), held(20, false))).toBe('locked');
    expect(state(held(11, false), said(12, { what: 'let-go', operation: test1.id }, { note: 'water is hard here' }))).toBe('ready');
    expect(state(said(10, { what: 'let-go', operation: test1.id }, { note: 'early' }), held(11, false))).toBe('locked');
  });

  test('of what is laid on and lifted only the lifted is checked: lifting it is not barred by its own hold point', () => {
    const patch = operationOf('try-patch');
    const done = [...before(patch.id), patch.id].flatMap((work) => worked(work, 0, 10));
    const lift = `${patch.id}:lift`;
    expect(stepsOf(48 * 60, ...done).get(patch.id)?.hold).toBeNull();
    expect(stepsOf(48 * 60, ...done).get(lift)).toMatchObject({ state: 'ready', hold: 'open' });
    const lifted = [...done, ...worked(lift, 60, 70)];
    expect(stepsOf(48 * 60, ...lifted).get(after(lift)[0] ?? '')?.state).toBe('locked');
  });

  test('count as done where something after them has begun, said or not', () => {
    const steps = stepsOf(0, said(0, { what: 'begun', work: key.id, zones: [] }));
    expect(before(key.id).map((work) => steps.get(work)?.state)).toEqual(before(key.id).map(() => 'done'));
    expect(steps.get(key.id)?.state).toBe('under way');
  });
});

describe('hold points', () => {
  test.each([
    [{ method: 'pH paper', accept: '', unit: 'pH', least: 6, most: 8 }, 'ph', 7, [6, 8], [5.9]],
    [{ method: 'dust tape', accept: '', unit: 'rating', least: null, most: 2 }, 'tape', 1.2, [0, 2], [2.1]],
    [{ method: 'water', accept: '', unit: 's', least: 30, most: null }, null, 36, [30, 300], [29]],
    [{ method: 'profile, replica tape', accept: '', unit: 'µm', least: 30, most: 70 }, 'profile', 50, [30, 70], [71]],
    [{ method: 'gauge', accept: '', unit: 'µm', least: 60, most: 90 }, 'film', 75, [60], [59.9]],
    [{ method: 'meter', accept: '', unit: 'of the meter above the reference', least: null, most: 1 }, 'moisture', 0.6, [1], [1.5]],
  ])('%j', (hold, gauge, likely, good, bad) => {
    expect(gaugeOf(hold)).toBe(gauge);
    expect(likelyValue(hold)).toBeCloseTo(likely, 9);
    expect(withinLimits(hold, good)).toBe(true);
    expect(withinLimits(hold, [...good, ...bad])).toBe(false);
    expect(withinLimits(hold, [])).toBe(false);
  });

  test('the newest reading says', () => {
    const held = (minutes: number, met: boolean) => said(minutes, { what: 'held', operation: 'o', values: [], met, gauge: false });
    expect(holdState(runOf(), 'o')).toEqual({ state: 'open', last: null });
    expect(holdState(runOf(held(1, true)), 'o').state).toBe('met');
    expect(holdState(runOf(held(1, true), held(2, false)), 'o')).toMatchObject({ state: 'outside', last: { at: at(2) } });
  });
});

test('the range of a film is that of its product, over all its coats, and of its last coat only', () => {
  const coats = OPERATIONS.filter(
    ({ coat, faces }) => coat?.product === operationOf('coat').coat?.product && faces[0]?.zone === operationOf('coat').faces[0]?.zone,
  );
  const [first, last] = [coats[0], coats.at(-1)];
  expect(first && filmRangeOf(first, OPERATIONS, CATALOGUE)).toBeNull();
  const range = last && filmRangeOf(last, OPERATIONS, CATALOGUE);
  const planned = (last?.coat?.film ?? 0) * (last?.coat?.pass ?? 0);
  expect(range?.[0]).toBeLessThanOrEqual(planned);
  expect(range?.[1]).toBeGreaterThanOrEqual(planned);
  expect(filmRangeOf(key, OPERATIONS, CATALOGUE)).toBeNull();
});

describe('the book', () => {
  const [one, other] = ISSUED.works;

  test('puts planned beside done, in the order of what was done; what came in addition stands there too', () => {
    const run = runOf(
      ...worked(other?.id ?? '', 0, 20),
      ...worked('extra.step.1', 30, 40),
      said(50, { what: 'done', work: one?.id ?? '', zones: [] }),
    );
    const lines = bookLines(run, new Map([['extra.step.1', 'Weld a patch in']]));
    expect(lines).toHaveLength(ISSUED.works.length + 1);
    const [first] = lines.filter(({ done }) => done !== null);
    expect(first).toMatchObject({ id: other?.id, planned: { hand: other?.hand }, done: { hand: 20, from: at(0), to: at(20) } });
    expect(lines.find(({ id }) => id === 'extra.step.1')).toMatchObject({ title: 'Weld a patch in', planned: null, done: { hand: 10 } });
    expect(lines.find(({ id }) => id === one?.id)?.done?.hand).toBeNull();
  });

  test('tells what was added to the scope, what fell out, and what it takes', () => {
    const grown = {
      ...ISSUED,
      works: [...ISSUED.works.slice(1), { ...(one as (typeof ISSUED.works)[number]), id: 'n', operation: 'new.weld.1' }],
      hand: ISSUED.hand + 40,
      cost: ISSUED.cost + 50,
      end: (ISSUED.end ?? 0) + 9,
    };
    const change = scopeChange(ISSUED, grown);
    expect(change).toMatchObject({ hand: 40, cost: 50, later: 9 });
    expect(change.added.map(({ operation }) => operation)).toEqual(['new.weld.1']);
    expect(change.gone.map(({ operation }) => operation)).toEqual([one?.operation]);
    expect(scopeChange(ISSUED, ISSUED)).toEqual({ added: [], gone: [], hand: 0, cost: 0, later: 0 });
    expect(scopeChange({ ...ISSUED, end: null }, grown).later).toBeNull();
  });

  test('deviations: too soon, too late, a hold point repeated and let go, a tin past its date', () => {
    const coats = OPERATIONS.filter(
      ({ coat, faces }) => coat?.product === operationOf('coat').coat?.product && faces[0]?.zone === operationOf('coat').faces[0]?.zone,
    );
    const [first, second] = [coats[0]?.id ?? '', coats[1]?.id ?? ''];
    const found = (...events: BenchEvent[]) => {
      const run = runOf(...events);
      return deviationsOf(networkIn(run), run);
    };
    const laid = worked(first, 0, 30);
    expect(found(...laid, said(31, { what: 'begun', work: second, zones: [] }))).toMatchObject([{ kind: 'too soon', what: 'flash', at: at(31) }]);
    const closes = 30 + Math.floor(coats[1]?.lags.find(({ what }) => what === 'flash')?.most ?? 0);
    const off = (minutes: number) => found(...laid, said(closes + minutes, { what: 'begun', work: second, zones: [] })).map(({ kind }) => kind);
    expect([0, 0.9, 1, 2].map((minutes) => off(minutes))).toEqual([[], [], ['too late'], ['too late']]);
    expect(found(...laid, said(90, { what: 'begun', work: second, zones: [] }))).toEqual([]);
    expect(found(...laid, said(30 + 5760 + 120, { what: 'begun', work: second, zones: [] }))).toMatchObject([
      { kind: 'too late', what: 'flash', says: expect.stringContaining('2 h too late') as string },
    ]);
    const held = found(
      said(0, { what: 'held', operation: test1.id, values: [12], met: false, gauge: false }),
      said(5, { what: 'let-go', operation: test1.id }, { note: 'hard water' }),
      said(9, { what: 'used', operation: test1.id, product: 'Primer', batch: '4711', expires: '2026-11-24', before: null, after: null }),
      said(9, { what: 'used', operation: test1.id, product: 'Primer', batch: '4712', expires: '2026-11-25', before: null, after: null }),
    );
    expect(held).toMatchObject([
      { kind: 'hold repeated', says: expect.stringContaining('12 s') as string },
      { kind: 'hold let go', reason: 'hard water' },
      { kind: 'after expiry', says: expect.stringContaining('4711') as string },
    ]);
  });
});
