import { ChangeDetectionStrategy, Component, computed, inject, input, output, signal } from '@angular/core';
import { gaugeOf, isMeasured, likelyValue, plainNumber, withinLimits, type HoldPoint, type HoldState, type RunEntry } from '@lift-bare/core';
import { NzInputModule } from 'ng-zorro-antd/input';
import { DeviceApi } from '../../api/device-api';
import { Units } from '../units.service';

type Held = Extract<RunEntry, { what: 'held' }>;

/** A hold point: its limit, a figure typed by large keys or read from the instrument, or a yes; and the way on in writing. */
@Component({
  selector: 'lb-hold-entry',
  imports: [NzInputModule],
  template: `
    <section class="hold" [class.met]="state() === 'met'" [class.outside]="state() === 'outside'">
      <p><b>{{ state() === 'met' ? 'Hold point met: ' : 'Go on only when: ' }}</b>{{ units.text(hold().accept) }} <span class="soft">({{ hold().method }})</span></p>
      @if (state() === 'let go') { <p class="soft">Let go in writing.</p> }
      @if (measured()) {
        <div class="row">
          <label class="sr" [attr.for]="'value-' + operation()">Reading, {{ hold().unit }}</label>
          <input nz-input [id]="'value-' + operation()" type="text" inputmode="decimal" autocomplete="off" [value]="typed()" (input)="typed.set($any($event.target).value)" [placeholder]="hold().unit" />
          @if (gauge(); as kind) { <button type="button" class="gauge" [disabled]="reading()" (click)="read(kind)">{{ reading() ? 'Reading…' : 'Read gauge' }}</button> }
          @if (value() !== null) { <button type="button" class="keep whole" (click)="keep()">{{ within() ? 'Within the limit: keep' : 'Not within it: keep' }}</button> }
        </div>
        @if (wrong(); as text) { <p class="bad" role="alert">{{ text }}</p> }
      } @else if (state() !== 'met') {
        <div class="row"><button type="button" class="keep" (click)="look(true)">It is so</button><button type="button" (click)="look(false)">Not yet</button></div>
      }
      @if (state() === 'outside') { <p class="bad"><b>{{ last() }}</b> Repeat the step, repair, or let it go with a reason.</p> }
      @if (state() === 'outside' || state() === 'open') {
        @if (releasing()) {
          <div class="row"><label class="sr" [attr.for]="'why-' + operation()">Reason</label><input nz-input [id]="'why-' + operation()" class="text" type="text" maxlength="300" #why placeholder="why work may go on all the same" (keydown.enter)="release(why.value)" /><button type="button" (click)="release(why.value)">Let it go</button></div>
        } @else { <button type="button" class="link" (click)="releasing.set(true)">Let it go in writing</button> }
      }
    </section>
  `,
  styleUrl: './hold-entry.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class HoldEntry {
  readonly operation = input.required<string>();
  readonly hold = input.required<HoldPoint>();
  readonly state = input.required<HoldState>();
  /** values of the last reading */
  readonly values = input.required<readonly number[]>();
  readonly held = output<Held>();
  readonly letGo = output<string>();

  protected readonly units = inject(Units);
  private readonly devices = inject(DeviceApi);
  protected readonly typed = signal('');
  protected readonly byGauge = signal(false);
  protected readonly reading = signal(false);
  protected readonly releasing = signal(false);
  protected readonly wrong = signal<string | null>(null);
  protected readonly measured = computed(() => isMeasured(this.hold()));
  protected readonly gauge = computed(() => gaugeOf(this.hold()));
  protected readonly value = computed(() => {
    const read = plainNumber(this.typed());
    return read.ok ? read.value : null;
  });
  protected readonly within = computed(() => withinLimits(this.hold(), [this.value() ?? Number.NaN]));
  protected readonly last = computed(() =>
    this.values().length === 0 ? 'Not met.' : `${this.values().join(', ')} ${this.hold().unit ?? ''}: not within the limit.`,
  );

  protected read(kind: NonNullable<ReturnType<typeof gaugeOf>>): void {
    this.reading.set(true);
    this.wrong.set(null);
    this.devices.read(kind, likelyValue(this.hold())).subscribe({
      next: ({ value }) => {
        this.reading.set(false);
        this.typed.set(String(value));
        this.byGauge.set(true);
      },
      error: () => {
        this.reading.set(false);
        this.wrong.set('The gauge does not answer: is it on? Type what it shows.');
      },
    });
  }

  protected keep(): void {
    const value = this.value();
    if (value === null) return;
    this.held.emit({ what: 'held', operation: this.operation(), values: [value], met: this.within(), gauge: this.byGauge() });
    this.typed.set('');
    this.byGauge.set(false);
  }

  protected look(met: boolean): void {
    this.held.emit({ what: 'held', operation: this.operation(), values: [], met, gauge: false });
  }

  protected release(reason: string): void {
    if (reason.trim() === '') return;
    this.releasing.set(false);
    this.letGo.emit(reason.trim());
  }
}
