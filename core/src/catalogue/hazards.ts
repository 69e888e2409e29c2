import type { Guard, Raised } from '../model/operation.ts';
import type { Filter } from './respirators.ts';
import type { Equipment } from '../model/shop.ts';

/** One answer to a hazard. Of several that guard the same, the highest in grade is worn; those without a grade add up. */
export interface Ask {
  readonly says: string;
  readonly grade?: number;
  /** of what is worn to breathe: what it keeps out */
  readonly filter?: Filter;
  /** kit without which the work stops: nothing else holds it */
  readonly needs?: Equipment;
}
type Asks = Partial<Readonly<Record<Guard, readonly Ask[]>>>;

const worn = (grade: number, says: string): readonly Ask[] => [{ says, grade }];
const breathe = (grade: number, filter: Filter, says: string): readonly Ask[] => [{ says, grade, filter }];
const suppliedAir = (grade: number, filter: Filter, says: string): readonly Ask[] => [{ says, grade, filter, needs: 'supplied-air' }];
const have = (...all: readonly string[]): readonly Ask[] => all.map((says) => ({ says }));

const EYES = {
  goggles: worn(1, 'goggles'),
  shield: worn(2, 'goggles under a face shield'),
  shade: worn(3, 'welding shade'),
  full: worn(4, 'full face mask or hood'),
  helmet: worn(5, 'blast helmet'),
} as const;
const BREATHING = {
  dust: breathe(1, 'dust', 'FFP2 or N95 mask'),
  p100: breathe(2, 'p100', 'P100 or FFP3 respirator, seal checked'),
  toxic: breathe(3, 'toxic', 'P100 half mask at least, fit-tested'),
  vapour: breathe(4, 'vapour', 'organic-vapour cartridges with P100 pre-filter, changed by schedule'),
  supplied: suppliedAir(5, 'supplied', 'supplied air: cartridges do not hold it'),
  helmet: suppliedAir(6, 'blast', 'supplied-air blast helmet, breathing-grade air, CO alarm'),
} as const;
const HANDS = {
  nitrile: worn(1, 'nitrile gloves, changed on splash'),
  chemical: worn(2, 'chemical gloves'),
  leather: worn(3, 'leather gloves'),
  thick: worn(4, 'thick nitrile or butyl gauntlets, no exam gloves'),
  laminate: worn(5, 'laminate gloves (PE/EVOH, not PVA) under butyl gauntlets'),
} as const;
const BODY = {
  sleeves: worn(1, 'long sleeves'),
  close: worn(2, 'close cotton clothing, no cuffs'),
  apron: worn(3, 'apron, long sleeves'),
  wet: worn(4, 'apron, long sleeves, boots'),
  coverall: worn(5, 'coverall and hood'),
  change: worn(6, 'disposable coverall and hood'),
  suit: worn(7, 'blast suit, boots'),
} as const;

/** Sparks and flame go through a thin coverall, whatever else asks for one. */
const NEAR_FIRE: readonly Ask[] = [...BODY.close, ...have('cotton or flame-resistant, nothing that melts')];
const NO_IGNITION = have('no flame, spark, heater or ordinary fan where the vapour reaches');
const HOT_WORK = have('extinguisher, fire watch for 30 min', 'nothing flammable within 10 m');
const WATER = worn(1, 'running water in reach');
const EYEWASH = worn(2, 'running water in reach to rinse eyes for 15 min');
const WASH_UP = 'no eating, change and wash after';
const NO_AIR = 'HEPA vacuum, never compressed air';
const OTHERS_OUT = 'others out';

