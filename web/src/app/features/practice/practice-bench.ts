import { computed, DestroyRef, inject, Injectable, signal } from '@angular/core';
import {
  act,
  playRun,
  seenAt,
  setUpPractice,
  startBench,
  waitUntil,
  type Bench,
  type CaseChoice,
  type Practice,
  type PracticeAction,
  type PracticeEvent,
  type Shop,
} from '@lift-bare/core';
import { LocalStore } from '../../state/local-store';

/** What this browser keeps of a run that is not over. */
interface Kept {
  readonly events: readonly PracticeEvent[];
  readonly minute: number;
}

const isKept = (value: unknown): value is Kept => typeof value === 'object' && value !== null && 'events' in value && 'minute' in value;
/** ms in a minute, and between two times that the clock is kept. */
const MINUTE = 60_000;
const KEEP_EVERY = 2000;
const LOOKS_A_MINUTE = 600;
/** ms between two frames from which the page was hidden: the clock stood still meanwhile. */
const HIDDEN = 1000;

/** A practice bench with its sped-up clock: what was done, and how the face stands at this moment. It runs on while nobody does anything. */
@Injectable()
export class PracticeBench {
  private readonly kept = inject(LocalStore);
  private key = '';
  private frame = 0;
  /** performance.now() at which the clock stood at `from` */
  private since = 0;
  private from = 0;
  private keptAt = 0;
  private framed = 0;

  readonly practice = signal<Practice | null>(null);
  readonly speed = signal(60);
  readonly running = signal(false);
  readonly events = signal<readonly PracticeEvent[]>([]);
  /** after the last action */
  private readonly last = signal<Bench | null>(null);
  private readonly minute = signal(0);

  /** Bench minutes, frame by frame. */
  readonly now = this.minute.asReadonly();
  /** The face is looked at ten times a second; the clock runs with every frame. */
  private readonly looked = computed(() => {
    const step = this.speed() / LOOKS_A_MINUTE;
    return Math.max(this.last()?.at ?? 0, Math.floor(this.minute() / step) * step);
  });
  private readonly bench = computed(() => this.at(this.looked()));
  readonly seen = computed(() => {
    const [practice, bench] = [this.practice(), this.bench()];
    return practice && bench ? seenAt(bench, practice.truth) : null;
  });
  readonly over = computed(() => this.last()?.over ?? false);

  constructor() {
    inject(DestroyRef).onDestroy(() => this.halt());
  }

  /** Sets a case up; one that was begun in this browser goes on where it stood. @throws NoSuchCaseError */
  setUp(key: string, choice: CaseChoice, seed: number, level: number, shop: Shop): void {
    const practice = setUpPractice(choice, seed, level, shop);
    this.key = `practice:${key}`;
    this.practice.set(practice);
    this.take(startBench(practice.truth), [], 0);
    this.kept.get(this.key).subscribe((found) => {
      if (isKept(found) && found.events.length > 0 && this.events().length === 0 && !this.running())
        this.take(playRun(practice.truth, found.events), found.events, found.minute);
    });
  }

  start(): void {
    if (this.running() || this.over()) return;
    this.running.set(true);
    this.framed = performance.now();
    this.wind(this.minute());
    this.tick();
  }

  setSpeed(speed: number): void {
    this.wind(this.minute());
    this.speed.set(speed);
  }

  /** The clock goes on by so many minutes at once. */
  skip(minutes: number): void {
    this.wind(this.minute() + minutes);
    this.minute.set(this.from);
  }

  do(action: PracticeAction): void {
    const [practice, bench] = [this.practice(), this.at(this.minute())];
    if (!practice || !bench || this.over()) return;
    const events = [...this.events(), { at: bench.at, action }];
    this.take(act(bench, practice.truth, action), events, 0);
    if (this.over()) this.halt();
    this.keep();
  }

  private at(minute: number): Bench | null {
    const [practice, last] = [this.practice(), this.last()];
    return practice && last ? waitUntil(last, practice.truth, minute) : null;
  }

  forget(): void {
    this.kept.drop(this.key);
  }

  private take(last: Bench, events: readonly PracticeEvent[], minute: number): void {
    this.last.set(last);
    this.events.set(events);
    this.minute.set(Math.max(last.at, minute));
    this.wind(this.minute());
  }

  private wind(minute: number): void {
    this.from = minute;
    this.since = performance.now();
  }

  private readonly tick = (): void => {
    const now = performance.now();
    if (now - this.framed > HIDDEN) this.wind(this.minute());
    this.framed = now;
    this.minute.set(this.from + ((now - this.since) / MINUTE) * this.speed());
    if (now - this.keptAt > KEEP_EVERY) this.keep();
    this.frame = requestAnimationFrame(this.tick);
  };

  private keep(): void {
    this.keptAt = performance.now();
    if (this.over()) this.forget();
    else this.kept.keep(this.key, { events: this.events(), minute: this.minute() } satisfies Kept);
  }

  private halt(): void {
    cancelAnimationFrame(this.frame);
    this.running.set(false);
  }
}
