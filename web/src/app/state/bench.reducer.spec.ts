import {
  DEMO_JOBS,
  DEMO_SHOP,
  CATALOGUE,
  gatherFacts,
  issueSections,
  planJob,
  type BenchEvent,
  type Issued,
  type Job,
  type StoredEvent,
} from '@lift-bare/core';
import { BenchActions, type Queued } from './bench.actions';
import { benchFeature, type BenchSlice } from './bench.reducer';
import { toShop } from './shop-time';

const T0 = Date.UTC(2026, 10, 25, 9);
const issued = ((): Issued => {
  const job = DEMO_JOBS[0] as Job;
  const zone = planJob(job, DEMO_SHOP, CATALOGUE).zones.find(({ chosen }) => chosen?.strip);
  const facts = gatherFacts(job, DEMO_SHOP, CATALOGUE).find((one) => one.zone.id === zone?.zone);
  const method = CATALOGUE.methods['chem.fast-solvent'];
  if (!zone?.chosen || !facts || method?.family !== 'chem') throw new RangeError('the demo has no strip');
  return issueSections('demo-1', facts, zone.chosen, method)[0] as Issued;
})();
const event = (id: string, kind: BenchEvent['kind'], minutes: number, timer = 't1'): BenchEvent => ({
  id,
  timer,
  kind,
  at: new Date(T0 + minutes * 60_000).toISOString(),
  by: 'tablet',
  target: null,
  note: '',
  issued: kind === 'issued' ? issued : null,
});
const stored = (one: BenchEvent): StoredEvent => ({ ...one, receivedAt: one.at, reading: null });
const queued = (one: BenchEvent, device: number | null = Date.parse(one.at)): Queued => ({ event: one, device });
const run = (...actions: Parameters<typeof benchFeature.reducer>[1][]): BenchSlice =>
  actions.reduce<BenchSlice>((state, action) => benchFeature.reducer(state, action), benchFeature.reducer(undefined, { type: 'start' }));
const phases = (state: BenchSlice) => benchFeature.selectTimers.projector(state.known, state.queue).map(({ phase }) => phase);

const loaded = (...events: BenchEvent[]) =>
  BenchActions.loaded({ state: { now: '', speed: 1, readings: [], timers: [{ id: 't1', events: events.map(stored) }] } });

test('a tap shows at once, before the server has it, and stays when the bench is read anew meanwhile', () => {
  const tapped = BenchActions.tapped({ queued: [queued(event('b', 'laid-on', 1))] });
  expect(phases(run(loaded(event('a', 'issued', 0)), tapped))).toEqual(['dwelling']);
  expect(phases(run(loaded(event('a', 'issued', 0)), tapped, loaded(event('a', 'issued', 0))))).toEqual(['dwelling']);
});

test('an answer that set out before a tap was sent does not take the tap away again', () => {
  const tapped = BenchActions.tapped({ queued: [queued(event('b', 'laid-on', 1))] });
  const sent = BenchActions.sent({ kept: ['b'], refused: [] });
  expect(phases(run(loaded(event('a', 'issued', 0)), tapped, sent, loaded(event('a', 'issued', 0))))).toEqual(['dwelling']);
});

test('sent events leave the queue, refused ones are shown with the reason until they are read', () => {
  const good = queued(event('b', 'laid-on', 1));
  const bad = queued(event('c', 'scraped', 999));
  const late = queued(event('d', 'blistered', 5));
  const refused = [{ id: 'c', path: ['at'], reason: 'lies in the future' }];
  const state = run(loaded(event('a', 'issued', 0)), BenchActions.tapped({ queued: [good, bad, late] }), BenchActions.sent({ kept: ['b'], refused }));
  expect(state.queue).toEqual([late]);
  expect(state.refused).toMatchObject([{ id: 'c', reason: 'lies in the future', event: { kind: 'scraped' } }]);
  expect(
    run(loaded(event('a', 'issued', 0)), BenchActions.tapped({ queued: [good] }), BenchActions.sent({ kept: ['b'], refused: [] })).known['t1'],
  ).toHaveLength(2);
  expect(benchFeature.reducer(state, BenchActions.refusalRead({ id: 'c' })).refused).toEqual([]);
});

test('what another screen taps comes in once, also when this one sent it', () => {
  const heard = BenchActions.eventsHeard({ events: [stored(event('b', 'laid-on', 1))] });
  expect(run(loaded(event('a', 'issued', 0)), heard, heard).known['t1']).toHaveLength(2);
});

test('without network nothing is dropped; a body that the server will never take does not block the queue', () => {
  const tapped = BenchActions.tapped({ queued: [queued(event('b', 'laid-on', 1))] });
  expect(run(tapped, BenchActions.sendFailed({ failure: { kind: 'offline' }, ids: ['b'] })).queue).toHaveLength(1);
  const state = run(tapped, BenchActions.sendFailed({ failure: { kind: 'refused', reason: 'events.0.by: too long' }, ids: ['b'] }));
  expect(state.queue).toEqual([]);
  expect(state.refused[0]?.reason).toContain('too long');
});

test('a screen whose clock is an hour wrong: its taps are put right as soon as the server says the time, typed times stay', () => {
  const hour = 3_600_000;
  const wrong = T0 + hour;
  const time = { server: T0 + 60_000, heard: wrong + 60_000, speed: 1 };
  const typed = queued({ ...event('c', 'moved', 2), target: 'b' }, null);
  const { queue } = run(
    BenchActions.tapped({ queued: [queued({ ...event('b', 'laid-on', 0), at: new Date(wrong).toISOString() }, wrong), typed] }),
    BenchActions.timeHeard({ time }),
  );
  expect(queue.map(({ event: { at } }) => Date.parse(at))).toEqual([T0, T0 + 2 * 60_000]);
  expect(toShop({ server: T0, heard: 0, speed: 60 }, 1000)).toBe(T0 + 60_000);
});

test('experience that cannot be fetched is none, and does not wipe what is known', () => {
  const failed = BenchActions.experienceFailed({ jobId: 'j' });
  const none = { here: [], earlier: [], paces: [], uses: [] };
  expect(run(failed).experience['j']).toEqual(none);
  const known = { here: [], earlier: [{ id: 'seen' }] } as unknown as BenchSlice['experience'][string];
  const state = run(BenchActions.experienceLoaded({ jobId: 'j', experience: known }), failed);
  expect(state.experience['j']).toBe(known);
  const same = BenchActions.experienceLoaded({ jobId: 'j', experience: { ...known } });
  expect(benchFeature.reducer(state, same)).toBe(state);
});

test('the link is lost and comes back; a section taken off the bench is gone', () => {
  expect(run(BenchActions.linkLost()).link).toBe('lost');
  expect(run(BenchActions.linkLost(), BenchActions.timeHeard({ time: { server: 0, heard: 0, speed: 1 } })).link).toBe('live');
  expect(phases(run(loaded(event('a', 'issued', 0), { ...event('x', 'taken-back', 1), target: 'a' })))).toEqual([]);
});
