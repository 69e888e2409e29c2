import { ChangeDetectionStrategy, Component, computed, output, signal } from '@angular/core';
import { findFinish, wishesFor, type FinishId, type FoundSystem, type Wishes } from '@lift-bare/core';
import { NzTableModule } from 'ng-zorro-antd/table';

/** What should be on it at the end, asked by use: each answer says what it drops and why. */
@Component({
  selector: 'lb-finish-finder',
  imports: [NzTableModule],
  template: `
    <div class="asks">
      @for (wish of asked(); track wish.id) {
        <fieldset><legend>{{ wish.asks }}</legend>
          @for (answer of wish.answers; track answer.id) { <button type="button" class="btn plain" [class.on]="given()[wish.id] === answer.id" [attr.aria-pressed]="given()[wish.id] === answer.id" (click)="give(wish.id, answer.id)">{{ answer.label }}</button> }
        </fieldset>
      }
    </div>
    <div aria-live="polite">
      <nz-table nzTemplateMode>
        <thead><tr><th>Stays</th><th>Why</th><th><span class="sr">Use</span></th></tr></thead>
        <tbody>@for (system of kept(); track system.id) { <tr><td><b>{{ system.name }}</b></td><td class="soft small">{{ system.speaksFor.join(' ') || 'Nothing speaks against it.' }}</td><td class="num"><button type="button" class="btn quiet small" (click)="use(system)" [attr.aria-label]="'use ' + system.name">Use</button></td></tr> } @empty { <tr><td colspan="3">Nothing is left. Take one answer back.</td></tr> }</tbody>
      </nz-table>
      @if (dropped().length > 0) { <details><summary class="small">{{ dropped().length }} dropped, and why</summary><ul class="small soft">@for (system of dropped(); track system.id) { <li><s>{{ system.name }}</s> {{ system.against.join(' ') }}</li> }</ul></details> }
      <p class="basis">Common practice, no source; the data sheet decides, and local law where biocides are concerned.</p>
    </div>
  `,
  styleUrl: './finish-finder.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FinishFinder {
  readonly picked = output<FinishId>();
  protected readonly given = signal<Wishes>({});
  protected readonly asked = computed(() => wishesFor(this.given()));
  private readonly found = computed(() => findFinish(this.given()));
  protected readonly kept = computed(() => this.found().filter(({ keeps }) => keeps));
  protected readonly dropped = computed(() => this.found().filter(({ keeps }) => !keeps));

  protected use = ({ finish }: FoundSystem): void => this.picked.emit(finish);

  /** A second touch takes an answer back. */
  protected give(wish: string, answer: string): void {
    this.given.update(({ [wish]: before, ...rest }) => (before === answer ? rest : { ...rest, [wish]: answer }));
  }
}
