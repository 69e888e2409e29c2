import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { adviseTarget, CATALOGUE, gatherFacts, sameTarget, type Target, type TargetAdvice } from '@lift-bare/core';
import { JobContext } from '../../state/job-context';
import { layerNames } from './layer-names';

/** Keep, down to a layer, or bare: what the tests and the stack speak for, and why. */
@Component({
  selector: 'lb-target-help',
  template: `
    @if (advice(); as found) {
      <div class="note" [class.prefer]="agrees(found)">
        <b>{{ agrees(found) ? 'The target fits: ' : 'The stack speaks for: ' }}{{ words(found.target) }}</b>
        <p>{{ found.reasons.join(' ') }}</p>
        <p class="basis">Looks at: {{ found.looksAt.join(', ') }}. What would change it: {{ found.change }} Common practice, no source.</p>
        @if (!agrees(found)) { <p><button type="button" class="btn quiet small" (click)="take(found.target)">Set this target</button></p> }
      </div>
    }
  `,
  styles: '.note { margin: 10px 0 20px; } .btn { margin-top: 8px; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TargetHelp {
  private readonly context = inject(JobContext);

  protected readonly advice = computed((): TargetAdvice | null => {
    const job = this.context.job();
    const part = this.context.part();
    const zone = this.context.zone();
    if (!job || !part || !zone) return null;
    const [facts] = gatherFacts({ ...job, parts: [{ ...part, zones: [zone] }] }, this.context.shop(), CATALOGUE);
    return facts ? adviseTarget(facts) : null;
  });

  protected agrees({ target }: TargetAdvice): boolean {
    const own = this.context.zone()?.target;
    return own !== undefined && sameTarget(own, target);
  }

  protected words(target: Target): string {
    if (target.kind === 'bare') return 'down to bare';
    if (target.kind === 'keep') return 'keep and key';
    const layer = layerNames(this.context.zone()).find(({ value }) => value === target.layer);
    return `down to ${layer?.label.toLowerCase() ?? 'a sound layer'}`;
  }

  protected take(target: Target): void {
    this.context.editZone('target', (zone) => ({ ...zone, target }));
  }
}
