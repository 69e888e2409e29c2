import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { NzSelectModule } from 'ng-zorro-antd/select';
import { SaidSelect } from './said-select';

export interface ChoiceOption<T> {
  readonly value: T;
  readonly label: string;
}

let nextId = 0;

/** One of a list, or several when `many`. */
@Component({
  selector: 'lb-choice',
  imports: [NzSelectModule, FormsModule, SaidSelect],
  template: `
    <div class="field">
      <label [for]="id" [class.sr]="hideLabel()">{{ label() }}</label>
      <nz-select [nzId]="id" [lbSaid]="said()" [lbSaidLabel]="label()" [ngModel]="value()" (ngModelChange)="chosen($event)" [nzMode]="many() ? 'multiple' : 'default'"
        [nzShowSearch]="options().length > 8" [nzPlaceHolder]="placeholder()" [nzDropdownMatchSelectWidth]="false" [nzMaxTagCount]="tags()">
        @for (option of options(); track option.value) { <nz-option [nzValue]="option.value" [nzLabel]="option.label" /> }
      </nz-select>
    </div>
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ChoiceField<T> {
  readonly label = input.required<string>();
  readonly hideLabel = input(false);
  readonly value = input.required<T | readonly T[] | null>();
  readonly options = input.required<readonly ChoiceOption<T>[]>();
  readonly many = input(false);
  readonly placeholder = input('choose');
  /** shown of many before they are counted */
  readonly tags = input(6);
  readonly changed = output<T>();
  /** answers instead of `changed` when `many` */
  readonly changedMany = output<T[]>();

  /** what is chosen, for whoever does not see it */
  protected readonly said = computed(() => {
    const value = this.value();
    const chosen = this.options().filter((option) => (Array.isArray(value) ? value.includes(option.value) : option.value === value));
    return chosen.length === 0 ? this.placeholder() : chosen.map(({ label }) => label).join(', ');
  });
  protected readonly id = `c${(nextId += 1)}`;

  protected chosen(value: T | T[]): void {
    if (Array.isArray(value)) this.changedMany.emit(value);
    else this.changed.emit(value);
  }
}
