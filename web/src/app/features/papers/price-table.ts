import { ChangeDetectionStrategy, Component, inject, input } from '@angular/core';
import { amountText, moneyText, type CostLine, type Pricing, type Sums } from '@lift-bare/core';
import { NzTableModule } from 'ng-zorro-antd/table';
import { Units } from '../../ui/units.service';

/** Lines with their prices, and the sums under them, to the cent. */
@Component({
  selector: 'lb-price-table',
  imports: [NzTableModule],
  template: `
    <nz-table nzTemplateMode>
      <thead><tr><th>What</th><th class="num">How much</th><th class="num cost">Cost</th><th class="num">Price</th></tr></thead>
      <tbody>
        @for (line of lines(); track line.kind + line.says) { <tr><td>{{ line.says }}</td><td class="num">{{ amount(line) }}</td><td class="num soft cost">{{ money(line.cost) }}</td><td class="num">{{ money(line.price) }}</td></tr> }
        <tr class="sum"><td>Net</td><td></td><td class="num soft cost">{{ money(sums().cost) }}</td><td class="num">{{ money(sums().net) }}</td></tr>
        @if (sums().discount !== 0) {
          <tr><td>Less {{ pricing().discount }} % discount</td><td></td><td class="cost"></td><td class="num">{{ money(-sums().discount) }}</td></tr>
          <tr><td>Net after discount</td><td></td><td class="cost"></td><td class="num">{{ money(sums().taxed) }}</td></tr>
        }
        @if (pricing().tax.taxRate > 0) { <tr><td>{{ pricing().tax.taxName }} {{ pricing().tax.taxRate }} %</td><td></td><td class="cost"></td><td class="num">{{ money(sums().tax) }}</td></tr> }
        <tr class="sum"><td><b>Total{{ pricing().tax.taxRate > 0 ? '' : ', no tax added' }}</b></td><td></td><td class="cost"></td><td class="num"><b>{{ money(sums().total) }}</b></td></tr>
      </tbody>
    </nz-table>
    <p class="soft small">Stays after cost: <b>{{ money(sums().taxed - sums().cost) }}</b>{{ share() }}.</p>
  `,
  styles: '.sum td { border-top: 1px solid var(--ink); } p { margin: 4px 0 0; } @media (max-width: 640px) { .cost { display: none; } }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PriceTable {
  readonly lines = input.required<readonly CostLine[]>();
  readonly sums = input.required<Sums>();
  readonly pricing = input.required<Pricing>();
  private readonly units = inject(Units);

  protected money = (amount: number): string => moneyText(amount, this.pricing());
  protected share(): string {
    const { taxed, cost } = this.sums();
    return taxed > 0 ? `, ${((100 * (taxed - cost)) / taxed).toFixed(1)} % of the net amount` : '';
  }
  protected amount = ({ amount, unit }: CostLine): string => amountText(amount, unit, this.units.system());
}
