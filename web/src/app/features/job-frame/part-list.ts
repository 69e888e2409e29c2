import { CdkDrag, CdkDragHandle, CdkDropList, type CdkDragDrop } from '@angular/cdk/drag-drop';
import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { RouterLink } from '@angular/router';
import { CATALOGUE, type Part, type ZonePlan } from '@lift-bare/core';
import { JobContext } from '../../state/job-context';
import { movePart } from '../../state/document-edits';
import { drawnOf } from '../../ui/drawn';
import { IntoView } from '../../ui/into-view';
import { Narrow } from '../../ui/narrow.service';
import { ACCESS } from '../../ui/words';
import { Units } from '../../ui/units.service';
import { coatingColour } from '../../ui/section/film-colours';

interface Flag {
  readonly look: 'stop' | 'ask' | 'own' | 'ok';
  readonly word: string;
}

/** Parts with their zones as small sections, each with its state in a word. */
@Component({
  selector: 'lb-part-list',
  imports: [CdkDrag, CdkDragHandle, CdkDropList, RouterLink, IntoView],
  templateUrl: './part-list.html',
  styleUrl: './part-list.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PartList {
  protected readonly context = inject(JobContext);
  protected readonly units = inject(Units);
  protected readonly access = ACCESS;
  protected readonly narrow = inject(Narrow).is;

  protected readonly parts = computed(() => {
    const plans = new Map(this.context.plan()?.zones.map((plan) => [plan.zone, plan]));
    return (this.context.job()?.parts ?? []).map((part) => ({
      part,
      substrate: CATALOGUE.substrates[part.substrate].name,
      zones: part.zones.map((zone) => ({ zone, area: plans.get(zone.id)?.area ?? null, bars: bars(zone.stack), flag: flagOf(plans.get(zone.id)) })),
    }));
  });

  protected readonly drawn = drawnOf(() => this.parts().length, 12);

  protected dropped({ previousIndex, currentIndex, item }: CdkDragDrop<unknown, unknown, string>): void {
    this.context.edit('move part', (job) => movePart(job, item.data, currentIndex - previousIndex));
  }
}

/** null: not planned yet */
function flagOf(plan: ZonePlan | undefined): Flag | null {
  if (!plan) return null;
  const has = (severity: string) => plan.findings.some((finding) => finding.severity === severity);
  if (has('stop')) return { look: 'stop', word: 'stop' };
  if (has('question')) return { look: 'ask', word: 'open' };
  if (plan.overridden) return { look: 'own', word: 'own' };
  return { look: 'ok', word: 'set' };
}

/** The stack from the top down as bars of a 26 px high icon. */
function bars(stack: Part['zones'][number]['stack']): { colour: string; height: number }[] {
  const total = stack.reduce((sum, { thickness }) => sum + thickness, 0);
  return [...stack].reverse().map(({ coating, thickness }) => ({ colour: coatingColour(coating), height: (18 * thickness) / Math.max(total, 1) }));
}
