import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { m2, Metres, SquareMetres, type Shape, type ShapeKind, type Target, type Zone } from '@lift-bare/core';
import { JobContext } from '../../state/job-context';
import { ChoiceField, type ChoiceOption } from '../../ui/choice-field';
import { CountField } from '../../ui/count-field';
import { QuantityField } from '../../ui/quantity-field';
import { TextField } from '../../ui/text-field';
import { Units } from '../../ui/units.service';
import { ACCESS_OPTIONS, FACING, ORIENTATION_OPTIONS, SHAPE_OPTIONS, SIDES_OPTIONS, TARGET_OPTIONS } from '../../ui/words';
import { layerNames } from './layer-names';
import { PanelFields } from './panel-fields';
import { PhotoMeasure } from './photo/photo-measure';
import { ShapePicture } from './shape-picture';
import { TargetHelp } from './target-help';
import { TubeRows } from './tube-rows';
import { FORMULA, lengthOf, shapeFields, startShape, withLength } from './shape-fields';

const HULL_OPTIONS: readonly ChoiceOption<'full' | 'medium' | 'light'>[] = [
  { value: 'full', label: 'Full-bodied or motor, k = 1.0' },
  { value: 'medium', label: 'Medium yacht, k = 0.75' },
  { value: 'light', label: 'Fin keel or planing, k = 0.5' },
];

@Component({
  selector: 'lb-zone-form',
  imports: [TextField, ChoiceField, QuantityField, CountField, PanelFields, PhotoMeasure, ShapePicture, TubeRows, TargetHelp],
  templateUrl: './zone-form.html',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ZoneForm {
  protected readonly context = inject(JobContext);
  protected readonly units = inject(Units);
  protected readonly measuring = signal(false);
  protected readonly squareMetres = SquareMetres;
  protected readonly metres = Metres;
  /** a mesh only where the part has one */
  protected readonly shapes = computed(() =>
    SHAPE_OPTIONS.filter(({ value }) => value !== 'mesh' || this.context.part()?.mesh || this.context.zone()?.shape.kind === 'mesh'),
  );
  protected readonly facings = (['all', 'up', 'vertical', 'down'] as const).map((value) => ({ value, label: FACING[value] }));
  protected readonly orientations = ORIENTATION_OPTIONS;
  protected readonly accesses = ACCESS_OPTIONS;
  protected readonly targets = TARGET_OPTIONS;
  protected readonly sides = SIDES_OPTIONS;
  protected readonly hulls = HULL_OPTIONS;
  protected readonly formula = FORMULA;
  protected readonly fields = shapeFields;
  protected readonly lengthOf = lengthOf;
  protected readonly layers = computed(() => layerNames(this.context.zone()));

  protected set<K extends keyof Zone>(key: K, value: Zone[K]): void {
    this.context.editZone(key, (zone) => ({ ...zone, [key]: value }));
  }

  /** A new kind of shape keeps the area when it becomes a plain entry. */
  protected setKind(kind: ShapeKind): void {
    const area = this.context.zonePlan()?.area ?? 0;
    if (kind === 'mesh') return this.setFacing('all');
    if (kind === 'photo') return this.measuring.set(true);
    this.set('shape', kind === 'entered' && area > 0 ? { kind, area: SquareMetres.parse(Number(area.toFixed(3))) } : startShape(kind));
  }

  /** The faces of the mesh that look one way; none of them: nothing to set. */
  protected setFacing(facing: Extract<Shape, { kind: 'mesh' }>['facing']): void {
    const mesh = this.context.part()?.mesh;
    if (!mesh) return;
    const area = facing === 'all' ? mesh.area : mesh.facing[facing];
    const { shape } = this.context.zone() ?? {};
    if (area > 0) this.set('shape', { kind: 'mesh', facing, area: m2(area), count: shape && 'count' in shape ? shape.count : 1 });
  }

  protected setLength(shape: Shape, key: string, value: number): void {
    this.context.editZone(`shape ${key}`, (zone) => ({ ...zone, shape: withLength(shape, key, value) }));
  }

  protected setTarget(kind: Target['kind']): void {
    const bottom = this.context.zone()?.stack[0];
    this.set('target', kind !== 'down-to' ? { kind } : bottom ? { kind, layer: bottom.id } : { kind: 'bare' });
  }
}
