import fc from 'fast-check';
import { parseQuantity } from './parse-quantity.ts';
import { plainNumber, readNumber } from './read-number.ts';

test.each([
  ['12', 12],
  ['1.5', 1.5],
  ['1,5', 1.5],
  ['1,25', 1.25],
  ['2.125', 2.125],
  ['0,125', 0.125],
  ['1,2345', 1.2345],
  ['-3,5', -3.5],
  ['−3', -3],
  ['1e-3', 0.001],
  ['1200', 1200],
  ['1 200', 1200],
  ["1'200", 1200],
  ['1\u202f200,5', 1200.5],
  ['1,234,567', 1_234_567],
  ['1.234.567', 1_234_567],
  ['1,200.5', 1200.5],
  ['1.200,5', 1200.5],
  ['12345,678', 12345.678],
])('%s is %d', (text, value) => expect(plainNumber(text)).toEqual({ ok: true, value }));

test.each(['1,200', '1,000', '12,500', '999,999', '-1,200'])('%s is asked about, not guessed', (text) => {
  const read = plainNumber(text);
  expect(read).toMatchObject({ ok: false, reason: expect.stringContaining(`${text.replace(',', '')} or ${Number(text.replace(',', '.'))}?`) });
  expect(parseQuantity(`${text} mm`, 'length', 'metric')).toMatchObject({ ok: false, reason: expect.stringContaining('Write it without the comma') });
});

test('what is no number says so, and an empty text is none', () => {
  for (const text of ['x', '.', '1..2', '5 five', '--1']) expect(plainNumber(text)).toMatchObject({ ok: false, reason: `"${text}" is not a number` });
  expect(plainNumber('  ')).toEqual({ ok: true, value: null });
});

test('a number as a machine writes it reads as itself', () => {
  fc.assert(
    fc.property(fc.double({ min: -1e6, max: 1e6, noNaN: true }), (value) => {
      const read = readNumber(String(value));
      expect(read.ok && read.value).toBe(value === 0 ? Number(String(value)) : value);
    }),
  );
});
