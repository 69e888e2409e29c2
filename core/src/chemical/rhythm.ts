export interface RhythmTerms {
  readonly sections: number;
  /** min of dwell of each round */
  readonly dwells: readonly number[];
  /** min of one section: laid on, scraped, rinsed */
  readonly layOn: number;
  readonly scrape: number;
  readonly rinse: number;
  /** rinsed after every round, or only after the last */
  readonly rinseEachRound: boolean;
  /** min until dry */
  readonly life: number;
  readonly people: 1 | 2;
}

export interface Bar {
  /** from 0 */
  readonly section: number;
  readonly round: number;
  readonly phase: 'lay on' | 'dwell' | 'scrape' | 'rinse';
  readonly from: number;
  readonly to: number;
  /** 0 or 1; null for the dwell */
  readonly person: 0 | 1 | null;
}

export interface Rhythm {
  readonly bars: readonly Bar[];
  /** sections that are under way at one time */
  readonly rotation: number;
  /** min from the first lay-on to the last rinse */
  readonly clock: number;
  /** the same when each section is finished before the next is begun */
  readonly serial: number;
  /** min of hands */
  readonly hand: number;
  /** sections whose film is dry before they are scraped, from 0 */
  readonly dried: readonly number[];
}

/** More sections at once than one or two people keep in their heads; model assumption. */
const MOST_AT_ONCE = 8;

/**
 * Sections that keep the hands busy: (k − 1)(lay on + scrape) ≥ dwell, so that the first is ready when the last is laid on.
 * @param work min to lay on and scrape one section
 */
export const busyRotation = (dwell: number, work: number): number => Math.ceil(dwell / work - 1e-9) + 1;

/** Beats at which lay-ons are held back, as shares of what one section takes of one person; 0: laid on as soon as hands are free. */
const BEATS = [0, 0.5, 0.75, 1, 1.25, 1.5] as const;

/**
 * The rotation that ends soonest without a film drying; the fewest sections at once among equals. A lay-on may be held back to a beat, so that each
 * section is scraped when its turn comes and not after it has dried. Of two people the second may stand by: taking turns by what is due can end later.
 */
export function planRhythm(terms: RhythmTerms): Rhythm {
  const serial = run(terms, 1, 0).clock;
  const tries = terms.people === 2 ? [...triesOf(terms), ...triesOf({ ...terms, people: 1 })] : triesOf(terms);
  const best = tries.reduce((kept, next) => {
    if (next.dried.length !== kept.dried.length) return next.dried.length < kept.dried.length ? next : kept;
    return next.clock < kept.clock - 1e-6 ? next : kept;
  });
  return { ...best, serial };
}

function triesOf(terms: RhythmTerms): Run[] {
  const work = (terms.layOn + terms.scrape + terms.rinse) / terms.people;
  return Array.from({ length: Math.min(terms.sections, MOST_AT_ONCE) }, (_, i) => BEATS.map((beat) => run(terms, i + 1, beat * work))).flat();
}

interface Section {
  readonly index: number;
  round: number;
  /** min at which it can be worked on next */
  readyAt: number;
  dryAt: number;
  state: 'to lay on' | 'dwelling' | 'done';
}

type Run = Omit<Rhythm, 'serial'>;

/**
 * Works all sections with `rotation` of them under way: what is ready is scraped, soonest to dry first, else the next one is laid on. New sections are
 * laid on no closer together than `beat` min, and before a scrape that can wait for it.
 */
