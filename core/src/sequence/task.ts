import type { HoldPoint, Means } from '../model/bare.ts';
import type { CoatPlan } from '../model/build.ts';
import type { Weekday } from '../model/calendar.ts';
import type { Contact, Fact, Lag, Operation, OperationKind, Takes } from '../model/operation.ts';

/** A span from an earlier operation of the same face; `after` picks it. */
export interface TaskLag extends Omit<Lag, 'after'> {
  /** this one itself, what has last left metal bright, or the last operation before this one that is of such a kind */
  readonly after: 'self' | 'bared' | ((before: Operation['kind'], coat: string | null) => boolean);
}

/** One pass of a product on a face or on one side of it. */
export interface Pass {
  readonly plan: CoatPlan;
  /** from 1 */
  readonly pass: number;
  readonly of: number;
  /** share of the zone that this pass covers */
  readonly share: number;
}

/** What is done to one face, before it has its place in the order. */
export interface Task {
  readonly kind: OperationKind;
  readonly title: string;
  readonly detail: string;
  /** min */
  readonly hand: number;
  readonly wait?: number;
  /** days of the week on which it can be done; any where it says none */
  readonly days?: readonly Weekday[];
  /** done once for all faces that name the same; what is not shared is put together by its wording */
  readonly share?: string;
  /** on the sheet, where it is not the zone: a part, or nothing for the whole job */
  readonly where?: readonly string[];
  readonly side?: 'face' | 'back';
  /** instead of the needs of its kind */
  readonly needs?: readonly Fact[];
  readonly alsoEnds?: readonly Fact[];
  /** instead of what its kind takes */
  readonly takes?: readonly Takes[];
  /** only on places of the face: the clock of all the rest runs on */
  readonly spots?: boolean;
  readonly lags?: readonly TaskLag[];
  readonly contact?: Contact;
  readonly product?: Operation['product'];
  readonly coat?: Pass;
  readonly means?: Means;
  readonly hold?: HoldPoint;
  readonly stop?: string;
  readonly against?: string;
  readonly cautions?: readonly string[];
  /** why it belongs to the work at all, where the need that calls it does not say so */
  readonly because?: string;
}

/** Work of a kind that is worded when a face first calls for it. */
export interface Upkeep {
  readonly kind: OperationKind;
  readonly make: () => Task;
}

/** All that has to happen to one face. */
export interface FaceWork {
  readonly part: string;
  readonly zone: string;
  readonly name: string;
  /** once each, in whatever order their needs ask for */
  readonly once: readonly Task[];
  /** as often as something takes away what they give */
  readonly upkeep: readonly Upkeep[];
  /** what must hold before the films */
  readonly goal: readonly Fact[];
  /** from the first film on, in this order */
  readonly build: readonly Task[];
}

/** A hold that is a look or a yes. */
export const look = (method: string, accept: string): HoldPoint => ({ method, accept, unit: null, least: null, most: null });
