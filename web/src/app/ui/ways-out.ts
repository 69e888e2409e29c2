import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { RouterLink } from '@angular/router';
import { JobContext } from '../state/job-context';
import { offersFor, type Offer } from './offers';

/** The ways out of a stop, each one touch away. */
@Component({
  selector: 'lb-ways-out',
  imports: [RouterLink],
  template: `
    @if (offers().length > 0) {
      <p class="no-print">@for (offer of offers(); track offer.label) { <a class="link small" [routerLink]="to(offer)" queryParamsHandling="preserve">{{ offer.label }}</a> }</p>
    }
  `,
  styles:
    "p { display: flex; flex-wrap: wrap; gap: 2px 16px; margin: 3px 0 4px; } a::before { content: '→'; display: inline-block; margin-right: 5px; }",
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WaysOut {
  /** of the finding */
  readonly code = input.required<string>();
  private readonly context = inject(JobContext);
  protected readonly offers = computed(() => offersFor(this.code()));
  protected to = ({ stage, shop }: Offer): string[] => (shop ? ['/shop', shop] : ['/jobs', this.context.jobId(), stage ?? 'intake']);
}
