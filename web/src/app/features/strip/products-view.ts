import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { compareStrippers, CATALOGUE, planStrip, restHelp, type StripperCost } from '@lift-bare/core';
import { NzTableModule } from 'ng-zorro-antd/table';
import { Units } from '../../ui/units.service';
import { StripSubject, stripperOf } from './strip-subject';

/** What each stripper costs on the whole job: price × rounds × hours, packs bought whole. */
@Component({
  selector: 'lb-products-view',
  imports: [NzTableModule],
  template: `
    <div class="block"><h2>{{ whole() ? 'On all ' + zones() + ' zones that are stripped chemically' : 'On this zone' }}</h2>
      <button type="button" class="btn quiet" (click)="whole.set(!whole())">{{ whole() ? 'This zone only' : 'Whole job' }}</button>
    </div>
    <nz-table nzTemplateMode>
      <thead><tr><th>Stripper</th><th class="num">Zones</th><th class="num">Rounds</th><th class="num">Buy</th><th class="num">Hand time, dwell</th><th class="num">All in all</th></tr></thead>
      <tbody>
        @for (row of rows(); track row.method) {
          <tr [class.out]="row.zones === 0" [class.pick]="row.method === subject.method()?.ref">
            <td>{{ row.name }}<span class="small soft">{{ units.money(row.perLitre) }} a litre</span>@if (why(row); as text) { <span class="small why">{{ text }}</span> }</td>
            <td class="num">{{ row.zones }} of {{ zones() }}</td>
            @if (row.zones > 0) {
              <td class="num">{{ row.rounds }}</td>
              <td class="num">{{ row.packs ? row.packs.count + ' × ' + units.show(row.packs.size, 'volume') : '' }}<span class="small soft">{{ units.money(row.material) }} for {{ units.show(row.litres, 'volume') }}</span></td>
              <td class="num">{{ units.hands(row.hand) }}<span class="small soft">{{ units.minutes(row.dwell) }}</span></td>
              <td class="num"><b>{{ units.money(row.total) }}</b><span class="small soft">{{ units.money(row.perSquareMetre) }} a m²</span></td>
            } @else { <td colspan="4"></td> }
          </tr>
        }
      </tbody>
    </nz-table>
    <p class="basis">Material bought in whole packs + hands at the shop's rate + waiting at the worth of a day. Setting up is the same for all and left out. Those that do the most zones come first, then the cheapest by area.</p>
  `,
  styles:
    'td .small { display: block; } td b { font-weight: 640; } .why { color: var(--care); white-space: normal; } tr.out .why { color: var(--soft); }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ProductsView {
  protected readonly subject = inject(StripSubject);
  protected readonly units = inject(Units);
  protected readonly whole = signal(true);

  private readonly chemical = computed(
    () => this.subject.context.plan()?.zones.filter(({ chosen, area }) => chosen?.family === 'chem' && area > 0) ?? [],
  );
  protected readonly zones = computed(() => (this.whole() ? this.chemical().length : 1));
  protected readonly rows = computed(() => {
    const plan = this.subject.context.plan();
    const zone = this.subject.context.zoneId();
    return plan && zone ? compareStrippers(plan, this.subject.context.shop(), CATALOGUE, this.whole() ? undefined : [zone]) : [];
  });

  /** Why it does not do every zone; on one zone also what it does of the stack and what takes the rest. */
  protected why({ method, refused }: StripperCost): string {
    const [first, ...others] = refused;
    if (!first) return '';
    if (this.whole()) return `not ${first.zone}: ${first.why}${others.length > 0 ? `, and ${others.length} more` : ''}`;
    return `${first.why}${this.rest(method)}`;
  }

  private rest(ref: string): string {
    const facts = this.subject.facts();
    const stripper = stripperOf(this.subject.context.catalogue().methods[ref]);
    const outcome = facts && stripper ? planStrip(facts, stripper) : null;
    if (!facts || !outcome || outcome.blockedBy.length === 0) return '';
    const reach = outcome.plan?.reach ?? 0;
    const help = restHelp(facts, reach, this.subject.context.catalogue());
    const above =
      reach === 0
        ? ', the topmost layer'
        : `: it takes ${reach} of ${facts.off.length} layers in ${outcome.plan?.rounds.length} rounds and stops at ${outcome.blockedBy[0]?.toLowerCase()}`;
    return (
      above +
      (help
        ? `; ${this.units.inline(help.method.name)} would take the rest in ${this.units.hands(help.effort.hand)}`
        : '; no hand method may take the rest')
    );
  }
}
