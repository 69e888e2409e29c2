import { sayTime } from './local-time';

test('a moment is said by weekday, day and the hour of 24', () => {
  expect(sayTime(new Date(2026, 11, 4, 13, 5).toISOString())).toBe('Fri 4 Dec, 13:05');
});
