import { schoolNamed } from '../catalogue/school-words.ts';
import { SCHOOLS } from '../catalogue/schools.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { Job, Part, Zone } from '../model/job.ts';
import { Equipment, type Shop } from '../model/shop.ts';
import { degC, percent } from '../units/quantities.ts';

/** One change of an input, in the words of the screen. */
export interface Change {
  readonly says: string;
  readonly job?: (job: Job) => Job;
  readonly part?: (part: Part) => Part;
  readonly zone?: (zone: Zone) => Zone;
  readonly shop?: (shop: Shop) => Shop;
}

/** Every single change of state, target, features, place, kit, law and schools that makes a difference to this zone. Material and access are facts. */
export const changesFor = ({ zone, part, job, shop }: ZoneFacts): Change[] => [
  ...stateChanges(zone),
  ...targetChanges(zone),
  ...partChanges(part, shop),
  ...placeChanges(job),
  ...shopChanges(shop),
  ...schoolChanges(shop),
];

/** A change where it is one. */
const where = (holds: boolean, change: Change): Change[] => (holds ? [change] : []);

const stateChanges = ({ condition, stack }: Zone): Change[] => [
  ...where(stack.some(({ state }) => state !== 'sound') || (condition.crosscut ?? 0) > 1, {
    says: 'layers that are all sound, with a crosscut of class 0 or 1',
    zone: (z) => ({ ...z, stack: z.stack.map((layer) => ({ ...layer, state: 'sound' })), condition: { ...z.condition, crosscut: 0 } }),
  }),
  ...where(condition.lead !== 'lab-clear', {
    says: 'a laboratory result that finds no lead',
    zone: (z) => ({ ...z, condition: { ...z.condition, lead: 'lab-clear' } }),
  }),
  ...where(
    stack.some(({ coating }) => coating === 'body-filler'),
    {
      says: 'the filler knocked out first',
      zone: (z) => ({ ...z, stack: z.stack.filter(({ coating }) => coating !== 'body-filler'), target: { kind: 'bare' } }),
    },
  ),
  ...where(
    stack.some(({ state }) => state !== 'flaking'),
    { says: 'paint that is flaking everywhere', zone: (z) => ({ ...z, stack: z.stack.map((layer) => ({ ...layer, state: 'flaking' })) }) },
  ),
];

function targetChanges({ target, stack }: Zone): Change[] {
  const bottom = stack.length > 1 ? stack[0] : undefined;
  const set = (says: string, to: Zone['target']): Change => ({ says: `the target set to ${says}`, zone: (z) => ({ ...z, target: to }) });
  return [
    ...where(target.kind !== 'keep', set('keep and key', { kind: 'keep' })),
    ...where(target.kind !== 'bare', set('bare', { kind: 'bare' })),
    ...(bottom && target.kind !== 'down-to' ? [set('stop at the lowest layer', { kind: 'down-to', layer: bottom.id })] : []),
  ];
}

const partChanges = ({ box, features, touching, metal }: Part, { tub }: Shop): Change[] => [
  ...where(box === null, { says: 'the outside size of the part entered, if it fits the tub', part: (p) => ({ ...p, box: tub }) }),
  ...where(metal !== null && metal < WARM, { says: 'the part as warm as the workplace', part: (p) => ({ ...p, metal: null }) }),
  ...features.map((feature): Change => ({
    says: `no ${feature.replace('-', ' ')} on the part`,
    part: (p) => ({ ...p, features: p.features.filter((known) => known !== feature) }),
  })),
  ...touching.map((id): Change => ({
    says: `the joined ${id.replaceAll('-', ' ')} taken off`,
    part: (p) => ({ ...p, touching: p.touching.filter((known) => known !== id) }),
  })),
];

const WARM = degC(20);
const DRY = percent(50);

function placeChanges({ place }: Job): Change[] {
  const set = (says: string, change: Partial<Job['place']>): Change => ({ says, job: (j) => ({ ...j, place: { ...j.place, ...change } }) });
  return [
    ...where(!place.indoors, set('work indoors', { indoors: true })),
    ...where(!place.extraction, set('forced ventilation', { extraction: true })),
    ...where(place.temperature < WARM, set('a workplace at 20 °C and 50 %', { temperature: WARM, humidity: DRY, metal: null })),
    ...where(place.metal !== null && place.metal < place.temperature, set('parts as warm as the air', { metal: null })),
  ];
}

const shopChanges = ({ methyleneChloride, avoid, equipment }: Shop): Change[] => [
  ...where(!methyleneChloride, {
    says: 'lawful use of methylene chloride and supplied air declared in the shop',
    shop: (s) => ({ ...s, methyleneChloride: true }),
  }),
  ...where(avoid.length > 0, { says: "the method taken off the shop's list of those it avoids", shop: (s) => ({ ...s, avoid: [] }) }),
  ...Equipment.options
    .filter((piece) => !equipment.includes(piece))
    .map((piece): Change => ({ says: `${piece.replace('-', ' ')} in the shop`, shop: (s) => ({ ...s, equipment: [...s.equipment, piece] }) })),
];

const schoolChanges = ({ schools }: Shop): Change[] =>
  SCHOOLS.flatMap(({ id, sides }) =>
    sides
      .filter(({ value }) => value !== schools[id])
      .map(({ value, label }): Change => ({
        says: `${schoolNamed(id)} set to “${label}”`,
        shop: (s) => ({ ...s, schools: { ...s.schools, [id]: value } }),
      })),
  );
