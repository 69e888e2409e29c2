import { assumed, cite, fromMemory, practised, type Cited } from '../model/basis.ts';
import type { MethodId } from '../model/ids.ts';

export interface Medium {
  readonly id: Extract<MethodId, `blast.${string}`>;
  readonly name: string;
  readonly use: string;
  readonly hard: boolean;
  readonly wet: boolean;
  /** g/cm³, bulk */
  readonly bulkDensity: Cited<number>;
  /** Mohs, softest and hardest of the trade; null where the scale does not fit */
  readonly mohs: Cited<readonly [softest: number, hardest: number]> | null;
  /** bar gauge, usual lowest and highest */
  readonly leastPressure: Cited<number>;
  readonly pressure: Cited<number>;
  /** bow of a 1.29 mm test strip over 31.75 mm, mm, at a pressure of `almenAt` bar */
  readonly almen: Cited<number>;
  readonly almenAt: Cited<number>;
  /** Rz µm left on mild steel, in the middle and at the ends of the usual pressures */
  readonly profile: Cited<number>;
  readonly profileRange: Cited<readonly [low: number, high: number]>;
  /** Removal against mineral grit. */
  readonly speed: Cited<number>;
  /** Times the medium can be used. */
  readonly uses: Cited<number>;
  readonly pricePerKilogram: Cited<number>;
  /** what stays on the face; how dust comes off is for the step after it to say */
  readonly residue: Cited<string>;
  /** kg */
  readonly packs: readonly number[];
}

const tables = fromMemory('blast media tables of suppliers');

const row = (
  id: Medium['id'],
  name: string,
  use: string,
  kind: Kind,
  numbers: readonly [bulk: number, bar: number, profile: readonly [number, number], speed: number, uses: number, price: number],
  residue: string,
): Medium => ({
  id,
  name,
  use,
  hard: kind.hard,
  wet: kind.wet ?? false,
  bulkDensity: cite(numbers[0], tables),
  mohs: kind.mohs && cite(kind.mohs, tables),
  leastPressure: practised(kind.from),
  almen: assumed(kind.almen[0]),
  almenAt: assumed(kind.almen[1]),
  pressure: practised(numbers[1]),
  profile: practised((numbers[2][0] + numbers[2][1]) / 2),
  profileRange: practised(numbers[2]),
  speed: assumed(numbers[3]),
  uses: practised(numbers[4]),
  pricePerKilogram: assumed(numbers[5]),
  residue: practised(residue),
  packs: [25],
});

interface Kind {
  readonly hard: boolean;
  readonly wet?: boolean;
  readonly mohs: readonly [number, number] | null;
  readonly from: number;
  readonly almen: readonly [arc: number, at: number];
}
type Arc = Kind['almen'];
const soft = (mohs: readonly [number, number], from: number, almen: Arc): Kind => ({ hard: false, mohs, from, almen });
const hard = (mohs: readonly [number, number] | null, from: number, almen: Arc): Kind => ({ hard: true, mohs, from, almen });

const GLASS_DUST = 'glass dust in corners';
const MINERAL_DUST = 'mineral dust';

export const MEDIA: Readonly<Record<Medium['id'], Medium>> = {
  'blast.soda': row(
    'blast.soda',
    'Soda',
    'glass fibre, light alloy, panels without rust',
    soft([2.5, 2.5], 1.4, [0, 2]),
    [1.0, 4, [0, 0], 0.3, 1, 1.6],
    'alkaline salt that kills adhesion: wash, a little vinegar, clear water, pH 6 to 8',
  ),
  'blast.plastic': row(
    'blast.plastic',
    'Plastic',
    'aircraft skin, panels, moulded parts with care',
    soft([3, 4], 1.4, [0.03, 2]),
    [0.8, 2.8, [0, 10], 0.5, 7, 5],
    'charged plastic dust: antistatic wipe',
  ),
  'blast.starch': row(
    'blast.starch',
    'Starch',
    'clad skin and composites',
    soft([2.5, 3], 1, [0.01, 2]),
    [0.7, 2.4, [0, 0], 0.25, 5, 5],
    'starch dust that swells with water: off while it is dry',
  ),
  'blast.organic-shell': row(
    'blast.organic-shell',
    'Organic-shell',
    'castings, wood, varnish',
    soft([2.5, 4], 2, [0.01, 4]),
    [0.65, 5.5, [0, 0], 0.25, 3, 1.8],
    'oily shell dust: solvent wipe',
  ),
  'blast.glass-bead': row(
    'blast.glass-bead',
    'Glass-bead',
    'satin on alloy and machined parts',
    hard([5.5, 6], 2.7, [0.15, 4]),
    [1.5, 5.5, [10, 25], 0.4, 15, 1.7],
    GLASS_DUST,
  ),
  'blast.crushed-glass': row(
    'blast.crushed-glass',
    'Crushed-glass',
    'steel; antifouling by a contractor',
    hard([5, 7], 4, [0.15, 5.5]),
    [1.3, 7, [40, 70], 0.9, 1, 0.5],
    GLASS_DUST,
  ),
  'blast.garnet': row('blast.garnet', 'Garnet', 'chassis and rims', hard([7, 7.5], 4, [0.2, 6]), [2.3, 7, [40, 80], 1, 3, 0.8], MINERAL_DUST),
  'blast.aluminium-oxide': row(
    'blast.aluminium-oxide',
    'Aluminium-oxide',
    'rims, castings, stainless',
    hard([9, 9], 3, [0.2, 5]),
    [1.9, 6, [30, 90], 1.2, 8, 2],
    MINERAL_DUST,
  ),
  'blast.steel-grit': row(
    'blast.steel-grit',
    'Steel-grit',
    'heavy section in a closed room',
    hard(null, 5, [0.35, 6]),
    [4.0, 7, [40, 100], 1.3, 75, 1.5],
    'steel dust that rusts by itself: magnet over flats',
  ),
  'blast.dry-ice': row(
    'blast.dry-ice',
    'Dry-ice',
    'grease and soft coats',
    soft([1.5, 2], 4, [0, 4]),
    [0.9, 8, [0, 0], 0.15, 1, 1.2],
    'nothing of its own; the cold face sweats: dry it before primer',
  ),
  'blast.silica-sand': row(
    'blast.silica-sand',
    'Silica sand',
    'listed so that the reason against it can be read',
    hard([7, 7], 4, [0.2, 6]),
    [1.6, 7, [40, 80], 0.9, 1, 0.2],
    'silica dust that scars lungs',
  ),
  'blast.wet-abrasive': row(
    'blast.wet-abrasive',
    'Wet-abrasive',
    'keeps lead and other dust down',
    { ...hard([7, 7.5], 2, [0.15, 5]), wet: true },
    [1.5, 5, [35, 65], 0.9, 1, 0.5],
    'slurry: rinse with inhibitor in the water, dry at once',
  ),
};
