import fc from 'fast-check';
import psychrolib from 'psychrolib';
import { plainTruth, doAll, layOn, SCRAPE, CLOSE, PRIME, returned } from '../../testing/practice-bench.ts';
import type { CoatingId } from '../model/ids.ts';
import type { PracticeAction } from '../model/practice.ts';
import { act, playRun } from './act.ts';
import { waitUntil } from './advance.ts';
import { paintIn, startBench, type Bench } from './bench.ts';
import { roomAt } from './room.ts';
import { seenAt } from './seen.ts';
import type { Truth } from './truth.ts';

describe('the front at the bench', () => {
  /** Trade tables: two 40 µm coats of enamel at 22 °C under a fast solvent blister at about 5 min and are through at about 13; common practice, no source. */
  test('two coats of enamel let go when the trade says so', () => {
    const truth = plainTruth({
      paint: [
        ['alkyd-enamel', 40],
        ['alkyd-enamel', 40],
      ],
      air: [22, 50],
    });
    const laid = act(startBench(truth), truth, layOn('chem.fast-solvent'));
    const at = (minute: number) => seenAt(waitUntil(laid, truth, laid.at + minute), truth).stripper;
    expect(at(4)?.blistered).toBeLessThan(0.1);
    expect(at(6.5)?.blistered).toBeGreaterThan(0.9);
    expect(at(10)?.wrinkled).toBeLessThan(0.1);
    expect(at(16)?.wrinkled).toBeGreaterThan(0.9);
  });

  /** Trade tables: a repaint of 40 + 40 + 20 + 40 µm at 22 °C, 20 min: three layers gone when laid on once, only the first when brushed over. */
  test('brushing over spoils the round', () => {
    const stack: [CoatingId, number][] = [
      ['alkyd-enamel', 40],
      ['alkyd-enamel', 40],
      ['lacquer-1k', 20],
      ['alkyd-enamel', 40],
    ];
    const truth = plainTruth({ paint: stack, air: [22, 50] });
    const gone = (...more: PracticeAction[]) => doAll(truth, layOn('chem.fast-solvent'), ...more, 20, SCRAPE).depth;
    expect(gone()).toBeGreaterThan(95);
    expect(gone({ does: 'brush-over' })).toBeGreaterThan(38);
    expect(gone({ does: 'brush-over' })).toBeLessThan(85);
  });

  test('a closed face is slow until it is broken, and water under the film makes it slow again', () => {
    const truth = plainTruth({ paint: [['clear-2k', 45]] });
    const depth = (...before: PracticeAction[]) => doAll(truth, ...before, layOn('chem.fast-solvent'), 15, SCRAPE).depth;
    const [closed, wet, dry] = [depth(), depth({ does: 'break-top' }), depth({ does: 'break-top' }, { does: 'dry' })];
    expect(closed).toBeLessThan(0.5 * dry);
    expect(wet).toBeLessThan(dry);
  });

  test('dried stripper has stopped, looks like crust, and takes twice the hands', () => {
    const truth = plainTruth({ paint: [['urethane-2k', 60]] });
    const left = (span: number) => doAll(truth, layOn('chem.fast-solvent'), span);
    expect(seenAt(left(15), truth).stripper?.crust).toBe(0);
    expect(seenAt(left(40), truth).stripper?.crust).toBe(1);
    const [dry, later] = [act(left(40), truth, SCRAPE), act(left(90), truth, SCRAPE)];
    expect(later.depth).toBeCloseTo(dry.depth, 6);
    const scraping = (bench: Bench) => bench.entries.filter(({ cause }) => cause === 'scraping')[0]?.minutes ?? 0;
    expect(scraping(dry)).toBeCloseTo(2 * scraping(doAll(truth, layOn('chem.fast-solvent'), 10, SCRAPE)), 6);
  });

  test('a cover keeps it wet; an old can is slow', () => {
    const truth = plainTruth({ paint: [['urethane-2k', 60]] });
    const depth = (of: Truth, covered: boolean) => doAll(of, layOn('chem.fast-solvent', covered), 60, SCRAPE).depth;
    expect(depth(truth, true)).toBeGreaterThan(1.5 * depth(truth, false));
    expect(depth({ ...truth, strength: 0.6 }, true)).toBeLessThan(depth(truth, true));
  });

  test('a wait is the same however it is cut, and paid once', () => {
    const truth = plainTruth(
      {
        paint: [
          ['clear-2k', 45],
          ['epoxy-2k', 30],
        ],
      },
      { air: { start: 18, swing: -8, humidity: 70 } },
    );
    const laid = act(startBench(truth), truth, layOn('chem.fast-solvent', true));
    fc.assert(
      fc.property(fc.array(fc.double({ min: 0.1, max: 30, noNaN: true }), { minLength: 1, maxLength: 8 }), (cuts) => {
        const end = laid.at + cuts.reduce((sum, cut) => sum + cut, 0);
        const [whole, cut] = [waitUntil(laid, truth, end), cuts.reduce((bench, span) => waitUntil(bench, truth, bench.at + span), laid)];
        expect(cut.lay?.effective).toBeCloseTo(whole.lay?.effective ?? NaN, 8);
        expect(cut.lay?.dryness).toBeCloseTo(whole.lay?.dryness ?? NaN, 8);
        const paid = ({ entries }: Bench) => entries.reduce((sum, { money }) => sum + money, 0);
        expect(paid(cut)).toBeCloseTo(paid(whole), 6);
      }),
      { numRuns: 40 },
    );
  });

  test('waits are paid for what they brought', () => {
    const truth = plainTruth();
    const causes = (bench: Bench) => bench.entries.filter(({ minutes }) => minutes > 0).map(({ cause }) => cause);
    expect(causes(doAll(truth, 3))).toEqual(['hesitated']);
    const { entries } = doAll(truth, layOn('chem.fast-solvent'), 60);
    const spent = (cause: string) => entries.filter((entry) => entry.cause === cause).reduce((sum, { minutes }) => sum + minutes, 0);
    // 40 µm of enamel are through in 0.7 × 8 × 40/50 + 0.3 × 8 × (40/50)² min; the film dries at 25.
    expect(spent('dwell')).toBeCloseTo(0.7 * 8 * 0.8 + 0.3 * 8 * 0.64, 3);
    expect(spent('dwell') + spent('waited-on')).toBeCloseTo(60, 6);
    const slow = doAll(plainTruth({ paint: [['epoxy-2k', 200]] }), layOn('chem.fast-solvent'), 60);
    expect(causes(slow)).toContain('dried-out');
  });
});

