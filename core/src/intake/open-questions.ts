import type { Job } from '../model/job.ts';
import type { Finding } from '../model/finding.ts';
import type { Plan } from '../model/plan.ts';
import { ANSWERS } from './answers.ts';
import type { Place, Question } from './question.ts';

/** What a question is about where it is not the zone it was raised in. */
const OF_PART: readonly string[] = ['float-test', 'role-not-said', 'tank-contents', 'alloy-unknown'];
const OF_JOB: readonly string[] = ['year-not-said', 'finish-missing', 'air-unknown', 'no-parts', 'price-missing'];

/** How it is asked where the title of the finding is no question. */
const ASKS: Readonly<Record<string, string>> = {
  'finish-missing': 'Which topcoat should be on it at the end?',
  'lead-not-tested': 'Is there lead in the paint?',
  'chromate-not-tested': 'Is there chromate in the primer?',
  'asbestos-not-tested': 'Is there asbestos in it?',
  'tar-not-tested': 'Is it coal tar?',
  'organotin-not-tested': 'Is there organotin under the antifouling?',
  'float-test': 'Does a scrap of it float?',
  'crosscut-missing': 'What did the crosscut show?',
  'stack-empty': 'What is on the surface?',
  'area-missing': 'How large is it?',
  'alloy-unknown': 'Which alloy is it?',
};

/** Asked in this order as long as nobody has tried what the answers change. */
const ORDER: readonly string[] = ['no-parts', 'finish-missing', 'area-missing', 'stack-empty', 'float-test', 'year-not-said', 'lead-not-tested'];

/** Everything the plan would like to know, each once with all the places it is open in; what decides most usually comes first. */
export function openQuestions(job: Job, plan: Plan): Question[] {
  const asked = new Map<string, { finding: Finding; places: Map<string, Place> }>();
  for (const finding of [...yearOf(job, plan), ...plan.findings]) {
    if (finding.severity !== 'question') continue;
    const known = asked.get(finding.code) ?? { finding, places: new Map<string, Place>() };
    const place = placeOf(job, finding);
    if (place) known.places.set(place.id, place);
    asked.set(finding.code, known);
  }
  const rank = (code: string): number => (ORDER.includes(code) ? ORDER.indexOf(code) : ORDER.length);
  return [...asked.values()]
    .map(({ finding: { code, title, reason, change, basis }, places }): Question => ({
      code,
      asks: ASKS[code] ?? title,
      meanwhile: reason,
      settles: change,
      basis,
      places: [...places.values()],
      answers: ANSWERS[code]?.(job) ?? [],
    }))
    .sort((a, b) => rank(a.code) - rank(b.code));
}

/** Without a year the paint counts as old; worth asking where that bars something. */
function yearOf({ item }: Job, { findings }: Plan): Finding[] {
  const [suspect] = findings.filter(({ code }) => code.endsWith('-not-tested'));
  if (item.year !== null || !suspect) return [];
  return [
    {
      ...suspect,
      code: 'year-not-said',
      path: ['item', 'year'],
      title: 'When was it painted or built?',
      reason: 'Unknown age counts as old: what old paint may hold is taken to be in it.',
      change: 'The plate, the papers, or who painted it; a decade will do.',
    },
  ];
}

function placeOf(job: Job, { code, path }: Finding): Place | null {
  const [root, p, , z] = path;
  const part = root === 'parts' && typeof p === 'number' ? job.parts[p] : undefined;
  if (OF_JOB.includes(code) || !part) return null;
  const zone = typeof z === 'number' ? part.zones[z] : undefined;
  return zone && !OF_PART.includes(code) ? { id: zone.id, name: `${part.name}: ${zone.name}` } : { id: part.id, name: part.name };
}
