import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { SquareMetres, type Shape } from '@lift-bare/core';
import { ChoiceField } from '../../ui/choice-field';
import { FigureField } from '../../ui/figure-field';
import { QuantityField } from '../../ui/quantity-field';

type Panel = Extract<Shape, { kind: 'panel' }>;
const MOST_CROWN = 60;

/** What a panel has besides width and height: its curve, its holes, and how many sides are worked. */
@Component({
  selector: 'lb-panel-fields',
  imports: [FigureField, QuantityField, ChoiceField],
  template: `
    <lb-figure label="Curve and returns add" unit="%" [most]="mostCrown" [value]="shape().crown" (changed)="changed.emit({ ...shape(), crown: $event ?? 0 })" />
    <lb-quantity label="Openings" dimension="area" [schema]="squareMetres" [value]="shape().openings" [optional]="true" placeholder="none" (changed)="changed.emit({ ...shape(), openings: $any($event) })" (cleared)="changed.emit({ ...shape(), openings: null })" />
    <lb-choice label="Sides worked" [value]="shape().faces" [options]="sides" (changed)="changed.emit({ ...shape(), faces: $event })" />
  `,
  styles: ':host { display: contents; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PanelFields {
  readonly shape = input.required<Panel>();
  readonly changed = output<Panel>();
  protected readonly squareMetres = SquareMetres;
  protected readonly mostCrown = MOST_CROWN;
  protected readonly sides = [
    { value: 1 as const, label: 'One side' },
    { value: 2 as const, label: 'Both sides' },
  ];
}
