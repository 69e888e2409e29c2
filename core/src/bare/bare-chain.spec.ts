import { sampleFacts, type Sample } from '../../testing/sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { BareStep, Means } from '../model/bare.ts';
import { BARE_ORDER } from '../model/bare.ts';
import { MethodId, SubstrateId } from '../model/ids.ts';
import { bareChain } from './bare-chain.ts';
import { meansText } from './means-text.ts';

const chain = (method: MethodId | null, sample: Sample = {}) => bareChain(sampleFacts(sample), (method && CATALOGUE.methods[method]) ?? null);
const codes = (method: MethodId | null, sample: Sample = {}): BareStep['code'][] => chain(method, sample).steps.map(({ code }) => code);

/** What refinishers do after the last scrape; common practice, no source. */
describe('from the last scrape to the primer', () => {
  test('stripper on steel: wash, dry at once, key, wipe with two cloths, water-break', () => {
    expect(codes('chem.fast-solvent')).toEqual(['rinse', 'dry', 'key', 'solvent-wipe', 'water-break']);
  });

  test('caustic and acid are rinsed to neutral and checked with pH paper', () => {
    for (const method of ['chem.caustic-spray', 'chem.benzyl-acid'] as const) {
      const step = chain(method).steps.find(({ code }) => code === 'neutralise');
      expect(step?.hold?.accept).toContain('pH 6 to 8');
    }
  });

  test('iron castings are towelled and warmed, sheet is blown dry', () => {
    expect(codes('chem.caustic-spray', { substrate: 'cast-iron', thickness: 10 })).toContain('warm-dry');
    expect(codes('chem.caustic-spray')).not.toContain('warm-dry');
  });

  test('soda is washed off and neutralised, dry work is blown down', () => {
    expect(codes('blast.soda')[0]).toBe('neutralise');
    expect(codes('mech.da')[0]).toBe('blow-down');
  });

  test('hard blast leaves its own key: no sanding, but dust tape', () => {
    const blasted = chain('blast.garnet', { substrate: 'mild-steel-section', thickness: 4 });
    expect(blasted.steps.map(({ code }) => code)).not.toContain('key');
    expect(blasted.steps.at(-1)).toMatchObject({ code: 'bright-check', hold: { accept: expect.stringContaining('no flash rust') } });
  });

  test('light rust is etched and rinsed, scale comes off first, holes are cut out', () => {
    const rusty = (rustGrade: 'A' | 'C', perforated = false) =>
      codes('chem.fast-solvent', { substrate: 'mild-steel-section', thickness: 4, condition: { rustGrade, perforated } });
    expect(rusty('A')).toEqual(expect.arrayContaining(['acid-treat', 'final-rinse']));
    expect(rusty('A')).not.toContain('rust-mechanical');
    expect(rusty('C').indexOf('rust-mechanical')).toBeLessThan(rusty('C').indexOf('acid-treat'));
    expect(rusty('C', true)).toContain('cut-out');
  });

  test('acid never touches high-strength steel', () => {
    const sample: Sample = { substrate: 'high-strength-steel', thickness: 6, condition: { rustGrade: 'B' }, area: 2 };
    expect(codes('mech.da', sample)).not.toContain('acid-treat');
    expect(codes('chem.fast-solvent', { ...sample, shop: { schools: { C2: 'hold-film' } } })).not.toContain('hold-film');
  });

  test('plastic: detergent first, release agent off before and after scuffing, antistatic last; soaked longer where dressed', () => {
    const plain = chain('mech.da-fine', { substrate: 'pp-epdm' });
    const dressed = chain('mech.da-fine', { substrate: 'pp-epdm', condition: { contamination: ['silicone'] } });
    expect(plain.steps.map(({ code }) => code)).toEqual(['soap-wash', 'wash-key', 'final-wash', 'water-break']);
    expect(dressed.steps[0]?.wait).toBeGreaterThan(plain.steps[0]?.wait ?? 0);
    expect(plain.steps[1]?.detail).toContain('before scuffing and again after');
  });

  test('laminate under water is dried and measured before it is closed up', () => {
    const hull = chain('chem.gelcoat-safe', { substrate: 'grp-gelcoat', item: { service: 'immersed-salt' } });
    expect(hull.steps.at(-1)?.hold?.method).toContain('moisture meter');
  });

  test('carbon is finished wet and fine', () => {
    const key = chain('mech.hand-wet', { substrate: 'carbon-epoxy' }).steps.find(({ code }) => code === 'key');
    expect(key?.title).toContain('P400');
    expect(key?.hold?.accept).toContain('black is fibre');
  });

  test('paint that stays: washed, keyed, wiped; near filler only a final wash', () => {
    const kept: Sample = { target: { kind: 'keep' } };
    expect(codes('keep.key', kept)).toEqual(['soap-wash', 'key', 'final-wash']);
    const filled = chain('keep.key', {
      ...kept,
      stack: [
        ['body-filler', 300],
        ['urethane-2k', 60],
      ],
    });
    expect(filled.steps.at(-1)?.detail).toContain('No tar-and-wax remover');
  });

  test('a cracked plastic is bonded from the back and left for a day', () => {
    const bond = chain('mech.da-fine', { substrate: 'abs', condition: { perforated: true } }).steps.find(({ code }) => code === 'bond');
    expect(bond?.wait).toBe(1440);
  });
});

