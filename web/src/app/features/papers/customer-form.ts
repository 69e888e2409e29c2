import { DatePipe } from '@angular/common';
import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { NzPopconfirmModule } from 'ng-zorro-antd/popconfirm';
import { OfferBook } from '../../state/offer-book';
import { TextField } from '../../ui/text-field';

/** Whom the job is for: kept beside the job, printed on papers for the customer, and taken out at one touch. */
@Component({
  selector: 'lb-customer-form',
  imports: [TextField, NzPopconfirmModule, DatePipe],
  template: `
    <h2>Customer</h2>
    <div class="form">
      <lb-text class="wide" label="Name" [value]="offers.customer().name" [most]="80" (changed)="offers.setCustomer({ name: $event })" />
      <lb-text label="Telephone" [value]="offers.customer().phone" [most]="40" (changed)="offers.setCustomer({ phone: $event })" />
      <lb-text label="Mail" [value]="offers.customer().mail" [most]="120" (changed)="offers.setCustomer({ mail: $event })" />
      <lb-text label="Order number" [value]="offers.customer().orderNumber" [most]="60" (changed)="offers.setCustomer({ orderNumber: $event })" />
      <lb-text class="full" label="Address" [value]="offers.customer().address" [lines]="2" [most]="300" (changed)="offers.setCustomer({ address: $event })" />
    </div>
    <p class="soft small">Kept apart from the job: in no export, no log and not on the bench.
      @if (isKnown()) { <button type="button" class="link" nz-popconfirm nzPopconfirmTitle="Take out all that is known of this customer? Papers that went out keep their figures. Copies of the shop made before still hold it until they are renewed." nzOkText="Take it out" nzCancelText="No" (nzOnConfirm)="forget()">Take the customer out</button> }
      @if (offers.forgottenAt(); as at) { Customer data were taken out on {{ at | date: 'd MMMM yyyy' }}. }
    </p>
  `,
  styles: 'h2 { margin: 18px 0 6px; } p { margin-top: 6px; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CustomerForm {
  protected readonly offers = inject(OfferBook);
  protected readonly isKnown = computed(() => Object.values(this.offers.customer()).some((text) => text !== ''));
  protected forget = (): void => void this.offers.forget();
}
