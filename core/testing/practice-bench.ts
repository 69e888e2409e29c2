import { COATINGS } from '../src/catalogue/coatings.ts';
import { DEFAULT_SHOP } from '../src/model/default-shop.ts';
import type { PracticeAction } from '../src/model/practice.ts';
import { act } from '../src/practice/act.ts';
import { waitUntil } from '../src/practice/advance.ts';
import { startBench, type Bench } from '../src/practice/bench.ts';
import { caseJob, type Panel } from '../src/practice/case-job.ts';
import { drawTruth } from '../src/practice/draw-truth.ts';
import type { Truth } from '../src/practice/truth.ts';

const PANEL: Panel = {
  name: 'Panel',
  item: 'other',
  year: 2010,
  substrate: 'mild-steel-sheet',
  thickness: 1,
  area: 0.5,
  finish: 'solid-2k',
  paint: [['alkyd-enamel', 40]],
  air: [20, 50],
};
const SHELF = ['chem.fast-solvent', 'chem.caustic-spray', 'chem.benzyl-neutral'];

/** A truth without surprises: paint as told, times as in the table, the air steady. */
export function plainTruth(panel: Partial<Panel> = {}, more: Partial<Truth> = {}): Truth {
  const whole = { ...PANEL, ...panel };
  const truth = drawTruth({ id: 'plain', title: '', told: '', shelf: SHELF, hides: {}, job: caseJob(whole) }, DEFAULT_SHOP, 1, 1);
  return {
    ...truth,
    films: whole.paint.map(([coating, thickness, state]) => ({ coating: COATINGS[coating], thickness, state: state ?? 'sound', told: true })),
    products: new Map([...truth.products].map(([ref, row]) => [ref, { ...row, times: row.times.map((time) => time && 1) }])),
    strength: 1,
    air: { start: whole.air[0], swing: 0, humidity: whole.air[1] },
    hardener: 1,
    ...more,
  };
}

export const doAll = (truth: Truth, ...actions: readonly (PracticeAction | number)[]): Bench =>
  actions.reduce<Bench>(
    (bench, step) => (typeof step === 'number' ? waitUntil(bench, truth, bench.at + step) : act(bench, truth, step)),
    startBench(truth),
  );
export const layOn = (product: string, covered = false): PracticeAction => ({ does: 'lay-on', product, covered });
export const SCRAPE: PracticeAction = { does: 'scrape', blade: 'plastic' };
export const CLOSE: readonly PracticeAction[] = [
  { does: 'rinse' },
  { does: 'neutralise' },
  { does: 'dry' },
  { does: 'key', grit: 120 },
  { does: 'wipe' },
];
export const PRIME: PracticeAction = { does: 'prime', primer: 'epoxy-2k' };
export const returned = ({ entries }: Bench): string[] =>
  entries.filter(({ money, minutes }) => money === 0 && minutes === 0).map(({ cause }) => cause);
