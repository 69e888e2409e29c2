import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { MASKS, planMasking, type BuildPlan, type MaskingPlan } from '@lift-bare/core';
import { NzTableModule } from 'ng-zorro-antd/table';
import { JobContext } from '../../state/job-context';
import { Units } from '../../ui/units.service';

const WORK: Readonly<Record<MaskingPlan['items'][number]['work'], string>> = { strip: 'Method', paint: 'Coats' };

/** What is covered on the zone, with what outlasts the work, when it comes off, and where the mist goes. */
@Component({
  selector: 'lb-masking-view',
  imports: [NzTableModule],
  template: `
    @if (masking(); as plan) {
      <dl class="figures">
        <div><dt>Misses the part</dt><dd>{{ units.show(plan.stray, 'volume') }}</dd></div>
        <div><dt>Sheet to catch it</dt><dd>{{ units.show(plan.sheet, 'area') }}</dd></div>
        @if (plan.pull; as pull) { <div><dt>Pull the tape</dt><dd>{{ pull.from === 0 ? 'at once' : units.minutes(pull.from) }} to {{ units.minutes(pull.until) }}</dd></div> }
      </dl>
      @if (plan.pull; as pull) { <p>After the last pass of {{ units.inline(pull.after) }}. {{ pull.why }}</p> }
      <nz-table nzTemplateMode>
        <thead><tr><th>For</th><th>What is covered</th><th>With</th><th class="num">Needs</th><th>Comes off</th></tr></thead>
        <tbody>
          @for (item of plan.items; track item.work + item.what) {
            <tr><td>{{ work[item.work] }}</td><td><b>{{ item.what }}</b><div class="small soft">{{ item.why }}</div></td><td>{{ masks[item.mask].name }}</td><td class="num">{{ masks[item.mask].unit === 'm' ? units.show(roundUp(item.quantity), 'length') : item.quantity + ' pieces' }}</td><td>{{ item.off }}</td></tr>
          } @empty { <tr><td colspan="5">Nothing on this part has to be covered: no seams, glass, threads or bearing seats are entered, and nothing is painted up to. <span class="soft">Enter features of the part in Intake.</span></td></tr> }
        </tbody>
      </nz-table>
      @if (!indoors()) { <p class="note care"><b>Outdoors</b>The mist travels: no wind towards vehicles, people or water. Two-pack mist stays wet and sticks where it lands.</p> }
      <p class="basis">What outlasts what: common practice, no source; foil dissolves in caustic and acid: textbook chemistry. Reach of the mist and layers of tape: model assumption. Mist: share that lands on the part by tool and shape.</p>
    }
  `,
  styles: '.note, .basis { margin: 12px 0; } td:first-child { white-space: nowrap; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class MaskingView {
  readonly build = input.required<BuildPlan>();
  private readonly context = inject(JobContext);
  protected readonly units = inject(Units);
  protected readonly work = WORK;
  protected readonly masks = MASKS;
  protected readonly roundUp = Math.ceil;
  protected readonly indoors = computed(() => this.context.job()?.place.indoors ?? true);
  protected readonly masking = computed(() => {
    const facts = this.context.facts();
    return facts && planMasking(facts, this.context.method(), this.build());
  });
}
