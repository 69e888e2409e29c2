import { DatePipe } from '@angular/common';
import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { DEFECT_NAMES, foretold, learnPace, learnPaces, NO_EXPERIENCE, upperFirst, type OperationKind, type Tally } from '@lift-bare/core';
import { NzTableModule } from 'ng-zorro-antd/table';
import { catchError, of, switchMap, debounceTime, Subject, startWith } from 'rxjs';
import { BenchApi } from '../../api/bench-api';
import { RunApi, type BookHit } from '../../api/run-api';
import { ForetoldChart } from './foretold-chart';
import { HitText } from './hit-text';
import { ShopEditor } from './shop-editor';

/** ms after the last letter before the books are searched. */
const SETTLE = 300;
const LEAST = 2;

/** What the shop's own record says: how long steps take here, how well plans foretell, and what was said of any job. */
@Component({
  selector: 'lb-shop-record',
  imports: [NzTableModule, DatePipe, ForetoldChart, HitText],
  templateUrl: './shop-record.html',
  styleUrl: './shop-part.css',
  styles: `
    th, td { text-align: left; padding: 6px 16px 6px 0; border-bottom: 1px solid var(--line); vertical-align: top; }
    nz-table { display: block; overflow-x: auto; }
    .num { text-align: right; white-space: nowrap; }
    .aside { color: var(--soft); text-decoration: line-through; }
    input { font: inherit; color: var(--ink); background: var(--sheet); border: 1px solid var(--line-strong); border-radius: 4px; padding: 4px 8px; min-width: 220px; }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ShopRecord {
  protected readonly editor = inject(ShopEditor);
  private readonly bench = inject(BenchApi);
  private readonly api = inject(RunApi);
  private readonly asked = new Subject<string>();
  protected readonly why = signal<OperationKind | null>(null);

  private readonly experience = toSignal(this.bench.experience('').pipe(catchError(() => of(NO_EXPERIENCE))), { initialValue: NO_EXPERIENCE });
  private readonly records = computed(() => this.experience().paces);
  /** paint, by product */
  protected readonly paint = computed(() =>
    [...new Set(this.experience().uses.map(({ product }) => product))].map((product) => ({
      product,
      ...learnPace(this.experience().uses.filter((own) => own.product === product)),
    })),
  );
  protected readonly lines = computed(() =>
    [...learnPaces(this.records())]
      .map(([kind, pace]) => ({ kind, name: upperFirst(kind.replaceAll('-', ' ')), ...pace, aside: this.editor.shop().paceSetAside[kind] ?? null }))
      .sort((a, b) => b.records - a.records || a.name.localeCompare(b.name)),
  );
  protected readonly told = computed(() => foretold(this.records()));
  protected readonly hits = toSignal(
    this.asked.pipe(
      debounceTime(SETTLE),
      switchMap((text) =>
        text.trim().length < LEAST ? of(null) : this.api.search(text.trim()).pipe(catchError(() => of<readonly BookHit[] | null>(null))),
      ),
      startWith(null),
    ),
    { initialValue: null },
  );
  protected readonly found = computed(() => [...(this.hits() ?? [])]);

  protected readonly tally = toSignal(this.api.tally().pipe(catchError(() => of<readonly Tally[]>([]))), { initialValue: [] });
  protected readonly defects = DEFECT_NAMES;
  protected search = (text: string): void => this.asked.next(text);
  protected share = (value: number): string => `${Math.round(100 * value)} %`;

  protected setAside(kind: OperationKind, reason: string): void {
    if (reason.trim() === '') return;
    this.why.set(null);
    this.editor.set('paceSetAside', { ...this.editor.shop().paceSetAside, [kind]: reason.trim() });
  }

  protected takeBack(kind: OperationKind): void {
    this.editor.set('paceSetAside', Object.fromEntries(Object.entries(this.editor.shop().paceSetAside).filter(([key]) => key !== kind)));
  }
}
