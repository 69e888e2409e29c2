import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { RouterLink } from '@angular/router';
import { upperFirst, termNamed } from '@lift-bare/core';
import { NzPopoverModule } from 'ng-zorro-antd/popover';

/** A word of the trade as a label, with its meaning one touch away. */
@Component({
  selector: 'lb-term',
  imports: [NzPopoverModule, RouterLink],
  template: `
    <button type="button" nz-popover nzPopoverTrigger="click" [nzPopoverContent]="meaning" nzPopoverPlacement="bottomLeft" [attr.aria-label]="label() + ': what it means'">{{ label() }}<span aria-hidden="true">?</span></button>
    <ng-template #meaning><p class="means"><b>{{ label() }}</b> {{ term()?.means }}</p><a class="link small" routerLink="/words" [queryParams]="{ find: name() }">All words</a></ng-template>
  `,
  styles: `
    button { appearance: none; border: 0; padding: 0; background: none; color: inherit; font: inherit; letter-spacing: inherit; text-transform: inherit; cursor: help; }
    button span { display: inline-block; margin-left: 3px; color: var(--soft); font-weight: 500; }
    .means { max-width: 300px; margin: 0 0 6px; }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TermHelp {
  /** as the glossary names it */
  readonly name = input.required<string>();
  /** as it stands here; the name itself where nothing is said */
  readonly as = input('');
  protected readonly label = computed(() => this.as() || upperFirst(this.name()));
  protected readonly term = computed(() => termNamed(this.name()));
}