describe('what comes back', () => {
  const bare: readonly (PracticeAction | number)[] = [layOn('chem.caustic-spray'), 10, SCRAPE];
  const without = (does: string): readonly PracticeAction[] => CLOSE.filter((action) => action.does !== does);

  test('nothing, when all of it is done', () => {
    expect(returned(doAll(plainTruth(), ...bare, ...CLOSE, PRIME))).toEqual([]);
  });

  test.each([
    ['rinse', ['residue']],
    ['neutralise', ['ph']],
    ['dry', ['wet']],
    ['key', ['key']],
    ['wipe', ['grease']],
  ])('left out %s: %j', (does, comes) => {
    expect(returned(doAll(plainTruth(), ...bare, ...without(does), PRIME))).toEqual(expect.arrayContaining(comes));
  });

  test.each<[string, Partial<Truth>, readonly PracticeAction[]]>([
    ['salt', { salt: 150 }, [{ does: 'wash-salt' }]],
    ['find', { find: 'filler' }, [{ does: 'settle-find' }]],
    ['mix', { hardener: 0.65 }, [{ does: 'mix-new' }]],
    ['damp', { air: { start: 18, swing: 0, humidity: 84 } }, [{ does: 'warm' }]],
  ])('%s comes back unless it is put right', (cause, hidden, mend) => {
    const truth = plainTruth({}, hidden);
    const [first, ...rest] = CLOSE;
    const run = (more: readonly PracticeAction[]) => doAll(truth, ...bare, first as PracticeAction, ...more, ...rest, PRIME);
    expect(returned(run([]))).toEqual([cause]);
    expect(returned(run(mend))).toEqual([]);
  });

  test('old paint, a primer that the rules refuse, a wrong product and a steel blade on light metal each have their price', () => {
    expect(returned(doAll(plainTruth(), ...CLOSE, PRIME))).toContain('paint-left');
    expect(returned(doAll(plainTruth(), PRIME))).toEqual(['paint-left', 'key', 'grease']);
    expect(returned(doAll(plainTruth(), ...bare, ...CLOSE, { does: 'prime', primer: 'zinc-rich' }))).toEqual(['primer']);
    const light = plainTruth({ substrate: 'aluminium-sheet' });
    expect(returned(doAll(light, ...bare))).toEqual(['forbidden-product']);
    expect(returned(doAll(light, ...bare, ...bare))).toEqual(['forbidden-product']);
    expect(returned(doAll(light, layOn('chem.fast-solvent'), 15, { does: 'scrape', blade: 'steel' }))).toEqual(['gouged']);
    expect(returned(doAll(plainTruth(), ...bare, { does: 'give-up' }))).toEqual(['unfinished']);
  });

  /** The flash-rust clock: a day at 50 %, within 3 K of the dew point or wet an hour; salt a tenth. Model assumption taken from practice. */
  test('steel that waits rusts: a short overrun is keyed out, a long one is treated', () => {
    const truth = plainTruth();
    const waited = (hours: number, ...after: readonly PracticeAction[]) =>
      doAll(truth, ...bare, { does: 'rinse' }, { does: 'neutralise' }, { does: 'dry' }, hours * 60, ...after);
    const KEY: PracticeAction = { does: 'key', grit: 120 };
    expect(seenAt(waited(6), truth).rust).toBe(0);
    expect(seenAt(waited(30), truth).rust).toBeGreaterThan(0.3);
    expect(returned(waited(30, { does: 'wipe' }, PRIME))).toContain('rust');
    expect(returned(waited(30, KEY, { does: 'wipe' }, PRIME))).toEqual([]);
    expect(returned(waited(60, KEY, { does: 'wipe' }, PRIME))).toEqual(['rust']);
    expect(
      returned(waited(60, { does: 'derust' }, { does: 'rinse' }, { does: 'neutralise' }, { does: 'dry' }, KEY, { does: 'wipe' }, PRIME)),
    ).toEqual([]);
    expect(seenAt(doAll(truth, ...bare, { does: 'rinse' }, 70), truth).rust).toBeGreaterThan(0);
    const wet = doAll(truth, ...bare, { does: 'rinse' });
    expect(waitUntil(wet, truth, wet.at + 30).aged - wet.aged).toBeCloseTo(0.5, 6);
    expect(doAll(truth, ...bare, { does: 'derust' })).toMatchObject({ aged: 0, ph: 3, key: null, wet: true });
    expect(waitUntil(waited(0), { ...truth, salt: 150 }, 1).aged).toBeLessThan(waited(1).aged);
  });

  test('light metal keeps by time alone from its keying', () => {
    const truth = plainTruth({ substrate: 'aluminium-sheet' });
    const primed = (hours: number) =>
      doAll(
        truth,
        layOn('chem.fast-solvent'),
        15,
        SCRAPE,
        { does: 'rinse' },
        { does: 'dry' },
        { does: 'key', grit: 180 },
        { does: 'wipe' },
        hours * 60,
        PRIME,
      );
    expect(returned(primed(4))).toEqual([]);
    expect(returned(primed(7))).toEqual(['oxide']);
  });
});

