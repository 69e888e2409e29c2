import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { coatByRef, packsToBuy, planMix, SPRAY_CAN, type CoatPlan } from '@lift-bare/core';
import { NzTableModule } from 'ng-zorro-antd/table';
import { JobContext } from '../../state/job-context';
import { gramsText } from '../../ui/grams-text';
import { Units } from '../../ui/units.service';

const GUNS = { hvlp: 'a low-pressure gun', conventional: 'a conventional gun', airless: 'airless' } as const;

/** What is mixed for one coat of each product: batch within the pot life, parts by volume and step by step on the scale. */
@Component({
  selector: 'lb-mix-view',
  imports: [NzTableModule],
  template: `
    @for (mix of mixes(); track mix.coat.name) {
      <section>
        <div class="block"><h2>{{ mix.coat.name }}</h2><span class="soft">{{ mix.coat.coats }} {{ mix.coat.coats === 1 ? 'coat' : 'coats' }}, {{ units.show(mix.coat.wetFilm, 'film') }} wet each</span></div>
        <p class="soft">{{ area(mix.coat.covers) }} from a litre in one coat by the formula, {{ area(mix.coat.covers * mix.coat.lands) }} with {{ tool(mix.coat) }} on this shape@if (mix.coat.weighed; as own) {, as cans of {{ own.jobs }} {{ own.jobs === 1 ? 'job' : 'jobs' }} weighed: × {{ own.factor.toFixed(2) }} of the catalogue}.@if (mix.coat.filling > 0) { The profile swallows {{ units.show(mix.coat.filling, 'volume') }}. } {{ units.show(mix.coat.litres, 'volume') }} for this zone with all coats: <b>{{ mix.packs.count }} × {{ units.show(mix.packs.size, 'volume') }}</b>, a tenth spare; the kit adds up the zones.</p>
        @if (mix.plan.cans !== null) {
          <p><b>{{ mix.plan.cans }} {{ mix.plan.cans === 1 ? 'can' : 'cans' }}</b> of {{ units.show(can, 'volume') }} for all coats. Shake two minutes after the ball is free, warm it to room temperature.</p>
        } @else {
          <p>{{ units.show(mix.plan.perCoat, 'volume') }} ready to lay on for one coat{{ mix.plan.batches > 1 ? ', in ' + mix.plan.batches + ' batches of ' + units.show(mix.plan.perCoat / mix.plan.batches, 'volume') : '' }}.
            @if (mix.plan.ratio; as ratio) { {{ ratio[0] }} : {{ ratio[1] }} by volume, {{ mix.plan.hardener }}. }
            @if (mix.plan.most; as most) { Mix no more than <b>{{ units.show(most, 'volume') }}</b> at {{ units.show(celsius(), 'temperature') }}: pot life {{ units.minutes(mix.coat.potLife ?? 0) }}. }</p>
          @if (mix.small) { <p class="note care"><b>Too little for the scale</b>A step of {{ grams(scale()) }} is more than a twentieth of the hardener; mix {{ units.show(mix.plan.least ?? 0, 'volume') }} or more, measure by syringe, or use a finer scale.</p> }
          @if (mix.coat.potLife === null && mix.plan.parts.length === 1) { <p class="soft">One-pack: stir, strain, lay on.</p> } @else {
            <nz-table nzTemplateMode>
              <thead><tr><th>Pour in, in this order</th><th class="num">Volume</th><th class="num">Mass</th><th class="num">Scale shows</th></tr></thead>
              <tbody>@for (part of mix.plan.parts; track part.name) { <tr><td>{{ part.name }}</td><td class="num">{{ ml(part.litres) }}</td><td class="num">{{ grams(part.grams) }}</td><td class="num"><b>{{ grams(part.shows) }}</b></td></tr> }</tbody>
            </nz-table>
          }
        }
      </section>
    } @empty { <p class="lead">Nothing is mixed for this topcoat.</p> }
    <p class="basis">Batch: what is laid on in 0.8 of the pot life, which halves for every 10 °C more. Ratios, densities and pot lives are starting values until the data sheet is entered; hardener by temperature: common practice, no source.</p>
  `,
  styles: 'section { margin-bottom: 22px; } p { margin-bottom: 8px; } .note { margin-bottom: 10px; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class MixView {
  readonly coats = input.required<readonly CoatPlan[]>();
  private readonly context = inject(JobContext);
  protected readonly units = inject(Units);
  protected readonly can = SPRAY_CAN.litres;
  protected readonly grams = gramsText;
  protected readonly celsius = computed(() => this.context.job()?.place.temperature ?? 20);
  protected readonly scale = computed(() => this.context.shop().scale);
  protected readonly mixes = computed(() =>
    this.coats().map((coat) => {
      const plan = planMix(coat, { celsius: this.celsius(), resolution: this.scale(), can: this.can });
      const packs = packsToBuy(coat.litres, coatByRef(coat.product, this.context.catalogue())?.packs ?? [1]);
      return { coat, plan, packs, small: plan.least !== null && plan.least > plan.perCoat / plan.batches };
    }),
  );

  protected area = (squareMetres: number): string => this.units.show(squareMetres, 'area');
  protected tool = ({ apply }: CoatPlan): string => ({ gun: GUNS[this.context.shop().gun], roller: 'a roller', aerosol: 'an aerosol' })[apply];
  protected ml = (litres: number): string =>
    this.units.system() === 'us' ? this.units.show(litres, 'volume') : `${litres < 0.01 ? (litres * 1000).toFixed(1) : Math.round(litres * 1000)} ml`;
}
