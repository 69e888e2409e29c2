import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { areaWithinWindow, windowsOf, type BuildPlan, type Window } from '@lift-bare/core';
import { JobContext } from '../../state/job-context';
import { Units } from '../../ui/units.service';

const WORDS: Readonly<Record<Window['what'], string>> = {
  flash: 'next coat of the same',
  recoat: 'next product',
  sand: 'sand',
  tape: 'tape over it',
  handle: 'handle',
  assemble: 'put together',
  load: 'put weight on it',
  immerse: 'launch',
};

/** When each coat may be gone over, taped, handled and loaded, who says so, and what to do when a window has closed. */
@Component({
  selector: 'lb-windows-view',
  template: `
    @for (piece of pieces(); track piece.name) { <p class="note care"><b>In pieces</b>{{ piece.name }} closes sooner than the whole zone is laid on: {{ units.show(piece.area, 'area') }} at a time, then the coat that follows.</p> }
    <table class="plain">
      <thead><tr><th>After</th><th>What</th><th class="num">Label</th><th class="num">Shop</th><th class="num">From</th><th class="num">Until</th><th>When it is missed</th></tr></thead>
      <tbody>
        @for (window of windows(); track window.after + window.what) {
          <tr><td>{{ window.after }}</td><td>{{ words[window.what] }}</td><td class="num">{{ units.minutes(window.label) }}</td><td class="num">{{ window.shop === null ? '–' : units.minutes(window.shop) }}</td><td class="num"><b>{{ units.minutes(window.from) }}</b><span class="small soft">{{ window.governs === 'shop' ? 'shop governs' : 'label governs' }}</span></td><td class="num">{{ window.until === null ? 'open' : units.minutes(window.until) }}</td><td>{{ units.text(window.missed ?? '') }}</td></tr>
        }
      </tbody>
    </table>
    <p class="basis">Scaled from 20 °C to {{ units.show(celsius(), 'temperature') }} by doubling for every 10 °C colder, model assumption, or as the two points of a data sheet say. Habits of the shop: school W1 and its own waits. What to do when missed: common practice, no source.</p>
  `,
  styles: 'td .small { display: block; } .note { margin-bottom: 8px; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WindowsView {
  readonly build = input.required<BuildPlan>();
  private readonly context = inject(JobContext);
  protected readonly units = inject(Units);
  protected readonly words = WORDS;
  protected readonly celsius = computed(() => this.context.job()?.place.temperature ?? 20);
  private readonly facts = this.context.facts;
  protected readonly windows = computed(() => {
    const facts = this.facts();
    return facts ? windowsOf(facts, this.build()) : [];
  });
  /** coats whose window is shorter than they take */
  protected readonly pieces = computed(() => {
    const facts = this.facts();
    return facts
      ? this.build().coats.flatMap((coat) => ((area) => (area === null ? [] : [{ name: coat.name, area }]))(areaWithinWindow(facts.area, coat)))
      : [];
  });
}
