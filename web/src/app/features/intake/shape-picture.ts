import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { Shape } from '@lift-bare/core';
import { Units } from '../../ui/units.service';
import { drawingOf, type Place } from './shape-drawing';
import { shapeFields } from './shape-fields';

/** px */
const [WIDTH, HEIGHT, MARGIN] = [420, 150, 30];

/** What the figures of a shape describe, to scale: it follows them while they are typed. */
@Component({
  selector: 'lb-shape-picture',
  template: `
    @if (picture(); as drawn) {
      <svg viewBox="0 0 ${WIDTH} ${HEIGHT}" role="img" [attr.aria-label]="drawn.says">
        @for (round of drawn.rounds; track $index) { <ellipse [class.thin]="round.thin" [attr.cx]="round.x" [attr.cy]="round.y" [attr.rx]="round.across" [attr.ry]="round.high" /> }
        @for (stroke of drawn.strokes; track $index) { <polyline [class.thin]="stroke.thin" [attr.points]="stroke.points" /> }
        @for (one of drawn.measures; track one.key) {
          <line class="measure" [attr.x1]="one.from[0]" [attr.y1]="one.from[1]" [attr.x2]="one.to[0]" [attr.y2]="one.to[1]" />
          <text [attr.x]="one.at[0]" [attr.y]="one.at[1]" [attr.text-anchor]="one.anchor">{{ one.text }}</text>
        }
        @if (drawn.many > 1) { <text x="${WIDTH - 4}" y="16" text-anchor="end" class="many">× {{ drawn.many }}</text> }
      </svg>
    }
  `,
  styles: `
    :host { display: block; margin: 2px 0 10px; }
    svg { width: ${WIDTH}px; max-width: 100%; height: auto; background: var(--sheet); border: 1px solid var(--line); border-radius: 4px; }
    polyline, ellipse { fill: none; stroke: var(--ink); stroke-width: 1.6; stroke-linejoin: round; }
    .thin { stroke: var(--line-strong); stroke-width: 1; }
    .measure { stroke: var(--act); stroke-width: 3; stroke-linecap: round; opacity: 0.55; }
    text { font-size: 12px; fill: var(--act); font-weight: 600; paint-order: stroke; stroke: var(--sheet); stroke-width: 3px; }
    .many { fill: var(--ink); }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ShapePicture {
  private readonly units = inject(Units);
  readonly shape = input.required<Shape>();

  protected readonly picture = computed(() => {
    const shape = this.shape();
    const drawing = drawingOf(shape);
    if (!drawing) return null;
    const { strokes, rounds, measures } = drawing;
    const places = [
      ...strokes.flatMap(({ points }) => points),
      ...rounds.flatMap(({ centre: [x, y], across, high }): Place[] => [
        [x - across, y - high],
        [x + across, y + high],
      ]),
    ];
    const [left, right] = [Math.min(...places.map(([x]) => x)), Math.max(...places.map(([x]) => x))];
    const [top, bottom] = [Math.min(...places.map(([, y]) => y)), Math.max(...places.map(([, y]) => y))];
    const scale = Math.min((WIDTH - 4 * MARGIN) / Math.max(right - left, 1e-9), (HEIGHT - 2 * MARGIN) / Math.max(bottom - top, 1e-9));
    const at = ([x, y]: Place): Place => [WIDTH / 2 + (x - (left + right) / 2) * scale, HEIGHT / 2 + (y - (top + bottom) / 2) * scale];
    const labels = new Map(shapeFields(shape).map(({ key, label }) => [key, label]));
    const named = measures.map((one) => ({ ...one, text: this.units.show(one.length, 'length'), label: labels.get(one.key) ?? one.key }));
    return {
      says: `Drawing of the shape. ${named.map(({ label, text }) => `${label} ${text}`).join(', ')}`,
      many: 'count' in shape ? shape.count : 1,
      strokes: strokes.map(({ points, thin }) => ({ thin: thin === true, points: points.map((point) => at(point).join()).join(' ') })),
      rounds: rounds.map(({ centre, across, high, thin }) => {
        const [x, y] = at(centre);
        return { x, y, across: across * scale, high: high * scale, thin: thin === true };
      }),
      measures: named.map(({ key, from, to, text }) => {
        const [a, b] = [at(from), at(to)];
        const upright = Math.abs(a[0] - b[0]) < Math.abs(a[1] - b[1]);
        const middle: Place = [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2];
        return {
          key,
          from: a,
          to: b,
          text,
          at: upright ? [middle[0] + 8, middle[1] + 4] : [middle[0], middle[1] + (middle[1] < HEIGHT / 3 + MARGIN / 2 ? -7 : 16)],
          anchor: upright ? 'start' : 'middle',
        };
      }),
    };
  });
}
