import { readForecast } from './read-forecast.ts';

const table = (text: string) => readForecast(text.split('\n').map((line) => line.split(',')));
const HEAD = 'time,temperature,humidity,wind,rain';

test('columns are found by name, in any order and number', () => {
  const read = table('Humidity (%),Local time,Air temp (°C)\n60,2026-05-04T08:00:00Z,14.5\n65,2026-05-04T09:00:00Z,15');
  expect(read).toMatchObject({
    ok: true,
    hours: [
      { at: '2026-05-04T08:00:00.000Z', temperature: 14.5, humidity: 60, wind: null, rain: null },
      { at: '2026-05-04T09:00:00.000Z', temperature: 15, humidity: 65 },
    ],
  });
});

test('times of another zone are turned; km/h, mph, °F and inches are', () => {
  const [a] = read('time,temp °F,rh,wind km/h,rain inch\n2026-05-04T08:00:00+02:00,68,60,18,1');
  expect(a).toEqual({ at: '2026-05-04T06:00:00.000Z', temperature: 20, humidity: 60, wind: 5, rain: 25.4 });
  expect(read('time,temp,rh,wind mph\n2026-05-04T08:00:00Z,20,60,10')[0]?.wind).toBe(4.47);
});

function read(text: string) {
  const answer = table(text);
  return answer.ok ? answer.hours : [];
}

test('times without a zone are by the clock of the machine, with a blank or a T', () => {
  expect(read(`${HEAD}\n2026-05-04 08:00,14,60,,`)[0]?.at).toBe(new Date(2026, 4, 4, 8).toISOString());
});

test('holes are counted, an hour that comes twice is taken once, what lies between hours is passed over', () => {
  expect(
    table(`${HEAD}\n2026-05-04T08:00:00Z,14,60,,\n2026-05-04T08:30:00Z,14,60,,\n2026-05-04T08:00:00Z,15,60,,\n2026-05-04T11:00:00Z,16,60,,`),
  ).toMatchObject({ ok: true, holes: 2, twice: 1, hours: [{ temperature: 15 }, { temperature: 16 }] });
});

test.each([
  ['no column for the time', 'temperature,humidity\n14,60', 'no column for the time'],
  ['no humidity', 'time,temperature\n2026-05-04T08:00:00Z,14', 'no column for humidity'],
  ['no time in a line', `${HEAD}\nnoon,14,60,,`, 'Line 2: “noon” is no time'],
  ['a word for a figure', `${HEAD}\n2026-05-04T08:00:00Z,warm,60,,`, 'Line 2, temperature: “warm” is no number.'],
  ['an empty cell that is wanted', `${HEAD}\n2026-05-04T08:00:00Z,,60,,`, 'Line 2, temperature'],
  ['a humidity that is none', `${HEAD}\n2026-05-04T08:00:00Z,14,160,,`, 'Line 2, humidity: must be 100 % at most'],
  ['nothing at a full hour', `${HEAD}\n2026-05-04T08:20:00Z,14,60,,`, 'No line stands at a full hour'],
])('%s is told with its line', (_, text, reason) => {
  const answer = table(text);
  expect(answer.ok ? '' : answer.reason).toContain(reason);
});
