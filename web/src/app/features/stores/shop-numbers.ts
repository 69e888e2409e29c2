import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { toObservable, toSignal } from '@angular/core/rxjs-interop';
import { FormsModule } from '@angular/forms';
import { moneyText, tallyHours, tallyLedger, type LedgerBy, type LedgerSum } from '@lift-bare/core';
import { format, subMonths } from 'date-fns';
import { NzDatePickerModule } from 'ng-zorro-antd/date-picker';
import { NzTableModule } from 'ng-zorro-antd/table';
import { catchError, expand, EMPTY, map, of, startWith, switchMap } from 'rxjs';
import { OfferApi, type Ledger } from '../../api/offer-api';
import { Units } from '../../ui/units.service';
import { MarginChart, monthText } from './margin-chart';
import { ShopEditor } from './shop-editor';

const VIEWS = [
  ['month', 'By month'],
  ['job', 'By job'],
  ['method', 'By method'],
  ['customer', 'By customer'],
] as const;

/** What a shop lives by: margins planned and real, hours sold and worked, people and plant, and what was done twice. */
@Component({
  selector: 'lb-shop-numbers',
  imports: [FormsModule, NzDatePickerModule, NzTableModule, MarginChart],
  templateUrl: './shop-numbers.html',
  styleUrl: './shop-part.css',
  styles: `
    nz-range-picker { width: 270px; }
    .side-by-side { margin-top: 20px; }
    .less { color: var(--stop); }
    .side-by-side { display: grid; grid-template-columns: repeat(auto-fit, minmax(260px, 1fr)); gap: 10px 34px; }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ShopNumbers {
  private readonly api = inject(OfferApi);
  private readonly editor = inject(ShopEditor);
  protected readonly units = inject(Units);
  protected readonly views = VIEWS;
  protected readonly by = signal<LedgerBy>('month');
  protected readonly days = signal<[Date, Date]>([subMonths(new Date(), 12), new Date()]);
  private readonly span = computed(() => this.days().map((day) => format(day, 'yyyy-MM-dd')) as [string, string]);

  protected readonly answer = toSignal(
    toObservable(this.span).pipe(
      switchMap(([from, to]) =>
        this.api.ledger(from, to).pipe(
          // A look works some jobs out; it goes on until all are.
          expand(({ left }) => (left > 0 ? this.api.ledger(from, to) : EMPTY)),
          map((ledger): { ledger: Ledger | null; trouble: boolean } => ({ ledger, trouble: false })),
          catchError(() => of({ ledger: null, trouble: true })),
          startWith({ ledger: null, trouble: false }),
        ),
      ),
    ),
    { initialValue: { ledger: null, trouble: false } },
  );
  private readonly jobs = computed(() => this.answer().ledger?.jobs ?? []);
  /** others are told apart and left out of the sums */
  private readonly currency = computed(() => this.editor.shop().currency);
  protected readonly counted = computed(() => this.jobs().filter(({ currency }) => currency === this.currency()));
  protected readonly others = computed(() => this.jobs().length - this.counted().length);
  protected readonly rows = computed(() => tallyLedger(this.counted(), this.by()));
  protected readonly months = computed(() => tallyLedger(this.counted(), 'month'));
  protected readonly people = computed(() => tallyHours(this.counted(), 'people'));
  protected readonly plant = computed(() => tallyHours(this.counted(), 'plant'));
  protected readonly rework = computed(() => tallyHours(this.counted(), 'rework'));
  protected readonly table = computed(() => this.api.ledgerAddress(...this.span()));

  protected money = (amount: number): string => moneyText(Math.round(amount), { currency: this.currency() });
  protected readonly name = ({ key }: LedgerSum): string => (this.by() === 'month' ? monthText(key) : key);
  protected share = (part: number, whole: number): string => (whole > 0 ? `${((100 * part) / whole).toFixed(0)} %` : '');
  protected setDays(days: (Date | null)[] | null): void {
    const [from, to] = days ?? [];
    if (from && to) this.days.set([from, to]);
  }
}
