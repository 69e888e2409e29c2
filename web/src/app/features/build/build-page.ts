import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
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

/** Primer with its reasons, and every coat up to the finish. */
@Component({
  selector: 'lb-build-page',
  imports: [SectionPicture, FindingNote, NoZone, WhyButton, RouterLink],
  templateUrl: './build-page.html',
  styleUrls: ['../../ui/page.css', './build-page.css'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class BuildPage {
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
