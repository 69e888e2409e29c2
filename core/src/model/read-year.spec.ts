import { readYear } from './read-year.ts';

test.each<[string, number | null]>([
  ['1972', 1972],
  [' 1972 ', 1972],
  ['c.1972', 1972],
  ['c. 1972', 1972],
  ['ca. 1972', 1972],
  ['circa 1972', 1972],
  ['about 1972', 1972],
  ['~1972', 1972],
  ['1972?', 1972],
  ['before 1960', 1960],
  ['1970s', 1970],
  ["1970's", 1970],
  ['', null],
  ['?', null],
  ['Unknown', null],
])('"%s" is %s', (text, year) => expect(readYear(text)).toEqual({ ok: true, year }));

test.each([
  ['72', /four figures/],
  ['old', /four figures/],
  ['1972 or 1974', /four figures/],
  ['1700', /before 1850/],
  ['2200', /after 2100/],
])('"%s" is not taken, and says why', (text, reason) => {
  const read = readYear(text);
  expect(read.ok ? '' : read.reason).toMatch(reason);
});
