import { FILM_DENSITY } from '../facts/removed-mass.ts';
import { poisonsIn } from '../facts/poisons.ts';
import { CLEANERS } from '../catalogue/cleaners.ts';
import { TREATMENTS } from '../catalogue/treatments.ts';
import { WASTE } from '../catalogue/waste.ts';
import type { Operation, OperationFace, OperationKind } from '../model/operation.ts';
import type { UseRecord } from '../model/pace.ts';
import type { WasteHazard, WasteId, WasteStream } from '../model/waste.ts';
import { ownUse } from '../record/own-use.ts';
import type { PlannedZone } from './planned-zone.ts';

/** L/m² of water that is kept, by what is done; model assumption. */
const WATER: Partial<Readonly<Record<OperationKind, number>>> = {
  'rinse-off': 5,
  'flush-hollow': 8,
  'rinse-acid': 4,
  neutralise: 2,
  'pressure-wash': 12,
  'wash-brake-dust': 5,
  desalt: 5,
};
/** µm of paint that a key takes off what stays, and that blocking takes off a surfacer; model assumption. */
const KEYED_OFF: Partial<Readonly<Record<OperationKind, number>>> = { key: 10, 'sand-film': 15, 'break-top': 15, polish: 2 };
/** kg/m² of a wiping cloth with its solvent; model assumption. */
const RAG = 0.04;
/** Share of the mixed paint that is left over or washed out of the gun, kg/L, and kg of tin on a litre; model assumptions. */
const LEFT_OVER = 0.1;
const PAINT_DENSITY = 1.3;
const TIN = 0.12;
/** kg of an empty spray can. */
const SPRAY_CAN = 0.1;
/** kg/m² of sheet below, tape and paper around a zone; kg that one wears and throws away in a day of such work; model assumptions. */
const SHEET = 0.12;
const WORN = 0.4;
const DAY = 480;
/** kg/L of thin acid. */
const ACID_DENSITY = 1.05;

/** What the work leaves behind, stream by stream, heaviest first; what is taken away to be blasted stays with the firm that does it. */
export function wasteStreams(planned: readonly PlannedZone[], operations: readonly Operation[], uses: readonly UseRecord[]): WasteStream[] {
  const bin = new Bin(uses);
  const zones = new Map(planned.flatMap((zone) => (zone.walked ? [[zone.facts.zone.id, zone] as const] : [])));
  for (const zone of zones.values()) ofMethod(bin, zone);
  for (const operation of operations)
    for (const face of operation.faces) {
      const zone = zones.get(face.zone);
      if (zone) ofStep(bin, zone, operation, face);
    }
  for (const zone of zones.values()) ofBuild(bin, zone);
  return bin.streams();
}

/** Sludge, dust and medium of the method, as the method itself gives them. */
function ofMethod(bin: Bin, { facts, plan, method }: PlannedZone): void {
  const { chosen } = plan;
  if (!chosen || !method) return;
  const id: WasteId =
    method.family === 'blast'
      ? 'medium'
      : method.family !== 'chem'
        ? 'dust'
        : method.stripper.reaction === 'neutral'
          ? 'solvent-sludge'
          : method.stripper.reaction === 'acid'
            ? 'acid-sludge'
            : 'caustic-sludge';
  bin.add(id, { facts }, chosen.waste);
}

function ofStep(bin: Bin, { facts }: PlannedZone, { kind, raises, product, hand, faces }: Operation, face: OperationFace): void {
  const { area } = facts;
  const water = WATER[kind];
  if (water !== undefined) bin.add('wash-water', { facts }, water * area);
  const keyed = KEYED_OFF[kind];
  if (keyed !== undefined && (facts.kept.length > 0 || kind !== 'key')) bin.add('dust', { facts }, (area * keyed * FILM_DENSITY) / 1000);
  if (WIPED.has(kind)) bin.add('solvent-rags', { facts }, area * RAG);
  if (product && isAcid(product.id)) bin.add('acid', { facts }, (product.litres / faces.length) * ACID_DENSITY);
  if (raises.includes('toxic') && hand > 0) bin.add('sheets-and-wear', { facts }, (face.hand / DAY) * WORN);
}

const WIPED: ReadonlySet<OperationKind> = new Set(['wipe', 'wipe-release', 'degrease', 'clean-film', 'wipe-tyre', 'dewax']);
const isAcid = (id: string): boolean =>
  (id in TREATMENTS && TREATMENTS[id as keyof typeof TREATMENTS].acid) || (id in CLEANERS && CLEANERS[id as keyof typeof CLEANERS].acid);

/** Of new paint nothing is poisonous by the old: it is kept apart from it. */
function ofBuild(bin: Bin, { facts, plan }: PlannedZone): void {
  const clean = { facts, hazards: NONE };
  for (const { cans, litres, thinner, apply } of plan.build?.coats ?? []) {
    if (apply === 'aerosol') bin.add('aerosols', clean, (cans ?? 0) * SPRAY_CAN);
    else {
      bin.add('paint-rest', clean, (litres + thinner) * LEFT_OVER * PAINT_DENSITY);
      bin.add('cans', clean, litres * TIN);
    }
  }
  if (plan.chosen && !plan.chosen.sentOut && facts.off.length > 0) bin.add('sheets-and-wear', { facts }, facts.area * SHEET);
}

const NONE: readonly WasteHazard[] = [];

interface Whence {
  readonly facts: PlannedZone['facts'];
  readonly hazards?: readonly WasteHazard[];
}

/** Each set of hazards is a container of its own, with a name of its own. */
export const wasteLabel = ({ name, hazards }: Pick<WasteStream, 'name' | 'hazards'>): string =>
  hazards.length === 0 ? name : `${name}, ${hazards.join(', ')}`;

/** Sums by stream and by what is in it. */
class Bin {
  constructor(private readonly uses: readonly UseRecord[]) {}

  private readonly known = new Map<string, { id: WasteId; hazards: readonly WasteHazard[]; mass: number; of: Set<string> }>();

  add(id: WasteId, { facts, hazards = poisonsIn(facts) }: Whence, mass: number): void {
    if (!(mass > 0)) return;
    const key = `${id} ${hazards.join()}`;
    const stream = this.known.get(key) ?? { id, hazards, mass: 0, of: new Set<string>() };
    stream.mass += mass;
    stream.of.add(facts.part.name);
    this.known.set(key, stream);
  }

  streams(): WasteStream[] {
    return [...this.known.values()]
      .map(({ id, hazards, mass, of }): WasteStream => {
        const stream = { id, hazards: [...hazards], of: [...of], ...WASTE[id] };
        const own = ownUse(this.uses, 'waste', wasteLabel(stream));
        return { ...stream, own, mass: mass * (own?.factor ?? 1) };
      })
      .sort((a, b) => b.mass - a.mass);
  }
}
