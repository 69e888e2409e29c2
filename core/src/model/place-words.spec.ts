import { DEMO_JOBS } from '../demo/demo-jobs.ts';
import { Percent } from '../units/quantities.ts';
import type { Job } from './job.ts';
import { changesText, placeText, valueText } from './place-words.ts';

const job = DEMO_JOBS[0] as Job;
const [part] = job.parts;
const zone = part?.zones[0];

test.each([
  [['place', 'temperature'], 'Place, temperature'],
  [['parts', part?.id ?? '', 'thickness'], `${part?.name}, thickness`],
  [['parts', part?.id ?? '', 'zones', zone?.id ?? '', 'systemReason'], `${part?.name}, ${zone?.name}, system reason`],
  [['parts'], 'Parts'],
  [[], 'The whole job'],
])('%j is called %s', (path, text) => expect(placeText(path, job)).toBe(text));

test.each([
  [undefined, 'taken out'],
  ['', 'nothing'],
  [null, 'nothing'],
  [true, 'yes'],
  [0.8, '0.8'],
  [[1], '1 entry'],
  [[], 'none'],
  [{ name: 'Lid', x: 1 }, 'Lid'],
  [{ least: 1, most: null }, 'least 1, most nothing'],
])('%j reads as %s', (value, text) => expect(valueText(value)).toBe(text));

describe('what was changed, in words', () => {
  const changed = (change: (job: Job) => Job): string => changesText(job, change(job));

  test('a figure, by its place', () =>
    expect(changed((own) => ({ ...own, place: { ...own.place, humidity: Percent.parse(71) } }))).toBe('Place, humidity'));

  test('a part that is gone and one that came are named as wholes', () => {
    const fresh = { ...(part as Job['parts'][number]), id: 'fresh', name: 'Spare lid' };
    expect(changed((own) => ({ ...own, parts: [...own.parts.slice(1), fresh] }))).toBe(`${part?.name}; Spare lid`);
  });

  test('many are counted, none is nothing', () => {
    expect(changed((own) => ({ ...own, name: 'x', notes: 'y', priority: 'first', due: '2026-12-24', start: '2026-12-01' }))).toMatch(
      /^[^;]+; [^;]+; [^;]+; 2 more$/,
    );
    expect(changed((own) => structuredClone(own))).toBe('');
  });
});
