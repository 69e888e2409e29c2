import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { RouterLink } from '@angular/router';
import { CATALOGUE, coatById, formatNumber, Micrometres, type CoatPlan, type FinishId, type ProductId } from '@lift-bare/core';
import { JobContext } from '../../state/job-context';
import { FindingNote } from '../../ui/finding-note';
import { FinishChoice } from '../../ui/finish-choice';
import { NoZone } from '../../ui/no-zone';
import { QuantityField } from '../../ui/quantity-field';
import { SectionPicture, type DepthMark } from '../../ui/section/section-picture';
import { coatFilms, stackFilms } from '../../ui/section/stack-films';
import { Units } from '../../ui/units.service';
import { WhyButton } from '../../ui/why-button';
import { ColoursView } from './colours-view';
import { keptLayers } from './kept-layers';
import { MaskingView } from './masking-view';
import { MixView } from './mix-view';
import { OwnStack } from './own-stack';
import { reliefsOf } from './reliefs';
import { SystemsView } from './systems-view';
import { WindowsView } from './windows-view';

const VIEWS = {
  plan: 'Plan',
  systems: 'Systems',
  stack: 'Own stack',
  colours: 'Two colours',
  mix: 'Mix',
  masking: 'Masking',
  windows: 'Windows',
} as const;
type View = keyof typeof VIEWS;

/** Primer with its reasons, and every coat up to the finish. */
@Component({
  selector: 'lb-build-page',
  imports: [
    SectionPicture,
    FindingNote,
    NoZone,
    WhyButton,
    RouterLink,
    SystemsView,
    OwnStack,
    ColoursView,
    QuantityField,
    FinishChoice,
    MixView,
    MaskingView,
    WindowsView,
  ],
  templateUrl: './build-page.html',
  styleUrls: ['../../ui/page.css', './build-page.css'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class BuildPage {
  /** from the address */
  readonly show = input<string>();
  protected readonly views = Object.entries(VIEWS) as [View, string][];
  protected readonly view = computed((): View => this.views.find(([view]) => view === this.show())?.[0] ?? 'plan');

  protected readonly context = inject(JobContext);
  protected readonly units = inject(Units);
  protected readonly build = computed(() => this.context.zonePlan()?.build ?? null);
  private readonly reliefs = computed(() => reliefsOf(this.context.zonePlan() ?? { chosen: null, abrade: null, build: null }));
  protected readonly films = computed(() => [
    ...stackFilms(keptLayers(this.context.zone())),
    ...coatFilms(this.build()?.coats ?? [], this.reliefs()),
  ]);
  protected readonly substrate = computed(() => {
    const part = this.context.part();
    return part ? CATALOGUE.substrates[part.substrate].name : '';
  });
  protected readonly finish = computed(() => {
    const id = this.context.part()?.finish ?? this.context.job()?.finish;
    return id ? CATALOGUE.finishes[id] : null;
  });
  protected readonly chosen = computed(() => this.build()?.primers.find(({ verdict }) => verdict === 'chosen') ?? null);
  protected readonly notes = computed(() => [
    ...(this.context.zonePlan()?.findings.filter(({ severity, path }) => severity === 'stop' && path.length > 0) ?? []),
    ...(this.chosen()?.findings ?? []),
    ...(this.build()?.findings.filter(({ severity }) => severity !== 'rule-out') ?? []),
  ]);

  /** Sanding of a laminate never goes below this. */
  protected readonly stopLine = computed((): DepthMark[] => {
    const substrate = this.context.facts()?.substrate;
    if (substrate?.group !== 'composite') return [];
    const depth = this.films().reduce((sum, { thickness }) => sum + thickness, 0);
    return [{ depth, label: substrate.id === 'carbon-epoxy' ? 'stop line: first fibre' : 'stop line: gelcoat' }];
  });
  protected setFinish = (finish: FinishId | null): void => this.context.editPart('finish', (part) => ({ ...part, finish }));
  protected readonly micrometres = Micrometres;
  /** dry film wanted of a product, µm, where it is not the usual one */
  protected readonly wanted = computed(() => this.context.zone()?.films ?? {});
  protected want(product: ProductId, film: number | null): void {
    this.context.editZone(`film ${product}`, ({ films, ...zone }) => ({
      ...zone,
      films: Object.fromEntries([...Object.entries(films).filter(([known]) => known !== product), ...(film === null ? [] : [[product, film]])]),
    }));
  }
  protected usualFilm({ base }: CoatPlan): string {
    const { coats, filmPerCoat } = coatById(base, this.context.catalogue());
    return formatNumber(coats.value * filmPerCoat.value, 'film', this.units.system());
  }

  /** what the first film fills, in words */
  protected readonly lies = computed(() => {
    const first = this.build()?.coats[0];
    const under = first && this.reliefs().get(first.name);
    if (!under) return null;
    const depth = this.units.show(under.depth, 'film');
    return under.kind === 'blast'
      ? `Drawn to scale on the blast profile, Rz ${depth}: filling it takes ${this.units.show(first.filling, 'volume')} of ${this.units.inline(first.name)}; dry film counts from the peaks.`
      : `Drawn to scale on the scratches of the key, ${depth} deep.`;
  });
}
