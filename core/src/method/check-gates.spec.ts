import { sampleJob, sampleShop, type Sample } from '../../testing/sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { planJob } from '../plan-job.ts';

const plan = (place: NonNullable<Sample['place']>, sample: Sample = {}) => planJob(sampleJob({ ...sample, place }), sampleShop(sample), CATALOGUE);
const gate = (place: NonNullable<Sample['place']>, sample: Sample = {}) => plan(place, sample).findings.find(({ code }) => code === 'dew-gate');

/** Dew points by Sonntag's tables: 20 °C and 50 % 9.3 °C, 20 °C and 80 % 16.4 °C, 10 °C and 85 % 7.6 °C. ISO 8502-4: 3 K above it. */
describe('nothing is painted near the dew point', () => {
  test.each<[NonNullable<Sample['place']>, boolean]>([
    [{ temperature: 20, humidity: 50 }, false],
    [{ temperature: 20, humidity: 50, metal: 13 }, false],
    [{ temperature: 20, humidity: 50, metal: 12 }, true],
    [{ temperature: 20, humidity: 80 }, false],
    [{ temperature: 20, humidity: 80, metal: 19 }, true],
    [{ temperature: 10, humidity: 85 }, true],
    [{ temperature: 10, humidity: 85, metal: 15 }, false],
  ])('%j: %p', (place, stops) => expect(gate(place)?.severity === 'stop').toBe(stops));

  test('topcoats over paint that stays are held like a primer, bare polish is not', () => {
    const damp = { temperature: 10, humidity: 90 };
    expect(gate(damp, { target: { kind: 'keep' }, condition: { crosscut: 0 } })?.severity).toBe('stop');
    expect(gate(damp, { substrate: 'aluminium-cast', thickness: 5, finish: 'bare-polish' })).toBeUndefined();
  });

  test('it says the numbers and the ways out; a written reason lifts it and stays in sight', () => {
    const stop = gate({ temperature: 20, humidity: 50, metal: 10 });
    expect(stop?.reason).toContain('Part measured, 10.0 °C; dew point 9.3 °C: 0.7 K where 3 are asked for');
    expect(stop?.change).toMatch(/Warm the part.*dehumidified.*phosphate film/);
    expect(gate({ temperature: 20, humidity: 50, metal: 10, gateReasons: { dew: 'moisture-tolerant primer by its sheet' } })).toMatchObject({
      severity: 'caution',
      reason: expect.stringContaining('moisture-tolerant primer by its sheet'),
    });
  });

  test('where nothing may be primed, no window is said to be too short besides', () => {
    const damp = { temperature: 10, humidity: 90 };
    const codes = (place: NonNullable<Sample['place']>) =>
      plan(place, { substrate: 'cast-iron', thickness: 15, area: 4, stack: [['alkyd-enamel', 60]], condition: { lead: 'suspected' } }).findings.map(
        ({ code }) => code,
      );
    expect(codes(damp)).toEqual(expect.arrayContaining(['dew-gate']));
    expect(codes(damp)).not.toContain('window-too-short');
    expect(codes({ ...damp, gateReasons: { dew: 'by its sheet', damp: 'by its sheet' } })).toContain('window-too-short');
  });

  test('cold metal in warm air flashes within the hour', () => {
    const within = (metal: number | null) => plan({ temperature: 20, humidity: 50, metal }).zones[0]?.bare.primeWithin;
    expect(within(null)).toBe(24 * 60);
    expect(within(20)).toBe(24 * 60);
    expect(within(11)).toBe(60);
    expect(plan({ temperature: 20, humidity: 50, metal: 11 }).climate.margin).toBeCloseTo(1.7, 1);
  });

  test('a shut gate stands as a stop at the coat itself, topcoat too, until somebody answers for that gate', () => {
    const cold = { temperature: 12, humidity: 50 };
    const stops = (place: NonNullable<Sample['place']>) =>
      plan(place).operations.flatMap(({ coat, stop }) => (coat && stop !== null ? [coat.name] : []));
    expect(stops({ temperature: 20 })).toEqual([]);
    expect(new Set(stops(cold))).toEqual(new Set(['Two-pack surfacer', 'Two-pack solid colour']));
    expect(stops({ ...cold, gateReasons: { dew: 'another gate' } }).length).toBeGreaterThan(0);
    expect(stops({ ...cold, gateReasons: { cold: 'winter hardener by its sheet' } })).toEqual([]);
  });

  /** Acid and filler work above about 10 °C: model assumption, their labels decide. */
  test('acid on rust and two-part filler have to be warm enough, also where nothing is painted', () => {
    const rusty: Sample = {
      substrate: 'mild-steel-section',
      thickness: 6,
      condition: { rustGrade: 'C', pitted: true },
      filling: { area: 0.1, depth: 2, hardener: 2 },
    };
    const title = (temperature: number) => plan({ temperature, humidity: 50 }, rusty).findings.find(({ code }) => code === 'cold-gate')?.title ?? '';
    expect(title(9)).toMatch(/phosphoric etch.*two-part filler|two-part filler.*phosphoric etch/);
    expect(title(12)).not.toMatch(/phosphoric|filler/);
    const stopped = (temperature: number) =>
      plan({ temperature, humidity: 50 }, rusty).operations.flatMap(({ kind, stop }) => (stop?.startsWith('Too cold') ? [kind] : []));
    expect(stopped(9)).toEqual(expect.arrayContaining(['treat-rust', 'fill', 'coat']));
    expect(stopped(12)).not.toEqual(expect.arrayContaining(['treat-rust']));
    expect(stopped(16)).toEqual([]);
  });

  test('a part that was measured itself goes by its own temperature, the rest by the place', () => {
    const air = { temperature: 20, humidity: 50 };
    expect(gate(air, { metal: 10 })).toMatchObject({ severity: 'stop', reason: expect.stringContaining('Part measured, 10.0 °C') });
    expect(gate({ ...air, metal: 10 }, { metal: 20 })).toBeUndefined();
    expect(plan(air, { metal: 11 }).zones[0]?.bare.primeWithin).toBe(60);
    expect(plan(air, { metal: 12 }).findings.map(({ code }) => code)).toContain('cold-gate');
  });
});
