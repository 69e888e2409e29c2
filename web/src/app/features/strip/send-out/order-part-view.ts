import { ChangeDetectionStrategy, Component, inject, input } from '@angular/core';
import type { OrderPart } from '@lift-bare/core';
import { NzTableModule } from 'ng-zorro-antd/table';
import { fileAddress } from '../../../api/files-api';
import { sayTime } from '../../../ui/local-time';
import { Units } from '../../../ui/units.service';

/** One part of an order: what it is, how each zone is blasted, what is kept off. */
@Component({
  selector: 'lb-order-part',
  imports: [NzTableModule],
  template: `
    <section>
      <h3><span class="ticket">{{ part().ticket }}</span> {{ part().name }}</h3>
      <p>{{ part().pieces }} × {{ units.inline(part().material) }}{{ part().alloy === '' ? '' : ', ' + part().alloy }}, {{ units.show(part().thickness, 'gauge') }}; {{ units.show(part().mass, 'mass') }} {{ part().massFrom === 'scale' ? 'weighed' : 'worked out' }}{{ size() }}.@if (part().onIt !== '') { On it: {{ part().onIt }}. }</p>
      <nz-table nzTemplateMode>
        <thead><tr><th>Zone</th><th class="num">Area</th><th>Medium</th><th class="num">At the nozzle, at most</th><th>Held</th><th>Wanted</th></tr></thead>
        <tbody>
          @for (line of part().lines; track line.zone) {
            <tr><td>{{ line.zone }}</td><td class="num">{{ units.show(line.area, 'area') }}</td><td><b>{{ line.medium }}{{ line.wet ? ', wet' : '' }}</b></td><td class="num"><b>{{ units.show(line.pressure, 'pressure') }}</b></td><td>{{ units.text(held(line)) }}</td><td>{{ units.text(line.result) }}<span class="small soft">{{ units.text(line.why) }}</span></td></tr>
          }
        </tbody>
      </nz-table>
      @if (part().keepOff.length > 0) { <p class="off"><span aria-hidden="true">▲</span> <b>Do not blast:</b> {{ units.text(part().keepOff.join('; ')) }}</p> }
      @if (part().plug.length > 0) { <p class="off"><span aria-hidden="true">▲</span> <b>Plug or mask before:</b> {{ units.text(part().plug.join('; ')) }}</p> }
      @if (part().primeWithin; as within) { <p><b>Primer within {{ units.minutes(within) }}{{ part().primeBy ? ', by ' + time(part().primeBy!) : '' }}.</b> {{ units.text(part().primeReason) }}</p> }
      @if (part().photos.length > 0) { <div class="photos">@for (photo of part().photos; track photo.file) { <figure><img [src]="address(photo.file)" [alt]="photo.caption || part().name" loading="lazy" /><figcaption class="small soft">{{ photo.caption }}</figcaption></figure> }</div> }
    </section>
  `,
  styles: `
    section { padding: 14px 0 4px; }
    h3 { font-size: 16px; color: var(--ink); margin-bottom: 3px; }
    .ticket { display: inline-block; min-width: 24px; text-align: center; border: 2px solid var(--ink); border-radius: 3px; padding: 0 5px; margin-right: 4px; }
    td .small { display: block; }
    .off { margin-top: 6px; }
    .off span { color: var(--care); }
    p { margin: 4px 0; }
    .photos { display: flex; gap: 10px; flex-wrap: wrap; margin-top: 6px; }
    img { height: 110px; border: 1px solid var(--line); border-radius: 3px; display: block; }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class OrderPartView {
  readonly part = input.required<OrderPart>();
  readonly jobId = input.required<string>();
  protected readonly units = inject(Units);
  protected time = sayTime;
  protected address = (file: string): string => fileAddress(this.jobId(), file);
  protected held = ({ distance, angle, edgesFirst }: OrderPart['lines'][number]): string =>
    `${Math.round(distance * 100)} cm off, ${angle}°${edgesFirst ? ', edges first' : ''}`;
  protected size(): string {
    const size = this.part().size;
    return size ? `; ${size.map((side) => this.units.show(side, 'length')).join(' × ')}` : '';
  }
}
