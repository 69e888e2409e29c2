import { ChangeDetectionStrategy, Component, computed, inject, linkedSignal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { checkAbrade, GRITS, planAbrade, type GritTrial } from '@lift-bare/core';
import { NzTableModule } from 'ng-zorro-antd/table';
import { ChoiceField, type ChoiceOption } from '../../../ui/choice-field';
import { FindingNote } from '../../../ui/finding-note';
import { Units } from '../../../ui/units.service';
import { StripSubject } from '../strip-subject';
import { LadderPicture } from './ladder-picture';

const PLANNED = 'planned' as const;
type GritChoice = NonNullable<GritTrial['from']> | typeof PLANNED;

/** The sanding of this zone: papers from removal to key, with crossings, time and discs, and what limits it. */
@Component({
  selector: 'lb-abrade-view',
  imports: [NzTableModule, ChoiceField, FindingNote, LadderPicture, RouterLink],
  templateUrl: './abrade-view.html',
  styleUrl: './abrade-view.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class AbradeView {
  protected readonly subject = inject(StripSubject);
  protected readonly units = inject(Units);
  private readonly nothing: GritTrial = { from: null, to: null };
  /** starts over with another zone or way */
  protected readonly trial = linkedSignal<string, GritTrial>({
    source: () => `${this.subject.context.zoneId()} ${this.subject.method()?.ref}`,
    computation: () => this.nothing,
  });
  protected readonly start = computed((): GritChoice => this.trial().from ?? PLANNED);
  protected readonly end = computed((): GritChoice => this.trial().to ?? PLANNED);
  protected readonly tried = computed(() => this.trial().from !== null || this.trial().to !== null);
  protected readonly plan = computed(() => {
    const [facts, zone] = [this.subject.facts(), this.subject.context.zonePlan()];
    if (!facts || !zone) return null;
    return this.tried() ? planAbrade(facts, this.subject.method(), zone.chosen?.pieces[0]?.hand ?? 0, zone.build, this.trial()) : zone.abrade;
  });
  protected readonly findings = computed(() => {
    const [facts, plan] = [this.subject.facts(), this.plan()];
    return facts && plan ? checkAbrade(facts, plan) : [];
  });
  protected readonly hand = computed(() => (this.plan()?.steps ?? []).reduce((sum, step) => sum + step.hand, 0));
  protected readonly sheets = computed(() => (this.plan()?.steps ?? []).reduce((sum, step) => sum + step.sheets, 0));
  protected readonly papers = computed((): ChoiceOption<GritChoice>[] => [
    { value: PLANNED, label: 'as planned' },
    ...GRITS.filter((grit) => this.subject.context.shop().papers.includes(grit)).map((value) => ({ value, label: value })),
  ]);

  protected try = (end: keyof GritTrial, value: GritChoice): void =>
    this.trial.update((trial) => ({ ...trial, [end]: value === PLANNED ? null : value }));
}
