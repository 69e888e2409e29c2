import { DatePipe } from '@angular/common';
import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { Store } from '@ngrx/store';
import { NzQRCodeModule } from 'ng-zorro-antd/qr-code';
import { NzTableModule } from 'ng-zorro-antd/table';
import { catchError, of, switchMap, timer } from 'rxjs';
import { DeviceApi, type Connected } from '../../api/device-api';
import { BenchActions } from '../../state/bench.actions';
import { browserText } from './browser-text';

/** ms between two looks. */
const EVERY = 5000;
const LOOPBACK = ['localhost', '127.0.0.1', '[::1]'];

/** Screens that are connected, the address for one more as a code to be read by its camera, and the instruments. */
@Component({
  selector: 'lb-shop-screens',
  imports: [DatePipe, NzQRCodeModule, NzTableModule],
  template: `
    <h2>One more screen</h2>
    @for (address of addresses(); track address) {
      <div class="join">
        <nz-qrcode nzType="svg" [nzValue]="address + '/bench'" [nzSize]="148" nzColor="#1c2226" nzBgColor="#ffffff" [nzBordered]="false" aria-hidden="true" />
        <p>Read this with the camera of the tablet, or type <b>{{ address }}</b>. It is asked for the passphrase of the workshop once.</p>
      </div>
    } @empty {
      <p class="note ask"><b>The shop answers this machine alone</b>Start it with LIFT_BARE_HOST=0.0.0.0 and a LIFT_BARE_PASSPHRASE to work with tablets in the same network.</p>
    }
    <h2>Connected now</h2>
    <nz-table #table [nzData]="screens()" [nzFrontPagination]="false" [nzShowPagination]="false" [nzNoResult]="state() === null ? 'The server is not reached.' : 'No screen listens.'">
      <thead><tr><th>Who</th><th>Browser</th><th>Address</th><th>Since</th></tr></thead>
      <tbody>
        @for (screen of table.data; track $index) {
          <tr><td>{{ screen.name || 'nobody said' }}</td><td>{{ browser(screen.browser) }}</td><td>{{ screen.address }}</td><td>{{ screen.since | date: 'EEE d MMM, HH:mm' }}</td></tr>
        }
      </tbody>
    </nz-table>
    <h2>Instruments</h2>
    <p class="soft">Read at the bench where a hold point asks for a figure. A real one stands in LIFT_BARE_GAUGES with kind and address; the others are stand-ins that invent likely figures, to practise with.</p>
    <nz-table #instruments [nzData]="gauges()" [nzFrontPagination]="false" [nzShowPagination]="false" nzNoResult="No instrument is set up.">
      <thead><tr><th>Instrument</th><th>Reads</th><th>Where</th></tr></thead>
      <tbody>
        @for (gauge of instruments.data; track gauge.kind) { <tr><td>{{ gauge.name }}</td><td>{{ gauge.unit }}</td><td>{{ gauge.where }}</td></tr> }
      </tbody>
    </nz-table>
  `,
  styleUrl: './shop-part.css',
  styles: `
    .join { display: flex; flex-wrap: wrap; gap: 18px; align-items: center; margin: 8px 0; }
    .join p { max-width: 42ch; }
    nz-qrcode { padding: 8px; background: #fff; border-radius: 4px; }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ShopScreens {
  private readonly api = inject(DeviceApi);
  protected readonly state = toSignal(
    timer(0, EVERY).pipe(switchMap(() => this.api.connected().pipe(catchError(() => of<Connected | null>(null))))),
    { initialValue: { screens: [], addresses: [] } satisfies Connected },
  );
  protected readonly screens = computed(() => [...(this.state()?.screens ?? [])]);
  protected readonly gauges = toSignal(this.api.gauges().pipe(catchError(() => of([]))), { initialValue: [] });
  /** this page's own address where it is reached over the network already */
  protected readonly addresses = computed(() => (LOOPBACK.includes(location.hostname) ? (this.state()?.addresses ?? []) : [location.origin]));
  protected readonly browser = browserText;

  constructor() {
    // This screen counts as well.
    inject(Store).dispatch(BenchActions.joined());
  }
}
