import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { RouterLink } from '@angular/router';
import { SchoolLink } from '../../ui/school-link';
import { StripSubject } from './strip-subject';

/** Why the minutes of a stripper are what they are, and how sure. */
@Component({
  selector: 'lb-stripper-reasons',
  imports: [RouterLink, SchoolLink],
  template: `
    @if (subject.plan(); as plan) {
      <h2>How sure is this</h2>
      <p>{{ plan.patches + plan.earlier === 0 ? 'From the table alone. A test patch narrows it more than anything else.' : sure(plan.patches, plan.earlier) }} <a class="link" [routerLink]="[]" [queryParams]="{ show: 'patches' }" queryParamsHandling="merge">{{ plan.patches === 0 ? 'Add a test patch' : 'See them' }}</a></p>
      <h2>Why these minutes</h2>
      <p>A softening front eats its way down: slower the more softened paint lies above it. Scraping takes that away, so short rounds beat one long dwell on a thick stack. The scrapes are put where hands, stripper and waiting together cost least.</p>
      <p class="basis">Linear-parabolic law, form of Deal and Grove 1965. Table times and spread are model assumptions; a test patch on this job is worth more. It moves with: layer thickness and type, state of the top, temperature, film left on the face, indoors or out.</p>
      <h2>Between rounds</h2>
      <p>{{ plan.between === 'rinse-and-dry' ? 'Scrape, rinse, dry, start afresh: residue and water weaken the next round.' : 'Scrape and lay on again straight away; rinse after the last round.' }}</p>
      <p class="basis">By chemistry of the stripper and <lb-school id="S5" />; common practice, no source.</p>
    }
  `,
  styles: 'h2 { margin: 18px 0 8px; } h2:first-child { margin-top: 0; } p { margin: 0 0 9px; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class StripperReasons {
  protected readonly subject = inject(StripSubject);

  protected sure(patches: number, earlier: number): string {
    const here = patches > 0 ? `${patches} ${patches === 1 ? 'dwell' : 'dwells'} watched on this job` : '';
    const before = earlier > 0 ? `${earlier} of earlier jobs, softened` : '';
    return `It rests on ${[here, before].filter((text) => text !== '').join(' and ')}.`;
  }
}
