import { groundOf } from '../build/choose-primer.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { planStrip } from '../chemical/strip-plan.ts';
import { gatherFacts, type ZoneFacts } from '../facts/zone-facts.ts';
import { DEFAULT_SHOP } from '../model/default-shop.ts';
import type { CoatingId } from '../model/ids.ts';
import type { Job, Part } from '../model/job.ts';
import { newJob } from '../model/new-job.ts';
import { Schools } from '../model/schools.ts';
import type { Shop } from '../model/shop.ts';
import { PART_TEMPLATES } from '../templates/part-templates.ts';
import { partFromTemplate } from '../templates/part-template.ts';
import { AS_USUAL } from '../model/test-patch.ts';
import { degC, metres, mm, percent, um } from '../units/quantities.ts';
import type { FinishSubject, MethodSubject, PrimerSubject } from './subjects.ts';

const LARGE = { length: metres(2), width: metres(1), height: metres(1) };
/** Refinish thick enough to hide filler, and a layer that is not paint. */
const ON_TOP: readonly (readonly [CoatingId, number])[] = [
  ['surfacer-2k', 200],
  ['chrome-plate', 20],
];

/** Common parts in fair and in foul conditions, plain and with more on them: what the pages of the rules quote from. */
function exampleZones(): ZoneFacts[] {
  let count = 0;
  const parts = PART_TEMPLATES.map((template) => partFromTemplate(template, () => `example${(count += 1)}`));
  const fair: Job = { ...newJob('Fair'), finish: 'solid-2k', parts };
  const place = {
    indoors: false,
    kind: 'workshop' as const,
    temperature: degC(6),
    humidity: percent(88),
    extraction: false,
    metal: null,
    wind: null,
    paintHours: null,
    room: null,
    airFlow: null,
    gateReasons: {},
  };
  const foul: Job = { ...fair, finish: 'aerosol-1k', place, parts: parts.map(laden) };
  const strict = Schools.parse({ L2: 'never', B1: 'never', W2: 'strict', K1: 'fine' });
  const coarse: Shop = { ...DEFAULT_SHOP, schools: Schools.parse({ K1: 'coarse' }) };
  const shops: Shop[] = [DEFAULT_SHOP, { ...DEFAULT_SHOP, equipment: [], contractors: [], schools: strict }, coarse];
  const odd = [laidOn(fair, 0.3), laidOn(fair, 4)].flatMap((job) => gatherFacts(job, DEFAULT_SHOP, CATALOGUE));
  const few = parts.slice(0, 3);
  const hot: Job = { ...fair, item: { ...fair.item, service: 'engine-heat' }, parts: few };
  const kept: Job = {
    ...fair,
    parts: few.map((part) => ({ ...part, zones: part.zones.map((zone) => ({ ...zone, target: { kind: 'keep' as const } })) })),
  };
  const others = [hot, kept].flatMap((job) => gatherFacts(job, DEFAULT_SHOP, CATALOGUE));
  return [...shops.flatMap((shop) => [fair, foul].flatMap((job) => gatherFacts(job, shop, CATALOGUE))), ...odd, ...others];
}

/** In a hot shop, on upright faces, so many mm of stripper. */
const laidOn = (job: Job, film: number): Job => ({
  ...job,
  place: { ...job.place, temperature: degC(34) },
  parts: job.parts.map((part) => ({
    ...part,
    zones: part.zones.map((zone) => ({ ...zone, orientation: 'vertical' as const, lay: { ...AS_USUAL, film: mm(film) } })),
  })),
});

const laden = (part: Part): Part => ({
  ...part,
  box: LARGE,
  zones: part.zones.map((zone) => ({
    ...zone,
    moisture: { reference: 4, readings: [{ at: '2026-03-02T08:00:00Z', value: 18 }] },
    stack: [
      ...zone.stack,
      ...ON_TOP.map(([coating, film], i) => ({
        id: `${zone.id}-${i}`,
        coating,
        thickness: um(film),
        state: 'sound' as const,
        origin: 'refinish' as const,
        name: '',
        colour: '',
      })),
    ],
  })),
});

/** Subjects of every kind of rule. */
export function exampleSubjects(): { readonly method: MethodSubject[]; readonly primer: PrimerSubject[]; readonly finish: FinishSubject[] } {
  const zones = exampleZones();
  const finishes = Object.values(CATALOGUE.finishes);
  return {
    method: zones.flatMap((zone) =>
      Object.values(CATALOGUE.methods).map((method) => ({ zone, method, strip: method.family === 'chem' ? planStrip(zone, method.stripper) : null })),
    ),
    primer: zones.flatMap((zone) =>
      Object.values(CATALOGUE.primers).flatMap((primer) =>
        finishes.map((finish) => ({ zone, primer, finish, ground: groundOf(zone), method: null, acidLive: false })),
      ),
    ),
    finish: zones.flatMap((zone) => finishes.map((finish) => ({ zone, finish }))),
  };
}
