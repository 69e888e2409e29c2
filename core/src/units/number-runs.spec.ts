import { numberRuns } from './number-runs.ts';

test.each<[readonly number[], readonly number[], string]>([
  [[], [], ''],
  [[4], [], '4'],
  [[4, 5], [], '4, 5'],
  [[10, 1, 2, 3, 9, 7, 2], [], '1 to 3, 7, 9, 10'],
  [[1, 2, 3, 7, 9, 10], [8], '1 to 3, 7 to 10'],
  [[1, 5], [2, 3], '1, 5'],
  [[1, 5], [2, 3, 4], '1 to 5'],
  [[3], [1, 2, 4, 5], '3'],
])('%j over %j: "%s"', (numbers, skipped, text) => expect(numberRuns(numbers, new Set(skipped))).toBe(text));
