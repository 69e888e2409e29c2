import type { Operation, OperationKind } from '../model/operation.ts';
import { sum } from '../units/sum.ts';
import type { InParts } from './apart.ts';
import type { Problem } from './generation.ts';
import type { Activity, Span } from './network.ts';

/** Faces that go through some operations apart from all others, in so many pieces. */
export interface Cut {
  readonly zones: readonly string[];
  /** ids of the first and the last of those operations */
  readonly from: string;
  readonly to: string;
  readonly of: number;
}

/** Laid on and lifted piece by piece where a face is large; a bath takes all of it. */
const STRIPPED: ReadonlySet<OperationKind> = new Set<OperationKind>(['strip-round', 'strip-next-round']);
/** min of lifting in one go: so that no break falls into it, and what worked overnight is off by the morning break. Model assumption. */
const LIFTED_IN_ONE_GO = 120;
/** Share of its window that lifting a piece takes at the most, so that there is time to come to it. Model assumption. */
const SHARE_OF_ROOM = 0.5;
/** min; smaller pieces are not made for the sake of a window. Model assumption. */
const LEAST_PIECE = 30;
/** Pieces of one face at the most, where the calendar asks for them, and how many times more it is tried with. Model assumptions. */
const MOST_PIECES = 12;
const MORE_PIECES = 1.4;

/** In how many pieces a face is stripped, so that each is lifted in one go and before its film dries. @param lifting min of hands @param room min of its window */
export function strippedIn({ kind }: Pick<Operation, 'kind'>, lifting: number, room: number): number {
  if (!STRIPPED.has(kind)) return 1;
  return Math.max(1, Math.ceil(lifting / Math.max(LEAST_PIECE, Math.min(LIFTED_IN_ONE_GO, SHARE_OF_ROOM * room)) - 1e-9));
}

/** What a piece adds to the id of an operation, so that what has been begun in pieces stays in them. */
export const pieceName = ({ zones, of }: Cut, number: number): string => `:${zones.join('+')}:${number}of${of}`;
const PIECE_NAME = /^(?<operation>[^:]+):[^:]+:\d+of(?<of>\d+)(?::lift)?$/;

/** What share of its faces a piece of work is, by its id. @example shareOf('a.coat.1:a:1of2') // 0.5 */
export const shareOf = (work: string): number => 1 / Number(PIECE_NAME.exec(work)?.groups?.['of'] ?? 1);

/** What the plan itself has in pieces, because a window closes before the whole is through. */
export function cutsPlanned(operations: readonly Operation[]): Cut[] {
  const byFace = new Map(operations.flatMap(({ id, faces }) => faces.map((face): [string, string] => [face.id, id])));
  return operations.flatMap(({ id, faces }) =>
    faces.flatMap(({ zone, pieces }): Cut[] => (pieces ? [{ zones: [zone], from: byFace.get(pieces.from) ?? id, to: id, of: pieces.count }] : [])),
  );
}

/** What has been begun in pieces: from there on to what closes the windows that open there. */
export function cutsBegun(operations: readonly Operation[], progress: readonly InParts[]): Cut[] {
  return progress.flatMap(({ work, zones }): Cut[] => {
    const { operation: from, of } = PIECE_NAME.exec(work)?.groups ?? {};
    if (from === undefined || zones.length === 0 || !operations.some(({ id }) => id === from)) return [];
    const closes = operations.findLast(
      ({ lags, faces }) => lags.some(({ after, most }) => after === from && most !== null) && faces.some(({ zone }) => zones.includes(zone)),
    );
    return [{ zones, from, to: closes?.id ?? from, of: Number(of) }];
  });
}

/** All of them, those that go through the same faces and operations as one. */
export function joinedAll(operations: readonly Pick<Operation, 'id'>[], cuts: readonly Cut[]): Cut[] {
  const places = new Map(operations.map(({ id }, i) => [id, i]));
  return cuts.reduce<Cut[]>((all, cut) => joined(all, cut, places), []);
}

/** The cuts with one more; with one that goes through the same faces and operations it becomes one. */
function joined(cuts: readonly Cut[], cut: Cut, places: ReadonlyMap<string, number>): Cut[] {
  const at = (id: string): number => places.get(id) ?? 0;
  const meets = (other: Cut): boolean =>
    other.zones.some((zone) => cut.zones.includes(zone)) && at(other.from) <= at(cut.to) && at(cut.from) <= at(other.to);
  const same = cuts.filter(meets);
  const all = [...same, cut];
  const first = all.reduce((from, one) => (at(one.from) < at(from) ? one.from : from), cut.from);
  const last = all.reduce((to, one) => (at(one.to) > at(to) ? one.to : to), cut.to);
  const rest = same.flatMap((one): Cut[] => {
    const left = one.zones.filter((zone) => !cut.zones.includes(zone));
    return left.length > 0 ? [{ ...one, zones: left }] : [];
  });
  return [...cuts.filter((one) => !meets(one)), ...rest, { ...cut, from: first, to: last, of: Math.max(...all.map(({ of }) => of)) }];
}

/**
 * The cuts with those that windows ask for which are too short for what lies between: faces apart from each other first, then one face in pieces. The same
 * list where none helps.
 */
export function oneCutMore(
  cuts: readonly Cut[],
  { network: { activities }, fixed }: Pick<Problem, 'network' | 'fixed'>,
  broken: readonly Span[],
): readonly Cut[] {
  const places = new Map(activities.map(({ operation: { id, number } }) => [id, number]));
  let more = cuts;
  for (const span of broken) {
    const [opens, closes] = [activities[span.from] as Activity, activities[span.to] as Activity];
    const zones = opens.zones.filter((zone) => closes.zones.includes(zone));
    const meets = (own: readonly string[]): boolean => own.some((zone) => zones.includes(zone));
    const of = opens.piece?.of ?? 1;
    const hands = sum(activities.slice(span.from, span.to + 1), (one) => (meets(one.zones) ? one.hand : 0));
    // What has been begun goes on in the pieces that it was begun in.
    const begun = activities.some((one, i) => fixed[i] && one.operation === opens.operation && meets(one.zones));
    const helps = hands >= 2 * LEAST_PIECE && hands / MOST_PIECES < (span.most ?? Infinity);
    if (begun || zones.length === 0 || of >= MOST_PIECES || !helps) continue;
    for (const cut of apart(zones, of)) {
      const to = span.what === 'dwell' ? opens.operation.id : lastInLine(activities, closes.operation, meets).id;
      more = joined(more, { ...cut, from: opens.operation.id, to }, places);
    }
  }
  return more;
}

/** Two halves of the faces; of one face more pieces. */
function apart(zones: readonly string[], of: number): Pick<Cut, 'zones' | 'of'>[] {
  if (zones.length === 1) return [{ zones, of: Math.min(MOST_PIECES, Math.ceil(of * MORE_PIECES)) }];
  const half = Math.ceil(zones.length / 2);
  return [zones.slice(0, half), zones.slice(half)].map((own) => ({ zones: own, of: 1 }));
}

/** What closes the last of the windows that follow each other on some faces: a piece goes through all of them, as the others are days behind it. */
function lastInLine(activities: readonly Activity[], first: Operation, meets: (zones: readonly string[]) => boolean): Operation {
  let last = first;
  for (const { operation, zones } of activities)
    if (operation.lags.some(({ after, most }) => after === last.id && most !== null) && meets(zones)) last = operation;
  return last;
}
