import { sampleJob, sampleShop } from '../../../testing/sample.ts';
import { CATALOGUE } from '../../catalogue/catalogue.ts';
import type { Part } from '../../model/job.ts';
import { planJob } from '../../plan-job.ts';

function tank(contents: Part['contents']) {
  const job = sampleJob({ features: ['fuel-tank'], role: 'tank', stack: [['urethane-2k', 60]] });
  const { operations, findings } = planJob({ ...job, parts: job.parts.map((part) => ({ ...part, contents })) }, sampleShop(), CATALOGUE);
  const close = operations.find(({ kind }) => kind === 'close-tank');
  if (!close) throw new Error('no step closes the tank');
  return { close, asked: findings.some(({ code }) => code === 'tank-contents'), kinds: operations.map(({ kind }) => kind) };
}

/** A tank that has held what burns is not safe when it is empty; certificates are for licensed firms. Common practice, no source. */
test.each<[Part['contents'], boolean, boolean, RegExp]>([
  ['fuel', true, false, /Drain, purge/],
  ['oil', true, false, /degrease/],
  ['not-said', true, true, /Find out what the tank held/],
  ['gas', true, false, /licensed firm/],
  ['chemicals', true, false, /who knows what it held/],
  ['water', false, false, /rinse and plug/],
])('%s: vapour %p, asked %p', (contents, vapour, question, title) => {
  const { close, asked, kinds } = tank(contents);
  expect(close.title).toMatch(title);
  expect(close.raises.includes('fuel-vapour')).toBe(vapour);
  expect(asked).toBe(question);
  expect(kinds.indexOf('close-tank')).toBeLessThan(kinds.findIndex((kind) => kind.startsWith('strip')));
});

test('a meter settles fuel and what nobody knows, a certificate gas', () => {
  for (const contents of ['fuel', 'not-said'] as const) expect(tank(contents).close.hold).toMatchObject({ unit: '% LEL', most: 10 });
  expect(tank('gas').close.hold).toMatchObject({ unit: null, accept: expect.stringContaining('in writing') });
});
