import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { RouterLink } from '@angular/router';
import { schoolNamed, type SchoolId } from '@lift-bare/core';

/** A school by its question, with the way to it in the shop's settings. */
@Component({
  selector: 'lb-school',
  imports: [RouterLink],
  template: `<a class="link" routerLink="/shop/schools" [fragment]="id()">{{ name() }}</a>`,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SchoolLink {
  readonly id = input.required<SchoolId>();
  protected readonly name = computed(() => schoolNamed(this.id()));
}
