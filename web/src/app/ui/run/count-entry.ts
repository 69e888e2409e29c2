import { ChangeDetectionStrategy, Component, computed, input, output, signal } from '@angular/core';
import { countables, plainNumber, type Countable, type Operation, type Plan, type Run, type RunEntry } from '@lift-bare/core';
import { NzInputModule } from 'ng-zorro-antd/input';

type Counted = Extract<RunEntry, { what: 'counted' }>;

/** What was used up and what is left when a job is cleared up, beside what was planned: the next plan starts from it. */
@Component({
  selector: 'lb-count-entry',
  imports: [NzInputModule],
  template: `
    <form (submit)="$event.preventDefault(); keep()">
      @for (line of lines(); track line.of + line.item) {
        <label>{{ line.item }}, {{ line.unit }}<span class="soft">planned {{ show(line.planned) }}</span><input nz-input type="text" inputmode="decimal" autocomplete="off" [value]="typed()[line.item] ?? known(line)" (input)="type(line, $any($event.target).value)" /></label>
      } @empty { <p>The plan uses up nothing that is counted, and leaves no waste.</p> }
      @if (trouble(); as text) { <p class="bad" role="alert">{{ text }}</p> }
      <button class="keep" [disabled]="trouble() !== null || entries().length === 0">Keep what is counted</button>
    </form>
  `,
  styleUrl: './entry.css',
  styles: `
    label { flex: 1 1 40%; }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CountEntry {
  readonly operation = input.required<Operation>();
  readonly plan = input.required<Plan>();
  readonly run = input.required<Run>();
  readonly said = output<Counted>();

  protected readonly lines = computed(() => countables(this.plan()));
  /** text by item, as it stands in the fields */
  protected readonly typed = signal<Readonly<Record<string, string>>>({});
  private readonly read = computed(() => this.lines().map((line) => ({ line, number: plainNumber(this.typed()[line.item] ?? '') })));
  protected readonly trouble = computed(() => {
    const bad = this.read().find(({ number }) => !number.ok || (number.value ?? 0) < 0);
    return bad ? `${bad.line.item}: a number from 0 of ${bad.line.unit}.` : null;
  });
  protected readonly entries = computed(() =>
    this.read().flatMap(({ line, number }): Counted[] =>
      number.ok && number.value !== null && number.value >= 0
        ? [{ what: 'counted', operation: this.operation().id, ...line, amount: number.value }]
        : [],
    ),
  );

  protected type(line: Countable, text: string): void {
    this.typed.update((all) => ({ ...all, [line.item]: text }));
  }

  protected known = ({ of, item }: Countable): string => String(this.run().counted.get(`${of} ${item}`)?.amount ?? '');
  protected show = (planned: number): string => String(Number(planned.toFixed(planned < 10 ? 1 : 0)));

  protected keep(): void {
    for (const entry of this.entries()) this.said.emit(entry);
  }
}
