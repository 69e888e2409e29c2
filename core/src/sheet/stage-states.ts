import type { Finding } from '../model/finding.ts';
import type { Operation } from '../model/operation.ts';
import type { StageState, ZonePlan } from '../model/plan.ts';
import type { StageName } from '../model/stage.ts';
import { formatHands, formatMinutes } from '../units/format-quantity.ts';

const STAGE_OF: Readonly<Record<string, StageName>> = {
  'no-method': 'method',
  'override-unexplained': 'method',
  'blast-over-pressure': 'strip',
  'hose-rating': 'strip',
  'pressure-not-reached': 'strip',
  'compressor-too-small': 'strip',
  'air-missing': 'strip',
  'disc-overspeed': 'strip',
  'find-licensed': 'bare',
  'need-unmet': 'bare',
  'key-forbidden': 'bare',
  'window-too-short': 'bare',
  'no-primer': 'build',
  'finish-missing': 'build',
  'copper-antifouling': 'build',
  'powder-heat': 'build',
  'polish-metal-only': 'build',
  'no-supplied-air': 'safety',
  'nobody-may': 'safety',
  'place-food-room': 'safety',
  'place-cellar': 'safety',
  'air-fire': 'safety',
  'air-breathing': 'safety',
  'air-unknown': 'safety',
};

/** Where a finding is settled. */
export const stageOf = (code: string): StageName => STAGE_OF[code] ?? 'intake';

/** What each stage says of itself in the ribbon. */
export function stageStates(zones: readonly ZonePlan[], operations: readonly Operation[], findings: readonly Finding[]): StageState[] {
  const headline: Readonly<Record<StageName, string>> = {
    intake: zones.length === 0 ? 'empty' : `${zones.length} ${zones.length === 1 ? 'zone' : 'zones'}`,
    method: `${zones.filter(({ chosen }) => chosen !== null).length} of ${zones.length} set`,
    strip: spent(operations, 'strip'),
    bare: primeHeadline(zones),
    build: spent(operations, 'build'),
    safety: guarded(operations),
    time: operations.length === 0 ? 'nothing yet' : 'dates',
    'run-sheet': operations.length === 0 ? 'empty' : `${operations.length} steps`,
  };
  return (Object.keys(headline) as StageName[]).map((stage) => ({
    stage,
    questions: count(findings, stage, 'question'),
    stops: count(findings, stage, 'stop'),
    headline: headline[stage],
  }));
}

const count = (findings: readonly Finding[], stage: StageName, severity: Finding['severity']): number =>
  findings.filter((finding) => finding.severity === severity && stageOf(finding.code) === stage).length;

function spent(operations: readonly Operation[], stage: Operation['stage']): string {
  const own = operations.filter((operation) => operation.stage === stage);
  return own.length === 0 ? 'nothing yet' : `${formatHands(own.reduce((sum, operation) => sum + operation.hand, 0))} hands`;
}

/** The hardest thing to breathe, in a word. */
function guarded(operations: readonly Operation[]): string {
  const lines = operations.flatMap(({ protection }) => protection.filter(({ guard }) => guard === 'breathing'));
  if (lines.some(({ says }) => says.startsWith('supplied'))) return 'supplied air';
  return lines.length === 0 ? (operations.length === 0 ? 'nothing yet' : 'no mask') : 'masks';
}

function primeHeadline(zones: readonly ZonePlan[]): string {
  const limits = zones.map(({ bare }) => bare.primeWithin).filter((limit) => limit !== null);
  return limits.length === 0 ? 'no clock' : `${formatMinutes(Math.min(...limits))} to prime`;
}
