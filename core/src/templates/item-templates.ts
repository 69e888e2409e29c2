import type { Item, Part } from '../model/job.ts';
import type { NewId } from '../model/new-job.ts';
import type { OwnTemplate } from '../model/own-template.ts';
import { partArea, withArea } from './part-template.ts';
import { ownStartId, startsOf, type Start } from './starts.ts';

interface Piece {
  /** id of what it starts from */
  readonly from: string;
  readonly name: string;
  readonly pieces: number;
  /** where it works and what it is finished with, where the rest of the item differs */
  readonly apart?: Pick<Part, 'service' | 'finish'>;
}

/** Something that comes in by the door, with the parts it usually has. */
export interface ItemTemplate {
  readonly id: string;
  readonly name: string;
  /** what it is looked for by as well */
  readonly words: string;
  readonly kind: Item['kind'];
  readonly service: Item['service'];
  readonly parts: readonly Piece[];
}

const of = (from: string, name: string, pieces = 1): Piece => ({ from, name, pieces });
/** Above the waterline, in a colour. */
const ABOVE_WATER = { service: 'outside', finish: 'solid-2k' } as const;

/** Which parts, and how many, is common practice, no source: all of it is there to be corrected. */
export const ITEM_TEMPLATES: readonly ItemTemplate[] = [
  {
    id: 'panel',
    name: 'Car panel',
    words: 'door wing fender bonnet hood boot body van',
    kind: 'vehicle',
    service: 'outside',
    parts: [of('factory-panel', 'Panel')],
  },
  { id: 'wheels', name: 'Set of wheels', words: 'rim alloy wheel', kind: 'vehicle', service: 'outside', parts: [of('alloy-wheel', 'Wheel', 4)] },
  {
    id: 'trailer',
    name: 'Trailer or chassis',
    words: 'frame drawbar mudguard steel truck',
    kind: 'trailer',
    service: 'outside',
    parts: [of('chassis-rail', 'Rail', 2), of('abs-fairing', 'Mudguard', 2), of('small-rim', 'Wheel', 2)],
  },
  {
    id: 'scooter',
    name: 'Scooter or motorcycle',
    words: 'moped motorbike',
    kind: 'cycle',
    service: 'outside',
    parts: [
      of('steel-tube-frame', 'Frame'),
      of('steel-tank', 'Tank'),
      of('old-panel', 'Leg shield'),
      of('abs-fairing', 'Fairing', 2),
      of('small-rim', 'Wheel', 2),
    ],
  },
  {
    id: 'frame',
    name: 'Bicycle or chair frame',
    words: 'bike cycle wheelchair tube',
    kind: 'cycle',
    service: 'outside',
    parts: [of('alloy-frame', 'Frame')],
  },
  {
    id: 'dinghy',
    name: 'Dinghy',
    words: 'boat tender sailing hull',
    kind: 'boat',
    service: 'immersed-salt',
    parts: [of('dinghy-bottom', 'Bottom'), { ...of('painted-topsides', 'Topsides'), apart: ABOVE_WATER }],
  },
  {
    id: 'yacht',
    name: 'Yacht bottom',
    words: 'boat hull keel launch antifouling',
    kind: 'boat',
    service: 'immersed-salt',
    parts: [of('yacht-bottom', 'Bottom')],
  },
  {
    id: 'deck-gear',
    name: 'Deck gear',
    words: 'winch cleat bronze brass fitting boat',
    kind: 'boat',
    service: 'outside',
    parts: [of('bronze-fitting', 'Fitting', 4)],
  },
  { id: 'tank', name: 'Tank', words: 'fuel motorcycle tractor', kind: 'vehicle', service: 'outside', parts: [of('steel-tank', 'Tank')] },
  {
    id: 'machine',
    name: 'Machine',
    words: 'lathe casting cover guard iron bench',
    kind: 'machine',
    service: 'inside',
    parts: [of('leaded-casting', 'Casting'), of('powder-cover', 'Cover', 2)],
  },
  {
    id: 'aircraft',
    name: 'Aircraft skin',
    words: 'aeroplane plane wing glider',
    kind: 'aircraft',
    service: 'outside',
    parts: [of('aircraft-skin', 'Skin')],
  },
  {
    id: 'trim',
    name: 'Plastic trim',
    words: 'bumper fairing abs moulding',
    kind: 'trim',
    service: 'outside',
    parts: [of('olefin-bumper', 'Bumper')],
  },
  { id: 'carbon', name: 'Carbon part', words: 'mast boom tube drone fork', kind: 'other', service: 'outside', parts: [of('carbon-tube', 'Tube')] },
  { id: 'other', name: 'Something else', words: '', kind: 'other', service: 'outside', parts: [of('blank', 'Part')] },
];

/** A part that the shop has kept, as something that comes in by the door. */
export const ownItem = ({ id, kind, service, name, words }: OwnTemplate): ItemTemplate => ({
  id: ownStartId({ id }),
  name,
  words,
  kind,
  service,
  parts: [of(ownStartId({ id }), name)],
});

/** A row of what is proposed: so many pieces alike, each of this many m². */
export interface Proposed extends Piece {
  /** m² of one piece, as what it starts from has it */
  readonly area: number;
}

const COMMON = startsOf([]);

/** What some items usually have, one row for each kind of part. @param starts what there is to start from */
export const proposeParts = (items: readonly ItemTemplate[], starts: readonly Start[] = COMMON): Proposed[] =>
  items.flatMap(({ parts }) => parts.map((piece) => ({ ...piece, area: areaOf(starts.find(({ id }) => id === piece.from)) })));

const areaOf = (start: Start | undefined): number => (start ? partArea(start.make(() => '')) : 0);

/** The parts of what was proposed, each piece a part of its own, told apart by number where there are several. */
export function partsOf(rows: readonly Proposed[], newId: NewId, starts: readonly Start[] = COMMON): Part[] {
  return rows.flatMap(({ from, name, pieces, area, apart }) => {
    const start = starts.find(({ id }) => id === from);
    if (!start) return [];
    return Array.from({ length: pieces }, (_, i) => {
      const part = { ...start.make(newId), ...apart, name: pieces === 1 ? name : `${name} ${i + 1}` };
      return Math.abs(partArea(part) - area) < SAME_AREA ? part : withArea(part, area);
    });
  });
}

/** m² */
const SAME_AREA = 1e-6;
