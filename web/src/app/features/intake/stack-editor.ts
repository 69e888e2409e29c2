import { CdkDrag, CdkDragHandle, CdkDropList, type CdkDragDrop } from '@angular/cdk/drag-drop';
import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { CATALOGUE, Micrometres, newLayer, type CoatingId, type Layer } from '@lift-bare/core';
import { moveLayer, removeLayer, updateLayer } from '../../state/document-edits';
import { JobContext } from '../../state/job-context';
import { newId } from '../../state/new-id';
import { ChoiceField, type ChoiceOption } from '../../ui/choice-field';
import { QuantityField } from '../../ui/quantity-field';
import { TextField } from '../../ui/text-field';
import { coatingColour } from '../../ui/section/film-colours';
import { stackFilms } from '../../ui/section/stack-films';
import { SectionPicture, type FilmDrag } from '../../ui/section/section-picture';
import { Narrow } from '../../ui/narrow.service';
import { Units } from '../../ui/units.service';
import { LAYER_STATE_OPTIONS, ORIGINS } from '../../ui/words';

const COATING_OPTIONS: readonly ChoiceOption<CoatingId>[] = Object.values(CATALOGUE.coatings).map(({ id, name }) => ({ value: id, label: name }));

/** The coating stack: drawn to scale with edges to drag, and as a table to type in. */
@Component({
  selector: 'lb-stack-editor',
  imports: [CdkDrag, CdkDragHandle, CdkDropList, SectionPicture, QuantityField, ChoiceField, TextField],
  templateUrl: './stack-editor.html',
  styleUrl: './stack-editor.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class StackEditor {
  protected readonly context = inject(JobContext);
  protected readonly units = inject(Units);
  protected readonly narrow = inject(Narrow).is;
  protected readonly micrometres = Micrometres;
  protected readonly coatings = COATING_OPTIONS;
  protected readonly states = LAYER_STATE_OPTIONS;
  protected readonly colour = coatingColour;
  protected readonly origins = ORIGINS;

  protected readonly films = computed(() => stackFilms(this.context.zone()?.stack ?? []));
  protected readonly topDown = computed(() => [...(this.context.zone()?.stack ?? [])].reverse());
  protected readonly total = computed(() => this.topDown().reduce((sum, { thickness }) => sum + thickness, 0));
  protected readonly substrate = computed(() => {
    const part = this.context.part();
    return part ? `${CATALOGUE.substrates[part.substrate].name}, ${this.units.show(part.thickness, 'gauge')}` : '';
  });

  /** a layer as it is told apart from others: what it is and where in the stack, counted from the substrate */
  protected named(layer: Layer): string {
    const at = this.topDown().length - this.topDown().indexOf(layer);
    return `layer ${at}, ${this.units.inline(CATALOGUE.coatings[layer.coating].name)}`;
  }

  protected set<K extends keyof Layer>(id: string, key: K, value: Layer[K]): void {
    this.context.editZone(`layer ${id} ${key}`, (zone) => updateLayer(zone, id, (layer) => ({ ...layer, [key]: value })));
  }

  /** Unknown, factory, refinish, and round again. */
  protected nextOrigin({ id, origin }: Layer): void {
    const order = ['unknown', 'factory', 'refinish'] as const;
    this.set(id, 'origin', order[(order.indexOf(origin) + 1) % order.length] ?? 'unknown');
  }

  protected dragged({ id, thickness }: FilmDrag): void {
    this.set(id, 'thickness', Micrometres.parse(thickness));
  }

  protected add(coating: CoatingId): void {
    const layer = newLayer(coating, newId);
    this.context.editZone(`add ${layer.id}`, (zone) => ({ ...zone, stack: [...zone.stack, layer] }));
  }

  protected remove(id: string): void {
    this.context.editZone(`remove ${id}`, (zone) => removeLayer(zone, id));
  }

  /** Rows stand from the top down, the stack from the substrate up. */
  protected dropped({ previousIndex, currentIndex, item }: CdkDragDrop<unknown, unknown, string>): void {
    this.move(item.data, previousIndex - currentIndex);
  }

  protected move(id: string, by: number): void {
    this.context.editZone(`move ${id}`, (zone) => moveLayer(zone, id, by));
  }
}
