import { METHODS } from '../catalogue/methods.ts';
import type { Operation, OperationKind } from '../model/operation.ts';
import type { Task } from './task.ts';

/** A place in a sequence where the work could not be done, in words. */
export interface Broken {
  readonly zone: string;
  readonly at: string;
  readonly says: string;
}

/** What of an operation stands on the sheet. */
export type Line = Pick<Operation, 'number' | 'title' | 'detail' | 'kind' | 'contact' | 'stop' | 'against' | 'hand'> & {
  readonly faces: readonly Pick<Operation['faces'][number], 'zone' | 'side'>[];
  readonly coat: Pick<NonNullable<Operation['coat']>, 'name' | 'pass'> | null;
};

/** A line of one face alone. */
export const lineOf = (task: Task, i: number, zone: string): Line => ({
  number: i + 1,
  title: task.title,
  detail: task.detail,
  kind: task.kind,
  contact: task.contact ?? null,
  stop: task.stop ?? null,
  against: task.against ?? null,
  hand: task.hand,
  faces: [{ zone, side: task.side ?? null }],
  coat: task.coat ? { name: task.coat.plan.name, pass: task.coat.pass } : null,
});

/** What a face is like, in the plain terms of somebody who stands before it. Kept apart from what the planner calls facts. */
interface Look {
  wet: boolean;
  dusty: boolean;
  residue: boolean;
  sharp: 'no' | 'acid' | 'alkali';
  stripCover: boolean;
  /** covered for paint, and whether that was sanded over since */
  covered: boolean;
  scuffed: boolean;
  keyed: boolean;
  flamed: boolean;
  sanded: boolean;
  wiped: boolean;
  tested: boolean;
  rawFiller: boolean;
  oldFiller: boolean;
  vapour: boolean;
  openHole: boolean;
  coats: number;
  /** titles already laid, to see that no pass comes twice or too soon */
  passes: Map<string, number>;
  cured: boolean;
}

const FRESH: Omit<Look, 'passes'> = {
  wet: false,
  dusty: false,
  residue: false,
  sharp: 'no',
  stripCover: false,
  covered: false,
  scuffed: false,
  keyed: false,
  flamed: false,
  sanded: false,
  wiped: false,
  tested: false,
  rawFiller: false,
  oldFiller: false,
  vapour: false,
  openHole: false,
  coats: 0,
  cured: false,
};

const DUSTY: readonly OperationKind[] = [
  'key',
  'key-for-fill',
  'block',
  'derust',
  'dress',
  'open-up',
  'knock-old-filler-out',
  'flush-bond',
  'strip-tool',
  'strip-blast',
  'break-top',
  'knock-filler-out',
];
const WETTING: readonly OperationKind[] = [
  'rinse-off',
  'neutralise',
  'rinse-acid',
  'degrease',
  'soak-plastic',
  'dewax',
  'desalt',
  'pressure-wash',
  'wash-brake-dust',
  'flush-hollow',
  'treat-rust',
  'treat-pits',
  'hold-film',
  'take-film-off',
  'strip-round',
  'strip-next-round',
  'strip-bath',
  'convert-metal',
];
/** Hands, tools or what they bring on the face, after which it is no longer wiped. */
const TOUCHING: readonly OperationKind[] = [
  ...WETTING,
  ...DUSTY,
  'strip-specks',
  'strip-heat',
  'cover-for-strip',
  'uncover-strip',
  'fetch-back',
  'weld',
  'convert-rust',
  'zinc-repair',
  'bond',
  'laminate',
  'fill',
  'polish',
  'cover-for-paint',
];
const STRIPPING: readonly OperationKind[] = ['strip-round', 'strip-bath'];
const HOT: readonly OperationKind[] = ['weld', 'flame', 'flame-clean', 'open-up', 'strip-heat'];

/**
 * Works a sequence through from its first line to its last and tells every place where it could not be done. Knows the trade and not the planner:
 * it reads only what stands on the sheet: what kind of work a line is, its words, the tool, and where. Common practice, no source.
 */
export function checkSequence(operations: readonly Line[]): Broken[] {
  const broken: Broken[] = [];
  const looks = new Map<string, Look>();
  for (const operation of operations) {
    const leftOut = operation.against !== null && operation.hand === 0;
    for (const { zone, side } of operation.faces) {
      const look = looks.get(zone) ?? { ...FRESH, passes: new Map() };
      looks.set(zone, look);
      // What somebody leaves out in writing is theirs to answer for.
      for (const says of leftOut ? [] : complaints(operation, look, side)) broken.push({ zone, at: `${operation.number} ${operation.title}`, says });
      if (!leftOut) burden(operation, look);
      gain(operation, look, side);
    }
  }
  return broken;
}

