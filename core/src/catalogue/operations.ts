import type { Fact, OperationKind, Stage, Takes } from '../model/operation.ts';

/** A kind of operation: what must hold when it starts, what it gives, what it takes away besides what its contact takes away. */
export interface OperationRow {
  /** null: of the stage in which it is called for */
  readonly stage: Stage | null;
  readonly needs: readonly Fact[];
  readonly gives: readonly Fact[];
  readonly ends: readonly Fact[];
  readonly takes: readonly Takes[];
  /** leaves metal bright, so that the clock to the primer starts */
  readonly bares: boolean;
}

const row = (
  stage: Stage | null,
  needs: readonly Fact[],
  gives: readonly Fact[],
  more: Partial<Pick<OperationRow, 'ends' | 'takes' | 'bares'>> = {},
): OperationRow => ({ stage, needs, gives, ends: [], takes: [], bares: false, ...more });

/** What a contact takes away from the face: water ends dry, dust ends wiped, any hand ends the test. Common practice, no source. */
export const TAKES_AWAY: Readonly<Partial<Record<Takes, readonly Fact[]>>> = {
  wet: ['dry', 'tested'],
  dust: ['dust-off', 'wiped', 'raised', 'tested', 'film-clean'],
  touch: ['wiped', 'tested'],
};

/** Ready to be touched at all: known damage looked at, held up, nothing under pressure, hazard contained. */
const READY: readonly Fact[] = ['cleared', 'kit-here', 'safe', 'supported', 'tank-closed', 'recorded'];
/** Nothing on the paint that a tool would drive in or a stripper would slide on. */
const CLEAN: readonly Fact[] = ['fouling-off', 'grease-off', 'brake-dust-off', 'salt-off', 'dressing-off', 'wax-off'];
const TO_STRIP: readonly Fact[] = [...READY, 'apart', 'contained', ...CLEAN, 'filler-out', 'covered-for-strip', 'dry'];
/** Bare, washed, dry and looked at. */
const SETTLED: readonly Fact[] = ['paint-off', 'back-here', 'residue-off', 'neutral', 'acid-off', 'uncovered', 'dry', 'inspected', 'settled'];
const SOUND: readonly Fact[] = ['old-filler-out', 'closed', 'dressed', 'scale-off', 'rust-off', 'bonded', 'bond-flush'];

/** What the first film lies on. In the order in which it is worked for. Common practice, no source. */
export const FIRST_COAT: readonly Fact[] = [
  ...READY,
  'sheets-agree',
  'apart',
  'contained',
  ...CLEAN,
  'filler-out',
  ...SETTLED,
  ...SOUND,
  'film-off',
  'filled',
  'blocked',
  'keyed',
  'covered-for-paint',
  'dust-off',
  'wiped',
  'release-drawn',
  'raised',
  'moisture-low',
  'tested',
  'dry',
];

/** A hollow that no tool enters is flushed, dried and waxed. */
export const BEFORE_WAX: readonly Fact[] = [...READY, 'apart', 'contained', ...CLEAN, 'flushed', 'scale-off', 'rust-off', 'dry'];

const NEXT_COAT: readonly Fact[] = ['covered-for-paint', 'film-clean', 'dry'];

