import { ChangeDetectionStrategy, Component, inject, input, output } from '@angular/core';
import { Metres, metres, type Shape } from '@lift-bare/core';
import { CountField } from '../../ui/count-field';
import { QuantityField } from '../../ui/quantity-field';
import { TextField } from '../../ui/text-field';
import { Units } from '../../ui/units.service';

type Frame = Extract<Shape, { kind: 'frame' }>;
type Tube = Frame['tubes'][number];
const MOST = 30;

/** The tubes of a frame, one line a kind: what it is, how thick, how long, how many; with the area of each. */
@Component({
  selector: 'lb-tube-rows',
  imports: [TextField, QuantityField, CountField],
  template: `
    @for (tube of shape().tubes; track $index; let i = $index) {
      <div class="tube">
        <lb-text label="Tube" [most]="40" [value]="tube.name" (changed)="set(i, { name: $event })" />
        <lb-quantity label="Diameter" dimension="length" [schema]="schema" [value]="tube.diameter" (changed)="set(i, { diameter: $any($event) })" />
        <lb-quantity label="Length" dimension="length" [schema]="schema" [value]="tube.length" (changed)="set(i, { length: $any($event) })" />
        <lb-count label="How many" [value]="tube.count" (changed)="set(i, { count: $event })" />
        <span class="soft">{{ units.show(area(tube), 'area') }}</span>
        <button type="button" class="btn plain" [disabled]="shape().tubes.length === 1" (click)="drop(i)" [attr.aria-label]="'Remove ' + tube.name">Remove</button>
      </div>
    }
    <p><button type="button" class="btn quiet" [disabled]="shape().tubes.length >= most" (click)="add()">Add a tube</button></p>
  `,
  styles: `
    .tube { display: grid; grid-template-columns: 1.4fr 1fr 1fr 0.7fr 80px auto; gap: 10px; align-items: end; margin-bottom: 8px; }
    .soft { padding-bottom: 5px; }
    p { margin-bottom: 14px; }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TubeRows {
  readonly shape = input.required<Frame>();
  readonly changed = output<Frame>();
  protected readonly schema = Metres;
  protected readonly most = MOST;
  protected readonly units = inject(Units);

  protected area = ({ diameter, length, count }: Tube): number => Math.PI * diameter * length * count;
  protected set(i: number, change: Partial<Tube>): void {
    this.emit(this.shape().tubes.map((tube, k) => (k === i ? { ...tube, ...change } : tube)));
  }
  protected add = (): void => this.emit([...this.shape().tubes, { name: 'Tube', diameter: metres(0.02), length: metres(0.5), count: 1 }]);
  protected drop = (i: number): void => this.emit(this.shape().tubes.filter((_, k) => k !== i));
  private emit = (tubes: readonly Tube[]): void => this.changed.emit({ ...this.shape(), tubes: [...tubes] });
}
