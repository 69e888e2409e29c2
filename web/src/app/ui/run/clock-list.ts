import { ChangeDetectionStrategy, Component, computed, inject, input, output, signal } from '@angular/core';
import { byNeed, type Drying, type RunClock } from '@lift-bare/core';
import { NzInputModule } from 'ng-zorro-antd/input';
import { ShopNow } from '../../state/shop-now';
import { clockView } from '../clock-text';
import { Units } from '../units.service';

/** min for which an alarm is put off at one touch. */
const QUIET = 15;

/** What runs by itself, the most urgent first: a tile each with its time, and what to do where it was missed. */
@Component({
  selector: 'lb-clock-list',
  imports: [NzInputModule],
  template: `
    @for (one of shown(); track one.clock.id + one.clock.job) {
      <article [class]="'clock ' + one.view.state" [attr.aria-label]="one.view.name + ', ' + one.view.word">
        <div>
          <h3>{{ one.view.name }} <span>{{ one.view.word }}</span></h3>
          <p>{{ units.text(one.view.line) }}</p>
          @if (one.clock.where.length > 0) { <p class="where">{{ one.clock.where.join('; ') }}</p> }
        </div>
        <p class="time" role="timer">{{ one.view.time }}</p>
        @if (one.clock.dries; as drying) {
          <div class="taps"><button type="button" (click)="dried.emit({ drying, dry: true })">It is dry</button> <button type="button" (click)="dried.emit({ drying, dry: false })">Still wet</button></div>
        }
        @if (one.view.state === 'missed' || one.view.state === 'closing') {
          <div class="taps">
            @if (one.view.state === 'missed' && one.clock.missed && !told().has(one.clock.id)) { <button type="button" class="first" (click)="missed.emit(one.clock)">Do it again: {{ units.text(one.clock.missed.says) }}</button> }
            @if (!isQuiet(one.clock)) {
              @if (asking() === one.clock.id) {
                <label>Why <input nz-input type="text" maxlength="120" #why placeholder="at the other end of it" (keydown.enter)="snooze(one.clock, why.value)" /></label>
                <button type="button" (click)="snooze(one.clock, why.value)">Quiet for ${QUIET} min</button>
              } @else { <button type="button" (click)="asking.set(one.clock.id)">Quiet</button> }
            }
          </div>
        }
      </article>
    }
  `,
  styleUrl: './clock-list.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ClockList {
  readonly clocks = input.required<readonly RunClock[]>();
  /** until when each is quiet, ms */
  readonly quiet = input.required<ReadonlyMap<string, number>>();
  /** windows that somebody has said are missed */
  readonly told = input.required<ReadonlySet<string>>();
  readonly missed = output<RunClock>();
  /** somebody has looked whether it is dry */
  readonly dried = output<{ readonly drying: Drying; readonly dry: boolean }>();
  readonly snoozed = output<{ readonly clock: RunClock; readonly minutes: number; readonly reason: string }>();

  protected readonly units = inject(Units);
  private readonly time = inject(ShopNow);
  protected readonly asking = signal<string | null>(null);
  /** in an order that does not jump with each tick */
  private readonly sorted = computed(() => [...this.clocks()].sort(byNeed(this.time.slow())));
  protected readonly shown = computed(() => this.sorted().map((clock) => ({ clock, view: clockView(clock, this.time.now()) })));

  protected isQuiet = ({ id }: RunClock): boolean => (this.quiet().get(id) ?? 0) > this.time.slow();

  protected snooze(clock: RunClock, reason: string): void {
    if (reason.trim() === '') return;
    this.asking.set(null);
    this.snoozed.emit({ clock, minutes: QUIET, reason: reason.trim() });
  }
}