/** Every kind, in working order. Common practice, no source, unless a step says otherwise. Adding a kind is adding a row. */
export const OPERATIONS: Readonly<Record<OperationKind, OperationRow>> = {
  'clear-damage': row('set-up', [], ['cleared']),
  'check-kit': row('set-up', [], ['kit-here']),
  'hold-sheets': row('set-up', [], ['sheets-agree']),
  'make-safe': row('set-up', ['kit-here'], ['safe']),
  support: row('set-up', ['kit-here', 'cleared'], ['supported'], { takes: ['load'] }),
  'close-tank': row('set-up', ['kit-here', 'cleared', 'safe'], ['tank-closed'], { takes: ['vapour'] }),
  'record-lines': row('set-up', ['kit-here'], ['recorded']),
  'take-apart': row('set-up', ['kit-here', 'cleared', 'safe', 'supported', 'tank-closed', 'recorded'], ['apart']),
  contain: row('set-up', ['kit-here', 'cleared', 'supported'], ['contained']),
  'pressure-wash': row('set-up', [...READY, 'contained'], ['fouling-off'], { takes: ['wet'] }),
  degrease: row('set-up', [...READY, 'apart', 'contained', 'fouling-off'], ['grease-off'], { takes: ['wet', 'touch'] }),
  'wash-brake-dust': row('set-up', [...READY, 'apart', 'contained', 'fouling-off'], ['brake-dust-off'], { takes: ['wet', 'touch'] }),
  desalt: row('set-up', [...READY, 'apart', 'contained', 'fouling-off', 'grease-off'], ['salt-off'], { takes: ['wet'] }),
  'soak-plastic': row('set-up', [...READY, 'apart', 'contained', 'grease-off', 'fouling-off'], ['dressing-off'], { takes: ['wet', 'touch'] }),
  dewax: row('set-up', [...READY, 'apart', 'contained', 'grease-off', 'fouling-off', 'dressing-off'], ['wax-off'], { takes: ['wet', 'touch'] }),
  'cover-for-strip': row('set-up', [...READY, 'apart', 'contained', ...CLEAN, 'dry'], ['covered-for-strip'], {
    ends: ['uncovered'],
    takes: ['touch'],
  }),
  'try-patch': row('set-up', [...READY, 'apart', 'contained', ...CLEAN, 'covered-for-strip', 'dry', 'filler-out'], ['patch-read'], {
    takes: ['vapour'],
  }),
  'knock-filler-out': row('strip', [...READY, 'apart', 'contained', ...CLEAN, 'dry'], ['filler-out'], { takes: ['dust', 'touch'] }),
  'break-top': row('strip', [...TO_STRIP, 'patch-read'], ['top-open'], { takes: ['dust', 'touch'] }),
  'set-up-station': row('strip', ['kit-here', 'supported', 'contained'], ['station-ready']),
  'hand-over-to-strip': row('strip', [...TO_STRIP, 'station-ready'], ['handed-over']),
  'strip-round': row('strip', [...TO_STRIP, 'patch-read', 'station-ready', 'top-open', 'dust-off'], ['paint-off'], {
    ends: ['residue-off', 'aired'],
    takes: ['wet', 'touch', 'vapour'],
  }),
  'strip-next-round': row('strip', ['contained', 'covered-for-strip'], ['paint-off'], {
    ends: ['residue-off', 'aired'],
    takes: ['wet', 'touch', 'vapour'],
  }),
  'strip-specks': row('strip', ['contained', 'covered-for-strip'], ['paint-off'], { takes: ['touch'] }),
  'strip-bath': row('strip', [...TO_STRIP, 'patch-read', 'station-ready', 'top-open', 'dust-off'], ['paint-off'], {
    ends: ['residue-off', 'aired'],
    takes: ['wet', 'touch', 'vapour'],
  }),
  'strip-tool': row('strip', [...TO_STRIP, 'station-ready', 'residue-off', 'neutral'], ['paint-off'], { takes: ['dust', 'touch'], bares: true }),
  'strip-heat': row('strip', [...TO_STRIP, 'station-ready', 'residue-off', 'aired'], ['paint-off'], { takes: ['heat', 'vapour', 'touch'] }),
  'strip-blast': row('strip', [...TO_STRIP, 'station-ready', 'handed-over'], ['paint-off'], { takes: ['dust', 'touch'], bares: true }),
  'fetch-back': row('strip', ['paint-off'], ['back-here'], { takes: ['touch'] }),
  'rinse-off': row('bare', ['paint-off', 'back-here'], ['residue-off'], { takes: ['wet'] }),
  'uncover-strip': row('bare', ['paint-off', 'back-here', 'residue-off'], ['uncovered'], { ends: ['covered-for-strip'], takes: ['touch'] }),
  neutralise: row('bare', ['paint-off', 'back-here', 'residue-off', 'uncovered'], ['neutral'], { takes: ['wet'] }),
  'rinse-acid': row('bare', [], ['acid-off'], { takes: ['wet'] }),
  dry: row(null, ['residue-off', 'neutral', 'acid-off'], ['dry'], {}),
  'dust-off': row(null, ['dry'], ['dust-off'], {}),
  'air-out': row('bare', ['paint-off', 'residue-off', 'neutral', 'uncovered', 'dry'], ['aired']),
  inspect: row('bare', ['paint-off', 'back-here', 'residue-off', 'neutral', 'acid-off', 'uncovered', 'dry', 'dust-off'], ['inspected']),
  'release-find': row('bare', ['inspected'], ['settled']),
  'flush-hollow': row('bare', ['kit-here', 'supported', 'contained', 'apart', ...CLEAN], ['flushed'], { takes: ['wet'] }),
  'knock-old-filler-out': row('bare', SETTLED, ['old-filler-out'], { takes: ['dust', 'touch'] }),
  'open-up': row('bare', [...SETTLED, 'old-filler-out', 'aired', 'dust-off'], ['opened-up'], { takes: ['dust', 'spark', 'touch'] }),
  weld: row('bare', [...SETTLED, 'old-filler-out', 'opened-up', 'aired', 'dust-off', 'grease-off'], ['closed'], {
    ends: ['dressed', 'dust-off'],
    takes: ['flame', 'spark', 'heat', 'touch'],
  }),
  dress: row('bare', [...SETTLED, 'closed'], ['dressed'], { takes: ['dust', 'spark', 'touch'] }),
  derust: row('bare', [...SETTLED, 'old-filler-out', 'closed', 'dressed'], ['scale-off'], { takes: ['dust', 'touch'], bares: true }),
  'treat-rust': row('bare', [...SETTLED, 'old-filler-out', 'closed', 'dressed', 'scale-off', 'dust-off', 'grease-off'], ['rust-off'], {
    ends: ['acid-off'],
    takes: ['wet', 'touch', 'acid'],
  }),
  'convert-rust': row('bare', [...SETTLED, 'old-filler-out', 'closed', 'dressed', 'scale-off', 'dust-off', 'grease-off'], ['rust-off'], {
    takes: ['touch', 'acid'],
  }),
  'treat-pits': row('bare', [...SETTLED, 'old-filler-out', 'closed', 'dressed', 'scale-off', 'dust-off', 'grease-off'], ['rust-off'], {
    ends: ['acid-off'],
    takes: ['wet', 'touch', 'acid'],
  }),
  'zinc-repair': row('bare', [...SETTLED, 'scale-off', 'dust-off', 'wiped'], ['rust-off'], { takes: ['touch', 'vapour'] }),
  bond: row('bare', [...SETTLED, 'old-filler-out', 'dust-off', 'wiped'], ['bonded'], { ends: ['bond-flush'], takes: ['touch'] }),
  'flush-bond': row('bare', ['bonded', 'dry'], ['bond-flush'], { takes: ['dust', 'touch'] }),
  laminate: row('bare', [...SETTLED, 'old-filler-out', 'dust-off'], ['closed'], { takes: ['dust', 'touch', 'vapour'] }),
  'hold-film': row('bare', [...SETTLED, ...SOUND, 'dust-off'], ['held'], { ends: ['film-off'], takes: ['wet', 'touch', 'acid'] }),
  'take-film-off': row('bare', ['held'], ['film-off'], { takes: ['wet', 'touch'], bares: true }),
  'key-for-fill': row('bare', [...SETTLED, ...SOUND, 'film-off'], ['fill-key'], { takes: ['dust', 'touch'] }),
  fill: row('bare', ['fill-key', 'closed', 'dressed', 'rust-off', 'dry', 'dust-off', 'wiped'], ['filled'], {
    ends: ['blocked'],
    takes: ['touch', 'vapour'],
  }),
  block: row('bare', ['filled', 'dry'], ['blocked'], { takes: ['dust', 'touch'] }),
  'wipe-release': row('bare', [...SETTLED, 'dust-off', ...CLEAN], ['release-off'], { takes: ['touch'] }),
  key: row(
    'bare',
    [...READY, 'apart', 'contained', ...CLEAN, 'filler-out', ...SETTLED, ...SOUND, 'film-off', 'filled', 'blocked', 'release-off'],
    ['keyed'],
    {
      takes: ['dust', 'touch'],
      bares: true,
    },
  ),
  'convert-metal': row('bare', [...READY, 'apart', 'contained', ...CLEAN, ...SETTLED, ...SOUND, 'dust-off', 'wiped'], ['keyed'], {
    takes: ['wet', 'touch', 'acid'],
    bares: true,
  }),
  polish: row('build', ['keyed', 'dust-off', 'dry'], [], { takes: ['touch'] }),
  wipe: row(null, [...CLEAN, 'residue-off', 'neutral', 'acid-off', 'dry', 'dust-off'], ['wiped'], { ends: ['raised', 'tested'] }),
  'cover-for-paint': row('bare', ['keyed', 'dry', 'dust-off', 'wiped'], ['covered-for-paint'], { takes: ['touch'] }),
  'flame-clean': row('bare', ['keyed', 'aired', 'covered-for-paint', 'dry', 'dust-off', 'wiped'], ['release-drawn'], { takes: ['flame'] }),
  flame: row('bare', ['keyed', 'aired', 'covered-for-paint', 'dry', 'dust-off', 'wiped', 'release-drawn'], ['raised'], { takes: ['flame'] }),
  'measure-moisture': row('bare', ['keyed', 'wiped', 'dry'], ['moisture-low'], {}),
  test: row('bare', ['keyed', 'covered-for-paint', 'dry', 'dust-off', 'wiped', 'raised', 'moisture-low'], ['tested'], { takes: ['wet'] }),
  coat: row('build', NEXT_COAT, ['film-clean'], { takes: ['spray', 'vapour'] }),
  turn: row('build', [], [], { takes: ['load'] }),
  'sand-film': row('build', ['dry'], [], { ends: ['covered-for-paint'], takes: ['dust', 'touch'] }),
  'clean-film': row('build', ['dry'], ['film-clean', 'dust-off'], {}),
  'cover-again': row('build', ['film-clean', 'dry'], ['covered-for-paint'], {}),
  'settle-colour': row('build', [], [], {}),
  'mask-line': row('build', ['film-clean', 'dry'], [], {}),
  'seal-line': row('build', ['film-clean', 'dry'], [], { takes: ['spray'] }),
  'peel-line': row('build', [], [], {}),
  'flat-line': row('build', [], [], { takes: ['dust', 'wet', 'touch'] }),
  'send-to-powder': row('build', [], [], {}),
  'pull-tape': row('build', [], [], {}),
  cure: row('finish', [], [], {}),
  'open-tank': row('finish', [], [], {}),
  'wipe-tyre': row('finish', [], [], { takes: ['vapour'] }),
  'wax-hollow': row('finish', ['dry'], [], { takes: ['spray'] }),
  'check-covered': row('finish', [], [], {}),
  refit: row('finish', [], [], { takes: ['load'] }),
  launch: row('finish', [], [], { takes: ['load'] }),
  'clear-up': row('finish', [], [], {}),
  'write-down': row('finish', [], [], {}),
};
