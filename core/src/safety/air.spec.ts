import { sampleJob, sampleShop, type Sample } from '../../testing/sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { VAPOURS } from '../catalogue/vapours.ts';
import { planJob } from '../plan-job.ts';
import { m3, m3PerHour } from '../units/quantities.ts';
import { airFor, firePpm, leakage, milligrams, MIXING, ppmAfter } from './air.ts';
import { airSums } from './air-sum.ts';

const XYLENE = VAPOURS['paint-solvent'];
const TOLUENE = { molarMass: 92.14 };

describe('vapour in a ventilated room', () => {
  /** Molar volume 24.45 L/mol at 25 °C, density 0.867 kg/L: a litre of toluene gives about 230 L of vapour. */
  test('a litre of toluene in 1,000 m³ is 230 ppm', () => {
    const perPpm = milligrams(1, TOLUENE) * 1000; // mg in 1,000 m³
    expect(867_000 / perPpm).toBeCloseTo(230, -0.5);
  });

  /** Q = 403·10⁶·SG·ER·K/(MW·C), cfm from pints a minute: manuals of industrial ventilation, from memory; at 21 °C, hence 2 %. */
  test.each([0.05, 0.3, 2])('the fan of the ventilation manuals for %p pints of xylene a minute', (pints) => {
    const cfm = (403e6 * 0.87 * pints * MIXING) / (106.17 * 100);
    const grams = pints * 473.176473 * 0.87;
    expect(airFor(grams, 100, XYLENE) / 1.699 / cfm).toBeCloseTo(1, 1);
  });

  /** The mass balance V·dC/dt = K·E − Q·C stepped through in seconds. */
  test.each([
    [8, 600, 200, 40],
    [2, 50, 100, 15],
    [30, 9000, 420, 90],
  ])('%p g/min, %p m³/h, %p m³, %p min: as the balance stepped through', (rate, flow, room, span) => {
    let grams = 0;
    const step = 1 / 60;
    for (let t = 0; t < span; t += step) grams += (MIXING * rate - (flow / 60) * (grams / room)) * step;
    const ppm = ((grams / room) * 1000) / milligrams(1, XYLENE);
    expect(ppmAfter(span, rate, { flow: m3PerHour(flow), room: m3(room) }, XYLENE) / ppm).toBeCloseTo(1, 2);
  });

  test('it never passes the steady state, which the fan for a limit holds exactly', () => {
    const flow = m3PerHour(airFor(8, 100, XYLENE));
    expect(ppmAfter(30, 8, { flow, room: null }, XYLENE)).toBeCloseTo(100, 6);
    expect(ppmAfter(30, 8, { flow, room: m3(300) }, XYLENE)).toBeLessThan(100);
    expect(ppmAfter(1e5, 8, { flow, room: m3(300) }, XYLENE)).toBeCloseTo(100, 6);
  });

  test('a tenth of 1 % of xylene is 1,000 ppm; a closed room changes its air every two hours', () => {
    expect(firePpm(XYLENE)).toBeCloseTo(1000, 9);
    expect(leakage(m3(100))).toBe(50);
  });
});

/** IUPAC masses: C 12.011, H 1.008, O 15.999, Cl 35.45. Limits and explosive limits: as named at each row, from memory. */
test.each([
  ['paint-solvent', 8, 10, 0, 0, 100, 1],
  ['fast-solvent', 3, 6, 1, 0, 250, 2.5],
  ['dichloromethane', 1, 2, 0, 2, 2, 13],
  ['benzyl-alcohol', 7, 8, 1, 0, 10, 1.3],
] as const)('%s is what it is reckoned as', (id, c, h, o, cl, limit, explosive) => {
  const { molarMass, limit: most, lowestExplosive } = VAPOURS[id];
  expect(molarMass).toBeCloseTo(12.011 * c + 1.008 * h + 15.999 * o + 35.45 * cl, 1);
  expect([most.value, lowestExplosive.value]).toEqual([limit, explosive]);
});

/** White spirit: a blend of nine to eleven carbons, limit a model assumption under that of the mildest. */
test('wipes are reckoned as white spirit', () => {
  const { molarMass, limit, lowestExplosive } = VAPOURS['wipe-solvent'];
  expect([molarMass, limit.value, lowestExplosive.value]).toEqual([140, 100, 0.8]);
});

