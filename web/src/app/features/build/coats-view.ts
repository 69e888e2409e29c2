import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import {
  CATALOGUE,
  coatById,
  coatByRef,
  formatNumber,
  Micrometres,
  type BuildPlan,
  type CoatPlan,
  type LaidWith,
  type ProductId,
} from '@lift-bare/core';
import { NzTableModule } from 'ng-zorro-antd/table';
import { JobContext } from '../../state/job-context';
import { ChoiceField } from '../../ui/choice-field';
import { QuantityField } from '../../ui/quantity-field';
import { SectionPicture, type DepthMark } from '../../ui/section/section-picture';
import { coatFilms, stackFilms } from '../../ui/section/stack-films';
import { TermHelp } from '../../ui/term';
import { Units } from '../../ui/units.service';
import { WhyButton } from '../../ui/why-button';
import { keptLayers } from './kept-layers';
import { reliefsOf } from './reliefs';

const TOOLS: readonly { value: LaidWith; label: string }[] = [
  { value: 'gun', label: 'spray gun' },
  { value: 'roller', label: 'roller' },
  { value: 'aerosol', label: 'spray cans' },
];

/** The films of a zone growing to scale on what they fill, each with its coats, and every primer with its reasons. */
@Component({
  selector: 'lb-coats-view',
  imports: [NzTableModule, SectionPicture, QuantityField, ChoiceField, WhyButton, TermHelp],
  templateUrl: './coats-view.html',
  styleUrl: './coats-view.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CoatsView {
  readonly build = input.required<BuildPlan>();
  private readonly context = inject(JobContext);
  protected readonly units = inject(Units);
  private readonly reliefs = computed(() => reliefsOf({ chosen: null, abrade: null, ...this.context.zonePlan(), build: this.build() }));
  protected readonly films = computed(() => [...stackFilms(keptLayers(this.context.zone())), ...coatFilms(this.build().coats, this.reliefs())]);
  protected readonly substrate = computed(() => {
    const part = this.context.part();
    return part ? CATALOGUE.substrates[part.substrate].name : '';
  });
  protected readonly finish = computed(() => {
    const id = this.context.part()?.finish ?? this.context.job()?.finish;
    return id ? CATALOGUE.finishes[id] : null;
  });
  /** Sanding of a laminate never goes below this. */
  protected readonly stopLine = computed((): DepthMark[] => {
    const substrate = this.context.facts()?.substrate;
    if (substrate?.group !== 'composite') return [];
    const depth = this.films().reduce((sum, { thickness }) => sum + thickness, 0);
    return [{ depth, label: substrate.id === 'carbon-epoxy' ? 'stop line: first fibre' : 'stop line: gelcoat' }];
  });
  protected readonly micrometres = Micrometres;
  /** dry film wanted of a product, µm, where it is not the usual one */
  protected readonly wanted = computed(() => this.context.zone()?.films ?? {});
  protected want(product: ProductId, film: number | null): void {
    this.context.editZone(`film ${product}`, ({ films, ...zone }) => ({
      ...zone,
      films: Object.fromEntries([...Object.entries(films).filter(([known]) => known !== product), ...(film === null ? [] : [[product, film]])]),
    }));
  }
  protected readonly tools = TOOLS;
  /** The usual tool of a product is not written down: it may change with the catalogue. */
  protected layWith(product: ProductId, tool: LaidWith): void {
    const usual = coatById(product, this.context.catalogue()).apply;
    this.context.editZone(`tool ${product}`, ({ laidWith, ...zone }) => ({
      ...zone,
      laidWith: Object.fromEntries([
        ...Object.entries(laidWith).filter(([known]) => known !== product),
        ...(tool === usual ? [] : [[product, tool]]),
      ]),
    }));
  }
  protected usualFilm({ base, product }: CoatPlan): string {
    const { coats, filmPerCoat } = coatByRef(product, this.context.catalogue()) ?? coatById(base, this.context.catalogue());
    return formatNumber(coats.value * filmPerCoat.value, 'film', this.units.system());
  }

  /** what the first film fills, in words */
  protected readonly lies = computed(() => {
    const first = this.build().coats[0];
    const under = first && this.reliefs().get(first.name);
    if (!under) return null;
    const depth = this.units.show(under.depth, 'film');
    return under.kind === 'blast'
      ? `Drawn to scale on the blast profile, Rz ${depth}: filling it takes ${this.units.show(first.filling, 'volume')} of ${this.units.inline(first.name)}; dry film counts from the peaks.`
      : `Drawn to scale on the scratches of the key, ${depth} deep.`;
  });
}