/** Rates by hand for 100 µm of enamel, m²/h: 0.08 wet, 0.3 dry; model assumption. 40 µm on half a square metre, level and open. */
test('sanding off takes what the hand rates say, leaves P80 and dust, and does not dry a wet face', () => {
  const truth = plainTruth();
  const [wet, dry] = [true, false].map((wet) => doAll(truth, { does: 'sand-off', wet }));
  expect(wet?.at).toBeCloseTo((60 * 0.5 * 0.4) / 0.08, 6);
  expect(dry?.at).toBeCloseTo((60 * 0.5 * 0.4) / 0.3, 6);
  expect(dry).toMatchObject({ key: 80, dusty: true, wet: false, depth: 40 });
  expect(doAll(truth, { does: 'break-top' }, { does: 'sand-off', wet: false }).wet).toBe(true);
  // Half of it is gone already.
  expect(doAll(truth, layOn('chem.fast-solvent'), 2, SCRAPE, { does: 'sand-off', wet: true }).entries.at(-1)?.minutes).toBeLessThan(150);
});

/** Cutting, washing and drying by the square metre and their start, as in the plan; model assumption. Wages 48 an hour. */
test.each<[PracticeAction, number, number]>([
  [{ does: 'rinse' }, 3 + 8 / 2, 0],
  [{ does: 'neutralise' }, 3 + 6 / 2, 0],
  [{ does: 'wash-salt' }, 3 + 10 / 2, 0],
  [{ does: 'wipe' }, 3 + 5 / 2, 0],
  [{ does: 'key', grit: 120 }, 3 + 5 / 2, 0],
  [{ does: 'derust' }, 3 + 12 / 2, 0],
  [{ does: 'break-top' }, 3, 0],
  [{ does: 'fresh-cartridge' }, 2, 24],
  [{ does: 'warm' }, 12, 4],
])('%j takes %d min and %d beside the wages', (action, minutes, money) => {
  const bench = doAll(plainTruth(), action);
  expect(bench.at).toBeCloseTo(minutes, 6);
  expect(bench.entries).toHaveLength(1);
  expect(bench.entries[0]).toMatchObject({ minutes });
  expect(bench.entries[0]?.money).toBeCloseTo(minutes * 0.8 + money, 6);
});

