import { fromLocalField, sayTime, toLocalField } from './local-time';

test('a moment goes through its field and back', () => {
  const moment = new Date(2026, 11, 4, 13, 5).toISOString();
  expect(toLocalField(moment)).toBe('2026-12-04T13:05');
  expect(fromLocalField(toLocalField(moment))).toBe(moment);
  expect(sayTime(moment)).toBe('Fri 4 Dec, 13:05');
});

test('an empty or broken field is no moment', () => {
  expect([fromLocalField(''), fromLocalField('friday')]).toEqual([null, null]);
});
