import { sampleFacts, type Sample } from '../../testing/sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { FinishId, SubstrateId } from '../model/ids.ts';
import type { Item } from '../model/job.ts';
import { combinationsOf, type Outcome } from './combinations.ts';

const PLASTIC = ['abs', 'pc', 'pmma', 'pp-epdm', 'pe-hd', 'pe-ld', 'pur-rim', 'pa', 'pvc-rigid', 'plastic-unmarked'];
const stackOn = (substrate: string): Sample['stack'] => (PLASTIC.includes(substrate) ? [['basecoat', 20]] : [['alkyd-enamel', 40]]);

/** Every substrate × method × finish; nothing may be left without an answer or a reason. */
const outcomes = (item: Partial<Item>, more: Sample = {}): { key: string; outcome: Outcome }[] =>
  SubstrateId.options.flatMap((substrate) =>
    combinationsOf(sampleFacts({ substrate, thickness: 3, stack: stackOn(substrate) ?? [], item, ...more }), CATALOGUE).map(
      ({ method, finish, outcome }) => ({ key: `${substrate} × ${method.id} × ${finish.id}`, outcome }),
    ),
  );
const holes = (all: ReturnType<typeof outcomes>) =>
  all.flatMap(({ key, outcome }) => (outcome.kind === 'hole' || outcome.kind === 'broken' ? [`${key}: ${outcome.why}`] : []));

test.each<[string, Partial<Item>, Sample]>([
  ['a car outside', { kind: 'vehicle', service: 'outside' }, {}],
  ['a machine inside', { kind: 'machine', service: 'inside' }, {}],
  ['a boat in salt water', { kind: 'boat', service: 'immersed-salt' }, {}],
  ['an engine part', { kind: 'vehicle', service: 'engine-heat' }, {}],
  ['an aircraft', { kind: 'aircraft', service: 'outside' }, {}],
  [
    'a car in a shop that etches',
    { kind: 'vehicle', service: 'outside' },
    { shop: { schools: { P1: 'etch-surfacer', P2: 'data-sheet', P3: 'flame' } } },
  ],
  [
    'a rusty car in a shop that leaves the acid on',
    { kind: 'vehicle', service: 'outside' },
    { condition: { rustGrade: 'B', pitted: true }, shop: { schools: { C1: 'water-only' } } },
  ],
  ['paint that is kept', { kind: 'vehicle', service: 'outside' }, { target: { kind: 'keep' }, condition: { crosscut: 0 } }],
])('%s: no combination without an answer or a reasoned refusal', (_, item, more) => {
  const all = outcomes(item, more);
  expect(holes(all)).toEqual([]);
  expect(all.length).toBe(SubstrateId.options.length * FinishId.options.length * Object.keys(CATALOGUE.methods).length);
  expect(all.some(({ outcome }) => outcome.kind === 'refused')).toBe(true);
});

/** What anybody in the trade would say of these; common practice, no source. */
describe('known combinations', () => {
  const on = (sample: Sample) => {
    const all = combinationsOf(sampleFacts({ thickness: 3, item: { kind: 'vehicle', service: 'outside' }, ...sample }), CATALOGUE);
    return (method: string, finish: string): Outcome | undefined => all.find((one) => one.method.id === method && one.finish.id === finish)?.outcome;
  };

  test('a steel panel sanded bare takes epoxy, surfacer, colour and clear', () => {
    const steel = on({});
    expect(steel('mech.da', 'base-clear')).toEqual({ kind: 'system', products: ['epoxy-2k', 'surfacer-2k', 'basecoat', 'clear-2k'] });
  });

  test('no stripper on carbon, no oven for plastic, nothing but metal polished', () => {
    expect(on({ substrate: 'carbon-epoxy', stack: [['basecoat', 20]] })('chem.fast-solvent', 'base-clear')?.kind).toBe('refused');
    expect(on({ substrate: 'abs', stack: [['basecoat', 20]] })('mech.da-fine', 'powder-sent-out')).toMatchObject({ codes: ['powder-heat'] });
    expect(on({ substrate: 'abs', stack: [['basecoat', 20]] })('mech.da-fine', 'bare-polish')).toMatchObject({ codes: ['polish-metal-only'] });
  });

  test('an olefin takes its promoter first', () => {
    const system = on({ substrate: 'pp-epdm', stack: [['basecoat', 20]] })('mech.da-fine', 'base-clear');
    expect(system).toMatchObject({ kind: 'system' });
    expect(system?.kind === 'system' && system.products[0]).toBe('adhesion-promoter');
  });
});
