import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { RouterLink } from '@angular/router';
import { CATALOGUE } from '@lift-bare/core';
import { JobContext } from '../../state/job-context';
import { FindingNote } from '../../ui/finding-note';
import { NoZone } from '../../ui/no-zone';
import { SectionPicture } from '../../ui/section/section-picture';
import { coatFilms, stackFilms } from '../../ui/section/stack-films';
import { Units } from '../../ui/units.service';
import { WhyButton } from '../../ui/why-button';
import { keptLayers } from './kept-layers';
import { MaskingView } from './masking-view';
import { MixView } from './mix-view';
import { OwnStack } from './own-stack';
import { SystemsView } from './systems-view';
import { WindowsView } from './windows-view';

const VIEWS = { plan: 'Plan', systems: 'Systems', stack: 'Own stack', mix: 'Mix', masking: 'Masking', windows: 'Windows' } as const;
type View = keyof typeof VIEWS;

/** Primer with its reasons, and every coat up to the finish. */
@Component({
  selector: 'lb-build-page',
  imports: [SectionPicture, FindingNote, NoZone, WhyButton, RouterLink, SystemsView, OwnStack, MixView, MaskingView, WindowsView],
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
  protected readonly films = computed(() => [...stackFilms(keptLayers(this.context.zone())), ...coatFilms(this.build()?.coats ?? [])]);
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
}
