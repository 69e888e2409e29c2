import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { RouterLink } from '@angular/router';
import { JobContext } from '../../state/job-context';
import { FindingNote } from '../../ui/finding-note';
import { NoZone } from '../../ui/no-zone';
import { Units } from '../../ui/units.service';
import { SchoolLink } from '../../ui/school-link';
import { WhyButton } from '../../ui/why-button';
import { AbradeView } from './abrade/abrade-view';
import { FillerView } from './abrade/filler-view';
import { BlastView } from './blast/blast-view';
import { SendOutView } from './send-out/send-out-view';
import { StripSubject } from './strip-subject';
import { StripperReasons } from './stripper-reasons';
import { StripperView } from './stripper-view';

const WAYS = { stripper: 'Stripper', abrade: 'Abrasive', blast: 'Blast', filler: 'Filler', 'send-out': 'Sent out' } as const;
type Way = keyof typeof WAYS;

const WAY_OF = { chem: 'stripper', mech: 'abrade', keep: 'abrade', blast: 'blast', heat: 'stripper' } as const satisfies Record<string, Way>;

/** How a zone is stripped: by stripper, by abrasive or by blast, what is filled, and what of the job is sent out. */
@Component({
  selector: 'lb-strip-page',
  imports: [FindingNote, NoZone, RouterLink, WhyButton, StripperView, StripperReasons, AbradeView, BlastView, FillerView, SendOutView, SchoolLink],
  templateUrl: './strip-page.html',
  styleUrls: ['../../ui/page.css', './strip-page.css'],
  providers: [StripSubject],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class StripPage {
  /** from the address: a way, or one of the views of a stripper */
  readonly show = input<string>();

  protected readonly context = inject(JobContext);
  protected readonly units = inject(Units);
  protected readonly ways = Object.entries(WAYS) as [Way, string][];
  protected readonly chosen = inject(StripSubject).chosen;
  /** the way that is planned on this zone */
  protected readonly planned = computed((): Way | null => {
    const chosen = this.chosen();
    return chosen && WAY_OF[chosen.family];
  });
  /** what the address asks for; a view of a stripper means the stripper, nothing means the way that is planned */
  protected readonly way = computed((): Way => {
    const show = this.show();
    if (show === undefined) return this.planned() ?? 'stripper';
    return this.ways.find(([way]) => way === show)?.[0] ?? 'stripper';
  });
  protected readonly cautions = computed(() => this.chosen()?.findings.filter(({ severity }) => severity !== 'prefer') ?? []);
}
