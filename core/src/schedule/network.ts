import type { Lag, Operation, OperationKind } from '../model/operation.ts';
import { untilPickUp } from '../method/set-ups.ts';
import { asPlanned, type Apart, type Mixes } from './apart.ts';
import { pieceName, strippedIn, type Cut } from './pieces.ts';

/**
 * A piece of work of one operation that hands do without a wait in it. A round of stripper is two: laid on, and lifted once it has worked; on a large face
 * two for each piece of it.
 */
export interface Activity {
  readonly id: string;
  readonly operation: Operation;
  /** zones that it is done to */
  readonly zones: readonly string[];
  readonly phase: 'whole' | 'lay' | 'lift';
  /** which of how many pieces of its faces, from 1; null: all of them at once */
  readonly piece: { readonly number: number; readonly of: number } | null;
  /** whole min of one person */
  readonly hand: number;
  /** may be broken off over a break or a night and taken up again */
  readonly split: boolean;
  /** several may work on it at a time */
  readonly shared: boolean;
  /** only one of a shop at a time */
  readonly plant: 'booth' | 'blast' | 'tub' | null;
}

/** A span from the end of one activity to the start of another, min; places in the list of activities. */
export interface Span {
  readonly from: number;
  readonly to: number;
  readonly least: number;
  readonly most: number | null;
  /** null: nothing but the order on a face, and what works alone before it */
  readonly what: Lag['what'] | null;
  readonly missed: Lag['missed'];
}

export interface Network {
  readonly activities: readonly Activity[];
  readonly spans: readonly Span[];
}

/** Work that is not broken off once it is begun: what is wet, hot or mixed. */
const IN_ONE_GO: ReadonlySet<OperationKind> = new Set<OperationKind>([
  'coat',
  'flame',
  'flame-clean',
  'fill',
  'strip-round',
  'strip-next-round',
  'strip-bath',
  'try-patch',
  'treat-rust',
  'treat-pits',
  'convert-rust',
  'rinse-off',
  'neutralise',
  'rinse-acid',
  'bond',
  'laminate',
  'weld',
  'hold-film',
  'convert-metal',
  'zinc-repair',
  'derust',
  'wipe',
  'seal-line',
  'pull-tape',
  'peel-line',
]);
/** Shares of a round of stripper: laid on before it works, scraped after; lay-on and scraping as the default rates have them. Model assumption. */
const LAID: Partial<Readonly<Record<OperationKind, number>>> = { 'strip-round': 0.3, 'strip-next-round': 0.3, 'strip-bath': 0.3, 'try-patch': 0.4 };
/** The wait of these stands before them, in the clock that they end: it is not waited twice. */
const CHECKS_A_WAIT: ReadonlySet<OperationKind> = new Set<OperationKind>(['cure']);
/** min of hands from which several share work: whoever is free, or two side by side where it is rolled on and not broken off. Model assumption. */
const SHARED_FROM = 180;
const PLANT: Partial<Readonly<Record<OperationKind, Activity['plant']>>> = { 'strip-blast': 'blast', 'strip-bath': 'tub' };

/** min */
const DAY = 1440;

const whole = (hand: number): number => Math.ceil(hand - 1e-9);

/** What it is called on every page and sheet. */
export function titleOf({ operation, phase, piece }: Activity): string {
  const title = phase === 'whole' ? operation.title : `${operation.title}: ${phase === 'lay' ? 'lay on' : 'lift'}`;
  return piece ? `${title}, piece ${piece.number} of ${piece.of}` : title;
}

/** What has to be done and what binds it, read off the operations of a plan in working order. */
export function networkOf(operations: readonly Operation[], apart: Apart = asPlanned(operations, [])): Network {
  const activities: Activity[] = [];
  const spans: Span[] = [];
  const known: Known = { ends: new Map(), lastOn: new Map(), lastCoats: new Map() };
  const groupsOf = grouping(operations, apart);
  for (const operation of operations) {
    const done: [zone: string, end: End][] = [];
    const before = new Map<Cut | null, number>();
    for (const group of groupsOf(operation)) {
      const first = activities.length;
      activities.push(...phasesOf(operation, group));
      const last = activities.length - 1;
      if (last > first) spans.push(dwellOf(operation, activities, first));
      spans.push(...spansInto(operation, first, group, known));
      // Pieces follow each other down the face.
      const other = before.get(group.cut);
      if (group.piece && other !== undefined) spans.push(orderOf(other, first));
      before.set(group.cut, first);
      if (operation.kind === 'wax-hollow') spans.push(...afterCoats(first, known));
      for (const zone of group.zones) done.push([zone, { at: last, group }]);
    }
    remember(known, operation, done);
  }
  return { activities, spans };
}

