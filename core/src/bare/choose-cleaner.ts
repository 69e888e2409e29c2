import { CLEANERS, type Cleaner } from '../catalogue/cleaners.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { Soil } from '../model/job.ts';
import { onPlastic } from '../rules/groups.ts';

/** What a step wants of its cleaners. */
export interface CleanerTask {
  /** soil that must come off; empty: dust and fingers */
  readonly soils: readonly Soil[];
  /** paint follows without a rinse */
  readonly last: boolean;
  /** filler lies open on the face by now */
  readonly filled: boolean;
}

export interface CleanerChoice {
  /** one for each soil, each once; empty where the shop has none */
  readonly cleaners: readonly Cleaner[];
  /** what of the stock is dangerous here and why, and what is to buy, in sentences */
  readonly notes: readonly string[];
}

type Against = (zone: ZoneFacts, task: CleanerTask) => boolean;

/** What a cleaner does harm by, in the order in which it is said. Common practice, no source. */
const HARMS: readonly { does: (cleaner: Cleaner) => boolean; where: Against; says: string }[] = [
  { does: ({ softens }) => softens, where: onPlastic, says: 'crazes this plastic' },
  { does: ({ softens }) => softens, where: ({ kept }) => kept.length > 0, says: 'softens the paint that stays' },
  { does: ({ soaksIn }) => soaksIn, where: (_, { filled }) => filled, says: 'soaks into filler and comes back under the paint' },
  { does: ({ acid }) => acid, where: () => true, says: 'is a weak acid, no degreaser: it takes no grease, and steel rusts after it' },
  { does: ({ leavesFilm }) => leavesFilm, where: (_, { last }) => last, says: 'leaves a film of its own under the paint' },
];

/** The harm that a cleaner does on this face in this step, in a sentence; null: none. */
export function harmOf(zone: ZoneFacts, task: CleanerTask, cleaner: Cleaner): string | null {
  const harm = HARMS.find(({ does, where }) => does(cleaner) && where(zone, task));
  return harm ? `No ${cleaner.name.toLowerCase()}: it ${harm.says}.` : null;
}

/** Which of the cleaners in the shop a step takes, why it refuses others, and what is to buy. Washes take what is rinsed before what is wiped; plastics the mild before the strong. */
export function chooseCleaners(zone: ZoneFacts, task: CleanerTask): CleanerChoice {
  const stock = zone.shop.cleaners.map((id) => CLEANERS[id]);
  const mild = onPlastic(zone);
  const rank = (cleaner: Cleaner): number => Number(!task.last && cleaner.lastWipe) + Number(mild && !cleaner.forPlastics);
  const ordered = [...stock].sort((a, b) => rank(a) - rank(b));
  const found = (task.soils.length === 0 ? [null] : task.soils).map((soil) => ({
    soil,
    cleaner: ordered.find((cleaner) => does(zone, task, cleaner, soil)),
  }));
  return {
    cleaners: [...new Set(found.flatMap(({ cleaner }) => cleaner ?? []))],
    notes: [
      ...stock.flatMap((cleaner) => harmOf(zone, task, cleaner) ?? []),
      ...found.flatMap(({ soil, cleaner }) => (cleaner ? [] : [toBuy(zone, task, soil)])),
    ],
  };
}

const does = (zone: ZoneFacts, task: CleanerTask, cleaner: Cleaner, soil: Soil | null): boolean =>
  (task.last ? cleaner.lastWipe : true) && (soil === null || cleaner.takes.includes(soil)) && harmOf(zone, task, cleaner) === null;

function toBuy(zone: ZoneFacts, task: CleanerTask, soil: Soil | null): string {
  const names = Object.values(CLEANERS).flatMap((cleaner) => (does(zone, task, cleaner, soil) ? cleaner.name.toLowerCase() : []));
  return `Nothing in the shop does it${soil === null ? '' : ` for ${soil.replace('-', ' ')}`}: buy ${names.join(' or ') || 'what its data sheet names'}.`;
}
