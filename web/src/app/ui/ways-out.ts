import { ChangeDetectionStrategy, Component, computed, inject, input, linkedSignal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { formatMinutes, type Finding, type WayOut } from '@lift-bare/core';
import { JobContext } from '../state/job-context';
import { PlannerClient } from '../workers/planner-client';
import { moreOrLess } from './more-or-less';
import { offersFor, type Offer } from './offers';
import { Units } from './units.service';

type Search =
  { readonly kind: 'idle' } | { readonly kind: 'asking'; readonly share: number } | { readonly kind: 'found'; readonly ways: readonly WayOut[] };
const MOST_SHOWN = 6;

/** The ways out of a stop, each one touch away: what clears it, tried on the plan, and where else it is settled. */
@Component({
  selector: 'lb-ways-out',
  imports: [RouterLink],
  template: `
    @let now = search();
    @if (offers().length > 0 || stops()) {
      <p class="no-print">
        @if (stops() && now.kind === 'idle') { <button type="button" class="link small" (click)="ask()">What would clear it?</button> }
        @for (offer of offers(); track offer.label) { <a class="link small" [routerLink]="to(offer)" queryParamsHandling="preserve">{{ offer.label }}</a> }
      </p>
    }
    @switch (now.kind) {
      @case ('asking') { <p class="no-print soft small" role="status">Trying other ways, products and kit on the whole plan, {{ now.share }} %</p> }
      @case ('found') {
        <ul class="no-print" role="status" aria-label="What clears it">
          @for (way of now.ways; track way.says) { <li><button type="button" class="btn quiet" (click)="take(way)">{{ units.text(way.says) }}</button><span class="soft small">{{ effect(way) }}</span></li> }
          @empty { <li class="soft small">No other way, primer, finish or kit clears it by itself.</li> }
        </ul>
      }
    }
  `,
  styleUrl: './ways-out.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WaysOut {
  readonly finding = input.required<Pick<Finding, 'code' | 'path' | 'title' | 'severity'>>();
  private readonly context = inject(JobContext);
  private readonly planner = inject(PlannerClient);
  protected readonly units = inject(Units);
  protected readonly stops = computed(() => this.finding().severity === 'stop');
  protected readonly offers = computed(() => offersFor(this.finding().code));
  /** what was tried holds for the plan that it was tried on */
  protected readonly search = linkedSignal<unknown, Search>({ source: () => this.context.plan(), computation: () => ({ kind: 'idle' }) });
  protected to = ({ stage, shop }: Offer): string[] => (shop ? ['/shop', shop] : ['/jobs', this.context.jobId(), stage ?? 'intake']);

  protected ask(): void {
    const job = this.context.job();
    if (!job) return;
    const { code, path, title } = this.finding();
    this.search.set({ kind: 'asking', share: 0 });
    this.planner.run('waysOut', { job, shop: this.context.shop(), stop: { code, path, title } }).subscribe((report) => {
      // Answers to a plan that has changed since are let go.
      if (this.search().kind !== 'asking') return;
      if (report.kind === 'progress') this.search.set({ kind: 'asking', share: Math.round(100 * report.value) });
      else this.search.set({ kind: 'found', ways: report.kind === 'done' ? report.value.slice(0, MOST_SHOWN) : [] });
    });
  }

  protected take({ remedy }: WayOut): void {
    this.context.take(remedy, `Instead: ${this.finding().title}`);
  }

  protected effect({ hand, wait, cost, settles, remedy }: WayOut): string {
    return [
      remedy.kind === 'kit' ? 'once it is there and looked after' : '',
      moreOrLess(hand, formatMinutes, ['more by hand', 'less by hand']),
      moreOrLess(wait, formatMinutes, ['more waiting', 'less waiting']),
      cost === null ? 'the firm sets the price' : moreOrLess(cost, this.units.money, ['dearer', 'cheaper']),
      settles > 1 ? `${settles} stops go` : '',
    ]
      .filter((text) => text !== '')
      .join(', ');
  }
}
