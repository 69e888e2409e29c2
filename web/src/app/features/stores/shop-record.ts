import { DatePipe } from '@angular/common';
import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import {
  DEFECT_NAMES,
  foretold,
  groupBy,
  learnPace,
  lowerFirst,
  NO_EXPERIENCE,
  pacesByManner,
  upperFirst,
  useKey,
  type OperationKind,
  type PaceRecord,
  type Tally,
} from '@lift-bare/core';
import { NzTableModule } from 'ng-zorro-antd/table';
import { catchError, of, switchMap, debounceTime, Subject, startWith } from 'rxjs';
import { NzInputModule } from 'ng-zorro-antd/input';
import { BenchApi } from '../../api/bench-api';
import { RunApi, type BookHit } from '../../api/run-api';
import { ACCESS } from '../../ui/words';
import { ForetoldChart } from './foretold-chart';
import { HitText } from './hit-text';
import { SetAside } from './set-aside';
import { ShopEditor } from './shop-editor';

/** ms after the last letter before the books are searched. */
const SETTLE = 300;
const LEAST = 2;
const MONTH = 30 * 24 * 3_600_000;
const OF = { paint: 'paint', kit: 'used up', waste: 'waste', drying: 'drying' } as const;

/** What the shop's own record says: how long steps take here, how well plans foretell, and what was said of any job. */
@Component({
  selector: 'lb-shop-record',
  imports: [NzInputModule, NzTableModule, DatePipe, ForetoldChart, HitText, SetAside],
  templateUrl: './shop-record.html',
  styleUrl: './shop-part.css',
  styles: `
    .num { text-align: right; white-space: nowrap; }
    .small { white-space: nowrap; }
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

  private readonly experience = toSignal(this.bench.experience('').pipe(catchError(() => of(NO_EXPERIENCE))), { initialValue: NO_EXPERIENCE });
  private readonly records = computed(() => this.experience().paces);
  /** paint, kit and waste by what it is */
  protected readonly uses = computed(() =>
    [...groupBy(this.experience().uses, useKey)].map(([key, own]) => ({
      key,
      aside: this.editor.shop().useSetAside[key] ?? null,
      of: OF[own[0]?.of ?? 'paint'],
      product: own[0]?.product ?? '',
      ...learnPace(own),
    })),
  );
  /** what was held a month ago, by the same key */
  private readonly before = computed(() => {
    const then = new Date(Date.now() - MONTH).toISOString();
    return new Map(pacesByManner(this.records().filter(({ at }) => at < then)).map((pace) => [keyOf(pace), pace.factor]));
  });
  protected readonly lines = computed(() =>
    pacesByManner(this.records())
      .map((pace) => ({
        ...pace,
        before: this.before().get(keyOf(pace)) ?? null,
        key: keyOf(pace),
        name: upperFirst(pace.kind.replaceAll('-', ' ')),
        how: [pace.tool, pace.access === '' ? '' : lowerFirst(ACCESS[pace.access as keyof typeof ACCESS] ?? pace.access)]
          .filter((text) => text !== '')
          .join(', '),
        aside: this.editor.shop().paceSetAside[pace.kind] ?? null,
      }))
      .sort((a, b) => a.name.localeCompare(b.name) || b.records - a.records),
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

  protected setPace = (kind: OperationKind, reason: string | null): boolean =>
    this.editor.set('paceSetAside', withReason(this.editor.shop().paceSetAside, kind, reason));
  protected setUse = (key: string, reason: string | null): boolean =>
    this.editor.set('useSetAside', withReason(this.editor.shop().useSetAside, key, reason));
}

/** With the reason for what is set aside, or without it. */
function withReason<R extends Readonly<Record<string, string>>>(all: R, key: string, reason: string | null): R {
  const others = Object.entries(all).filter(([own]) => own !== key);
  return Object.fromEntries(reason === null ? others : [...others, [key, reason]]) as R;
}

const keyOf = ({ kind, tool, access }: Pick<PaceRecord, 'kind' | 'tool' | 'access'>): string => `${kind} ${tool} ${access}`;
