import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { entryText } from '@lift-bare/core';
import type { BookHit } from '../../api/run-api';

/** What was said, in words; steps by their kind, the plan that names them being elsewhere. */
@Component({
  selector: 'lb-hit',
  template: `{{ text() }}@if (hit().note !== '') { <span class="soft"> “{{ hit().note }}”</span> }`,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class HitText {
  readonly hit = input.required<BookHit>();
  protected readonly text = computed(() => entryText(this.hit().run, kindIn));
}

/** "box-2.key.1" as "key" */
const kindIn = (id: string): string => (id.split('.')[1] ?? id).replaceAll('-', ' ');
