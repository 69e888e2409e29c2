import { ChangeDetectionStrategy, Component, computed, inject, linkedSignal, signal } from '@angular/core';
import { diagnose, dwellSetting, firstLift, plainNumber, restart, SYMPTOMS, tryOn, type Symptom } from '@lift-bare/core';
import { NzInputModule } from 'ng-zorro-antd/input';
import { Units } from '../../ui/units.service';
import { dwellCase } from './dwell-case';
import { StripSubject, stripperOf } from './strip-subject';
import { planned, type Trial } from './trial';
import { TrialFields } from './trial-fields';

const LIKELY = 0.6;
const POSSIBLE = 0.3;

/** From what is seen to why, with this zone's own numbers, and what to change. */
@Component({
  selector: 'lb-trouble-view',
  imports: [NzInputModule, TrialFields],
  template: `
    <h2>What do you see?</h2>
    <div class="acts symptoms" role="radiogroup" aria-label="What do you see?">
      @for (one of symptoms; track one) { <button type="button" role="radio" class="btn" [class.quiet]="symptom() !== one" [attr.aria-checked]="symptom() === one" (click)="symptom.set(one)">{{ words[one] }}</button> }
    </div>
    <div class="field since" [class.bad]="elapsed() === null"><label for="since">Minutes since laid on</label>
      <input nz-input id="since" type="text" inputmode="decimal" [value]="text()" (input)="text.set($any($event.target).value)" />
      @if (elapsed() === null) { <span class="error" role="alert">needs a number of minutes, 0 to 10 000</span> }
    </div>
    @if (shown(); as one) {
      <h2>What was done</h2>
      <lb-trial-fields [trial]="trial()" [shown]="one" (changed)="trial.set($event)" />
    }
    @if (symptom() === 'crust') {
      <h2>First, whatever the cause</h2>
      <ol class="restart">@for (step of restart(); track step.title) { <li><b>{{ step.title }}</b><p>{{ units.text(step.detail) }}</p></li> }</ol>
    }
    @if (symptom() !== null && elapsed() !== null) {
      <h2>Why</h2>
      <ol aria-live="polite">
        @for (cause of causes(); track cause.cause) {
          <li><div class="head"><h3>{{ cause.cause }}</h3><span class="flag" [class.care]="cause.weight >= likely" [class.own]="cause.weight < likely">{{ cause.weight >= likely ? 'likely' : cause.weight >= possible ? 'possible' : 'less likely' }}</span></div>
            <p class="asks">{{ cause.asks }}</p><p>{{ units.text(cause.because) }}</p><p class="do"><b>Do:</b> {{ units.text(cause.change) }}</p></li>
        } @empty { <li>Nothing in this zone's numbers explains it. Make a test patch beside it and enter what you see.</li> }
      </ol>
      <p class="basis">Causes: common practice, no source. Their order is a model assumption that follows from stack, stripper, temperature, film and time of this zone.</p>
    } @else { <p class="soft">Pick what you see; the causes are weighed by this zone's stack, stripper, temperature and film.</p> }
  `,
  styleUrl: './trouble-view.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TroubleView {
  protected readonly subject = inject(StripSubject);
  protected readonly units = inject(Units);
  protected readonly words = SYMPTOMS;
  protected readonly symptoms = Object.keys(SYMPTOMS) as Symptom[];
  protected readonly likely = LIKELY;
  protected readonly possible = POSSIBLE;
  protected readonly symptom = signal<Symptom | null>(null);

  /** what was really laid on, and how: as planned until somebody says otherwise */
  protected readonly trial = linkedSignal<string, Trial>({
    source: () => this.subject.method()?.ref ?? '',
    computation: (method) => planned(method),
  });
  private readonly laid = computed(() => stripperOf(this.subject.context.catalogue().methods[this.trial().method]));
  protected readonly shown = computed(() => {
    const [facts, stripper] = [this.subject.facts(), this.laid()];
    return facts && stripper ? dwellCase(facts, stripper, this.trial().whatIf) : null;
  });
  private readonly facts = computed(() => {
    const facts = this.subject.facts();
    return facts && tryOn(facts, this.trial().whatIf);
  });
  private readonly setting = computed(() => {
    const [facts, stripper] = [this.facts(), this.laid()];
    return facts && stripper ? dwellSetting(facts, stripper) : null;
  });
  protected readonly restart = computed(() => {
    const facts = this.facts();
    return facts ? restart(facts) : [];
  });
  /** the late time of the first layer until it is typed */
  protected readonly text = linkedSignal<string | null, string>({
    source: () => this.subject.context.zoneId(),
    computation: () => {
      const setting = this.setting();
      return setting && setting.films.length > 0 ? String(Math.round(firstLift(setting).late)) : '30';
    },
  });
  protected readonly elapsed = computed(() => {
    const read = plainNumber(this.text());
    return read.ok && read.value !== null && read.value >= 0 && read.value <= 10_000 ? read.value : null;
  });
  protected readonly causes = computed(() => {
    const [facts, setting, symptom, elapsed] = [this.facts(), this.setting(), this.symptom(), this.elapsed()];
    return facts && setting && symptom !== null && elapsed !== null ? diagnose(facts, setting, symptom, elapsed) : [];
  });
}
