import { DatePipe } from '@angular/common';
import { ChangeDetectionStrategy, Component, computed, DestroyRef, effect, inject, input, signal, untracked } from '@angular/core';
import { Title } from '@angular/platform-browser';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { ALARMS, byUrgency, tileOf, type BenchEvent, type SectionTimer, type Tap, type Tile } from '@lift-bare/core';
import { BenchActions } from '../../state/bench.actions';
import { benchFeature } from '../../state/bench.reducer';
import { newEvent } from '../../state/new-event';
import { ShopNow } from '../../state/shop-now';
import { ThemeService } from '../../ui/theme.service';
import { Today } from '../../ui/today';
import { ToastBar } from '../../ui/toast-bar';
import { Toasts } from '../../ui/toast.service';
import { Units } from '../../ui/units.service';
import { WhoField } from '../../ui/who-field';
import { Alarm, type Ring } from '../../state/alarm';
import { BenchLog } from './bench-log';
import { Who } from '../../state/who';
import { BenchTile } from './bench-tile';
import { RunLogList } from '../../ui/run/run-log-list';
import { RunPanel } from '../../ui/run/run-panel';
import { keepAwake } from './keep-awake';
import { TAP_WORDS, thinOut, titleOf } from './tile-words';
import { TileTimes, type Correction } from './tile-times';

/** ms between two rings for the same thing. */
const RING_AGAIN = 30_000;
const READING_EVERY = 3 * 60_000;
/** min for which a finished section stays in sight. */
const SHOWN_DONE = 12 * 60;

/** The bench on a tablet or phone: every section under way as one large tile, the most urgent first. */
@Component({
  selector: 'lb-bench-page',
  imports: [WhoField, RunPanel, RunLogList, BenchTile, TileTimes, BenchLog, ToastBar, Today, RouterLink, DatePipe],
  templateUrl: './bench-page.html',
  styleUrl: './bench-page.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class BenchPage {
  /** only this job's sections; all when left out */
  readonly job = input<string>();

  private readonly store = inject(Store);
  private readonly title = inject(Title);
  private readonly toasts = inject(Toasts);
  protected readonly units = inject(Units);
  protected readonly theme = inject(ThemeService);
  protected readonly alarm = inject(Alarm);
  protected readonly who = inject(Who);

  private readonly allRuns = this.store.selectSignal(benchFeature.selectRuns);
  protected readonly runs = computed(() => Object.values(this.allRuns()).filter(({ job }) => this.job() === undefined || job === this.job()));
  protected readonly running = computed(() => this.runs().filter(({ handedOver }) => handedOver === null).length);
  protected readonly link = this.store.selectSignal(benchFeature.selectLink);
  protected readonly queue = this.store.selectSignal(benchFeature.selectQueue);
  protected readonly refused = this.store.selectSignal(benchFeature.selectRefused);
  private readonly readings = this.store.selectSignal(benchFeature.selectReadings);
  private readonly all = this.store.selectSignal(benchFeature.selectTimers);

  protected readonly now = inject(ShopNow).now;
  protected readonly timers = computed(() => this.all().filter(({ issued }) => this.job() === undefined || issued.job === this.job()));
  /** sections of other jobs, that are not shown */
  protected readonly elsewhere = computed(() => this.all().filter(({ done }) => !done).length - this.timers().filter(({ done }) => !done).length);
  protected readonly reading = computed(() => this.readings().at(-1) ?? null);
  protected readonly thinned = computed(() => thinOut(this.readings(), READING_EVERY));
  private readonly tiles = computed(() =>
    this.timers()
      .map((timer) => tileOf(timer, this.now(), this.thinned()))
      .sort(byUrgency),
  );
  protected readonly active = computed(() => [...this.tiles().filter(({ state }) => state !== 'waiting' && state !== 'done'), ...this.nextUp()]);
  /** of each zone the section to be laid on next; the others wait in a line */
  private readonly nextUp = computed(() => firstOfEachZone(this.tiles().filter(({ state }) => state === 'waiting')));
  protected readonly waiting = computed(() => this.tiles().filter((tile) => tile.state === 'waiting' && !this.nextUp().includes(tile)));
  protected readonly done = computed(() => this.tiles().filter(({ state, elapsed }) => state === 'done' && elapsed < SHOWN_DONE));
  /** the one zone that all of it belongs to */
  protected readonly place = computed(() => {
    const places = new Set(this.timers().map(({ issued }) => `${issued.partName}, ${issued.zoneName}`));
    return places.size === 1 ? [...places][0] : null;
  });
  protected readonly wear = computed(() => [...new Set(this.timers().flatMap(({ issued }) => issued.wear))]);
  protected readonly cautions = computed(() => [...new Set(this.timers().flatMap(({ issued }) => issued.cautions))]);
  protected readonly open = signal<string | null>(null);
  protected readonly showLog = signal(false);

  /** when each section last rang for its state, ms of this screen's clock */
  private readonly rung = new Map<string, { readonly state: string; readonly at: number }>();

  constructor() {
    this.store.dispatch(BenchActions.joined());
    const destroyed = inject(DestroyRef);
    keepAwake(destroyed);
    effect(() => {
      const tiles = this.tiles();
      this.title.setTitle(titleOf(tiles) ?? 'Bench · Lift Bare');
      untracked(() => tiles.forEach((tile) => this.ringFor(tile)));
    });
  }

  protected trackTile = (_: number, { timer }: Tile): string => timer.id;

  protected tap(timer: SectionTimer, kind: Tap): void {
    const event = newEvent(timer.id, kind, this.now(), this.who.name());
    this.put(event, Date.now());
    this.toasts.say(`${timer.issued.section}: ${TAP_WORDS[kind].toLowerCase()}`, {
      label: 'Take back',
      run: () => this.correct(timer, { kind: 'taken-back', target: event.id, at: null, note: '' }),
    });
  }

  protected correct(timer: SectionTimer, { kind, target, at, note }: Correction): void {
    const event = { ...newEvent(timer.id, kind, at ?? this.now(), this.who.name()), target, note };
    this.put(event, at === null ? Date.now() : null);
  }

  protected toggle(id: string): void {
    this.open.update((open) => (open === id ? null : id));
  }

  protected read(id: string): void {
    this.store.dispatch(BenchActions.refusalRead({ id }));
  }

  private put(event: BenchEvent, device: number | null): void {
    this.store.dispatch(BenchActions.tapped({ queued: [{ event, device }] }));
  }

  private ringFor({ timer: { id }, state }: Tile): void {
    const last = this.rung.get(id);
    if (!ALARMS.includes(state)) this.rung.delete(id);
    else if (last?.state !== state || (state !== 'check now' && Date.now() - last.at > RING_AGAIN)) {
      this.rung.set(id, { state, at: Date.now() });
      this.alarm.ring(state as Ring);
    }
  }
}

function firstOfEachZone(tiles: readonly Tile[]): Tile[] {
  const seen = new Set<string>();
  return tiles.filter(({ timer: { issued } }) => {
    const zone = `${issued.job} ${issued.zone}`;
    if (seen.has(zone)) return false;
    seen.add(zone);
    return true;
  });
}
