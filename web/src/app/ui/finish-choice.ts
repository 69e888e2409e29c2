import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { CATALOGUE, lowerFirst, type FinishId } from '@lift-bare/core';
import { ChoiceField, type ChoiceOption } from './choice-field';

const AS_JOB = 'as-job' as const;

/** The topcoat of a part: its own, or that of the job (null). */
@Component({
  selector: 'lb-finish-choice',
  imports: [ChoiceField],
  template: `<lb-choice label="Topcoat of this part" [value]="finish() ?? asJob" [options]="options()" (changed)="changed.emit($event === asJob ? null : $event)" />`,
  styles: ':host { display: block; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FinishChoice {
  readonly finish = input.required<FinishId | null>();
  /** what the job has */
  readonly job = input.required<FinishId | null>();
  readonly changed = output<FinishId | null>();
  protected readonly asJob: typeof AS_JOB = AS_JOB;
  protected readonly options = computed((): readonly ChoiceOption<FinishId | typeof AS_JOB>[] => {
    const job = this.job();
    return [
      { value: AS_JOB, label: `As the job: ${job ? lowerFirst(CATALOGUE.finishes[job].name) : 'not chosen'}` },
      ...Object.values(CATALOGUE.finishes).map(({ id, name }) => ({ value: id, label: name })),
    ];
  });
}
