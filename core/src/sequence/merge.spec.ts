import { CATALOGUE, coatById } from '../catalogue/catalogue.ts';
import { sampleFacts } from '../../testing/sample.ts';
import { coatPlan } from '../build/coat-plan.ts';
import type { OperationKind } from '../model/operation.ts';
import { chainOf, type Chain } from './chain.ts';
import { mergeChains } from './merge.ts';
import type { FaceWork, Task, TaskLag } from './task.ts';
import { walkFace } from './walk.ts';

const PAINT = coatPlan(sampleFacts(), coatById('epoxy-2k', CATALOGUE), { role: 'primer', why: '' });
const task = (kind: OperationKind, more: Partial<Task> = {}): Task => ({ kind, title: kind, detail: '', hand: 1, ...more });
const pass = (n: number, more: Partial<Task> = {}): Task => task('coat', { coat: { plan: PAINT, pass: n, of: 2, share: 1 }, ...more });
const prime = (most: number): TaskLag => ({ what: 'prime', after: 'bared', least: 0, most, label: most, shop: null, by: 'model', missed: null });

/** A face that is keyed, primed in two passes and cured; nothing on it needs upkeep. */
function chain(zone: string, once: readonly Task[], build: readonly Task[] = []): Chain {
  const bare = (tasks: readonly Task[]) => tasks.map((one) => ({ needs: [], takes: [], ...one }));
  const work: FaceWork = { part: 'p', zone, name: zone, once: bare(once), upkeep: [], goal: [], build: bare(build) };
  return chainOf(work, walkFace(work).steps);
}
const merged = (...chains: Chain[]): string[] =>
  [...mergeChains(chains)].map((group) => `${group[0]?.step.task.title} ${group.map(({ chain: { work } }) => work.zone).join('')}`);
const primed = (zone: string, most: number, hand = 60): Chain =>
  chain(zone, [task('key', { hand })], [pass(1, { title: 'prime', lags: [prime(most)] }), pass(2, { title: 'prime again' })]);

describe('one order for all faces', () => {
  test('the same work is done together; another wording keeps it apart, and each face keeps its own order', () => {
    expect(merged(chain('a', [task('degrease')]), chain('b', [task('degrease')]))).toEqual(['degrease ab']);
    const [wet, dry] = [task('degrease', { detail: 'wet' }), task('degrease', { detail: 'dry' })];
    expect(merged(chain('a', [wet]), chain('b', [dry]), chain('c', [wet]))).toEqual(['degrease ac', 'degrease b']);
    expect(merged(chain('a', [task('degrease'), task('key')]), chain('b', [task('key')]))).toEqual(['degrease a', 'key ab']);
  });

  test('faces follow the working order of their kinds, whichever was entered first', () => {
    expect(merged(chain('a', [task('key')]), chain('b', [task('degrease')]))).toEqual(['degrease b', 'key a']);
  });

  test('what is done once waits for the last face that has it', () => {
    const once = task('check-kit', { share: 'kit' });
    const late = chain('b', [task('clear-damage')], [once, task('cure')]);
    expect(merged(chain('a', [], [once, task('cure')]), late)).toEqual(['clear-damage b', 'check-kit ab', 'cure ab']);
  });

  test('between baring and primer nothing is done on other faces, and the tightest clock goes first', () => {
    const order = merged(primed('a', 480, 300), primed('b', 120, 90));
    expect(order).toEqual(['key b', 'prime b', 'prime again b', 'key a', 'prime a', 'prime again a']);
  });

  test('one product from gun and from cans is two mixes', () => {
    const canned = coatPlan(sampleFacts({ laidWith: { 'epoxy-2k': 'aerosol' } }), coatById('epoxy-2k', CATALOGUE), { role: 'primer', why: '' });
    const laid = (plan: typeof PAINT) => [task('coat', { title: plan.apply, coat: { plan, pass: 1, of: 1, share: 1 } })];
    expect(merged(chain('a', [], laid(PAINT)), chain('b', [], laid(canned)), chain('c', [], laid(PAINT)))).toEqual(['gun ac', 'aerosol b']);
  });

  test('as many faces share a mix as the clock allows hands for', () => {
    expect(merged(primed('a', 480, 100), primed('b', 480, 100))).toEqual(['key ab', 'prime ab', 'prime again ab']);
    expect(merged(primed('a', 150, 100), primed('b', 150, 100))).toHaveLength(6);
  });

  test('no batch is longer than a day of hands, however wide the window', () => {
    const wide = 20 * 1440;
    expect(merged(primed('a', wide, 200), primed('b', wide, 200))).toHaveLength(3);
    expect(merged(primed('a', wide, 300), primed('b', wide, 300))).toHaveLength(6);
  });

  test('faces with the same clock go by name, all others as the document has them', () => {
    const order = merged(primed('b', 300, 200), primed('a', 300, 200));
    expect(order[0]).toBe('key a');
    expect(merged(chain('b', [task('degrease', { detail: '1' })]), chain('a', [task('degrease', { detail: '2' })]))).toEqual([
      'degrease b',
      'degrease a',
    ]);
  });
});
