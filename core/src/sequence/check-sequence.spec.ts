import type { OperationKind } from '../model/operation.ts';
import { checkSequence, type Line } from './check-sequence.ts';

type More = Partial<Pick<Line, 'title' | 'contact' | 'detail' | 'against' | 'hand' | 'stop'>> & {
  readonly pass?: number;
  readonly side?: 'face' | 'back';
  readonly zone?: string;
};
type Step = OperationKind | readonly [kind: OperationKind, more: More];

/** Lines of one face. */
function lines(steps: readonly Step[]): Line[] {
  return steps.map((step, i): Line => {
    const [kind, more] = typeof step === 'string' ? ([step, {}] as const) : step;
    return {
      number: i + 1,
      title: more.title ?? kind,
      kind,
      detail: more.detail ?? '',
      contact: more.contact ?? null,
      stop: more.stop ?? null,
      against: more.against ?? null,
      hand: more.hand ?? 5,
      faces: [{ zone: more.zone ?? 'z', side: more.side ?? null }],
      coat: kind === 'coat' ? { name: 'primer', pass: more.pass ?? 1 } : null,
    };
  });
}
const withTool = (tool: string, wet = false): Line['contact'] => ({ tool, name: tool, wet, grit: null });
const broken = (...steps: Step[]): string[] => checkSequence(lines(steps)).map(({ at, says }) => `${at}: ${says}`);

const BREAK: Step = ['test', { title: 'Water-break test' }];
const READY: readonly Step[] = ['key', 'dust-off', 'wipe', 'test', 'dry'];
const STRIPPED: readonly Step[] = ['strip-round', 'rinse-off', 'dry', 'air-out'];
const FILLED: readonly Step[] = ['key-for-fill', 'dust-off', 'wipe', 'fill', 'block'];

/** Orders of the trade, common practice, no source: what is wrong, in the words of who stands before it, and the same put right. */
test.each<[says: string, wrong: readonly Step[], right: readonly Step[]]>([
  ['worked dry on a wet face', ['degrease', 'key'], ['degrease', 'dry', 'key']],
  ['stripper on a wet face', ['degrease', 'strip-round'], ['degrease', 'dry', 'strip-round']],
  ['stripper on dust', ['break-top', 'strip-round'], ['break-top', 'dust-off', 'strip-round']],
  ['flame or spark where stripper vapour may hang', ['strip-round', 'rinse-off', 'dry', 'open-up'], [...STRIPPED, 'open-up']],
  ['flame or spark on residue', ['strip-round', 'dry', 'air-out', 'open-up'], [...STRIPPED, 'open-up']],
  ['flame or spark on a wet face', ['degrease', 'open-up'], ['degrease', 'dry', 'open-up']],
  ['filled over an open hole', ['open-up', 'dust-off', 'wipe', 'fill'], ['open-up', 'dust-off', 'weld', 'dress', 'dust-off', 'wipe', 'fill']],
  ['filled on a face that is not wiped', ['key-for-fill', 'dust-off', 'fill'], FILLED],
  ['filled on dust', ['wipe', 'key-for-fill', 'fill'], FILLED],
  ['wiped in dust or water', ['key', 'wipe'], ['key', 'dust-off', 'wipe']],
  ['tape on a wet face', ['degrease', 'cover-for-paint'], ['degrease', 'dry', 'cover-for-paint']],
  ['flamed before the key: sanding would take it off', ['flame'], ['key', 'dust-off', 'flame']],
  ['keyed before the repairs are done', FILLED.slice(0, -1).concat('key'), [...FILLED, 'key']],
  ['looked over through residue, water or dust', ['strip-round', 'inspect'], [...STRIPPED, 'inspect']],
  ['turned before anything is on it', ['turn'], [...READY, 'coat', 'turn']],
  ['fitted or launched before the film bears it', [...READY, 'coat', 'refit'], [...READY, 'coat', 'cure', 'refit']],
  ['a pass out of turn', [...READY, ['coat', { pass: 2 }]], [...READY, 'coat', ['coat', { pass: 2 }]]],
  ['a film on a wet face', ['key', 'dust-off', 'wipe', BREAK, 'coat'], ['key', 'dust-off', 'wipe', BREAK, 'dry', 'coat']],
  ['a film on dust', [...READY, 'key', 'coat'], [...READY, 'coat']],
  ['a film over residue, acid or alkali', ['treat-rust', 'dry', ...READY, 'coat'], ['treat-rust', 'rinse-acid', 'dry', ...READY, 'coat']],
  ['a film with the strip covers still on', ['cover-for-strip', ...READY, 'coat'], ['cover-for-strip', 'uncover-strip', ...READY, 'coat']],
  ['a film over raw filler or a hole', [...FILLED.slice(0, -1), 'wipe', 'test', 'dry', 'coat'], [...FILLED, ...READY, 'coat']],
  [
    'a film on sanding dust',
    [...READY, 'coat', 'sand-film', ['coat', { pass: 2 }]],
    [...READY, 'coat', 'sand-film', 'clean-film', ['coat', { pass: 2 }]],
  ],
  ['the first film on a face that is not wiped', ['key', 'dust-off', 'test', 'dry', 'coat'], [...READY, 'coat']],
  ['the first film before the last test', ['key', 'dust-off', 'wipe', 'coat'], [...READY, 'coat']],
])('%s', (says, wrong, right) => {
  expect(broken(...wrong).map((one) => one.replace(/^.*?: /, ''))).toContain(says);
  expect(broken(...right)).toEqual([]);
});

