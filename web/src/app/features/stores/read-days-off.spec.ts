import { readDaysOff } from './read-days-off';

const file = (text: string, name = 'days.csv') => ({ name, size: text.length, text: async () => text });
const CALENDAR = `BEGIN:VCALENDAR\r
VERSION:2.0\r
PRODID:-//a calendar//\r
BEGIN:VEVENT\r
UID:1@a\r
DTSTART;VALUE=DATE:20261224\r
DTEND;VALUE=DATE:20261227\r
SUMMARY:Holidays\r
END:VEVENT\r
BEGIN:VEVENT\r
UID:2@a\r
DTSTART:20270105T080000\r
DTEND:20270105T120000\r
SUMMARY:Fire inspection\r
END:VEVENT\r
END:VCALENDAR\r
`;

test('events of a calendar are the days that they touch; the end of whole days is the day after them', async () => {
  expect(await readDaysOff(file(CALENDAR, 'days.ics'))).toEqual({
    ok: true,
    days: [
      { from: '2026-12-24', to: '2026-12-26', note: 'Holidays' },
      { from: '2027-01-05', to: '2027-01-05', note: 'Fire inspection' },
    ],
  });
});

test('a table of from, to, why; with or without a line of names, and one day where no end is given', async () => {
  expect(await readDaysOff(file('from,to,why\n2026-12-24,2026-12-26,Holidays\n05.01.2027,,Inspection\n'))).toEqual({
    ok: true,
    days: [
      { from: '2026-12-24', to: '2026-12-26', note: 'Holidays' },
      { from: '2027-01-05', to: '2027-01-05', note: 'Inspection' },
    ],
  });
});

test.each([
  ['2026-12-24,2026-12-20', 'line 1: must not be before its start'],
  ['2026-12-24,2026-12-26\nsoon,later', 'line 2: “soon” is no date'],
  ['', 'holds no days'],
  ['BEGIN:VCALENDAR\nBEGIN:VEVENT\nnonsense', 'not a calendar that can be read'],
  [Array.from({ length: 101 }, () => '2026-12-24').join('\n'), '100 are the most'],
])('%j is refused: %s', async (text, reason) => {
  const read = await readDaysOff(file(text));
  expect(read.ok ? '' : read.reason).toContain(reason);
});
