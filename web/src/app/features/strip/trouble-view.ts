import { ChangeDetectionStrategy, Component, computed, inject, linkedSignal, signal } from '@angular/core';
import { diagnose, dwellSetting, firstLift, SYMPTOMS, type Symptom } from '@lift-bare/core';
import { Units } from '../../ui/units.service';
import { StripSubject } from './strip-subject';

const LIKELY = 0.6;
const POSSIBLE = 0.3;

/** From what is seen to why, with this zone's own numbers, and what to change. */
@Component({
  selector: 'lb-trouble-view',
  template: `
    <h2>What do you see?</h2>
    <div class="acts symptoms" role="radiogroup" aria-label="What do you see?">
      @for (one of symptoms; track one) { <button type="button" role="radio" class="btn" [class.quiet]="symptom() !== one" [attr.aria-checked]="symptom() === one" (click)="symptom.set(one)">{{ words[one] }}</button> }
    </div>
    <div class="field since" [class.bad]="elapsed() === null"><label for="since">Minutes since laid on</label>
      <input id="since" type="text" inputmode="decimal" [value]="text()" (input)="text.set($any($event.target).value)" />
      @if (elapsed() === null) { <span class="error" role="alert">needs a number of minutes, 0 to 10 000</span> }
    </div>
    @if (symptom() !== null && elapsed() !== null) {
      <ol aria-live="polite">
        @for (cause of causes(); track cause.cause) {
          <li><div class="head"><h3>{{ cause.cause }}</h3><span class="flag" [class.care]="cause.weight >= likely" [class.own]="cause.weight < likely">{{ cause.weight >= likely ? 'likely' : cause.weight >= possible ? 'possible' : 'less likely' }}</span></div>
            <p>{{ units.text(cause.because) }}</p><p class="do"><b>Do:</b> {{ units.text(cause.change) }}</p></li>
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

  private readonly setting = computed(() => {
    const [facts, stripper] = [this.subject.facts(), this.subject.stripper()];
    return facts && stripper ? dwellSetting(facts, stripper) : null;
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
    const value = Number(this.text().replace(',', '.'));
    return this.text().trim() !== '' && value >= 0 && value <= 10_000 ? value : null;
  });
  protected readonly causes = computed(() => {
    const [facts, setting, symptom, elapsed] = [this.subject.facts(), this.setting(), this.symptom(), this.elapsed()];
    return facts && setting && symptom !== null && elapsed !== null ? diagnose(facts, setting, symptom, elapsed) : [];
  });
}
