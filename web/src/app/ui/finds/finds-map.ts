import { ChangeDetectionStrategy, Component, computed, inject, input, output, signal } from '@angular/core';
import { faceOf, FIND_NAMES, type Find, type Spot } from '@lift-bare/core';
import { fileAddress } from '../../api/files-api';
import { JobContext } from '../../state/job-context';
import { ChoiceField } from '../choice-field';
import { Units } from '../units.service';
import { moved, spotAt } from './spot';

const FACE = 'face';
const KEYS: Readonly<Record<string, readonly [number, number]>> = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };
/** Share of the map that an arrow key moves a mark. */
const NUDGE = 0.01;

export interface Placed {
  readonly index: number;
  readonly spot: Spot;
}

/** One piece of the zone laid flat, or a photo of the part, with the finds on it. A tap on it marks a new one; marks are dragged, or moved with the arrow keys. */
@Component({
  selector: 'lb-finds-map',
  imports: [ChoiceField],
  template: `
    @if (maps().length > 1) { <lb-choice label="Map" [value]="on() ?? face" [options]="maps()" (changed)="on.set($event === face ? null : $event)" /> }
    <div #map class="map" [class.round]="laid()?.round && on() === null" [class.photo]="on() !== null" [style.aspect-ratio]="on() === null ? ratio() : null" [style.max-width.px]="on() === null ? 240 * ratio() : null" (pointerup)="tap($event, map)">
      @if (on(); as file) { <img [src]="address(file)" alt="" draggable="false" /> }
      @for (find of finds(); track find.id; let i = $index) {
        @if (shown(find); as spot) {
          @if (find.area && on() === null) { <i class="extent" [style.left.%]="100 * spot.x" [style.top.%]="100 * spot.y" [style.width.%]="extent(find.area)"></i> }
          <button type="button" class="mark" [class.stopped]="stops().includes(find.id)" [style.left.%]="100 * spot.x" [style.top.%]="100 * spot.y" [attr.aria-label]="names[find.kind] + ' ' + (i + 1) + ' on the map, arrow keys move it'"
            (pointerdown)="grab($event, i)" (pointermove)="drag($event, map)" (pointerup)="drop($event)" (keydown)="nudge($event, i, spot)">{{ i + 1 }}</button>
        }
      }
    </div>
    <p class="small soft">{{ on() === null ? size() + ' laid flat. ' : '' }}Tap where something is.</p>
  `,
  styles: `
    :host { display: block; margin-bottom: 10px; }
    .map { position: relative; width: 100%; min-height: 60px; background: var(--sheet); border: 1px solid var(--line-strong); cursor: crosshair; touch-action: none; overflow: hidden; background-image: linear-gradient(var(--line) 1px, transparent 1px), linear-gradient(90deg, var(--line) 1px, transparent 1px); background-size: 10% 20%; }
    .map.round { border-radius: 50%; }
    .map.photo { width: fit-content; background: none; }
    img { display: block; max-width: 100%; max-height: 340px; }
    .mark { position: absolute; width: 38px; height: 38px; margin: -19px 0 0 -19px; border-radius: 50%; border: 2px solid var(--sheet); background: var(--act); color: var(--sheet); font-size: 16px; font-weight: 620; padding: 0; cursor: grab; touch-action: none; }
    .mark.stopped { background: var(--stop); }
    .extent { position: absolute; aspect-ratio: 1; transform: translate(-50%, -50%); border-radius: 50%; background: var(--care); opacity: 0.35; pointer-events: none; }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FindsMap {
  readonly finds = input.required<readonly Find[]>();
  /** ids of finds that are not for the shop */
  readonly stops = input.required<readonly string[]>();
  readonly marked = output<Spot>();
  readonly placed = output<Placed>();

  private readonly context = inject(JobContext);
  private readonly units = inject(Units);
  protected readonly names = FIND_NAMES;
  protected readonly face = FACE;
  /** photo that is shown; null: the face */
  protected readonly on = signal<string | null>(null);
  protected readonly maps = computed(() => [
    { value: FACE, label: 'Face laid flat' },
    ...(this.context.part()?.photos ?? []).map(({ file, caption }, i) => ({ value: file, label: caption || `Photo ${i + 1}` })),
  ]);
  protected readonly laid = computed(() => {
    const zone = this.context.zone();
    return zone && faceOf(zone.shape, this.context.zonePlan()?.area ?? 0);
  });
  protected readonly ratio = computed(() => {
    const face = this.laid();
    return face ? Math.min(12, Math.max(0.4, face.width / face.height)) : 1;
  });
  protected readonly size = computed(() => {
    const face = this.laid();
    return face ? `${this.units.show(face.width, 'length')} by ${this.units.show(face.height, 'length')}` : '';
  });
  private readonly held = signal<number | null>(null);

  protected address = (file: string): string => fileAddress(this.context.jobId(), file);
  protected shown = ({ spot }: Find): Spot | null => (spot?.on === this.on() ? spot : null);
  /** % of the width of the map that a round place of that area takes */
  protected extent = (area: number): number => (200 * Math.sqrt(area / Math.PI)) / (this.laid()?.width ?? 1);

  protected tap(event: PointerEvent, map: HTMLElement): void {
    this.marked.emit({ on: this.on(), ...spotAt(map.getBoundingClientRect(), event.clientX, event.clientY) });
  }
  protected grab(event: PointerEvent, i: number): void {
    (event.target as Element).setPointerCapture(event.pointerId);
    this.held.set(i);
  }
  protected drag(event: PointerEvent, map: HTMLElement): void {
    const index = this.held();
    if (index === null) return;
    this.placed.emit({ index, spot: { on: this.on(), ...spotAt(map.getBoundingClientRect(), event.clientX, event.clientY) } });
  }
  protected drop(event: Event): void {
    event.stopPropagation();
    this.held.set(null);
  }
  protected nudge(event: KeyboardEvent, index: number, spot: Spot): void {
    const by = KEYS[event.key];
    if (!by) return;
    event.preventDefault();
    this.placed.emit({ index, spot: moved(spot, by[0] * NUDGE, by[1] * NUDGE) });
  }
}