function run(terms: RhythmTerms, rotation: number, beat: number): Run {
  const waiting = Array.from({ length: terms.sections }, (_, index): Section => ({ index, round: 0, readyAt: 0, dryAt: 0, state: 'to lay on' }));
  const active: Section[] = [];
  const free = terms.people === 2 ? [0, 0] : [0];
  const bars: Bar[] = [];
  const dried = new Set<number>();
  while (waiting.length > 0 || active.length > 0) {
    const person = free.indexOf(Math.min(...free)) as 0 | 1;
    const now = free[person] as number;
    while (active.length < rotation && waiting.length > 0) {
      const entering = waiting.shift() as Section;
      entering.readyAt = entering.index * beat;
      active.push(entering);
    }
    const next = beat === 0 ? nextSection(active, now) : onBeat(active, now, terms);
    const start = Math.max(now, next.readyAt);
    free[person] = next.state === 'dwelling' ? scrape(next, start, person) : lay(next, start, person);
    if (next.state === 'done') active.splice(active.indexOf(next), 1);
  }
  return { bars, rotation, clock: Math.max(...free), hand: handOf(bars), dried: [...dried] };

  function lay(section: Section, start: number, person: 0 | 1): number {
    const laid = start + terms.layOn;
    const dwell = terms.dwells[section.round] as number;
    bars.push(bar(section, 'lay on', start, laid, person), bar(section, 'dwell', laid, laid + dwell, null));
    Object.assign(section, { state: 'dwelling', readyAt: laid + dwell, dryAt: start + terms.life });
    return laid;
  }

  function scrape(section: Section, start: number, person: 0 | 1): number {
    const scraped = start + terms.scrape;
    if (scraped > section.dryAt + 1e-9) dried.add(section.index);
    const last = section.round === terms.dwells.length - 1;
    const end = last || terms.rinseEachRound ? scraped + terms.rinse : scraped;
    bars.push(bar(section, 'scrape', start, scraped, person));
    if (end > scraped) bars.push(bar(section, 'rinse', scraped, end, person));
    Object.assign(section, last ? { state: 'done' } : { state: 'to lay on', round: section.round + 1, readyAt: end });
    return end;
  }
}

/** What is due soonest; a scrape that would not be done before the next lay-on waits for it, unless it would dry. */
function onBeat(active: readonly Section[], now: number, { layOn, scrape, rinse }: RhythmTerms): Section {
  const due = active.filter(({ state }) => state === 'to lay on').sort((a, b) => a.readyAt - b.readyAt || a.index - b.index)[0];
  const ripe = active
    .filter(({ state }) => state === 'dwelling')
    .sort((a, b) => Math.max(a.readyAt, now) - Math.max(b.readyAt, now) || a.dryAt - b.dryAt)[0];
  if (!ripe || !due) return (ripe ?? due) as Section;
  const [lay, take] = [Math.max(now, due.readyAt), Math.max(now, ripe.readyAt)];
  if (take + scrape + rinse <= lay) return ripe;
  return lay + layOn + scrape <= ripe.dryAt ? due : ripe;
}

/** Ready to scrape and soonest dry; else to be laid on, the one begun first; else whatever is ready soonest. */
function nextSection(active: readonly Section[], now: number): Section {
  const ready = active.filter(({ readyAt }) => readyAt <= now + 1e-9);
  const scrape = ready.filter(({ state }) => state === 'dwelling');
  if (scrape.length > 0) return scrape.reduce((a, b) => (b.dryAt < a.dryAt ? b : a));
  const lay = ready.filter(({ state }) => state === 'to lay on');
  if (lay.length > 0) return lay.reduce((a, b) => (b.index < a.index ? b : a));
  return active.reduce((a, b) => (b.readyAt < a.readyAt ? b : a));
}

const bar = ({ index, round }: Section, phase: Bar['phase'], from: number, to: number, person: Bar['person']): Bar => ({
  section: index,
  round,
  phase,
  from,
  to,
  person,
});

const handOf = (bars: readonly Bar[]): number => bars.reduce((sum, { phase, from, to }) => (phase === 'dwell' ? sum : sum + to - from), 0);

/** A, B, … Z, AA, AB: what the sections are called. */
export const sectionName = (index: number): string =>
  (index >= 26 ? sectionName(Math.floor(index / 26) - 1) : '') + String.fromCharCode(65 + (index % 26));
