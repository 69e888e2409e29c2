import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { Celsius, LayChoice, type Zone } from '@lift-bare/core';
import { ChoiceField, type ChoiceOption } from '../../ui/choice-field';
import { QuantityField } from '../../ui/quantity-field';
import { ORIENTATION_OPTIONS } from '../../ui/words';
import type { DwellCase } from './dwell-case';
import { StripSubject } from './strip-subject';
import { withLay, type Trial } from './trial';

/** The fields of one setting. */
@Component({
  selector: 'lb-trial-fields',
  imports: [QuantityField, ChoiceField],
  template: `
    <div class="form">
      <lb-choice class="wide" label="Stripper" [value]="trial().method" [options]="strippers()" (changed)="changed.emit({ method: $event, whatIf: trial().whatIf })" />
      <lb-quantity label="Laid on" dimension="gauge" [schema]="filmSchema" [value]="shown().setting.laid" (changed)="lay({ film: $any($event) })" />
      <lb-quantity label="Temperature" dimension="temperature" [schema]="temperatureSchema" [value]="shown().setting.temperature" (changed)="warm($event)" />
      <lb-choice label="Face" [value]="orientation()" [options]="faces" (changed)="turn($event)" />
      <div class="ticks full">
        <label><input type="checkbox" [checked]="shown().setting.covered" (change)="lay({ covered: ticked($event) })" /> under film</label>
        <label><input type="checkbox" [checked]="shown().setting.broken" [disabled]="!closed()" (change)="lay({ broken: ticked($event) })" /> surface broken</label>
        <label><input type="checkbox" [checked]="shown().setting.brushed" (change)="lay({ brushed: ticked($event) })" /> brushed over</label>
        @if (drains()) { <label><input type="checkbox" [checked]="shown().setting.fed" (change)="lay({ fed: ticked($event) })" /> fed from the top</label> }
      </div>
    </div>
  `,
  styles: `
    .form { grid-template-columns: repeat(auto-fill, minmax(104px, 1fr)); margin-bottom: 6px; }
    .ticks { display: flex; flex-wrap: wrap; gap: 4px 16px; }
    label { display: flex; align-items: center; gap: 6px; min-height: 28px; }
    input { width: 17px; height: 17px; accent-color: var(--act); }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TrialFields {
  readonly trial = input.required<Trial>();
  readonly shown = input.required<DwellCase>();
  readonly changed = output<Trial>();

  private readonly subject = inject(StripSubject);
  protected readonly filmSchema = LayChoice.shape.film;
  protected readonly temperatureSchema = Celsius;
  protected readonly strippers = computed(() => this.subject.strippers().map(({ ref, name }): ChoiceOption<string> => ({ value: ref, label: name })));
  protected readonly faces = ORIENTATION_OPTIONS;
  protected readonly orientation = computed(() => this.trial().whatIf.orientation ?? this.subject.facts()?.zone.orientation ?? 'up');
  protected readonly closed = computed(() => this.subject.facts()?.closedTop ?? false);
  protected readonly drains = computed(() => this.shown().setting.stripper.form === 'liquid' && this.orientation() !== 'up');

  protected lay = (lay: Partial<LayChoice>): void => this.changed.emit(withLay(this.trial(), lay));
  protected warm = (value: number): void => this.changed.emit({ ...this.trial(), whatIf: { ...this.trial().whatIf, temperature: value as Celsius } });
  protected turn = (orientation: Zone['orientation']): void =>
    this.changed.emit({ ...this.trial(), whatIf: { ...this.trial().whatIf, orientation } });
  protected ticked = (event: Event): boolean => (event.target as HTMLInputElement).checked;
}