/** One after the other, with nothing to be kept but a wait; min. */
const orderOf = (from: number, to: number, least = 0): Span => ({ from, to, least, most: null, what: null, missed: null });

/** What is done together of one operation. */
interface Group {
  readonly zones: readonly string[];
  /** in the id, after the operation */
  readonly name: string;
  readonly cut: Cut | null;
  readonly piece: Activity['piece'];
}

/** The faces of each operation that are done together: those that no cut takes apart, for a coat those of each mix, and large ones in pieces. */
function grouping(operations: readonly Operation[], { mixes, cuts }: Apart): (operation: Operation) => Group[] {
  const places = new Map(operations.map(({ id }, i) => [id, i]));
  const reach = cuts.map((cut) => ({ cut, from: places.get(cut.from) ?? Infinity, to: places.get(cut.to) ?? -Infinity }));
  return (operation) => {
    const at = places.get(operation.id) as number;
    const here = reach.filter(({ from, to }) => from <= at && at <= to).map(({ cut }) => cut);
    const zones = operation.faces.map(({ zone }) => zone);
    const left = zones.filter((zone) => !here.some((cut) => cut.zones.includes(zone)));
    const own = here.flatMap((cut) => {
      const apart = cut.zones.filter((zone) => zones.includes(zone));
      return apart.length > 0 ? inPieces(apart, cut.of, '', cut) : [];
    });
    const together = [...zonesByMix(operation, left, mixes)].flatMap(([mix, some]) =>
      inPieces(some, stripped(operation, some), mix === 0 ? '' : `:mix${mix + 1}`, null),
    );
    return left.length > 0 || own.length === 0 ? [...together, ...own] : own;
  };
}

const inPieces = (zones: readonly string[], of: number, name: string, cut: Cut | null): Group[] =>
  Array.from({ length: of }, (_, i) => ({
    zones,
    name: cut ? pieceName(cut, i + 1) : i === 0 ? name : `${name}:${i + 1}`,
    cut,
    piece: of > 1 ? { number: i + 1, of } : null,
  }));

/** The zones that are coated from the same mix; what is no coat is one. */
function zonesByMix({ coat }: Operation, zones: readonly string[], mixes: Mixes): ReadonlyMap<number, readonly string[]> {
  const own = coat && mixes.get(coat.product);
  const groups = new Map<number, string[]>(zones.length === 0 ? [[0, []]] : []);
  for (const zone of zones) {
    const mix = own?.get(zone) ?? 0;
    groups.set(mix, [...(groups.get(mix) ?? []), zone]);
  }
  return groups;
}

function stripped(operation: Operation, zones: readonly string[]): number {
  const share = LAID[operation.kind];
  if (share === undefined) return 1;
  const { least, most } = windowOf(operation);
  return strippedIn(operation, (1 - share) * handOn(operation, zones), most === null ? Infinity : most - least);
}

function phasesOf(operation: Operation, { zones, name, piece }: Group): Activity[] {
  const { kind, coat, raises } = operation;
  const id = operation.id + name;
  const hand = handOn(operation, zones) / (piece?.of ?? 1);
  const split = !IN_ONE_GO.has(kind);
  const plant = PLANT[kind] ?? (coat && raises.includes('spray') ? 'booth' : null);
  const shared = hand >= SHARED_FROM && plant === null && (split || coat !== null);
  // Written out: spreading an object into thousands of activities takes longer than all else here.
  const activity = (own: string, phase: Activity['phase'], minutes: number): Activity => ({
    id: own,
    operation,
    zones,
    phase,
    piece,
    hand: whole(minutes),
    split,
    shared,
    plant,
  });
  const share = LAID[kind];
  if (share === undefined || operation.wait === 0) return [activity(id, 'whole', hand)];
  return [activity(id, 'lay', share * hand), activity(`${id}:lift`, 'lift', (1 - share) * hand)];
}

/** The hands of some of its faces, and those that it takes beside its faces: mixing and cleaning are done for every mix. */
function handOn({ faces, hand }: Operation, zones: readonly string[]): number {
  if (zones.length === faces.length) return hand;
  const own = (all: Operation['faces']): number => all.reduce((sum, face) => sum + face.hand, 0);
  return hand - own(faces) + own(faces.filter(({ zone }) => zones.includes(zone)));
}

