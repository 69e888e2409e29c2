import { sampleFacts, type Sample } from '../../testing/sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { FinishId, type MethodId } from '../model/ids.ts';
import { buildPlan } from './build-plan.ts';
import { jointOf, MATRIX, mayLie, STATES } from './compatibility.ts';
import { FAMILIES, type Family, type Lower } from './families.ts';
import { systemsFor } from './systems.ts';

const ground = (method: MethodId | null = null, acidLive = false) => ({
  method: (method && CATALOGUE.methods[method]) ?? null,
  profile: 0,
  acidLive,
});
const systems = (finish: FinishId, sample: Sample = {}, acidLive = false) =>
  systemsFor(sampleFacts({ ...sample, finish }), CATALOGUE.finishes[finish], ground(null, acidLive), CATALOGUE);
const ways = (...args: Parameters<typeof systems>) => systems(...args).open.map(({ primers }) => primers.join(' + '));

/** Common practice, no source. */
describe('who may lie on whom', () => {
  test.each<[Family, Lower, boolean]>([
    ['etch', 'ferrous', true],
    ['etch', 'topcoat-2k', false],
    ['epoxy', 'etch', false],
    ['epoxy', 'light', true],
    ['filler-polyester', 'etch', false],
    ['filler-polyester', 'epoxy', true],
    ['surfacer-2k', 'ferrous', false],
    ['surfacer-2k', 'epoxy', true],
    ['lacquer-1k', 'enamel-1k', false],
    ['enamel-1k', 'zinc', false],
    ['enamel-1k', 'zinc-rich', false],
    ['antifouling', 'antifouling-thin', false],
    ['antifouling', 'tie-coat', true],
    ['tie-coat', 'antifouling', true],
    ['barrier-epoxy', 'antifouling', false],
    ['topcoat-2k', 'underseal', false],
    ['powder', 'plastic-olefin', false],
    ['promoter', 'plastic-olefin', true],
    ['promoter', 'epoxy', false],
  ])('%s on %s: %p', (upper, lower, may) => expect(jointOf(upper, lower).states.length > 0).toBe(may));

  test('two-pack over yesterday’s aerosol only when it is cured and keyed; one-pack over two-pack likewise', () => {
    expect(STATES.filter((state) => mayLie('topcoat-2k', 'lacquer-1k', state))).toEqual(['cured-keyed']);
    expect(STATES.filter((state) => mayLie('lacquer-1k', 'topcoat-2k', state))).toEqual(['cured-keyed']);
  });

  test('a two-pack clear lies on fresh basecoat, and promoter takes its coat while it is wet', () => {
    expect(STATES.filter((state) => mayLie('topcoat-2k', 'basecoat', state))).toEqual(['wet-in-wet', 'in-window']);
    expect(STATES.filter((state) => mayLie('plastic-primer', 'promoter', state))).toEqual(['wet-in-wet']);
  });

  test('live acid takes etch alone, and nothing goes on damp', () => {
    const on = (state: 'acid-live' | 'damp') => FAMILIES.filter((upper) => mayLie(upper, 'ferrous', state));
    expect(on('acid-live')).toEqual(['etch']);
    expect(on('damp')).toEqual([]);
  });

  test('nothing lies on a cured gloss, and every joint says why', () => {
    const lowers: Lower[] = [...FAMILIES, 'ferrous', 'light', 'zinc', 'composite', 'plastic-olefin', 'wood'];
    for (const upper of FAMILIES)
      for (const lower of lowers) {
        expect(mayLie(upper, lower, 'cured-glossy')).toBe(false);
        expect(jointOf(upper, lower).reason.length).toBeGreaterThan(15);
      }
    expect(Object.keys(MATRIX)).toHaveLength(FAMILIES.length);
  });
});

describe('systems for a surface', () => {
  test('are sorted by cost, each joint allowed, and none is named that a rule refuses', () => {
    const { open, refused } = systems('solid-2k');
    expect(open.length).toBeGreaterThan(1);
    expect(open.map(({ cost }) => cost)).toEqual([...open.map(({ cost }) => cost)].sort((a, b) => a - b));
    for (const { joints } of open) for (const { joint } of joints) expect(joint.states.length).toBeGreaterThan(0);
    expect(refused.every(({ reason }) => reason.length > 15)).toBe(true);
  });

  test('live acid takes epoxy out and leaves etch under surfacer', () => {
    expect(ways('solid-2k')).toContain('epoxy-2k');
    expect(ways('solid-2k', {}, true).some((way) => way.startsWith('epoxy'))).toBe(false);
    expect(ways('solid-2k', {}, true)).toContain('etch-2k + surfacer-2k');
  });

  test('olefin takes promoter, and nothing goes straight on', () => {
    const all = ways('base-clear', { substrate: 'pp-epdm', thickness: 3, stack: [] });
    expect(all).toContain('adhesion-promoter');
    expect(all.every((way) => way.startsWith('adhesion-promoter'))).toBe(true);
  });

  test('when none exists every way is named with what refuses it', () => {
    const { open, refused } = systems('machine-enamel', { substrate: 'galvanised', item: { service: 'immersed-salt' } });
    expect(open.map(({ primers }) => primers)).toEqual([]);
    expect(new Set(refused.map(({ code }) => code)).size).toBeGreaterThan(1);
    expect(systems('antifouling', { substrate: 'aluminium-sheet', thickness: 3 }).refused[0]?.code).toBe('copper-antifouling');
  });

  test.each(FinishId.options)('the build that is planned for %s is one of them', (finish) => {
    for (const substrate of ['mild-steel-sheet', 'aluminium-sheet', 'galvanised', 'abs', 'grp-gelcoat'] as const) {
      const zone = sampleFacts({ substrate, thickness: 3, finish, stack: [['basecoat', 20]] });
      const plan = buildPlan(zone, ground('mech.da'), CATALOGUE);
      if (!plan || plan.coats.length === 0 || plan.findings.some(({ severity }) => severity === 'rule-out')) continue;
      const planned = plan.coats.filter(({ role }) => role !== 'colour').map(({ product }) => product);
      const open = systemsFor(zone, CATALOGUE.finishes[finish], ground('mech.da'), CATALOGUE).open.map(({ primers }) => primers.join());
      expect(open).toContain(planned.join());
    }
  });
});
