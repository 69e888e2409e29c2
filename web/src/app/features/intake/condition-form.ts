import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { CATALOGUE, type Condition } from '@lift-bare/core';
import { NzSwitchModule } from 'ng-zorro-antd/switch';
import { JobContext } from '../../state/job-context';
import { ChoiceField } from '../../ui/choice-field';
import {
  CONTAMINATION_OPTIONS,
  CROSSCUT_OPTIONS,
  HISTORY_OPTIONS,
  HOLDS,
  LEAD_OPTIONS,
  LET_GO_OPTIONS,
  NOT_TESTED,
  RUST_OPTIONS,
  TESTED_OPTIONS,
} from '../../ui/words';

@Component({
  selector: 'lb-condition-form',
  imports: [ChoiceField, NzSwitchModule, FormsModule],
  template: `
    @if (context.zone()?.condition; as condition) {
      <div class="block"><h2>Condition</h2></div>
      <div class="form">
        <lb-choice label="Lead" [value]="condition.lead" [options]="lead" (changed)="set('lead', $event)" />
        <lb-choice label="Chromate" [value]="condition.chromate" [options]="tested" (changed)="set('chromate', $event)" />
        @if (asks().asbestos) { <lb-choice label="Asbestos" [value]="condition.asbestos" [options]="tested" (changed)="set('asbestos', $event)" /> }
        @if (asks().tar) { <lb-choice label="Coal tar" [value]="condition.tar" [options]="tested" (changed)="set('tar', $event)" /> }
        @if (asks().organotin) { <lb-choice label="Organotin" [value]="condition.organotin" [options]="tested" (changed)="set('organotin', $event)" /> }
        <lb-choice label="Crosscut, ISO 2409" [value]="condition.crosscut ?? untested" [options]="crosscut" (changed)="set('crosscut', $event === untested ? null : $event)" />
        <lb-choice label="Rust grade, ISO 8501-1" [value]="condition.rustGrade" [options]="rust" (changed)="set('rustGrade', $event)" />
        <div class="field"><label for="pitted">Pitted</label><span><nz-switch nzId="pitted" [ngModel]="condition.pitted" (ngModelChange)="set('pitted', $event)" nzCheckedChildren="yes" nzUnCheckedChildren="no" /></span></div>
        <div class="field"><label for="perforated">{{ holed() }}</label><span><nz-switch nzId="perforated" [ngModel]="condition.perforated" (ngModelChange)="set('perforated', $event)" nzCheckedChildren="yes" nzUnCheckedChildren="no" /></span></div>
        <lb-choice class="full" label="Soiled with" [value]="condition.contamination" [options]="contamination" [many]="true" placeholder="nothing" (changedMany)="set('contamination', $event)" />
        <lb-choice label="History" [value]="condition.history" [options]="histories" (changed)="set('history', $event)" />
        <lb-choice class="wide" label="Why the old coat let go" [value]="condition.letGo ?? holds" [options]="letGo" (changed)="set('letGo', $event === holds ? null : $any($event))" />
      </div>
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ConditionForm {
  protected readonly context = inject(JobContext);
  /** what a hole is called in this material */
  protected readonly holed = computed(() => {
    const part = this.context.part();
    return part && /composite|plastic|wood/.test(CATALOGUE.substrates[part.substrate].group) ? 'Cracked through' : 'Rusted through';
  });
  protected readonly lead = LEAD_OPTIONS;
  protected readonly tested = TESTED_OPTIONS;
  /** asked only where it may be in this zone */
  protected readonly asks = computed(() => {
    const facts = this.context.facts();
    const condition = this.context.zone()?.condition;
    return {
      asbestos: facts?.asbestos === true || (condition?.asbestos ?? 'not-tested') !== 'not-tested',
      tar: facts?.tar === true || (condition?.tar ?? 'not-tested') !== 'not-tested',
      organotin: facts?.organotin === true || (condition?.organotin ?? 'not-tested') !== 'not-tested',
    };
  });
  protected readonly crosscut = CROSSCUT_OPTIONS;
  protected readonly untested = NOT_TESTED;
  protected readonly rust = RUST_OPTIONS;
  protected readonly contamination = CONTAMINATION_OPTIONS;
  protected readonly histories = HISTORY_OPTIONS;
  protected readonly letGo = LET_GO_OPTIONS;
  protected readonly holds = HOLDS;

  protected set<K extends keyof Condition>(key: K, value: Condition[K]): void {
    this.context.editZone(`condition ${key}`, (zone) => ({ ...zone, condition: { ...zone.condition, [key]: value } }));
  }
}
