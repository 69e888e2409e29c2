import { spotRule } from './spot-rule.ts';

/** Five spots of three readings that average so. */
const spots = (...averages: number[]): number[] => averages.flatMap((average) => [average - 3, average, average + 3]);

// SSPC-PA 2, from memory: the average of the spots within the range, no spot under 80 % of its thin end or over 120 % of its thick end.
test.each([
  [[70, 75, 80, 65, 72], true, 72.4],
  // 48 is 80 % of 60, 108 is 120 % of 90: both ends are still met.
  [[48, 75, 80, 65, 72], true, 68],
  [[108, 75, 80, 65, 72], true, 80],
  [[47, 75, 80, 65, 72], false, 67.8],
  [[109, 75, 80, 65, 72], false, 80.2],
  [[55, 58, 59, 60, 62], false, 58.8],
  [[90, 95, 92, 89, 91], false, 91.4],
])('spots of %j in 60 to 90 µm', (averages, met, average) => {
  const verdict = spotRule(spots(...averages), [60, 90]);
  expect(verdict?.met).toBe(met);
  expect(verdict?.average).toBeCloseTo(average, 9);
  expect(verdict?.spots).toEqual(averages);
});

test('says which spot, and what to do about it', () => {
  expect(spotRule(spots(70, 40, 80, 65, 72), [60, 90])).toMatchObject({
    thin: [1],
    thick: [],
    says: expect.stringMatching(/^Spot 2 under 80 %/) as string,
  });
  expect(spotRule(spots(70, 75, 80, 65, 115), [60, 90])?.says).toMatch(/^Spot 5 over 120 %/);
  expect(spotRule(spots(50, 50, 50, 50, 50), [60, 90])?.says).toMatch(/^Too thin: 50 µm/);
  expect(spotRule(spots(99, 99, 99, 99, 99), [60, 90])?.says).toMatch(/^Too thick: 99 µm/);
});

test('fewer than five spots of three are not enough; none, or what is no reading, is no verdict', () => {
  expect(spotRule(spots(70, 70, 70, 70), [60, 90])).toMatchObject({ met: false, says: '5 spots of 3 readings are wanted, 12 are in.' });
  expect(spotRule(spots(70, 70, 70, 70, 70).slice(0, 14), [60, 90])?.met).toBe(false);
  expect(spotRule([], [60, 90])).toBeNull();
  expect(spotRule([Number.NaN], [60, 90])).toBeNull();
});
