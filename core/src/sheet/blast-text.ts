import type { BlastPlan } from '../model/blast-plan.ts';
import { lowerFirst } from '../units/casing.ts';

const GRADE: Readonly<Record<NonNullable<BlastPlan['grade']>, string>> = {
  'sa-1': 'Sa 1 (about SP 7)',
  'sa-2': 'Sa 2 (about SP 6)',
  'sa-2.5': 'Sa 2½ (about SP 10)',
  'sa-3': 'Sa 3 (about SP 5)',
};
/** Rz µm of the nominal segments; ISO 8503-1, quoted from memory. */
const SEGMENTS = [25, 60, 100, 150] as const;

/** Grade of ISO 8501-1 with its near relative of SSPC/NACE; null where a material has none. Quoted from memory. */
export const gradeText = (grade: BlastPlan['grade']): string | null => (grade ? GRADE[grade] : null);

/** The segment of a grit comparator that a profile lies nearest to. */
export const nearestSegment = (profile: number): number =>
  SEGMENTS.reduce<number>((best, segment) => (Math.abs(segment - profile) < Math.abs(best - profile) ? segment : best), SEGMENTS[0]);

/** How the nozzle is held, as said to whoever blasts. */
export const holdText = ({ distance, angle, limit }: BlastPlan): string =>
  `${Math.round(distance * 100)} cm off, ${angle}° to the face${limit.pressure === null ? '' : ', edges first'}, always moving`;

/** What comes out: the layer that stays, else grade, profile, or clean of paint. */
export function resultText({ grade, profile }: BlastPlan, stays?: string): string {
  if (stays) return `down to ${lowerFirst(stays)}, which stays whole`;
  const clean = gradeText(grade) ?? 'free of paint';
  return profile < 1 ? `${clean}, no profile` : `${clean}, Rz about ${Math.round(profile)} µm`;
}
