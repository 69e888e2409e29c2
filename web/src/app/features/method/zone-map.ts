import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { MethodOption, Part, ZonePlan } from '@lift-bare/core';
import { FEATURES } from '../../ui/words';
import { Units } from '../../ui/units.service';
import { MAP, pieceShare, zoneMap } from './zone-map-geometry';

/** Features that no tool may touch. */
const KEEP_OFF: readonly Part['features'][number][] = [
  'threads',
  'bearing-seats',
  'precision-ways',
  'glass',
  'rubber',
  'sensors',
  'vents',
  'id-plate',
  'anodes',
];

/** The composed method as a map of the zone, and in words. */
@Component({
  selector: 'lb-zone-map',
  template: `
    <svg [attr.viewBox]="'0 0 ' + size.width + ' ' + size.height" role="img" [attr.aria-label]="words()">
      <rect class="edge" [attr.x]="size.margin" [attr.y]="size.margin" [attr.width]="size.width - 2 * size.margin" [attr.height]="size.height - 2 * size.margin" rx="14" [class.whole]="map().field === null" />
      @if (map().field; as field) { <rect class="field" [attr.x]="field.x" [attr.y]="field.y" [attr.width]="field.width" [attr.height]="field.height" rx="8" /> }
      <text class="name" x="24" y="38">field {{ units.show(fieldArea(), 'area') }}</text>
      @if (edgeArea() > 0) { <text class="band" x="24" y="55">edges {{ units.show(edgeArea(), 'area') }}</text> }
      @if (map().crevice; as path) {
        <path class="crevice" [attr.d]="path" /><path class="crevice-dots" [attr.d]="path" />
        <text class="warn" [attr.x]="size.width / 2" [attr.y]="size.height * 0.4" text-anchor="middle">crevices {{ units.show(zone().parts.crevices, 'area') }}</text>
      }
      @for (mark of map().marks; track mark.label) { <circle class="off" [attr.cx]="mark.x" [attr.cy]="mark.y - 4" r="5" /><text class="stop" [attr.x]="mark.x + 10" [attr.y]="mark.y">{{ mark.label }}</text> }
    </svg>
  `,
  styleUrl: './zone-map.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ZoneMapPicture {
  readonly zone = input.required<ZonePlan>();
  readonly option = input.required<MethodOption>();
  readonly part = input.required<Part>();
  protected readonly units = inject(Units);
  protected readonly size = MAP;
  private readonly areaOf = (place: string) => this.option().pieces.find((piece) => piece.place === place)?.area ?? 0;
  protected readonly fieldArea = computed(() => this.areaOf('field'));
  protected readonly edgeArea = computed(() => this.areaOf('edges'));
  protected readonly map = computed(() => {
    const keepOff = this.part()
      .features.filter((feature) => KEEP_OFF.includes(feature))
      .map((feature) => FEATURES[feature].toLowerCase());
    return zoneMap(this.zone().area, this.edgeArea(), this.zone().parts.crevices, keepOff);
  });
  protected readonly words = computed(() =>
    this.option()
      .pieces.map((piece) => `${this.share(piece)}: ${piece.name}`)
      .join('; '),
  );
  protected share = (piece: MethodOption['pieces'][number]): string => pieceShare(piece, this.zone().area);
}