describe('the sum of each operation', () => {
  const plan = (sample: Sample) => {
    const job = sampleJob(sample);
    const result = planJob(job, sampleShop(sample), CATALOGUE);
    return { ...result, sums: airSums(job.place, result.operations) };
  };
  const codes = (sample: Sample) => plan(sample).findings.flatMap(({ code, severity }) => (code.startsWith('air-') ? [`${severity} ${code}`] : []));
  const big = { area: 12 };

  /** Litres × (1 − solids) × density: two-pack solid colour of 50 % solids, by the share that is sprayed in one of two coats. */
  test('a coat gives off its solvent while it is laid', () => {
    const { sums, zones } = plan(big);
    const colour = sums.find(({ operation }) => operation.coat?.name === 'Two-pack solid colour');
    const coat = zones[0]?.build?.coats.find(({ name }) => name === 'Two-pack solid colour');
    if (!coat || !colour) throw new Error('no colour');
    const grams = (coat.litres * 0.5 + coat.thinner) * 870;
    expect(colour.rate).toBeCloseTo(grams / coat.hand, 6);
  });

  /** What a film gives off by the time it is dry is what could evaporate from it: 1.25 kg/L and 85 % of a chlorinated gel, model assumption. */
  test('a film of stripper gives off as much as it holds, until it is dry; under a cover a tenth', () => {
    const dcm: Sample = {
      area: 0.5,
      choice: { method: 'chem.dcm', reason: 'as declared' },
      shop: { methyleneChloride: true, equipment: ['supplied-air', 'spray-gun'] },
    };
    const { sums, zones } = plan(dcm);
    const strip = zones[0]?.chosen?.strip;
    const round = sums.find(({ operation }) => operation.kind === 'strip-round');
    if (!strip || !round) throw new Error('no round');
    expect(round.rate * strip.workingLife).toBeCloseTo(Math.min(strip.section, 0.5) * strip.laid * 1.25 * 0.85 * 1000, 3);
    expect(round.vapour.id).toBe('dichloromethane');
    expect(sums.find(({ operation }) => operation.kind === 'strip-round' && operation.emits?.stands !== true)).toBeUndefined();
  });

  test('air too thick for a hood is not for somebody with the right mask, and training', () => {
    const person = { id: 'p', name: 'P', beard: false, size: 'M', fitTested: '2026-06-01', trained: ['two-pack'], hours: null } as const;
    const stops = (masks: readonly ('supplied-hood' | 'supplied-full')[]) =>
      codes({
        area: 3,
        choice: { method: 'chem.dcm', reason: 'as declared' },
        place: { extraction: true, airFlow: 4000, room: 200 },
        shop: {
          methyleneChloride: true,
          equipment: ['supplied-air', 'spray-gun'],
          people: [{ ...person, trained: ['two-pack'], masks: [...masks], away: [] }],
        },
      });
    expect(stops(['supplied-hood'])).toContain('stop air-breathing');
    expect(stops(['supplied-hood', 'supplied-full'])).not.toContain('stop air-breathing');
  });

  test.each([
    ['under what is dangerous at once', 4000, false],
    ['over it', 1000, true],
  ])('%s: whatever mask somebody has', (_, airFlow, stopped) => {
    const { findings, sums } = plan({
      area: 3,
      choice: { method: 'chem.dcm', reason: 'as declared' },
      place: { extraction: true, airFlow, room: 200 },
      shop: {
        methyleneChloride: true,
        people: [
          {
            id: 'p',
            name: 'P',
            beard: false,
            size: 'M',
            fitTested: '2026-06-01',
            trained: ['two-pack'],
            masks: ['supplied-full'],
            hours: null,
            away: [],
          },
        ],
      },
    });
    const thickest = Math.max(...sums.filter(({ vapour }) => vapour.id === 'dichloromethane').map(({ ppm }) => ppm ?? 0));
    // NIOSH, immediately dangerous to life or health, from memory
    expect(thickest > 2300).toBe(stopped);
    const stop = findings.find(({ code }) => code === 'air-breathing');
    expect(stop?.reason.includes('life is in danger at once') ?? false).toBe(stopped);
  });

  test('lye gives off no solvent', () =>
    expect(plan({ choice: { method: 'chem.caustic-spray', reason: 'x' } }).sums.some(({ operation }) => operation.kind === 'strip-round')).toBe(
      false,
    ));

  test.each<[string, Sample, readonly string[]]>([
    ['a booth', { ...big, place: { extraction: true, airFlow: 9000, room: 400 } }, []],
    ['a fan that is not measured', { ...big, place: { extraction: true } }, []],
    ['outdoors', { ...big, place: { indoors: false, extraction: false } }, []],
    ['a garage without a fan', { ...big, place: { extraction: false, room: 90 } }, ['stop air-fire']],
    ['a hall without a fan', { area: 1, place: { extraction: false, room: 4000 } }, []],
    ['a room of unknown size without a fan', { ...big, place: { extraction: false } }, ['question air-unknown']],
    ['a fan for the bench', { ...big, place: { extraction: true, airFlow: 120, room: null } }, ['stop air-fire']],
  ])('%s', (_, sample, expected) => expect(codes(sample)).toEqual(expected));

  test('a wipe without a mask is told to be wiped in one where only that is too much', () => {
    const small: Sample = { area: 1, place: { extraction: true, airFlow: 600, room: null } };
    expect(codes(small)).toEqual(['caution air-mask']);
    expect(codes({ ...small, place: { extraction: true, airFlow: 900, room: null } })).toEqual([]);
  });

  test('the fan that is asked for is enough, a tenth less is not', () => {
    const needed = Math.max(...plan(big).sums.map(({ fire }) => fire));
    const withFan = (airFlow: number) => codes({ ...big, place: { extraction: true, airFlow, room: null } });
    expect(withFan(needed * 1.001)).not.toContain('stop air-fire');
    expect(withFan(needed * 0.9)).toContain('stop air-fire');
  });

  test('what is worn decides how much may be breathed', () => {
    const { sums } = plan({ ...big, place: { extraction: true, airFlow: 3000, room: null } });
    for (const sum of sums) expect(sum.masked * sum.worn).toBeCloseTo(sum.bare, 6);
    expect(sums.filter(({ verdict }) => verdict === 'mask').every(({ ppm, worn, vapour }) => (ppm ?? 0) > vapour.limit.value && worn > 1)).toBe(true);
    expect(sums.some(({ verdict }) => verdict === 'mask')).toBe(true);
  });
});
