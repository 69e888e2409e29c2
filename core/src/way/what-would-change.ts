import type { Catalogue } from '../catalogue/catalogue.ts';
import { SCHOOLS } from '../catalogue/schools.ts';
import { planStrip } from '../chemical/strip-plan.ts';
import { gatherFacts, type ZoneFacts } from '../facts/zone-facts.ts';
import type { Job, Part, Zone } from '../model/job.ts';
import { Equipment, type Shop } from '../model/shop.ts';
import { METHOD_RULES } from '../rules/method-rules.ts';
import { anyFires } from '../rules/rule.ts';
import { degC, percent } from '../units/quantities.ts';

/** One change of an input, in the words of the screen. */
interface Change {
  readonly says: string;
  readonly job?: (job: Job) => Job;
  readonly part?: (part: Part) => Part;
  readonly zone?: (zone: Zone) => Zone;
  readonly shop?: (shop: Shop) => Shop;
}

/** A change, or two together, that would open a method. */
export interface Opening {
  readonly method: string;
  readonly name: string;
  readonly changes: readonly string[];
}

const REFUSALS = METHOD_RULES.filter(({ effect }) => effect === 'rule-out');

/**
 * The single changes that take every refusal off a method; where none does, the pairs that do. Material and access are facts and are not
 * among them. Tried out on the rules themselves, so the answer cannot disagree with them.
 */
export function whatWouldOpen(zone: ZoneFacts, ref: string, catalogue: Catalogue): Opening[] {
  const changes = changesFor(zone);
  const name = catalogue.methods[ref]?.name ?? ref;
  const opens = (tried: readonly Change[]): boolean => !refused(apply(zone, tried, catalogue), ref, catalogue);
  if (opens([])) return [];
  const singles = changes.filter((change) => opens([change]));
  if (singles.length > 0) return singles.map(({ says }) => ({ method: ref, name, changes: [says] }));
  return changes.flatMap((first, i) =>
    changes.slice(i + 1).flatMap((second) => (opens([first, second]) ? [{ method: ref, name, changes: [first.says, second.says] }] : [])),
  );
}

/** Whether any refusal fires. */
function refused(zone: ZoneFacts, ref: string, catalogue: Catalogue): boolean {
  const method = catalogue.methods[ref];
  if (!method) return true;
  return anyFires(REFUSALS, { zone, method, strip: method.family === 'chem' ? planStrip(zone, method.stripper) : null });
}

function apply(zone: ZoneFacts, changes: readonly Change[], catalogue: Catalogue): ZoneFacts {
  const same = <T>(value: T): T => value;
  let { job, shop, part, zone: own } = zone;
  for (const change of changes) {
    job = (change.job ?? same)(job);
    shop = (change.shop ?? same)(shop);
    part = (change.part ?? same)(part);
    own = (change.zone ?? same)(own);
  }
  return gatherFacts({ ...job, parts: [{ ...part, zones: [own] }] }, shop, catalogue)[0] as ZoneFacts;
}

const WARM = degC(20);
const DRY = percent(50);

function changesFor({ zone, part, shop, job }: ZoneFacts): Change[] {
  const condition = (says: string, change: Partial<Zone['condition']>): Change => ({
    says,
    zone: (z) => ({ ...z, condition: { ...z.condition, ...change } }),
  });
  const bottom = zone.stack[0];
  return [
    ...(zone.condition.lead === 'lab-clear' ? [] : [condition('a laboratory result that finds no lead', { lead: 'lab-clear' })]),
    ...(zone.target.kind === 'keep'
      ? []
      : [{ says: 'the target set to keep and key', zone: (z: Zone): Zone => ({ ...z, target: { kind: 'keep' } }) }]),
    ...(zone.target.kind === 'bare' ? [] : [{ says: 'the target set to bare', zone: (z: Zone): Zone => ({ ...z, target: { kind: 'bare' } }) }]),
    ...(zone.target.kind === 'down-to' || !bottom || zone.stack.length < 2
      ? []
      : [{ says: 'the target set to stop at the lowest layer', zone: (z: Zone): Zone => ({ ...z, target: { kind: 'down-to', layer: bottom.id } }) }]),
    ...(zone.stack.some(({ coating }) => coating === 'body-filler')
      ? [
          {
            says: 'the filler knocked out first',
            zone: (z: Zone): Zone => ({ ...z, stack: z.stack.filter(({ coating }) => coating !== 'body-filler'), target: { kind: 'bare' } }),
          },
        ]
      : []),
    ...(zone.stack.every(({ state }) => state === 'flaking')
      ? []
      : [
          {
            says: 'paint that is flaking everywhere',
            zone: (z: Zone): Zone => ({ ...z, stack: z.stack.map((layer) => ({ ...layer, state: 'flaking' })) }),
          },
        ]),
    ...(part.box === null
      ? [{ says: 'the outside size of the part entered, if it fits the tub', part: (p: Part): Part => ({ ...p, box: shop.tub }) }]
      : []),
    ...part.features.map((feature): Change => ({
      says: `no ${feature.replace('-', ' ')} on the part`,
      part: (p) => ({ ...p, features: p.features.filter((f) => f !== feature) }),
    })),
    ...part.touching.map((id): Change => ({
      says: `the joined ${id.replaceAll('-', ' ')} taken off`,
      part: (p) => ({ ...p, touching: p.touching.filter((t) => t !== id) }),
    })),
    ...(job.place.indoors ? [] : [{ says: 'work indoors', job: (j: Job): Job => ({ ...j, place: { ...j.place, indoors: true } }) }]),
    ...(job.place.extraction ? [] : [{ says: 'forced ventilation', job: (j: Job): Job => ({ ...j, place: { ...j.place, extraction: true } }) }]),
    ...(job.place.temperature >= WARM
      ? []
      : [{ says: 'a workplace at 20 °C and 50 %', job: (j: Job): Job => ({ ...j, place: { ...j.place, temperature: WARM, humidity: DRY } }) }]),
    ...(shop.methyleneChloride
      ? []
      : [
          {
            says: 'lawful use of methylene chloride and supplied air declared in the shop',
            shop: (s: Shop): Shop => ({ ...s, methyleneChloride: true }),
          },
        ]),
    ...(shop.avoid.length === 0
      ? []
      : [{ says: "the method taken off the shop's list of those it avoids", shop: (s: Shop): Shop => ({ ...s, avoid: [] }) }]),
    ...Equipment.options
      .filter((equipment) => !shop.equipment.includes(equipment))
      .map((equipment): Change => ({
        says: `${equipment.replace('-', ' ')} in the shop`,
        shop: (s) => ({ ...s, equipment: [...s.equipment, equipment] }),
      })),
    ...otherSides(shop),
  ];
}

/** Every school set to another side. */
const otherSides = (shop: Shop): Change[] =>
  SCHOOLS.flatMap(({ id, sides }) =>
    sides
      .filter(({ value }) => value !== shop.schools[id])
      .map(({ value, label }): Change => ({
        says: `school ${id} set to "${label.toLowerCase()}"`,
        shop: (s) => ({ ...s, schools: { ...s.schools, [id]: value } }),
      })),
  );
