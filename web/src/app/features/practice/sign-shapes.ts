import { ChangeDetectionStrategy, Component, input } from '@angular/core';
import type { SignShape } from '@lift-bare/core';

/** The shapes of a sign, in a square of 100 by 100 of the SVG around it. */
@Component({
  // eslint-disable-next-line @angular-eslint/component-selector -- within an SVG only its own elements are drawn
  selector: 'g[lbShapes]',
  template: `
    @for (shape of shapes(); track $index) {
      @switch (shape.kind) {
        @case ('dot') { <svg:circle [attr.cx]="shape.x" [attr.cy]="shape.y" [attr.r]="shape.r" [attr.class]="shape.tone" /> }
        @case ('box') { <svg:rect [attr.x]="shape.x" [attr.y]="shape.y" [attr.width]="shape.width" [attr.height]="shape.height" [attr.class]="shape.tone" /> }
        @case ('band') { <svg:polyline [attr.points]="shape.points.join(' ')" [attr.stroke-width]="shape.width" [attr.class]="'band ' + shape.tone" /> }
      }
    }
  `,
  styleUrl: './tones.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SignShapes {
  readonly shapes = input.required<readonly SignShape[]>();
}
