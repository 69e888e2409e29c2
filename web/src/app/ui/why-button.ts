import { ChangeDetectionStrategy, Component, inject, input } from '@angular/core';
import { schoolsIn, type Finding } from '@lift-bare/core';
import { NzPopoverModule } from 'ng-zorro-antd/popover';
import { SchoolLink } from './school-link';
import { Units } from './units.service';

/** "Why?": the rules behind an answer, each with basis and what would change it. */
@Component({
  selector: 'lb-why',
  imports: [NzPopoverModule, SchoolLink],
  template: `
    <button type="button" class="link small" nz-popover nzPopoverTrigger="click" [nzPopoverContent]="reasons" nzPopoverPlacement="bottomLeft" [attr.aria-label]="label() + ': ' + about()">{{ label() }}</button>
    <ng-template #reasons>
      @if (reckoning(); as sentence) { <p class="reason">{{ units.text(sentence) }}</p> }
      @for (finding of findings(); track finding.code) {
        <div class="reason">
          <b>{{ units.text(finding.title) }}</b>
          <p>{{ units.text(finding.reason) }}</p>
          <p class="basis">Looks at: {{ finding.looksAt.join(', ') }}. Basis: {{ finding.basis.source }}. What would change it: {{ units.text(finding.change) }}</p>
          @for (school of schoolsOf(finding); track school) { <p class="basis">Set it: <lb-school [id]="school" /></p> }
        </div>
      } @empty { <p class="reason">No rule speaks for or against it; it stands where time, cost, risk and exposure put it.</p> }
    </ng-template>
  `,
  styles: '.reason + .reason { margin-top: 9px; padding-top: 9px; border-top: 1px solid var(--line); }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WhyButton {
  readonly findings = input.required<readonly Finding[]>();
  readonly label = input('why?');
  readonly about = input('');
  /** how the numbers came about */
  readonly reckoning = input('');
  protected readonly units = inject(Units);
  protected readonly schoolsOf = ({ looksAt, change }: Finding) => schoolsIn(`${looksAt.join()} ${change}`);
}