/** What water leaves behind; model assumption. */
test('a rinse leaves 8 % of the residue, 70 % of the salt and 45 % of the way to neutral, a wash for salt 15 % of it', () => {
  const truth = plainTruth({}, { salt: 100 });
  const rinsed = doAll(truth, layOn('chem.caustic-spray'), 10, SCRAPE, { does: 'rinse' });
  expect(rinsed.residue).toBeCloseTo(0.08, 9);
  expect(rinsed.salt).toBeCloseTo(70, 9);
  expect(rinsed.ph).toBeCloseTo(7 + 5.5 * 0.45, 9);
  expect(doAll(truth, { does: 'wash-salt' }).salt).toBeCloseTo(15, 9);
});

test('drying stands a quarter of an hour at 20 °C, longer in the cold, and a film under cover takes longer to lay', () => {
  expect(doAll(plainTruth(), { does: 'dry' }).at).toBeCloseTo(3 + 4 / 2 + 15, 6);
  expect(doAll(plainTruth({ air: [10, 50] }), { does: 'dry' }).at).toBeCloseTo(3 + 4 / 2 + 30, 6);
  expect(doAll(plainTruth(), layOn('chem.fast-solvent', true)).at).toBeCloseTo(0.5 * (10 + 2), 6);
  expect(doAll(plainTruth(), { does: 'warm' }, 1).warmed).toBe(6);
});

test('finds take their time once they show, and only then', () => {
  const bare = [layOn('chem.fast-solvent'), 12, SCRAPE] as const;
  const minutes = (find: Truth['find'], ...before: readonly (PracticeAction | number)[]) =>
    doAll(plainTruth({}, { find }), ...before, { does: 'settle-find' }).entries.find(({ cause }) => cause === 'find-work')?.minutes;
  expect([minutes('filler', ...bare), minutes('hole', ...bare), minutes(null, ...bare), minutes('hole')]).toEqual([45, 35, undefined, undefined]);
});

/** A tenth of the hardener either way; common practice, no source. */
test.each([
  [0.89, ['mix']],
  [0.92, []],
  [1.08, []],
  [1.12, ['mix']],
])('hardener at %d of what is right: %j', (hardener, comes) => {
  expect(returned(doAll(plainTruth({}, { hardener }), layOn('chem.caustic-spray'), 10, SCRAPE, ...CLOSE, PRIME))).toEqual(comes);
});

