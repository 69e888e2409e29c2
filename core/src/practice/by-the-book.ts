import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { Job } from '../model/job.ts';
import type { MethodOption, ZonePlan } from '../model/plan.ts';
import type { PracticeEvent, PracticeTest } from '../model/practice.ts';
import type { Shop } from '../model/shop.ts';
import { planJob } from '../plan-job.ts';
import { onGroup } from '../rules/groups.ts';
import { wantedKey } from '../abrasive/wanted-key.ts';
import { STANDING_BY } from './advance.ts';
import { BenchRun } from './bench-run.ts';
import type { LossCause } from './loss-causes.ts';
import { toldFacts } from './draw-truth.ts';
import type { PracticeCase } from './practice-case.ts';
import { seenAt, type Seen } from './seen.ts';
import type { Truth } from './truth.ts';

/** What a practitioner does as a matter of course; each keeps one or more losses away. */
export const HABITS = {
  log: ['unguarded'],
  metal: ['forbidden-product'],
  lead: ['lead-dust'],
  product: ['forbidden-product', 'dwell', 'laying'],
  open: ['breaking', 'dwell'],
  cover: ['dried-out'],
  watch: ['scraping', 'laying', 'waited-on', 'paint-left'],
  course: ['sanding', 'laying'],
  blade: ['gouged'],
  rinse: ['residue'],
  ph: ['ph'],
  salt: ['salt'],
  find: ['find'],
  dry: ['wet'],
  dew: ['damp'],
  weigh: ['mix'],
  key: ['key', 'rust', 'oxide'],
  wipe: ['grease'],
  primer: ['primer'],
} as const satisfies Readonly<Record<string, readonly LossCause[]>>;
export type Habit = keyof typeof HABITS;
export const ALL_HABITS = Object.keys(HABITS) as Habit[];

/** min after which somebody scrapes who goes by the label alone. */
const BY_LABEL = 10;
/** min between two looks. */
const LOOK = 1;
const MOST_ROUNDS = 6;
/** How often a wash, or warming, is tried again. */
const MOST_TRIES = 3;
/** P grade of somebody who sands until it shines. */
const SHINY = 400;

/**
 * A run of one who sees only what can be seen and does what his habits are: with all of them by the book, with none as a beginner. What was
 * measured goes into the plan of the program, and the plan says product, key and primer.
 */
export function playWith(practiceCase: PracticeCase, shop: Shop, truth: Truth, habits: readonly Habit[] = ALL_HABITS): PracticeEvent[] {
  const player = new Player(practiceCase, shop, truth, new Set(habits));
  player.prepare();
  player.stripBare();
  player.clean();
  player.paint();
  return [...player.run.events];
}

class Player {
  readonly run: BenchRun;
  private known: Job;

  constructor(
    private readonly told: PracticeCase,
    private readonly shop: Shop,
    private readonly truth: Truth,
    private readonly habits: ReadonlySet<Habit>,
  ) {
    this.run = new BenchRun(truth);
    this.known = told.job;
  }

  prepare(): void {
    if (this.does('log') && !this.good('cartridge-log')) this.run.do({ does: 'fresh-cartridge' });
    if (this.does('metal') && onGroup(toldFacts(this.known, this.shop), 'ferrous') && !this.good('magnet'))
      this.known = { ...this.known, parts: this.known.parts.map((part) => ({ ...part, substrate: 'aluminium-sheet' })) };
    if (this.does('lead') && this.facts().treatAsLead) this.learnLead(this.good('lead-swab') ? 'lab-clear' : 'present');
    if (this.does('open') && this.facts().closedTop) {
      this.run.do({ does: 'break-top' });
      this.run.do({ does: 'dry' });
    }
  }

  /** Round after round; who watches changes course when a round has brought nothing, who does not gives up on it at last. */
  stripBare(): void {
    const product = this.does('product') ? bestOn(this.told.shelf, this.plan(), this.shop) : (this.told.shelf[0] as string);
    for (let round = 0, before = ''; round < MOST_ROUNDS && this.seen().top !== null; round++) {
      const face = this.seen().top?.id ?? '';
      if (this.does('course') && face === before) break;
      before = face;
      this.run.do({ does: 'lay-on', product, covered: this.does('cover') });
      if (this.does('watch')) this.watch();
      else this.run.waitUntil(this.run.bench.at + BY_LABEL);
      this.run.do({ does: 'scrape', blade: this.does('blade') ? 'plastic' : 'steel' });
    }
    if (this.seen().top !== null) this.run.do({ does: 'sand-off', wet: this.does('lead') && this.facts().treatAsLead });
  }