function complaints(line: Line, look: Look, side: string | null): string[] {
  const { kind, coat, stop } = line;
  const said: string[] = [];
  const must = (holds: boolean, says: string) => {
    if (!holds) said.push(says);
  };
  if (stop === null && worksDry(line)) must(!look.wet, 'worked dry on a wet face');
  if (STRIPPING.includes(kind)) {
    must(!look.wet, 'stripper on a wet face');
    must(!look.dusty, 'stripper on dust');
  }
  if (HOT.includes(kind)) {
    must(!look.vapour, 'flame or spark where stripper vapour may hang');
    must(!look.residue, 'flame or spark on residue');
    must(!look.wet, 'flame or spark on a wet face');
  }
  if (kind === 'weld') must(!look.oldFiller, 'welded over old filler');
  if (kind === 'fill') {
    must(!look.openHole, 'filled over an open hole');
    must(look.wiped || look.coats > 0, 'filled on a face that is not wiped');
    must(!look.dusty || look.coats > 0, 'filled on dust');
  }
  if (kind === 'wipe') must(!look.dusty && !look.wet, 'wiped in dust or water');
  if (kind === 'cover-for-paint' || kind === 'cover-for-strip') must(!look.wet, 'tape on a wet face');
  if (kind === 'flame') must(look.keyed, 'flamed before the key: sanding would take it off');
  if (kind === 'key') must(!look.rawFiller && !look.openHole, 'keyed before the repairs are done');
  if (kind === 'inspect') must(!look.residue && !look.wet && !look.dusty, 'looked over through residue, water or dust');
  if (kind === 'turn') must(look.coats > 0, 'turned before anything is on it');
  if (kind === 'refit' || kind === 'launch') must(look.cured || look.coats === 0, 'fitted or launched before the film bears it');
  if (coat) said.push(...coatComplaints(coat, look, side));
  return said;
}

function coatComplaints({ name, pass }: NonNullable<Line['coat']>, look: Look, side: string | null): string[] {
  const said: string[] = [];
  const must = (holds: boolean, says: string) => {
    if (!holds) said.push(says);
  };
  const key = `${name} ${side ?? ''}`;
  must((look.passes.get(key) ?? 0) === pass - 1, 'a pass out of turn');
  must(!look.wet, 'a film on a wet face');
  must(!look.dusty, 'a film on dust');
  must(!look.residue && look.sharp === 'no', 'a film over residue, acid or alkali');
  must(!look.stripCover, 'a film with the strip covers still on');
  must(!look.rawFiller && !look.openHole && !look.oldFiller, 'a film over raw filler or a hole');
  must(!look.sanded, 'a film on sanding dust');
  must(!look.scuffed, 'a film with covers that sanding has scuffed');
  if (look.coats === 0) {
    must(look.wiped, 'the first film on a face that is not wiped');
    must(look.tested, 'the first film before the last test');
  }
  return said;
}

/** Sanded wet: the tool is, or the words say so. */
const saysWet = ({ title, detail, contact }: Line): boolean => contact?.wet === true || /\bwet, by hand|, wet\b/i.test(`${title} ${detail}`);
const isWaterBreak = ({ kind, title }: Line): boolean => kind === 'test' && title.startsWith('Water-break');
const worksDry = (line: Line): boolean => DUSTY.includes(line.kind) && !saysWet(line);
/** The slurry of a key dries to dust; that of a method is washed away. */
const raisesDust = (line: Line): boolean => worksDry(line) || line.kind === 'key';

/** What the operation leaves on the face that somebody has to take off again. */
function burden(line: Line, look: Look): void {
  const { kind } = line;
  if (raisesDust(line)) Object.assign(look, { dusty: true, flamed: false });
  if (TOUCHING.includes(kind)) Object.assign(look, { wiped: false, tested: false });
  if (STRIPPING.includes(kind) || kind === 'strip-next-round') Object.assign(look, { residue: true, vapour: true });
  const sharp = sharpOf(line);
  if (sharp) look.sharp = sharp;
  if (sharp && kind === 'strip-blast') look.residue = true;
  if (kind === 'cover-for-strip') look.stripCover = true;
  if (kind === 'open-up') look.openHole = true;
  if (kind === 'fill') look.rawFiller = true;
  if (kind === 'sand-film') Object.assign(look, { sanded: true, dusty: true, scuffed: look.covered });
  if (WETTING.includes(kind) || (DUSTY.includes(kind) && !worksDry(line)) || isWaterBreak(line)) look.wet = true;
}

/** Acid or alkali that has to be rinsed to neutral. */
function sharpOf({ kind, contact }: Line): Look['sharp'] | null {
  if (kind === 'treat-rust' || kind === 'treat-pits' || kind === 'hold-film') return 'acid';
  const method = kind.startsWith('strip-') ? Object.values(METHODS).find(({ id }) => id === contact?.tool) : undefined;
  if (method?.id === 'blast.soda' || method?.traits.includes('caustic')) return 'alkali';
  return method?.traits.includes('acid') ? 'acid' : null;
}

/** What the operation brings the face on by. */
function gain({ kind, coat }: Line, look: Look, side: string | null): void {
  if (kind === 'rinse-off') look.residue = false;
  if (kind === 'neutralise' || kind === 'rinse-acid' || kind === 'take-film-off') look.sharp = 'no';
  if (kind === 'air-out') look.vapour = false;
  if (kind === 'dust-off' || kind === 'clean-film') Object.assign(look, { dusty: false, sanded: false });
  if (kind === 'uncover-strip') look.stripCover = false;
  if (kind === 'wipe') Object.assign(look, { wiped: true, tested: false });
  if (kind === 'test') look.tested = true;
  if (kind === 'weld' || kind === 'laminate') look.openHole = false;
  if (kind === 'block') look.rawFiller = false;
  if (kind === 'key') Object.assign(look, { keyed: true, flamed: false });
  if (kind === 'flame') look.flamed = true;
  if (kind === 'cover-for-paint') look.covered = true;
  if (kind === 'cover-again') look.scuffed = false;
  if (kind === 'knock-old-filler-out') look.oldFiller = false;
  if (kind === 'cure') look.cured = true;
  if (kind === 'dry') look.wet = false;
  if (coat) {
    look.coats += 1;
    look.passes.set(`${coat.name} ${side ?? ''}`, coat.pass);
  }
}
