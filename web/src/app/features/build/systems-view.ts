import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { lowestOf, systemsFor } from '@lift-bare/core';
import { NzTableModule } from 'ng-zorro-antd/table';
import { JobContext } from '../../state/job-context';
import { ChoiceField } from '../../ui/choice-field';
import { TextField } from '../../ui/text-field';
import { TermHelp } from '../../ui/term';
import { Units } from '../../ui/units.service';

/** Every system that goes on this surface for its topcoat, cheapest first, and every other with what refuses it. */
@Component({
  selector: 'lb-systems-view',
  imports: [NzTableModule, ChoiceField, TextField, TermHelp],
  template: `
    @if (systems(); as all) {
      @if (all.open.length > 0) {
        <p>{{ all.open.length === 1 ? 'One system goes' : all.open.length + ' systems go' }} on {{ units.inline(lowest()) }}; {{ all.refused.length }} other ways of priming are refused. All were tried.</p>
        <nz-table nzTemplateMode>
          <thead><tr><th>From the surface up</th><th class="num"><lb-term name="dry film" /></th><th class="num">Hand time</th><th class="num">Product and hands</th><th></th></tr></thead>
          <tbody>
            @for (system of all.open; track system.names.join()) {
              <tr [class.pick]="system.primers.join() === planned()"><td>{{ system.names.join(', ') }}@if (system.primers.join() === planned()) { <span class="flag ok">planned</span> }</td><td class="num">{{ units.show(system.dryFilm, 'film') }}</td><td class="num">{{ units.hands(system.hand) }}</td><td class="num"><b>{{ units.money(system.cost) }}</b></td><td class="num">@if (system.primers.join() !== planned()) { <button type="button" class="btn quiet" (click)="pick(system.primers)" [attr.aria-label]="'Plan with ' + system.names.join(', ')">Plan this</button> }</td></tr>
            }
          </tbody>
        </nz-table>
        @if (context.zone()?.system; as picked) { <p>This zone is planned with the system picked by hand. <button type="button" class="link" (click)="pick(null)">Let the plan choose</button></p> }
        <p class="basis">The plan takes the one that the shop's schools prefer, not always the cheapest; each line obeys every rule of the plan.</p>
      } @else { <p class="note stop"><b>No system exists</b>Every way of priming in catalogue and shop was tried for this topcoat on {{ units.inline(lowest()) }}; these refuse it.</p> }
      <h2>Refused, and why</h2>
      <div class="form">
        <lb-choice class="wide" label="Take a refused one all the same" [value]="against()" [options]="overrides()" placeholder="none" (changed)="pick($event.split('+'))" />
        @if (against() !== null) { <lb-text class="wide" label="Why, in writing" [value]="context.zone()?.systemReason ?? ''" [most]="2000" placeholder="needed before it is planned; stays on the run sheet" (changed)="reason($event)" /> }
      </div>
      <nz-table nzTemplateMode><tbody>
        @for (no of reasons(); track no.reason) { <tr class="out"><td class="why">{{ no.reason }}</td><td>{{ no.names }}</td></tr> }
      </tbody></nz-table>
    }
  `,
  styles:
    'td .btn { margin: -4px 0; } h2 { margin: 20px 0 6px; } .why { width: 46%; color: var(--ink) !important; } .flag { margin-left: 8px; } .note { margin-bottom: 8px; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SystemsView {
  protected readonly context = inject(JobContext);
  protected readonly units = inject(Units);
  private readonly facts = this.context.facts;
  protected readonly lowest = computed(() => {
    const facts = this.facts();
    return facts ? lowestOf(facts).name : '';
  });
  protected readonly systems = computed(() => {
    const [facts, zone] = [this.facts(), this.context.zonePlan()];
    if (!facts?.finish || !zone) return null;
    const ground = { method: this.context.method(), profile: zone.chosen?.profile ?? 0, acidLive: zone.bare.acidLive };
    return systemsFor(facts, facts.finish, ground, this.context.catalogue());
  });
  protected readonly planned = computed(() =>
    (this.context.zonePlan()?.build?.coats ?? [])
      .filter(({ role }) => role !== 'colour')
      .map(({ product }) => product)
      .join(),
  );
  /** each reason once, with the ways that it refuses */
  protected readonly reasons = computed(() => {
    const byReason = new Map<string, string[]>();
    for (const { reason, names } of this.systems()?.refused ?? [])
      byReason.set(reason, [...(byReason.get(reason) ?? []), names.join(' + ') || 'no primer']);
    return [...byReason].map(([reason, names]) => ({
      reason: this.units.text(reason),
      names: names.length > 3 ? `${names.slice(0, 2).join('; ')} and ${names.length - 2} more` : names.join('; '),
    }));
  });

  /** refused systems, to be taken with a written reason */
  protected readonly overrides = computed(() =>
    (this.systems()?.refused ?? []).flatMap(({ primers, names }) =>
      primers && primers.length > 0 ? [{ value: primers.join('+'), label: names.join(' + ') }] : [],
    ),
  );
  protected readonly against = computed(() => {
    const picked = this.context.zone()?.system?.join('+') ?? null;
    return this.overrides().some(({ value }) => value === picked) ? picked : null;
  });
  protected reason = (text: string): void => this.context.editZone('system reason', (zone) => ({ ...zone, systemReason: text }));
  protected pick = (primers: readonly string[] | null): void =>
    this.context.editZone('system', (zone) => ({ ...zone, system: primers && [...primers] }));
}