/** What each hazard asks for. Common practice, no source; data sheets, local codes and licensed practice decide. */
export const HAZARDS: Readonly<Record<Raised, Asks>> = {
  splash: { eyes: EYES.goggles, hands: HANDS.chemical, body: BODY.apron, place: WATER },
  solvent: { eyes: EYES.goggles, hands: HANDS.nitrile, fire: have('no flame or spark; solvent rags into a lidded metal can') },
  'vapour-indoors': { breathing: BREATHING.vapour, place: have('doors open, air moving') },
  'benzyl-stripper': { eyes: EYES.shield, hands: HANDS.thick, body: BODY.wet, place: EYEWASH },
  'solvent-stripper': { eyes: EYES.shield, breathing: BREATHING.vapour, hands: HANDS.laminate, body: BODY.wet, place: EYEWASH },
  chlorinated: {
    eyes: EYES.shield,
    breathing: BREATHING.supplied,
    hands: HANDS.laminate,
    body: BODY.wet,
    place: [...EYEWASH, ...have('exhaust at the floor')],
    others: have(OTHERS_OUT),
    fire: have('no flame, weld or hot work near it: heat makes phosgene of it'),
  },
  corrosive: {
    eyes: EYES.shield,
    breathing: BREATHING.p100,
    hands: HANDS.thick,
    body: BODY.wet,
    place: [...EYEWASH, ...have('acid and caustic kept apart, neutraliser at hand')],
  },
  flammable: { fire: NO_IGNITION },
  'clean-dust': { eyes: EYES.goggles, breathing: BREATHING.dust, body: BODY.sleeves, place: have('extraction at the tool') },
  'old-paint-dust': {
    eyes: EYES.goggles,
    breathing: BREATHING.p100,
    hands: HANDS.nitrile,
    body: BODY.coverall,
    place: have('extraction at the tool', NO_AIR),
  },
  toxic: {
    eyes: EYES.goggles,
    breathing: BREATHING.toxic,
    hands: HANDS.nitrile,
    body: BODY.change,
    place: have('sheet below', NO_AIR, 'waste apart', WASH_UP),
    others: have(OTHERS_OUT),
  },
  asbestos: {
    eyes: EYES.goggles,
    breathing: BREATHING.toxic,
    hands: HANDS.nitrile,
    body: BODY.change,
    place: have('kept wet, never blown or brushed dry', NO_AIR, 'waste apart', WASH_UP),
    others: have(OTHERS_OUT),
  },
  sparks: {
    eyes: EYES.shield,
    hands: HANDS.leather,
    body: NEAR_FIRE,
    place: have('guard on'),
    others: have('others out of the line of the disc'),
    fire: have('nothing flammable within 10 m'),
  },
  'air-jet': { eyes: EYES.goggles },
  noise: { body: have('hearing protection') },
  blast: {
    eyes: EYES.helmet,
    breathing: BREATHING.helmet,
    hands: HANDS.leather,
    body: BODY.suit,
    place: have('dead-man handle tried, hose couplings wired, part and pot earthed'),
    others: have(OTHERS_OUT, 'a second person outside who can shut the air'),
  },
  'explosive-dust': { fire: have('this dust can explode in air: earthed collector, no ignition') },
  'carbon-dioxide': {
    hands: worn(4, 'insulated gloves'),
    place: have('CO₂ monitor, open room, no pit: the gas gathers low and suffocates'),
  },
  weld: {
    eyes: EYES.shade,
    breathing: BREATHING.p100,
    hands: HANDS.leather,
    body: NEAR_FIRE,
    place: have('fume extraction at the seam'),
    fire: HOT_WORK,
  },
  'zinc-fume': {
    breathing: breathe(5, 'fume', 'powered or supplied air: zinc and chromate fume'),
    place: have('zinc and chromate off 100 mm round the seam'),
  },
  flame: { eyes: EYES.goggles, hands: HANDS.leather, body: NEAR_FIRE, fire: HOT_WORK },
  'paint-fume': { breathing: BREATHING.vapour, place: have('air moving away from the face') },
  spray: {
    eyes: EYES.goggles,
    breathing: BREATHING.vapour,
    hands: HANDS.nitrile,
    body: BODY.coverall,
    place: have('exhaust on, outdoors upwind; gun and part earthed'),
    others: have(OTHERS_OUT),
    fire: NO_IGNITION,
  },
  isocyanate: {
    eyes: EYES.full,
    breathing: suppliedAir(5, 'supplied', 'supplied air: no smell is no proof'),
    hands: HANDS.nitrile,
    body: worn(6, 'coverall and hood, no skin bare'),
    place: have('booth, or outdoors with distance'),
    others: have('others out until it has set', 'who wheezes stops and sees a doctor'),
  },
  roll: { eyes: EYES.goggles, breathing: BREATHING.vapour, hands: HANDS.nitrile, body: BODY.coverall },
  biocide: { body: BODY.change, place: have('sheet below', 'waste apart', WASH_UP), others: have('children, pets and food away') },
  hydrogen: { place: have('outdoors or exhausted'), fire: have('hydrogen comes off: no flame or spark') },
  'fuel-vapour': {
    eyes: EYES.goggles,
    breathing: BREATHING.vapour,
    hands: HANDS.chemical,
    place: have('outdoors or exhausted'),
    others: have(OTHERS_OUT),
    fire: have('no ignition: vapour stays in a tank long after the fuel'),
  },
  confined: {
    breathing: suppliedAir(5, 'supplied', 'supplied air'),
    place: have('confined space: gas test and licensed procedure, vapours gather low'),
    others: have('a second person outside the whole time'),
  },
  load: { body: have('steel toes'), place: have('rated gear and stands'), others: have('two people above 25 kg') },
};
