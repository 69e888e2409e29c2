import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { RouterLink } from '@angular/router';
import { CATALOGUE } from '@lift-bare/core';
import { JobContext } from '../../state/job-context';
import { FindingNote } from '../../ui/finding-note';
import { NoZone } from '../../ui/no-zone';
import { SectionPicture } from '../../ui/section/section-picture';
import { stackFilms } from '../../ui/section/stack-films';
import { Units } from '../../ui/units.service';
import { RoundBars } from './round-bars';
import { roundMarks } from './round-marks';

/** The chosen stripper on this stack: dwell, rounds, litres, what to do between rounds. */
@Component({
  selector: 'lb-strip-page',
  imports: [SectionPicture, RoundBars, FindingNote, NoZone, RouterLink],
  templateUrl: './strip-page.html',
  styleUrls: ['../../ui/page.css', './strip-page.css'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class StripPage {
  protected readonly context = inject(JobContext);
  protected readonly units = inject(Units);

  protected readonly chosen = computed(() => this.context.zonePlan()?.chosen ?? null);
  protected readonly strip = computed(() => this.chosen()?.strip ?? null);
  protected readonly method = computed(() => {
    const chosen = this.chosen();
    return (chosen && this.context.catalogue().methods[chosen.method]) ?? null;
  });
  protected readonly stripper = computed(() => {
    const method = this.method();
    return method?.family === 'chem' ? method.stripper : null;
  });
  protected readonly films = computed(() => stackFilms(this.context.zone()?.stack ?? []));
  protected readonly marks = computed(() => roundMarks(this.strip()?.rounds ?? []));
  protected readonly substrate = computed(() => {
    const part = this.context.part();
    return part ? CATALOGUE.substrates[part.substrate].name : '';
  });
  protected readonly cautions = computed(() => this.chosen()?.findings.filter(({ severity }) => severity !== 'prefer') ?? []);
  protected readonly supply = computed(() => this.context.plan()?.kit.find(({ id }) => id === this.chosen()?.method) ?? null);
}