describe('any chain', () => {
  const EVERY = SubstrateId.options.flatMap((substrate) => MethodId.options.map((method) => ({ substrate, method })));

  test('keeps to the order of the work and takes hands for every step', () => {
    for (const { substrate, method } of EVERY) {
      const { steps } = chain(method, { substrate, thickness: 4, condition: { rustGrade: 'B' } });
      const order = steps.map(({ code }) => BARE_ORDER.indexOf(code));
      expect(order).toEqual([...order].sort((a, b) => a - b));
      expect(steps.every(({ hand, wait }) => hand > 0 && wait >= 0)).toBe(true);
    }
  });

  test('ends with a check or a wipe, never with a wet surface', () => {
    for (const { substrate, method } of EVERY) {
      const last = chain(method, { substrate, thickness: 4 }).steps.at(-1)?.code;
      expect(['water-break', 'bright-check', 'final-wash', 'solvent-wipe']).toContain(last);
    }
  });

  test('says with what each wet step is done, within its own limits', () => {
    const wet: readonly BareStep['code'][] = [
      'rinse',
      'neutralise',
      'soap-wash',
      'acid-treat',
      'convert',
      'final-rinse',
      'solvent-wipe',
      'final-wash',
    ];
    for (const { substrate, method } of EVERY)
      for (const { code, means, hold } of chain(method, { substrate, thickness: 4, condition: { rustGrade: 'B' } }).steps) {
        if (wet.includes(code)) expect([code, means?.product]).toEqual([code, expect.any(String)]);
        for (const [least, most] of [means?.minutes, means?.temperature, means?.ph].flatMap((range) => (range ? [range] : [])))
          expect(most).toBeGreaterThanOrEqual(least);
        if (means?.ph) expect([means.ph[0] >= 1, means.ph[1] <= 14]).toEqual([true, true]);
        if (hold?.unit) expect(hold.least !== null || hold.most !== null).toBe(true);
      }
  });

  /** 8 to 15 % for 10 to 30 min: common practice, no source. */
  test('acid is told by strength, time, warmth and pH; what neutralises it must read 6 to 8', () => {
    const { steps } = chain('mech.da', { substrate: 'mild-steel-section', thickness: 4, condition: { rustGrade: 'A' } });
    const told = (code: BareStep['code']) => steps.find((step) => step.code === code)?.means;
    expect(told('acid-treat') && meansText(told('acid-treat') as Means)).toBe('Phosphoric acid, 8 to 15 %, 10 to 30 min, 15 to 30 °C, pH 1 to 2');
    expect(told('final-rinse')?.ph).toEqual([6, 8]);
    expect(steps.find(({ code }) => code === 'final-rinse')?.hold).toMatchObject({ unit: 'pH', least: 6, most: 8 });
  });

  test('runs the clock on bare metal only', () => {
    const within = (substrate: SubstrateId) => chain('chem.fast-solvent', { substrate, thickness: 2 }).primeWithin;
    expect(within('mild-steel-sheet')).toBe(24 * 60);
    expect(within('aluminium-sheet')).toBe(6 * 60);
    expect(within('galvanised')).toBe(8 * 60);
    for (const substrate of ['abs', 'pp-epdm', 'grp-gelcoat', 'carbon-epoxy', 'wood-ply'] as const) expect(within(substrate)).toBeNull();
  });

  test('damp air and salt shorten it', () => {
    const within = (sample: Sample) => chain('chem.fast-solvent', sample).primeWithin ?? Number.NaN;
    expect(within({ place: { humidity: 70 } })).toBe(8 * 60);
    expect(within({ place: { humidity: 80 } })).toBe(4 * 60);
    expect(within({ condition: { contamination: ['salt'] } })).toBeCloseTo(within({}) / 10, 9);
  });
});
