import { sampleFacts, type Sample } from '../../testing/sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { Method } from '../catalogue/methods.ts';
import type { GritId, MethodId } from '../model/ids.ts';
import { mayTouch, refusedTouch, withGrit } from './contact.ts';

const tool = (id: MethodId, grit?: GritId): Method => {
  const method = CATALOGUE.methods[id] as Method;
  if (grit === undefined) return method;
  if (method.family !== 'mech') throw new Error(`${id} carries no paper`);
  return withGrit(method, grit);
};

const CLAD: Sample = { substrate: 'aluminium-clad', thickness: 0.8, item: { kind: 'aircraft' }, stack: [['epoxy-2k', 25]] };
const MAGNESIUM: Sample = { substrate: 'magnesium', thickness: 5 };
const ALLOY: Sample = { substrate: 'aluminium-sheet', thickness: 1.5 };
const ABS: Sample = { substrate: 'abs', thickness: 3, stack: [['basecoat', 15]] };
const PP: Sample = { substrate: 'pp-epdm', thickness: 3, stack: [['basecoat', 15]] };
const ZINC: Sample = { substrate: 'galvanised', thickness: 3 };
const CARBON: Sample = { substrate: 'carbon-epoxy', thickness: 2, stack: [['clear-2k', 40]] };
const LEADED: Sample = { condition: { lead: 'suspected' } };
const BRASS: Sample = { substrate: 'copper-alloy', thickness: 2, area: 0.1 };

/** What no tool does, be it the method, the edge band, a speck or the key; common practice, no source. */
test.each<[says: string, where: Sample, refused: readonly [MethodId, GritId?], allowed: readonly [MethodId, GritId?] | null]>([
  ['nothing abrasive on clad skin', CLAD, ['mech.da', 'P180'], null],
  ['magnesium is never sanded dry', MAGNESIUM, ['mech.da', 'P180'], ['mech.hand-wet', 'P180']],
  ['no wire on aluminium', ALLOY, ['mech.wire-wheel'], ['mech.nonwoven-disc']],
  ['plastic is never keyed coarse', ABS, ['mech.da', 'P120'], ['mech.da', 'P320']],
  ['an olefin neither', PP, ['mech.da', 'P80'], ['mech.da', 'P320']],
  ['no coarse paper through zinc', ZINC, ['mech.da', 'P80'], ['mech.pad']],
  ['no grinder on zinc', ZINC, ['mech.grinder-flap'], ['mech.pad']],
  ['carbon by hand only', CARBON, ['mech.da', 'P320'], ['mech.hand-wet', 'P320']],
  ['lead is never sanded dry', LEADED, ['mech.da', 'P80'], ['mech.hand-wet', 'P80']],
  ['no steel on brass', BRASS, ['mech.wire-wheel'], ['mech.hand-wet', 'P320']],
  ['no disc inside a closed section', { access: 'inside' }, ['mech.grinder-flap'], null],
  ['no scraper inside one either', { access: 'inside' }, ['mech.scraper'], null],
])('%s', (_, where, [refused, grit], allowed) => {
  const facts = sampleFacts(where);
  expect(mayTouch(facts, tool(refused, grit))).toBe(false);
  const findings = refusedTouch(facts, tool(refused, grit));
  expect(findings.length).toBeGreaterThan(0);
  for (const { severity, reason, change } of findings) {
    expect(severity).toBe('rule-out');
    expect([reason.endsWith('.'), change.endsWith('.')]).toEqual([true, true]);
  }
  if (allowed) expect(refusedTouch(facts, tool(...allowed)).map(({ code }) => code)).toEqual([]);
});

test('a contact is not asked what only a whole method is asked: to reach bare metal alone, or to leave sound paint', () => {
  expect(mayTouch(sampleFacts(), tool('mech.scraper'))).toBe(true);
  expect(mayTouch(sampleFacts({ target: { kind: 'keep' } }), tool('mech.da', 'P320'))).toBe(true);
});

test('another paper changes the paper and nothing else', () => {
  const da = tool('mech.da') as Extract<Method, { family: 'mech' }>;
  expect(withGrit(da, 'P500')).toEqual({ ...da, cuts: 'P500' });
});
