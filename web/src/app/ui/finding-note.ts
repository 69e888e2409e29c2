import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { Finding } from '@lift-bare/core';
import { Units } from './units.service';
import { WaysOut } from './ways-out';

const LOOK = { stop: 'stop', question: 'ask', caution: 'care', 'rule-out': 'stop', require: '', prefer: 'prefer' } as const;
const WORD = {
  stop: 'Stop',
  question: 'Open question',
  caution: 'Take care',
  'rule-out': 'Ruled out',
  require: 'Required',
  prefer: 'Worth it',
} as const;

/** One finding as a note: what it is in a word, the reason, basis and what would change it. */
@Component({
  selector: 'lb-finding',
  imports: [WaysOut],
  template: `
    <div class="note" [class]="look()">
      <b>{{ word() }}: {{ units.text(finding().title) }}</b>
      <p>{{ units.text(finding().reason) }}</p>
      @if (finding().severity === 'stop') { <lb-ways-out [finding]="finding()" /> }
      @if (full()) { <p class="basis">{{ units.text(finding().change) }} Basis: {{ finding().basis.source }}.</p> }
    </div>
  `,
  styles: ':host { display: block; margin-bottom: 8px; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FindingNote {
  readonly finding = input.required<Finding>();
  readonly full = input(true);
  protected readonly units = inject(Units);
  protected readonly look = computed(() => LOOK[this.finding().severity]);
  protected readonly word = computed(() => WORD[this.finding().severity]);
}
