import type { DecisionNote } from '../model/decision-note.ts';
import type { Job } from '../model/job.ts';
import { StageName } from '../model/stage.ts';

/** The notes of a job as the work goes: by stage, about the whole before those of its zones, zones as the job lists them; none of a zone that is gone. */
export function notesInOrder({ parts, decisionNotes }: Pick<Job, 'parts' | 'decisionNotes'>): DecisionNote[] {
  const zones = new Map<string | null, number>([[null, -1], ...parts.flatMap((part) => part.zones).map(({ id }, i): [string, number] => [id, i])]);
  const place = ({ stage, zone }: DecisionNote): [number, number] => [StageName.options.indexOf(stage), zones.get(zone) ?? 0];
  return decisionNotes
    .filter(({ zone }) => zones.has(zone))
    .sort((a, b) => {
      const [[stage, zone], [otherStage, otherZone]] = [place(a), place(b)];
      return stage - otherStage || zone - otherZone;
    });
}
