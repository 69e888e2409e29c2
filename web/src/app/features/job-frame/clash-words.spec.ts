import { DEMO_JOBS, type Job } from '@lift-bare/core';
import { placeText, valueText } from './clash-words';

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
