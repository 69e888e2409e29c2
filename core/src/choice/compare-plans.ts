import { countFindings } from '../model/finding.ts';
import type { Plan, ZonePlan } from '../model/plan.ts';

/** One answer of a plan that came out differently. */
export interface Difference {
  readonly where: string;
  readonly what: 'method' | 'primer' | 'bare surface' | 'coats' | 'strip' | 'set-up' | 'hand time' | 'cost' | 'stops';
  readonly before: string;
  readonly after: string;
}

/** Hours and money that count as the same. */
const MINUTE = 1;
const CENT = 0.01;

/** What changes between two plans of the same job, zone by zone and in all; empty where nothing does. */
export function comparePlans(before: Plan, after: Plan): Difference[] {
  const zones = before.zones.flatMap((zone) => {
    const other = after.zones.find(({ zone: id }) => id === zone.zone);
    return other ? [...zoneDifferences(zone, other), ...bareDifferences(zone, before, after)] : [];
  });
  return [...zones, ...totalDifferences(before, after)];
}

function zoneDifferences(before: ZonePlan, after: ZonePlan): Difference[] {
  const where = `${before.partName}: ${before.zoneName}`;
  const differ = (what: Difference['what'], say: (zone: ZonePlan) => string): Difference[] => {
    const [a, b] = [say(before), say(after)];
    return a === b ? [] : [{ where, what, before: a, after: b }];
  };
  return [
    ...differ('method', ({ chosen }) => chosen?.name ?? 'none'),
    ...differ('strip', ({ chosen }) => (chosen?.strip ? stripText(chosen.strip) : 'no stripper')),
    ...differ('primer', ({ build }) => build?.primers.find(({ verdict }) => verdict === 'chosen')?.name ?? 'none'),
    ...differ(
      'coats',
      ({ build }) =>
        build?.coats.map(({ name, coats, dryFilm }) => `${coats} × ${Math.round(dryFilm)} µm ${name.toLowerCase()}`).join(', ') ?? 'none',
    ),
  ];
}

function bareDifferences({ zone, partName, zoneName }: ZonePlan, before: Plan, after: Plan): Difference[] {
  const titles = ({ operations }: Plan): string =>
    operations.flatMap(({ stage, faces, title }) => (stage === 'bare' && faces.some((face) => face.zone === zone) ? [title] : [])).join(', ');
  const [a, b] = [titles(before), titles(after)];
  return a === b ? [] : [{ where: `${partName}: ${zoneName}`, what: 'bare surface', before: a, after: b }];
}

const stripText = ({ rounds, litres, covered, between, sections }: NonNullable<NonNullable<ZonePlan['chosen']>['strip']>): string =>
  `${rounds.length} ${rounds.length === 1 ? 'round' : 'rounds'}, ${litres.toFixed(1)} L${covered ? ', covered' : ''}, ${between.replaceAll('-', ' ')}, ${sections} ${sections === 1 ? 'section' : 'sections'}`;

function totalDifferences(before: Plan, after: Plan): Difference[] {
  const where = 'Whole job';
  const titles = (plan: Plan) => [
    ...new Set(plan.operations.filter(({ stage }) => stage === 'set-up' || stage === 'finish').map(({ title, detail }) => `${title}: ${detail}`)),
  ];
  const [mine, theirs] = [titles(before), titles(after)];
  const gone = mine.filter((title) => !theirs.includes(title));
  const come = theirs.filter((title) => !mine.includes(title));
  return [
    ...(gone.length + come.length > 0
      ? [{ where, what: 'set-up' as const, before: gone.join(' ') || 'nothing', after: come.join(' ') || 'nothing' }]
      : []),
    ...figure(where, 'hand time', before.totals.hand, after.totals.hand, MINUTE, (minutes) => `${(minutes / 60).toFixed(1)} h`),
    ...figure(where, 'cost', before.totals.cost, after.totals.cost, CENT, (money) => money.toFixed(0)),
    ...figure(where, 'stops', countFindings(before.findings, 'stop'), countFindings(after.findings, 'stop'), 0.5, String),
  ];
}

const figure = (where: string, what: Difference['what'], a: number, b: number, least: number, say: (value: number) => string): Difference[] =>
  Math.abs(a - b) < least || say(a) === say(b) ? [] : [{ where, what, before: say(a), after: say(b) }];
