import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { meansText, sayLag, whyHere, WORN, type Operation } from '@lift-bare/core';
import { LeaveOut } from './leave-out';
import { Units } from './units.service';

/** One operation as it is read before it is done: what, with what, what to wear, how long, when, and why here. */
@Component({
  selector: 'lb-operation',
  imports: [LeaveOut],
  templateUrl: './operation-line.html',
  styleUrl: './operation-line.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class OperationLine {
  readonly operation = input.required<Operation>();
  /** the whole sequence, to name the neighbours */
  readonly among = input.required<readonly Operation[]>();
  /** only this zone's share of it, without the places */
  readonly zone = input<string | null>(null);
  protected readonly units = inject(Units);
  protected readonly means = meansText;
  protected readonly hands = computed(() => {
    const zone = this.zone();
    const { faces, hand } = this.operation();
    return zone === null ? hand : faces.reduce((sum, face) => (face.zone === zone ? sum + face.hand : sum), 0);
  });
  protected readonly together = computed(() => {
    const zone = this.zone();
    const others = this.operation().faces.filter((face) => face.zone !== zone);
    return zone === null || others.length === 0 ? '' : [...new Set(others.map(({ name }) => name))].join('; ');
  });
  protected readonly side = computed(() =>
    this.zone() === null ? null : (this.operation().faces.find(({ zone }) => zone === this.zone())?.side ?? null),
  );
  /** what is worn, and what is had or kept away around the work */
  protected readonly guards = computed(() => {
    const { protection } = this.operation();
    const worn = protection.filter(({ guard }) => WORN.includes(guard));
    const around = protection.filter(({ guard }) => !WORN.includes(guard));
    return [
      { label: 'Wear', all: worn },
      { label: 'Around it', all: around },
    ].filter(({ all }) => all.length > 0);
  });
  protected readonly spans = computed(() => [...new Set(this.operation().lags.map((lag) => sayLag(lag, this.among())))]);
  /** whether it is told why the step stands here */
  protected readonly asked = signal(false);
  protected readonly why = computed(() => (this.asked() ? whyHere(this.operation(), this.among()) : null));
}
