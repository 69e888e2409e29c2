import type { Finding } from '../model/finding.ts';
import type { Job, Part, Zone } from '../model/job.ts';

/** A place in the job that a question is about. */
export interface Place {
  /** zone, part or '' for the whole job */
  readonly id: string;
  readonly name: string;
}

/** One answer to touch, and what it writes where the question was asked. */
export interface Answer {
  readonly label: string;
  readonly job?: (job: Job) => Job;
  readonly part?: (part: Part) => Part;
  readonly zone?: (zone: Zone) => Zone;
}

/** Something that the plan would like to know, asked once for all places it is open in. */
export interface Question {
  readonly code: string;
  readonly asks: string;
  /** what is done as long as nobody says */
  readonly meanwhile: string;
  /** what settles it */
  readonly settles: string;
  readonly basis: Finding['basis'];
  readonly places: readonly Place[];
  /** none: it wants a figure or a look, at its place */
  readonly answers: readonly Answer[];
}

/** What is left out is kept under this name. */
export const askedAt = (code: string, place: string): string => `${code} ${place}`;

/** The places of a question that an answer is meant for. */
export const meantPlaces = ({ code, places }: Question, left: ReadonlySet<string>): string[] =>
  places.flatMap(({ id }) => (left.has(askedAt(code, id)) ? [] : [id]));

/** The job with an answer written in at some of the places of its question. */
export function answered(job: Job, { job: ofJob, part: ofPart, zone: ofZone }: Answer, places: readonly string[]): Job {
  const told = ofJob ? ofJob(job) : job;
  if (!ofPart && !ofZone) return told;
  return {
    ...told,
    parts: told.parts.map((part) => {
      const zones = ofZone && part.zones.some(({ id }) => places.includes(id));
      const own = zones ? { ...part, zones: part.zones.map((zone) => (places.includes(zone.id) ? ofZone(zone) : zone)) } : part;
      return ofPart && places.includes(part.id) ? ofPart(own) : own;
    }),
  };
}
