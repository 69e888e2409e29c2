import { WeekHours, USUAL_HOURS } from './calendar.ts';
import { hoursText, readHours } from './read-hours.ts';

test.each<[string, string]>([
  ['8-12, 13-17', '8-12, 13-17'],
  ['8:30 to 16.15', '8:30-16:15'],
  ['07h30–11h; 12-15', '7:30-11, 12-15'],
  ['closed', 'closed'],
  ['  ', 'closed'],
  ['18-22', '18-22'],
])('“%s” is read as %s, and its own text is read back', (typed, shown) => {
  const read = readHours(typed);
  if (!read.ok) throw new Error(read.reason);
  expect(hoursText(read.spans)).toBe(shown);
  expect(readHours(shown)).toEqual(read);
});

test.each([
  ['8-', 'is not read'],
  ['mornings', 'is not read'],
  ['12-8', 'must be later than its start'],
  ['8-12, 11-15', 'begins before'],
  ['25-26', 'needs a time'],
  ['1-2,3-4,5-6,7-8,9-10', 'at most 4'],
])('“%s” is refused: %s', (typed, reason) => {
  const read = readHours(typed);
  expect(read.ok ? '' : read.reason).toContain(reason);
});

test('a week whose spells overlap is refused', () => {
  expect(WeekHours.safeParse(USUAL_HOURS).success).toBe(true);
  const twice = [
    { from: '08:00', to: '12:00' },
    { from: '11:00', to: '13:00' },
  ];
  expect(WeekHours.safeParse({ ...USUAL_HOURS, mon: twice }).success).toBe(false);
});