  /** Stands by it until a corner comes away as deep as it ever will, or the film begins to dry. */
  private watch(): void {
    for (;;) {
      this.run.waitUntil(this.run.bench.at + LOOK);
      const { stripper } = this.seen();
      if (!stripper || stripper.crust > 0.5) return;
      if (stripper.wrinkled > 0.9 && this.good('corner')) return;
    }
  }

  clean(): void {
    const { run } = this;
    if (this.does('rinse')) run.do({ does: 'rinse' });
    if (this.does('ph')) this.until('ph', () => run.do({ does: 'neutralise' }));
    if (this.does('salt') && this.facts().zone.condition.contamination.includes('salt'))
      this.until('salt-patch', () => run.do({ does: 'wash-salt' }));
    if (this.seen().rust > 0.5 && this.does('key')) ['derust', 'neutralise'].forEach((does) => run.do({ does: does as 'derust' | 'neutralise' }));
    if (this.does('dry')) run.do({ does: 'dry' });
    if (this.does('find') && this.seen().find !== null) run.do({ does: 'settle-find' });
  }

  paint(): void {
    const { run } = this;
    const plan = this.plan();
    if (this.does('dew')) this.until('dew', () => run.do({ does: 'warm' }));
    if (this.does('weigh') && !this.good('weigh-pot')) run.do({ does: 'mix-new' });
    run.do({ does: 'key', grit: this.does('key') ? (wantedKey(this.facts(), plan.build)?.range[0] ?? SHINY) : SHINY });
    if (this.does('wipe')) run.do({ does: 'wipe' });
    const primers = [...this.truth.primers.keys()];
    const chosen = plan.build?.primers.find(({ verdict }) => verdict === 'chosen')?.primer;
    run.do({ does: 'prime', primer: (this.does('primer') ? chosen : undefined) ?? (primers.at(-1) as string) });
  }

  private does(habit: Habit): boolean {
    return this.habits.has(habit);
  }
  private seen(): Seen {
    return seenAt(this.run.bench, this.truth);
  }
  private facts() {
    return toldFacts(this.known, this.shop);
  }
  private plan(): ZonePlan {
    return planJob(this.known, this.shop, CATALOGUE).zones[0] as ZonePlan;
  }

  /** Does a test, and says whether it came out well. */
  private good(test: PracticeTest): boolean {
    this.run.do({ does: 'test', test });
    return this.run.bench.said.at(-1)?.good ?? false;
  }

  private until(test: PracticeTest, mend: () => void): void {
    for (let tries = 0; tries < MOST_TRIES && !this.good(test); tries++) mend();
  }

  private learnLead(lead: 'lab-clear' | 'present'): void {
    const { known } = this;
    this.known = {
      ...known,
      parts: known.parts.map((part) => ({ ...part, zones: part.zones.map((zone) => ({ ...zone, condition: { ...zone.condition, lead } })) })),
    };
  }
}

/** Of the shelf the product that no rule forbids and that the plan takes least for, a wait paid as at this bench. */
function bestOn(shelf: readonly string[], { options }: ZonePlan, { labourRate, prices }: Shop): string {
  const cost = ({ strip, method }: MethodOption): number => {
    if (!strip) return Infinity;
    const dwell = strip.rounds.reduce((sum, round) => sum + round.dwell.likely, 0);
    const stripper = CATALOGUE.methods[method];
    const litre = prices[method] ?? (stripper?.family === 'chem' ? stripper.stripper.pricePerLitre.value : 0);
    return ((strip.hand + STANDING_BY * dwell) / 60) * labourRate + strip.litres * litre;
  };
  const may = options.filter(({ method, verdict }) => shelf.includes(method) && verdict !== 'ruled-out');
  return may.toSorted((a, b) => cost(a) - cost(b))[0]?.method ?? (shelf[0] as string);
}
