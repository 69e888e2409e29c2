import type { Finding } from '../model/finding.ts';
import type { Feature } from '../model/job.ts';
import { protectionFor, WASH_PROTECTION } from '../safety/protection.ts';
import { lowerFirst, upperFirst } from '../units/casing.ts';
import { draftStep, placeName, type DraftStep } from './draft-step.ts';
import type { PlannedZone } from './planned-zone.ts';
import { sum } from '../units/sum.ts';

/** Required steps that happen before the strip, in working order, with hand time per place in min (model assumption). */
const BEFORE_STRIP: readonly (readonly [rule: string, hand: number])[] = [
  ['aero-licensed', 5],
  ['heavy-support', 20],
  ['touching-soft', 10],
  ['blast-hollow', 10],
  ['tank-purge', 30],
  ['lead-collect', 20],
  ['antifoul-contained', 30],
  ['precision-mask', 15],
  ['seams-seal', 15],
  ['joint-keep-off', 10],
  ['grease-first', 10],
  ['olefin-release-first', 10],
  ['filler-knock-out', 20],
  ['plastic-patch', 20],
];

/** min/m²; model assumption. */
const CLEAN_MINUTES = 4;

const TAKE_OFF: Partial<Record<Feature, string>> = {
  glass: 'glass',
  rubber: 'rubber and seals',
  sensors: 'sensors and antennas',
  anodes: 'anodes',
  'id-plate': 'identification plate',
};

/** What happens to the tyre before paint. */
const TYRE = { mask: 'tyre masked with card and paper, tucked under the lip', wipe: null, leave: null } as const;
/** min a piece; taking off costs hands, masking costs tape. Model assumption. */
const REMOVE = { 'take-off': 15, mask: 7 } as const;

const CLEANING: Readonly<Record<string, string>> = {
  grease: 'Degreaser, then clean water',
  'brake-dust': 'Wheel wash, no acid cleaner left on',
  silicone: 'Silicone remover and plastics detergent; household soap does not take it off',
  'mould-release': 'Isopropyl alcohol or plastics cleaner',
  wax: 'Wax and grease remover',
  salt: 'Fresh water, repeated; test for salt',
  fouling: 'Pressure wash and scrape',
};

export function setUpSteps(zones: readonly PlannedZone[]): DraftStep[] {
  return [
    draftStep({
      stage: 'set-up',
      title: 'Check the kit',
      hand: 15,
      hold: 'Everything on the kit list is here, in date and enough.',
      detail: 'Products, foil tape, covers, paper, cloths, gloves, cartridges, waste drums. Others, children and animals out of the area.',
    }),
    ...dataSheets(zones),
    ...removals(zones),
    ...cleaning(zones),
    ...BEFORE_STRIP.flatMap(([rule, hand]) => required(zones, rule, hand)),
    ...testPatches(zones),
  ];
}

/** Coats of different makers meet only where both data sheets say so. */
function dataSheets(zones: readonly PlannedZone[]): DraftStep[] {
  if (zones[0]?.facts.shop.schools.P6 !== 'mix') return [];
  return [
    draftStep({
      stage: 'set-up',
      title: 'Hold the data sheets side by side',
      hand: 15,
      detail: 'Primer, colour and clear from different makers: ratio, thinner, recoat window and what each may go over.',
      hold: 'Both sheets name the other kind of coat.',
    }),
  ];
}

function removals(zones: readonly PlannedZone[]): DraftStep[] {
  const { M1: school = 'take-off', P5: tyres = 'mask' } = zones[0]?.facts.shop.schools ?? {};
  const parts = new Map(zones.map(({ facts }) => [facts.part.id, facts.part]));
  return [...parts.values()].flatMap((part) => {
    const off = part.features
      .map((feature) => (feature === 'tyre' ? TYRE[tyres] : TAKE_OFF[feature]))
      .filter((name) => name !== undefined && name !== null);
    if (off.length === 0) return [];
    return [
      draftStep({
        stage: 'set-up',
        title: school === 'mask' ? 'Mask in place' : 'Take off or mask',
        where: [part.name],
        hand: REMOVE[school] * off.length,
        detail: `${upperFirst(off.join(', '))}. ${school === 'mask' ? 'Foil under stripper, polyester tape under caustic and acid, low-tack tape and paper for paint; renewed between primer and colour.' : 'Ticket every piece: side, position, count of fasteners.'}`,
      }),
    ];
  });
}

function cleaning(zones: readonly PlannedZone[]): DraftStep[] {
  const kinds = [...new Set(zones.flatMap(({ facts }) => facts.zone.condition.contamination))];
  return kinds.flatMap((kind) => {
    const soiled = zones.filter(
      ({ facts, plan }) => facts.zone.condition.contamination.includes(kind) && !(kind === 'grease' && degreasedAnyway(plan)),
    );
    if (soiled.length === 0) return [];
    return [
      draftStep({
        stage: 'set-up',
        title: `Clean off ${kind.replace('-', ' ')}`,
        detail: `${CLEANING[kind]}. Before any sanding.`,
        where: soiled.map(nameOf),
        hand: 5 + sum(soiled, ({ facts }) => CLEAN_MINUTES * facts.area),
        protection: [...WASH_PROTECTION],
      }),
    ];
  });
}

const degreasedAnyway = (plan: PlannedZone['plan']): boolean => findingOf(plan.chosen?.findings ?? [], 'grease-first') !== undefined;

function required(zones: readonly PlannedZone[], rule: string, hand: number): DraftStep[] {
  const asked = zones.filter(({ plan }) => findingOf(plan.chosen?.findings ?? [], rule));
  const finding = asked[0] && findingOf(asked[0].plan.chosen?.findings ?? [], rule);
  if (!finding) return [];
  return [draftStep({ stage: 'set-up', title: finding.title, detail: finding.reason, where: asked.map(nameOf), hand: hand * asked.length })];
}

/** One patch of 0.1 m² for every stripper and top coating that meet in the job. */
function testPatches(zones: readonly PlannedZone[]): DraftStep[] {
  const pairs = new Map<string, PlannedZone>();
  for (const zone of zones) if (zone.plan.chosen?.strip) pairs.set(`${zone.plan.chosen.method} ${zone.facts.off[0]?.coating.id}`, zone);
  return [...pairs.values()].map((zone) => {
    const first = zone.plan.chosen?.strip?.rounds[0]?.dwell;
    return draftStep({
      stage: 'set-up',
      title: `Test patch, ${lowerFirst(zone.plan.chosen?.name ?? '')}`,
      where: [nameOf(zone)],
      hand: 15,
      wait: first?.likely ?? 0,
      detail: 'A patch of 0.1 m² laid on as planned: read the blister time and correct the plan before the whole zone.',
      hold: 'Blister time read and written down.',
      protection: zone.wayOff ? protectionFor(zone.wayOff, zone.facts) : [],
    });
  });
}

const findingOf = (findings: readonly Finding[], code: string) => findings.find((finding) => finding.code === code);
const nameOf = ({ plan }: PlannedZone): string => placeName(plan.partName, plan.zoneName);