/** A film of stripper is lifted when it has worked, and before it dries; min. */
function windowOf({ lags, wait }: Operation): Pick<Span, 'least' | 'most' | 'missed'> {
  const dwell = lags.find(({ what }) => what === 'dwell');
  const most = dwell?.most ?? null;
  const least = whole(most === null ? wait : Math.min(wait, most));
  return { least, most: most === null ? null : Math.max(least, Math.floor(most)), missed: dwell?.missed ?? null };
}

/** The dwell between lay-on and lift; of a piece its end has to be lifted before it dries too. */
function dwellOf(operation: Operation, activities: readonly Activity[], from: number): Span {
  const { least, most, missed } = windowOf(operation);
  const { hand, piece } = activities[from + 1] as Activity;
  return { from, to: from + 1, least, most: most === null || !piece ? most : Math.max(least, most - hand), what: 'dwell', missed };
}

/** Where an operation is over on a face, or on a piece of it. */
interface End {
  readonly at: number;
  readonly group: Group;
}

interface Known {
  /** by operation, and there by zone: where it is over */
  readonly ends: Map<string, ReadonlyMap<string, readonly End[]>>;
  /** by zone: what was done last, and how long it then works alone */
  readonly lastOn: Map<string, { readonly ends: readonly End[]; readonly wait: number }>;
  /** by zone: where its last film was laid */
  readonly lastCoats: Map<string, readonly End[]>;
}

function remember({ ends, lastOn, lastCoats }: Known, { id, kind, coat, wait, days }: Operation, done: readonly (readonly [string, End])[]): void {
  const byZone = new Map<string, End[]>();
  for (const [zone, end] of done) {
    const known = byZone.get(zone);
    if (known) known.push(end);
    else byZone.set(zone, [end]);
  }
  ends.set(id, byZone);
  const lifted = LAID[kind] !== undefined && wait > 0;
  // A calendar knows the next of its days; elsewhere the mean wait for one stands in.
  const alone = lifted || CHECKS_A_WAIT.has(kind) ? 0 : whole(wait - untilPickUp(days.length) * DAY);
  for (const [zone, own] of byZone) {
    lastOn.set(zone, { ends: own, wait: alone });
    if (coat) lastCoats.set(zone, own);
  }
}

/** Wax that drifts onto a face keeps paint from wetting it: it is sprayed when no face of the job waits for a coat any more. Common practice, no source. */
const afterCoats = (to: number, { lastCoats }: Known): Span[] =>
  [...new Set([...lastCoats.values()].flatMap((ends) => ends.map(({ at }) => at)))].map((from) => orderOf(from, to));

/** Of something done in the same pieces of the same faces only the same piece; else all of it. */
function before(ends: readonly End[], group: Group): readonly number[] {
  const { piece } = group;
  const own = piece && ends.every((end) => isCutAlike(end.group, group)) ? ends.filter((end) => end.group.piece?.number === piece.number) : ends;
  return own.map(({ at }) => at);
}

const isCutAlike = (a: Group, b: Group): boolean => a.cut === b.cut && a.piece?.of === b.piece?.of && a.zones.join() === b.zones.join();

/** The clocks that end here, and the order of each face: it waits for what works alone, save where a clock from there says how long. */
function spansInto({ lags }: Operation, to: number, group: Group, { ends, lastOn }: Known): Span[] {
  const clocks = lags.flatMap(({ what, after, least, most, missed }) => {
    const over = ends.get(after);
    const froms = new Set(group.zones.flatMap((zone) => before(over?.get(zone) ?? [], group)));
    const atLeast = whole(least);
    return [...froms].map((from): Span => ({
      from,
      to,
      least: atLeast,
      most: most === null ? null : Math.max(atLeast, Math.floor(most)),
      what,
      missed,
    }));
  });
  const clocked = new Set(clocks.map(({ from }) => from));
  const waits = new Map<number, number>();
  for (const zone of group.zones) {
    const last = lastOn.get(zone);
    if (last) for (const at of before(last.ends, group)) if (!clocked.has(at)) waits.set(at, Math.max(waits.get(at) ?? 0, last.wait));
  }
  return [...clocks, ...[...waits].map(([from, least]) => orderOf(from, to, least))];
}
