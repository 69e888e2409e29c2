import fc from 'fast-check';
import { maskDrawing } from './mask-drawing.ts';
import type { MaskedLine } from './work-pack.ts';

const line = (number: number, how: MaskedLine['how'], work: MaskedLine['work'] = 'strip'): MaskedLine => ({
  number,
  how,
  work,
  what: '',
  why: '',
  off: '',
  mask: '',
});

test('zones stand beside each other, wider with their area, and every cover lies within its zone with its number at it', () => {
  fc.assert(
    fc.property(
      fc.array(
        fc.record({
          area: fc.double({ min: 0.01, max: 20, noNaN: true }),
          hows: fc.array(fc.constantFrom('line', 'spot', 'plug'), { maxLength: 9 }),
        }),
        { minLength: 1, maxLength: 5 },
      ),
      (given) => {
        let number = 0;
        const zones = given.map(({ area, hows }, i) => ({
          zone: `Z${i}`,
          area,
          items: hows.map((how) => line((number += 1), how as MaskedLine['how'])),
        }));
        const drawing = maskDrawing({ zones });
        expect(drawing.covers.map((cover) => cover.number)).toEqual(Array.from({ length: number }, (_, i) => i + 1));
        drawing.zones.forEach(({ x, width }, i) => {
          expect(x).toBeGreaterThanOrEqual(i === 0 ? 0 : (drawing.zones[i - 1]?.x ?? 0) + (drawing.zones[i - 1]?.width ?? 0) + 10);
          expect(x + width).toBeLessThanOrEqual(drawing.width + 1e-6);
          for (const cover of drawing.covers.filter((own) => zones[i]?.items.some((item) => item.number === own.number)))
            for (const box of cover.boxes) {
              expect(box.x).toBeGreaterThanOrEqual(x - 1e-6);
              expect(box.x + box.width).toBeLessThanOrEqual(x + width + 1e-6);
              expect(box.y).toBeGreaterThanOrEqual(drawing.top);
              expect(box.y + box.height).toBeLessThanOrEqual(drawing.height);
            }
        });
      },
    ),
  );
  const [small, large] = maskDrawing({ zones: [0.1, 2].map((area, i) => ({ zone: `${i}`, area, items: [] })) }).zones;
  expect(large?.width).toBeGreaterThan((small?.width ?? Infinity) * 1.5);
});

test('plugs are four, a line is one round the zone, the second within the first', () => {
  const { covers } = maskDrawing({
    zones: [{ zone: 'Z', area: 1, items: [line(1, 'line'), line(2, 'line', 'paint'), line(3, 'plug'), line(4, 'spot')] }],
  });
  expect(covers.map(({ boxes }) => boxes.length)).toEqual([1, 1, 4, 1]);
  expect(covers[1]?.boxes[0]?.width).toBeLessThan(covers[0]?.boxes[0]?.width ?? 0);
  expect(covers[1]?.work).toBe('paint');
});
