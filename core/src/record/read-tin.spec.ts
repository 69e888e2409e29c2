import fc from 'fast-check';
import { readTin, type TinCode } from './read-tin.ts';

/** Element strings as in the GS1 General Specifications and its guide to Data Matrix, from memory. */
test.each<[string, TinCode | null]>([
  ['(01)09501101530003(17)140704(10)AB-123', { batch: 'AB-123', expires: '2014-07-04' }],
  [']d2010950110153000317140704' + '10AB-123', { batch: 'AB-123', expires: '2014-07-04' }],
  [']C110AB-123\u001d17270331', { batch: 'AB-123', expires: '2027-03-31' }],
  ['\u001d0109501101530003' + '21S/N 7\u001d10L4711', { batch: 'L4711', expires: null }],
  // Each element of fixed length ends where the next begins.
  ['01095011015300031527033110L4711', { batch: 'L4711', expires: '2027-03-31' }],
  ['1125010110L4711', { batch: 'L4711', expires: null }],
  ['20011725063010L4711', { batch: 'L4711', expires: '2025-06-30' }],
  ['310300125010L4711', { batch: 'L4711', expires: null }],
  ['00340123450000000018' + '10L4711', { batch: 'L4711', expires: null }],
  ['(15)270200(10)7', { batch: '7', expires: '2027-02-28' }],
  ['(15)280200(10)7', { batch: '7', expires: '2028-02-29' }],
  ['(17)271331(10)7', { batch: '7', expires: null }],
  ['(17)270230', null],
  ['(01)09501101530003', null],
  ['0109501101530003', null],
  // What is no element string stands as it is.
  ['B 4711', { batch: 'B 4711', expires: null }],
  ['4006381333931', { batch: '4006381333931', expires: null }],
  ['https://paint.example/4711', null],
  ['', null],
  ['x'.repeat(61), null],
])('%s', (text, expected) => expect(readTin(text, 2026)).toEqual(expected));

/** Figures behind each identifier of fixed length; GS1 General Specifications, 7.8.5, from memory. */
test.each([
  ['00 goods in a unit', ['00'], 18],
  ['trade items', ['01', '02', '03'], 14],
  ['the fourth', ['04'], 16],
  ['dates', ['11', '12', '13', '14', '15', '16', '17', '18', '19'], 6],
  ['a variant', ['20'], 2],
  ['measures, with the two figures of their kind', ['31', '32', '33', '34', '35', '36'], 8],
  ['places, with the figure of their kind', ['41'], 14],
])('%s: the batch begins right behind', (_, identifiers, figures) => {
  for (const id of identifiers) {
    const whole = `${id}${'250101'.padEnd(figures, '0').slice(0, figures)}10L4711`;
    expect([id, readTin(whole, 2026)?.batch]).toEqual([id, 'L4711']);
    expect([id, readTin(whole.replace(id, `${id}0`), 2026)?.batch]).not.toEqual([id, 'L4711']);
  }
});

/** The rule of the century: 51 years on and more are the last one, 50 back and more the next. */
test.each([
  [26, 2026, '2026'],
  [76, 2026, '2076'],
  [77, 2026, '1977'],
  [40, 2090, '2140'],
  [41, 2090, '2041'],
])('year %i read in %i is %s', (yy, year, full) => expect(readTin(`(17)${yy}0101(10)a`, year)?.expires).toBe(`${full}-01-01`));

test('no text breaks it, and what it says fits the book', () => {
  fc.assert(
    fc.property(fc.oneof(fc.string({ maxLength: 80 }), fc.stringMatching(/^(\(\d{2}\)\w{0,12}){1,4}$/), fc.stringMatching(/^\d{0,40}$/)), (text) => {
      const read = readTin(text, 2026);
      if (!read) return;
      expect(read.batch.length).toBeLessThanOrEqual(60);
      if (read.expires !== null) expect(new Date(read.expires).toISOString().slice(0, 10)).toBe(read.expires);
    }),
  );
});
