import { readWith, TestResult, DEMO_JOBS, type Job, type Zone } from '@lift-bare/core';
import { resultText, TEST_GUIDES } from './test-guide';

const zone = (DEMO_JOBS[0] as Job).parts[1]?.zones[0] as Zone;
const layerName = (id: string): string => `layer ${zone.stack.findIndex((layer) => layer.id === id) + 1}`;

test('every test says how it is done, and every answer is one that a document may hold', () => {
  expect(TEST_GUIDES.map(({ test }) => test).sort()).toEqual(TestResult.options.map(({ shape }) => shape.test.value).sort());
  for (const { how, answers, test } of TEST_GUIDES) {
    expect(how.length).toBeGreaterThan(60);
    const all = answers(zone, layerName);
    expect(all.length).toBeGreaterThan(1);
    for (const { result } of all) {
      expect(readWith(TestResult, result).ok).toBe(true);
      expect(result.test).toBe(test);
      expect(resultText(result, layerName).length).toBeGreaterThan(3);
    }
  }
});

test('a crosscut can let go under each layer of the zone', () => {
  const crosscut = TEST_GUIDES.find(({ test }) => test === 'crosscut');
  const planes = crosscut
    ?.answers(zone, layerName)
    .flatMap(({ result }) => (result.test === 'crosscut' && result.plane !== null ? [result.plane] : []));
  expect(planes).toEqual([...zone.stack.map(({ id }) => id).reverse(), 'substrate']);
});
