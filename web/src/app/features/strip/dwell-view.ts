import { ChangeDetectionStrategy, Component, computed, effect, inject, linkedSignal, signal, untracked } from '@angular/core';
import { momentAt, type Forecast } from '@lift-bare/core';
import { forkJoin, last, map, of, type Observable } from 'rxjs';
import { NzTableModule } from 'ng-zorro-antd/table';
import { SectionPicture } from '../../ui/section/section-picture';
import { stackFilms } from '../../ui/section/stack-films';
import { Units } from '../../ui/units.service';
import { dwellCase, type DwellCase } from './dwell-case';
import { Forecasts } from './forecasts';
import { FrontChart } from './front-chart';
import { frontCurve } from './front-curve';
import { liftRows } from './lift-rows';
import { StripSubject, stripperOf } from './strip-subject';
import { adoptTrial, planned, sayCase, type Trial } from './trial';
import { TrialFields } from './trial-fields';

/** ms of quiet before the worker draws a changed setting. */
const QUIET = 120;

/** The front going down through the stack, for the plan and for one other setting beside it. */
@Component({
  selector: 'lb-dwell-view',
  imports: [NzTableModule, SectionPicture, FrontChart, TrialFields],
  templateUrl: './dwell-view.html',
  styleUrl: './dwell-view.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class DwellView {
  protected readonly subject = inject(StripSubject);
  protected readonly units = inject(Units);
  private readonly forecasts = inject(Forecasts);

  /** first the plan or what it was changed to, then the other setting; starts over with another zone or way */
  protected readonly trials = linkedSignal<string | null, readonly Trial[]>({
    source: () => (this.subject.stripper() ? `${this.subject.context.zoneId()} ${this.subject.method()?.ref}` : null),
    computation: () => [planned(this.subject.method()?.ref ?? '')],
  });
  protected readonly cases = computed(() => this.trials().flatMap((trial) => this.caseOf(trial) ?? []));
  /** a stripper that was asked for and softens none of these layers */
  protected readonly useless = signal<string | null>(null);
  protected readonly bands = signal<readonly (Forecast | null)[]>([]);
  protected readonly drawing = signal(false);

  protected readonly until = computed(() => Math.max(1, ...this.cases().map(({ until }) => until)));
  protected readonly share = signal(0.4);
  protected readonly at = computed(() => this.share() * this.until());
  protected readonly curves = computed(() => this.cases().map((one, i) => frontCurve(one, this.until(), this.bands()[i] ?? null)));
  protected readonly films = computed(() => stackFilms(this.subject.context.zone()?.stack ?? []));
  protected readonly faces = computed(() => {
    let depth = 0;
    return (this.cases()[0]?.setting.off ?? []).map(({ layer, coating }) => ({ depth: (depth += layer.thickness), name: coating.name }));
  });
  protected readonly moments = computed(() => this.cases().map(({ setting }) => momentAt(setting, this.at())));
  protected readonly marks = computed(() =>
    this.moments().map(({ depth }, i) => ({
      depth,
      label: `${this.cases().length > 1 ? 'AB'[i] + ' at ' : 'front at '}${this.units.minutes(this.at())}`,
    })),
  );
  protected readonly rows = computed(() => liftRows(this.cases(), this.bands()));
  protected readonly names = computed(() => this.cases().map((one) => sayCase(one, this.units.show)));
  protected readonly says = computed(
    () =>
      `Depth of the softening front over ${this.units.minutes(this.until())}. ` +
      this.rows()
        .map(({ name, cells }) => `${name}: ${cells.map(({ likely }) => this.time(likely)).join(', ')}`)
        .join('; '),
  );

  constructor() {
    effect((onCleanup) => {
      const cases = this.cases();
      const until = this.until();
      const timer = setTimeout(() => {
        const drawn = this.draw(cases, until).subscribe((bands) => {
          this.bands.set(bands);
          this.drawing.set(false);
        });
        onCleanup(() => drawn.unsubscribe());
      }, QUIET);
      onCleanup(() => clearTimeout(timer));
      untracked(() => {
        this.bands.set([]);
        this.drawing.set(cases.length > 0);
      });
    });
  }

  protected time = (minutes: number): string => (Number.isFinite(minutes) ? this.units.minutes(minutes) : 'dries first');
  protected percent = (share: number): string => (share > 0 && share < 0.005 ? 'under 1 %' : `${Math.round(100 * share)} %`);
  protected rounds = (band: Forecast | null | undefined): string =>
    band ? band.rounds.flatMap((share, i) => (share >= 0.05 ? [`${i + 1} (${this.percent(share)})`] : [])).join(', ') : '…';

  protected change(i: number, trial: Trial): void {
    const name = this.subject.context.catalogue().methods[trial.method]?.name ?? '';
    this.useless.set(this.caseOf(trial) === null ? name : null);
    if (this.useless() === null) this.trials.update((trials) => trials.map((old, k) => (k === i ? trial : old)));
  }
  protected addOther(): void {
    this.trials.update(([first]) => (first ? [first, first] : []));
  }
  protected drop(i: number): void {
    this.trials.update((trials) => (trials.length > 1 ? trials.filter((_, k) => k !== i) : [planned(this.subject.method()?.ref ?? '')]));
  }
  protected adopt(trial: Trial): void {
    this.subject.context.editZone('lay-on', (zone) => adoptTrial(zone, trial));
    this.trials.set([planned(trial.method)]);
  }
  protected differs = ({ method, whatIf }: Trial): boolean =>
    method !== this.subject.method()?.ref || whatIf.lay !== undefined || whatIf.orientation !== undefined;

  private caseOf({ method, whatIf }: Trial): DwellCase | null {
    const facts = this.subject.facts();
    const stripper = stripperOf(this.subject.context.catalogue().methods[method]);
    return facts && stripper ? dwellCase(facts, stripper, whatIf) : null;
  }

  private draw(cases: readonly DwellCase[], until: number): Observable<readonly (Forecast | null)[]> {
    if (cases.length === 0) return of([]);
    return forkJoin(
      cases.map((one) =>
        this.forecasts.of(one, until).pipe(
          last(),
          map((report) => (report.kind === 'done' ? report.value : null)),
        ),
      ),
    );
  }
}
