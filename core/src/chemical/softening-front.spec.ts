import fc from 'fast-check';
import { arrhenius, stackTime } from '../../testing/reference/softening.ts';
import { degC } from '../units/quantities.ts';
import { BRUSHED_OVER, temperatureFactor, WEATHERED } from './activity.ts';
import { depthAfter, faceTimes, scrapeOff, softeningFilm, timeThrough } from './softening-front.ts';

type Film = readonly [thickness: number, reference: number];
const stack = (...films: readonly Film[]) => films.map(([thickness, reference]) => softeningFilm(thickness, reference));

const films = fc.array(fc.tuple(fc.double({ min: 1, max: 800, noNaN: true }), fc.double({ min: 1, max: 2000, noNaN: true })), {
  minLength: 1,
  maxLength: 8,
});

describe('closed form, linear-parabolic law (Deal and Grove 1965)', () => {
  test.each([4, 25, 720])('50 µm take the reference time of %d min exactly', (reference) => {
    expect(timeThrough(stack([50, reference]))).toBeCloseTo(reference, 9);
  });

  test('a stack equals the sum written out by hand', () => {
    const layers: Film[] = [
      [40, 8],
      [40, 8],
      [20, 6],
      [40, 25],
    ];
    expect(timeThrough(stack(...layers))).toBeCloseTo(stackTime(layers), 9);
    fc.assert(fc.property(films, (layers) => Math.abs(timeThrough(stack(...layers)) / stackTime(layers) - 1) < 1e-9));
  });

  test('thin films take time in proportion, thick ones with the square', () => {
    const slope = (thickness: number) => Math.log(timeThrough(stack([thickness * 1.01, 10])) / timeThrough(stack([thickness, 10]))) / Math.log(1.01);
    expect(Math.abs(slope(0.5) - 1)).toBeLessThan(0.02);
    expect(Math.abs(slope(50_000) - 2)).toBeLessThan(0.02);
  });

  test('a layer split in two takes as long as the whole', () => {
    expect(timeThrough(stack([30, 12], [50, 12]))).toBeCloseTo(timeThrough(stack([80, 12])), 9);
  });

  test('the depth after the time to each face is that face, and depth never falls with time', () => {
    fc.assert(
      fc.property(films, fc.double({ min: 0, max: 1, noNaN: true }), (layers, share) => {
        const coats = stack(...layers);
        const times = faceTimes(coats);
        let face = 0;
        const exact = times.every((time, i) => Math.abs(depthAfter(coats, time) - (face += coats[i]?.thickness ?? 0)) < 1e-6 * face);
        const end = times.at(-1) as number;
        return exact && depthAfter(coats, share * end) <= depthAfter(coats, end) + 1e-9;
      }),
    );
  });

  test('nothing gets faster by more or harder paint', () => {
    fc.assert(
      fc.property(films, fc.double({ min: 1.01, max: 3, noNaN: true }), (layers, more) => {
        const base = timeThrough(stack(...layers));
        const thicker = timeThrough(stack(...layers.map(([l, t], i): Film => [i === 0 ? l * more : l, t])));
        const harder = timeThrough(stack(...layers.map(([l, t], i): Film => [l, i === 0 ? t * more : t])));
        return thicker > base && harder > base;
      }),
    );
  });

  test('scraping takes the softened top away and leaves the rest fresh', () => {
    expect(scrapeOff(stack([40, 8], [30, 8]), 55).map(({ thickness }) => thickness)).toEqual([15]);
    expect(scrapeOff(stack([40, 8]), 40)).toEqual([]);
  });

  test('a film of no thickness or NaN is misuse', () => {
    expect(() => softeningFilm(0, 5)).toThrow(RangeError);
    expect(() => softeningFilm(Number.NaN, 5)).toThrow(RangeError);
  });
});

describe('temperature', () => {
  test('51 kJ/mol doubles from 20 to 30 °C within 1 % (Arrhenius 1889)', () => {
    expect(temperatureFactor(degC(20))).toBe(1);
    expect(Math.abs(temperatureFactor(degC(30)) / 2 - 1)).toBeLessThan(0.01);
    expect(temperatureFactor(degC(7))).toBeCloseTo(arrhenius(7), 12);
  });
});

/** Facts of the trade; common practice, no source. */
describe('what refinishers see', () => {
  const at22 = temperatureFactor(degC(22));

  test('fresh aerosol paint of 36 µm lifts in 2.6 min', () => expect(timeThrough(stack([36, 4]))).toBeCloseTo(2.6, 1));

  test('two enamel coats at 22 °C blister at 5 min and are through at 13', () => {
    const [first, through] = faceTimes(stack([40, 8], [40, 8])).map((time) => time / at22);
    expect(first).toBeCloseTo(5.2, 1);
    expect(through).toBeCloseTo(13.1, 1);
  });

  test('a repaint of four coats loses three in one 20 min dwell, one when brushed over', () => {
    const times = faceTimes(stack([40, 8], [40, 8], [20, 8], [40, 8])).map((time) => time / at22);
    expect(times.filter((time) => time <= 20)).toHaveLength(3);
    expect(times.filter((time) => time / BRUSHED_OVER <= 20)).toHaveLength(1);
  });

  test('aged polyurethane in a hangar at 14 °C: 17 min weathered, 29 sound', () => {
    const cold = temperatureFactor(degC(14));
    expect(Math.floor((WEATHERED * timeThrough(stack([60, 15]))) / cold)).toBe(17);
    expect(Math.floor(timeThrough(stack([60, 15])) / cold)).toBe(29);
  });
});