test('the sharp stay until they are rinsed to neutral: alkali of a stripper, soda of a blast, a film that holds the rust', () => {
  const caustic: Step = ['strip-round', { contact: withTool('chem.caustic-spray') }];
  const acid: Step = ['strip-round', { contact: withTool('chem.benzyl-acid') }];
  const soda: Step = ['strip-blast', { contact: withTool('blast.soda') }];
  for (const sharp of [caustic, acid, soda]) {
    expect(broken(sharp, 'rinse-off', 'dry', 'air-out', ...READY, 'coat')).toEqual([expect.stringContaining('residue, acid or alkali')]);
    expect(broken(sharp, 'rinse-off', 'neutralise', 'dry', 'air-out', ...READY, 'coat')).toEqual([]);
  }
  expect(broken('hold-film', 'dry', ...READY, 'coat')).toEqual([expect.stringContaining('residue, acid or alkali')]);
  expect(broken('hold-film', 'take-film-off', 'dry', ...READY, 'coat')).toEqual([]);
});

test('wet sanding asks for no dry face, but wets; its slurry dries to dust', () => {
  const told: Step = ['key', { detail: 'P320 by hand, 12 crossings, wet' }];
  const seen: Step = ['key', { contact: withTool('mech.hand-wet', true) }];
  for (const wet of [told, seen]) {
    expect(broken('degrease', wet)).toEqual([]);
    expect(broken(wet, 'wipe')).toEqual([expect.stringContaining('wiped in dust or water')]);
    expect(broken(wet, 'dry', 'wipe')).toEqual([expect.stringContaining('wiped in dust or water')]);
    expect(broken(wet, 'dry', 'dust-off', 'wipe')).toEqual([]);
  }
});

test('faces do not answer for each other; sides of one face count their passes apart', () => {
  expect(broken(['degrease', { zone: 'a' }], ['key', { zone: 'b' }])).toEqual([]);
  const both = (side: 'face' | 'back'): Step[] => [
    ['coat', { side }],
    ['coat', { side, pass: 2 }],
  ];
  expect(broken(...READY, ...both('face'), 'turn', ...both('back'))).toEqual([]);
  expect(broken(...READY, ['coat', { side: 'face' }], ['coat', { side: 'back', pass: 2 }])).toEqual([expect.stringContaining('out of turn')]);
});

test('a hand on the face undoes the wipe; what is left out in writing is not complained of, but counts as not done', () => {
  expect(broken('key', 'dust-off', 'wipe', 'cover-for-paint', 'test', 'dry', 'coat')).toEqual([expect.stringContaining('not wiped')]);
  const left: Step = ['wipe', { against: 'the sheet says so', hand: 0 }];
  expect(broken('key', left)).toEqual([]);
  expect(broken('key', ['wipe', { against: 'chosen all the same', hand: 5 }])).toHaveLength(1);
});

test('each place is told with its zone and its line', () => {
  expect(checkSequence(lines(['degrease', ['key', { zone: 'z' }]]))).toEqual([{ zone: 'z', at: '2 key', says: 'worked dry on a wet face' }]);
});
