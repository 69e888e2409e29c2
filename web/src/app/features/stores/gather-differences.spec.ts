import type { Difference } from '@lift-bare/core';
import { gatherDifferences } from './gather-differences';

const change = (where: string, after = 'etch'): Difference => ({ where, what: 'primer', before: 'epoxy', after });

test('the same change in many zones is one line that counts them', () => {
  const gathered = gatherDifferences({ name: 'Tug', differences: [change('a'), change('b'), change('c'), change('d', 'none')] });
  expect(gathered).toEqual([change('3 zones'), change('d', 'none')]);
});

test('two places are named', () => {
  expect(gatherDifferences({ name: 'Tug', differences: [change('a'), change('b')] })).toEqual([change('a, b')]);
  expect(gatherDifferences({ name: 'Tug', differences: [] })).toEqual([]);
});