/** 100 mg/m² in air and 50 under water; from memory. */
test.each([
  ['outside', 95, []],
  ['outside', 105, ['salt']],
  ['immersed-salt', 45, []],
  ['immersed-salt', 55, ['salt']],
] as const)('%s with %d mg/m² of salt: %j', (service, salt, comes) => {
  // A rinse takes three tenths of it.
  const bench = doAll(plainTruth({ service }, { salt: salt / 0.7 }), layOn('chem.caustic-spray'), 10, SCRAPE, ...CLOSE, PRIME);
  expect(returned(bench).filter((cause) => cause === 'salt')).toEqual(comes);
});

test('a find shows once the face is bare, until it is made good', () => {
  const truth = plainTruth({}, { find: 'filler' });
  const bare = [layOn('chem.fast-solvent'), 12, SCRAPE] as const;
  expect(seenAt(startBench(truth), truth).find).toBeNull();
  expect(seenAt(doAll(truth, ...bare), truth)).toMatchObject({ find: 'filler', top: null });
  expect(seenAt(doAll(truth, ...bare, { does: 'settle-find' }), truth).find).toBeNull();
});

describe('people', () => {
  test('a spent cartridge is breathed through, minute by minute; a fresh one holds', () => {
    const truth = plainTruth({}, { cartridge: 3 });
    const harm = (...first: PracticeAction[]) =>
      doAll(truth, ...first, layOn('chem.fast-solvent'), 10, SCRAPE)
        .entries.filter(({ cause }) => cause === 'unguarded')
        .reduce((sum, { money }) => sum + money, 0);
    // 5 min to lay on and 10 to scrape, 3 of them guarded; each of the other 12 counts for twenty at 48 an hour.
    expect(harm()).toBeCloseTo(12 * 20 * 0.8, 6);
    expect(harm({ does: 'fresh-cartridge' })).toBe(0);
  });

  test('leaded paint is sanded wet or it is breathed', () => {
    const dust = (wet: boolean, lead: boolean) =>
      doAll(plainTruth({}, { lead }), { does: 'sand-off', wet }).entries.some(({ cause }) => cause === 'lead-dust');
    expect([dust(true, true), dust(false, true), dust(false, false)]).toEqual([false, true, false]);
  });
});

test('paint in a run that is over stays as it was; a run is the sum of its events', () => {
  const truth = plainTruth();
  const over = doAll(truth, { does: 'give-up' });
  expect(act(over, truth, layOn('chem.fast-solvent'))).toBe(over);
  const played = playRun(truth, [
    { at: 0, action: layOn('chem.fast-solvent') },
    { at: 20, action: SCRAPE },
  ]);
  expect(played.depth).toBe(paintIn(truth));
  expect(() => act(startBench(truth), truth, layOn('chem.none'))).toThrow(/chem.none does not stand on the shelf/);
});

/** Against the psychrolib package (ASHRAE 2017 formulas): humidity of the same water in colder air. */
test('a room that cools gets damper by the saturation pressure', () => {
  psychrolib.SetUnitSystem(psychrolib.SI);
  const end = roomAt({ start: 20, swing: -8, humidity: 50 }, 600, 0);
  expect(end.temperature).toBe(12);
  const vapour = psychrolib.GetVapPresFromRelHum(20, 0.5);
  expect(end.humidity).toBeCloseTo(100 * psychrolib.GetRelHumFromVapPres(12, vapour), 0);
  expect(roomAt({ start: 20, swing: -8, humidity: 50 }, 600, 6).margin).toBeGreaterThan(end.margin + 5);
  // Half of the way at half of six hours.
  expect(roomAt({ start: 20, swing: -8, humidity: 50 }, 178, 0).temperature).toBeCloseTo(16, 0);
  const wave = [0, 60, 180, 300, 360].map((minute) => roomAt({ start: 20, swing: -8, humidity: 50 }, minute, 0).temperature);
  expect(wave).toEqual([...wave].sort((a, b) => b - a));
});
